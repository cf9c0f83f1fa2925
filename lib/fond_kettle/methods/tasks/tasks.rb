# frozen_string_literal: true

require_relative "../../care/kind"
require_relative "../../clock/slot"
require_relative "../loads/base_ledger"
require_relative "base_tasks"
require_relative "finish_tasks"
require_relative "heat_checks"
require_relative "made_before"
require_relative "../loads/hot_start"
require_relative "../method"
require_relative "../moments"
require_relative "../request/pot_stages"
require_relative "round_tasks"
require_relative "steamer_tasks"
require_relative "../made/steaming"
require_relative "task_amounts"
require_relative "task_facts"
require_relative "task_list"
require_relative "task_words"
require_relative "wash_tasks"

module FondKettle
  module Methods
    # Writes the tasks of a request: wash, what each phase's base and stages are, finish.
    # Ids are unique by construction: the part, the phase and the key that is unique in it.
    class Tasks
      # What is cooked for a pot of layers may stand covered for so long; drained rice may not.
      BASE_WAITS = 20

      # Tasks (Care::Task) of `request` whose phases are solved, before they have times.
      # `more`: what its texts have filled in beside TaskWords, by name.
      def self.write(request, phases, more = {})
        new(request, phases, more).write
      end

      # The arguments are those of `write`.
      def initialize(request, phases, more)
        @request = request
        @more = more
        @method = request.method
        @phases = phases
        @list = TaskList.new(request)
        @checks = HeatChecks.new(request, @list)
        @rounds = request.rounds? ? request.pots : 1
        @meanwhile = []
      end

      # The tasks, each after those that it comes after.
      def write
        prepare(@method.phases.first, @phases.first)
        @list.at(words: @words, amounts: @amounts, facts: nil,
                 own_facts: TaskFacts.new(@request, @method.last_phase, []))
        @latest = wash
        @method.phases.zip(@phases) { |text, phase| phase(text, phase) }
        (2..@rounds).each { |number| again(number) }
        @list.round = nil
        @ending.write(@latest, @facts)
        @list.tasks.freeze
      end

      private

      # The same once more in the same pot.
      def again(number)
        @again = true
        out = between_rounds.out(number, @latest, @facts.core_c)
        prepare(@method.phases.first, @phases.first)
        @list.at(words: @words, amounts: @amounts, facts: nil)
        @meanwhile = []
        @latest = wash
        @method.phases.zip(@phases) { |text, phase| phase(text, phase, out: out) }
      end

      def base_once?
        @amounts.base.any? { |stage| @amounts.once?(stage) && stage.moment != Moments::APART }
      end

      def wash
        washing = WashTasks.new(@request, @list)
        washing.write.tap { @meanwhile = washing.meanwhile }
      end

      # The base, the rice into it, its stages; the rice was washed meanwhile. `out`: of a later round, what
      # was done before is out of the pot.
      def phase(text, phase, out: nil)
        begin_phase(text, phase)
        ready = out ? base_again(text, phase, out) : first_base(text, phase)
        return @latest = stages(text, phase, layered(ready, phase)) if text.sealed

        hot = hot_liquid(text, phase)
        filled = @list.common("fill.#{phase.key}", "fill", [*ready, *@latest, hot, *@meanwhile].compact,
                              text: @amounts.filling_text(hot: !hot.nil?), words: @steamer.filled_with)
        @latest = (1..@steamer.batches).reduce(filled) do |before, batch|
          stages(text, phase, @steamer.begun(before, batch), batch)
        end
      end

      # The base, measured where it is a broth, what is not of the first round put aside, and then what is
      # done in each round: no rice is in it when it is parted.
      def first_base(text, phase)
        once, each = parts_of_base
        ready = parted(measured(lift_out(base(once, text, phase), phase), text, phase))
        steps_of_base(each, text, phase, ready)
      end

      # Stages of the base that are done once for all rounds, and those of each.
      def parts_of_base
        stages = in_order(@amounts.base)
        @rounds > 1 ? stages.partition { |stage| @amounts.once?(stage) } : [stages, []]
      end

      def layered(ready, phase)
        ready = [*ready].map { |task| Clock::After.new(task: task.id, least: 0, most: BASE_WAITS) }
        laid = @list.common("layer.#{phase.key}", "layer", [*ready, *@latest, *@meanwhile].compact,
                            words: @amounts.filled_with)
        @list.closed(@request.vessel.lid)
        @list.common("seal.#{phase.key}", "seal", laid)
      end

      def begin_phase(text, phase)
        prepare(text, phase) unless phase.equal?(@phases.first) && @facts.nil?
        @steamer = SteamerTasks.new(@request, phase, @list, @amounts, @words)
        @base = BaseTasks.new(@request, @list, @amounts, @steamer.heat_min, last: phase.equal?(@phases.last),
                                                                            washed: @latest)
        @ending = FinishTasks.new(@request, phase, @list, @amounts, @steamer)
        @facts = TaskFacts.new(@request, text, @method.food, @ending.elsewhere)
        @list.at(words: @words, amounts: @amounts, facts: @facts)
      end

      # Words and amounts of a phase; those of the first serve the washing too.
      def prepare(text, phase)
        ledger = BaseLedger.of(@request, text, phase)&.times(@rounds)
        @words = TaskWords.new(@request, phase, ledger, @more)
        @amounts = TaskAmounts.new(@request, text, phase, @words, first: phase.equal?(@phases.first),
                                                                  last: phase.equal?(@phases.last))
      end

      def lift_out(last, phase)
        return last unless phase.equal?(@phases.last) && @request.lifted.any?

        @list.common("take-out.#{phase.key}", "take-out", last)
      end

      # Before the rice goes in a broth has to be as much as it wants.
      def measured(last, text, phase)
        text.broth ? @list.common("measure.#{phase.key}", "measure", last) : last
      end

      # A liquid that goes in hot has to be made hot, where the base does not do it.
      def hot_liquid(text, phase)
        return unless @amounts.hot_apart?

        key = HotStart.kettle?(@request) ? HotStart::KETTLE : HotStart::POT
        soaked = @request.soaks_in_liquid?
        min = HotStart.minutes(@request, text, phase)
        made = MadeBefore.liquid(@list.tasks, @request.made_in)
        @list.common("#{key}.#{phase.key}", key, [*(@latest if soaked), *made],
                     text: soaked ? "heat-soaked" : key, min: min)
      end

      # Of a base that is made once for several rounds, what is not of the first is kept.
      def parted(last)
        @rounds > 1 && last ? between_rounds.part(last) : last
      end

      def between_rounds
        RoundTasks.new(@request, @list, once: base_once?)
      end

      def base_again(text, phase, out)
        steps_of_base(parts_of_base.last, text, phase, out)
      end

      def steps_of_base(stages, text, phase, last)
        @base.write(stages, text, phase, last)
      end

      # Meat or onion first, as chosen.
      def base(stages, text, phase)
        last = steps_of_base(stages, text, phase, nil)
        apart = @request.made_in ? [] : @amounts.apart
        @checks.apart("check-heat.apart", last, apart, with: @amounts.cooked_before)
      end

      def in_order(stages)
        return stages unless @request.choices.first == "onion" && @method.order?

        stages.partition { |stage| stage.slot == "onion" }.flatten(1)
      end

      def stages(text, phase, last, batch = 1)
        stirred = PotStages.stirred(text, @request)
        cooked = text.stages.zip(phase.stages, phase.stage_minutes)
        own = Moments.places(text, cooked)
        cooked.each_with_index do |(stage, pot_stage, minutes), number|
          last = @list.common("stir.#{phase.key}", "stir", last, under: pot_stage) if stage.equal?(stirred)
          id = ["stages", phase.key, stage.key, *(batch if batch > 1)].join(".")
          top_up = @steamer.top_up(batch, number)
          last = @steamer.boiled(last, top_up, id)
          last = [*last, @list.preheated(id, pot_stage.oven_c)] if pot_stage.oven_c
          last = @list.with_rice(id, stage, pot_stage, minutes, last, rounds: phase.rounds, top_up: top_up)
          last = beside(last, own.fetch(stage.key, [])) if batch == 1 && !@again
        end
        last
      end

      # A dish's own steps under or after the stage whose task is `under` (Moments::OwnStage).
      def beside(under, own)
        own.reduce([under]) do |last, one|
          done = @list.own("between.#{one.stage.key}", one.stage, begins(one, under, last),
                           within: (under if one.into_min && @request.made_in&.with_rice?(one.stage.key)))
          [*last, @list.loosely(FinishTasks.out_of_pot?(one.stage) ? @ending.checked(one.stage, done) : done)]
        end
      end

      # What a step beside the pot comes after: its minute, or the steps that make what it is done to.
      def begins(one, under, last)
        needed = MadeBefore.of(@list.tasks, @request.made_in, one.stage)
        return needed if needed.any? && FinishTasks.out_of_pot?(one.stage)

        at = one.into_min ? [@list.into(under, one.into_min)] : last
        at + needed.map { |task| @list.loosely(task) }
      end
    end
  end
end
