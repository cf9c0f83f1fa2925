# frozen_string_literal: true

require_relative "../methods/planning/trial"
require_relative "../numeric/root"
require_relative "../pot/runs/cooking"
require_relative "../pot/load"
require_relative "../pot/stage"
require_relative "cook"

module FondKettle
  module Stove
    # A pot on the stove as the model takes it: its request, Solved, with what really happened (a Cook).
    class Course
      # Between these, times the burner's power, the fire is looked for that boils when it did.
      POWER = (0.25..4.0)
      CLOSE = 0.003
      # Where a fire never boils it, one so many times as strong is tried.
      STRONGER = 1.5
      # What the boil may change of a later stage, minutes.
      MOST_SOONER_MIN = 3.0
      MOST_LATER_MIN = 10.0
      # Events at which a stage is cut.
      CUTS = %w[lifted added took-out put-back mended].freeze
      # What was lifted out has cooled to so much when it goes back, °C (a guess: a plate beside the stove).
      BACK_C = 60.0

      # `solved`: Methods::Solved, or a Plan; `cook`: Cook.
      def initialize(solved, cook)
        @solved = solved
        @cook = cook
      end

      # The changes that the boil makes to the ends of later tasks: {id => minutes more (negative: fewer)};
      # empty when it boiled as planned, or nothing later is timed.
      def after_the_boil
        task = timed_after_boil
        return {} unless task && boiled_min

        more_min = (core_min(setting) - core_min(@solved.setting)).clamp(-MOST_SOONER_MIN, MOST_LATER_MIN)
        more_min.abs < 0.5 ? {} : { task[:id] => more_min.round(1) }
      rescue NoCore
        {}
      end

      # The Cook.
      attr_reader :cook

      # Outcome with the amount that was really poured (Methods::ComesOut).
      def outlook
        Methods::Trying.run(@solved.request, @cook.poured_g + @cook.added_g).comes_out
      end

      # The stages as they went until `now`, each cut where the lid was lifted, water went in or a part of a
      # way out was done; nothing in them ends but by its time.
      def so_far(now)
        @solved.stages.each_with_index.flat_map do |stage, index|
          from, to = @cook.stage_times(index, now)
          from && to > from ? pieces(stage, from, to) : []
        end
      end

      # Watts of the fire on high as its boil has shown it, or nil.
      def shown_high_w
        setting.burner.high_w if boiled_min&.positive? && boils_by_plan?
      end

      private

      # The core is not gone while it is cooked.
      class NoCore < Error; end
      private_constant :NoCore

      # Minutes from the heat to the boil as it was seen, or nil.
      def boiled_min
        return unless @cook.heat_on_at && @cook.boiled_at

        (@cook.boiled_at - @cook.heat_on_at) / 60.0
      end

      # True when it boiled as planned.
      def boils_by_plan?
        @cook.plan.fetch(:cues, []).any? { |cue| cue[:cue] == "boil" }
      end

      # The kitchen with a fire that boils this pot when it did boil.
      def setting
        @setting ||= boiled_min&.positive? && boils_by_plan? ? fired : @solved.setting
      end

      # Twice the power boils in about half the time: so the right one is soon found.
      def fired
        burner = @solved.setting.burner
        times = Numerics::Root.fixed_point(1.0, close: CLOSE) do |power|
          tried = power.clamp(POWER.min, POWER.max)
          at_min = boils_at_min(burner.with(high_w: burner.high_w * tried))
          (at_min ? tried * at_min / boiled_min : tried * STRONGER).clamp(POWER.min, POWER.max)
        end.x
        @solved.setting.with(burner: burner.with(high_w: burner.high_w * times))
      end

      # Minutes to the boil over a burner, or nil.
      def boils_at_min(burner)
        run(@solved.setting.with(burner: burner), to_boil).at("boil")
      end

      def run(setting, stages = @solved.stages)
        Pot::Cooking.run(@solved.load, @cook.poured_g, stages, setting,
                         step_min: Pot::Cooking::CUES_STEP_MIN)
      end

      # The stages up to the one that ends with the boil.
      def to_boil
        @solved.stages.take((boils || 0) + 1)
      end

      # The index of that stage, or nil.
      def boils
        @solved.stages.index { |stage| stage.until == "boil" }
      end

      # Minutes from the boil until the core is gone.
      def core_min(setting)
        run = run(setting)
        gone, boiled = %w[core-gone boil].map { |cue| run.at(cue) }
        raise NoCore unless gone && boiled

        gone - boiled
      end

      # The last timed stage on the heat after the one that ends with the boil, as a task.
      def timed_after_boil
        index = boils && @solved.stages.rindex { |stage| !stage.off? && stage.until.nil? }
        index && index > boils ? @cook.tasks.find { |task| task[:stage] == index } : nil
      end

      def pieces(stage, from, to)
        events = @cook.events.select { |one| cut?(one) && one.at.between?(from, to) }
        times = [from, *events.map(&:at), to]
        times.each_cons(2).zip([nil, *events]).filter_map do |(start, stop), event|
          stage = going_on(stage, event)
          piece(stage, (stop - start) / 60.0, event) if stop > start
        end
      end

      # True for an event that cuts a stage. Food taken out of a pot that does not boil yet counts as left in,
      # since nobody knows its temperature.
      def cut?(event)
        CUTS.include?(event.kind) &&
          (event.kind != "took-out" || (!@cook.boiled_at.nil? && event.at >= @cook.boiled_at))
      end

      # The stage as it goes on after a part of a way out.
      def going_on(stage, event)
        part = event && mended(event)
        return stage unless part

        lid = @solved.setting.vessel.lid_for(covered: part[:lid])
        stage.with(heat: part[:heat], lid: lid, oven_c: nil, stirred: true)
      end

      # The part of a way out that was done at an event, as a remedy has it, or nil.
      def mended(event)
        @cook.parts_done.find { |at, _| at == event.at }&.last if event.kind == "mended"
      end

      def piece(stage, minutes, event)
        set = { until: nil, minutes: minutes, extra_min: 0.0 }
        stage.with(**set, **happened(event))
      end

      # The change that an event makes to the stage that begins with it.
      def happened(event)
        case event&.kind
        when "lifted" then { lifted_s: Water.seconds(event.what) }
        when "added" then { add: addition(liquid_g: Float(event.what)) }
        when "mended" then { add: more(mended(event)) }
        when "took-out" then { add: addition(solids_j_k: -heat_j_k(event.what)) }
        when "put-back" then { add: addition(solids_j_k: heat_j_k(event.what), at_c: BACK_C) }
        else {}
        end
      end

      def more(part)
        liquid_g = part ? part[:add_g] - part[:off_g] : 0
        addition(liquid_g: liquid_g.to_f) unless liquid_g.zero?
      end

      def addition(liquid_g: 0.0, solids_j_k: 0.0, at_c: @solved.setting.boil_c)
        Pot::Addition.new(liquid_g: liquid_g, brought_g: 0.0, drink_g: 0.0, solids_j_k: solids_j_k,
                          at_c: at_c)
      end

      # The heat capacity of food given by its key, in J/K; none for rice, or when nobody weighed it.
      def heat_j_k(key)
        grain = @solved.request.grain
        [grain.key, grain.name].include?(key) ? 0.0 : @cook.food_g(key) * Pot::MOIST_FOOD_J_G_K
      end
    end
  end
end
