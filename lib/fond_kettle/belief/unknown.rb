# frozen_string_literal: true

require_relative "../ground/value"

module FondKettle
  module Belief
    # Something that a kitchen does not know. What is true is so many times the book.
    #   key, name   "how much this rice drinks"
    #   sd          spread of what is true, share of the book, before anything is known
    #   known_sd    spread once a test at home measured it; nil where none does
    #   cooks       true where every cook that is written down says as much as the book
    #   concerns    which stages it can matter to: stages -> true or false
    #   matters     for which loads it does: load -> true or false
    #   act         what it does: (load, setting, factor) -> [load, setting]
    #   moves_g     where known, what one unit of it moves the liquid by: load -> g
    Unknown = Value.define(:key, :name, :sd, :known_sd, :cooks, :concerns, :matters, :act, :moves_g) do
      # An Unknown with the given attributes; the others take their defaults.
      def self.of(key, name, sd:, act:, known_sd: nil, cooks: false, concerns: ->(_) { true },
                  matters: ->(_) { true }, moves_g: nil)
        new(key: key, name: name, sd: sd, known_sd: known_sd, cooks: cooks, concerns: concerns,
            matters: matters, act: act, moves_g: moves_g)
      end
    end

    # The list: range, lesson and the demo's hidden truth all read it.
    module Unknowns
      # What each does to a load or a kitchen.
      DRINKS = ->(load, setting, factor) { [load.drinking(factor), setting] }
      LETS_OUT = ->(load, setting, factor) { [load, setting.with(lid_factor: setting.lid_factor * factor)] }
      BOILS_OFF = lambda { |load, setting, factor|
        [load,
         setting.with(open_factor: setting.open_factor * factor)]
      }
      SOAKED = ->(load) { load.soak_gain_g.positive? }
      SOAKS = ->(load, setting, factor) { [load.soaked(factor), setting] }
      BRINGS = lambda { |load, setting, factor|
        [load.with(brought_g: load.poured_g + (load.oozed_g * factor)), setting]
      }
      # Food that dried more before the rice brings so much less.
      DRIES = lambda { |load, setting, factor|
        [load.with(brought_g: [load.brought_g - (load.dried_g * (factor - 1)), 0.0].max), setting]
      }
      BINDS = ->(load, setting, factor) { [load.binding(factor), setting] }
      TAKES_TIME = ->(load, setting, factor) { [load.slower(factor), setting] }
      CLINGS = ->(load, setting, factor) { [load.clinging(factor), setting] }
      GIVES = lambda do |load, setting, factor|
        [load, setting.with(burner: setting.burner.with(high_w: setting.burner.high_w * factor))]
      end

      HEATS = lambda do |load, setting, factor|
        [load, setting.with(oven_factor: setting.oven_factor * factor)]
      end

      ALL = [
        Unknown.of(:uptake, "how much this rice drinks", sd: 0.06, cooks: true, act: DRINKS),
        Unknown.of(:lid, "what this lid lets out", sd: 0.40, known_sd: 0.15, act: LETS_OUT,
                                                   concerns: ->(stages) { !stages.all?(&:open?) }),
        Unknown.of(:open, "what boils off open", sd: 0.30, act: BOILS_OFF,
                                                 concerns: ->(stages) { stages.any?(&:open?) }),
        Unknown.of(:carry, "what clings to the drained rice", sd: 0.30, act: CLINGS,
                                                              moves_g: ->(load) { -load.surface_g }),
        Unknown.of(:power, "what this burner gives", sd: 0.20, act: GIVES),
        Unknown.of(:soak, "what the soak put into the grain", sd: 0.12, act: SOAKS, matters: SOAKED),
        Unknown.of(:additions, "what water the rest brings", sd: 0.20, act: BRINGS,
                                                             moves_g: ->(load) { -load.oozed_g }),
        Unknown.of(:dried, "what frying dried", sd: 0.20, act: DRIES, matters: lambda { |load|
          load.dried_g.positive?
        },
                                                moves_g: :dried_g.to_proc),
        Unknown.of(:bound, "what water a sauce holds", sd: 0.40, act: BINDS,
                                                       matters: ->(load) { load.bound_g.positive? }),
        Unknown.of(:oven, "what this oven gives", sd: 0.40, act: HEATS,
                                                  concerns: ->(stages) { stages.any?(&:oven_c) }),
        Unknown.of(:core, "how long the core takes", sd: 0.10, act: TAKES_TIME)
      ].to_h { |unknown| [unknown.key, unknown] }.freeze

      module_function

      # All Unknowns, in the order in which they are shown.
      def all
        ALL.values
      end

      # Raises KeyError for a key that is none of theirs.
      def fetch(key)
        ALL.fetch(key)
      end
    end
  end
end
