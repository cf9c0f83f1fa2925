# frozen_string_literal: true

require_relative "../../care/kind"
require_relative "../moments"

module FondKettle
  module Methods
    # The pots, of several equal ones, or the batches in a steamer, that an amount is for.
    class Lots
      # Said of one of several rounds, for whoever knows which it is to fill in.
      ROUND = "Round %d"

      # `request`: a Request; `phase`: one of its phases (Phases::Phase).
      def initialize(request, phase)
        @request = request
        @phase = phase
      end

      # The lot of a task as a text, by its kind (a key) and, for a dish's own, its moment; nil when there is
      # one pot. Rounds are tasks of their own; `once`: it is done for all of them.
      def say(kind, moment = nil, once: false)
        return in_batches(moment) if @request.pots == 1
        return once ? all_of("round") : ROUND if @request.rounds?

        pots(kind, moment) == 1 ? "In each pot" : all_of("pot")
      end

      # Number of pots that an amount is for. A task that is done once, or apart from the pot, is told for
      # all.
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
