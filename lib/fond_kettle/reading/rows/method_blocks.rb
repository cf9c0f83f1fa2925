# frozen_string_literal: true

require_relative "../../measure/durations"
require_relative "../words/amount_forms"
require_relative "../words/verbs"
require_relative "instructed_thing"

module FondKettle
  module Reading
    # The rows of a text that stand below an empty one and tell what is done, however short they are and
    # without a full stop: "toms in, reduce till thick, 10 min".
    module MethodBlocks
      BULLET = /\A[-*•–]\s+/
      # Of these rows so many tell what is done, and no more begin with an amount.
      LEAST = 0.5
      MOST = 0.34

      module_function

      # Those rows of all (empty ones among them), below the first block.
      def rows(all)
        blocks = all.chunk_while { |row, following| !row.empty? && !following.empty? }
                    .map { |block| block.reject(&:empty?) }.reject(&:empty?)
        blocks.drop(1).select { |block| told?(block) }.flatten
      end

      def told?(block)
        return false if block.size == 1

        begun = block.count { |row| listed?(row.sub(BULLET, "")) }
        begun <= MOST * block.size && block.count { |row| done?(row) } >= LEAST * block.size
      end

      # True for a row that begins with an amount, or names a thing with its amount and what is done to it.
      def listed?(row)
        row.match?(AmountForms::BEGINS) || !InstructedThing.thing(row).nil?
      end

      # True for a row in which something is done, or goes on for so long.
      def done?(row)
        Verbs.found(row).any? || Measure::Durations.all(row).any?
      end
      private_class_method :told?, :listed?
    end
  end
end
