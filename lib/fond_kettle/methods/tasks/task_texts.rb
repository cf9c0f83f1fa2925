# frozen_string_literal: true

require_relative "../../care/kind"
require_relative "../../ground/keyed_catalogue"
require_relative "../../ground/template"
require_relative "../../ground/value"

module FondKettle
  module Methods
    # What the planner itself has to say of a task (data/tasks.yml): `minutes` nil where
    # somebody else decides; `tail` where a list of layers stands between `say` and it.
    TaskText = Value.define(:key, :kind, :minutes, :hands_on, :say, :cue, :why, :tail)

    # Texts of the tasks that no method's file writes, checked when loaded.
    module TaskTexts
      extend KeyedCatalogue

      # What their texts may have filled in.
      WORDS = %i[rice liquid pour changes soak drain snap surface depth balance fat salted pots others
                 and_liquid too oven core_c piece_mm start standing standing_mm simmered out back
                 holes seal plate lift people cake bed clear part top_up more round next].freeze
      SCHEMA = Schema.json(strict: true) do
        required(:key).filled(:string)
        required(:kind).filled(:string, included_in?: Care::Kinds.all.keys)
        optional(:minutes).filled(Schema::Number, gteq?: 0)
        required(:hands_on).filled(:bool)
        required(:say).filled(:string)
        optional(:tail).filled(:string)
        required(:cue).filled(:string)
        required(:why).filled(:string)
      end
      # A word in a text that cannot be filled is a BadCatalogue.
      rows("tasks.yml", SCHEMA) do |row, place|
        Template.check(row.values_at(:say, :cue, :why, :tail).compact, WORDS, place)
        TaskText.new(minutes: nil, tail: nil, **row)
      end
    end
  end
end
