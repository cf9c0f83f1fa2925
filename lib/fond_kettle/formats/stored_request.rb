# frozen_string_literal: true

require "json"
require_relative "../belief/belief"
require_relative "../belief/lesson"
require_relative "../belief/unknown"
require_relative "../ground/remembered"
require_relative "../kit/burner"
require_relative "../kit/oven"
require_relative "../kit/steamer"
require_relative "../kit/vessel"
require_relative "../larder/grains"
require_relative "../larder/ingredients"
require_relative "../measure/cup"
require_relative "../measure/spoken"
require_relative "../methods/dressings"
require_relative "../methods/request/layered"
require_relative "../methods/request/made_in"
require_relative "../methods/request/making"
require_relative "../methods/method"
require_relative "../methods/request/provision"
require_relative "../methods/request/request"
require_relative "../table/eaters"
require_relative "../vessels/graph"
require_relative "value_json"

module FondKettle
  module Formats
    # The Request that a plan was made of, as a cook keeps it: JSON with a version. What it holds is held
    # whole, the grain, the pot and the method with their figures, so that nothing that is changed in the
    # cupboard or the catalogue moves a pot that is on the stove. Older versions are brought forward here.
    module StoredRequest
      VERSION = 2
      TYPES = {
        "request" => Methods::Request, "choices" => Methods::Choices, "addition" => Methods::Addition,
        "lines" => Methods::FixedLines, "provision" => Methods::Provision, "method" => Methods::Method,
        "phase" => Methods::PhaseText, "stage" => Methods::StageText, "making" => Methods::Making,
        "cool" => Methods::Cool, "dressing" => Methods::DressingPer,
        "made-in" => Methods::MadeIn, "made-in-vessel" => Methods::MadeInVessel,
        "made-in-step" => Methods::MadeInStep, "pour" => Vessels::Pour,
        "layered" => Methods::Layered, "base" => Methods::Base, "layer" => Methods::LayerWish,
        "programme-stage" => Methods::ProgrammeStage, "grain" => Larder::Grain,
        "ingredient" => Larder::Ingredient, "vessel" => Kit::Vessel, "burner" => Kit::Burner,
        "oven" => Kit::Oven, "steamer" => Kit::Steamer, "house" => Measure::House, "cup" => Measure::Cup,
        "eater" => Table::Eater, "lesson" => Belief::Lesson, "estimate" => Belief::Estimate,
        "estimates" => Belief::Estimates
      }.freeze
      NAMED = { "unknown" => Belief::Unknowns.all.to_h { |unknown| [unknown, unknown.key.to_s] },
                "no-lines" => { Methods::NoLines => "" } }.freeze
      # What version 2 says of food and stages, and version 1 did not.
      SINCE = { "request" => { made_in: nil, aside: [].freeze, held: nil, drain_min: nil },
                "estimates" => { taste: 0.0, taste_sd: 0.0, covariances: [].freeze },
                "made-in-vessel" => { par_boils: false },
                "layer" => { say: nil }, "method" => { separate: 1 },
                "made-in" => { laid: [].freeze, washed: nil, liquid_in: nil },
                "addition" => Methods::Addition::PLAIN.slice(:stage, :step, :state, :kept, :again),
                "stage" => { state: nil, own: false } }.freeze
      JSON_OF = ValueJson.new(TYPES, named: NAMED, since: SINCE)
      MOST_READ = 60
      # One is written once and never changed, and read at every tap that something follows from.
      READ = Remembered.new(MOST_READ) do |text|
        stored = JSON.parse(text)
        stored && JSON_OF.load(stored.fetch("request"))
      end
      private_constant :JSON_OF, :READ

      module_function

      # Text to store of a Methods::Request.
      #
      #   read(write(request)) == request.whole # => true
      def write(request)
        JSON.generate(request_version: VERSION, request: JSON_OF.dump(request.whole))
      end

      # The stored Request; nil when nobody could know it (a cook of before). Raises JSON::ParserError,
      # KeyError, ArgumentError where it cannot be read.
      def read(text)
        READ[text]
      end
    end
  end
end
