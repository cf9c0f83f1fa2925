# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../act"

module FondKettle
  module App
    # Puts away what was cooked, moves it, takes of it and throws it away; makes components and uses them
    # up. Each can be taken back.
    class KeepBox < Act
      PLACE = "/keep"
      COMPONENTS = "/keep#components-heading"

      # Puts something away, as a Forms::KeepForm says.
      def put(form)
        attributes = { **form.attributes, cook_id: known_cook(form.cook_id) }
        noted("Put away: #{form[:what]}", "addition", PLACE) do
          household.kept.put(attributes, made_at: form.made_at, place: form[:place],
                                         moved_at: form.moved_at)
        end
      end

      # Moves a box to another place. Raises NotFound, Conflict.
      def move(record, version, place)
        noted("Moved: #{record[:what]}", "change", PLACE) do
          household.kept.move(record[:id], version, place, now)
        end
      end

      # Takes so many portions out.
      def take(record, version, count)
        noted("Taken out: #{record[:what]}", count == record[:portions] ? "removal" : "change", PLACE) do
          household.kept.take(record[:id], version, count, now)
        end
      end

      # Throws all of a box away.
      def throw_away(record, version)
        noted("Thrown away: #{record[:what]}", "removal", PLACE) do
          household.kept.throw_away(record[:id], version, now)
        end
      end

      # Makes a component, as a Forms::ComponentForm says.
      def make(form)
        noted("Made: #{form.ingredient[:name]}", "addition", COMPONENTS) do
          household.components.make(form.ingredient, now: now, **form.amount)
        end
      end

      # A component (its record, with its name) is used up, or thrown away.
      def use_up(record, version)
        noted("Used up or thrown away: #{record[:name]}", "removal", COMPONENTS) do
          household.components.throw_away(record[:id], version)
        end
      end

      private

      # The cook that it came from, where there is one.
      def known_cook(id)
        id && household.cooks.find(id)[:id]
      rescue NotFound
        nil
      end
    end
  end
end
