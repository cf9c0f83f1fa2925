# frozen_string_literal: true

require_relative "../loads/rice_vessel"
require_relative "heat_checks"

module FondKettle
  module Methods
    # Writes what stands between rounds in the same pot: the base that is made once is parted, and what is
    # done comes out, measured where something in it was raw. What is cooked is kept hot meanwhile, what is
    # raw cold.
    class RoundTasks
      HOT = { part: "round-part", out: "round-out-base" }.freeze
      COLD = { part: "round-part-raw", out: "round-out-raw" }.freeze
      # Without a base that was parted, and where its next part goes in when all is laid in layers.
      OUT = "round-out"
      OUT_OF_LAYERS = "round-out-layers"

      # `list`: the TaskList of a Request; `once`: true where its base, or some of it, is made once for all
      # rounds.
      def initialize(request, list, once:)
        @request = request
        @list = list
        @once = once
        @checks = HeatChecks.new(request, list)
      end

      # The task that leaves one part of the base in the pot, which follows `last`.
      def part(last)
        @once ? @list.common("part", texts[:part], last) : last
      end

      # The task with which round `number` begins: what is done is out. It follows `last`; `core_c`: °C that
      # it must have reached, nil where nothing raw is in the pot.
      def out(number, last, core_c)
        @list.round = number - 1
        done = @checks.measured("check-heat", last, (core_c if raw? || vessel.raw_beside_rice?))
        @list.round = number
        @list.common("out", out_text, done, words: { round: number.to_s })
      end

      private

      def out_text
        return OUT unless @once

        @request.method.layered? ? OUT_OF_LAYERS : texts[:out]
      end

      def texts
        raw? ? COLD : HOT
      end

      def raw?
        vessel.raw_in_base?
      end

      def vessel
        RiceVessel.of(@request)
      end
    end
  end
end
