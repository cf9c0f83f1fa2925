# frozen_string_literal: true

module FondKettle
  module Dishes
    # Whether a jotted line means all of a thing, or a part of it: its juice, its rind, what is
    # left without the shell.
    module JottedParts
      SHELL = /\b(?:in\s+(?:the|their|its)\s+(?:shells?|pods?|skins?)|unpeeled|unshelled|bone[\s-]in|
                on\s+the\s+bone|with\s+(?:the\s+)?(?:bones?|skins?|shells?|peel))\b/ix
      JUICE_OF = /\A(?:the\s+)?juice\s+of\s+/i
      JUICED = /\A(?:juiced|squeezed|juice\s+only)\b/i
      PART_OF = /\A(?:the\s+)?(?<part>(?:finely\s+)?(?:grated\s+)?(?:zest|peel|rind|greens?|whites?|tops?|
                  stalks?|juice\s+and\s+zest|zest\s+and\s+juice))\s+of\s+/ix
      PART_OF_EGG = /\beggs?\s+(?:yolks?|whites?)\b|\b(?:yolks?|whites?)\s+of\s+eggs?\b/i
      PART_BEHIND = /\A(?:finely\s+)?(?:grated\s+)?(?:zest|peel|rind|greens?|whites?|tops?|stalks?|
                    juice\s+and\s+zest|zest\s+and\s+juice)\b(?!\s+(?:removed|off|on))/ix
      ONLY = /\b(?:greens?|whites?|stalks?|tops?|leaves|roots?|rind|peel|zest)(?:\s+parts?)?\s+only\b/i

      module_function

      # The text without "juice of", and :juice; or without what names a part that nobody
      # weighs, and that; or the text, and nil.
      def without(text)
        return [text.sub(JUICE_OF, ""), :juice] if text.match?(JUICE_OF)

        part = PART_OF.match(text)
        part ? [part.post_match, part[:part]] : [text, nil]
      end

      # Is it the juice of it, by what stood before its name (of `without`) or behind?
      def juice?(note, part)
        part == :juice || note.to_s.match?(JUICED)
      end

      # What its words leave open (keys of QuickText::ASKS): whether all of it is eaten, and how
      # much a part of it is.
      def doubts(name, note, part)
        said = "#{name} #{note}"
        behind = part.nil? && note.match?(PART_BEHIND)
        a_part = part.is_a?(String) || said.match?(PART_OF_EGG) || note.match?(ONLY) || behind
        [*("shell" if said.match?(SHELL)), *("part" if a_part)]
      end
    end
  end
end
