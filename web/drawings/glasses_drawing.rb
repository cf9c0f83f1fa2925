# frozen_string_literal: true

require_relative "../../lib/fond_kettle/measure/numeral"
require_relative "../../lib/fond_kettle/measure/spoken"
require_relative "../html/markup"
require_relative "parts/glass"

module FondKettle
  module Web
    module Drawings
      # An amount as glasses to count: each full one drawn, the last to its part, then the spoons with their
      # number; what is taken out again is an empty spoon with a minus.
      class GlassesDrawing
        Svg = Html::Markup
        # More than so many are one glass with a number.
        MOST = 8
        GAP = 8.0
        HIGH = 54
        TOP = 4.0
        COUNT_Y = 40.0
        SIGN_WIDE = 16.0
        LETTER = 9.5

        # `measures`: the Measure::House whose cups and spoons are drawn; `what`: "water" or "rice".
        def initialize(amount_ml, measures, what)
          @parts = Measure::Spoken.parts(amount_ml, measures)
          @words = "#{what}: #{Measure::Spoken.say(amount_ml, measures)}"
          @spoons = measures.spoons
          @what = what
          @x = 1.5
        end

        # SVG markup, or "" where nothing is to be counted.
        def to_s
          return "" if @parts.empty?

          drawn = @parts.each_with_index.map { |part, index| index.zero? ? counted(*part) : more(*part) }.join
          Svg.picture(drawn, @x.ceil, HIGH, @words, "glasses")
        end

        private

        # The first part stands alone; the others are added to it or taken out of it.
        def more(count, cup, sign)
          text(sign.negative? ? "−" : "+", SIGN_WIDE) + counted(count, cup, sign)
        end

        def counted(count, cup, sign)
          @spoons.include?(cup) ? spoons(count, cup, sign) : glasses(count)
        end

        def glasses(count)
          return text("#{Measure::Numeral.write(count)} ×") + glass(1.0) if count > MOST

          whole, part = count.divmod(1)
          [*Array.new(whole, 1.0), *(part if part.positive?)].map { |full| glass(full) }.join
        end

        def glass(part)
          drawn = Glass.draw(x: @x, y: TOP, part: part, what: @what)
          @x += Glass::WIDE + GAP
          drawn
        end

        def spoons(count, cup, sign)
          drawn = Glass.spoon(x: @x, y: TOP, what: sign.negative? ? "none" : @what)
          @x += Glass::SPOON_WIDE + 2
          drawn + text("#{Measure::Numeral.write(count)} #{cup.named(count)}")
        end

        def text(words, wide = words.length * LETTER)
          drawn = Svg.text(words, x: @x, y: COUNT_Y, class: "label")
          @x += wide
          drawn
        end
      end
    end
  end
end
