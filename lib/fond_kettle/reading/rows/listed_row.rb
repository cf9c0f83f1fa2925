# frozen_string_literal: true

require_relative "../words/sentences"
require_relative "../words/serving_count"
require_relative "row_words"
require_relative "run_together"

module FondKettle
  module Reading
    # A row that lists several things, and may say behind them what is done: "Fish: 4 fillets. Rub them."
    class ListedRow
      # "Blend them": what was listed right before.
      THEM = /\A\W*[[:alpha:]]+\s+(?:them|these|everything|it\s+all|all\s+of\s+it)\b/i

      # What it lists, the sentences behind that, and texts among its things that are none.
      attr_reader :things, :told, :not_read
      # The part of the dish for which it is ("Fish:"), or nil.
      attr_reader :label

      # `row`: a text with one label at most.
      def initialize(row)
        @label = row[RunTogether::LABEL]
        sentences = Sentences.of(row).reject { |sentence| ServingCount.only?(sentence) }
        @told = sentences.drop_while { |sentence| !RowWords.begun?(sentence) }
        list = sentences.first(sentences.size - @told.size)
        @not_read, @things = list.flat_map { |one| RunTogether.things(one) }
                                 .partition { |one| RunTogether.told?(one) }
        @told[0] = [*list.last, @told.first].join(" ") if @told.first&.match?(THEM)
      end
    end
  end
end
