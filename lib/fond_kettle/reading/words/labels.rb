# frozen_string_literal: true

module FondKettle
  module Reading
    # The word before what is listed or done.
    module Labels
      TIME = /\d[\d\s–-]*(?:m\b|min|h\b|hour)/i
      # "Sushi vinegar: 110 ml rice vinegar, …" is what is made of them; no time is listed ("eggs: 7 min").
      HEADS_LIST = /\A\W*(?![^:]*\brice:)[[:alpha:]]+(?:\s[[:alpha:]]+)?:\s+(?!#{TIME})(?=[\d½¼¾])/i
      # "Masala: fry the onions" speaks of what is made, and of no garam masala.
      MADE = /\A\W*(?:the\s+)?(?:masala|sauce|marinade|stew|curry|gravy|base|filling|topping|dressing|garnish
              |stock|broth):\s+/ix
    end
  end
end
