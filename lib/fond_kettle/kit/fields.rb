# frozen_string_literal: true

require_relative "../ground/field"
require_relative "../ground/vocabulary"
require_relative "../ground/words"
require_relative "burner"
require_relative "vessel"
require_relative "vessel_kind"

module FondKettle
  # Fields of a kitchen's things, for cupboard, tests, requests and methods alike.
  module Kit
    # A vessel's shape, lid and metal.
    VESSEL_FIELDS = [
      Field.number(:diameter_mm, "Inside width", Limits::DIAMETER_MM, unit: "mm"),
      Field.number(:floor_mm, "Floor's width, where it tapers", Limits::DIAMETER_MM, unit: "mm",
                                                                                     optional: true),
      Field.number(:height_mm, "Inside height", Limits::HEIGHT_MM, unit: "mm"),
      Field.choice(:lid, "Lid", Words.of("lids").slice(*Vocabulary::LIDS), usual: VesselKinds::POT.lid),
      Field.choice(:material, "Made of", MATERIALS.keys),
      Field.number(:kg, "Weight", Limits::POT_KG, unit: "kg")
    ].freeze
    # A pot that was tested knows its own lid.
    LID_TESTED = Field.number(:lid_factor, "Loss, times the book's (blank: not tested)", Limits::LID_FACTOR,
                              optional: true)
    # What its lid is like to look at; a lid of another kind looks as it is.
    LID_LOOK = Field.choice(:lid_look, "Lid to look at", %w[plain glass], usual: "plain")
    # What the pot stands on.
    SOURCE = Field.choice(:source, "Kind", BURNER_HIGH_W.keys)
    BURNER_FIELDS = [SOURCE, Field.number(:high_w, "Into the pot on high", Limits::HIGH_W, unit: "W")].freeze
    # A steamer.
    STEAMER_FIELDS = [Field.number(:diameter_mm, "Baskets, inside width", Limits::DIAMETER_MM, unit: "mm"),
                      Field.whole(:tiers, "Baskets on each other", Limits::TIERS)].freeze
    # An oven.
    OVEN_FIELDS = [Field.difference(:hotter_c, "Hotter than its dial", Limits::OVEN_OFF_C, unit: "°C"),
                   Field.number(:most_c, "Gets to", Limits::OVEN_C, unit: "°C")].freeze
  end
end
