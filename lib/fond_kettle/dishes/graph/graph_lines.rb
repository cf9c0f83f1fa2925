# frozen_string_literal: true

require_relative "../../care/kind"
require_relative "../../larder/ingredients"
require_relative "../../measure/rounding"
require_relative "../../methods/request/provision"
require_relative "../../vessels/food_way"
require_relative "../claim"
require_relative "../line"
require_relative "graph_dish"

module FondKettle
  module Dishes
    # The lines of a graph as a dish plans them: one for each step at which some of a line goes in, and the
    # claims of the steps on them.
    class GraphLines
      # Stages of a line by where the step stands beside the rice.
      STAGES = { "before" => "base", "in" => "with", "with" => "with", "rest" => "finish",
                 "after" => "finish", "beside" => "beside" }.freeze

      BESIDE = "beside"
      # Name of liquid that a vessel gives.
      FROM = "Liquid from the %s"
      STOCK = "unsalted-stock"

      # What dissolves in water that is poured off.
      DISSOLVES = [Methods::Slots::SALT, Methods::Slots::SPICE].freeze
      PAR_BOIL = "par-boil"
      LAST = "for the last %s min"

      # `dish`: a GraphDish; `steps`: its DishGraphSteps in the order in which they are planned; `par_boiled`:
      # its way boils the rice in plenty of water before it is layered; `drained`: it pours such water off at
      # the end.
      def initialize(dish, steps, par_boiled:, drained:)
        @dish = dish
        @par_boiled = par_boiled
        @drained = drained
        @steps = steps
        @by_id = dish.lines.to_h { |line| [line.id, line] }
        @in_rice = reaching_rice
      end

      # Lines (Line); what a vessel gives as the rice needs it is one of no amount.
      def lines
        [*parts.map { |_, line| line }, *needed]
      end

      # A list of Claims for each step, none for the one at which the rice goes in: the way's own.
      def claims
        @claims ||= @steps.map do |step|
          indexes = parts.each_index.select { |index| parts[index].first.equal?(step) }
          indexes.map { |index| Claim.new(index: index, stage: parts[index].last.stage) }.freeze
        end
      end

      # Care::Kinds of the steps at which each line (its index) is there, from the one at which it goes in.
      def kinds_at
        @kinds_at ||= parts.each_with_index.to_h do |(step, _), index|
          [index, Vessels::FoodWay.of(@steps, step).map { |one| Care::Kinds.fetch(one.kind) }]
        end
      end

      # True where what is in a step's vessel comes into the rice's before or as the rice goes in.
      def in_rice?(step)
        @in_rice.include?(step.vessel)
      end

      private

      # [step, Line] of each take.
      def parts
        @parts ||= @steps.flat_map do |step|
          step.takes.reject { |take| take.line == @dish.rice_line }.map { |take| [step, line(step, take)] }
        end
      end

      def line(step, take)
        written = @by_id.fetch(take.line)
        food = written.ingredient
        grams = written.g && (written.g * take.share)
        Line.of(**amount(written, take.share, grams), name: written.food, note: note(written, step), g: grams,
                                                      ingredient: food, stage: stage(step, food),
                                                      state: written.state, **said(written))
      end

      def said(written)
        { scales: written.scales || written.ingredient.scales, optional: written.optional,
          instead_of: written.instead_of, written: written.id }
      end

      # As the cook wrote it, else in grams.
      def amount(written, share, grams)
        return { amount: written.amount * share, unit: written.unit } if written.amount && written.unit

        { amount: grams, unit: ("g" if grams) }
      end

      # The rice's liquid, of the vessel in which it was made.
      def needed
        step = @steps.find { |one| one.needed.any? }
        return [] unless step

        vessel = @dish.vessels.find { |one| one.key == step.needed.first }
        called = format(FROM, (vessel.name || vessel.kind).tr("-", " "))
        food = Larder::Ingredients.fetch(STOCK).with(name: called)
        [Line.of(amount: step.needed_g, unit: ("g" if step.needed_g), name: called.downcase, note: "",
                 g: step.needed_g, stage: "liquid", state: "raw", ingredient: food, scales: "people")]
      end

      def stage(step, food)
        return boiled(step, food) if in_par_boil?(step)
        return "liquid" if goes_with_water?(food) && pours?(step)

        gone = lifted_at(step) unless food.fat? || food.liquid
        gone ? stage_of(arrival(gone)) : where_it_is(step)
      end

      def where_it_is(step)
        return STAGES.fetch(step.rice) if in_rice?(step)

        step.rice == "before" ? BESIDE : stage_of(arrival(step))
      end

      def stage_of(arrival)
        arrival ? STAGES.fetch(arrival.rice) : BESIDE
      end

      # The step that takes out of the rice's vessel, before that has the rice, all that went in at a step,
      # and brings it back no sooner than the rice has cooked; or nil.
      def lifted_at(step)
        return unless step.vessel == @dish.rice_vessel.key && step.rice == "before"

        later = @steps.drop(@steps.index(step) + 1).take_while { |one| one.rice == "before" }
        later.find { |one| !@in_rice.include?(one.vessel) && one.from.any? { |pour| all_of?(pour, step) } }
      end

      def all_of?(pour, step)
        pour.vessel == step.vessel && pour.what != "liquid" && pour.share.nil? && pour.g.nil?
      end

      # The step at which what is in another vessel comes to the rice, or nil.
      def arrival(step)
        Vessels::FoodWay.of(@steps, step).drop(1).find { |one| holds_rice?(one) }
      end

      # True for a step in the rice's vessel, or in one into which it was tipped.
      def holds_rice?(step)
        rice = @steps.select { |one| one.vessel == @dish.rice_vessel.key }.last
        return false unless rice

        step.vessel == rice.vessel || Vessels::FoodWay.of(@steps, rice).include?(step)
      end

      def goes_with_water?(food)
        food.liquid || (@drained && DISSOLVES.include?(Methods::Slots.of(food)))
      end

      def in_par_boil?(step)
        step.rice == "before" && @par_boiled && @dish.holds_boiled_rice?(step)
      end

      # Liquid that cooks the rice is put in with it; what is poured into the base of rice that was boiled
      # apart stays as written, for the base needs it.
      def pours?(step)
        !@par_boiled && step.vessel == @dish.rice_vessel.key && %w[before in with].include?(step.rice)
      end

      # Where in the water in which the rice is boiled first; what dissolves is there before it boils.
      def boiled(step, food)
        return "liquid" if food.runs? || food.fat? || DISSOLVES.include?(Methods::Slots.of(food))

        last_minutes(step) ? LATE : BOILED
      end

      # Minutes for which something boils with rice that boils already, or nil.
      def last_minutes(step)
        return unless step.kind == PAR_BOIL && step.minutes && in_par_boil?(step)

        before = @steps.take(@steps.index(step))
        step.minutes if before.any? { |one| one.kind == PAR_BOIL && one.vessel == step.vessel }
      end

      # The cook's note on it, and for how long it boils.
      def note(written, step)
        last = last_minutes(step)
        last &&= format(LAST, Measure::Rounding.plain(last))
        [written.note, last].compact.reject(&:empty?).join(", ")
      end

      # Vessels whose content comes into the rice's before it is cooked.
      def reaching_rice
        found = [@dish.rice_vessel.key]
        loop do
          more = @steps.select { |step| found.include?(step.vessel) && %w[before in].include?(step.rice) }
                       .flat_map { |step| step.from.map(&:vessel) } - found
          return found if more.empty?

          found += more.uniq
        end
      end
    end
  end
end
