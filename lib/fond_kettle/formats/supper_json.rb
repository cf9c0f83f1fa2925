# frozen_string_literal: true

require_relative "../methods/loads/food_load"
require_relative "../methods/loads/rice_vessel"
require_relative "../reading/lines/broth_given"
require_relative "../vessels/frying"
require_relative "plan_json"
require_relative "run_json"

module FondKettle
  module Formats
    # A dish laid for an evening as JSON: a plan's own, with its vessels, the minutes reckoned for its steps,
    # and its salt. Tasks say the vessel and the step that they are.
    class SupperJson
      SHORT = "%d g less than it needs: add as much hot water."
      LEFT = "%d g are left: keep them warm to moisten plates, or cool them as stock."

      # `request`: a DishRequest.
      def initialize(request)
        @request = request
        @supper = request.supper
        @plan = @supper.plan
        @made_in = @plan.request.made_in
        @vessel = Methods::RiceVessel.of(@plan.request)
      end

      # The hash.
      def call
        plan = PlanJson.call(@plan)
        plan.merge(title: @supper.dish.title, servings: @supper.servings.round(3),
                   tasks: plan[:tasks].map { |task| placed(task) }, vessels: vessels,
                   step_minutes: step_minutes, salt: salt, unplaced: @request.unplaced,
                   warnings: [*RunJson.warnings(@supper.warnings), *surplus])
      end

      private

      def placed(task)
        place = place_of(task[:id])
        if place
          { **task, vessel: place.vessel,
                    step: place.id }
        else
          { **task, vessel: @made_in.rice_vessel.key }
        end
      end

      def place_of(id)
        @made_in.step(id.split(".").grep(/\Adish-/).first)
      end

      def vessels
        @made_in.vessels.map do |vessel|
          rows = rows_of(vessel.key).map { |row| @vessel.for_all_pots(row) }
          { key: vessel.key, kind: vessel.kind, pot: vessel.pot.name, rice: vessel.rice,
            steps: steps(vessel.key), fill: fill(rows, vessel.pot), at_end: at_end(rows.last) }
        end
      end

      def steps(key)
        @made_in.steps.select { |step| step.vessel == key }.map(&:id)
      end

      def rows_of(key)
        @vessel.rows.select { |row| row.step.vessel == key }
      end

      # Share of its room that is filled when there is most in it.
      def fill(rows, pot)
        most_ml = rows.map { |row| row.before.volume_ml }.max || 0.0
        (most_ml / pot.volume_ml).round(3)
      end

      # After its own last step, before another takes from it.
      def at_end(row)
        contents = row ? row.contents : Vessels::Contents.of
        { g: contents.mass_g.round(1), free_g: contents.liquid_g.round(1),
          fat_g: contents.total_fat_g.round(1), salt_g: contents.salt_g.round(2),
          temp_c: Methods::FoodLoad.temp_c(contents, contents.liquid_c).round, allergens: contents.allergens }
      end

      # Minutes that steps take, where they are reckoned.
      def step_minutes
        rows = @vessel.rows.select { |row| row.does&.state && !row.never_hot }
        rows.to_h do |row|
          before = @vessel.for_all_pots(row).before
          minutes = Vessels::Frying.minutes(before, row.does, @vessel.setting_of(row.step.vessel))
          [@made_in.step(row.step.key).id, minutes.round(1)]
        end
      end

      def salt
        { g: @supper.salt.total_g.round(2), g_each: @supper.salt.serving_g.round(2) }
      end

      # True where nobody knows how much broth a vessel (key) has: its water only covers what lies in it.
      def covered?(key)
        @request.graph.steps.any? { |step| step.vessel == key && step.say.match?(Reading::BrothGiven::TO_COVER) }
      end

      # Of a broth that is made in a vessel of its own, what is left when the rice has what it needs.
      def surplus
        key = @request.graph.steps.flat_map(&:needed).first
        row = key && rows_of(key).last
        return [] if row.nil? || covered?(key)

        made_g = row.contents.liquid_g
        left_g = made_g - @plan.liquid_g
        code, what = left_g.negative? ? ["broth-short", SHORT] : ["broth-left", LEFT]
        goes = "#{made_g.round} g of broth are made, #{@plan.liquid_g.round} g go into the rice"
        [{ code: code, say: "#{goes}, #{format(what, left_g.abs.round)}" }]
      end
    end
  end
end
