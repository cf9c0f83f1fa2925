# frozen_string_literal: true

require_relative "../../lib/fond_kettle/kit/burner"
require_relative "../../lib/fond_kettle/kit/vessel"
require_relative "../../lib/fond_kettle/larder/grains"
require_relative "../../lib/fond_kettle/log/outcome"
require_relative "../../lib/fond_kettle/measure/units"
require_relative "../../lib/fond_kettle/ground/limits"
require_relative "../../lib/fond_kettle/larder/ingredients"
require_relative "../../lib/fond_kettle/methods/own_rule"
require_relative "../../lib/fond_kettle/methods/method_schema"
require_relative "../../lib/fond_kettle/pot/fit"
require_relative "../../lib/fond_kettle/pot/loss"
require_relative "../../lib/fond_kettle/house/how_much"
require_relative "../../lib/fond_kettle/pot/wash"
require_relative "../../lib/fond_kettle/ground/schema"
require_relative "../../lib/fond_kettle/table/eaters"
require_relative "beside"
require_relative "typed"

module FondKettle
  module Web
    # What may be typed, checked by schemas; each message stands at its field.
    module Forms
      Limits = FondKettle::Limits
      HOUSE_CUP = House::HowMuch::HOUSE_CUP
      RICE_UNITS = ["g", HOUSE_CUP, "kg", "oz", "lb", "ml", "us-cup", "metric-cup", "rice-cup"].freeze

      # What was typed as a text, without the blanks around it; "" for anything else.
      def self.text(typed, name)
        typed[name].is_a?(String) ? typed[name].strip : ""
      end

      # Problems of a dry-schema result as field and message.
      def self.problems(result)
        Schema.faults(result).map { |message, said| { field: message.path.join("."), message: said } }.freeze
      end

      # Allergens with commas between.
      ALLERGEN_LIST = /\A\s*(?:(?:#{Larder::ALLERGENS.join('|')})\s*(?:,\s*|\z))*\z/
      # Raw rice for one regular adult, g, by kind of meal.
      PORTIONS = Schema.params do
        Table::PORTION_G.each_key do |name|
          required(name.to_sym).filled(Schema::TypedNumber, included_in?: 20..300)
        end
      end
      # What may be written into each cupboard shelf.
      SHELVES = {
        eaters: Schema.params do
          required(:name).filled(:string, max_size?: Limits::NAME_LENGTH)
          required(:appetite).filled(:string, included_in?: Table::APPETITE.keys)
          required(:age).filled(:string, included_in?: Table::AGE.keys)
          optional(:avoids).value(:string, format?: ALLERGEN_LIST)
        end,
        cups: Schema.params do
          required(:name).filled(:string, max_size?: Limits::NAME_LENGTH)
          required(:ml).filled(Typed::ML, included_in?: Limits::MEASURE_ML)
        end,
        spoons: Schema.params do
          required(:name).filled(:string, max_size?: Limits::NAME_LENGTH)
          required(:ml).filled(Schema::TypedNumber, included_in?: Limits::SPOON_ML)
        end,
        ovens: Schema.params do
          required(:name).filled(:string, max_size?: Limits::NAME_LENGTH)
          required(:hotter_c).filled(Schema::TypedNumber, included_in?: Limits::OVEN_OFF_C)
          required(:most_c).filled(Typed::CELSIUS, included_in?: Limits::OVEN_C)
        end,
        pots: Schema.params do
          required(:name).filled(:string, max_size?: Limits::NAME_LENGTH)
          required(:diameter_mm).filled(Typed::MM, included_in?: Limits::DIAMETER_MM)
          required(:height_mm).filled(Typed::MM, included_in?: Limits::HEIGHT_MM)
          required(:lid).filled(:string, included_in?: Vocabulary::LIDS)
          required(:material).filled(:string, included_in?: Kit::MATERIALS.keys)
          required(:kg).filled(Typed::KG, included_in?: Limits::POT_KG)
          optional(:lid_factor).maybe(Schema::TypedNumber, included_in?: Limits::LID_FACTOR)
        end,
        burners: Schema.params do
          required(:name).filled(:string, max_size?: Limits::NAME_LENGTH)
          required(:source).filled(:string, included_in?: Kit::BURNER_HIGH_W.keys)
          required(:high_w).filled(Schema::TypedNumber, included_in?: Limits::HIGH_W)
        end,
        goods: Schema.params do
          required(:ingredient).filled(:string, included_in?: Larder::Ingredients.all.keys)
          required(:left_g).filled(Schema::TypedNumber, included_in?: (0..100_000))
        end,
        own_ingredients: Schema.params do
          required(:name).filled(:string, max_size?: Limits::NAME_LENGTH)
          required(:like).filled(:string, included_in?: Larder::Ingredients.all.keys)
          optional(:brings).maybe(Schema::TypedNumber, included_in?: (0..1))
          optional(:takes).maybe(Schema::TypedNumber, included_in?: (0..4))
          optional(:g_ml).maybe(Schema::TypedNumber, included_in?: (0.05..2))
          optional(:salt).maybe(Schema::TypedNumber, included_in?: (0..100))
          optional(:allergens).value(:string, format?: ALLERGEN_LIST)
        end,
        bags: Schema.params do
          required(:name).filled(:string, max_size?: Limits::NAME_LENGTH)
          required(:grain).filled(:string, included_in?: Larder::Grains.all.keys)
          required(:left_g).filled(Schema::TypedNumber, included_in?: (0..100_000))
          required(:drinks).filled(Schema::TypedNumber, included_in?: (0.7..1.3))
          required(:crop).filled(:string, included_in?: Larder::CROP_UPTAKE.keys)
          optional(:opened_on).maybe(:string, format?: /\A\d{4}-\d\d-\d\d\z/)
        end
      }.freeze

      KITCHEN = Schema.params do
        required(:name).filled(:string, max_size?: Limits::NAME_LENGTH)
        required(:altitude_m).filled(Schema::TypedNumber, included_in?: Limits::ALTITUDE_M)
        required(:finger_mm).filled(Schema::TypedNumber, included_in?: (10..50))
        required(:scale_step_g).filled(Schema::TypedNumber, included_in?: (0.1..50))
        required(:hands).filled(Schema::TypedWhole, included_in?: Limits::HANDS)
      end

      OUTCOME = Schema.params do
        required(:grain).filled(:string, included_in?: Log::GRAIN.keys)
        required(:wetness).filled(:string, included_in?: Log::WETNESS.keys)
        required(:floor).filled(:string, included_in?: Log::FLOOR)
        optional(:note).value(:string, max_size?: 2000)
      end

      # Nothing under the lid.
      LID_ALONE = "lid"

      # A pot to be planned. Blank fields take the method's or the grain's own way.
      PLAN = Schema.params do
        optional(:grain).filled(:string, included_in?: Larder::Grains.all.keys)
        optional(:method).filled(:string)
        optional(:dish).maybe(Schema::TypedWhole)
        optional(:for).filled(:string, included_in?: %w[people amount pot have])
        optional(:boxes).maybe(Schema::TypedWhole, included_in?: 0..Limits::PEOPLE.max)
        optional(:freezer).maybe(Schema::TypedWhole, included_in?: 0..Limits::PEOPLE.max)
        optional(:batches).maybe(Schema::TypedWhole, included_in?: 1..Pot::Fitting::MOST_BATCHES)
        optional(:have).maybe(Schema::TypedWhole, included_in?: 0..500)
        optional(:have_g).maybe(Schema::TypedNumber, included_in?: Limits::AMOUNT)
        optional(:who).array(Schema::TypedWhole)
        optional(:guests).filled(Schema::TypedWhole, included_in?: 0..Limits::PEOPLE.max)
        optional(:portion).filled(:string, included_in?: [House::HowMuch::AS_DISH, *Table::PORTION_G.keys])
        optional(:amount).filled(Schema::TypedNumber, included_in?: Limits::AMOUNT)
        optional(:unit).filled(:string, included_in?: RICE_UNITS)
        optional(:pot).maybe(Schema::TypedWhole)
        optional(:cup).maybe(Schema::TypedWhole)
        optional(:burner).maybe(Schema::TypedWhole)
        optional(:oven).maybe(Schema::TypedWhole)
        optional(:oven_c).maybe(Typed::CELSIUS, included_in?: Limits::OVEN_C)
        optional(:texture).filled(Schema::TypedNumber, included_in?: Limits::TEXTURE)
        optional(:rinse).filled(Schema::TypedWhole, included_in?: Limits::RINSE_CHANGES)
        optional(:soak).maybe(Schema::TypedNumber, included_in?: Limits::SOAK_MIN)
        optional(:water_c).maybe(Schema::TypedNumber, included_in?: Limits::WATER_C)
        optional(:drain).filled(:string, included_in?: Pot::Wash::SURFACE.keys)
        optional(:lesson).filled(:string, included_in?: %w[use leave])
        optional(:own).maybe(Schema::TypedNumber, included_in?: (-100..50_000))
        optional(:own_kind).filled(:string, included_in?: Methods::OwnRule::KINDS.keys)
        optional(:onion).filled(:string, included_in?: Vocabulary::ONION_COLOURS)
        optional(:first).filled(:string, included_in?: %w[meat onion])
        optional(:stir).filled(:string, included_in?: %w[never at-boil])
        optional(:cover).filled(:string,
                                included_in?: [LID_ALONE, *Pot::Attributes.switches(:request).map do |one|
                                  one.key.to_s
                                end])
        optional(:crust).filled(:string, included_in?: %w[yes no])
        optional(:sauce_g).maybe(Schema::TypedNumber, included_in?: Limits::LIQUID_G)
        optional(:parts).maybe(Schema::TypedNumber, included_in?: Limits::PARTS)
        optional(:beside).maybe(:string, max_size?: Beside::MOST_LETTERS)
        optional(:serve).maybe(:string, format?: /\A([01]\d|2[0-3]):[0-5]\d\z/)
      end
    end
  end
end
