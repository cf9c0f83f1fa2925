# frozen_string_literal: true

require_relative "../../lib/fond_kettle/kit/burner"
require_relative "../../lib/fond_kettle/larder/grains"
require_relative "../../lib/fond_kettle/methods/method_schema"
require_relative "../../lib/fond_kettle/pot/loss"
require_relative "../forms/method_rows"
require_relative "../html/markup"
require_relative "pot_words"
require_relative "water_words"

module FondKettle
  module Web
    module Helpers
      # The words and fields of a way of the house's own.
      module MethodWords
        include WaterWords

        HEATS = Vocabulary::HEATS
        ENDS = Forms::MethodRows::ENDS.to_a.freeze
        SWITCHES = Forms::MethodRows::SWITCHES
        COLOURS = Vocabulary::ONION_COLOURS
        WATCHES = Words.of("cues").transform_values { |words| words.sub(/\A./, &:downcase) }.freeze
        WRONG_AT = { "way" => "The whole", "stages" => "On the heat", "base" => "The base",
                     "rinse_changes" => "Rinse", "liquid_c" => "Liquid goes in at", "cue" => "until you see",
                     "say" => "what to do", "end" => "until", "residue_per_g" => "Sauce left",
                     "oven_c" => "oven at" }.freeze

        # Traits of rice, and how many kinds have each.
        def grains_of_methods
          [%w[all any], *Vocabulary::TRAITS.map { |trait| [trait, trait] }]
        end

        # [key, word] of the kinds that a section of a method's file may use.
        def kinds_of(section)
          Care::Kinds.for_section(section).map { |key| [key, Care::Kinds.fetch(key).word] }
        end

        def drains
          PotWords::DRAINS
        end

        def lids
          Vocabulary::LIDS - ["none"]
        end

        # Where the same stands as a file.
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

        def row_wrong?(form, kind, index)
          form.problems.any? { |problem| problem[:field].start_with?("#{kind}-#{index}-") }
        end

        # One field of a row; `row` has what was typed.
        def row_field(form, kind, index, name, label, row, options: nil, hint: nil, wide: false)
          id = "#{kind}-#{index}-#{name}"
          about = { id: id, name: "#{kind}[#{index}][#{name}]", **described(id, hint, form.problems) }
          drawn = field(id, label, control(about, row[name], options), hint, form.problems)
          wide ? drawn.sub(%(class="field"), %(class="field is-wide")) : drawn
        end

        # A line of boxes to tick: `choices` of value and words.
        def row_switches(name, label, choices, ticked)
          boxes = choices.map do |value, words|
            box = Html::Markup.tag("input", type: "checkbox", name: name, value: value,
                                            **(Array(ticked).include?(value) ? { checked: "checked" } : {}))
            %(<label class="choice">#{box} #{words}</label>)
          end
          %(<div class="choices" role="group" aria-label="#{label}"><span class="label">#{label}</span>) +
            %(#{boxes.join}</div>)
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
