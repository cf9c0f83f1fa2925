# frozen_string_literal: true

require_relative "../words/sentences"
require_relative "../words/serving_count"
require_relative "label_name"
require_relative "row_words"
require_relative "run_together"

module FondKettle
  module Reading
    # A row that lists several things, and may say behind them what is done: "Fish: 4 fillets. Rub them."
    class ListedRow
      # "Blend them": what was listed right before.
      THEM = /\A\W*[[:alpha:]]+\s+(?:them|these|everything|it\s+all|all\s+of\s+it)\b|\A\W*cover\s+with\b
              |\A\W*(?:fry|brown|roast)\s+in\s+(?:\d+|two|three|several)\s+(?:lots|batches|goes)\b/ix

      # "In a small pan heat a spoon of ghee, …", "pressure cooker, 4 whistles", "pot, lid ajar, 40 minutes"
      COOKS = /\A\W*in\s+(?:an?|the|your|another)\s+(?:[[:alpha:]]+\s+){0,2}
               (?:pan|pot|wok|kadai|karahi|skillet)\b
               |\bwhistles?\b|\A\W*pressure\s+cook|\A[^.]*\blid\b[^.]*\bmin/ix

      # "Marinade: 600 g prawns, …": what is made, and nothing to do yet.
      MADE = /\A\W*(?:the\s+)?(?:marinade|rub|dressing|seasoning|glaze|batter)\b[^:.]{0,30}:\s+(?=\S)/i

      # What it lists, the sentences behind that, and texts among its things that are none.
      attr_reader :things, :told, :not_read
      # The part of the dish for which it is ("Fish:"), or nil.
      attr_reader :label

      # `row`: a text with one label at most.
      def initialize(row)
        @label = row[RunTogether::LABEL]
        sentences = Sentences.of(row).reject { |sentence| ServingCount.only?(sentence) }
        @told = sentences.drop_while { |sentence| !told?(sentence) }
        list = sentences.first(sentences.size - @told.size)
        things = named(list.flat_map { |one| RunTogether.things(one) })
        @not_read, @things = things.partition { |one| RunTogether.told?(one) }
        @row = row
        @told[0] = [*list.last, @told.first].join(" ") if @told.first&.match?(THEM)
      end

      # The cook's words by each of its things that does not stand so in it: of "1 bunch each of dill and
      # mint" both.
      def written
        @things.reject { |text| @row.include?(text) }.to_h { |text| [text, part(text) || text] }
      end

      private

      # True for a sentence that lists nothing.
      def told?(sentence)
        return true if [Sentences::TIME_ALONE, COOKS].any? { |words| sentence.match?(words) }

        RowWords.begun?(sentence.sub(MADE, "")) || RowWords.puts_to?(sentence)
      end

      # "Salmon: 300 g fillet", "Chicken: 8 thighs"
      def named(things)
        return things if @label.nil? || things.empty?

        [LabelName.before(@label, things.first), *things.drop(1)]
      end

      # The part of the row in which a thing's name stands, or nil.
      def part(text)
        @row.sub(RunTogether::LABEL, "").split(/;\s*/).find { |one| one.include?(text[/\S+\z/]) }
      end
    end
  end
end
