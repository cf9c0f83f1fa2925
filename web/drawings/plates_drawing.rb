# frozen_string_literal: true

require_relative "../html/markup"
require_relative "parts/plate"

module FondKettle
  module Web
    module Drawings
      # So many plates in a row, to be counted; of more than can be counted at a glance one with its number.
      class PlatesDrawing
        Svg = Html::Markup
        MOST = 12
        RADIUS = 22.0
        GAP = 6.0
        HIGH = 50

        def initialize(count)
          @count = count
        end

        # SVG markup, or "" for nobody.
        def to_s
          return "" unless @count.positive?

          row = @count > MOST ? 1 : @count
          plates = Array.new(row) { |index| Plate.draw(x: middle(index), y: HIGH / 2.0, radius: RADIUS) }.join
          plates += Svg.text("× #{@count}", x: middle(1), y: 31, class: "label") if row < @count
          wide = (middle(row) + (row < @count ? 60 : -GAP)).ceil
          Svg.picture(plates, wide, HIGH, @count == 1 ? "1 plate" : "#{@count} plates", "plates")
        end

        private

        def middle(index)
          RADIUS + 2 + (index * ((2 * RADIUS) + GAP))
        end
      end
    end
  end
end
