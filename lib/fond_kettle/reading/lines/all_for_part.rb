# frozen_string_literal: true

module FondKettle
  module Reading
    # "Everything for the broth", "the marinade ingredients": the part of the list that a text puts in whole.
    module AllForPart
      ALL = /(?:everything|all(?:\s+of)?(?:\s+(?:the|those))?(?:\s+(?:things|ingredients|stuff))?
             |the\s+(?:things|ingredients|stuff))/x
      FOR = /\b#{ALL}\s+(?:(?:that(?:'s|\s+is)|listed)\s+)?(?:for|under)\s+(?:the\s+|your\s+|an?\s+)?
             (?<part>[[:alpha:]]+(?:\s(?!in\b|into\b|to\b|on\b|and\b)[[:alpha:]]+)?)/ix
      INGREDIENTS = /\b(?:all\s+)?(?:of\s+)?the\s+(?<part>[[:alpha:]]+(?:\s[[:alpha:]]+)?)\s+ingredients\b/i
      # "Blend the chilli sauce", and nothing else.
      MADE = /\A\W*(?:then\s+)?(?:blend|blitz|pound|grind|mix|make|whisk|stir)\s+
              (?:(?:together|up)\s+)?(?:the|your)\s+
              (?<part>[[:alpha:]]+(?:\s[[:alpha:]]+)?)(?:\s+(?:together|smooth))?\W*\z/ix
      WORD = /[[:alpha:]]+/

      module_function

      # That one of some `parts` (headings of the list) which a text names so, or nil.
      #
      #   in("Put everything for the broth in a pot", ["For the broth:", "Rice"]) # => "For the broth:"
      def in(text, parts)
        named = [FOR, INGREDIENTS, MADE].lazy.filter_map { |way| text.match(way)&.[](:part) }.first
        return unless named

        words = named.downcase.scan(WORD)
        parts.compact.find { |part| (words - part.downcase.scan(WORD)).empty? }
      end
    end
  end
end
