# frozen_string_literal: true

require_relative "cup"

module FondKettle
  module Measure
    # Says a volume in the cook's own cup and spoons, the way it is poured:
    # "1 3/4 cups + 2 tbsp". Never off by more than half a tablespoon or 1 %.
    module Spoken
      FRACTIONS = { 0.0 => nil, 0.25 => "1/4", 1 / 3.0 => "1/3", 0.5 => "1/2", 2 / 3.0 => "2/3", 0.75 => "3/4" }.freeze
      TBSP_ML = 15.0
      MOST_TBSP = 4
      # A cook would rather level one more spoon than misread a longer line.
      EASE_ML = 2.0

      Pour = Value.define(:whole, :fraction, :half_tbsp, :ml) do
        def parts
          [whole.positive? || fraction.positive?, half_tbsp.positive?].count(true)
        end
      end

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
        candidates(amount_ml, cup).min_by do |pour|
          (pour.ml - amount_ml).abs + (EASE_ML * (pour.parts + (pour.half_tbsp.odd? ? 1 : 0) + (pour.half_tbsp / 5.0)))
        end
      end

      def candidates(amount_ml, cup)
        whole = (amount_ml / cup.ml).floor
        [whole, whole + 1].product(FRACTIONS.keys).filter_map do |cups, fraction|
          candidate(amount_ml, cup, cups, fraction)
        end
      end

      def candidate(amount_ml, cup, whole, fraction)
        cups_ml = (whole + fraction) * cup.ml
        half_tbsp = [((amount_ml - cups_ml) / (TBSP_ML / 2)).round, 0].max
        return if half_tbsp > MOST_TBSP * 2 && whole + fraction < (amount_ml / cup.ml) - 0.25

        Pour.new(whole: whole, fraction: fraction, half_tbsp: half_tbsp, ml: cups_ml + (half_tbsp * TBSP_ML / 2))
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

      private_class_method :best, :candidates, :candidate, :cups, :spoons
    end
  end
end
