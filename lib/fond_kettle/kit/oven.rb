# frozen_string_literal: true

require_relative "../ground/value"

module FondKettle
  module Kit
    # An oven: it is `hotter_c` hotter than its dial says (colder: negative) and
    # gets no hotter than `most_c`.
    Oven = Value.define(:id, :name, :hotter_c, :most_c) do
      # Temperature to set on the dial, in steps of 5 °C, for `heat_c` inside.
      #
      #   Oven.new(id: 1, name: "oven", hotter_c: 12.0, most_c: 250.0).dial_c(190) # => 180
      def dial_c(heat_c)
        hotter_c.zero? ? heat_c.round : ((heat_c - hotter_c) / 5.0).round * 5
      end
    end

    USUAL_OVEN = Oven.new(id: nil, name: "the oven", hotter_c: 0.0, most_c: 300.0)
  end
end
