# frozen_string_literal: true

require_relative "../care/kind"
require_relative "../ground/catalogue"
require_relative "../ground/limits"
require_relative "../ground/schema"
require_relative "../ground/vocabulary"
require_relative "../ground/field_schema"
require_relative "../kit/fields"
require_relative "../larder/grains"
require_relative "../phases/phase"
require_relative "../pot/attribute_schema"
require_relative "../pot/water/wash"
require_relative "../table/eaters"
require_relative "../vessels/fry_states"
require_relative "base_foods"
require_relative "layer_kinds"
require_relative "method"
require_relative "piece_uses"

module FondKettle
  module Methods
    # What a stage says whatever its section; attributes come from their list.
    WORDS_SCHEMA = Schema.json(strict: true) do
      required(:key).filled(:string, format?: Catalogue::KEY)
      required(:say).filled(:string)
      required(:cue).filled(:string)
      required(:why).filled(:string)
      optional(:food).array(:string)
    end

    # A stage with the rice in the pot.
    STAGE_SCHEMA = Schema.json(strict: true, like: WORDS_SCHEMA) do
      required(:kind).filled(:string, included_in?: Care::Kinds.for_section("stages"))
      Pot::AttributeSchema.declare(self, Pot::Attributes.set_by(:method), required: %i[heat])
      optional(:hands_on).filled(:bool)
      optional(:watch).array(:string, included_in?: Vocabulary::CUES)
    end

    # A stage on the base, or once the rice is done: the rice is not in it.
    BASE_SCHEMA = Schema.json(strict: true, like: WORDS_SCHEMA) do
      required(:kind).filled(:string, included_in?: Care::Kinds.for_own_steps)
      optional(:minutes).filled(Schema::Number, included_in?: Limits::STAGE_MIN)
      optional(:colours).hash do
        Vocabulary::ONION_COLOURS.each do |colour|
          optional(colour.to_sym).filled(Schema::Number, included_in?: Limits::STAGE_MIN)
        end
      end
      optional(:slot).filled(:string)
      optional(:state).filled(:string, included_in?: Vessels::FryStates.all.keys)
      optional(:always).filled(:bool)
      required(:hands_on).filled(:bool)
    end

    VESSEL_SCHEMA = Schema.json(strict: true) { FieldSchema.declare(self, Kit::VESSEL_FIELDS) }
    BURNER_SCHEMA = Schema.json(strict: true) { FieldSchema.declare(self, [Kit::SOURCE]) }

    PHASE_SCHEMA = Schema.json(strict: true) do
      required(:key).filled(:string, format?: Catalogue::KEY)
      optional(:unknown).filled(:string, included_in?: Phases::UNKNOWNS)
      optional(:parts).filled(Schema::Number, included_in?: Limits::PARTS)
      optional(:done).filled(Schema::Number, included_in?: Limits::DONE)
      optional(:liquid_c).filled(Schema::Number, included_in?: 0..100)
      optional(:vessel).hash(VESSEL_SCHEMA.whole)
      optional(:burner).hash(BURNER_SCHEMA.whole)
      optional(:sealed).filled(:bool)
      optional(:steamed).filled(:bool)
      optional(:base).array(BASE_SCHEMA.whole)
      required(:stages).array(STAGE_SCHEMA.whole)
    end

    # What is taken to lie in a sealed pot where nobody says: g and g of water for each g of rice.
    USUAL_BASE_SCHEMA = Schema.json(strict: true) do
      required(:meat).filled(:string, included_in?: BaseFoods.all.keys)
      required(:raw).filled(:bool)
      required(:per_g).filled(Schema::Number, included_in?: 0..10)
      required(:water_per_g).filled(Schema::Number, included_in?: 0..5)
    end

    # What lies on what in it, from the floor up, where nobody says.
    LAYER_SCHEMA = Schema.json(strict: true) do
      required(:what).filled(:string, included_in?: LayerKinds.all.keys)
      optional(:share).filled(Schema::Number, included_in?: Limits::SHARE)
    end

    METHOD_SCHEMA = Schema.json(strict: true) do
      required(:key).filled(:string, format?: Catalogue::KEY)
      optional(:like).filled(:string)
      %i[name family gives risks disagrees].each { |text| required(text).filled(:string) }
      required(:suits).array(:string, included_in?: ["all", *Vocabulary::TRAITS, *Larder::Grains.all.keys])
      optional(:unsuited).array(:string, included_in?: [*Vocabulary::TRAITS, *Larder::Grains.all.keys])
      required(:dishes).array(:string)
      required(:portion).filled(:string, included_in?: Table::PORTION_G.keys)
      optional(:separate).filled(:integer, included_in?: Method::SEPARATE)
      required(:rinse_changes).filled(:integer, included_in?: Limits::RINSE_CHANGES)
      required(:rinse_range).value(:array, size?: 2).each(:integer)
      required(:soak).filled { (str? & eql?("usual")) | (number? & included_in?(Limits::SOAK_MIN)) }
      required(:soak_range).value(:array, size?: 2).each(:integer)
      required(:drain).filled(:string, included_in?: Pot::Wash::SURFACE.keys)
      optional(:food).array(:string)
      optional(:residue_per_g).filled(Schema::Number, included_in?: 0..2)
      optional(:crust).filled(:bool)
      optional(:layers).array(LAYER_SCHEMA.whole)
      optional(:usual_base).hash(USUAL_BASE_SCHEMA.whole)
      optional(:dressed).filled(:bool)
      optional(:pieces).filled(:string, included_in?: PieceUses.all.keys)
      optional(:rule).filled(:string, included_in?: %w[finger level])
      optional(:stir).filled(:string, included_in?: %w[never at-boil])
      optional(:finish).filled(:string, included_in?: FINISHES)
      required(:vessel).hash(VESSEL_SCHEMA.whole)
      required(:burner).hash(BURNER_SCHEMA.whole)
      optional(:after).array(BASE_SCHEMA.whole)
      # One vessel in short, or several.
      optional(:parts).filled(Schema::Number, included_in?: Limits::PARTS)
      optional(:liquid_c).filled(Schema::Number, included_in?: 0..100)
      optional(:fill).filled(:string, included_in?: PhaseText::FILLS)
      optional(:base).array(BASE_SCHEMA.whole)
      optional(:stages).array(STAGE_SCHEMA.whole)
      optional(:phases).array(PHASE_SCHEMA.whole)
    end
  end
end
