# frozen_string_literal: true

require_relative "../ground/field"
require_relative "../ground/limits"
require_relative "../ground/value"
require_relative "../kit/burner"
require_relative "../kit/fields"
require_relative "../kit/oven"
require_relative "../kit/steamer"
require_relative "../kit/vessel"
require_relative "../larder/grains"
require_relative "../larder/ingredients"
require_relative "../measure/cup"
require_relative "../table/eaters"
require_relative "bag"

module FondKettle
  module House
    # A shelf of the cupboard: its `key` (the table's name, too), `title`, what its records
    # are told by (Field), and the core's `value` of a record (nil: none).
    ShelfKind = Value.define(:key, :title, :fields, :value) do
      # The Field of a key. Raises KeyError.
      def field(key)
        fields.find { |field| field.key == key } || raise(KeyError, "#{self.key} has no #{key}")
      end
    end

    NAME = Field.text(:name, "Name")
    GRAINS = Larder::Grains.all.transform_values(&:name).freeze
    INGREDIENTS = Larder::Ingredients.all.transform_values { |one| one.name.downcase }.freeze
    CUP_ML = Field.number(:ml, "Holds", Limits::MEASURE_ML, unit: "mL")
    LEFT_G = Field.number(:left_g, "Left", Limits::STOCK_G, unit: "g")

    # Every shelf, in the order in which the cupboard shows them.
    SHELF_KINDS = [
      [:pots, "Pots",
       [NAME, *FondKettle::Kit::VESSEL_FIELDS, FondKettle::Kit::LID_LOOK, FondKettle::Kit::LID_TESTED],
       FondKettle::Kit::Vessel],
      [:cups, "Cups", [NAME, CUP_ML], Measure::Cup],
      [:spoons, "Spoons", [NAME, CUP_ML.with(range: Limits::SPOON_ML)], Measure::Cup],
      [:steamers, "Steamers", [NAME, *FondKettle::Kit::STEAMER_FIELDS], FondKettle::Kit::Steamer],
      [:ovens, "Ovens", [NAME, *FondKettle::Kit::OVEN_FIELDS], FondKettle::Kit::Oven],
      [:burners, "Burners", [NAME, *FondKettle::Kit::BURNER_FIELDS], FondKettle::Kit::Burner],
      [:bags, "Bags of rice",
       [NAME, Field.choice(:grain, "Grain", GRAINS), LEFT_G,
        Field.number(:drinks, "Drinks, times the book", Limits::DRINKS, usual: "1"),
        Field.choice(:crop, "Crop", Larder::CROP_UPTAKE.keys, usual: "usual"),
        Field.day(:opened_on, "Opened on")],
       Bag],
      [:eaters, "Eaters",
       [NAME, Field.choice(:appetite, "Appetite", Table::APPETITE.keys, usual: "regular"),
        Field.choice(:age, "Age", Table::AGE.keys, usual: "adult"), Field.list(:avoids, "Avoids", Larder::ALLERGENS)],
       Table::Eater],
      [:goods, "In the larder", [Field.choice(:ingredient, "What", INGREDIENTS), LEFT_G]],
      [:weights, "What things weigh",
       [NAME, Field.number(:each_g, "One is", Limits::EACH_G, unit: "g")]],
      [:own_ingredients, "Ingredients of the house's own",
       [NAME, Field.choice(:like, "Like", INGREDIENTS),
        Field.number(:brings, "Brings water, share", 0..1, optional: true),
        Field.number(:takes, "Drinks", 0..4, unit: "g per g", optional: true),
        Field.number(:g_ml, "Density", 0.05..2, unit: "g/mL", optional: true),
        Field.number(:salt, "Salt", 0..100, unit: "g in 100 g", optional: true),
        Field.list(:allergens, "Allergens", Larder::ALLERGENS)]]
    ].to_h do |key, title, fields, value|
      [key, ShelfKind.new(key: key, title: title, fields: fields.freeze, value: value)]
    end.freeze

    # What the kitchen itself is told by.
    KITCHEN_FIELDS = [
      NAME, Field.number(:altitude_m, "Height above the sea", Limits::ALTITUDE_M, unit: "m"),
      Field.number(:finger_mm, "Finger joint", Limits::FINGER_MM, unit: "mm"),
      Field.number(:scale_step_g, "Scale reads", Limits::SCALE_STEP_G, unit: "g"),
      Field.whole(:hands, "Pairs of hands", Limits::HANDS)
    ].freeze

    # Raw rice for one regular adult, g, by kind of meal.
    PORTION_FIELDS = Table::PORTION_G.keys.map do |name|
      Field.number(name.to_sym, name.capitalize.tr("-", " "), Limits::PORTION_G)
    end.freeze
  end
end
