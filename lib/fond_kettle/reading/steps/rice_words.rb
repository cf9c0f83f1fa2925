# frozen_string_literal: true

module FondKettle
  module Reading
    # Words that stand for the rice that was spoken of last, or tell where it goes.
    module RiceWords
      IN_COOKER = /\bin(?:to)?\s+(?:the|an?|my|our|your)\s+(?:rice[- ])?cooker\b/i
      # No lid that is slightly open.
      OPEN = /(?<!slightly\s)(?<!half\s)(?<!little\s)open/
      # What may stand for it, near the front.
      IT = /\A(?:\W*[[:alpha:]']+){0,3}?\W*\b(?:it|this|them)\b/i
      # "Into the cooker with the soy."
      INTO = /\A\W*(?:(?:tip|pour|put|scrape|transfer|empty|turn|drop)\s+)?(?:all\s+|straight\s+)?
              (?:into|to)\s+(?:(?:the|a|an|your)\b|(?:pot|pan|steamer|cooker)\b)
              |\A\W*(?:put|tip|place|pour)\s+in\s+(?:the|an?|your)\s+(?:[[:alpha:]]+\s+){0,2}
              (?:pot|pan|steamer|cooker|saucepan|casserole)\b/ix
      # "Drain, back in the pot."
      BACK = /\A\W*back\s+(?:in|into)\s+(?:the|its)\s/i
      # "In the claypot with water."
      WITH_WATER = %r{\A\W*in(?:to)?\s+(?:the|an?)\s+(?:[[:alpha:]]+\s+){1,2}(?:with|w/)\s+
                      (?:the\s+|its\s+|\d[\d.,½]*\s?(?:ml|l|cups?)\s+(?:of\s+)?)?(?:[[:alpha:]]+\s+)?
                      (?:water|stock|broth)\b}ix
      # "Rinse rice, add with salt.", "tip both in with the water"
      ADDED = /\A\W*(?:then\s+)?(?:add|(?:stir|tip|pour|put)\s+
               (?:(?:both|all|everything|the\s+lot)\s+)?in)\s+with\b/ix
      # "Rinse the rice, put it in the freezer for some hours."
      INTO_COLD = /\bin(?:to)?\s+(?:the|your)\s+(?:fridge|refrigerator|freezer)\b/i
      # "Half the rice into a buttered dish", "line a steamer with a cloth, spread the rice in it".
      INTO_OVEN = /\brice\b[^.;]{0,60}\b(?:in|into|to)\s+(?:an?|the|your)\s+(?:[[:alpha:]]+,?\s+){0,3}
                   (?:steamer|dish|tin|tray|mould|mold|casserole|terrine)\b(?!\s+of)
                   |\b(?:steamer|dish|tin|mould)\b[^.;]{0,60}\brice\s+in(?:to)?\s+it\b/ix
      STANDS_FOR_IT = Regexp.union(IT, INTO, BACK, WITH_WATER, ADDED)
    end
  end
end
