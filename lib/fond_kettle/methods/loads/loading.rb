# frozen_string_literal: true

require_relative "../../ground/vocabulary"
require_relative "../../kit/atmosphere"
require_relative "../../kit/burner"
require_relative "../../kit/vessel"
require_relative "../../phases/phase"
require_relative "../../pot/load"
require_relative "../../pot/stage"
require_relative "../request/dressing"
require_relative "food_load"
require_relative "layering"
require_relative "../method"
require_relative "plenty_pot"
require_relative "rice_vessel"
require_relative "../request/pot_stages"
require_relative "../request/request"
require_relative "sprinkled"
require_relative "../request/washed"

module FondKettle
  module Methods
    # One pot, ready to be cooked: a Pot::Load, its Pot::Stages and the Pot::Setting.
    Filling = Value.define(:load, :stages, :setting) do
      # Its Phases::Balance. Raises Error where nothing settles.
      def solve
        Phases::Solving.solve(load, stages, setting)
      end

      # Its stages; drained rice boils for the minutes that a plan would give it.
      def timed
        return steamed if load.steamed?

        load.plenty? ? Phases::Solving.in_time(load, stages, setting) : stages
      end

      # Its stages with the minutes of a plan. Raises Error where nothing settles.
      def planned
        timed = self.timed
        ready = timed.any? { |stage| stage.minutes == Vocabulary::READY }
        ready ? Phases::Phase.timed(timed, solve.run) : timed
      end

      # Rice in a steamer is steamed for as long as a plan says, whatever was sprinkled.
      def steamed
        Phases::Phase.timed(stages, solve.run)
      end

      # About that, to ROUGHLY of the rice, begun from the Balance of another batch, if there
      # is one: where many batches are tried.
      def roughly(like: nil)
        Phases::Solving.solve(load, stages, setting,
                              start_g: like && (like.liquid_g / like.load.rice_g * load.rice_g),
                              close_g: FondKettle::Methods::Loading::ROUGHLY * load.rice_g)
      end
    end

    # Turns a Request and its Method into what the pot model works on.
    module Loading
      # A share of the rice, g of liquid.
      ROUGHLY = 0.004
      # Less than this of a broth need not be boiled away.
      SPARE_G = 0.4
      BOILS_DOWN_ROUNDS = 8

      module_function

      # The phases of a request, or the `texts` (PhaseText) of some, solved one after the other
      # (Phases::Phase): the rice of one goes into the next. Raises Error where nothing settles.
      def phases(request, texts = request.method.phases)
        texts.reduce([]) do |before, text|
          potful = potful(request, text, before.last)
          solved = Phases::Phase.solve(key: text.key, unknown: text.unknown, **potful.to_h)
          [*before, boiled_down(solved, potful, text)]
        end
      end

      # The steam of a broth's surplus water, which boils away before the rice goes in; each gram less loses
      # less steam later.
      def boiled_down(solved, potful, text)
        BOILS_DOWN_ROUNDS.times do
          spare_g = solved.balance.spare_g
          break unless text.broth && spare_g > SPARE_G && potful.load.brought_g.positive?

          load = potful.load.with(brought_g: [potful.load.brought_g - spare_g, 0.0].max)
          potful = potful.with(load: load)
          solved = Phases::Phase.solve(key: text.key, unknown: text.unknown, **potful.to_h)
        end
        solved
      end

      # Stages of the last pot as they are before it is solved.
      def last_stages(request)
        text = request.method.last_phase
        PotStages.of(request, text, vessel(text, request))
      end

      # The vessel of a phase: its own, or the request's.
      def vessel(text, request)
        PlentyPot.new(request, text).vessel
      end

      # The pot (Filling) of the phase `text` (PhaseText) into which the rice of the solved phase
      # `before` goes, or raw rice (nil).
      def potful(request, text, before)
        last = text.key == request.method.last_phase.key
        load = load(request, text, before, last)
        load, setting = request.estimates.applied(load, setting(request, text, load))
        text = Sprinkled.text(text, load, setting)
        Filling.new(load: load, stages: PotStages.of(request, text, vessel(text, request)), setting: setting)
      end

      def load(request, text, before, last)
        vessel = RiceVessel.of(request) if last
        state = before ? before.grain_state.with(grain: request.grain) : Washed.state(request)
        residue_g = last ? residue_g(request) : 0.0
        dressed_g = last ? Dressing.water_g(request) : 0.0
        Pot::Load.new(state: state, stack: nil, residue_g: residue_g, kept_g: residue_g,
                      steamer: (laid(request, text, state) if text.steamed), dressed_g: dressed_g,
                      **food(request, text, vessel), done: text.done,
                      uptake: Dressing.in_pot(request, dressed_g),
                      parts: (PlentyPot.new(request, text).parts if text.parts),
                      crust: last && crust?(request), start_c: state.temp_c,
                      food_c: food_c(vessel, state.temp_c),
                      liquid_c: text.liquid_c || request.liquid_start_c)
      end

      # Temperature of what lies in its `vessel` (RiceVessel; nil: nothing), in °C.
      def food_c(vessel, cold_c)
        vessel ? vessel.temp_c(cold_c) : cold_c
      end

      # Food of the rice's `vessel` (RiceVessel; nil: none), in one bed with it or in layers.
      def food(request, text, vessel)
        return FoodLoad.of(Vessels::Contents.of) unless vessel
        return vessel.load unless request.method.layered?

        layers = Layering.new(request, vessel).to_h
        text.sealed ? layers : layers.except(:residue_g, :kept_g, :stack)
      end

      # The lie of the rice in its steamer (Kit::SteamerLayout).
      def laid(request, text, state)
        steamer = request.making.steamer_on(vessel(text, request))
        steamer.laid(state.rice_g * state.grain.bed_ml_per_g(state.taken_per_g))
      end

      # The setting. For rice steamed in batches, all of it has that many times the fire, which is equivalent.
      def setting(request, text, load)
        vessel = vessel(text, request)
        burner = text.burner ? Kit::Burner.usual(text.burner[:source], nil, vessel) : request.burner
        burner = burner.with(high_w: burner.high_w * load.steamer.batches) if load.steamed?
        Pot::Setting.new(vessel: vessel, burner: burner, room_c: ROOM_C, lid_factor: 1.0,
                         open_factor: 1.0, oven_factor: 1.0, boil_c: Kit::Atmosphere.boiling_point_c(request.altitude_m))
      end

      def residue_g(request)
        request.choices.residue_g || (request.method.residue_per_g * request.rice_g)
      end

      def crust?(request)
        request.choices.crust.nil? ? request.method.crust : request.choices.crust
      end

      private_class_method :boiled_down, :load, :food_c, :food, :laid, :setting, :residue_g, :crust?
    end
  end
end
