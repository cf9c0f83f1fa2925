# frozen_string_literal: true

require_relative "../supper_words"
require_relative "../vessel_rows"

module FondKettle
  module Web
    module Presenters
      # Components of Keep that stand in for vessels of a dish for one evening, or could.
      class KeptInstead < SupperWords
        # A component that stands in for a vessel (its key) tonight, or could: the value of its field, whether
        # it is `taken`, and words.
        Choice = Value.define(:vessel, :value, :taken, :words)

        # A Choice for each component of Keep that stands in for one of them, or could.
        def choices
          taken = form.kept.all.map do |one|
            Choice.new(vessel: one.vessel, value: one.text, taken: true,
                       words: words(one.ingredient.name, one.g, nil))
          end
          taken + rows.beside.flat_map { |vessel, row| offers(vessel, row) }
        end

        private

        def rows
          @rows ||= VesselRows.new(plan.request)
        end

        # Components that are made of what is made in a vessel, and enough of it.
        def offers(vessel, row)
          names = row.contents.foods.flat_map { |food| household.names.words(food.ingredient.name) }
          there = household.components.there.select { |one| one[:left_g] >= row.contents.mass_g }
          there = there.select { |one| household.names.words(one[:name]).intersect?(names) }
          there.map { |one| offer(one, vessel, row.contents.mass_g / supper.factor) }
        end

        def offer(component, vessel, written_g)
          value = "#{vessel.key}:#{component[:own_ingredient_id]}:#{plain(written_g.round(1))}"
          Choice.new(vessel: vessel.key, value: value, taken: false,
                     words: words(component[:name], written_g, vessel.called))
        end

        # "Take **178 g** fried onions from Keep in place of what is made in the wide pan"
        def words(name, written_g, called)
          ["Take **#{grams(written_g * supper.factor)}** #{name.downcase} from Keep",
           *("in place of what is made in #{called}" if called)].join(" ")
        end
      end
    end
  end
end
