# frozen_string_literal: true

require_relative "../../lib/fond_kettle/formats/request/request_reader"
require_relative "../../lib/fond_kettle/log/learning"
require_relative "../../lib/fond_kettle/log/pot_at_hand"
require_relative "../../lib/fond_kettle/log/remedying"
require_relative "../../lib/fond_kettle/methods/planning/planner"
require_relative "bitten_run"

module Support
  # Pots that went wrong in kitchens drawn from the spreads, and what the advice of the stove makes of them.
  class WrongPots
    SDS = { uptake: 0.06, lid: 0.4, power: 0.2, core: 0.1, carry: 0.3, soak: 0.12, open: 0.3 }.freeze
    LIQUID = (0.6..1.3)
    MINUTES = (0.5..1.3)
    ASKS = 4
    # One of them: wrong at first, right in the end, burst or burnt by what was advised.
    Pot = FondKettle::Value.define(:wrong, :right, :harmed, :asked)

    def initialize(method, grain: "basmati")
      @request = FondKettle::Formats::RequestReader.new(
        { "method" => method, "grain" => grain, "rice" => { "amount" => 300, "unit" => "g" },
          "vessel" => { "diameter_mm" => 200, "height_mm" => 110 } }
      ).request
      @pot = FondKettle::Methods::LastPot.of(@request)
      @stages = FondKettle::Methods::Planner.plan(@request).stages
      @liquid_g = FondKettle::Methods::Planner.plan(@request).liquid_g
    end

    # The Pot of a seed.
    def pot(seed)
      random = Random.new(seed)
      truth = SDS.transform_values { |sd| Math.exp(sd * FondKettle::Numerics::Normal.draw(random)) }
      @load, @setting = FondKettle::Belief::Estimates.truth(**truth).applied(@pot.load, @pot.setting)
      @poured_g = @liquid_g * random.rand(LIQUID)
      timed = @stages.each_index.select { |at| @stages[at].minutes.is_a?(Numeric) }
      @at = timed.reverse.find { |at| !@stages[at].off? } || timed.last
      @min = @stages[@at].minutes * random.rand(MINUTES)
      followed(run([]))
    end

    private

    def followed(first)
      wrong = !first.right? && !first.harmed?
      return Pot.new(wrong: false, right: true, harmed: false, asked: 0) unless wrong

      done = []
      ASKS.times do
        hand = hand(run(done), done)
        part = FondKettle::Log::Remedying.new(hand, done.size).part
        break unless part

        done << FondKettle::Log::PotAtHand::Done.new(g: part.add_g - part.tip_off_g, heat: part.heat,
                                                     lid: part.lid, minutes: part.minutes)
      end
      last = run(done)
      Pot.new(wrong: true, right: last.right?, harmed: last.harmed?, asked: done.size)
    end

    def hand(run, done)
      FondKettle::Log::PotAtHand.new(FondKettle::Log::Learned.nothing, {}, @pot, @poured_g,
                                     so_far: so_far(done), stands: run.stands, bite: run.bite)
    end

    def so_far(done)
      [*@stages.take(@at), @stages[@at].with(minutes: @min),
       *done.map { |one| FondKettle::Log::PotAtHand.stage(@pot, one) }]
    end

    def run(done)
      run = FondKettle::Pot::Cooking.run(@load, @poured_g, so_far(done), @setting, step_min: 1.0)
      BittenRun.new(run: @load.plenty? ? run.with(free_g: @load.residue_g) : run, load: @load)
    end
  end
end
