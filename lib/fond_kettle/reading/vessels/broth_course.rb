# frozen_string_literal: true

require_relative "../lines/broth_given"
require_relative "../lines/line_sorts"

module FondKettle
  module Reading
    # The vessel from which a broth or a liquor that a text makes is poured, clause by clause.
    class BrothCourse
      TAKES_BROTH = %w[soak fill stir boil simmer layer lay-in low sprinkle put-back].freeze
      # Water that no line has: "water to cover".
      COVERED = /#{BrothGiven::TO_COVER}
                 |\bcover(?:ed)?\s+(?:it\s+|them\s+)?with\s+(?:[[:alpha:]]+\s+)?water\b/ix
      # No line is called so.
      LIQUOR = /\bliquor\b|\btheir\s+(?:own\s+)?(?:soaking\s+)?(?:liquid|water)\b/i
      STRAINS = "drain"
      TAKES_OUT = "take-out"
      # "Lift it out, flake it, keep the liquid": that stays where it was.
      CUTS = "cut"

      # `lines`: ReadLines; `places`: LinePlaces.
      def initialize(lines, places)
        @lines = lines
        @places = places
        @kept = []
      end

      # The vessel (key) of a broth that was made in it, where a clause of a `kind` pours some and no line is
      # meant; or nil. `named`: its NamedLines.
      def vessel(say, named, kind)
        return unless TAKES_BROTH.include?(kind)

        @strained || made_in || @covered || @kept.last if poured?(say, named)
      end

      # Notes where a broth is poured apart, and a liquor that a clause keeps for later; `from`: keys of
      # vessels that give something there.
      def note(say, kind, vessel, from)
        @strained = vessel if poured_apart?(say, kind)
        @covered = vessel if say.match?(COVERED)
        left_in = BrothGiven.left_in(kind, vessel, from)
        @lifted_from = left_in if kind == TAKES_OUT
        @kept |= [(@lifted_from || from.first if kind == CUTS) || left_in] if BrothGiven.kept?(say)
      end

      # True where the liquor in a vessel (key) was kept.
      def kept?(vessel)
        @kept.include?(vessel)
      end

      # True for a vessel (key) in which water lies.
      def made_in?(vessel)
        made_in == vessel
      end

      # True where a text pours so much of the broth that was made in a vessel (key).
      def part_of?(vessel, say)
        made_in?(vessel) && !BrothGiven.weight_g(say).nil?
      end

      # True where water lies in a vessel (key) and one of the Clauses that follow pours it as a broth, of
      # which it says how much.
      def used_later?(vessel, clauses)
        made_in?(vessel) && clauses.any? { |clause| !BrothGiven.weight_g(clause.say).nil? }
      end

      # Those of some vessels (keys) whose liquor was kept for later, and is not spoken of now; `named`:
      # NamedLines of the words.
      def liquor_kept(keys, say, named)
        return [] if BrothGiven.in?(say)

        liquids = named.select { |one| LineSorts.stays?(@lines[one.index]) }
        (keys & @kept) - liquids.map { |one| @places.vessel(one.index) }
      end

      private

      def poured?(say, named)
        return true if say.match?(BrothGiven::WAS_KEPT)
        # "Open the mussels in the wine, keep the liquor": none is poured.
        return false if BrothGiven.kept?(say)
        return true if @kept.any? && say.match?(LIQUOR)

        BrothGiven.in?(say) && none_other?(say, named)
      end

      # True where a broth is strained, or so much of it is ladled off.
      def poured_apart?(say, kind)
        return false if !BrothGiven.in?(say) || BrothGiven.kept?(say)

        kind == STRAINS || (kind == TAKES_OUT && !BrothGiven.weight_g(say).nil?)
      end

      # True where a text that pours broth names no other liquid.
      def none_other?(say, named)
        liquids = named.select { |one| @lines[one.index].ingredient&.liquid }
        return liquids.empty? unless BrothGiven.of_food?(say)

        liquids.all? { |one| @lines[one.index].ingredient.water? } && !made_elsewhere?(say, named)
      end

      # "The saffron water" is no broth that was made without saffron.
      def made_elsewhere?(say, named)
        word = BrothGiven.food(say)
        named.any? do |one|
          @lines[one.index].names.include?(word) && !@places.been?(one.index, @kept.last || made_in)
        end
      end

      # The vessel in which water lies, or nil.
      def made_in
        water = @lines.each_index.find { |index| @lines[index].ingredient&.water? && @places.vessel(index) }
        water && @places.vessel(water)
      end
    end
  end
end
