# frozen_string_literal: true

require_relative "../../measure/rounding"
require_relative "../../pot/verdict"
require_relative "warning"

module FondKettle
  module Methods
    # Warnings about the outcome of a run.
    module OutcomeWarnings
      # Less than this share of what the rice is to hold is no shortage.
      SHORT_SHARE = 0.02

      module_function

      # Warnings about a plan whose own run does not come right.
      def coming_out(run, load, balance)
        return [] unless run.at("boil")

        case Pot::Verdict.of(run, load)
        when "chalky"
          [warning("core-left", "A white core of #{(run.core * 100).round} % is left: " \
                                "soak longer or choose a softer texture.")]
        when "scorched"
          [warning("scorches", "The floor runs dry before the rice is done and scorches: " \
                               "soak longer or seal better.")]
        when "wet" then balance.spare_g.positive? ? [] : [left_wet(run)]
        else []
        end
      end

      # A texture that the way does not come to, though the rice is right to eat. `wanted`: firm, standard
      # or soft.
      def not_as_wanted(wanted, run, load)
        comes = Pot::Verdict.texture(Pot::Verdict.dressed(run, load), load.grain.uptake)
        return [] if comes == wanted || !Pot::Verdict::RIGHT.include?(Pot::Verdict.of(run, load))

        [warning("not-#{wanted}",
                 "#{load.grain.name} comes out #{comes} this way, not #{wanted}: #{because(run, load)}")]
      end

      def because(run, load)
        held = Measure::Rounding.plain(run.uptake.round(2))
        if load.plenty?
          "in plenty of water it holds #{held} g of water a gram until its core is gone. Take a way that " \
            "measures water."
        elsif load.dressed_g.positive?
          "what it is dressed with is water too, and drier rice would stay hard."
        elsif load.stack
          "under the seal it goes on drinking, to #{held} g of water a gram. Par-boil it for less, or take " \
            "a way that measures water."
        else
          "it holds #{held} g of water a gram at the end. Take another way."
        end
      end

      # Warning about a run that ends with free water in the pot.
      def left_wet(run)
        warning("stays-wet", "#{run.free_g.round} g of water is left in the pot at the end.")
      end

      # The water that a run lacks, in the rice or in the sauce.
      def short_of_water(run, load)
        dry = !run.free_g.positive? || load.residue_g.positive?
        in_rice_g = dry ? (load.uptake - run.uptake) * load.rice_g : 0.0
        lacking_g = [in_rice_g, 0.0].max + [load.residue_g - run.free_g, 0.0].max
        return [] unless lacking_g > SHORT_SHARE * load.uptake * load.rice_g

        [warning("short-of-water",
                 "#{lacking_g.round} g short: the water is gone before the rice has what it wants.")]
      end

      def warning(code, say)
        Warning.new(code: code, say: say)
      end

      private_class_method :because, :left_wet, :warning
    end
  end
end
