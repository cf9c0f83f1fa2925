# frozen_string_literal: true

require_relative "../../care/task"
require_relative "../../clock/slot"
require_relative "../../ground/template"
require_relative "../../ground/words"
require_relative "../../pot/attributes"
require_relative "own_words"
require_relative "task_facts"
require_relative "task_texts"
require_relative "../loads/rice_vessel"
require_relative "../made/water_below"

module FondKettle
  module Methods
    # Tasks as they are written, one after the other: texts filled in, minutes made whole,
    # what each comes after. `at` says in which vessel the next ones are.
    class TaskList
      TEXTS = %i[say cue why].freeze
      FAT = "%{fat}"
      # Ids of tasks that need no pot of the method's own.
      IN_PAN = "base."
      CLOSINGS = Words.of("closings")
      PREHEAT = "preheat"

      attr_reader :tasks
      # Of which of several rounds in the same pot the next tasks are (nil: of none, or of the first).
      attr_writer :round

      # `request`: a Request. Call `at` before the first task.
      def initialize(request)
        @request = request
        @tasks = []
        # Minutes that what a task made may stand, by its id, where that is not as its kind says.
        @waits = {}
      end

      # Sets what fills the texts (`words`, TaskWords) and gives the amounts (`amounts`, TaskAmounts) from
      # here on; `facts` (TaskFacts) are nil before there is a vessel. `own_facts`: of a dish's own steps,
      # when there is no vessel yet.
      def at(words:, amounts:, facts:, own_facts: facts)
        @closed = []
        @own_facts = own_facts
        @words = words
        @amounts = amounts
        @facts = facts
      end

      # The pot is closed with `lid`: no stage says so again.
      def closed(lid)
        @closed |= [lid]
      end

      # The time this many minutes into a task, counted from the end of the task before it, in whole minutes.
      def into(task, minutes)
        Clock::After.new(task: task.slot.after.first.task, least: minutes.round, most: minutes.round)
      end

      # Time after a task (or a time after one), however long it waits.
      def loosely(task)
        return task.with(most: nil) if task.is_a?(Clock::After)

        Clock::After.new(task: task.id, least: 0, most: nil)
      end

      # A task of the planner's own texts (`text`: which, where not that of its key);
      # `under`: the Pot::Stage that it falls into; `words`: more to fill in; `more`: what else goes in;
      # `care`: of what it is about, where that does not lie in the pot with the rice.
      def common(id, key, last, min: nil, hands_on: nil, under: nil, text: key, words: {}, more: [],
                 care: nil,
                 **given)
        text = TaskTexts.fetch(text)
        words = OwnWords.new(words, @words)
        add(id, text.kind, last, min: min || text.minutes, key: key, **listed(text, words),
                                 amounts: [*@amounts.common(key), *more],
                                 lot: @amounts.lot(text.kind),
                                 hands_on: hands_on.nil? ? text.hands_on : hands_on,
                                 facts: facts(text.kind, under: under, care: care), **given)
      end

      # A stage of the method's or the dish's own; `heat` is what it stands on.
      # `min`: in place of its own minutes; `waits`: of what it made may stand, in place of its kind's;
      # `within`: the task in whose time and on whose heat it is done.
      def own(id, stage, last, heat: nil, min: nil, waits: nil, within: nil)
        @waits[id] = waits if waits
        colour = stage.colour(@request.choices.onion)
        kind = Care::Kinds.fetch(stage.kind)
        minutes = min || stage.told_min(@request.choices.onion)
        hot = oven_heated(id, stage, kind)
        words = OwnWords.new({ colour: colour, **fat(stage) }, @words)
        add(id, stage.kind, [*last, *hot], min: minutes.to_f, key: stage.key, hands_on: stage.hands_on,
                                           **filled(stage, words),
                                           heat: own_heat(kind, heat), oven_c: (stage.oven_c if kind.oven?),
                                           amounts: @amounts.at(stage),
                                           lot: @amounts.lot(stage.kind, stage),
                                           facts: own_facts(id, stage, kind),
                                           there: within ? within.slot.uses.keys - ["cook"] : [])
      end

      # The task that heats the oven to °C before the task `id` needs it; nil where one before has it so hot.
      def preheated(id, oven_c)
        return if @tasks.any? { |task| task.kind.oven? && [nil, oven_c].include?(task.slot.oven_c) }

        common("preheat.#{id}", PREHEAT, nil, oven_c: oven_c, words: { oven: @words.oven(oven_c) })
      end

      # A stage in the pot with the rice, `cooked` (Pot::Stage) for `min`, in so many `rounds`;
      # `top_up`: what the water below is topped up with (TopUp), or nil.
      def with_rice(id, stage, cooked, min, last, rounds: 1, top_up: nil)
        words = OwnWords.new({ oven: @words.oven(cooked.oven_c), heat: cooked.heat,
                               top_up: WaterBelow.say(top_up) }, @words)
        say = [Template.fill(stage.say, words), *closing(stage, cooked), *lifted(cooked)].join(". ")
        add(id, stage.kind, last, min: min, oven_c: cooked.oven_c, key: stage.key, say: say,
                                  cue: Template.fill(@words.cue(stage), words),
                                  why: Template.fill(stage.why, words),
                                  heat: cooked.oven_c ? "oven" : cooked.heat, hands_on: stage.hands_on,
                                  watch: stage.watch, rounds: rounds,
                                  amounts: @amounts.with_rice(stage, top_up),
                                  facts: facts(stage.kind, under: cooked))
      end

      private

      # A dish's own step in the oven finds it hot.
      def oven_heated(id, stage, kind)
        preheated(id, stage.oven_c) if kind.oven? && kind.key != PREHEAT && stage.oven_c
      end

      def own_heat(kind, heat)
        return "oven" if kind.oven?

        heat if kind.burner?
      end

      # What closes the pot beside its lid, told where it begins and the method does not say it.
      def closing(stage, cooked)
        on = Pot::Attributes.switched_on(cooked)
        own = on.select { |key| stage.members.include?(key.to_sym) && stage.public_send(key) }
        fresh = [*(cooked.lid unless cooked.open? || cooked.lid == stage.lid), *on] - @closed - own
        @closed |= fresh | own
        fresh.filter_map { |key| CLOSINGS[key] }
      end

      # What only gives its scent is out before it boils.
      def lifted(cooked)
        names = cooked.until == "boil" ? @amounts.scents : []
        names.map { |name| "Lift out the #{name.downcase} just before it boils" }
      end

      # How much fat is said once; after that it is there.
      def fat(stage)
        return {} unless TEXTS.any? { |part| stage.public_send(part).include?(FAT) }

        said = @fat_said
        @fat_said = true
        said ? { fat: "the fat" } : {}
      end

      def filled(text, words)
        TEXTS.to_h { |part| [part, Template.fill(text.public_send(part), words)] }
      end

      # Texts filled in, and the list of layers where one belongs into them.
      def listed(text, words)
        texts = filled(text, words)
        return texts unless text.tail

        list = Care::Checklist.new(head: texts[:say], tail: Template.fill(text.tail, words),
                                   lines: [*words.fetch(:layers), *words.fetch(:on_top, nil),
                                           *@request.laid_words].freeze)
        { **texts, say: list.to_s, list: list }
      end

      def own_facts(id, stage, kind)
        return [].freeze unless @own_facts

        there = in_vessel(stage, kind)
        return @own_facts.at(kind, food: there, where: TaskFacts::BESIDE) if there

        where = id.start_with?(IN_PAN) ? TaskFacts::BASE : TaskFacts::BESIDE
        @own_facts.at(kind, food: @own_facts.care_of(stage, @amounts.provisions(stage)), where: where)
      end

      # Care of what a step in one of a dish's several vessels has: what goes in, and where it boils or stands
      # by itself all that is in it; nil for any other step.
      def in_vessel(stage, kind)
        return unless @request.made_in&.step(stage.key)

        row = RiceVessel.of(@request).row(stage.key)
        all = row && (kind.boils || kind.unattended?)
        there = all ? row.before.foods.flat_map { |food| food.ingredient.care } : []
        @own_facts.care_of(stage, @amounts.provisions(stage)) | there
      end

      # What is so in the vessel; while the rice is washed there is none yet.
      def facts(kind, under: nil, care: nil)
        kind = Care::Kinds.fetch(kind)
        return @own_facts.at(kind, food: care, where: TaskFacts::BESIDE) if care && @own_facts

        @facts ? @facts.at(kind, stage: under) : [].freeze
      end

      # `min`: exact minutes; on the clock they are whole. `last`: what it comes after (a Task,
      # or a Clock::After), one or several; `there`: resources that it need not take, as it lies on them.
      def add(id, kind, last, min:, hands_on:, amounts:, oven_c: nil, heat: nil, watch: [], core_c: nil,
              lot: nil, rounds: 1, list: nil, there: [], **texts)
        kind = Care::Kinds.fetch(kind)
        id = "#{id}.round-#{@round}" if @round
        uses = uses(kind, hands_on, id.start_with?(IN_PAN)).except(*there)
        slot = Clock::Slot.of(id, min.ceil * rounds, uses: uses, oven_c: oven_c,
                                                     after: [*last].compact.map { |one| follows(one) })
        task = Care::Task.new(slot: slot, kind: kind, hands_on: hands_on, timed_min: min, heat: heat,
                              watch: watch, amounts: amounts.freeze, lot: lot && format(lot, @round || 1),
                              core_c: core_c, list: list,
                              **texts)
        @tasks << task
        task
      end

      # What a task made may wait so long for the next.
      def follows(task)
        return task if task.is_a?(Clock::After)

        Clock::After.new(task: task.id, least: 0, most: @waits.fetch(task.id, task.kind.waits))
      end

      # Some vessels stand on no ring; what goes on before the rice does, in a pan.
      def uses(kind, hands_on, in_pan)
        ring = kind.burner? && (in_pan || @request.burner.kind.on_ring)
        { "cook" => (1 if hands_on), "burner" => (1 if ring), "oven" => (1 if kind.oven?) }.compact
      end
    end
  end
end
