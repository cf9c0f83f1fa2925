# frozen_string_literal: true

require_relative "../kit/burner"
require_relative "../kit/vessel"
require_relative "../method/limits"
require_relative "../pot/loss"
require_relative "../pot/wash"
require_relative "../schema"
require_relative "../table/eaters"

module FondKettle
  module Formats
    # The JSON of a plan or run request, as the command line's contract has it.
    REQUEST_SCHEMA = Schema.json do
      limits = Method::Limits
      required(:grain).filled(:string)
      required(:method).filled(:string)
      required(:rice).hash do
        optional(:amount).filled(Schema::Number, included_in?: limits::AMOUNT)
        optional(:unit).filled(:string)
        optional(:people).array(:hash) do
          optional(:appetite).filled(:string, included_in?: Table::APPETITE.keys)
          optional(:age).filled(:string, included_in?: Table::AGE.keys)
        end
      end
      optional(:texture).filled
      optional(:rinse).hash { required(:changes).filled(:integer, included_in?: limits::RINSE_CHANGES) }
      optional(:soak).hash do
        required(:minutes).filled(Schema::Number, included_in?: limits::SOAK_MIN)
        optional(:water_c).filled(Schema::Number, included_in?: limits::WATER_C)
      end
      optional(:drain).filled(:string, included_in?: Pot::Wash::SURFACE.keys)
      optional(:vessel).hash do
        optional(:diameter_mm).filled(Schema::Number, included_in?: limits::DIAMETER_MM)
        optional(:height_mm).filled(Schema::Number, included_in?: limits::HEIGHT_MM)
        optional(:lid).filled(:string, included_in?: Pot::Loss::LIDS)
        optional(:material).filled(:string, included_in?: Kit::MATERIALS.keys)
        optional(:kg).filled(Schema::Number, included_in?: limits::POT_KG)
      end
      optional(:burner).hash do
        optional(:source).filled(:string, included_in?: Kit::BURNER_HIGH_W.keys)
        optional(:high_w).filled(Schema::Number, included_in?: limits::HIGH_W)
      end
      optional(:altitude_m).filled(Schema::Number, included_in?: limits::ALTITUDE_M)
      optional(:additions).array(:hash) do
        required(:ingredient).filled(:string)
        required(:g).filled(Schema::Number, included_in?: limits::ADDITION_G)
      end
      optional(:measure).hash do
        required(:name).filled(:string, max_size?: limits::NAME_LENGTH)
        required(:ml).filled(Schema::Number, included_in?: limits::MEASURE_ML)
      end
      optional(:liquid).hash { required(:g).filled(Schema::Number, included_in?: limits::LIQUID_G) }
      optional(:stages).array(:hash) do
        required(:heat).filled(:string, included_in?: Kit::HEAT_SHARE.keys)
        optional(:lid).filled(:string, included_in?: Pot::Loss::LIDS)
        optional(:until).filled(:string, included_in?: %w[boil level dry])
        optional(:minutes).filled(Schema::Number, included_in?: limits::STAGE_MIN)
        optional(:oven_c).filled(Schema::Number, included_in?: limits::OVEN_C)
        optional(:lifted_s).filled(Schema::Number, included_in?: limits::LIFTED_S)
        %i[parchment cloth drain stirred].each { |switch| optional(switch).filled(:bool) }
        optional(:add).hash do
          optional(:liquid_g).filled(Schema::Number, included_in?: limits::LIQUID_G)
          optional(:at_c).filled(Schema::Number, included_in?: limits::WATER_C)
          optional(:food).array(:hash) do
            required(:ingredient).filled(:string)
            required(:g).filled(Schema::Number, included_in?: limits::ADDITION_G)
          end
        end
      end
      optional(:base).hash do
        optional(:onion).filled(:string, included_in?: %w[translucent gold dark])
        optional(:first).filled(:string, included_in?: %w[meat onion])
      end
      optional(:stir).filled(:string, included_in?: %w[never at-boil])
      %i[cloth parchment crust].each { |switch| optional(switch).filled(:bool) }
      optional(:residue_g).filled(Schema::Number, included_in?: limits::LIQUID_G)
      optional(:parts).filled(Schema::Number, included_in?: limits::PARTS)
      optional(:oven_c).filled(Schema::Number, included_in?: limits::OVEN_C)
    end
  end
end
