# frozen_string_literal: true

require_relative "../../larder/names"
require_relative "bare_foods"
require_relative "listed_foods"

module FondKettle
  module Reading
    # Foods that the method speaks of as known ("chop the cashews") and no line of the dish is. They are lines
    # without an amount: whatever goes into a dish has its allergens and its care, listed or not.
    class UnlistedFoods
      SPOKEN = /\b(?:the|your)\s+(?=(?<name>[[:alpha:]]+(?:[ -][[:alpha:]]+){0,3}))/i
      # Words of a name at most.
      WORDS = 3
      # What is compared with, left out or only seen: "the size of the almonds", "like the butter".
      ASIDE = /\b(?:for|without|like|not|instead\s+of|(?:size|thickness|colou?r|texture)\s+of)\s+\z/i
      # What was done to it before it was bought.
      TREATED = /\A(?:smoked|cured|salted|dried|tinned|canned|frozen|cooked|shelled|skinless|boneless)\s+/i
      JOINS = /\A(?:of|the|from|in|and|or)\z/i
      # Children, not goats; the heart of a grain.
      NOT_EATEN = /\A(?:kids|heart)\b/i
      # A name that says where something is, or what a thing is called after.
      NO_FOOD = /\A\s*(?:pot|pan|bowl|board|rack|tin|dish|mill|grinder|knife|jar|bottle|packet|water|mixture
                  |side|skin|stage)s?\b|\A\s*(?:of|from)\s+the\b/ix
      # What a dish makes of what is listed.
      MADE = [*BareFoods::MADE, "fat", "dripping"].freeze

      # `lines`: ReadLines of all that is listed or named with an amount; `names`: Larder::Names.
      def initialize(lines, names = Larder::Names.ours, **)
        @names = names
        @lines = lines
        @listed = ListedFoods.new(lines)
      end

      # Their names in a sentence.
      #
      #   UnlistedFoods.new([]).in("Chop the cashews.") # => ["cashews"]
      def in(sentence)
        sentence.to_enum(:scan, SPOKEN).filter_map do
          found = Regexp.last_match
          food(found[:name], found.post_match) unless found.pre_match.match?(ASIDE)
        end.uniq
      end

      private

      # The longest name that the words begin with, or nil.
      def food(words, behind)
        return if words.match?(NOT_EATEN)

        said = words.split(/[ -]/)
        size = [said.size, WORDS].min.downto(1).find { |count| food?(said.first(count).join(" ")) }
        return if size.nil? || said[size - 1].match?(JOINS)

        rest = [*said.drop(size), behind].join(" ")
        name = said.first(size).join(" ")
        name if !rest.match?(NO_FOOD) && fresh?(name)
      end

      def food?(name)
        @names.whole?(name) || @names.whole?(name.sub(TREATED, ""))
      end

      def fresh?(name)
        words = @names.words(name)
        found = @names.find(name)
        return false if found.nil? || found.water? || words.intersect?(MADE)

        !@listed.named?(found, words) && !@listed.meant?(name, words) && !made_of_part?(found, words)
      end

      # "The dal", of lentils that are listed for it: nobody is harmed by less than what is in them.
      def made_of_part?(food, words)
        foods = @lines.select { |line| line.part && @names.words(line.part).intersect?(words) }
                      .filter_map(&:ingredient)
        alike = foods.select { |one| one.aisle == food.aisle }
        alike.any? { |one| covers?([one], food) } || (foods.size > 1 && covers?(foods, food))
      end

      # True where some foods have all the care and the allergens of one.
      def covers?(foods, food)
        (food.care - foods.flat_map(&:care)).empty? && (food.allergens - foods.flat_map(&:allergens)).empty?
      end
    end
  end
end
