# frozen_string_literal: true

require_relative "../../html/markup"
require_relative "pot_frame"

module FondKettle
  module Web
    module Drawings
      # A vessel that is drawn by its outline. Each says its WORD, how far its floor is narrower than its rim
      # (TAPER), whether its walls are CURVED, and its parts.
      class Shape
        Svg = Html::Markup

        # `frame`: its PotFrame.
        def initialize(frame)
          @frame = frame
        end

        # SVG markup, with what it is as its title.
        def to_s
          word = self.class::WORD
          Svg.tag("g", [Svg.tag("title", word), *parts].join, class: "shape-#{word.tr(' ', '-')}")
        end

        private

        def outline(path, width = @frame.wall)
          Svg.tag("path", d: path, class: "outline", stroke_width: width)
        end
      end
    end
  end
end
