# frozen_string_literal: true

require_relative "../../belief/scoped"
require_relative "../../ground/field_schema"
require_relative "../../ground/limits"
require_relative "../../kit/fields"
require_relative "../../pot/attribute_schema"
require_relative "../../ground/schema"
require_relative "../../methods/request/asked"
require_relative "../../methods/layer_kinds"
require_relative "../../methods/method"
require_relative "../../methods/request/request"
require_relative "../../larder/ingredient"
require_relative "../../table/eaters"

module FondKettle
  module Formats
    # The JSON of a plan or run request, as the command line's contract has it.
    REQUEST_SCHEMA = Schema.json do
      required(:grain).filled(:string)
      required(:method).filled(:string)
      required(:rice).hash do
        optional(:amount).filled(Schema::Number, included_in?: Limits::AMOUNT)
        optional(:unit).filled(:string)
        optional(:people).array(:hash) do
          optional(:appetite).filled(:string, included_in?: Table::APPETITE.keys)
          optional(:age).filled(:string, included_in?: Table::AGE.keys)
          optional(:avoids).array(:string, included_in?: Larder::ALLERGENS)
        end
      end
      optional(:texture).filled
      optional(:rinse).hash do
        FieldSchema.declare_json(self, Methods::Asking.under(:rinse))
        optional(:minutes).filled(Schema::Number, included_in?: Limits::RINSE_MIN)
      end
      optional(:drain_minutes).filled(Schema::Number, included_in?: Limits::DRAIN_MIN)
      optional(:soak).hash { FieldSchema.declare_json(self, Methods::Asking.under(:soak)) }
      FieldSchema.declare_json(self, Methods::Asking.under(nil))
      optional(:vessel).hash { FieldSchema.declare(self, Kit::VESSEL_FIELDS, optional: true) }
      optional(:burner).hash { FieldSchema.declare(self, Kit::BURNER_FIELDS, optional: true) }
      optional(:altitude_m).filled(Schema::Number, included_in?: Limits::ALTITUDE_M)
      optional(:additions).array(:hash) do
        required(:ingredient).filled(:string)
        required(:g).filled(Schema::Number, included_in?: Limits::ADDITION_G)
        optional(:out).filled(:string, included_in?: Methods::Addition::OUT)
        optional(:state).filled(:string, included_in?: Larder::STATES.keys)
        optional(:start_c).filled(Schema::Number, included_in?: Limits::WATER_C)
      end
      optional(:liquids).array(:hash) do
        required(:ingredient).filled(:string)
        optional(:g).filled(Schema::Number, included_in?: Limits::ADDITION_G)
      end
      optional(:measure).hash do
        required(:name).filled(:string, max_size?: Limits::NAME_LENGTH)
        required(:ml).filled(Schema::Number, included_in?: Limits::MEASURE_ML)
      end
      optional(:liquid).hash { required(:g).filled(Schema::Number, included_in?: Limits::LIQUID_G) }
      optional(:kitchen).hash do
        Belief::Scopes.names.each do |name|
          optional(name.to_sym).filled(Schema::Number, included_in?: Limits::KITCHEN_FACTOR)
        end
      end
      optional(:stages).array(:hash) do
        Pot::AttributeSchema.declare(self, Pot::Attributes.set_by(:stages), required: %i[heat])
        optional(:add).hash do
          optional(:liquid_g).filled(Schema::Number, included_in?: Limits::LIQUID_G)
          optional(:at_c).filled(Schema::Number, included_in?: Limits::WATER_C)
          optional(:food).array(:hash) do
            required(:ingredient).filled(:string)
            required(:g).filled(Schema::Number, included_in?: Limits::ADDITION_G)
          end
        end
      end
      optional(:base).hash do
        FieldSchema.declare_json(self, Methods::Asking.under(:base))
        optional(:meat_g).filled(Schema::Number, included_in?: Limits::BASE_G)
        optional(:raw).filled(:bool)
      end
      optional(:layers).array(:hash) do
        required(:what).filled(:string, included_in?: Methods::LayerKinds.all.keys)
        optional(:share).filled(Schema::Number, included_in?: Limits::SHARE)
        optional(:g).filled(Schema::Number, included_in?: Limits::ADDITION_G)
        optional(:say).filled(:string, max_size?: Limits::LINE_LETTERS)
      end
      optional(:seal).filled(:string, included_in?: Vocabulary::LIDS - %w[none cooker])
      optional(:programme).array(:hash) do
        optional(:heat).filled(:string, included_in?: Vocabulary::HEATS)
        required(:minutes).filled(Schema::Number, included_in?: Limits::PROGRAMME_MIN)
        optional(:oven_c).filled(Schema::Number, included_in?: Limits::OVEN_C)
        optional(:flat_pan).filled(:bool)
      end
      optional(:par_cook).hash { required(:done).filled(Schema::Number, included_in?: Limits::PAR_DONE) }
      %i[steamer pieces filling dressing_per_100g].each do |group|
        optional(group).hash { FieldSchema.declare_json(self, Methods::Asking.under(group)) }
      end
      optional(:cool).hash do
        optional(:turned).filled(:bool)
        optional(:fanned).filled(:bool)
        FieldSchema.declare_json(self, Methods::Asking.under(:cool))
      end
      optional(:crust).filled(:bool)
      optional(:rest_minutes).filled(Schema::Number, included_in?: Limits::REST_MIN)
      optional(:heat_to_boil).filled(:string, included_in?: %w[medium high])
      optional(:finish).filled(:string, included_in?: Methods::FINISHES)
      Pot::AttributeSchema.declare(self, Pot::Attributes.set_by(:request))
      optional(:hands).filled(:integer, included_in?: Limits::HANDS)
      optional(:kettle_w).filled(Schema::Number, included_in?: Limits::KETTLE_W)
      optional(:liquid_start_c).filled(Schema::Number, included_in?: Limits::WATER_C)
    end
  end
end
