# frozen_string_literal: true

require "rack/utils"
require_relative "../../lib/fond_kettle/errors"
require_relative "../../lib/fond_kettle/log/teacher"
require_relative "../../lib/fond_kettle/measure/units"
require_relative "../../lib/fond_kettle/method/planner"
require_relative "fields"

module FondKettle
  module Web
    module Forms
      # The Pot page's form: what was typed, what is wrong with it, and, when
      # nothing is, the Request. The kitchen supplies pots, cups, burners, eaters.
      class PlanForm
        FIELDS = %i[grain method for who guests portion amount unit pot cup burner texture rinse soak water_c drain
                    lesson serve].freeze
        # An empty kitchen still gets its first pot.
        GUESTS_WITHOUT_EATERS = 2

        attr_reader :problems, :household, :request, :lesson

        # `typed`: the parameters as they came, with string keys.
        def initialize(typed, household)
          @household = household
          @typed = FIELDS.to_h { |field| [field, typed[field.to_s]] }.compact
          result = PLAN.call(@typed.reject { |field, value| value == "" && field != asked_for })
          @values = result.to_h
          @problems = Forms.problems(result).dup
          build if @problems.empty?
          @problems.freeze
        end

        def ok?
          @problems.empty?
        end

        # What a field shows: as typed, else its default.
        def [](field)
          @typed.fetch(field) { defaults[field] }
        end

        def who
          @typed.key?(:who) || @typed.key?(:guests) ? Array(@typed[:who]).map(&:to_s) : eaters.map { |eater| eater[:id].to_s }
        end

        # The address that holds this plan.
        def address
          pairs = FIELDS.flat_map { |field| Array(@typed[field]).map { |value| [field == :who ? "who[]" : field.to_s, value] } }
          pairs.reject { |_, value| value == "" }.map { |name, value| "#{name}=#{Rack::Utils.escape(value)}" }.join("&")
        end

        def eaters
          @eaters ||= @household.shelf(:eaters).all
        end

        def pots
          @pots ||= @household.shelf(:pots).all
        end

        def cups
          @cups ||= @household.shelf(:cups).all
        end

        def burners
          @burners ||= @household.shelf(:burners).all
        end

        def grain
          Larder::Grains.all[self[:grain]] || Larder::Grains.all.values.first
        end

        def school
          Method::Schools.all[self[:method]] || Method::Schools.all.values.first
        end

        # The records in use, nil for the method's own.
        def pot
          pick(pots, :pot) || usual_pot
        end

        def cup
          pick(cups, :cup) || cups.first
        end

        # How many sit at the table.
        def heads
          who.size + self[:guests].to_i
        end

        private

        # The one field that may not be left blank: how much rice, or for how many.
        def asked_for
          self[:for] == "amount" ? :amount : :guests
        end

        def defaults
          @defaults ||= { grain: @typed.key?(:grain) ? nil : usual_grain, method: "covered-pot",
                          for: "people", portion: "main", unit: "g", amount: "", texture: "0", lesson: "use",
                          guests: eaters.empty? && !@typed.key?(:who) ? GUESTS_WITHOUT_EATERS.to_s : "0",
                          rinse: school_default.rinse_changes.to_s, drain: school_default.drain }.freeze
        end

        # What the first bag in the cupboard holds.
        def usual_grain
          @household.shelf(:bags).all.first&.fetch(:grain) || "basmati"
        end

        def school_default
          Method::Schools.all[@typed[:method]] || Method::Schools.fetch("covered-pot")
        end

        def cooker?
          school.burner[:source] == "cooker"
        end

        # Cooker bowls go with the cooker, the rest with the stove.
        def usual_pot
          pots.find { |pot| (pot[:lid] == "cooker") == cooker? }
        end

        def pick(records, field)
          id = @values[field]
          return unless id

          records.find { |record| record[:id] == id } || problem(field, "is not in the cupboard any more: choose another")
        end

        def problem(field, message)
          @problems << { field: field.to_s, message: message } unless @problems.frozen?
          nil
        end

        def build
          rice = rice_g
          parts = { vessel: vessel, burner: burner, cup: cup_value }
          return unless @problems.empty?

          @lesson = teach(pot)
          @request = Method::Request.new(method: school.key, grain: grain, rice_g: rice, additions: [], **wash, **parts,
                                         texture: @values.fetch(:texture, 0.0), altitude_m: @household.kitchen[:altitude_m],
                                         lesson: self[:lesson] == "leave" ? Method::NO_LESSON : @lesson)
        end

        def wash
          { rinse_changes: @values.fetch(:rinse, school.rinse_changes), drain: @values.fetch(:drain, school.drain),
            soak_min: @values[:soak] || school.soak_min(grain), water_c: @values[:water_c] || 20.0 }
        end

        def rice_g
          grams = self[:for] == "amount" ? weighed : for_people
          return if grams.nil?
          return grams if Limits::RICE_G.cover?(grams)

          problem(self[:for] == "amount" ? :amount : :guests,
                  "must come to between #{Limits::RICE_G.min} g and #{Limits::RICE_G.max / 1000} kg of rice")
        end

        def weighed
          amount = @values[:amount]
          return problem(:amount, "must be given: how much raw rice") unless amount
          return amount * cup_value.ml * grain.rho_g_ml if self[:unit] == HOUSE_CUP

          Measure::Units.grams(amount, self[:unit], grain.rho_g_ml)
        end

        def for_people
          seated = eaters.select { |eater| who.include?(eater[:id].to_s) }.map { |record| @household.value(:eaters, record) }
          guests = Array.new(self[:guests].to_i, Table::Eater.new(id: nil, name: "guest", appetite: "regular", age: "adult"))
          table = seated + guests
          return problem(:guests, "must seat somebody: tick who eats, or give a number of guests") if table.empty?

          Table::Portions.rice_g(table, self[:portion])
        end

        def cup_value
          cup ? @household.value(:cups, cup) : Measure::US_CUP
        end

        def vessel
          return Kit::Vessel.new(id: nil, name: "A usual pot", **school.vessel) unless pot

          vessel = @household.value(:pots, pot)
          return vessel.with(lid: "cooker") if cooker?

          vessel.lid == "cooker" ? vessel.with(lid: "ordinary") : vessel
        end

        def burner
          chosen = pick(burners, :burner)
          fitting = burners.find { |record| (record[:source] == "cooker") == cooker? }
          record = chosen && (chosen[:source] == "cooker") == cooker? ? chosen : fitting
          return @household.value(:burners, record) if record

          source = school.burner[:source]
          Kit::Burner.new(id: nil, name: source, source: source, high_w: Kit::BURNER_HIGH_W.fetch(source).to_f)
        end

        def teach(pot)
          cooks = @household.cooks.taught(grain.key, pot && pot[:id], most: Log::Teacher::REMEMBERS)
          Log::Teacher.lesson(cooks.map { |cook| finished(cook) }, grain)
        end

        def finished(cook)
          balance = cook[:plan][:balance]
          carried_g = balance[:soak_gain_g] + balance[:surface_g] + balance[:brought_g]
          Log::Finished.new(
            on: cook[:finished_at].getlocal.strftime("%-d %b"), rice_g: cook[:plan][:rice][:g], poured_g: cook[:poured_g],
            carried_g: carried_g, loss_g: balance[:loss_g], texture: cook[:plan][:texture].to_f,
            outcome: Log::Outcome.new(**cook[:outcome].slice(:grain, :wetness, :floor, :note))
          )
        end
      end
    end
  end
end
