# frozen_string_literal: true

require_relative "../../html/markup"

module FondKettle
  module Web
    module Drawings
      # A bag of rice, tied at its neck, full to a part of it.
      module Bag
        Svg = Html::Markup
        WIDE = 84
        HIGH = 96
        # Where its belly begins and ends.
        NECK = 24.0
        FLOOR = 90.0
        BELLY = "M32 #{NECK} C8 34 6 #{FLOOR} 14 #{FLOOR} H70 C78 #{FLOOR} 76 34 52 #{NECK} Z".freeze
        TIE = "M28 4 L34 #{NECK} H50 L56 4 M30 #{NECK} H54".freeze

        module_function

        # SVG markup of a bag that is full to `part` (0 to 1); `id`: its own on the page; `words`: what it is.
        def draw(part, id, words)
          top = FLOOR - ((FLOOR - NECK) * part.clamp(0.0, 1.0))
          clip = Svg.tag("clipPath", Svg.tag("path", d: BELLY), id: id)
          rice = Svg.tag("rect", x: 0, y: top, width: WIDE, height: FLOOR - top, class: "rice",
                                 clip_path: "url(##{id})")
          outline = Svg.tag("path", d: BELLY, class: "thing") + Svg.tag("path", d: TIE, class: "thing")
          Svg.picture(Svg.tag("defs", clip) + rice + outline, WIDE, HIGH, words, "shelf-thing")
        end
      end
    end
  end
end
