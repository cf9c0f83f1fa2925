# frozen_string_literal: true

require_relative "../../pot/attributes"
require_relative "../../pot/stage"

module FondKettle
  module Methods
    # The stages of a phase's text as the pot model works on them, with what a request sets.
    module PotStages
      AT_BOIL = "at-boil"
      CLAY = "clay"

      module_function

      # Pot::Stages of a PhaseText in its `vessel` (Kit::Vessel), not solved yet.
      def of(request, text, vessel)
        stirred = stirred(text, request)
        text.stages.map do |stage|
          plain = Pot::Stage.plain(key: stage.key, extra_min: request.lesson.extra_min,
                                   **attributes(stage), lid: stage.lid || vessel.lid,
                                   oven_c: oven_c(stage, request))
          said = chosen(plain, request.choices)
          said[:stirred] = true if stage.equal?(stirred)
          gentle(said.empty? ? plain : plain.with(**said), vessel)
        end
      end

      # °C of an oven stage: as chosen (OvenReach has looked whether it gets there), or as the method has
      # it and this oven gets; nil for any other stage.
      def oven_c(stage, request)
        stage.oven_c && (request.choices.oven_c || [stage.oven_c, request.oven.most_c].min)
      end

      # The stage of a phase's text that is stirred when it begins: the one after the
      # boil, where that was chosen; nil where none is.
      def stirred(text, request)
        return unless (request.choices.stir || request.method.stir) == AT_BOIL

        boils = text.stages.index { |stage| stage.until == "boil" }
        boils && text.stages[boils + 1]
      end

      # Attributes that the method's file sets; whole minutes as floats.
      def attributes(stage)
        Pot::Attributes.set_by(:method).each_with_object({}) do |attribute, set|
          value = stage.public_send(attribute.key)
          set[attribute.key] = value.is_a?(Integer) ? value.to_f : value
        end
      end

      # Clay cracks over a high flame.
      def gentle(stage, vessel)
        vessel.material == CLAY && stage.heat == "high" ? stage.with(heat: "medium") : stage
      end

      # Attributes that the request sets for the whole plan, where they apply, by key.
      def chosen(stage, choices)
        said = timed_and_heated(stage, choices)
        Pot::Attributes.switches(:request).each do |attribute|
          wanted = choices.public_send(attribute.key)
          said[attribute.key] = wanted && attribute.fits.call(stage) unless wanted.nil?
        end
        said
      end

      # The heat up to the boil, and the minutes off it.
      def timed_and_heated(stage, choices)
        rests = stage.off? && stage.minutes.is_a?(Numeric) && !stage.drain
        { heat: (choices.heat_to_boil if stage.until == "boil" && !stage.off?),
          minutes: (choices.rest_minutes if rests) }.compact
      end

      private_class_method :attributes, :gentle, :chosen, :timed_and_heated
    end
  end
end
