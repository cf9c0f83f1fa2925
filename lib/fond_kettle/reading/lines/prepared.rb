# frozen_string_literal: true

require_relative "../../larder/names"
require_relative "../rows/run_together"

module FondKettle
  module Reading
    # Words said of a food behind its name where nobody wrote a comma: "2 onions sliced thin".
    module Prepared
      DONE = %w[sliced chopped minced julienned bruised smashed pounded knotted melted juiced zested
                diced grated shredded quartered halved crushed peeled torn cut cubed trimmed
                cleaned washed rinsed deseeded seeded pitted boned jointed skinned beaten picked bashed split
                slit crumbled flaked mashed snipped scraped sieved podded shelled].join("|")
      HOW = "(?:thinly|finely|roughly|coarsely|freshly|very|well)\\s+"
      AFTER = %w[thin thinly fine finely small large big coarse coarsely short up in into to lengthwise
                 lengthways across and roughly open off].join("|")
      # Behind it stands how, or nothing: "1 tin chopped tomatoes" names no tin.
      CUTS = %w[chunks cubes strips rings slices coins pieces quarters wedges matchsticks ribbons rounds
                halves half-moons sticks batons].join("|")
      BEHIND = /\s+(?=in\s+(?:[[:alpha:]]+\s+)?(?:#{CUTS}|half\smoons)\b
                |(?:#{HOW})?(?:#{DONE})(?:\s*\z|\s*[,(]|\s+(?:#{AFTER})\b))/ix

      # What it was cooked, or is kept, in is not the food: "tuna in oil", "onions fried in plenty of butter".
      LIES_IN = /\s+(?=(?:fried|toasted|browned|softened|sweated|soaked|steeped|marinated|tossed|cooked)
                 (?:\s\d+\s?(?:h|hrs?|hours?|mins?))?\sin\s
                 |in\s(?:(?:olive|sunflower)\s)?(?:oil|brine|water|salt|milk|syrup)\s*(?:[,(]|\z)
                 |(?:ground|pounded|crushed)\swith\s|in\s(?:its|their)\s)/ix

      module_function

      # A text with a comma before that.
      #
      #   apart("2 onions sliced thin", Larder::Names.ours) # => "2 onions, sliced thin"
      def apart(text, names)
        found = BEHIND.match(text)
        return lies_in(text, names) if found.nil?

        food?(found.pre_match, names) ? "#{found.pre_match}, #{found.post_match}" : text
      end

      # Where the food would be called by what it lies in; "cheese in brine" stays one name.
      def lies_in(text, names)
        found = LIES_IN.match(text)
        return text unless found && food?(found.pre_match, names)

        named = names.find(found.pre_match) == names.find(text)
        named ? text : "#{found.pre_match}, #{found.post_match}"
      end

      # True where what stands before is a food, and no more.
      def food?(text, names)
        food = text.sub(RunTogether::COUNT, "")
        !food.match?(/[,(]/) && !names.find(food).nil?
      end
      private_class_method :lies_in, :food?
    end
  end
end
