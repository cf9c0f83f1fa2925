# frozen_string_literal: true

require_relative "../../larder/names"
require_relative "../../measure/durations"
require_relative "../../measure/numeral"
require_relative "../words/amount_forms"
require_relative "../words/sentences"
require_relative "../words/verbs"

module FondKettle
  module Reading
    # Tells an amount, a time, something to be done in a row of a text.
    module RowWords
      # What was done to it stands behind: "Basmati rice – 1.5 cups (soaked 20 mins)".
      BRACKETS = /\s*\([^()]*\)\s*\z/
      MEASURE = /\b\d[\d.,]*\s?(?:g|kg|ml|l|cups?|lb|oz)\s+(?:of\s+)?/i
      # What is done to a thing in its pot, and how it is closed: "salmon on top, lid, oven, 20 mins".
      COOKS = %w[fry simmer boil reduce low bake steam stir].freeze
      PREHEAT = "preheat"
      RICE = "rice"
      AMOUNT_LAST = [AmountForms::ALL_BEHIND, AmountForms::MUGS_BEHIND, AmountForms::TINS_BEHIND].freeze
      CLOSED = /,\s*(?:lid|foil|oven)\b[^.]*\d\s*(?:min|m\b)/i

      TO_IT = /\A\W*(?:to|into)\s+(?:the|this|that|these)\b[^.,;:]{1,40}\b(?:add|stir|put|tip|mix)\b/i

      module_function

      # "To the rest add the raisins"
      def puts_to?(text)
        text.match?(TO_IT)
      end

      # True where it begins with a verb.
      def begun?(text)
        Verbs.found(text).first&.from&.zero? || false
      end

      # "Preheat the oven to 190 °C."
      def heats_oven?(text)
        Verbs.found(text).any? { |one| one.verb.kind == PREHEAT }
      end

      # True where a time stands in it, and no thing with its amount before that: "300 g rice, soaked 2 h".
      def timed?(text)
        first = Measure::Durations.all(text).first
        !first.nil? && !(first.from.positive? && amount?(text))
      end

      # "2 leeks sliced, sweat in butter": behind a comma it says how it is cooked.
      def cooked?(text)
        at = text.index(",") or return false
        return true if text[at..].match?(CLOSED)

        Verbs.found(text).any? { |one| one.from > at && COOKS.include?(one.verb.kind) }
      end

      # True where a time stands in it, or a verb begins one of its sentences.
      def told?(row)
        sentences = Sentences.of(row)
        Measure::Durations.all(row).any? || (sentences.size > 1 && sentences.any? { |one| begun?(one) })
      end

      # True where it says how much of something, before or behind it.
      def amount?(text)
        text.match?(AmountForms::BEGINS) || !Measure::Numeral.read(text).nil? || amount_behind?(text)
      end

      # True where so much of a food stands within it.
      def measures?(sentence)
        sentence.split(MEASURE).drop(1).any? { |behind| Larder::Names.ours.find(behind[/\A[^,.;]{2,40}/].to_s) }
      end

      # "Butter 60 g": it begins with no verb, for all of it before the amount is a food.
      def food_first?(text)
        food = before_amount(text)
        !food.nil? && (Larder::Names.ours.whole?(food) || !Larder::Names.ours.grain(food).nil?)
      end

      # "Brown lentils 1 cup": a food, and behind it how much.
      def amount_behind?(text)
        food = before_amount(text)
        !food.nil? && !(Larder::Names.ours.find(food) || Larder::Names.ours.grain(food)).nil?
      end

      # Text before an amount, or nil.
      def before_amount(text)
        bare = text.sub(BRACKETS, "")
        return RICE if bare.match?(AmountForms::RICE_AMID)

        AMOUNT_LAST.lazy.filter_map { |way| way.match(bare) }.first&.[](:what)
      end
      private_class_method :before_amount
    end
  end
end
