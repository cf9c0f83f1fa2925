# frozen_string_literal: true

require_relative "../../kit/vessel_kind"
require_relative "../words/certainty"
require_relative "put_in"
require_relative "question_weight"
require_relative "../lines/rice_line"
require_relative "../vessels/vessel_course"
require_relative "soak_told"

module FondKettle
  module Reading
    # What a cook is asked about a dish that was read (`asked` of a dish of schema 2): about the whole first,
    # then lines, what goes in nowhere, and steps.
    class Questions
      # What is asked of a text that speaks of no rice, and what is taken until then.
      SIDE = "Is it without rice, a side?"
      NONE = "none"
      SERVES = "For how many is it?"
      LIKE = "Is its rice cooked like %s?"
      RICE = "How much rice? Write grams or cups."
      SEVERAL = /[^s]s\z/
      WHERE = { true => "Where do the %s go in?", false => "Where does the %s go in?" }.freeze
      # "Hot sauce, to serve" goes in nowhere.
      TO_SERVE = /\bto\s+serve\b|\bat\s+the\s+table\b/i
      # Kinds whose time the plan needs from the cook.
      NEED_MINUTES = %w[simmer low bake steam par-boil].freeze

      # What goes in for the end of what boils takes no time of its own.
      TIMED_BY_OTHERS = /\bto\s+(?:the|a)\s+boil\b|\bfor\s+the\s+(?:last|final)\b/i

      # `serves`; `method`: its key, nil for a side, with its `certainty` (Certainty); `lines`: ReadLines;
      # `course`: the Course.
      def initialize(serves, method, lines, course, certainty:)
        @serves = serves
        @method = method
        @certainty = certainty
        @lines = lines
        @course = course
      end

      # Questions about a whole dish of schema 2 (a hash), whose way is `sure` or not.
      def self.of_head(dish, sure:)
        rice = dish["rice_g"] ? [] : [["rice_g", RICE, nil]]
        way = sure ? [] : [["method", format(LIKE, dish["method"].tr("-", " ")), dish["method"]]]
        serves = dish["serves"] ? [] : [["serves", SERVES, nil]]
        [*serves, *rice, *way].map do |of, question, guess|
          { "of" => of, "question" => question, "guess" => guess }.compact
        end
      end

      # Hashes with string keys, those first that change most: what could hurt, then water, then minutes.
      def all
        steps = @course.steps
        steps = steps.each_index.flat_map { |at| of_step(steps[at], steps.drop(at + 1)) }
        found = [*of_dish, *@lines.flat_map { |line| of_line(line) }, *nowhere, *steps]
        weight = QuestionWeight.new(@lines)
        found.sort_by.with_index { |question, index| [weight.of(question), index] }
      end

      private

      def of_dish
        [(ask("serves", SERVES) unless @serves), of_rice,
         of_method].compact
      end

      def of_method
        return if @method.nil? || !Certainty.asks?(@certainty)

        ask("method", format(LIKE, @method.tr("-", " ")), guess: @method, certainty: @certainty)
      end

      def of_rice
        rice = RiceLine.of(@lines)
        return ask("grain", SIDE, guess: NONE) if @method.nil?
        return ask("grain", "Which rice is it, and how much?") unless rice

        asked = rice.questions.first || (RICE if rice.g.nil?)
        ask("rice_g", asked, guess: rice.g) if asked
      end

      # Questions about a line; those about the rice are asked of the whole dish.
      def of_line(line)
        return [] if line.grain

        line.questions.first(1).map do |words|
          ask(line.id, words, field: "g", guess: line.g, certainty: (Certainty::SHARED if line.g))
        end
      end

      # About what goes in nowhere, or only in part.
      def nowhere
        open = @course.places.untaken
        in_part = @course.places.left - open
        where(open, &:food) + where(in_part) { |line| "rest of the #{line.food}" }
      end

      # The block gives what is asked about of a line.
      def where(indexes)
        asked = @lines.values_at(*indexes).reject { |line| line.grain || line.text.match?(TO_SERVE) }
        asked.map do |line|
          ask(line.id, format(WHERE[line.food.match?(SEVERAL)], yield(line)), field: "takes")
        end
      end

      # `following`: the steps after it.
      def of_step(step, following)
        [kind(step), which(step), (minutes(step) unless ends_itself?(step, following))].compact
      end

      # What comes to the boil is done then; what is only put in, or covered, goes on in the next step.
      def ends_itself?(step, following)
        step.clause.kind == PutIn::BOIL || step.clause.say.match?(TIMED_BY_OTHERS) ||
          PutIn.goes_on?(step, following)
      end

      def kind(step)
        return unless Certainty.asks?(step.certainty)

        ask(step.id, "“#{step.clause.say}”: what is done?", field: "kind", guess: step.kind,
                                                            certainty: step.certainty)
      end

      def which(step)
        return if step.unsure.empty?

        ids = step.unsure.map { |index| @lines[index].id }
        food = @lines[step.unsure.first].food
        words = "Do you mean the #{food} in “#{step.clause.say}”?"
        ask(step.id, words, field: "takes", choices: ids, guess: ids.first, certainty: Certainty::SHARED)
      end

      def minutes(step)
        return if step.clause.minutes || step.clause.until || cooker?(step)
        return unless NEED_MINUTES.include?(step.kind) || soaks_rice?(step)

        ask(step.id, "How many minutes: “#{step.clause.say}”?", field: "minutes")
      end

      # How long the rice lies in water moves how much it wants.
      def soaks_rice?(step)
        step.kind == SoakTold::SOAK && step.vessel == VesselCourse::RICE_BOWL
      end

      # A cooker knows for how long.
      def cooker?(step)
        @course.vessels.any? { |one| one.key == step.vessel && one.kind == Kit::VesselKinds::COOKER.key }
      end

      def ask(subject, question, field: nil, choices: nil, guess: nil, certainty: nil)
        { "of" => subject, "field" => field, "question" => question, "choices" => choices,
          "guess" => guess, "certainty" => certainty }.compact
      end
    end
  end
end
