# frozen_string_literal: true

require_relative "../catalogue"
require_relative "../kit/burner"
require_relative "../kit/vessel"
require_relative "../paths"
require_relative "../pot/loss"
require_relative "../pot/wash"
require_relative "limits"
require_relative "school"

module FondKettle
  module Method
    # The methods of data/methods, one file each, checked when loaded.
    module Schools
      READY = "ready"
      STRETCH = Schema.json(strict: true) do
        required(:key).filled(:string)
        required(:heat).filled(:string, included_in?: Kit::HEAT_SHARE.keys)
        optional(:lid).filled(:string, included_in?: Pot::Loss::LIDS)
        optional(:until).filled(:string, included_in?: %w[boil dry])
        optional(:minutes).filled { (str? & eql?(READY)) | (number? & included_in?(Limits::STAGE_MIN)) }
        optional(:hands_on).filled(:bool)
        optional(:watch).array(:string)
        required(:say).filled(:string)
        required(:cue).filled(:string)
        required(:why).filled(:string)
      end
      SCHEMA = Schema.json(strict: true) do
        required(:key).filled(:string, format?: /\A[a-z]+(-[a-z]+)*\z/)
        required(:name).filled(:string)
        required(:gives).filled(:string)
        required(:portion).filled(:string)
        required(:rinse_changes).filled(:integer, included_in?: Limits::RINSE_CHANGES)
        required(:soak).filled { (str? & eql?("usual")) | (number? & included_in?(Limits::SOAK_MIN)) }
        required(:drain).filled(:string, included_in?: Pot::Wash::SURFACE.keys)
        required(:tags).array(:string)
        required(:vessel).hash do
          required(:diameter_mm).filled(Schema::Number, included_in?: Limits::DIAMETER_MM)
          required(:height_mm).filled(Schema::Number, included_in?: Limits::HEIGHT_MM)
          required(:lid).filled(:string, included_in?: Pot::Loss::LIDS)
          required(:material).filled(:string, included_in?: Kit::MATERIALS.keys)
          required(:kg).filled(Schema::Number, included_in?: Limits::POT_KG)
        end
        required(:burner).hash do
          required(:source).filled(:string, included_in?: Kit::BURNER_HIGH_W.keys)
        end
        required(:stages).array(STRETCH)
      end
      BLANK = { lid: nil, until: nil, minutes: nil, hands_on: false, watch: [] }.freeze

      module_function

      def all
        @all ||= Dir[File.join(DATA, "methods", "*.yml")].map { |path| load_file(path) }
                                                         .to_h { |school| [school.key, school] }.freeze
      end

      # Raises InvalidInput for a key without a file.
      def fetch(key)
        all[key] || raise(InvalidInput.at("method", "must be one of: #{all.keys.join(', ')}", received: key))
      end

      # Reads and checks one method file. Raises BadCatalogue.
      def load_file(path)
        entry = Catalogue.read_one(path, SCHEMA)
        stretches = entry.delete(:stages).map { |stage| stretch(path, stage) }
        School.new(**entry, stretches: stretches.freeze)
      end

      def stretch(path, stage)
        unless stage.key?(:until) ^ stage.key?(:minutes)
          raise BadCatalogue, "#{path}, stage #{stage[:key]}: must have either until or minutes"
        end

        Stretch.new(**BLANK, **stage)
      end
      private_class_method :stretch
    end
  end
end
