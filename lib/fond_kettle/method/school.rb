# frozen_string_literal: true

require_relative "../value"

module FondKettle
  module Method
    # One stage of a method as written in its file; `minutes` is a number or
    # "ready" (reckoned from grain and water), `until` "boil", "level" or "dry".
    Stretch = Value.define(:key, :heat, :lid, :until, :minutes, :oven_c, :parchment, :cloth, :drain, :hands_on, :watch,
                           :say, :cue, :why)

    # A step on the base, before the rice goes in; it takes `minutes`, or what the
    # colour chosen takes (`colours`: gold: 12).
    BaseStep = Value.define(:key, :say, :minutes, :colours, :hands_on, :cue, :why)

    # One school of cooking rice, as its file has it; `after` are its own steps once
    # the rice is done.
    School = Value.define(:key, :name, :family, :gives, :risks, :disagrees, :suits, :dishes, :portion, :rinse_changes,
                          :rinse_range, :soak, :soak_range, :drain, :liquid_c, :residue_per_g, :parts, :crust, :rule,
                          :stir, :finish, :tags, :vessel, :burner, :base, :stretches, :after) do
      # The soak this school gives a grain, minutes, within its own range.
      def soak_min(grain)
        wanted = soak == "usual" ? grain.soak_min : soak.to_f
        wanted.clamp(soak_range.min.to_f, soak_range.max.to_f)
      end

      def suits?(grain)
        suits.include?("all") || suits.include?(grain.key)
      end

      def oven?
        stretches.any?(&:oven_c)
      end

      # The colours that onion may be taken to, or nil where there is none.
      def onion_colours
        base.map(&:colours).find(&:any?)&.keys&.map(&:to_s)
      end

      # True where meat or onion may go first.
      def order?
        (%w[meat onion] - base.map(&:key)).empty?
      end
    end
  end
end
