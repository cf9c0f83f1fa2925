# frozen_string_literal: true

require_relative "../../larder/names"
require_relative "../../methods/request/provision"
require_relative "../lines/broth_given"
require_relative "clause_sense"
require_relative "clause_words"
require_relative "../words/food_words"
require_relative "kind_rules"
require_relative "../vessels/step_vessels"

module FondKettle
  module Reading
    # What is done in each clause of a text (a key of Care::Kinds), from its front to its end.
    class StepKinds
      MIX = "mix"
      DRAIN = "drain"
      BOIL = "boil"
      SALT = "salt"
      WRAP = "wrap"
      SERVE = "serve"
      GARNISH = FoodWords.row("garnish")
      WATER = /\bwater\b/i
      ADDED = /\b(?:add|pour)\b/i
      # How the next sentence says that it boils now.
      BOILS = /\A\W*(?:when|once|as\s+soon\s+as)\s+(?:it|that|this)\s+(?:boils|bubbles|is\s+boiling)\b/i
      COOKER_STARTS = /\b(?:start|(?:switch|turn)\s+on)\s+(?:the|your)\s+(?:rice[- ])?cooker\b
                       |\bcooker\s+on\b|\bpress\s+(?:start|cook)\b
                       |\bcook\s+(?:it\s+)?on\s+(?:the\s+)?[[:alpha:]]+(?:\s+rice)?\s+
                       (?:setting|programme|program)\b/ix
      SIMMER = "simmer"
      BOILED = [SIMMER, "boil"].freeze
      MARINATE = "marinate"
      EGG = "raw-egg"
      # "Spinach: boil 1 min"
      LABEL = /\A\W*[[:alpha:]]+(?:\s+[[:alpha:]]+)?:\s/
      PREHEAT = "preheat"
      BAKE = "bake"
      REST = "rest"
      # What goes on by itself when things are added to it.
      COOKS = %w[fry toast simmer reduce broth].freeze
      # Kinds by which something is done with what was cut, in the next clauses.
      STREWS = %w[sprinkle fold stir lay-in mix fry dress].freeze
      # What is no plain liquid, and has spices steeped in it.
      MILKS = %w[milk cream].freeze
      # "Half the rice into this", "stir in a third of the rice", of what was mixed.
      INTO_BOWL = Regexp.union(DoingWords::INTO_THAT,
                               /\A\W*(?:then\s+)?(?:stir|mix|fold)\s+in\s+(?:an?\s+[[:alpha:]]+|half|some)\s+
                                (?:of\s+)?(?:the\s+)?(?:boiled\s+|drained\s+)?rice\b/ix)
      NEAR = 2
      FAR = 4
      # Clauses after one in which boiled rice is drained.
      SOON = 6

      # `clauses`: Clauses; `lines`: ReadLines.
      def initialize(clauses, lines)
        @clauses = clauses
        @lines = lines
      end

      # The kind of the clause at a position; call it for each in turn. `named`: its NamedLines; `rice`: it is
      # about the rice, which is at a `stage` (RiceCourse); `last`: the ReadStep before; `apart`: it goes on
      # beside the rice's vessel; `later`: the rice goes into its pot later on.
      def kind(position, named, rice:, last:, stage:, apart: false, later: false)
        @stage = stage
        @apart = apart && named.any?
        @later = later
        kind = KindRules.kind(sense(position, named, rice))
        # Rice that is drained meanwhile goes into what boils.
        @previous = kind unless rice && kind == DRAIN && @previous == BOIL
        note(kind, position, rice)
        rice && into_bowl?(position, last) ? MIX : kind
      end

      # True where rice is put to what was mixed in a bowl.
      def into_bowl?(position, last)
        StepVessels::MIXES.include?(last&.kind) && @stage == RiceCourse::BEFORE &&
          @clauses[position].say.match?(INTO_BOWL)
      end

      # True where nothing but water is heated, for the rice that is drained later.
      def plain_water?(position, named)
        say = @clauses[position].say
        return false if !drained?(position) || !say.match?(WATER)
        return false if [ADDED, BrothGiven::TO_COVER, Verbs::COVERED_WITH].any? { |words| say.match?(words) }

        foods = foods(named)
        foods.size == named.size && foods.all? { |food| food.water? || food.key == SALT || spice?(food) }
      end

      # True where nothing but eggs is boiled, or nothing but what a label says, in plain water.
      def boils_by_itself?(position, named, kind)
        return false unless BOILED.include?(kind) && named.any?

        foods = foods(named)
        return true if foods.all? { |food| food.care.include?(EGG) }

        @clauses[position].say.match?(LABEL) && named.all? { |one| labelled?(position, one) }
      end

      private

      def labelled?(position, named)
        label = @clauses[position].say[LABEL].to_s
        Larder::Names.ours.words(label).intersect?(@lines[named.index].names)
      end

      # What the next clauses go by.
      def note(kind, position, rice)
        @heated = true if rice && FireVessel::HOT.include?(kind) && @clauses[position].minutes
        @last = kind if COOKS.include?(kind)
        @last = SIMMER if kind == BOIL && @stage == RiceCourse::BEFORE
        note_fire(kind)
      end

      def note_fire(kind)
        before = @stage == RiceCourse::BEFORE
        hot = FireVessel::HOT.include?(kind)
        @oven = true if kind == PREHEAT || (kind == BAKE && !before)
        @off = !before && !hot if hot || kind == REST
        @heated = true if hot && @stage == RiceCourse::WITH
      end

      # True where the rice lies in its pot, and one of the next clauses brings it to the boil, or starts its
      # cooker.
      def cold?(position)
        @stage == RiceCourse::WITH && !@heated &&
          @clauses[position + 1, FAR].to_a.any? { |one| one.kind == BOIL || one.say.match?(COOKER_STARTS) }
      end

      def sense(position, named, rice)
        foods = foods(named)
        ClauseSense.new(clause: @clauses[position], puts: foods.any?, several: foods.size > 1, rice: rice,
                        liquid: foods.any?(&:liquid), fat: foods.any? { |food| fat?(food) },
                        steeped: steeped?(foods, position), drained: drained?(position), stage: @stage,
                        last: @last, previous: @previous, cold: cold?(position), oven: @oven,
                        goes_on: goes_on?(position), boils: boils?(position + 1),
                        strewn: strewn?(position, named),
                        apart: @apart, wrapped: soon?(position, WRAP),
                        rubbed: @clauses[position + 1]&.kind == MARINATE, dried: foods.any?(&:dry),
                        off: @off || false, later: @later,
                        waits: goes_on?(position) && @clauses[position - 1].minutes.nil?,
                        garnish: foods.any? && foods.all? { |food| GARNISH.means?(food) })
      end

      def foods(named)
        named.filter_map { |one| @lines[one.index].ingredient }
      end

      def goes_on?(position)
        position.positive? && @clauses[position - 1].sentence == @clauses[position].sentence
      end

      # "When it boils, cover it": the clause before that brought it to the boil.
      def boils?(position)
        clause = @clauses[position]
        !clause.nil? && (clause.kind == BOIL || clause.say.match?(BOILS))
      end

      # A spice and a liquid, in no vessel that is named.
      def steeped?(foods, position)
        return false if @clauses[position].say.match?(VesselCourse::NAMED)

        foods.any? { |food| steeps?(food) } && foods.any? { |food| spice?(food) } &&
          foods.all? { |food| steeps?(food) || spice?(food) }
      end

      # True for what a spice is steeped in.
      def steeps?(food)
        food.liquid || MILKS.include?(food.key)
      end

      def spice?(food)
        Methods::Slots.of(food) == Methods::Slots::SPICE
      end

      def fat?(food)
        Methods::Slots.of(food) == Methods::Slots::FAT
      end

      def soon?(position, kind)
        @clauses[position + 1, NEAR].to_a.any? { |clause| clause.kind == kind }
      end

      # True where one of the next clauses does something with what is cut.
      def strewn?(position, named)
        return true if served?(position, named)

        near = @clauses[position + 1, NEAR].to_a.any? { |clause| STREWS.include?(clause.kind) }
        near || @clauses[position + 1, FAR].to_a.any? do |clause|
          clause.say.match?(ClauseWords::ALL[:everything])
        end
      end

      # "Slice the cucumber. Serve the rice with the curry and the cucumber."
      def served?(position, named)
        return true if @clauses[position + 1]&.kind == SERVE

        names = named.flat_map { |one| @lines[one.index].names }
        @clauses[position + 1, FAR].to_a.any? do |clause|
          clause.kind == SERVE && Larder::Names.ours.words(clause.say).intersect?(names)
        end
      end

      # True where the text drains the rice that is boiled.
      def drained?(position)
        return false if @clauses.first(position).any? { |clause| clause.kind == WRAP }

        @clauses.drop(position + 1).first(SOON).any? { |clause| clause.kind == DRAIN }
      end
    end
  end
end
