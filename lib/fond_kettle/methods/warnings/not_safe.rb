# frozen_string_literal: true

require_relative "../../care/cautions"
require_relative "../../measure/rounding"
require_relative "warning"
require_relative "../tasks/task_words"

module FondKettle
  module Methods
    # Warnings about danger: food that must boil through and does not, raw food in a pot that never gets hot,
    # rice that stands warm.
    module NotSafe
      CODE = "not-safe"
      BOIL_FIRST = "boil it beforehand, or take it cooked. Pulses and their like must be boiled through; " \
                   "below the boil they never are."
      # Warm water is no place to stand for longer than that.
      WARM_SOAK_MIN = 120

      module_function

      # The Warnings of a Request whose pot took this `run` (Pot::Run). What a dish's own
      # lines get is judged there: they have steps of their own.
      def warnings(request, run)
        [*boiled(request, run), *raw(request, run), *warm_soak(request)]
      end

      # Warnings about a pot of layers, in which nothing boils through, whatever its minutes.
      def in_layers(request)
        unboiled = request.additions.select(&:label).filter_map do |addition|
          boil_through(addition.ingredient.name, addition.ingredient.boil_min, 0.0)
        end
        [*unboiled, *warm_soak(request)]
      end

      # Warning about food that must boil `wants_min` and boils `has_min`; nil when it boils long enough.
      def boil_through(name, wants_min, has_min)
        return unless wants_min > has_min

        warning(CODE,
                "#{name}: #{wants_min.ceil} min at the boil wanted, #{has_min.floor} min here: #{BOIL_FIRST}")
      end

      def boiled(request, run)
        broth_min = broth_min(request)
        request.additions.select(&:label).filter_map do |addition|
          has_min = broth_min + (addition.out ? 0.0 : run.boiling_min)
          boil_through(addition.ingredient.name, addition.ingredient.boil_min, has_min)
        end
      end

      # Minutes for which food beside the rice boils in its broth, from the start.
      def broth_min(request)
        request.method.broth&.minutes.to_f
      end

      def raw(request, run)
        return [] if run.boils? || broth_min(request).positive?

        names = request.additions.map(&:ingredient)
                       .select { |food| food.care.intersect?(Care::Cautions.raw) }.map(&:name).uniq
        names.map { |name| warning(CODE, "#{name} goes in raw, and this pot never boils: it stays raw.") }
      end

      def warm_soak(request)
        return soak_cold(request) if request.soaks_cold?
        return [] unless request.water_c > TaskWords::COLD_C && request.soak_min > WARM_SOAK_MIN

        soak = "#{Measure::Rounding.duration(request.soak_min)} in water at #{request.water_c.round} °C"
        [warning("warm-soak",
                 "#{soak}: above #{TaskWords::COLD_C} °C no longer than #{WARM_SOAK_MIN / 60} h, " \
                 "or what grows in it survives the cooking. Longer: in the refrigerator.")]
      end

      # Warnings about food that soaks for hours: it stands in the refrigerator, and the cook is told so.
      def soak_cold(request)
        [warning("soak-cold",
                 "#{Measure::Rounding.duration(request.soak_min)} is too long in water of " \
                 "#{request.water_c.round} °C: it soaks in the refrigerator, and is reckoned at " \
                 "#{request.soaked_c.round} °C.")]
      end

      def warning(code, say)
        Warning.new(code: code, say: say)
      end

      private_class_method :soak_cold, :boiled, :broth_min, :raw, :warm_soak, :warning
    end
  end
end
