# frozen_string_literal: true

require_relative "rice_under_lid"
require_relative "rice_words"

module FondKettle
  module Reading
    # Which clauses of a text speak of the rice, make it ready, and lay it in.
    class RiceClauses
      # What is made of rice, and no rice.
      NO_RICE = /(?!\s+(?:vinegar|wine|flour|noodles?|papers?|milk))/i
      RICE = /\b(?:rice(?!\s+(?:will|pot|cooker|bowl|pan|water|line))#{NO_RICE}
                |basmati|jasmine|arborio|(?:long|short|medium)[- ]grain|parcels|bundles|packets|rolls)\b/ix
      # "Tip into a bowl", of rice that is in its pot.
      TIPPED_INTO = /\A\W*(?:then\s+)?(?:tip|turn|pour|empty)\s+(?:(?:it|everything)\s+)?
                     (?:all\s+)?(?:out\s+)?(?:in|on)to\s+an?\s+
                     (?:[[:alpha:]]+\s+)?(?:bowl|tub|dish|platter)\W*\z/ix
      # "Squeeze the other lemon over the rice" lays none.
      MORE = /\b(?:the\s+rest|rest\s+of|remaining|other|half(?!\s+an?\b)|white|plain|more|then)\b
              (?:(?!\b(?:over|on|onto)\s+(?:the\s+)?rice\b)[^.])*\brice\b#{NO_RICE}/ix
      # What is left of it, laid on the first part.
      REST_OF_IT = /\b(?:the\s+rest|rest\s+of|remaining|other\s+half|the\s+(?:plain|white))\b[^.]*\brice\b/i
      # On a plate it is done.
      DONE = /\b(?:plate|platter|serve|fluff|loosen|
               (?:strew|scatter|sprinkle|top|drizzle)\s+(?:the\s+)?(?:\w+\s+)?rice\s+with)\b/ix
      HOT = /\bhot\s+rice\b/i
      COOKED = /\bcooked\s+rice\b/i
      # "Stand them upright in a pot."
      STOOD_IN = /\b(?:stand|pack|arrange|fit)\s+(?:them|it|the\s+[[:alpha:]]+)\s+
                  (?:[[:alpha:]]+\s+){0,4}?in\s/ix
      RESTS = /\boff\s+the\s(?:fire|heat|stove)\b|\b(?:let|leave)\s+(?:it\s+)?(?:to\s+)?(?:stand|rest|sit)\b/i
      HEAPED_ON = /\bon(?:to)?\s+(?:an?|the|your)\s+(?:[[:alpha:]]+\s+)?(?:platter|plates?|serving)\b/i
      # "Don't open."
      LEFT_ALONE = /\A\W*(?:don'?t|do\s+not|no)\s+(?:open|peek|lift|peeking)\b[^.]{0,20}\.?\z/i
      # "Pile the rice on a dish, the rest of the yellow rice on top."
      DISHED = /\b(?:pile|heap|spoon|tip|turn)\b[^.;]*\bon(?:to)?\s(?:an?|the)\s(?:\w+\s)?(?:dish|pla\w+)\b/i
      WRAP = "wrap"
      BOIL = "boil"
      SIMMER = "simmer"
      DRAIN = "drain"
      STEAM = "steam"
      REST = "rest"
      # By these something is laid on the rice.
      LAID = %w[sprinkle lay-in put-back].freeze
      ON_TOP = /\b(?:on\s+top|over(?:\s+(?:it|the\s+rice))?)\b/i
      # Kinds of verbs that make it ready, and that put it in.
      READIES = [DRAIN, WRAP, "cool", "mix"].freeze
      PUTS = ["stir", "lay-in", "layer", "fry", "simmer", "low", "put-back", "sprinkle", "steam", nil].freeze
      # Kinds that may be done with rice that is done, and words for something on its pot.
      FINISHING = [nil, "sprinkle", "serve", "fold", "mix", "cut", "dress", "take-out", "fluff"].freeze
      OMELETTE = /\b(?:omelettes?|pancakes?)\b/i
      COVER = /\b(?:lid|foil|cloth|towel|cover(?:ed)?|oven|steam|min(?:ute)?s?|last\s+\d+)\b/i
      FINISHED_IN = %w[bake steam].freeze
      # Clauses from there on in which it is.
      LATER = 8
      LOW = "low"
      ON_FIRE = /\b(?:low|lowest|flame|fire|heat|oven)\b/i
      # "Drain the rice and tip in.", "tip both in with the water"
      TIPPED = /\A\W*(?:tip|pour|put)\s+(?:(?:both|all|the\s+lot|everything)\s+)?in(?=\W*\z|\s+with\b)/i
      # Words of a clause that goes on with what the one before was about: "Boil 7 min hard."
      FEW = 5
      GOES_ON = [DRAIN, BOIL].freeze
      # Clauses after one in which it is drained.
      SOON = 4

      # True for a clause of a few words.
      def self.short?(text)
        text.split.size <= FEW
      end

      # `clauses`: Clauses.
      def initialize(clauses)
        @clauses = clauses
        @kinds = clauses.map(&:kind)
      end

      # The position of the last clause that makes the rice ready, where it is put in after that, or -1.
      def last_readied
        @last_readied ||= begin
          puts = (speaking | stood).sort.select { |at| puts?(at) && !@clauses[at].say.match?(DONE) }
          ready = speaking.reverse.find { |at| readies?(at) && (puts.last || -1) > at } || -1
          [ready, moved_on - 1].max
        end
      end

      # True where it rests on behind a position: "stir in the cheese, rest 5 minutes".
      def rests_after?(position)
        clause = @clauses[position + 1]
        !clause.nil? && !clause.minutes.nil? && (clause.kind == REST || clause.say.match?(RESTS))
      end

      # True where a clause (its position) only says that nobody opens it, or something is laid on in the one
      # after it, and what rests for some minutes follows.
      def laid_before_rest?(position)
        return true if @clauses[position].say.match?(LEFT_ALONE)

        clause = @clauses[position + 1]
        return false unless clause && clause.minutes.nil? && stands_after?(position + 1)

        LAID.include?(clause.kind) || clause.say.match?(ON_TOP)
      end

      # The same of what is off the fire already, where a lid is enough to say so: "lid on, 5 minutes".
      def stands_after?(position)
        clause = @clauses[position + 1]
        rests_after?(position) ||
          (clause&.kind == LOW && !clause.minutes.nil? && !clause.say.match?(ON_FIRE))
      end

      # True where one of the clauses right behind a position puts it in by its name.
      def put_in_soon?(position)
        @clauses[position + 1, SOON].to_a.any? do |clause|
          PUTS.include?(clause.kind) && clause.say.match?(RICE)
        end
      end

      # True where the rice of a clause is done: "tip the hot rice into a bowl".
      def done?(position)
        @clauses[position].say.match?(HOT)
      end

      # True where from a position on nothing is cooked, closed or waited for.
      def only_finishing?(position)
        @clauses.drop(position).all? do |clause|
          finishing?(clause) && !clause.minutes && !clause.until && !clause.say.match?(COVER)
        end
      end

      # True where a clause says for how long.
      def timed?(position)
        !@clauses[position].minutes.nil?
      end

      # The position of the last clause that lays rice in, or -1.
      def last_layer
        @last_layer ||= @clauses.rindex do |one|
          one.say.match?(MORE) && !one.say.match?(DISHED) && !one.say.match?(HOT)
        end || -1
      end

      private

      def finishing?(clause)
        FINISHING.include?(clause.kind) || clause.say.match?(HEAPED_ON)
      end

      # The position at which rice from another pot goes into what it is baked or steamed in at the end, or 0.
      def moved_on
        found = @clauses.each_index.find { |at| @clauses[at].say.match?(RiceWords::INTO_OVEN) } || 0
        later = @kinds[found, LATER].to_a
        later.intersect?(FINISHED_IN) && found > (speaking.find { |at| puts?(at) } || found) ? found : 0
      end

      # Positions of clauses that speak of the rice, or go on with it.
      def speaking
        @speaking ||= begin
          last = false
          @clauses.each_index.select { |at| last = speaks?(at) || (last && goes_on?(at)) }
        end
      end

      def speaks?(position)
        @clauses[position].say.match?(RICE) || (@kinds[position] == WRAP && !omelette?(position))
      end

      # "Fry a thin omelette, roll": that wraps no rice.
      def omelette?(position)
        sentence = @clauses[position].sentence
        @clauses.any? { |one| one.sentence == sentence && one.say.match?(OMELETTE) }
      end

      def goes_on?(position)
        say = @clauses[position].say
        return true if say.match?(RiceWords::IT) || say.match?(TIPPED) || @kinds[position] == STEAM

        RiceClauses.short?(say) && GOES_ON.include?(@kinds[position])
      end

      # Positions at which what was wrapped is stood in its pot.
      def stood
        @stood ||= begin
          wrapped = @kinds.index(WRAP) || @kinds.size
          (wrapped...@kinds.size).select { |at| @clauses[at].say.match?(STOOD_IN) || parcels_boil?(at) }
        end
      end

      # "Boil in a big pot of water, 2 hours", of parcels.
      def parcels_boil?(position)
        timed?(position) && [BOIL, SIMMER].include?(@kinds[position])
      end

      # By steam it is cooked once: parcels of it are steamed again.
      def puts?(position)
        return @kinds.index(STEAM) == position if @kinds[position] == STEAM

        (PUTS.include?(@kinds[position]) && !cooled?(position)) || stood.include?(position)
      end

      # The rice is made ready no more by what is mixed once it cooks.
      def under_lid
        @under_lid ||= RiceUnderLid.new(@clauses, speaking)
      end

      def readies?(position)
        return false if position > under_lid.from || @clauses[position].say.match?(COOKED)

        READIES.include?(@kinds[position]) || boils?(position) || cooled?(position)
      end

      def cooled?(position)
        @clauses[position].say.match?(RiceWords::INTO_COLD)
      end

      # Boiled for a while, and drained soon after.
      def boils?(position)
        @kinds[position] == BOIL && !@clauses[position].minutes.nil? &&
          @kinds[position + 1, SOON].to_a.include?(DRAIN)
      end
    end
  end
end
