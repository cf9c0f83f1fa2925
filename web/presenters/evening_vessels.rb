# frozen_string_literal: true

require_relative "supper_words"
require_relative "vessel_rows"

module FondKettle
  module Web
    module Presenters
      # The vessels in which a dish is made beside the rice's, for one evening, and what Keep has in their
      # place.
      class EveningVessels < SupperWords
        # One of them: what it is called, drawn with what is in it when it is done; the steps in it, each with
        # its time; `first_min`: when the first begins, before serving.
        Vessel = Value.define(:name, :drawing, :steps, :first_min)
        # What stands in for a vessel tonight, or could: the value of its field, whether it is so, and words.
        Choice = Value.define(:value, :taken, :words)

        # A Vessel for each, in the order in which they are begun.
        def all
          rows.beside.map { |vessel, row| vessel(vessel, row) }.sort_by { |vessel| -vessel.first_min }
        end

        # A Choice for each component of Keep that stands in for one of them, or could.
        def choices
          taken = form.kept.all.map do |one|
            Choice.new(value: one.text, taken: true, words: words(one.ingredient.name, one.g, nil))
          end
          taken + rows.beside.flat_map { |vessel, row| offers(vessel, row) }
        end

        private

        def rows
          @rows ||= VesselRows.new(plan.request)
        end

        def vessel(vessel, row)
          keys = plan.request.made_in.steps.select { |step| step.vessel == vessel.key }.map(&:key)
          there = plan.starts.select { |start| keys.include?(start.task.id.split(".").last) }
          Vessel.new(name: vessel.called.sub(/\Athe /, ""), first_min: there.map(&:before_min).max || 0,
                     drawing: rows.drawing(row, row.contents, "vessel-#{vessel.key}"),
                     steps: there.map { |start| [at(start), start.task.say] })
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
          Choice.new(value: value, taken: false, words: words(component[:name], written_g, vessel.called))
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
