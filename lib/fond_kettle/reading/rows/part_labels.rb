# frozen_string_literal: true

require_relative "../words/sentences"

module FondKettle
  module Reading
    # The word before the sentences of a row for what they make: "Stew. Soften the onions in the ghee."
    module PartLabels
      MAKES = /\A(?:rice|stew|soup|sauce|broth|stock|base|topping|filling|marinade|curry|salad|relish|dressing
               |paste|to\s+(?:finish|serve|assemble)|assembly|layers?|layering
               |(?:first\s+|then\s+|now\s+)?(?:make|prepare)\s+the\s+
               (?:curry|sauce|stew|filling|topping|salad|broth|paste|dressing))\.\z/ix

      # "Start with the rice, as it needs to dry: 150 g basmati …"
      BEGINS = /\A(?:start|begin)\s+with\s+the\s+[[:alpha:]]+[^:.;]{0,60}:\s+(?=\S)/i

      # "Sambal: 15 dried chillies, …", "Rice: 280 g bomba, …": a word or two for what follows.
      NAMED = /\A\W*[[:alpha:]]+(?:\s[[:alpha:]]+)?:\s+/

      module_function

      # [that word, or nil; the sentences]
      def apart(row)
        first, *more = Sentences.of(row.sub(BEGINS, ""))
        return [nil, [first, *more].compact] unless more.any? && first.match?(MAKES)

        [first, more]
      end
    end
  end
end
