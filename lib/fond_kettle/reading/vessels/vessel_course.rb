# frozen_string_literal: true

require_relative "../../ground/value"
require_relative "../../kit/dish_vessels"
require_relative "../../kit/vessel_kind"

module FondKettle
  module Reading
    # A vessel that a text speaks of: its key in the dish, the kind (a key of Kit::DishVessels), and the words
    # for it (nil: nobody named it).
    ReadVessel = Value.define(:key, :kind, :name)

    # The vessels of a text, clause by clause.
    class VesselCourse
      # A vessel that something goes into, or lies in.
      WORDS = Kit::DishVessels.all.values.flat_map(&:words).sort_by { |word| -word.size }
                              .map { |word| Regexp.escape(word) }
      # "The 9x13", whatever it is called.
      SIZED = /\d{1,2}\s?(?:x|×|by)\s?\d{1,2}(?:[ -]?(?:inch|in|cm)\b)?
               (?:\s+(?:pan|dish|tin|tray|casserole))?/ix
      # "A 1.5 litre dish"
      HOLDS = /\d[\d.,]*[ -]?(?:litres?|liters?|l|cm|inch|pints?|quarts?|qt|ml)\b\s*/i
      NAMED = /\b(?:in|into|onto|on|to|from|upon|off|between|among|line|butter|grease|oil|rub
               |heat|warm|use|get
               |(?:bottom|floor|base)\s+of)\s+
               (?<name>(?:(?:an?|the|your|my|that|its|another|same|second|other)\s+)*
               (?:#{HOLDS})?
               (?:(?!(?:in|on|into|with|and|of|the|an?|water|oil|butter|ghee|fat|dome|mound|heap)\b)
               [[:alpha:]-]+,?\s+(?:#{HOLDS})?){0,3}?
               (?<word>#{WORDS.join('|')}|#{SIZED}))\b(?!\s+of\b(?!(?:\s+[[:alpha:]]+){0,3}\s+water\b))
               (?!\s+(?:in\s+the\s+middle|on\s+top)\b)/ix
      # "On a flat pan on low", "over a tawa on the lowest flame": what keeps the flame off the pot.
      UNDER_IT = /\b(?:on|over|onto)\s+(?:an?|the|your)\s+(?:hot\s+|heavy\s+|flat\s+|iron\s+)*
                  (?:flat\s+pan|tawa|tava|griddle|diffuser|simmer\s+ring)\b(?=[^.;]*\blow(?:est)?\b)/ix
      # Without one of these no vessel is named.
      ANY = /\b(?:#{WORDS.join('|')})\b|#{SIZED}/i
      # "Wok: lard, shallots …"
      LABELLED = /\A\W{0,9}(?!(?:in|into|on|onto|to|from|under|wipe|wash|clean|rinse|dry|heat|oil|grease)\b)
                  (?<name>(?:[[:alpha:]]{1,30}\s+){0,2}
                  (?<word>#{WORDS.join('|')}))\s*[:,]/ix
      # "Wok as hot as it goes."
      HEATED = /\A\W{0,9}(?<name>(?:the\s+)?(?<word>#{WORDS.join('|')}))\s+
                (?:as\s+hot|very\s+hot|hot|on)\b/ix
      # "Butter and oil, big pan, medium heat."
      LISTED = /,\s+(?<name>(?:(?:an?|the|big|wide|large|small|deep|heavy|good|second|another)\s+){1,2}
                (?<word>pan|pot|wok|skillet|saucepan|casserole)|(?<word>casserole|wok|skillet))
               (?=\s*(?:[,.;]|\z))/ix
      # "Pour the skillet over it", "tip the bowl into the pot": all that is in it.
      GIVEN = /\b(?:pour|tip|scrape|empty|turn|upend)\s+(?:all\s+of\s+)?
               (?<name>(?:the|that|your)\s+(?:[[:alpha:]]{1,30}\s+)?(?<word>#{WORDS.join('|')}))
               (?:'s\s+contents)?\s+(?:over|into|onto|in|on|upon|through)\b/ix
      OTHER = /\b(?:another|second|other|small|separate)\b/i
      # "another pan" is a pan.
      FURTHER = /\A(?:another|second|other|separate)\s+/i
      FURTHER_KEY = /\A(?:another|second|other|separate)-/
      SAME = /\bsame\b/i
      ARTICLE = /\A(?:(?:an?|the|your|my|that|its|same)\s+)+/i
      # Kinds of vessels by what is done, where none is named.
      APART = { "take-out" => "plate", "cut" => "board", "dish" => "dish" }.freeze
      KINDS = { "take-out" => "bowl", "cut" => "board", "dish" => "oven-dish" }.freeze
      SIZED_KEY = "sized-dish"
      SECOND_PLATE = "second-plate"
      # On these lies what was taken out for later.
      PLATES = [APART.fetch("take-out"), SECOND_PLATE].freeze
      BOWL = "bowl"
      # What rice is washed and soaked in.
      RICE_BOWL = "rice-bowl"
      BOILING = "boiling-pot"
      # What anything else soaks in, and what is baked beside the rice's pot.
      SOAKING = "soaking-bowl"
      TRAY = "oven-dish"
      STEAMER = "steamer"
      PAN = "frying-pan"
      RICE_POT = "pot"
      SECOND_PAN = "small-pan"
      SAUCEPAN = "small-pot"
      ON_FIRE = %w[pot frying-pan].freeze
      # What a cook calls any of them.
      COMMON = %w[pot pan].freeze

      attr_reader :all

      # Nothing was spoken of yet. `pressure`: a cooker without a word for it is one for pressure, a pot.
      def initialize(pressure: false)
        @pressure = pressure
        @all = []
        @fire = nil
      end

      # The key of the vessel in which something is cooked now; a pot where nobody has named one.
      def fire
        @fire ||= vessel("pot", "pot", nil)
      end

      # A pot for the rice that nobody has named.
      def rice_pot
        vessel("pot", "pot", nil)
      end

      # A pot for the rice beside the one on the fire.
      def own_rice_pot
        fire == "pot" ? vessel("rice-pot", "pot", nil) : rice_pot
      end

      # Keys of the vessels that a text names.
      def named(text)
        text = text.sub(UNDER_IT, " ")
        return [] unless text.match?(ANY)

        matches = [NAMED, LISTED].flat_map { |way| text.to_enum(:scan, way).map { Regexp.last_match } }
        [LABELLED.match(text) || HEATED.match(text), *matches].compact.filter_map do |match|
          match[:name].match?(SAME) ? fire : of_word(match[:word].downcase, match[:name])
        end
      end

      # The key of the vessel all of which a text gives, or nil.
      def given(text)
        match = GIVEN.match(text)
        match && of_word(match[:word].downcase, match[:name])
      end

      # The key of the vessel in which something was cooked last; nil: in none.
      def in_hand
        @fire
      end

      # A vessel of what nobody named: the rice's bowl, a plate, a board.
      def aside(kind)
        case kind
        when RICE_BOWL, BOWL, SOAKING then vessel(kind, BOWL, nil)
        when TRAY, STEAMER then vessel(kind, kind, nil)
        when BOILING then vessel(kind, "pot", nil)
        when PAN then vessel(PAN, PAN, nil)
        else vessel(APART.fetch(kind), KINDS.fetch(kind), nil)
        end
      end

      # A plate for what is taken out: another where something lies on the first; the block knows of a key
      # whether something does.
      def plate
        first = aside("take-out")
        return first unless yield first

        vessel(SECOND_PLATE, KINDS.fetch("take-out"), nil)
      end

      # A pan that nobody named: another where the block says of its key that it is taken.
      def pan
        first = aside(PAN)
        yield(first) ? vessel(SECOND_PAN, PAN, nil) : first
      end

      # A small pot that nobody named, for what boils in water by itself.
      def saucepan
        vessel(SAUCEPAN, RICE_POT, nil)
      end

      # What is cooked from now on is in this one.
      def cook_in(key)
        @fire = key
      end

      # The kind of a vessel's key.
      def kind(key)
        @all.find { |one| one.key == key }.kind
      end

      private

      def of_word(word, name)
        return vessel(SIZED_KEY, TRAY, word) if word.match?(SIZED)

        bare = name.downcase.sub(ARTICLE, "").sub(HOLDS, "")
        alike = @all.reverse.find { |one| one.key.match?(/(?:\A|-)#{word.tr(' ', '-')}\z/) && one.name }
        key = bare.gsub(/[^a-z]+/, "-").gsub(/\A-|-\z/, "")
        return alike.key if alike && !other?(name, alike, key)

        (unnamed(name, word) unless alike) ||
          vessel(key, kind_of(word), bare.sub(FURTHER, ""))
      end

      # "The pan" of a text that has named none: what something was cooked in so far (its key), or nil.
      def unnamed(name, word)
        kind = Kit::DishVessels.in_words(word).key
        return unless COMMON.include?(word) && name.match?(/\Athe\s+#{word}\z/i)

        may_be = kind == PAN ? ON_FIRE : [kind]
        found = @all.reverse.find { |one| one.name.nil? && one.key != BOILING && may_be.include?(one.kind) }
        found ? found.key : in_hand_as(may_be)
      end

      def kind_of(word)
        kind = Kit::DishVessels.in_words(word).key
        @pressure && kind == Kit::VesselKinds::COOKER.key ? RICE_POT : kind
      end

      # "Return it to the pan", of the casserole that is on the fire: its key where it is of some kinds.
      def in_hand_as(kinds)
        @fire if @fire && kinds.include?(kind(@fire))
      end

      # "a small pan" beside "the wide pan"; "the pan" is the last one.
      def other?(name, alike, key)
        return false if alike.key == key

        name.match?(/\Aan?\s|#{OTHER}/i) || unlike?(name, alike)
      end

      # "The rice pot" is not the big pot.
      def unlike?(name, alike)
        said, known = [name, alike.name.to_s].map { |words| words.downcase.sub(ARTICLE, "").split[0...-1] }
        said.any? && (known.any? || alike.key.match?(FURTHER_KEY)) && !said.intersect?(known)
      end

      def vessel(key, kind, name)
        @all << ReadVessel.new(key: key, kind: kind, name: name) if @all.none? { |one| one.key == key }
        key
      end
    end
  end
end
