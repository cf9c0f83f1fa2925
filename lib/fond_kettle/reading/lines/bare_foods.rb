# frozen_string_literal: true

require_relative "../../larder/names"
require_relative "../rows/part_labels"
require_relative "../words/clauses"
require_relative "../words/verbs"
require_relative "listed_foods"

module FondKettle
  module Reading
    # Things that only the method names, and without an amount: "eggs on top, parsley, lemon wedges".
    class BareFoods
      APART = %r{[,;:.!?()]|\s(?:and|or|&|\+|with|w/?|in|into|on|over|plus)\s}i
      # Words for things that are known, or are not there.
      KNOWN = /\A(?:the|that|this|those|these|its|their|your|it|them|no|not|half|more|all|any|same)\b/i
      FRONT = /\A(?:(?:some|a\s+(?:little|bit\s+of|touch\s+of)|plenty\s+of|lots\s+of|a\s+few|fresh|then|more
               |an?|squeeze\s+of|(?:\d|one|two)(?=\s(?:fried|poached|boiled)\s))\s+)+/ix
      PLACED = /\s+(?:if\s+(?:there\s+is|there's|you)\b.*|on\s+top|over|in|through
                |alongside|beside|to\s+serve|to\s+taste
                |at\s+(?:the\s+)?(?:table|end)|each)\z/ix
      CUT = /\s+(?:wedges?|halves|slices?|strips?|sheets?|matchsticks?|ribbons?)\z/i
      # How it is cooked for the table: "with fried egg or papad".
      COOKED = /\A(?:(?:soft|hard)[ -]boiled|boiled|fried|poached|grilled|toasted|roasted)\s+/i
      # "Sambal: 15 dried chillies, …" is what is made of them.
      MADE_OF = /#{PartLabels::NAMED}(?=(?:\d|an?\s|half\s)[^,.;]*[[:alpha:]]{3})/i
      # What a dish makes of what is listed.
      MADE = %w[broth stock gravy sauce liquor dough batter paste].freeze
      # "Salt and pepper": no vegetable.
      PEPPER = /\A(?:black\s+|white\s+)?pepper\z/i
      MOST = 10

      # `lines`: ReadLines that are listed already; `names`: Larder::Names.
      def initialize(lines, names = Larder::Names.ours, **)
        @names = names
        @listed = ListedFoods.new(lines)
      end

      # Texts of them in a sentence.
      #
      #   BareFoods.new([]).in("Serve with lemon wedges and yogurt.") # => ["lemon wedges", "yogurt"]
      def in(sentence)
        parts = without_label(sentence).gsub(Clauses::UNTIL, " ").split(APART)
        parts.filter_map { |part| food(part.strip) }.uniq.first(MOST)
      end

      private

      # A sentence without the word for what is made of other food.
      def without_label(sentence)
        label = MADE_OF.match(sentence)
        label && @names.find(label.post_match.split(/[,.;]/).first.to_s) ? label.post_match : sentence
      end

      def food(part)
        bare = told(part).sub(FRONT, "")
        return if bare.empty? || part.match?(KNOWN) || bare.match?(KNOWN)

        name = bare.sub(PLACED, "").sub(CUT, "")
        bare.sub(PLACED, "") if fresh?(name) || (name.match?(COOKED) && fresh?(name.sub(COOKED, "")))
      end

      # A part without the verb that it begins with, or up to the one behind it ("snow peas blanch 1 min").
      def told(part)
        return part unless part.include?(" ")
        return part.sub(/\A[[:alpha:]-]+\s*/, "") if Verbs.found(part).any? { |one| one.from.zero? }

        part[0...(Verbs.all_in(part).first&.from || part.size)].strip
      end

      def fresh?(name)
        return false unless @names.whole?(name)

        words = @names.words(name)
        found = @names.find(name)
        return false if (words - MADE).empty? || found.nil? || found.water? || @listed.named?(found, words)

        name.match?(PEPPER) || !@listed.meant?(name, words)
      end
    end
  end
end
