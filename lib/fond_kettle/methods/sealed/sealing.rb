# frozen_string_literal: true

require_relative "../../ground/value"
require_relative "../../numeric/root"
require_relative "../../phases/phase"
require_relative "../../pot/verdict"
require_relative "advice"
require_relative "../loads/loading"
require_relative "par_boil"
require_relative "par_cook"
require_relative "../request/programme"
require_relative "../request/request"
require_relative "sealed_course"

module FondKettle
  module Methods
    # What a sealed pot's solving has found: its `programme` (ProgrammeStage list), whether that
    # was `advised`, its ParCook, and the Pot::Run of the sealed phase; its ParBoil (`boil`) and
    # SealedCourse (`course`) answer for rice that is par-cooked otherwise. `lengthened_min`: what it is
    # longer than was asked for, so that raw food stays safe for SAFE_MIN on the heat (0: nothing).
    Sealed = Value.define(:programme, :advised, :lengthened_min, :par_cook, :run, :boil, :course) do
      # How far rice may have come that is drained too soon, or too late.
      const_set(:TRIED_DONE, [0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 1.0].freeze)

      # Minutes in the water at each degree that schools name (ParCook::DEGREES), by name.
      def degrees
        FondKettle::Methods::ParCook::DEGREES.transform_values { |done| boil.minutes(done, par_cook.rounds) }
      end

      # Results of draining the rice sooner or later than planned, under the same programme: minutes,
      # degree, verdict. `load`: the Pot::Load of the sealed phase.
      def drained(load)
        return [] unless par_cook.done.positive?

        self.class::TRIED_DONE.map do |done|
          { minutes: boil.minutes(done, par_cook.rounds), done: done,
            verdict: Pot::Verdict.of(course.run(done, programme), load) }
        end
      end
    end

    # Solves a request of a sealed method: how far the rice is par-cooked, and by which programme
    # the layers come right. The two hang together: a few rounds from one to the other settle it.
    class Sealing
      # Where the search begins, and how near it has to come for the programme to stand.
      FIRST_DONE = 0.65
      NEAR_DONE = 0.08
      ROUNDS = 3
      CLOSE_UPTAKE = 0.004
      # How fast what is in the rice at the end grows with how far it is par-cooked, g/g.
      UPTAKE_RATES = (0.2..2.5)
      SEARCHES = 9
      HAIR_MIN = 1e-6
      # So long raw food is at its temperature before the heat goes off.
      SAFE_MIN = 3.0
      # Rice that is cooked through is boiled on, at most so many times the core's time.
      MOST_DONE = 1.5

      # The Request, with its programme as the stages of its method.
      attr_reader :request

      # `asked`: a Request whose method ends in a sealed phase.
      def initialize(asked)
        *before, @text = asked.method.phases
        asked = done(asked) if before.first && before.first.done >= 1
        @asked = asked
        @layered = asked.in_layers
        @boil = ParBoil.new(asked, before.first, Loading.potful(asked, @text, nil).load.state)
        @course = SealedCourse.new(asked, @text, @boil)
        @lengthened_min = 0
        settle
        lengthen
        @rounds = @boil.rounds(@done)
        phases = [*(before if @done.positive?), Programme.text(@text, @programme)].freeze
        @request = asked.with(method: asked.method.with(phases: phases))
      end

      # Its phases, solved (Phases::Phase).
      def phases
        @phases ||= begin
          boiled = @boil.phase(@done, @rounds) if @done.positive?
          [*boiled, sealed(boiled)].freeze
        end
      end

      # The solution (Sealed).
      def sealed_pot
        @sealed_pot ||= Sealed.new(programme: @programme, advised: @layered.programme.nil?,
                                   lengthened_min: @layered.programme ? @lengthened_min : 0,
                                   par_cook: par_cook, run: @course.run(@done, @programme),
                                   boil: @boil, course: @course)
      end

      # The last pot (Filling), what goes before it solved.
      def potful
        Loading.potful(request, request.method.last_phase, phases[-2])
      end

      private

      # Where nobody says the programme, it is advised for rice about so far done, and anew where that
      # was far off.
      def settle
        @done = @layered.done || (@boil.through? ? 1.0 : FIRST_DONE)
        @programme = gentle(@layered.programme) if @layered.programme
        ROUNDS.times do
          @programme = advised unless @layered.programme
          before = @done
          @done = found
          break if (@done - before).abs < NEAR_DONE || @layered.programme
        end
      end

      # A programme that ends just as the raw food is safe goes on a little.
      def lengthen
        layers = @course.run(@done, @programme).layers
        safe_min = layers.safe_min
        return unless safe_min&.positive? && layers.heated_min >= safe_min

        @lengthened_min = (safe_min + SAFE_MIN - layers.heated_min - HAIR_MIN).ceil.clamp(0, nil)
        return if @lengthened_min.zero?

        @programme = Programme.longer(@programme, @lengthened_min)
        @done = found
      end

      def gentle(programme)
        Programme.gentle(programme, @asked.vessel)
      end

      def advised
        gentle(Advice.new(@layered.steam_min) { |stages| @course.run(@done, stages) }.programme)
      end

      # The request where the rice is cooked through before it is layered.
      def done(asked)
        asked.with(layered: (asked.layered || Layered.of).with(done: 1.0))
      end

      # How far to par-cook: as asked, or so that the rice ends as wanted.
      def found
        return @layered.done if @layered.done
        return 0.0 unless @boil.any?

        enough_time(enough_water)
      end

      def enough_water
        least, most = @boil.through? ? [1.0, MOST_DONE] : [0.0, 1.0]
        wanted = @course.wanted(@programme)
        near = nil
        Numerics::Root.shortfall(@done, close: CLOSE_UPTAKE, rates: UPTAKE_RATES, most: SEARCHES) do |tried|
          near = tried.clamp(least, most)
          lacking = wanted - @course.run(near, @programme).uptake
          (near == most && lacking.positive?) || (near == least && lacking.negative?) ? nil : lacking
        end
        near
      end

      # Rice that is wet enough may lack time: then it goes further, as far as the water lets it.
      def enough_time(done)
        water, time = @course.budgets(done, @programme)
        wanted = [time.low, water.high || 1.0].min
        [done, wanted].max
      end

      def sealed(boiled)
        text = request.method.last_phase
        Phases::Phase.solve(key: text.key, unknown: text.unknown,
                            **Loading.potful(request, text, boiled).to_h)
      end

      def par_cook
        water, time = @course.budgets(@done, @programme)
        return already_done(water, time) if @layered.done_already?

        low = [water.low || MOST_DONE, time.low, *(1.0 if @boil.through?)].max
        par_cooked(low, water.high || 0.0, water, time)
      end

      # Rice that is done already closes whatever the base has.
      def already_done(water, time)
        par_cooked(1.0, 1.0, water.with(low: 1.0, high: 1.0, too_much_g: 0.0), time)
      end

      def par_cooked(low, high, water, time)
        minutes = [@done, [low, MOST_DONE].min, high].map { |done| @boil.minutes(done, @rounds) }
        ParCook.new(done: @done, done_low: low, done_high: high, minutes: minutes[0],
                    minutes_low: minutes[1], minutes_high: minutes[2], water: water, time: time,
                    rounds: @rounds, boil_back_min: @boil.back_min(@done, @rounds), save_g: save_g)
      end

      # What would make soft rice of rice as wanted, g of water.
      def save_g
        load = phases.last.load
        [(load.grain.uptake[:soft] - load.uptake) * load.rice_g, 0.0].max
      end
    end
  end
end
