# frozen_string_literal: true

require_relative "../care/task"
require_relative "../clock/slot"
require_relative "loading"
require_relative "plan"
require_relative "task_facts"
require_relative "task_texts"
require_relative "task_words"

module FondKettle
  module Methods
    # Writes the tasks of a request: wash, what each phase's base and stages are, finish.
    # Ids are unique by construction: the part, the phase and the key that is unique in it.
    class Tasks
      # What draining takes, minutes, and whether it needs hands.
      DRAINING = { "quick" => [1.0, true], "shaken" => [1.0, true], "long" => [10.0, false], "air-dried" => [60.0, false] }.freeze
      # The heat that a base stands on.
      BASE_HEAT = "medium"

      # Tasks (Care::Task) of `request` whose phases are solved, before they have times.
      def self.write(request, phases)
        new(request, phases).write
      end

      def initialize(request, phases)
        @request = request
        @method = request.method
        @phases = phases
        @tasks = []
        @poured = {}
        @words = TaskWords.new(request, phases.first)
      end

      def write
        wash
        @method.phases.zip(@phases) { |text, phase| phase(text, phase) }
        finish
        @tasks.freeze
      end

      private

      def wash
        words = @words.to_h
        rinsed = @request.rinse_changes.positive?
        soaked = @request.soak_min.positive?
        previous = nil
        previous = common("wash.rinse", "rinse", words, [], previous) if rinsed
        previous = common("wash.soak", "soak", words, [], previous, min: @request.soak_min) if soaked
        minutes, hands_on = DRAINING[@request.drain]
        if minutes && (rinsed || soaked)
          previous = common("wash.drain", "drain", words, [], previous, min: minutes, hands_on: hands_on)
        end
        @washed = previous
      end

      def phase(text, phase)
        @words = TaskWords.new(@request, phase) unless phase.equal?(@phases.first)
        @facts = TaskFacts.new(@request, text, @method.food)
        @text = text
        base = base(text, phase)
        filled = fill(phase, [base, @washed].compact)
        @washed = stages(text, phase, filled)
      end

      # The base, meat or onion first as chosen; the rice is washed meanwhile.
      def base(text, phase)
        last = gather(phase)
        in_order(text.base).each do |stage|
          last = own("base.#{phase.key}.#{stage.key}", stage, BASE_HEAT, [last].compact, going_in(stage, phase))
        end
        last
      end

      def gather(phase)
        return unless @phases.last.equal?(phase) && @words.beside.any?

        facts = @facts.at(Care::Kinds.fetch("gather"))
        common("gather.#{phase.key}", "base", @words.to_h, facts, nil, amounts: additions(&:label))
      end

      def in_order(stages)
        return stages unless @request.choices.first == "onion" && @method.order?

        stages.partition { |stage| stage.slot == "onion" }.flatten(1)
      end

      def fill(phase, after)
        amounts = [*(rice(phase) unless toasted?), *(liquid(phase) unless heated?), *unlabelled(phase)]
        common("fill.#{phase.key}", "fill", @words.to_h, @facts.at(Care::Kinds.fetch("fill")), after, amounts: amounts)
      end

      def stages(text, phase, previous)
        stirred = Loading.stirred_stage(text, @request)
        text.stages.zip(phase.stages, phase.stage_minutes) do |stage, cooked, minutes|
          previous = stir(phase, cooked, previous) if stage.equal?(stirred)
          previous = with_rice(stage, cooked, minutes, phase, previous)
        end
        previous
      end

      def stir(phase, cooked, previous)
        common("stir.#{phase.key}", "stir", @words.to_h, @facts.at(Care::Kinds.fetch("stir"), stage: cooked), previous)
      end

      def with_rice(stage, cooked, minutes, phase, previous)
        kind = Care::Kinds.fetch(stage.kind)
        texts = { say: Template.fill(stage.say, oven: @words.oven(stage)), cue: @words.cue(stage), why: stage.why }
        add("stages.#{phase.key}.#{stage.key}", kind, previous, key: stage.key, **texts, min: minutes, watch: stage.watch,
            heat: cooked.oven_c ? "oven" : cooked.heat, hands_on: stage.hands_on, oven_c: cooked.oven_c,
            facts: @facts.at(kind, food: stage.food, stage: cooked))
      end

      def finish
        words = @words.to_h
        text = TaskTexts.fetch(@method.finish)
        last = common("finish", @method.finish, words, @facts.at(Care::Kinds.fetch(text.kind)), @washed)
        @method.after.each { |stage| last = own("after.#{stage.key}", stage, nil, [last], []) }
      end

      # A stage of the method's or the dish's own; `heat` is what it stands on.
      def own(id, stage, heat, after, amounts)
        colour = [@request.choices.onion&.to_sym, *stage.colours.keys].find { |name| stage.colours.key?(name) }
        words = @words.to_h.merge(colour: colour)
        kind = Care::Kinds.fetch(stage.kind)
        texts = %i[say cue why].to_h { |part| [part, Template.fill(stage.public_send(part), words)] }
        add(id, kind, after, key: stage.key, **texts, min: stage.colours.fetch(colour, stage.minutes || 0.0).to_f,
            hands_on: stage.hands_on, heat: kind.burner? ? heat : nil, amounts: amounts,
            facts: @facts.at(kind, food: stage.food))
      end

      # A task of the planner's own texts.
      def common(id, key, words, facts, after, min: nil, hands_on: nil, amounts: [])
        text = TaskTexts.fetch(key)
        texts = %i[say cue why].to_h { |part| [part, Template.fill(text.public_send(part), words)] }
        add(id, Care::Kinds.fetch(text.kind), after, key: key, **texts, min: min || text.minutes, amounts: amounts,
            hands_on: hands_on.nil? ? text.hands_on : hands_on, facts: facts)
      end

      # `min`: exact minutes; on the clock they are whole.
      def add(id, kind, after, key:, say:, cue:, why:, min:, hands_on:, facts:, heat: nil, watch: [], oven_c: nil, amounts: [])
        slot = Clock::Slot.of(id, min.ceil, uses: uses(kind, hands_on), oven_c: oven_c,
                                            after: [*after].map { |task| follows(task) })
        task = Care::Task.new(slot: slot, kind: kind, key: key, say: say, cue: cue, why: why, hands_on: hands_on,
                              timed_min: min, heat: heat, watch: watch, amounts: amounts.freeze, facts: facts)
        @tasks << task
        task
      end

      # What a task made may wait so long for the next.
      def follows(task)
        Clock::After.new(task: task.id, least: 0, most: task.kind.waits)
      end

      def uses(kind, hands_on)
        { "cook" => (1 if hands_on), "burner" => (1 if kind.burner? && !cooker?), "oven" => (1 if kind.oven?) }.compact
      end

      # A cooker stands on no ring.
      def cooker?
        @request.burner.source == "cooker"
      end

      # What goes in at a stage of the base: rice that is toasted, liquid that is made hot.
      def going_in(stage, phase)
        case stage.kind
        when "toast" then first(:rice, stage) { rice(phase) }
        when "heat-liquid" then first(:liquid, stage) { liquid(phase) }
        else []
        end
      end

      # Once, at the first stage of its kind.
      def first(what, stage)
        kinds = @text.base.select { |other| other.kind == stage.kind }
        kinds.first.equal?(stage) ? (@poured[[what, @text.key]] = yield) : []
      end

      def toasted?
        @poured.key?([:rice, @text.key])
      end

      def heated?
        @poured.key?([:liquid, @text.key])
      end

      # Raw rice goes in once, in the first phase.
      def rice(phase)
        return [] unless phase.equal?(@phases.first)

        [Care::Amount.new(what: @request.grain.name, g: phase.load.rice_g, measured: @words.rice_in_cups)]
      end

      def liquid(phase)
        [Care::Amount.new(what: "liquid", g: phase.liquid_g, measured: @words.liquid_in_cups)]
      end

      # What a dish names goes in with the rice, unless a step of its own says otherwise.
      def unlabelled(phase)
        phase.equal?(@phases.last) ? additions { |addition| addition.label.nil? } : []
      end

      def additions(&)
        @request.additions.select(&).map do |addition|
          Care::Amount.new(what: addition.ingredient.name, g: addition.g, measured: @request.measures.weighed(addition.g))
        end
      end
    end
  end
end
