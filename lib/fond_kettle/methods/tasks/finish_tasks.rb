# frozen_string_literal: true

require_relative "../../care/kind"
require_relative "../made/finishing"
require_relative "beside_rice"
require_relative "carried_food"
require_relative "heat_checks"
require_relative "made_before"
require_relative "../moments"
require_relative "../made/steaming"

module FondKettle
  module Methods
    # Writes the tasks of a request once its rice is done: what comes back into the pot, whether it is
    # hot enough, the finish, and what is made of it.
    class FinishTasks
      # A finish that folds in what goes in at the end.
      FOLDS = "fold"

      # True for a dish's own StageText that is done beside the pot, to food that never lies in it.
      def self.out_of_pot?(stage)
        stage.moment == Moments::REST
      end

      # `request`: its rice ends in the `last` phase (Phases::Phase); `list`: TaskList, `amounts`:
      # TaskAmounts, `steamer`: SteamerTasks, all of that phase.
      def initialize(request, last, list, amounts, steamer)
        @request = request
        @method = request.method
        @list = list
        @amounts = amounts
        @checks = HeatChecks.new(request, list)
        @steamer = steamer
        @made = Finishing.new(request, last)
      end

      # Writes the tasks that follow `latest` (Task); `facts`: TaskFacts of the vessel.
      def write(latest, facts)
        back = @request.coming_back.any? ? @list.common("put-back", "put-back", latest) : latest
        done = finish(@checks.measured("check-heat", back, facts.core_c))
        last = own_steps(done)
        @list.common("serve", "serve", last) if @amounts.common("serve").any?
      end

      # Adds the check of food that a StageText cooks apart from the rice, to its own temperature, once it is
      # `done` (Task).
      def checked(stage, done)
        @checks.apart("check-heat.#{stage.key}", done, carried.at(stage))
      end

      # Provisions that never lie in the pot with the rice, or are done before they do.
      def elsewhere
        [*@amounts.apart, *@amounts.cooked_before, *beside.flat_map { |stage| @amounts.provisions(stage) }]
      end

      private

      # Stages (StageText) beside the pot, and after it.
      def beside
        [*@method.last_phase.between.select { |stage| self.class.out_of_pot?(stage) }, *@method.after]
      end

      def carried
        @carried ||= CarriedFood.new(@request.made_in, beside, @amounts)
      end

      def finish(last)
        key = @request.choices.finish || @method.finish unless finished?
        last = @list.common("finish", key, last) if key
        return last if key == FOLDS || @amounts.common("strew").empty?

        @list.common("strew", "strew", last)
      end

      # Steps after the rice that this plan has.
      def after
        @method.after.select { |stage| @made.step?(stage.kind) }
      end

      # Each step after the one before it; what is done beside the rice is over when it is brought to it.
      def own_steps(done)
        beside = BesideRice.new(@request.made_in, after)
        after.reduce(done) do |before, stage|
          needed = MadeBefore.of(@list.tasks, @request.made_in, stage)
          next made(stage, needed) && before if beside.include?(stage)

          one_after(stage, waiting(before, needed), done)
        end
      end

      # The rice waits for what is brought to it.
      def waiting(before, needed)
        new = needed - [*before]
        new.empty? ? before : [*before].map { |task| @list.loosely(task) } + new
      end

      # Water under a steamer gets hot while hands are at work, once the rice is `done`.
      def one_after(stage, before, done)
        return made(stage, before) unless stage.kind == Steaming::KIND

        [*before, made(stage, [*done].map { |task| @list.loosely(task) })]
      end

      # A dish's own step takes as long as that says.
      def made(stage, last)
        min = @made.minutes(stage.kind) if stage.section == "after"
        done = checked(stage, @list.own("after.#{stage.key}", stage, last, min: min))
        parcels = @made.portions.parcels if stage.kind == Parcels::STEAM
        parcels ? rounds(stage, parcels, done) : done
      end

      # What does not lie in the steamer at once goes in after that, and all of it is hot to its heart.
      def rounds(stage, parcels, first)
        last = parcels.rounds.drop(1).reduce(first) do |before, round|
          id = "after.#{stage.key}.#{round.number}"
          @list.common(id, "next-round", @steamer.boiled(before, round.top_up, id),
                       min: parcels.timed_min, **@steamer.values(round.top_up, round.words))
        end
        @checks.measured("check-heat.heart", last, Parcels::HEART_C.round)
      end

      # A last step of its own takes the place of the method's finish.
      def finished?
        @method.after.any? { |stage| Care::Kinds.fetch(stage.kind).finishes }
      end
    end
  end
end
