# frozen_string_literal: true

module FondKettle
  # Limits of what the model accepts, in one place, so that command line, pages and cupboard refuse the same
  # values.
  module Limits
    RICE_G = (10..20_000)
    AMOUNT = (0.01..1_000_000)
    PEOPLE = (1..200)
    # Regular adults that a dish or a side is for.
    SERVES = (0.5..200)
    TEXTURE = (-1..1)
    RINSE_CHANGES = (0..20)
    RINSE_MIN = (1..60)
    DRAIN_MIN = (1..1440)
    SOAK_MIN = (0..2880)
    REST_MIN = (0..120)
    LOW_MIN = (1..240)
    WATER_C = (0..100)
    # Above that the grain cooks, and it is no soak.
    SOAK_C = (0..60)
    DIAMETER_MM = (80..600)
    HEIGHT_MM = (30..600)
    POT_KG = (0.1..30)
    LID_FACTOR = (0.1..5)
    HIGH_W = (1..10_000)
    ALTITUDE_M = (-430..6000)
    MEASURE_ML = (20..2000)
    OWN_GLASSES = (0.1..60)
    SPOON_ML = (0.5..60)
    OVEN_OFF_C = (-60..60)
    FINGER_MM = (10..50)
    SCALE_STEP_G = (0.1..50)
    PORTION_G = (20..300)
    STOCK_G = (0..100_000)
    DRINKS = (0.7..1.3)
    ADDITION_G = (0..20_000)
    # Weight of one of a thing.
    EACH_G = (0.05..10_000)
    ADDITIONS = 100
    LIQUID_G = (0..50_000)
    # A pot on a scale, g; the minute of what was seen; cooks of a history; how far a kitchen may be off the
    # book.
    WEIGHED_G = (0..50_000)
    SEEN_MIN = (0..1_440)
    HISTORY_COOKS = 400
    KITCHEN_FACTOR = (0.1..10.0)
    OVEN_C = (60..300)
    LIFTED_S = (0..600)
    # Of water to one of rice that is poured off: less does not rinse it free.
    PARTS = (6..20)
    DONE = (0.2..1.0)
    BASE_G = (0..50_000)
    PIECE_MM = (2..300)
    SHARE = (0.01..1)
    LAYERS = (1..30)
    PROGRAMME = (1..12)
    # A stage of a heat programme: none of no minutes.
    PROGRAMME_MIN = (0.5..480)
    PAR_DONE = (0..1)
    # What is made of the rice: of a dressing for 100 g raw, of pieces and their fillings.
    VINEGAR_ML = (0..40)
    DRESSING_SUGAR_G = (0..25)
    DRESSING_SALT_G = (0..5)
    PIECES = (1..200)
    PIECE_G = (8..1000)
    FILLING_G = (0..500)
    SPREAD_MM = (5..60)
    TIERS = (1..6)
    KEPT_G = (10..50_000)
    KEPT_MM = (5..300)
    # What is put away, frozen too, as it is told; and how long it has been below 60 °C.
    KEPT_START_C = (-30..100)
    BELOW_60_MIN = (0..2880)
    # What stands after that long is no longer moved to be kept.
    MOVED_MIN = (0..1440)
    ROOM_C = (-10..45)
    # Wherever something may stand: a freezer to what keeps hot.
    PLACE_C = (-40..95)
    FREEZER_C = (-40..-15)
    COLD_C = (0..8)
    PORTIONS = (1..200)
    KEPT_PORTION_G = (5..5000)
    TEXT_LENGTH = 200
    FRIDGE_C = (-30..20)
    HANDS = (1..3)
    KETTLE_W = (300..4000)
    # Tasks on one clock, dishes of one meal.
    TASKS = 400
    DISHES = 20
    TASK_MIN = (0..2880)
    STAGES = 50
    STAGE_MIN = (0..720)
    NAME_LENGTH = 60
    # What is read of a cook's text: letters of a line, and lines.
    LINE_LETTERS = 1000
    LINES = 500
    # Everything tapped at the stove can be taken back for so long, s.
    UNDO_S = 10
    # A change of a record can be taken back for so long, and what is removed be put back, s.
    TAKE_BACK_S = 600
    REMOVED_S = 30 * 86_400
  end
end
