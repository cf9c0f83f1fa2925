# frozen_string_literal: true

require_relative "../vessels/kept_back"
require_relative "../vessels/broth_course"
require_relative "../lines/all_for_part"
require_relative "../lines/broth_given"
require_relative "../lines/kept_amount"
require_relative "../lines/line_sorts"
require_relative "clause_words"
require_relative "idle_clauses"
require_relative "../vessels/fetched"
require_relative "../vessels/given_along"
require_relative "../vessels/given_shares"
require_relative "../vessels/goes_on"
require_relative "../vessels/mixtures"
require_relative "../words/said_share"
require_relative "rice_clauses"
require_relative "../vessels/step_vessels"
require_relative "wrapped_food"
require_relative "../lines/rice_line"

module FondKettle
  module Reading
    # What goes in at each step: lines, and what other vessels give.
    class StepFlow
      # Kinds at which nothing goes in.
      NEVER_TAKES = %w[cool rest taste take-out turn-out fluff preheat drain].freeze
      # At these nothing comes from elsewhere: it is thrown away, or stays.
      STAYS = [StepVessels::AWAY, IdleClauses::LEFT, IdleClauses::WARM].freeze
      # Kinds that move what is in one vessel into another.
      GIVES = %w[take-out turn-out taste drain].freeze
      MOVES_ALL = %w[turn-out serve taste].freeze
      TAKES_MIXTURES = [*GoesOn::KINDS, "layer", "sprinkle", "wrap", "shape", "serve", "fold",
                        "dress"].uniq.freeze
      # What was mixed with the rice gives nothing to these.
      SOAKS_IN = %w[marinate soak].freeze
      PAR_BOIL = "par-boil"
      # What brings the rice along from where it lies.
      MIX = "mix"
      GATHERS = [MIX, "fill", "simmer"].freeze
      BRINGS_RICE = [RiceClauses::WRAP, MIX].freeze
      # What is drained after these is the rice.
      OF_THE_RICE = [*WashVessel::KINDS, PAR_BOIL].freeze
      TAKE_OUT = "take-out"
      DRAIN = "drain"
      TASTE = "taste"

      # `lines`: ReadLines; `places`: LinePlaces; `vessels`: StepVessels; `rice`: the RiceCourse.
      def initialize(lines, places, vessels, rice)
        @lines = lines
        @places = places
        @vessels = vessels
        @rice = rice
        @rice_line = RiceLine.index(lines)
        @mixtures = Mixtures.new(lines, places)
        @goes_on = GoesOn.new(@mixtures, places)
        @broth = BrothCourse.new(lines, places)
        @along = GivenAlong.new(lines, places, @broth)
        @wrapped = WrappedFood.new(places, @rice_line)
        @fetched = Fetched.new(lines, places, rice) { vessels.rice_at }
        @given = GivenShares.new(places, @mixtures)
        @kept = KeptBack.new(vessels)
        @last_taken = []
      end

      # [index of a line, share] of each that goes in at a step of a `kind` in a `vessel`; `named`: its
      # NamedLines; `rice`: it is about the rice.
      def takes(named, kind, vessel, rice:)
        found = entering(named, kind, rice)
        found += [[@rice_line, nil]] if rice && @rice_line && !(NEVER_TAKES - [DRAIN]).include?(kind)
        found = found.sort_by(&:first).filter_map { |index, said| take(index, said, vessel, kind) }
        @last_taken = found.map(&:first) if found.any?
        found
      end

      # The BrothCourse, the GivenAlong, and the WrappedFood.
      attr_reader :broth, :along, :wrapped

      # The vessel of the mixture into which a clause puts something, or nil.
      def into(say)
        @mixtures.into(say)
      end

      # True where a clause speaks of a mixture by a word that a line has too: "fry the paste" is not the
      # tamarind paste.
      def mixture?(say, index)
        @mixtures.means?(say, @lines[index])
      end

      # Keys of other vessels that give what is named in a clause; `last`: the ReadStep before.
      def from(named, clause, kind, vessel, goes_in:, last:)
        return [] if STAYS.any? { |words| clause.say.match?(words) } || (NEVER_TAKES - GIVES).include?(kind)

        named = named.reject(&:onto)
        found = meant(@fetched.poured(named, clause.say), kind, rice: goes_in || kind == PAR_BOIL)
        found = found.flat_map { |index| @fetched.from(index, clause.say) }
        found.concat(spoken_of(named, clause, kind, last))
        found << @vessels.giving(kind) if !stays_in?(vessel, kind, last) && gives_all?(clause, kind, last)
        elsewhere(found - mixed_with_rice(kind, clause.say), vessel, goes_in)
      end

      # Shares by the keys of those of some vessels (`from`) that give only a part of what they have.
      def shares(named, say, kind, from)
        @given.of(named.reject { |one| one.index == @rice_line }, say, kind, from)
      end

      # Notes where what was named lies now; a part that is poured (`shares`) or taken out leaves the rest
      # where it was.
      def move(named, say, kind, vessel, from, shares)
        moved(named, say, kind, vessel, from, shares)
        @vessels.back_to(from) if kind == TAKE_OUT
      end

      private

      # Keys of vessels that give nothing at a step of a kind: "blend everything for the dip" takes no rice.
      def mixed_with_rice(kind, say)
        @rice.in? && (SOAKS_IN.include?(kind) || say.match?(AllForPart::FOR)) ? [@vessels.rice_at] : []
      end

      # Vessels (keys) but for the one of the step; parcels are left where they are until they go in.
      def elsewhere(keys, vessel, goes_in)
        keys.compact.uniq - (goes_in ? [vessel] : [vessel, @wrapped.vessel])
      end

      def moved(named, say, kind, vessel, from, shares)
        @broth.note(say, kind, vessel, from)
        @wrapped.note(kind, vessel)
        poured = @broth.vessel(say, named, kind)
        return if poured.nil? && part_poured?(say, kind, named)

        @along.move(poured, vessel, say, @along.soaked(named, poured)) if poured
        indexes = taken_out(named, say, from) if kind == TAKE_OUT
        if indexes && (SaidShare.part(say) || KeptAmount.weight_g(say))
          return @places.keep(indexes, vessel, later: say.match?(KeptAmount::LATER))
        end

        (from - [poured, *shares.keys]).each { |key| @along.move(key, vessel, say, indexes) }
        @mixtures.note(kind, vessel)
      end

      # Keys of vessels of which a clause speaks without naming what lies there, and nils.
      def spoken_of(named, clause, kind, last)
        [@broth.vessel(clause.doing, named, kind), *mixed(clause.say, named, kind),
         @kept.vessel(clause, kind, last), (last.vessel if goes_on?(named, clause, kind, last)),
         @wrapped.filled_from(clause, kind),
         @vessels.given(clause.say)]
      end

      # Keys of vessels in which a mixture lies that is spoken of, or of all that hold something: "everything
      # into a big bowl".
      def mixed(say, named, kind)
        all = GATHERS.include?(kind) && say.match?(ClauseWords::ALL[:everything])
        return @places.vessels if all || say.match?(ClauseWords::ALL[:all_but])

        TAKES_MIXTURES.include?(kind) ? @mixtures.vessels(say, named) : []
      end

      def goes_on?(named, clause, kind, last)
        rice = rice_in?(last)
        return false if rice && last.kind == GoesOn::SOAK && clause.say.match?(GoesOn::FRESH)

        bare = !rice && (named.map(&:index) - [@rice_line]).empty?
        solids = named.any? { |one| LineSorts.solid?(@lines[one.index]) }
        @goes_on.with?(clause, kind, last, solids: solids, bare: bare)
      end

      def rice_in?(last)
        !last.nil? && @places.in(last.vessel).include?(@rice_line) && !@rice.in?
      end

      # What is drained goes in where nobody named it before: "drain the herring", "drain the rice and the
      # beans".
      def entering(named, kind, rice)
        return NEVER_TAKES.include?(kind) ? [] : foods(named) unless kind == DRAIN

        foods(named).select { |index, _| !rice || LineSorts.solid?(@lines[index]) }
      end

      def foods(named)
        named.map { |one| [one.index, one.share || salt_left(one.index)] }
             .reject { |index, _| index == @rice_line }
      end

      # Salt of which a pinch went in somewhere else goes in where it is spoken of by itself.
      def salt_left(index)
        SaidShare::REST if @lines[index].ingredient&.key == LineSorts::SALT
      end

      def take(index, said, vessel, kind)
        share = @places.share(index, said, kind)
        return unless share.positive?

        @places.take(index, share, vessel)
        [index, share]
      end

      # Indexes of the lines of a clause, or of "them": what went in last.
      def meant(named, kind, rice:)
        indexes = named.map(&:index)
        indexes |= [@rice_line] if rice && @rice_line
        indexes.empty? && kind == TAKE_OUT ? lifted : indexes
      end

      # Indexes of the lines that are taken out: no liquor of which the words say that it is kept; by an
      # amount without a name, all that lies there.
      def taken_out(named, say, from)
        return from.flat_map { |key| @places.in(key) } if named.empty? && KeptAmount.weight_g(say)

        named = named.reject { |one| LineSorts.stays?(@lines[one.index]) } if BrothGiven.kept?(say)
        meant(named, TAKE_OUT, rice: false)
      end

      # "Them": what lies in what it was cooked in, the fat and the liquid left behind.
      def lifted
        there = @places.in(@vessels.giving(TAKE_OUT)).reject { |index| LineSorts.stays?(@lines[index]) }
        there.empty? ? @last_taken : there
      end

      # True where a part of some broth is poured, though nobody knows from where.
      def part_poured?(say, kind, named)
        return false if kind == TAKE_OUT && named.any?

        BrothGiven.in?(say) && ![DRAIN, BrothCourse::CUTS].include?(kind) && named.none? do |one|
          @lines[one.index].ingredient&.liquid
        end
      end

      # What is drained where it was boiled comes from nowhere else.
      def stays_in?(vessel, kind, last)
        kind == DRAIN && vessel == last&.vessel
      end

      # What is turned out, served, or drained and is not the rice, comes off the fire.
      def gives_all?(clause, kind, last)
        return @rice.in? || kind == TASTE if MOVES_ALL.include?(kind)

        kind == DRAIN && !@rice.in? && !of_the_rice?(clause, last) && @places.any?(@vessels.giving(kind))
      end

      def of_the_rice?(clause, last)
        clause.say.match?(RiceClauses::RICE) || OF_THE_RICE.include?(last&.kind)
      end
    end
  end
end
