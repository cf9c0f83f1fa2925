# frozen_string_literal: true

require_relative "../html/markup"
require_relative "parts/bag"
require_relative "parts/glass"
require_relative "parts/plate"

module FondKettle
  module Web
    module Drawings
      # Small pictures of what a pot is made with, for the front of the fields behind each: signs, not to
      # scale, with their words beside them.
      module PotThings
        Svg = Html::Markup
        SIDE = 64
        POT = "M8 22 H56 M12 22 V54 H52 V22 M12 28 H5 M52 28 H59"
        LID = "M10 18 Q32 6 54 18 Z M32 10 V6"
        BOWL = "M4 20 C6 48 20 54 32 54 C44 54 58 48 60 20"
        FLAME = "M32 6 C46 22 50 32 50 42 A18 18 0 0 1 14 42 C14 34 22 30 24 20 C28 24 30 18 32 6 Z"

        module_function

        # SVG markup of `key`, of Helpers::Things::THINGS.
        def draw(key)
          DRAWN.fetch(key)
        end

        def self.line(path)
          Svg.tag("path", d: path, class: "thing")
        end

        def self.full(path, what)
          Svg.tag("path", d: path, class: what)
        end

        def self.small(drawn, scale, left, down)
          Svg.tag("g", drawn, transform: "translate(#{left} #{down}) scale(#{scale})")
        end

        def self.picture(*drawn)
          Svg.tag("svg", drawn.join, viewBox: "0 0 #{SIDE} #{SIDE}", width: SIDE, height: SIDE,
                                     class: "shelf-thing glasses", aria_hidden: "true")
        end
        private_class_method :line, :full, :small, :picture

        DRAWN = {
          "plates" => picture(Plate.draw(x: 24, y: 36, radius: 22), Plate.draw(x: 48, y: 20, radius: 14)),
          "bag" => picture(small(full(Bag::BELLY, "rice") + line(Bag::BELLY) + line(Bag::TIE), 0.66, 4, 0)),
          "bowl" => picture(full("M5 26 C8 48 20 53 32 53 C44 53 56 48 59 26 Z", "water"),
                            full("M12 42 C18 50 26 53 32 53 C38 53 46 50 52 42 Z", "rice"), line(BOWL)),
          "pot" => picture(full("M12 34 H52 V54 H12 Z", "water"), full("M12 42 H52 V54 H12 Z", "rice"),
                           line(POT), line(LID)),
          "cup" => picture(small(Glass.draw(x: 0, y: 0, part: 0.7, what: "water"), 1.2, 12, 6)),
          "flame" => picture(full(FLAME, "flame"), line(FLAME)),
          "layers" => picture(full("M12 42 H52 V54 H12 Z", "base"), full("M12 28 H52 V42 H12 Z", "rice"),
                              line(POT), line("M8 18 H56")),
          "steamer" => picture(full("M10 34 H54 V44 H10 Z", "rice"), line("M10 24 V44 H54 V24 M10 48 H54"),
                               line("M18 16 q-4 -5 0 -10 M32 16 q-4 -5 0 -10 M46 16 q-4 -5 0 -10")),
          "board" => picture(full("M4 50 H60 V56 H4 Z", "thing"),
                             Svg.tag("circle", cx: 22, cy: 36, r: 13, class: "base"), line("M22 23 V14"),
                             Svg.tag("path", d: "M36 49 L58 16 L62 20 L44 49 Z", class: "thing"))
        }.freeze
      end
    end
  end
end
