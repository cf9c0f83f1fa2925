# frozen_string_literal: true

module FondKettle
  # Keys that data files, requests and plans share; what each means is said where
  # it is used. A key stands here once.
  module Vocabulary
    # What can be seen, heard or smelt at the pot.
    CUES = %w[first-steam boil craters core-gone dry].freeze
    # What ends a stage besides its minutes.
    ENDS = %w[boil level dry].freeze
    # Minutes that grain and water decide.
    READY = "ready"
    HEATS = %w[off low medium high].freeze
    LIDS = %w[dough foil tight cooker ordinary loose none].freeze
    # What a kind of rice is like; a method suits traits.
    TRAITS = %w[long medium clinging fragrant parboiled glutinous brown broken].freeze
    ONION_COLOURS = %w[translucent gold dark].freeze
    # Where a method's file names a stage.
    SECTIONS = %w[base stages after].freeze
  end
end
