# frozen_string_literal: true

require_relative "../../lib/fond_kettle/kit/burner"
require_relative "../../lib/fond_kettle/kit/vessel"
require_relative "../../lib/fond_kettle/larder/grains"
require_relative "../../lib/fond_kettle/log/forgettable"
require_relative "../../lib/fond_kettle/log/outcome"
require_relative "../../lib/fond_kettle/measure/units"
require_relative "../../lib/fond_kettle/ground/limits"
require_relative "../../lib/fond_kettle/larder/ingredients"
require_relative "../../lib/fond_kettle/methods/base_foods"
require_relative "../../lib/fond_kettle/methods/dressings"
require_relative "../../lib/fond_kettle/methods/request/making"
require_relative "../../lib/fond_kettle/methods/request/asked"
require_relative "../../lib/fond_kettle/methods/request/own_rule"
require_relative "../../lib/fond_kettle/methods/piece_uses"
require_relative "../../lib/fond_kettle/methods/method_schema"
require_relative "../../lib/fond_kettle/pot/fit"
require_relative "../../lib/fond_kettle/pot/heat/loss"
require_relative "../../lib/fond_kettle/pot/piece"
require_relative "../../lib/fond_kettle/house/how_much"
require_relative "../../lib/fond_kettle/house/left_blank"
require_relative "../../lib/fond_kettle/pot/water/wash"
require_relative "../../lib/fond_kettle/ground/field_schema"
require_relative "../../lib/fond_kettle/ground/schema"
require_relative "../../lib/fond_kettle/house/shelf_kinds"
require_relative "../../lib/fond_kettle/table/eaters"
require_relative "beside"
require_relative "kept_components"
require_relative "layered_form"
require_relative "making_form"
require_relative "typed"

module FondKettle
  # Schemas of everything that can be typed. Each message stands at its field.
  module Forms
    Limits = FondKettle::Limits
    HOUSE_CUP = House::HowMuch::HOUSE_CUP
    RICE_UNITS = ["g", HOUSE_CUP, "kg", "oz", "lb", "ml", "us-cup", "metric-cup", "rice-cup"].freeze

    # Text that was typed into a field, without surrounding blanks; "" when it is no text.
    def self.text(typed, name)
      typed[name].is_a?(String) ? typed[name].strip : ""
    end

    # The fields among `fields` that are not blank, as texts.
    def self.given(typed, fields)
      fields.to_h { |field| [field, text(typed, field)] }.reject { |_, given| given.empty? }
    end

    # Problems of a dry-schema result as field and message.
    def self.problems(result)
      Schema.problems(result).freeze
    end

    # Numbers as typed, with another unit where they measure something.
    NUMBERS = ->(field) { Typed.within(field.range, field.unit) }

    # A form's schema of Fields.
    def self.of(fields)
      Schema.params { FieldSchema.declare(self, fields, numbers: NUMBERS) }
    end

    PORTIONS = of(House::PORTION_FIELDS)
    KITCHEN = of(House::KITCHEN_FIELDS)
    # What may be written into each cupboard shelf.
    SHELVES = House::SHELF_KINDS.transform_values { |kind| of(kind.fields) }.freeze

    # Result for what was typed of a House::ShelfKind's record, with what was left blank.
    def self.record(kind, typed)
      lengths = kind.fields.select { |field| field.unit == "mm" && typed[field.key.to_s].is_a?(String) }
      read = lengths.to_h { |field| [field.key.to_s, Typed.shown(typed[field.key.to_s], field)] }
      SHELVES.fetch(kind.key).call(House::LeftBlank.filled(kind, typed.merge(read)))
    end

    # Sentences on what of some Fields was read otherwise than it was written.
    def self.remarks(fields, typed)
      fields.select { |field| field.type == :number }
            .filter_map { |field| Typed.remark(typed[field.key.to_s], field.range, field.unit) }
    end

    OUTCOME = Schema.params do
      required(:grain).filled(:string, included_in?: Log::GRAIN)
      required(:wetness).filled(:string, included_in?: Log::WETNESS)
      optional(:floor).maybe(:string, included_in?: Log::FLOOR)
      optional(:note).value(:string, max_size?: 2000)
      %i[before_g after_g].each do |weight|
        optional(weight).maybe(Typed.within(Limits::WEIGHED_G, "g"), included_in?: Limits::WEIGHED_G)
      end
    end

    # What of the log is to be forgotten, or no longer.
    FORGET = Schema.params { required(:of).filled(:string, format?: Log::Forgettable::NAMES) }
    # Whether something was different when a pot came out far off what was expected.
    ANSWER = Schema.params { required(:different).filled(:string, included_in?: %w[yes no]) }

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
      optional(:have_g).maybe(Typed.within(Limits::AMOUNT, "g"), included_in?: Limits::AMOUNT)
      optional(:who).array(Schema::TypedWhole)
      optional(:without).array(Schema::TypedWhole, included_in?: 0..Limits::LINES)
      optional(:instead).array(Schema::TypedWhole, included_in?: 0..Limits::LINES)
      optional(:kept).array(:string, format?: KeptComponents::FORM)
      optional(:guests).filled(Schema::TypedWhole, included_in?: 0..Limits::PEOPLE.max)
      optional(:portion).filled(:string, included_in?: [House::HowMuch::AS_DISH, *Table::PORTION_G.keys])
      optional(:amount).filled(Typed.within(Limits::AMOUNT), included_in?: Limits::AMOUNT)
      optional(:unit).filled(:string, included_in?: RICE_UNITS)
      optional(:pot).maybe(Schema::TypedWhole)
      optional(:cup).maybe(Schema::TypedWhole)
      optional(:burner).maybe(Schema::TypedWhole)
      optional(:oven).maybe(Schema::TypedWhole)
      optional(:oven_c).maybe(Typed.within(Limits::OVEN_C, "°C"), included_in?: Limits::OVEN_C)
      optional(:texture).filled(Typed.within(Limits::TEXTURE), included_in?: Limits::TEXTURE)
      FieldSchema.declare(self, Methods::Asking.in_forms, numbers: NUMBERS, optional: true)
      optional(:lesson).filled(:string, included_in?: %w[use leave])
      optional(:own).maybe(Typed.within(-100..50_000), included_in?: (-100..50_000))
      optional(:own_kind).filled(:string, included_in?: Methods::OwnRule::KINDS.keys)
      optional(:lid).maybe(:string, included_in?: Vocabulary::LIDS)
      optional(:cover).filled(:string,
                              included_in?: [LID_ALONE, *Pot::Attributes.switches(:request).map do |one|
                                one.key.to_s
                              end])
      optional(:crust).filled(:string, included_in?: %w[yes no])
      optional(:beside).maybe(:string, max_size?: Beside::MOST_LETTERS)
      Forms::LayeredForm::FIGURES.each { |field, (type, range)| optional(field).maybe(type, included_in?: range) }
      optional(:air).maybe(:string, included_in?: Forms::MakingForm::AIR.keys)
      optional(:under_raw).maybe(:string, included_in?: %w[yes no])
      optional(:layer).array(:string, max_size?: 60)
      optional(:programme).maybe(:string, max_size?: 200)
      optional(:serve).maybe(:string, format?: /\A([01]\d|2[0-3]):[0-5]\d\z/)
    end
  end
end
