# frozen_string_literal: true

require_relative "../../care/task"
require_relative "handfuls"
require_relative "lots"
require_relative "../moments"
require_relative "ingredient_placement"

module FondKettle
  module Methods
    # Food that a dish's lines put into each place (Provision), as amounts of the tasks of one phase
    # (Care::Amount).
    class ProvidedAmounts
      # What goes off with the water where that is poured off.
      DISSOLVES = [Slots::SALT, Slots::SPICE, Slots::FAT].freeze

      # `phase`: a Phases::Phase; `whereto` (IngredientPlacement): the place of each; `lots` (Lots): the pots
      # that an amount is for.
      def initialize(phase, whereto, lots)
        @phase = phase
        @whereto = whereto
        @lots = lots
        @handfuls = Handfuls.new(phase)
      end

      # Amounts at a place of IngredientPlacement, in a task of a kind; `once`: for all rounds; `watered`:
      # where the water is that is poured off.
      def at(place, kind, moment = nil, once: false, watered: false)
        one_pot = @lots.pots(kind, moment, once: once) == 1
        times = @lots.times(once)
        @whereto.at(place).flat_map do |provision|
          provision = provision.with(g: provision.g && (provision.g * times))
          told = one_pot ? provision.told : provision.told_all
          told = "#{told}#{by_handfuls(provision, place, moment)}" if told
          if shared?(provision, place,
                     watered)
            shared(provision, told)
          else
            [amount(provision, provision.g, told)]
          end
        end
      end

      private

      def by_handfuls(provision, place, moment)
        @handfuls.say(provision.wilts_ml) unless place == :serve || Moments::OUT_OF_POT.include?(moment)
      end

      def shared?(provision, place, watered)
        place == :liquid || (@phase.load.plenty? && watered && DISSOLVES.include?(provision.slot))
      end

      def shared(provision, told)
        share = @phase.taken_share
        return [amount(provision, provision.g, told)] if share >= 1 || provision.g.nil?

        [amount(provision, provision.g * share, told),
         amount(provision, provision.g * (1 - share), nil).with(poured_off: true)]
      end

      def amount(provision, grams, told)
        Care::Amount.new(key: provision.key, what: provision.what, g: grams, told: told,
                         measured: provision.measured, poured_off: provision.stage == "left")
      end
    end
  end
end
