# frozen_string_literal: true

require_relative "../care/task"
require_relative "../clock/slot"
require_relative "base_ledger"
require_relative "hot_start"
require_relative "loading"
require_relative "method"
require_relative "task_amounts"
require_relative "task_facts"
require_relative "task_texts"
require_relative "task_words"

module FondKettle
  module Methods
    # Writes the tasks of a request: wash, what each phase's base and stages are, finish.
    # Ids are unique by construction: the part, the phase and the key that is unique in it.
    class Tasks
      # What draining takes, minutes, and whether it needs hands.
      DRAINING = { "quick" => [1.0, true], "shaken" => [1.0, true], "long" => [10.0, false],
                   "air-dried" => [60.0, false] }.freeze
      # The heat that a base stands on.
      BASE_HEAT = "medium"
      # Kinds of a base that make the liquid hot: the first goes by its amount.
      MAKE_HOT = ["heat-liquid", "simmer", PhaseText::BROTH].freeze
      TEXTS = %i[say cue why].freeze

      # Tasks (Care::Task) of `request` whose phases are solved, before they have times.
      def self.write(request, phases)
        new(request, phases).write
      end

      # As for `write`.
      def initialize(request, phases)
        @request = request
        @method = request.method
        @phases = phases
        @tasks = []
        @words = TaskWords.new(request, phases.first)
      end

      # The tasks, each after those that it comes after.
      def write
        @latest = wash
        @method.phases.zip(@phases) { |text, phase| phase(text, phase) }
        finish
        @tasks.freeze
      end

      private

      def wash
        rinsed = @request.rinse_changes.positive?
        soaked = @request.soak_min.positive?
        minutes, hands_on = DRAINING[@request.drain]
        last = rinsed ? common("wash.rinse", "rinse", nil) : nil
        last = common("wash.soak", "soak", last, min: @request.soak_min) if soaked
        return last unless minutes && (rinsed || soaked)

        common("wash.drain", "drain", last, min: minutes, hands_on: hands_on)
      end

      # The base, the rice into it, its stages; the rice was washed meanwhile.
      def phase(text, phase)
        begin_phase(text, phase)
        before = [lift_out(base(text, phase), phase), @latest, hot_liquid(text, phase)]
        filled = common("fill.#{phase.key}", "fill", before, amounts: @amounts.filling,
                                                             text: @amounts.filling_text)
        @latest = stages(text, phase, filled)
      end

      # What has given its taste to the broth leaves it before it is measured.
      def lift_out(last, phase)
        return last unless phase.equal?(@phases.last) && @request.lifted.any?

        common("take-out.#{phase.key}", "take-out", last)
      end

      # A liquid that goes in hot has to be made hot, where the base does not do it.
      def hot_liquid(text, phase)
        return unless text.liquid_c && phase.liquid_g.round.positive?
        return if text.base.any? { |stage| MAKE_HOT.include?(stage.kind) }

        key = HotStart.kettle?(@request) ? "kettle" : "heat-liquid"
        common("#{key}.#{phase.key}", key, nil, min: HotStart.minutes(@request, text, phase))
      end

      def begin_phase(text, phase)
        first = phase.equal?(@phases.first)
        @words = TaskWords.new(@request, phase, BaseLedger.of(@request, text, phase))
        @facts = TaskFacts.new(@request, text, @method.food)
        @amounts = TaskAmounts.new(@request, text, phase, @words, first: first,
                                                                  last: phase.equal?(@phases.last))
      end

      # Meat or onion first, as chosen.
      def base(text, phase)
        in_order(text.base).reduce(gather(phase)) do |last, stage|
          min = HotStart.minutes(@request, text, phase) if stage.kind == MAKE_HOT.first
          own("base.#{phase.key}.#{stage.key}", stage, last, heat: BASE_HEAT, amounts: @amounts.at(stage),
                                                             min: min)
        end
      end

      def gather(phase)
        ready = @amounts.gathered
        common("gather.#{phase.key}", "base", nil, amounts: ready) if ready.any?
      end

      def in_order(stages)
        return stages unless @request.choices.first == "onion" && @method.order?

        stages.partition { |stage| stage.slot == "onion" }.flatten(1)
      end

      def stages(text, phase, last)
        stirred = Loading.stirred_stage(text, @request)
        text.stages.zip(phase.stages, phase.stage_minutes) do |stage, cooked, minutes|
          last = common("stir.#{phase.key}", "stir", last, under: cooked) if stage.equal?(stirred)
          last = with_rice("stages.#{phase.key}.#{stage.key}", stage, cooked, minutes, last)
        end
        last
      end

      def with_rice(id, stage, cooked, minutes, last)
        say = Template.fill(stage.say, oven: @words.oven(stage), heat: cooked.heat)
        texts = { say: say, cue: @words.cue(stage), why: stage.why }
        last = [last, preheated(id, stage, cooked)] if cooked.oven_c
        add(id, stage.kind, last, min: minutes, oven_c: cooked.oven_c, key: stage.key, **texts,
                                  heat: cooked.oven_c ? "oven" : cooked.heat, hands_on: stage.hands_on,
                                  watch: stage.watch,
                                  facts: facts(stage.kind, food: stage.food, under: cooked))
      end

      # The oven is hot when the pot goes in.
      def preheated(id, stage, cooked)
        common("preheat.#{id}", "preheat", nil, oven_c: cooked.oven_c, words: { oven: @words.oven(stage) })
      end

      def finish
        back = @request.coming_back.any? ? common("put-back", "put-back", @latest) : @latest
        last = common("finish", @method.finish, heat_checked(back))
        @method.after.each { |stage| last = own("after.#{stage.key}", stage, last) }
      end

      # Nothing raw is served before a thermometer has said that it is safe.
      def heat_checked(last)
        core_c = @facts.core_c
        core_c ? common("check-heat", "check-heat", last, words: { core_c: core_c }, core_c: core_c) : last
      end

      # A stage of the method's or the dish's own; `heat` is what it stands on.
      # `min`: in place of its own minutes.
      def own(id, stage, last, heat: nil, amounts: [], min: nil)
        colour = [@request.choices.onion&.to_sym, *stage.colours.keys].find do |name|
          stage.colours.key?(name)
        end
        words = @words.to_h.merge(colour: colour)
        texts = TEXTS.to_h { |part| [part, Template.fill(stage.public_send(part), words)] }
        add(id, stage.kind, last, min: min || stage.colours.fetch(colour, stage.minutes || 0.0).to_f,
                                  key: stage.key,
                                  **texts,
                                  hands_on: stage.hands_on,
                                  heat: (heat if Care::Kinds.fetch(stage.kind).burner?),
                                  amounts: amounts, facts: facts(stage.kind, food: stage.food))
      end

      # A task of the planner's own texts (`text`: which, where not that of its key);
      # `under`: the Pot::Stage that it falls into; `words`: more to fill in.
      def common(id, key, last, min: nil, hands_on: nil, amounts: [], under: nil, text: key, oven_c: nil,
                 words: {}, core_c: nil)
        text = TaskTexts.fetch(text)
        words = { **@words.to_h, **words }
        texts = TEXTS.to_h { |part| [part, Template.fill(text.public_send(part), words)] }
        add(id, text.kind, last, min: min || text.minutes, key: key, **texts, amounts: amounts,
                                 oven_c: oven_c, core_c: core_c,
                                 hands_on: hands_on.nil? ? text.hands_on : hands_on,
                                 facts: facts(text.kind, under: under))
      end

      # What is so in the vessel; while the rice is washed there is none yet.
      def facts(kind, food: [], under: nil)
        @facts ? @facts.at(Care::Kinds.fetch(kind), food: food, stage: under) : [].freeze
      end

      # `min`: exact minutes; on the clock they are whole. `last`: what it comes after.
      def add(id, kind, last, min:, hands_on:, oven_c: nil, heat: nil, watch: [], amounts: [], core_c: nil,
              **texts)
        kind = Care::Kinds.fetch(kind)
        slot = Clock::Slot.of(id, min.ceil, uses: uses(kind, hands_on), oven_c: oven_c,
                                            after: [*last].compact.map { |task| follows(task) })
        task = Care::Task.new(slot: slot, kind: kind, hands_on: hands_on, timed_min: min, heat: heat,
                              watch: watch, amounts: amounts.freeze, core_c: core_c, **texts)
        @tasks << task
        task
      end

      # What a task made may wait so long for the next.
      def follows(task)
        Clock::After.new(task: task.id, least: 0, most: task.kind.waits)
      end

      # Some vessels stand on no ring.
      def uses(kind, hands_on)
        ring = kind.burner? && @request.burner.kind.on_ring
        { "cook" => (1 if hands_on), "burner" => (1 if ring), "oven" => (1 if kind.oven?) }.compact
      end
    end
  end
end
