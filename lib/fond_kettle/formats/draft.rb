# frozen_string_literal: true

require_relative "../ground/value"

module FondKettle
  module Formats
    # A dish as typed, or as another format has it, not checked yet: all texts, as
    # the form shows them. `left_out` says what was not taken over.
    # `way`: what it keeps of its own, by key (Dishes::WAY_FIELDS), values as they came.
    Draft = Value.define(:title, :serves, :method, :grain, :rice, :pan_mm, :lines, :steps, :note, :way,
                         :left_out) do
      const_set(:FIELDS, %i[title serves method grain rice pan_mm lines steps note].freeze)
      const_set(:BLANK,
                { title: "", serves: "4", method: "covered-pot", grain: "long-white", rice: "", pan_mm: "",
                  lines: "",
                  steps: "", note: "", way: {}.freeze, left_out: [].freeze }.freeze)

      # A Draft with the given attributes; the others are nil.
      def self.of(**known)
        new(**self::BLANK, **known)
      end
    end
  end
end
