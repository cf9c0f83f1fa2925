# frozen_string_literal: true

require_relative "../ground/value"
require_relative "../methods/request/provision"
require_relative "clause_sense"
require_relative "kind_rules"
require_relative "line_places"
require_relative "named_lines"
require_relative "rice_course"
require_relative "step_flow"
require_relative "step_vessels"
require_relative "vessel_course"

module FondKettle
  module Reading
    # A step as it was read; `takes`: [index of a line, share]; `from`: keys of vessels, `broth` that of them
    # from which so much broth is poured, nil: none is known for one; `solids`: those whose liquor stays;
    # `unsure`: indexes of lines that may be meant; `guessed`: true where its kind is a guess.
    ReadStep = Value.define(:id, :clause, :kind, :vessel, :takes, :from, :broth, :solids, :rice, :beside,
                            :unsure, :guessed)

    # Follows what is done in a text from its front to its end.
    class Course
      # Kinds at which the rice may go into its vessel, and those that then are its going in.
      PUTS_RICE = %w[stir layer lay-in put-back fill fry toast simmer boil low bake steam sprinkle mix
                     shape].freeze
      FILLS = %w[stir lay-in put-back fry toast simmer mix].freeze
      FILL = "fill"
      SERVE = "serve"
      BESIDE = "beside"
      DRAIN = "drain"
      BOIL = "boil"
      SALT = "salt"
      WATER = /\bwater\b/i
      # What goes on by itself when things are added to it.
      COOKS = %w[fry toast simmer reduce broth].freeze
      # What only says how it looks: "the liquid should just cover it".
      SEEN = /\b(?:should|must|ought\s+to)\b/i
      # Kinds that put on the rice what was cut, in the next clauses.
      STREWS = %w[sprinkle fold stir lay-in].freeze
      NEAR = 2
      # Clauses after one in which boiled rice is drained.
      SOON = 6

      # `clauses`: Clauses; `lines`: ReadLines.
      def initialize(clauses, lines)
        @clauses = clauses
        @lines = lines
        @named = NamedLines.new(lines)
        @rice_line = lines.index(&:grain)
        @rice = RiceCourse.new(clauses)
        @course = VesselCourse.new
        @places = LinePlaces.new(lines)
        @vessels = StepVessels.new(@course, @rice, @places)
        @flow = StepFlow.new(lines, @places, @vessels, @rice)
      end

      # ReadSteps; a clause in which nothing is done is none.
      def steps
        @steps ||= passed.reject { |step| idle?(step) }.freeze
      end

      # ReadVessels, the rice's own first.
      def vessels
        own = rice_vessel
        @course.all.sort_by.with_index { |one, index| one.key == own ? -1 : index }
      end

      # Key of the vessel in which the rice is cooked.
      def rice_vessel
        found = [RiceCourse::IN, RiceCourse::WITH].filter_map { |at| steps.find { |step| step.rice == at } }
        found.first&.vessel || @course.fire
      end

      # Texts of clauses that are no step.
      def idle
        passed.select { |step| idle?(step) }.map { |step| step.clause.say }
      end

      # Indexes of lines that went in nowhere.
      def untaken
        passed
        @places.untaken
      end

      private

      # A ReadStep for each clause.
      def passed
        @passed ||= @clauses.each_with_index.reduce([]) do |done, (clause, position)|
          done << step(clause, position, done.last)
        end
      end

      def idle?(step)
        return true if step.guessed && step.clause.say.match?(SEEN)
        return false if step.rice == RiceCourse::IN && step.clause.say.match?(RiceClauses::REST_OF_IT)

        step.guessed && step.takes.empty? && step.from.empty? && step.clause.until.nil?
      end

      # `last`: the ReadStep before.
      def step(clause, position, last)
        named = named(clause)
        rice = @rice.meant?(clause.say, others?(named))
        kind = kind(clause, position, named, rice)
        goes_in = rice && goes_in?(kind, position)
        kind = FILL if goes_in && FILLS.include?(kind)
        onto = named.select(&:onto).filter_map { |one| @places.vessel(one.index) }.last
        onto ||= @flow.into(clause.say)
        plain_water = drained?(position) && plain_water?(clause, named)
        vessel = @vessels.vessel(clause, kind, last: last, about_rice: rice, others: others?(named),
                                               goes_in: goes_in, onto: onto, plain_water: plain_water)
        pass(named, last, clause: clause, kind: kind, vessel: vessel, rice: rice, goes_in: goes_in,
                          position: position)
      end

      # NamedLines of a clause; fat and liquid of which it only says what is to be seen are none.
      def named(clause)
        found = @named.in(clause.say, @places.untaken, @places.left)
        return found unless clause.until

        done = @named.in(clause.doing, @places.untaken).map(&:index)
        found.reject { |one| !done.include?(one.index) && @lines[one.index].runs? }
      end

      # Notes what a clause does, and returns its ReadStep.
      def pass(named, last, clause:, kind:, vessel:, rice:, goes_in:, position:)
        takes = @flow.takes(named, kind, vessel, rice: rice)
        from = @flow.from(named, clause, kind, vessel, goes_in: goes_in, last: last)
        broth = @flow.broth(clause.say, named, kind)
        solids = @flow.liquor_kept(from - [broth], clause.say)
        at = at(clause, kind, vessel, takes) || @rice.pass(kind, position, goes_in: goes_in, rice: rice)
        @flow.move(named, clause.say, kind, vessel, from)
        ReadStep.new(id: "s#{position + 1}", clause: clause, kind: kind, vessel: vessel, takes: takes,
                     from: from, broth: broth, solids: solids, rice: at,
                     beside: (last&.id if clause.meanwhile), guessed: guessed?(clause, named),
                     unsure: named.reject(&:sure).map(&:index))
      end

      def goes_in?(kind, position)
        !@rice.in? && PUTS_RICE.include?(kind) && @rice.ready?(position)
      end

      # True where a clause names more than the rice.
      def others?(named)
        named.any? { |one| one.index != @rice_line }
      end

      def kind(clause, position, named, rice)
        foods = named.filter_map { |one| @lines[one.index].ingredient }
        sense = ClauseSense.new(clause: clause, puts: foods.any?, several: foods.size > 1, rice: rice,
                                liquid: foods.any?(&:liquid), fat: foods.any? { |food| fat?(food) },
                                drained: drained?(position), stage: @rice.stage, last: @last,
                                previous: @previous, boils: @clauses[position + 1]&.kind == BOIL,
                                strewn: strewn?(position))
        @previous = KindRules.kind(sense)
        @last = @previous if COOKS.include?(@previous)
        @previous
      end

      def fat?(food)
        Methods::Slots.of(food) == Methods::Slots::FAT
      end

      # Without a verb it is a guess, unless something goes in or it says how long.
      def guessed?(clause, named)
        clause.verb.nil? && clause.minutes.nil? && !others?(named) && !clause.say.match?(RiceClauses::REST_OF_IT)
      end

      # True where one of the next clauses puts something on the rice.
      def strewn?(position)
        @clauses[position + 1, NEAR].to_a.any? { |clause| STREWS.include?(clause.kind) }
      end

      # True where the text drains the rice that is boiled.
      def drained?(position)
        @clauses.drop(position + 1).first(SOON).any? { |clause| clause.kind == DRAIN }
      end

      def plain_water?(clause, named)
        clause.say.match?(WATER) && named.all? do |one|
          food = @lines[one.index].ingredient
          food && (food.water? || food.key == SALT)
        end
      end

      # Where a step beside the rice's own course stands, or nil.
      def at(clause, kind, vessel, takes)
        return unless @rice.in?
        return BESIDE if kind == SERVE && (takes.any? || clause.say.match?(ClauseSense::WORDS[:beside]))

        @rice.stage if clause.meanwhile && vessel != @course.fire
      end
    end
  end
end
