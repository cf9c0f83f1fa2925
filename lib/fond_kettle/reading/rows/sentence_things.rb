# frozen_string_literal: true

require_relative "../../larder/names"
require_relative "../words/amount_forms"
require_relative "../words/loose_measures"
require_relative "../words/verbs"
require_relative "row_words"
require_relative "run_together"

module FondKettle
  module Reading
    # Things of a row each of whose sentences is one: "Onions 8. Oil 200 ml. Salt."
    module SentenceThings
      FIRST_WORD = /\A(?:an?|two|three|four|half|\d+)\s/i
      LONGEST = 70
      WORDS = 8
      # A sentence with these tells something.
      SAYS = /\b(?:is|are|was|were|will|goes|go|should|can|must|have|has|i|we|it|you|in|low|lid|off|pot
               |pan)\b/ix
      JUICE = /\A(?:the\s+)?(?:juice|zest)\s+of\s+(?:\d|an?\b|half\b|two\b)/i
      ASIDE = /\s*\([^()]*\)/
      # So many are a list, whatever they are.
      FEW = RunTogether::FEW

      module_function

      # Texts of the things, or nil for any other row.
      #
      #   of("Butter 60 g + oil 3 tbsp. Yoghurt 2 tbsp.") # => ["Butter 60 g + oil 3 tbsp", "Yoghurt 2 tbsp"]
      def of(row)
        things = row.split(/\.\s+/).map { |one| one.delete_suffix(".") }
        return if things.one?
        return things if things.all? { |one| several?(one) }

        things if things.size > FEW && (things.all? { |one| thing?(one) } || mostly?(things))
      end

      # "Butter 60 g + oil 3 tbsp", "yoghurt 2 tbsp"
      def several?(text)
        text.split(/\s+\+\s+/).all? do |one|
          RunTogether.counted_behind?(one) || (one.match?(FIRST_WORD) && RunTogether.counted?(one))
        end
      end

      # True where all are things in a cook's words, and more than half are so for certain.
      def mostly?(things)
        things.all? { |one| told_thing?(one) } && things.count { |one| thing?(one) } * 2 > things.size
      end

      def thing?(text)
        return true if listed?(text) || measured?(text)
        return true if text.match?(AmountForms::ALL_BEHIND) && !RowWords.puts_to?(text)

        text.match?(FIRST_WORD) && !(Larder::Names.ours.find(text) || Larder::Names.ours.grain(text)).nil?
      end

      # "2 bunches coriander, 4 chillies", "8 chicken thighs, bone in (1.1 kg)"
      def listed?(text)
        parts = RunTogether.foods(text)
        return parts.all? { |one| RunTogether.counted?(one) || RunTogether.food?(one) } if parts.size > 1

        first, *said = text.gsub(ASIDE, "").split(/,\s+/)
        RunTogether.counted?(first.to_s) && said.all? { |one| one.match?(RunTogether::SAID_OF_IT) }
      end

      # A thing in the words of a cook: "A cup and a half of long rice", "Cheese to grate".
      def told_thing?(text)
        text.size < LONGEST && !text.match?(SAYS) && Verbs.found(text.sub(RunTogether::TO_DO, "")).empty?
      end

      def measured?(text)
        text.match?(JUICE) || RunTogether.food?(text) || weighed?(text) || loose?(text)
      end

      # "Raisins, small handful", "butter, a lump the size of a walnut"
      def loose?(text)
        certain = LooseMeasures.certain(text).text
        text.split.size <= WORDS && certain != text && RunTogether.counted?(certain)
      end

      # "1 kg carrots, cut into matches": an amount of a food, and nothing to be done.
      def weighed?(text)
        text.match?(RunTogether::COUNT) && RunTogether.counted?(text) &&
          Verbs.found(text).none? { |one| one.from.zero? }
      end
      private_class_method :listed?, :several?, :mostly?, :thing?, :told_thing?, :weighed?, :loose?,
                           :measured?
    end
  end
end
