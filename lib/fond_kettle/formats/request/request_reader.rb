# frozen_string_literal: true

require "json"
require_relative "../../belief/belief"
require_relative "../../belief/scoped"
require_relative "../../ground/errors"
require_relative "../../kit/burner"
require_relative "../../kit/oven"
require_relative "../../kit/vessel"
require_relative "../../larder/grains"
require_relative "../../larder/ingredients"
require_relative "../../measure/cup"
require_relative "../../methods/loads/food_load"
require_relative "../../methods/request/making_checks"
require_relative "../../methods/request/request"
require_relative "../../methods/library"
require_relative "../../pot/stage"
require_relative "liquids_reader"
require_relative "making_reader"
require_relative "request_check"
require_relative "rice_reader"
require_relative "sealed_reader"

module FondKettle
  module Formats
    # Reads the contract's JSON into a Request. Every failure is told together, as
    # InvalidInput with the field's path ("vessel.diameter_mm").
    class RequestReader
      # JSON text to a hash. Raises InvalidInput for text that is no JSON object.
      def self.parse(text)
        unless text.dup.force_encoding(Encoding::UTF_8).valid_encoding?
          raise InvalidInput.at("request", "must be UTF-8 text")
        end

        data = JSON.parse(text)
        return data if data.is_a?(Hash)

        raise InvalidInput.at("request", "must be a JSON object")
      rescue JSON::ParserError, EncodingError
        raise InvalidInput.at("request", "must be JSON")
      end

      # `data`: the parsed JSON; `library`: the methods to choose from. Raises InvalidInput.
      def initialize(data, library: Methods::Library.ours)
        @library = library
        @data = RequestCheck.call(data)
      end

      # The Methods::Request; what is not given is the method's own or usual. Raises InvalidInput.
      def request
        given = { drain: @data[:drain], drain_min: @data[:drain_minutes]&.to_f,
                  rinse_changes: @data.dig(:rinse, :changes),
                  rinse_min: @data.dig(:rinse, :minutes)&.to_f,
                  soak_min: @data.dig(:soak, :minutes), water_c: @data.dig(:soak, :water_c),
                  **@data.slice(:altitude_m, :hands, :kettle_w, :liquid_start_c) }.compact
        @request ||= sound(Methods::Request.of(
                             method: method, grain: grain, rice_g: rice.rice_g, texture: texture,
                             choices: choices, vessel: vessel, burner: burner,
                             additions: [*additions, *liquids.poured].freeze,
                             main_liquid: liquids.main, eaters: rice.eaters,
                             layered: SealedReader.new(@data, method).layered,
                             making: MakingReader.new(@data, method, vessel).making,
                             measures: Measure::House.with(measure), **given
                           ))
      end

      # Amount that the cook poured, in g. Raises InvalidInput when it is not given.
      def liquid_g
        @data.dig(:liquid, :g) ||
          raise(InvalidInput.at("liquid.g", "must be given: what was poured, in grams"))
      end

      # The kitchen as it really is (Belief::Estimates), or nil: as the book has it.
      def kitchen
        given = @data[:kitchen]
        return unless given

        Belief::Estimates.truth(**given.to_h { |name, factor| [Belief::Scopes.key(name), factor.to_f] })
      end

      # The cook's own stages, or nil.
      def stages
        @data[:stages]&.each_with_index&.map { |stage, index| stage(stage, index) }
      end

      private

      def sound(request)
        request.tap { Methods::MakingChecks.call(request, field: "filling.g_each") }
      end

      def method
        @method ||= @library.fetch(@data[:method])
      end

      def grain
        @grain ||= Larder::Grains.fetch(@data[:grain])
      end

      def rice
        @rice ||= RiceReader.new(@data[:rice], grain, measure, method.portion)
      end

      def texture
        given = @data.fetch(:texture, "standard")
        return Larder::TEXTURES[given] if Larder::TEXTURES.key?(given)
        return given.to_f if given.is_a?(Numeric) && Limits::TEXTURE.cover?(given)

        raise InvalidInput.at("texture", "must be firm, standard, soft or a number from -1 to 1")
      end

      def choices
        Methods::Choices.of(**@data.slice(*Methods::Choices.members),
                            **@data.fetch(:base, {}).slice(:onion, :first))
      end

      # What goes in when a stage begins: liquid and food.
      def added(given, index)
        return unless given

        foods = (given[:food] || []).map do |food|
          Methods::Addition.of(ingredient(food[:ingredient], index), food[:g])
        end
        bulk = Methods::FoodLoad.plain(foods)
        Pot::Addition.new(liquid_g: given[:liquid_g] || 0.0, at_c: given[:at_c] || Methods::ROOM_C,
                          **bulk.slice(:brought_g, :drink_g, :solids_j_k))
      end

      def vessel
        under = MakingReader.pot_under(@data, method)
        Kit::Vessel.new(id: nil, name: "pot", lid_factor: nil, floor_mm: nil, **method.vessel, **under,
                        **@data.fetch(:vessel, {}), **{ lid: @data[:seal] }.compact)
      end

      def burner
        Kit::Burner.usual(@data.dig(:burner, :source) || method.burner[:source],
                          @data.dig(:burner, :high_w), vessel)
      end

      def additions
        (@data[:additions] || []).each_with_index.map do |addition, index|
          lifted(addition, index)
          state = addition.fetch(:state, Methods::Addition::RAW)
          food = ingredient(addition[:ingredient], index).in_state(state)
          Methods::Addition.of(food, addition[:g], out: addition[:out], start_c: addition[:start_c]&.to_f,
                                                   state: state)
        end
      end

      # Only from a broth can anything be taken out.
      def lifted(addition, index)
        return if addition[:out].nil? || method.broth

        raise InvalidInput.at("additions.#{index}.out", "must be left out: this way has no broth",
                              received: addition[:out])
      end

      def liquids
        @liquids ||= LiquidsReader.new(@data[:liquids] || [])
      end

      def ingredient(key, index)
        Larder::Ingredients.fetch(key)
      rescue InvalidInput => e
        raise InvalidInput.at("additions.#{index}.ingredient", e.problems.first[:message], received: key)
      end

      # The caller's own cup, or nil.
      def measure
        @data[:measure] && Measure::Cup.new(id: nil, **@data[:measure])
      end

      def stage(given, index)
        unless given.key?(:until) ^ given.key?(:minutes)
          raise InvalidInput.at("stages.#{index}", "must have either until or minutes")
        end

        Pot::Stage.plain(key: "stage-#{index + 1}", lid: vessel.lid,
                         **given.merge(add: added(given[:add], index)).compact)
      end
    end
  end
end
