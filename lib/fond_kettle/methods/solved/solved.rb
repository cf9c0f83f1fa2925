# frozen_string_literal: true

require_relative "../../ground/value"
require_relative "../loads/base_ledger"
require_relative "../loads/loading"
require_relative "../sealed/sealing"
require_relative "../loads/sprinkled"

module FondKettle
  module Methods
    # Values of a request that are known once its phases are solved.
    module OfPhases
      # The Methods::Method.
      def method
        request.method
      end

      # The phase in which the rice is done.
      def last
        phases.last
      end

      # Pot::Load of the last phase.
      def load
        last.load
      end

      # Pot::Setting of the last phase.
      def setting
        last.setting
      end

      # Pot::Stage list of the last phase, with their minutes.
      def stages
        last.stages
      end

      # Phases::Balance of the last phase.
      def balance
        last.balance
      end

      # The water at the start, the losses and the final level of its broth (BaseLedger), or nil when it has
      # none.
      def ledger
        BaseLedger.of(request, method.last_phase, last)
      end

      # The water that is poured: at the start of its broth, or on the rice, in g.
      def poured_g
        ledger&.start_g || liquid_g
      end

      # Liquid to pour in the last phase, in g.
      def liquid_g
        balance.liquid_g
      end
    end

    # A Request with its phases solved (Phases::Phase), and nothing written yet. `sealed`: what was
    # found of a sealed pot (Sealed), or nil; `told`: the Request as its tasks tell it, with the
    # programme that was found.
    Solved = Value.define(:request, :phases, :sealed, :told) do
      include OfPhases

      # The Solved of a Request, or the Solved itself. Raises Error when no liquid settles.
      def self.of(request)
        return request if request.is_a?(self)
        return layered(request) if request.method.sealed?

        phases = Loading.phases(request)
        request = rounds(request, phases)
        new(request: request, phases: phases, sealed: nil, told: request)
      end

      # The request with the number of sprinklings that was found for its steamer.
      def self.rounds(request, phases)
        return request if request.method.phases.none?(&:steamed)

        texts = request.method.phases.zip(phases).map do |text, phase|
          text.steamed ? FondKettle::Methods::Sprinkled.counted(text, phase.stages.count(&:sprinkle)) : text
        end
        request.with(method: request.method.with(phases: texts.freeze))
      end

      def self.layered(request)
        sealing = Sealing.new(request)
        new(request: request, phases: sealing.phases, sealed: sealing.sealed_pot, told: sealing.request)
      end
      private_class_method :layered, :rounds
    end
  end
end
