# frozen_string_literal: true

require_relative "../../lib/fond_kettle/care/looks"
require_relative "../../lib/fond_kettle/care/signs"
require_relative "../../lib/fond_kettle/ground/words"
require_relative "../../lib/fond_kettle/measure/rounding"
require_relative "../../lib/fond_kettle/stove/cook"

module FondKettle
  module Web
    module Presenters
      # Texts of the events that a cook reported at the stove, by kind.
      module ToldWords
        # Cues, and what ends a stage without being one of them.
        CUES = { **Words.of("acts").slice(*Words.of("ends").keys), **Words.of("cues") }.freeze
        SAID = {
          "seen" => ->(what) { CUES.fetch(what) },
          "look" => ->(what) { Care::Looks.all[what]&.say },
          "sign" => ->(what) { Care::Signs.all[what]&.say },
          "found" => lambda do |what|
            stands, bite = what.split
            "#{Words.of('stands').fetch(stands)}; #{Words.of('bites').fetch(bite).downcase}"
          end,
          "mended" => ->(_) { "Mended" },
          "going" => lambda do |what, cook|
            "Set going: #{cook.tasks.find { |task| task[:id] == what }&.fetch(:say)}"
          end,
          "lifted" => ->(what) { "Lid lifted, #{seconds(what)}" },
          "poured" => ->(what) { "#{grams(what)} poured" },
          "held" => lambda do |what|
            Float(what).positive? ? "#{grams(what)} kept hot" : "Nothing kept back any more"
          end,
          "added" => lambda do |what|
            left_out = what.start_with?("-")
            left_out ? "#{grams(what.delete_prefix('-'))} left out" : "#{grams(what)} more poured"
          end,
          "salted" => ->(what) { what.empty? ? "Tasted and salted" : "Tasted, #{grams(what)} salt" },
          "took-out" => ->(what, cook) { "Taken out: #{cook.food_name(what)}" },
          "put-back" => ->(what, cook) { "Back in: #{cook.food_name(what)}" },
          "tally" => ->(what) { what.start_with?("-") ? "One less" : "One more" },
          "weighed-before" => ->(what) { "#{grams(what)} with its lid, before the heat" },
          "weighed-after" => ->(what) { "#{grams(what)} with its lid, before it was opened" },
          "boiled" => ->(what) { "#{Measure::Rounding.plain(Float(what))} °C on the probe" },
          "measured" => ->(what) { "#{Measure::Rounding.plain(Float(what))} °C measured" },
          "standing" => ->(what) { "#{grams(what)} standing in the pot" }
        }.freeze

        module_function

        # Text of one event of a Stove::Cook, or nil when it has none.
        def of(kind, what, cook)
          words = SAID[kind]
          instance_exec(*[what, cook].first(words.arity), &words) if words
        end

        # Texts of all events of a cook, oldest first: [time, words].
        def all(cook)
          cook.events.filter_map do |event|
            words = of(event.kind, event.what, cook)
            [event.at, words] if words
          end
        end

        # Text of one tap at a cook: "440 g poured", "It boils", "On to the next step".
        def tap(happened, cook)
          told = happened.filter_map { |kind, what| of(kind, what, cook) }
          told.empty? ? "On to this step" : told.join(", ")
        end

        def grams(what)
          "#{Measure::Rounding.grams(Float(what))} g"
        end

        # Seconds of a lifted lid; older events without a duration count half a minute.
        def seconds(what)
          lasted_s = Stove::Water.seconds(what)
          lasted_s < 60 ? "#{lasted_s.round} s" : Measure::Rounding.duration(lasted_s / 60.0)
        end
      end
    end
  end
end
