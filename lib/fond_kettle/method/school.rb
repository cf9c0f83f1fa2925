# frozen_string_literal: true

require_relative "../value"

module FondKettle
  module Method
    # One stage of a method as written in its file; `minutes` is a number or
    # "ready" (reckoned from grain and water), `until` "boil" or "dry".
    Stretch = Value.define(:key, :heat, :lid, :until, :minutes, :hands_on, :watch, :say, :cue, :why)

    # One school of cooking rice, as its file has it.
    School = Value.define(:key, :name, :gives, :portion, :rinse_changes, :soak, :drain, :tags, :vessel,
                          :burner, :stretches) do
      # The soak this school gives a grain, minutes.
      def soak_min(grain)
        soak == "usual" ? grain.soak_min : soak.to_f
      end
    end
  end
end
