# frozen_string_literal: true

require_relative "../words/amount_forms"
require_relative "counted_pieces"
require_relative "label_name"
require_relative "row_words"
require_relative "../words/sentences"
require_relative "../words/verbs"
require_relative "run_together"

module FondKettle
  module Reading
    # The things that a row of a list names: "limes + chilli flakes" are two.
    module ThingRow
      # Two things on a line.
      BOTH = /\s+[+&]\s+(?=[[:alpha:]])(?!wild\s+rice\b)
              (?!(?:an?\s+|some\s+)?(?:(?:little|bit|touch|dash)\s+)?(?:more|extra)\b)
              (?!(?:[[:alpha:]]+ed|juice|zest|peel|rind|stalks|leaves)
              (?:\s*\([^()]*\))?\z)/x
      # "To serve: yoghurt"
      FOR_TABLE = /\A(?:to\s+(?:serve|finish|garnish|top)
                   |for\s+(?:the\s+)?(?:table|serving|garnish|top))\s*:\s+/ix
      # "Basmati rice – 1.5 cups (soaked 20 mins & drained)"
      DONE_TO_IT = /\s*\((?<how>[[:alpha:]]+ed\b[^()]{0,60})\)\z/

      # "Pinch saffron in 3 tbsp milk"
      SOME = /\A(?:an?\s+)?(?:pinch|handful|knob|bunch|sprig)s?\s+[^.]*\z/i

      module_function

      # [the row as it is read, each thing of it]
      #
      #   apart("limes + chilli flakes") # => ["limes + chilli flakes", ["limes", "chilli flakes"]]
      def apart(row)
        named = LabelName.named(row)
        return [row, [named]] if named

        bare = row.sub(FOR_TABLE, "").sub(RunTogether::FOR, "")
        told = bare.sub(DONE_TO_IT) { ", #{Regexp.last_match[:how].sub(' & ', ' and ')}" }
        return [told, [told]] if told.match?(AmountForms::RICE_BEHIND)

        counted = CountedPieces.of(told)
        return [told, counted] if counted

        things = RunTogether.foods(labelled?(told) ? told.sub(RunTogether::LABEL, "") : told)
        [told, things.flat_map { |text| text.split(BOTH) }]
      end

      # "Fish: 4 fillets, 1 tsp turmeric, salt. Rub and fry them.": what it begins with is listed, wherever it
      # stands.
      def heads_list?(row)
        first, told = Sentences.of(row)
        return false unless told && first.match?(RunTogether::LABEL)

        bare = first.sub(RunTogether::LABEL, "")
        things = RunTogether.things(bare)
        RowWords.amount?(bare) && things.size > 1 && Verbs.found(bare).empty? &&
          things.none? { |thing| thing.match?(RunTogether::OF_KNOWN) }
      end

      # "To layer: a pinch of saffron in 3 tbsp warm milk; 1 tbsp ghee"
      def apart_by_signs?(row)
        _, *more = parts = row.sub(RunTogether::LABEL, "").split(/;\s+/)
        more.any? && row.match?(RunTogether::LABEL) &&
          parts.all? { |part| RunTogether.counted?(part) || part.match?(SOME) }
      end

      # "Peas: 1 cup dry red peas"
      def labelled?(row)
        row.match?(RunTogether::LABEL) && RowWords.amount?(row.sub(RunTogether::LABEL, ""))
      end
    end
  end
end
