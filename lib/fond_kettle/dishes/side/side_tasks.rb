# frozen_string_literal: true

require_relative "../../care/cautions"
require_relative "../../care/kind"
require_relative "../../care/task"
require_relative "../../clock/slot"
require_relative "../dish_step"
require_relative "../graph/graph_order"
require_relative "../line_words"
require_relative "../vessels/vessel_words"

module FondKettle
  module Dishes
    # The steps of a dish without rice as tasks (Care::Task): what goes in at each, how long it takes, what it
    # comes after, what to be careful of. Raw food is measured once it is cooked.
    class SideTasks
      WHY = "As this dish is made."
      CHECK = "check-heat"
      CHECK_MIN = 2
      PREHEAT = "preheat"
      # Where nobody says, and no kind.
      USUAL_MIN = { PREHEAT => 12 }.freeze
      MEASURE = "Measure the thickest piece with a probe thermometer: at least %d °C"
      SHOWS = "it shows %d °C or more"
      # An oven of which nobody says how hot it is, °C.
      USUAL_OVEN_C = 180.0

      # `graph`: a GraphDish; `vessels`: Methods::MadeInVessels; `lines`: Scaled, one for each of its lines;
      # `words`: ServingWords; `eaten`: facts about all of it, and whether each holds.
      def initialize(graph, vessels, lines, words, eaten)
        @graph = graph
        @vessels = vessels
        @order = GraphOrder.new(graph)
        @lines = graph.lines.map(&:id).zip(lines).to_h
        @words = LineWords.new(words)
        @always = eaten.select { |_, so| so }.keys
        @there = Hash.new { |all, vessel| all[vessel] = [] }
      end

      # The tasks.
      def list
        @order.ordered.flat_map { |step| [task(step), *check(step)] }.freeze
      end

      private

      def task(step)
        kind = Care::Kinds.fetch(step.kind)
        Care::Task.new(slot: slot(step, kind), kind: kind, key: step.id, say: say(step),
                       cue: step.until || DONE, why: WHY, hands_on: step.hands_on, timed_min: nil,
                       heat: heat(step, kind), watch: [], amounts: amounts(step), facts: facts(step, kind),
                       lot: nil, core_c: nil, list: nil)
      end

      def slot(step, kind)
        minutes = step.minutes ? [step.minutes.ceil, 1].max : USUAL_MIN.fetch(step.kind, kind.usual_min)
        uses = { "cook" => (1 if step.hands_on), "burner" => (1 if kind.burner?),
                 "oven" => (1 if kind.oven?) }.compact
        Clock::Slot.of(step.id, minutes, uses: uses, after: after(step),
                                         oven_c: (step.oven_c || oven_c if kind.oven?))
      end

      # The heat of the oven that some step of it tells, °C.
      def oven_c
        @graph.steps.filter_map(&:oven_c).last || USUAL_OVEN_C
      end

      # What is measured comes after what it is measured of.
      def after(step)
        @order.before.fetch(step.id).flat_map do |id|
          before = @graph.steps.find { |one| one.id == id }
          [Clock::After.new(task: @checked&.include?(id) ? "#{id}-#{CHECK}" : id, least: 0,
                            most: Care::Kinds.fetch(before.kind).waits)]
        end
      end

      def say(step)
        words = VesselWords.sentence(step.say)
        vessel = @vessels.find { |one| one.key == step.vessel }
        told = vessel && @vessels.size > 1 && !VesselWords::NOWHERE.include?(step.kind)
        told ? VesselWords.in(vessel, words) : words
      end

      def heat(step, kind)
        step.heat || ("oven" if kind.oven?)
      end

      def amounts(step)
        step.takes.map { |take| @words.amount(@lines.fetch(take.line), take.share) }
      end

      # Care of all that is in its vessel, by what goes in and is poured in.
      def facts(step, kind)
        there = @there[step.vessel]
        there.concat(step.from.flat_map { |pour| @there[pour.vessel] })
        there.concat(step.takes.flat_map { |take| @lines.fetch(take.line).line.ingredient.care })
        [*@always, *there.uniq.map { |care| "in:#{care}" }, *("fat" if kind.fat)].uniq.freeze
      end

      # After the last step that heats raw food.
      def check(step)
        core_c = Care::Cautions.core_c(@there[step.vessel].map { |care| "in:#{care}" })
        return [] unless core_c && last_heated?(step)

        (@checked ||= []) << step.id
        [measured(step, core_c)]
      end

      def last_heated?(step)
        heats = ->(one) { Care::Kinds.fetch(one.kind).heats? }
        heats.call(step) && step.kind != PREHEAT &&
          @graph.steps.none? { |one| later?(one, step) && one.vessel == step.vessel && heats.call(one) }
      end

      def later?(one, step)
        @order.ordered.index(one) > @order.ordered.index(step)
      end

      def measured(step, core_c)
        kind = Care::Kinds.fetch(CHECK)
        after = [Clock::After.new(task: step.id, least: 0, most: kind.waits)]
        slot = Clock::Slot.of("#{step.id}-#{CHECK}", CHECK_MIN, uses: { "cook" => 1 }, after: after)
        Care::Task.new(slot: slot, kind: kind, key: CHECK, say: format(MEASURE, core_c),
                       cue: format(SHOWS, core_c), why: WHY, hands_on: true, timed_min: nil, heat: nil,
                       watch: [], amounts: [].freeze, facts: facts(step.with(takes: [], from: []), kind),
                       lot: nil, core_c: core_c, list: nil)
      end
    end
  end
end
