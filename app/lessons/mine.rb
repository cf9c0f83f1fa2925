# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../../lib/fond_kettle/log/told_lessons"
require_relative "../act"
require_relative "../plans/look"

module FondKettle
  module App
    # "Mine comes right": a cook's own water for a pot, told once; it can be forgotten again.
    class TellMine < Act
      NONE = "must be said first: how much water do you pour?"
      # What follows from it, for who told it.
      TOLD = "Plans for this rice, this pot and this house go by it from now on."

      # The App::OwnWater of a Forms::PlanForm without problems, in a kitchen. Raises InvalidInput where none
      # is said.
      def self.own(form, kitchen)
        look = LookAtPlan.new(form, kitchen)
        look.own(look.plan) || raise(InvalidInput.at("own", NONE))
      end

      # The Log::ToldLessons of such a form, before anything is kept.
      def self.lessons(form, kitchen)
        Log::ToldLessons.new(form.request, own(form, kitchen).liquid_g, form.bag&.id, form.dish&.title)
      end

      # Keeps that the own water of a Forms::PlanForm without problems comes right. Raises InvalidInput.
      def call(form)
        own = TellMine.own(form, household.kitchen)
        return if told?(form.address, own.liquid_g)

        title = "#{form.request.grain.name}, #{form.request.vessel.name.downcase}"
        noted("Told: #{own.liquid_g.round} g comes right, #{title}", "addition", "/log") do
          household.lessons.tell_mine(form.request, own.liquid_g, form.bag&.id, form.dish&.title,
                                      now: now, title: title, address: form.address)
        end
      end

      # Forgets one. Raises NotFound, Conflict.
      def forget(record, version)
        noted("Forgotten: #{record[:liquid_g].round} g, #{record[:title]}", "removal", "/log") do
          household.lessons.mine.remove(record[:id], version, now)
        end
      end

      private

      # True where the same was told already, by another tap.
      def told?(address, liquid_g)
        household.lessons.mine.all.any? do |record|
          record.values_at(:address, :liquid_g) == [address, liquid_g]
        end
      end
    end
  end
end
