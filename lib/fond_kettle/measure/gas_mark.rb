# frozen_string_literal: true

module FondKettle
  module Measure
    # The marks on a gas oven: mark 1 is 275 °F and each further mark 25 °F more;
    # below it come a half (250 °F) and a quarter (225 °F).
    module GasMark
      POINTS_F = [[0.25, 225.0], [0.5, 250.0], [1.0, 275.0], [10.0, 500.0]].freeze
      SAID = { 0.25 => "1/4", 0.5 => "1/2" }.freeze

      DIAL = [*SAID.keys, *1..10].freeze

      module_function

      #   to_c(5) # => 190.6
      def to_c(mark)
        (along(POINTS_F, mark) - 32) / 1.8
      end

      # The mark at `heat_c`, a fraction where it lies between two.
      def of_c(heat_c)
        along(POINTS_F.map(&:reverse), (heat_c * 1.8) + 32)
      end

      # The nearest mark that a dial has, as a number: 0.25, 0.5, 1 to 10. `mark` may lie between.
      def on_dial(mark)
        DIAL.min_by { |known| (to_c(known) - to_c(mark)).abs }
      end

      # The same at `heat_c`, as it is written: "1/4", "1/2", "1" to "10".
      def text(heat_c)
        mark = on_dial(of_c(heat_c))
        SAID.fetch(mark) { mark.to_s }
      end

      # A line through the points, and on beyond them.
      def along(points, at)
        pair = points.each_cons(2).find { |_, (upper, _)| at <= upper } || points.last(2)
        (from, low), (to, high) = pair
        low + ((high - low) * (at - from) / (to - from))
      end
      private_class_method :along
    end
  end
end
