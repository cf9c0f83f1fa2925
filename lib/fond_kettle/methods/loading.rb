# frozen_string_literal: true

require_relative "../kit/atmosphere"
require_relative "../kit/burner"
require_relative "../kit/vessel"
require_relative "../phases/phase"
require_relative "../pot/load"
require_relative "../pot/stage"
require_relative "../pot/wash"
require_relative "method"
require_relative "request"

module FondKettle
  module Methods
    # One pot, ready to be cooked: a Pot::Load, its Pot::Stages and the Pot::Setting.
    Potful = Value.define(:load, :stages, :setting) do
      # Its Phases::Balance. Raises Error where nothing settles.
      def solve
        Phases::Solving.solve(load, stages, setting)
      end

      # Its stages; drained rice boils for the minutes that a plan would give it.
      def timed
        load.plenty? ? Phases::Solving.in_time(load, stages, setting) : stages
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
      AT_BOIL = "at-boil"
      CLAY = "clay"
      # A share of the rice, g of liquid.
      ROUGHLY = 0.004
      # Less than this of a broth need not be boiled away.
      SPARE_G = 0.4
      BOILS_DOWN_ROUNDS = 8

      module_function

      # The phases of a request, solved one after the other (Phases::Phase): the rice of
      # one goes into the next. Raises Error where nothing settles.
      def phases(request)
        request.method.phases.reduce([]) do |before, text|
          potful = potful(request, text, before.last)
          solved = Phases::Phase.solve(key: text.key, unknown: text.unknown, **potful.to_h)
          [*before, boiled_down(solved, potful, text)]
        end
      end

      # What a broth has too much of boils away before the rice goes in; each gram less loses
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

      # The last pot of a request (Potful), the pots before it solved.
      def last(request)
        all_but_last = request.method.phases[0...-1].freeze
        before = phases(request.with(method: request.method.with(phases: all_but_last)))
        potful(request, request.method.last_phase, before.last)
      end

      # Stages of the last pot as they are before it is solved.
      def last_stages(request)
        stages(request, request.method.last_phase)
      end

      # What the additions (Addition) bring, drink, weigh and fill; what is lifted out leaves
      # only what it brought.
      def additions(list)
        { brought_g: brought_g(list), poured_g: brought_g(list.select(&:poured)),
          drink_g: list.sum(0.0) { |addition| addition.g * addition.ingredient.takes },
          solids_j_k: list.reject(&:out).sum(0.0) { |addition| solids_j_k(addition) },
          bulk_ml: room_ml(list.select(&:stays?)),
          poured_ml: room_ml(list.select(&:poured)) }
      end

      # g of water of a list of additions.
      def brought_g(list)
        list.sum(0.0) { |addition| addition.g * addition.ingredient.brings }
      end

      # mL of a list of additions.
      def room_ml(list)
        list.sum(0.0) { |addition| addition.g / addition.ingredient.g_ml * addition.ingredient.room }
      end

      # °C of an oven stage: as chosen, or as the method has it, and no hotter than this
      # oven gets; nil for any other stage.
      def oven_c(stage, request)
        stage.oven_c && [request.choices.oven_c || stage.oven_c, request.oven.most_c].min
      end

      # The vessel of a phase: its own, or the request's.
      def vessel(text, request)
        return request.vessel unless text.vessel

        Kit::Vessel.new(id: nil, name: "another pot", lid_factor: nil, floor_mm: nil, **text.vessel)
      end

      # The stage of a phase's text that is stirred when it begins: the one after the
      # boil, where that was chosen; nil where none is.
      def stirred_stage(text, request)
        return unless (request.choices.stir || request.method.stir) == AT_BOIL

        boils = text.stages.index { |stage| stage.until == "boil" }
        boils && text.stages[boils + 1]
      end

      def potful(request, text, before)
        last = text.equal?(request.method.last_phase)
        load, setting = request.held.applied(load(request, text, before, last), setting(request, text))
        Potful.new(load: load, stages: stages(request, text), setting: setting)
      end

      def load(request, text, before, last)
        state = before ? before.grain_state.with(grain: request.grain) : washed(request)
        residue_g = last ? residue_g(request) : 0.0
        Pot::Load.new(state: state, **additions(last ? request.additions : []), done: text.done,
                      uptake: request.grain.uptake_for(request.texture), residue_g: residue_g,
                      kept_g: residue_g, parts: (request.choices.parts if last && text.parts) || text.parts,
                      crust: last && crust?(request), start_c: state.temp_c,
                      food_c: food_c(request, text, state.temp_c),
                      liquid_c: text.liquid_c || request.liquid_start_c)
      end

      # What lies in a broth is as hot as it; food of several temperatures has their mean by
      # what it takes to warm it.
      def food_c(request, text, cold_c)
        return Kit::Atmosphere.boiling_point_c(request.altitude_m) if text.broth
        return cold_c if request.additions.all? { |addition| addition.start_c.nil? }

        held = request.additions.map { |addition| [solids_j_k(addition), addition.start_c || cold_c] }
        all_j_k = held.sum(&:first)
        all_j_k.zero? ? cold_c : held.sum { |j_k, at_c| j_k * at_c } / all_j_k
      end

      def setting(request, text)
        vessel = vessel(text, request)
        burner = text.burner ? Kit::Burner.usual(text.burner[:source], nil, vessel) : request.burner
        Pot::Setting.new(vessel: vessel, burner: burner, room_c: ROOM_C, lid_factor: 1.0,
                         open_factor: 1.0, boil_c: Kit::Atmosphere.boiling_point_c(request.altitude_m))
      end

      def stages(request, text)
        stirred = stirred_stage(text, request)
        lid = vessel(text, request).lid
        text.stages.map do |stage|
          plain = Pot::Stage.plain(key: stage.key, extra_min: request.lesson.extra_min,
                                   **attributes(stage), lid: stage.lid || lid, oven_c: oven_c(stage, request))
          plain = gentle(chosen(plain, request.choices), vessel(text, request))
          stage.equal?(stirred) ? plain.with(stirred: true) : plain
        end
      end

      # What the method's file sets; whole minutes as decimals.
      def attributes(stage)
        Pot::Attributes.set_by(:method).to_h do |attribute|
          value = stage.public_send(attribute.key)
          [attribute.key, value.is_a?(Integer) ? value.to_f : value]
        end
      end

      # Clay cracks over a high flame.
      def gentle(stage, vessel)
        vessel.material == CLAY && stage.heat == "high" ? stage.with(heat: "medium") : stage
      end

      # What the request sets for the whole plan, where it fits.
      def chosen(stage, choices)
        switched = Pot::Attributes.switches(:request).reduce(stage) do |now, attribute|
          wanted = choices.public_send(attribute.key)
          wanted.nil? ? now : now.with(attribute.key => wanted && attribute.fits.call(stage))
        end
        switched.with(**timed_and_heated(stage, choices))
      end

      # The heat up to the boil, and the minutes off it.
      def timed_and_heated(stage, choices)
        rests = stage.off? && stage.minutes.is_a?(Numeric) && !stage.drain
        { heat: (choices.heat_to_boil if stage.until == "boil" && !stage.off?),
          minutes: (choices.rest_minutes if rests) }.compact
      end

      def residue_g(request)
        request.choices.residue_g || (request.method.residue_per_g * request.rice_g)
      end

      def crust?(request)
        request.choices.crust.nil? ? request.method.crust : request.choices.crust
      end

      def washed(request)
        raw = Pot::GrainState.dry(request.grain, request.rice_g, temp_c: ROOM_C)
        Pot::Wash.call(raw, rinse_changes: request.rinse_changes, rinse_min: request.rinse_min,
                            soak_min: request.soak_min,
                            water_c: request.water_c, drain: request.drain)
      end

      # Its own heat capacity without the water it brings, which is counted as water.
      def solids_j_k(addition)
        per_g = addition.ingredient.dry ? Pot::DRY_FOOD_J_G_K : Pot::MOIST_FOOD_J_G_K
        addition.g * (1 - addition.ingredient.brings) * per_g
      end

      private_class_method :boiled_down, :food_c, :brought_g, :room_ml, :potful, :load, :setting, :stages,
                           :attributes, :gentle, :chosen, :timed_and_heated, :residue_g, :crust?, :washed,
                           :solids_j_k
    end
  end
end
