# frozen_string_literal: true

require_relative "cup"

module FondKettle
  module Measure
    # Says a volume in the cook's own cup and spoons, the way it is poured:
    # "1 3/4 cups + 2 tbsp". Never off by more than half a tablespoon or 1 %.
    module Spoken
      FRACTIONS = { 0.0 => nil, 0.25 => "1/4", 1 / 3.0 => "1/3", 0.5 => "1/2", 2 / 3.0 => "2/3", 0.75 => "3/4" }.freeze
      TBSP_ML = 15.0
      # A cook would rather level one more spoon than misread a longer line.
      EASE_ML = 2.0

      Pour = Value.define(:whole, :fraction, :half_tbsp, :ml)

      module_function

      #   say(470, Cup.new(id: nil, name: "cup", ml: 236.588)) # => "2 cups"
      def say(amount_ml, cup)
        pour = best(amount_ml, cup)
        [cups(pour, cup), spoons(pour)].compact.join(" + ").then { |text| text.empty? ? "0 #{cup.name}" : text }
      end

      # The volume that the words of `say` stand for, mL.
      def said_ml(amount_ml, cup)
        best(amount_ml, cup).ml
      end

      def best(amount_ml, cup)
        whole = (amount_ml / cup.ml).floor
        choices = [whole, whole + 1].flat_map { |count| FRACTIONS.keys.map { |fraction| [count, fraction] } }
        count, fraction = choices.min_by { |cups, part| cost(amount_ml, (cups + part) * cup.ml, cups + part) }
        half_tbsp = half_tbsp(amount_ml, (count + fraction) * cup.ml)
        Pour.new(whole: count, fraction: fraction, half_tbsp: half_tbsp,
                 ml: ((count + fraction) * cup.ml) + (half_tbsp * TBSP_ML / 2))
      end

      # The error in mL, and what measuring it costs the cook, in mL.
      def cost(amount_ml, cups_ml, cups)
        half_tbsp = half_tbsp(amount_ml, cups_ml)
        parts = (cups.positive? ? 1 : 0) + (half_tbsp.positive? ? 1 : 0)
        (cups_ml + (half_tbsp * TBSP_ML / 2) - amount_ml).abs + (EASE_ML * (parts + (half_tbsp & 1) + (half_tbsp / 5.0)))
      end

      # Half tablespoons that make up what the cups leave open.
      def half_tbsp(amount_ml, cups_ml)
        [((amount_ml - cups_ml) / (TBSP_ML / 2)).round, 0].max
      end

      def cups(pour, cup)
        count = [pour.whole.positive? ? pour.whole.to_s : nil, FRACTIONS.fetch(pour.fraction)].compact.join(" ")
        "#{count} #{cup.named(pour.whole + pour.fraction)}" unless count.empty?
      end

      def spoons(pour)
        return if pour.half_tbsp.zero?

        whole, half = pour.half_tbsp.divmod(2)
        "#{[whole.positive? ? whole : nil, half.positive? ? '1/2' : nil].compact.join(' ')} tbsp"
      end

      private_class_method :best, :cost, :half_tbsp, :cups, :spoons
    end
  end
end
