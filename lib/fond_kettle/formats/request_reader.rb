# frozen_string_literal: true

require "json"
require_relative "../errors"
require_relative "../kit/burner"
require_relative "../kit/oven"
require_relative "../kit/vessel"
require_relative "../larder/grains"
require_relative "../larder/ingredients"
require_relative "../measure/cup"
require_relative "../measure/units"
require_relative "../method/charging"
require_relative "../method/request"
require_relative "../method/schools"
require_relative "../pot/stage"
require_relative "request_schema"

module FondKettle
  module Formats
    # Reads the contract's JSON into a Request. Every failure is told together, as
    # InvalidInput with the field's path ("vessel.diameter_mm").
    class RequestReader
      OWN_MEASURE = "measure"

      # JSON text to a hash. Raises InvalidInput for text that is no JSON object.
      def self.parse(text)
        data = JSON.parse(text)
        return data if data.is_a?(Hash)

        raise InvalidInput.at("request", "must be a JSON object")
      rescue JSON::ParserError, EncodingError
        raise InvalidInput.at("request", "must be JSON")
      end

      # `data`: the parsed JSON; `schools`: the methods to choose from. Raises InvalidInput.
      def initialize(data, schools: Method::Schools.ours)
        @schools = schools
        result = REQUEST_SCHEMA.call(data)
        raise InvalidInput, problems(result) if result.failure?

        @data = result.to_h
        check_lists
      end

      def request
        @request ||= Method::Request.new(
          school: school, choices: choices, grain: grain, rice_g: rice_g, texture: texture, drain: @data[:drain] || school.drain,
          rinse_changes: @data.dig(:rinse, :changes) || school.rinse_changes,
          soak_min: @data.dig(:soak, :minutes) || school.soak_min(grain), water_c: @data.dig(:soak, :water_c) || 20.0,
          vessel: vessel, burner: burner, oven: Kit::USUAL_OVEN, altitude_m: @data[:altitude_m] || 0.0, additions: additions,
          company: [].freeze,
          measures: Measure::House.with(cup),
          lesson: Method::NO_LESSON
        )
      end

      # What the cook poured, g. Raises InvalidInput when it is not given.
      def liquid_g
        @data.dig(:liquid, :g) || raise(InvalidInput.at("liquid.g", "must be given: what was poured, in grams"))
      end

      # The cook's own stages, or nil.
      def stages
        @data[:stages]&.each_with_index&.map { |stage, index| stage(stage, index) }
      end

      private

      def problems(result)
        Schema.faults(result).map do |message, said|
          { field: message.path.join("."), message: said, received: printable(message.input) }.compact
        end
      end

      def printable(input)
        input if input.is_a?(String) || (input.is_a?(Numeric) && input.to_f.finite?)
      end

      def check_lists
        within("additions", @data[:additions], 0..Method::Limits::ADDITIONS)
        within("stages", @data[:stages], 1..Method::Limits::STAGES)
        within("rice.people", @data[:rice][:people], Method::Limits::PEOPLE)
      end

      def within(field, list, range)
        return if list.nil? || range.cover?(list.size)

        raise InvalidInput.at(field, "must list between #{range.min} and #{range.max}", received: list.size)
      end

      def school
        @school ||= @schools.fetch(@data[:method])
      end

      def grain
        @grain ||= Larder::Grains.fetch(@data[:grain])
      end

      def rice_g
        grams = @data[:rice][:people] ? for_people : for_amount
        return grams if Method::Limits::RICE_G.cover?(grams)

        raise InvalidInput.at("rice.amount", "must come to between #{Method::Limits::RICE_G.min} and " \
                                             "#{Method::Limits::RICE_G.max} g of rice", received: grams.round(2))
      end

      def for_people
        eaters = @data[:rice][:people].map { |person| Table::Eater.of(**person) }
        Table::Portions.rice_g(eaters, school.portion)
      end

      def for_amount
        amount, unit = @data[:rice].values_at(:amount, :unit)
        raise InvalidInput.at("rice", "must have an amount or people") unless amount

        weigh(amount, unit)
      end

      def weigh(amount, unit)
        return amount * cup.ml * grain.rho_g_ml if @data[:measure] && [OWN_MEASURE, cup.name].include?(unit)

        Measure::Units.grams(amount, unit || "g", grain.rho_g_ml)
      rescue InvalidInput => e
        raise InvalidInput.at("rice.#{e.problems.first[:field]}", e.problems.first[:message], received: unit || amount)
      end

      def texture
        given = @data.fetch(:texture, "standard")
        return Larder::TEXTURES[given] if Larder::TEXTURES.key?(given)
        return given.to_f if given.is_a?(Numeric) && Method::Limits::TEXTURE.cover?(given)

        raise InvalidInput.at("texture", "must be firm, standard, soft or a number from -1 to 1")
      end

      def choices
        Method::Choices.of(**@data.slice(:stir, :cloth, :parchment, :crust, :residue_g, :parts, :oven_c), **(@data[:base] || {}))
      end

      # What goes in when a stage begins: liquid and food.
      def added(given, index)
        return unless given

        foods = (given[:food] || []).map { |food| Method::Addition.of(ingredient(food[:ingredient], index), food[:g]) }
        bulk = Method::Charging.additions(foods)
        Pot::Addition.new(liquid_g: given[:liquid_g] || 0.0, at_c: given[:at_c] || Method::Charging::ROOM_C,
                          **bulk.slice(:brought_g, :drink_g, :solids_j_k))
      end

      def vessel
        Kit::Vessel.new(id: nil, name: "pot", lid_factor: 1.0, **school.vessel, **@data.fetch(:vessel, {}))
      end

      def burner
        Kit::Burner.usual(@data.dig(:burner, :source) || school.burner[:source], @data.dig(:burner, :high_w))
      end

      def additions
        (@data[:additions] || []).each_with_index.map do |addition, index|
          Method::Addition.of(ingredient(addition[:ingredient], index), addition[:g])
        end
      end

      def ingredient(key, index)
        Larder::Ingredients.fetch(key)
      rescue InvalidInput => e
        raise InvalidInput.at("additions.#{index}.ingredient", e.problems.first[:message], received: key)
      end

      def cup
        measure = @data[:measure]
        measure ? Measure::Cup.new(id: nil, **measure) : Measure::US_CUP
      end

      def stage(given, index)
        unless given.key?(:until) ^ given.key?(:minutes)
          raise InvalidInput.at("stages.#{index}", "must have either until or minutes")
        end

        Pot::Stage.plain(key: "stage-#{index + 1}", lid: given[:lid] || vessel.lid, heat: given[:heat],
                         ends_at: given[:until], minutes: given[:minutes], oven_c: given[:oven_c],
                         parchment: given[:parchment] || false, cloth: given[:cloth] || false, drain: given[:drain] || false,
                         stirred: given[:stirred] || false,
                         lifted_s: given[:lifted_s] || 0.0, add: added(given[:add], index))
      end
    end
  end
end
