# frozen_string_literal: true

require_relative "../care/kind"
require_relative "moments"

module FondKettle
  module Methods
    # Of which of several equal pots, or of several batches in a steamer, what goes in is told.
    class Lots
      # Said of one of several rounds, for whoever knows which it is to fill in.
      ROUND = "Round %d"

      # Of the phase (Phases::Phase) of a Request.
      def initialize(request, phase)
        @request = request
        @phase = phase
      end

      # In words, at a task of a kind (a key) and, of a dish's own, at a moment; nil for one. Rounds are tasks
      # of their own; `once`: it is done for all of them.
      def say(kind, moment = nil, once: false)
        return in_batches(moment) if @request.pots == 1
        return once ? all_of("round") : ROUND if @request.rounds?

        pots(kind, moment) == 1 ? "In each pot" : all_of("pot")
      end

      # In how many pots' amounts: what is done once is told for all, and so is what a dish does apart
      # from the pot.
      def pots(kind, moment = nil, once: false)
        return once ? @request.pots : 1 if @request.rounds?

        in_pot = with_rice?(moment) || Care::Kinds.fetch(kind).in_pot
        in_pot && !Moments::OUT_OF_POT.include?(moment) ? 1 : @request.pots
      end

      # Times the amounts of one pot: what is done once for all rounds takes those of all.
      def times(once)
        @request.rounds? && once ? @request.pots : 1
      end

      private

      def all_of(one)
        @request.pots == 2 ? "For both #{one}s" : "For all #{@request.pots} #{one}s"
      end

      def with_rice?(moment)
        Moments::IN_POT.include?(moment) || moment.is_a?(Numeric)
      end

      # What goes into a steamer while it steams is shared between its batches.
      def in_batches(moment)
        batches = @phase.load.steamed? ? @phase.load.steamer.batches : 1
        "An equal part with each of #{batches} batches" if with_rice?(moment) && batches > 1
      end
    end
  end
end
