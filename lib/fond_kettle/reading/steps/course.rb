# frozen_string_literal: true

require_relative "../../ground/value"
require_relative "beside_rice"
require_relative "filling"
require_relative "idle_clauses"
require_relative "../vessels/line_places"
require_relative "clause_lines"
require_relative "recited_clauses"
require_relative "rice_course"
require_relative "set_aside"
require_relative "spoken_rice"
require_relative "step_flow"
require_relative "step_kinds"
require_relative "../vessels/boiling_pans"
require_relative "../vessels/step_vessels"
require_relative "../vessels/vessel_course"
require_relative "../lines/rice_line"

module FondKettle
  module Reading
    # A step as it was read; `takes`: [index of a line, share]; `from`: keys of vessels, `broth` that of them
    # from which so much broth is poured, nil: none is known for one; `along`: what soaked in it goes with it;
    # `solids`: those whose liquor stays;
    # `shares`: by key, of those that give only a part;
    # `unsure`: indexes of lines that may be meant; `certainty`: of its kind (Certainty).
    ReadStep = Value.define(:id, :clause, :kind, :vessel, :takes, :from, :broth, :along, :solids, :shares,
                            :rice, :beside, :unsure, :certainty)

    # Follows what is done in a text from its front to its end.
    class Course
      # Kinds at which the rice may go into its vessel, and those that then are its going in.
      PUTS_RICE = %w[stir layer lay-in put-back fill fry toast simmer reduce broth boil low bake steam
                     sprinkle mix shape].freeze
      FILLS = %w[stir lay-in put-back fry toast simmer reduce broth mix sprinkle].freeze
      FILL = "fill"
      PREHEAT = "preheat"
      SOAK = "soak"
      LOW = "low"
      PRESSURE = /\bpressure|\bwhistles?\b|\bthe\s+weight\s+on\b/i

      # `clauses`: Clauses; `lines`: ReadLines.
      def initialize(clauses, lines)
        @clauses = clauses
        @recited = RecitedClauses.new(clauses, lines)
        @lines = lines = @recited.listed
        @rice_line = RiceLine.index(lines)
        @rice = RiceCourse.new(clauses)
        @course = VesselCourse.new(pressure: clauses.any? { |clause| clause.say.match?(PRESSURE) })
        @places = LinePlaces.new(lines)
        @kinds = StepKinds.new(clauses, lines)
        @vessels = StepVessels.new(@course, @rice, @places)
        @beside = BesideRice.new(clauses, @rice, @course, @vessels)
        @flow = StepFlow.new(lines, @places, @vessels, @rice)
        @set_aside = SetAside.new(clauses, @course, @flow.broth, @places, @rice_line)
        @named = ClauseLines.new(clauses, lines, @places, @recited) do |say, index|
          @flow.mixture?(say, index)
        end
      end

      # ReadSteps; a clause in which nothing is done is none.
      def steps
        @steps ||= begin
          read = passed.reject { |step| IdleClauses.idle?(step) }
          own = own_of(read)
          read = read.reject { |step| IdleClauses.off_the_fire?(step) && step.vessel != own }
          beside(read.map { |step| step.kind == PREHEAT ? step.with(vessel: own) : step }).freeze
        end
      end

      # ReadVessels, the rice's own first.
      def vessels
        own = rice_vessel
        used = [own, *steps.flat_map { |step| [step.vessel, *step.from] }]
        @course.all.select { |one| used.include?(one.key) }.map { |one| BoilingPans.as_used(one, steps) }
               .sort_by.with_index { |one, index| one.key == own ? -1 : index }
      end

      # Key of the vessel in which the rice is cooked.
      def rice_vessel
        own_of(steps)
      end

      # Texts of clauses that are no step.
      def idle
        passed.select { |step| IdleClauses.idle?(step) }.map { |step| step.clause.say }
      end

      # The LinePlaces once all is done: how much of each line went in, and where it lies.
      def places
        passed
        @places
      end

      private

      # ReadSteps none of which is done beside one that is none: then it is beside the one before.
      def beside(read)
        ids = read.map(&:id)
        read.each_with_index.map do |step, index|
          gone = step.beside && !ids.include?(step.beside)
          gone ? step.with(beside: (ids[index - 1] if index.positive?)) : step
        end
      end

      # Key of the vessel of some ReadSteps in which the rice is cooked.
      def own_of(read)
        found = [RiceCourse::IN, RiceCourse::WITH].flat_map { |at| read.select { |step| step.rice == at } }
        cooker = found.find { |step| step.kind == LOW && @vessels.cooker?(step.vessel) }
        (cooker || found.first)&.vessel || @course.fire
      end

      # A ReadStep for each clause.
      def passed
        @passed ||= @clauses.each_with_index.reduce([]) do |done, (clause, position)|
          done << step(clause, position, done.reverse_each.find { |one| !IdleClauses.passed_over?(one) })
        end
      end

      # `last`: the ReadStep before.
      def step(clause, position, last)
        come_to(position)
        named = @named.in(clause, position)
        rice = about_rice?(position, named)
        kind = @kinds.kind(position, named, rice: rice, last: last, stage: @rice.stage,
                                            apart: !rice && beside?(last), later: !@rice.ready?(position))
        goes_in = rice && goes_in?(kind, position, last, named)
        kind = FILL if goes_in && FILLS.include?(kind)
        doing = Doing.new(clause: clause, kind: kind, last: last, rice: rice, others: others?(named),
                          goes_in: goes_in, onto: onto(clause, named),
                          plain_water: @kinds.plain_water?(position, named),
                          set_aside: !@rice.in? && @set_aside.at?(position),
                          rice_apart: SpokenRice.labelled?(@clauses, clause) ||
                                      @set_aside.of_the_broth?(position),
                          by_itself: !rice && @kinds.boils_by_itself?(position, named, kind))
        pass(named, doing, position: position, vessel: @vessels.vessel(doing))
      end

      # True for a ReadStep (or nil) in a vessel over the fire beside the rice's.
      def beside?(last)
        !last.nil? && @vessels.beside_rice?(last.vessel)
      end

      # Notes what the clauses before a position leave of the rice.
      def come_to(position)
        @rice.finish(position)
        @rice.speak if position.positive? && @recited.rice?(position - 1)
      end

      # True where a clause speaks of the rice, names nothing else ("160 g bomba."), or cooks what was spoken
      # of last in water.
      def about_rice?(position, named)
        clause = @clauses[position]
        return false if @recited.at?(position)
        return true if SpokenRice.shared?(clause, @clauses[position + 1]) || everything?(clause, named)

        in_water = SpokenRice.in_water?(clause.say, named.map { |one| @lines[one.index] })
        @rice.meant?(ClauseLines.put(clause.say), others?(named) && !in_water, position) ||
          named.map(&:index) == [@rice_line] || packed?(clause, named)
      end

      # "Everything into a pot", the rice that was ground in its bowl among it.
      def everything?(clause, named)
        return false if @rice.in? || @rice_line.nil? || !clause.say.match?(ClauseWords::ALL[:everything])
        return named.any? { |one| one.index == @rice_line } if @places.vessel(@rice_line).nil?

        !clause.minutes.nil? || %i[cooker all_in_pot].any? { |key| clause.say.match?(ClauseWords::ALL[key]) }
      end

      # "Stand the peppers upright in a pan", "mix the filling": what was or is filled with the rice.
      def packed?(clause, named)
        return true if Filling.with_rice?(clause, RiceLine.of(@lines))

        @flow.wrapped.packed?(clause, named)
      end

      # The vessel of that to which a clause puts something, or nil.
      def onto(clause, named)
        named.select(&:onto).filter_map { |one| @places.vessel(one.index) }.last || @flow.into(clause.say)
      end

      # Notes what a Doing does in its vessel, and returns its ReadStep.
      def pass(named, doing, position:, vessel:)
        clause = doing.clause
        kind = @vessels.kind_in(vessel, doing)
        takes = @flow.takes(named, kind, vessel, rice: doing.rice)
        brings = doing.goes_in || moves_rice?(doing, vessel)
        from = @flow.from(named, clause, kind, vessel, goes_in: brings, last: doing.last)
        broth = @flow.broth.vessel(clause.say, named, kind)
        solids = @flow.broth.liquor_kept(from - [broth], clause.say, named)
        along = @flow.along.soaked(named, broth).any?
        shares = @flow.shares(named, clause.say, kind, from)
        at = @beside.at(clause, kind, vessel, takes) || passed_by(doing, position)
        @flow.move(named, clause.say, kind, vessel, from, shares)
        ReadStep.new(id: "s#{position + 1}", clause: clause, kind: kind, vessel: vessel, takes: takes,
                     from: from, broth: broth, along: along, solids: solids, shares: shares, rice: at,
                     beside: @beside.which(doing.last, clause), certainty: IdleClauses.certainty(doing),
                     unsure: named.reject(&:sure?).map(&:index))
      end

      # True where the rice comes along from where it lies.
      def moves_rice?(doing, vessel)
        return false unless doing.rice && @rice_line

        StepFlow::BRINGS_RICE.include?(doing.kind) ||
          (@rice.in? && @vessels.rice_at == vessel && @places.vessel(@rice_line) != vessel)
      end

      # Where the rice stands once a Doing is done.
      def passed_by(doing, position)
        @rice.pass(doing.kind, position, goes_in: doing.goes_in, rice: doing.rice)
      end

      # True where the rice goes into its vessel; what it is mixed with in a bowl goes along later.
      def goes_in?(kind, position, last, named)
        return false if @rice.in? || @clauses[position].verb&.bowl
        return false if @kinds.into_bowl?(position, last) || !@rice.ready?(position)

        PUTS_RICE.include?(kind) || (kind == SOAK && named.any? { |one| own_water?(one) })
      end

      # "Soak it in the measured water": that is what it is cooked in.
      def own_water?(named)
        line = @lines[named.index]
        line.ingredient&.water? && !line.spoken
      end

      # True where a clause names more than the rice.
      def others?(named)
        named.any? { |one| one.index != @rice_line }
      end
    end
  end
end
