# frozen_string_literal: true

require_relative "../catalogue"
require_relative "../kit/burner"
require_relative "../kit/vessel"
require_relative "../larder/grains"
require_relative "../pot/loss"
require_relative "../pot/wash"
require_relative "../schema"
require_relative "../table/eaters"
require_relative "limits"

module FondKettle
  module Method
    READY = "ready"
    ONION_COLOURS = %w[translucent gold dark].freeze

    STRETCH_SCHEMA = Schema.json(strict: true) do
      required(:key).filled(:string, format?: Catalogue::KEY)
      required(:heat).filled(:string, included_in?: Kit::HEAT_SHARE.keys)
      optional(:lid).filled(:string, included_in?: Pot::Loss::LIDS)
      optional(:until).filled(:string, included_in?: %w[boil level dry])
      optional(:minutes).filled { (str? & eql?(READY)) | (number? & included_in?(Limits::STAGE_MIN)) }
      optional(:oven_c).filled(Schema::Number, included_in?: Limits::OVEN_C)
      %i[parchment cloth drain hands_on].each { |switch| optional(switch).filled(:bool) }
      optional(:watch).array(:string, included_in?: %w[first-steam boil craters core-gone dry])
      required(:say).filled(:string)
      required(:cue).filled(:string)
      required(:why).filled(:string)
    end

    BASE_SCHEMA = Schema.json(strict: true) do
      required(:key).filled(:string, format?: Catalogue::KEY)
      required(:say).filled(:string)
      optional(:minutes).filled(Schema::Number, included_in?: Limits::STAGE_MIN)
      optional(:colours).hash do
        ONION_COLOURS.each { |colour| optional(colour.to_sym).filled(Schema::Number, included_in?: Limits::STAGE_MIN) }
      end
      required(:hands_on).filled(:bool)
      required(:cue).filled(:string)
      required(:why).filled(:string)
    end

    SCHOOL_SCHEMA = Schema.json(strict: true) do
      required(:key).filled(:string, format?: Catalogue::KEY)
      optional(:like).filled(:string)
      %i[name family gives risks disagrees].each { |text| required(text).filled(:string) }
      required(:suits).array(:string, included_in?: ["all", *Larder::Grains.all.keys])
      required(:dishes).array(:string)
      required(:portion).filled(:string, included_in?: Table::PORTION_G.keys)
      required(:rinse_changes).filled(:integer, included_in?: Limits::RINSE_CHANGES)
      required(:rinse_range).value(:array, size?: 2).each(:integer)
      required(:soak).filled { (str? & eql?("usual")) | (number? & included_in?(Limits::SOAK_MIN)) }
      required(:soak_range).value(:array, size?: 2).each(:integer)
      required(:drain).filled(:string, included_in?: Pot::Wash::SURFACE.keys)
      required(:tags).array(:string)
      optional(:liquid_c).filled(Schema::Number, included_in?: 0..100)
      optional(:residue_per_g).filled(Schema::Number, included_in?: 0..2)
      optional(:parts).filled(Schema::Number, included_in?: Limits::PARTS)
      optional(:crust).filled(:bool)
      optional(:rule).filled(:string, included_in?: %w[finger level])
      optional(:stir).filled(:string, included_in?: %w[never at-boil])
      optional(:finish).filled(:string, included_in?: %w[fluff fold turn tip])
      required(:vessel).hash do
        required(:diameter_mm).filled(Schema::Number, included_in?: Limits::DIAMETER_MM)
        required(:height_mm).filled(Schema::Number, included_in?: Limits::HEIGHT_MM)
        required(:lid).filled(:string, included_in?: Pot::Loss::LIDS)
        required(:material).filled(:string, included_in?: Kit::MATERIALS.keys)
        required(:kg).filled(Schema::Number, included_in?: Limits::POT_KG)
      end
      required(:burner).hash { required(:source).filled(:string, included_in?: Kit::BURNER_HIGH_W.keys) }
      optional(:base).array(BASE_SCHEMA)
      optional(:after).array(BASE_SCHEMA)
      required(:stages).array(STRETCH_SCHEMA)
    end
  end
end
