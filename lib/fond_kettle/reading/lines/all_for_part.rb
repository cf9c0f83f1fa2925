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
      WORD = /[[:alpha:]]+/

      module_function

      # That one of some `parts` (headings of the list) which a text names so, or nil.
      #
      #   in("Put everything for the broth in a pot", ["For the broth:", "Rice"]) # => "For the broth:"
      def in(text, parts)
        named = (text.match(FOR) || text.match(INGREDIENTS))&.[](:part)
        return unless named

        words = named.downcase.scan(WORD)
        parts.compact.find { |part| (words - part.downcase.scan(WORD)).empty? }
      end
    end
  end
end
