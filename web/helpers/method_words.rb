# frozen_string_literal: true

require_relative "../../lib/fond_kettle/kit/burner"
require_relative "../../lib/fond_kettle/larder/grains"
require_relative "../../lib/fond_kettle/methods/method_schema"
require_relative "../../lib/fond_kettle/pot/heat/loss"
require_relative "../../lib/fond_kettle/vessels/fry_states"
require_relative "../../app/forms/method_rows"
require_relative "../html/markup"
require_relative "pot_words"
require_relative "row_fields"

module FondKettle
  module Web
    module Helpers
      # The words and fields of a way of the house's own.
      module MethodWords
        HEATS = Vocabulary::HEATS
        ENDS = Forms::MethodRows::ENDS.to_a.freeze
        SWITCHES = Forms::MethodRows::SWITCHES
        COLOURS = Vocabulary::ONION_COLOURS
        WATCHES = Words.of("cues").transform_values { |words| words.sub(/\A./, &:downcase) }.freeze
        WRONG_AT = { "way" => "The whole", "stages" => "On the heat", "base" => "The base",
                     "rinse_changes" => "Rinse", "liquid_c" => "Liquid goes in at", "cue" => "until you see",
                     "say" => "what to do", "end" => "until", "residue_per_g" => "Sauce left",
                     "oven_c" => "oven at" }.freeze

        # To what its food is fried or cooked down.
        STATES = [["", "as long as it says"],
                  *Vessels::FryStates.all.each_value.map { |state| [state.key, state.word] }].freeze

        # What a way says of itself.
        WHAT_IT_IS = { "name" => "Name", "gives" => "What it gives", "risks" => "What it risks",
                       "disagrees" => "What it disagrees with others about" }.freeze
        # Numbers of the rice: label and what a blank stands for.
        RICE_NUMBERS = { "rinse_changes" => ["Rinse, changes of water", nil],
                         "soak" => ["Soak, minutes", "Blank: the grain's usual"],
                         "liquid_c" => ["Liquid goes in at, °C", "Blank: cold"],
                         "residue_per_g" => ["Sauce left, g for 1 g rice", "Blank: none"] }.freeze
        FINISHES = Words.of("finishes").to_a.freeze
        CRUSTS = [["", "not wanted"], %w[yes wanted]].freeze
        # The lists of a way, their headings and the view of a row.
        SECTIONS = { "base" => ["The base, before the rice goes in", :method_step],
                     "stages" => ["On the heat", :method_stage] }.freeze

        # Traits of rice, and how many kinds have each.
        def grains_of_methods
          [%w[all any], *Vocabulary::TRAITS.map { |trait| [trait, trait] }]
        end

        # [key, word] of the kinds that a section of a method's file may use.
        def kinds_of(section)
          Care::Kinds.for_section(section).map { |key| [key, Care::Kinds.fetch(key).word] }
        end

        # Choices of the rice: label and options.
        def rice_choices
          { "drain" => ["Drain", PotWords::DRAINS], "stir" => ["At the boil", PotWords::STIRS],
            "finish" => ["In the end", FINISHES], "crust" => ["Crust at the bottom", CRUSTS] }
        end

        # The grain's usual soak is left blank.
        def usual_blank(value)
          value == "usual" ? "" : value
        end

        def lids
          [["", "the pot's own"], %w[none open], *(Vocabulary::LIDS - ["none"])]
        end

        # The method as the text of a file.
        def method_file(form)
          household.library.all.key?(form.key) ? "/ways/#{form.key}/file" : "/ways/new/file?from=#{form.like}"
        end

        # A field's name in words: "stage-2-minutes" is "Stage 3, minutes".
        def problem_place(field)
          kind, index, name = field.split("-", 3)
          unless %w[stage step].include?(kind) && name
            return WRONG_AT.fetch(field) { field.tr("_", " ").capitalize }
          end

          "#{kind.capitalize} #{Integer(index) + 1}, #{WRONG_AT.fetch(name, name)}"
        end

        def row_fields(form, kind, index, row)
          RowFields.new(self, form, kind, index, row)
        end

        # True when the step takes as long as the onion's colour asks.
        def by_colour?(row)
          COLOURS.any? { |colour| !row[colour].to_s.empty? }
        end

        # "low, until grain and water are ready"
        def stage_said(row)
          return "fill it in to add one" if row["say"].to_s.empty?

          ends = "until #{Forms::MethodRows::ENDS[row['end']]}"
          ends = "#{row['minutes']} min" if row["end"] == Forms::MethodRows::MINUTES
          [row["oven_c"].to_s.empty? ? row["heat"] : "oven #{row['oven_c']} °C",
           { "none" => "open" }[row["lid"]], ends,
           *SWITCHES.slice(*Array(row["on"])).values].compact.join(", ")
        end

        def step_said(row)
          return "fill it in to add one" if row["say"].to_s.empty?

          colours = COLOURS.filter_map do |colour|
            "#{colour} #{row[colour]} min" unless row[colour].to_s.empty?
          end
          (colours.empty? ? ["#{row['minutes']} min"] : colours).join(", ")
        end
      end
    end
  end
end
