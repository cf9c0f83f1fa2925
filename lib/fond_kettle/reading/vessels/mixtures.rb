# frozen_string_literal: true

require_relative "../../larder/names"
require_relative "../lines/all_for_part"
require_relative "../lines/line_sorts"
require_relative "named_parts"

module FondKettle
  module Reading
    # What was mixed or cooked in some vessel, as a text speaks of it later: "the paste", "boil the mixture
    # down", "half the sauce".
    class Mixtures
      # By the words for it, the kinds of steps that make it.
      WORDS = { /\b(?:paste|mixture|marinade|batter|pur[ée]e|(?<=\bthe\s)blend|base(?!\s+of))\b/i =>
                  %w[mix marinate],
                /\b(?:filling|stuffing)\b/i => %w[mix fry simmer reduce broth],
                /\b(?:meatballs?|balls|patties|koftas?|dumplings)\b/i => %w[shape],
                /\b(?:sauce|gravy|stew|curry|ragout|syrup|(?<=\bthe\s)(?:seasoning|dressing))\b/i =>
                  %w[simmer reduce broth] }.freeze
      # What is only mixed is a sauce too, where none was cooked.
      COLD = /\b(?:sauce|dressing|glaze)\b/i

      # "Thicken it: that's the sauce" names what is made, and speaks of none.
      SO_CALLED = /\b(?:that|this|it)(?:'?s|\s+is)\s+(?:the|your)\s+[[:alpha:]]+/i
      MIX = "mix"
      AT_FRONT = WORDS.keys.map { |words| /\A#{words}/ }.freeze
      INTO = /\b(?:to|into)\s+the\s+(?=[[:alpha:]])/i

      # `lines`: ReadLines; `places`: LinePlaces.
      def initialize(lines, places)
        @lines = lines
        @places = places
        @made = {}
        @parts = NamedParts.new(lines)
      end

      # Notes what lies in a vessel after a step of a `kind`.
      def note(kind, vessel)
        made = @places.in(vessel)
        return if made.empty?

        WORDS.each { |words, kinds| @made[words] = made if kinds.include?(kind) }
        @made[COLD] = made if kind == MIX
      end

      # Keys of the vessels in which the last mixture lies, where a text means it by a word that no line has,
      # or what the list calls a part of the dish; `named`: NamedLines of the text.
      def vessels(say, named)
        return [] if named.size > 1 && say.match?(AllForPart::MADE)

        say = say.sub(SO_CALLED, "")
        part = @parts.in(say)
        return lie(part) if part.any?

        words = words_of(say)
        return [] if words.nil? || named.any? { |one| @lines[one.index].text.match?(words) }

        lie(@made.fetch(words, []))
      end

      # True where a text says "the paste" of a mixture, and no more of the name of a ReadLine than that.
      def means?(say, line)
        return false if say.downcase.include?(line.food.downcase)

        words = WORDS.keys.find { |one| @made.key?(one) && say.match?(/\bthe\s+#{one}/) }
        return false if words.nil?

        own, other = line.names.partition { |name| name.match?(words) }
        own.any? && !other.intersect?(Larder::Names.ours.words(say))
      end

      # The words of a text before its word for a mixture.
      def before(say)
        at = WORDS.keys.filter_map { |words| say.index(words) }.min
        say[0...at.to_i]
      end

      # The vessel of the mixture to which something is put: "tip them into the sauce"; or nil.
      def into(say)
        behind = INTO.match(say)&.post_match
        vessels(behind, []).first if behind && AT_FRONT.any? { |words| behind.match?(words) }
      end

      private

      # The words for a mixture that a text says, or nil.
      def words_of(say)
        WORDS.keys.find { |one| say.match?(one) && @made.key?(one) } || (COLD if say.match?(COLD))
      end

      # Keys of the vessels in which lines (their indexes) lie.
      def lie(indexes)
        indexes.reject { |index| @lines[index].ingredient&.key == LineSorts::SALT }
               .filter_map { |index| @places.vessel(index) }.uniq
      end
    end
  end
end
