# frozen_string_literal: true

require_relative "../measure/durations"
require_relative "verbs"

module FondKettle
  module Reading
    # The rows of a text that stand below an empty one and tell what is done, however short they are and
    # without a full stop: "toms in, reduce till thick, 10 min".
    module MethodBlocks
      AMOUNT = /\A(?:[-*•–]\s+)?(?:about\s+|an?\s+|half\s+|[\d½¼¾⅓⅔⅛])/i
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
        begun = block.count { |row| row.match?(AMOUNT) }
        done = block.count { |row| Verbs.found(row).any? || Measure::Durations.all(row).any? }
        block.size > 1 && begun <= MOST * block.size && done >= LEAST * block.size
      end
      private_class_method :told?
    end
  end
end
