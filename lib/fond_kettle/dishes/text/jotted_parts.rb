# frozen_string_literal: true

module FondKettle
  module Dishes
    # The part of a thing that a jotted line means: all of it, its juice, its rind, or what is left without
    # the shell.
    module JottedParts
      SHELL = /\b(?:in\s+(?:the|their|its)\s+(?:shells?|pods?|skins?)|unpeeled|unshelled|bone[\s-]in|
                on\s+the\s+bone|with\s+(?:the\s+)?(?:bones?|skins?|shells?|peel))\b/ix
      JUICE_OF = /\A(?:the\s+)?juice\s+of\s+/i
      JUICED = /\A(?:juiced|squeezed|juice\s+only)\b/i
      PART_OF = /\A(?:the\s+)?(?<part>(?:finely\s+)?(?:grated\s+)?(?:zest|peel|rind|greens?|whites?|tops?|
                  stalks?|juice\s+and\s+zest|zest\s+and\s+juice))\s+of\s+/ix
      PART_BEHIND = /\A(?:finely\s+)?(?:grated\s+)?(?:zest|peel|rind|greens?|whites?|tops?|stalks?|
                    juice\s+and\s+zest|zest\s+and\s+juice)\b(?!\s+(?:removed|off|on))/ix
      ONLY = /\b(?:greens?|whites?|yolks?|stalks?|tops?|leaves|roots?|rind|peel|zest)(?:\s+parts?)?\s+only\b/i

      module_function

      # The text without "juice of", and :juice; or without what names a part that nobody
      # weighs, and that; or the text, and nil.
      def without(text)
        return [text.sub(JUICE_OF, ""), :juice] if text.match?(JUICE_OF)

        part = PART_OF.match(text)
        part ? [part.post_match, part[:part]] : [text, nil]
      end

      # True when the line means the juice, by the words before the name (`part`) or after it (`note`).
      def juice?(note, part)
        part == :juice || note.to_s.match?(JUICED)
      end

      # Keys of QuickText::ASKS for what the words leave open: whether all of it is eaten, and how much a part
      # weighs.
      def doubts(name, note, part)
        said = "#{name} #{note}"
        behind = part.nil? && note.match?(PART_BEHIND)
        a_part = part.is_a?(String) || note.match?(ONLY) || behind
        [*("shell" if said.match?(SHELL)), *("part" if a_part)]
      end
    end
  end
end
