# frozen_string_literal: true

require_relative "../moments"
require_relative "task_list"

module FondKettle
  module Methods
    # Writes the tasks of a request before the rice goes into its pot: rinse, soak and drain, and a dish's own
    # steps while it soaks.
    class WashTasks
      # What draining takes, minutes, and whether it needs hands.
      DRAINING = { "quick" => [1.0, true], "shaken" => [1.0, true], "long" => [10.0, false],
                   "air-dried" => [60.0, false] }.freeze

      # `request`: a Request; `list`: the TaskList that they go onto.
      def initialize(request, list)
        @request = request
        @list = list
        @meanwhile = []
      end

      # Tasks that go on while it soaks.
      attr_reader :meanwhile

      # The last task, or nil where there is none, or where a dish's own steps wash the rice.
      def write
        return if @request.made_in&.washed

        rinsed = @request.rinse_changes.positive?
        minutes, hands_on = draining
        soaked = @request.soak_min.positive?
        @meanwhile = soaked ? [] : own(nil)
        last = rinsed ? @list.common("wash.rinse", "rinse", @meanwhile, min: @request.rinse_min) : nil
        last = soak(last) if soaked
        return last unless minutes && last

        @list.common("wash.drain", "drain", last, min: minutes, hands_on: hands_on)
      end

      private

      # [minutes, hands on?], nil: what it soaked in cooks it. What a dish leaves to drain needs no hands.
      def draining
        usual = DRAINING[@request.drained]
        usual && @request.drain_min ? [@request.drain_min, @request.drain_min <= usual[0] && usual[1]] : usual
      end

      def soak(last)
        @meanwhile = own(last)
        @list.common("wash.soak", "soak", last, min: @request.soak_min)
      end

      # What is to be done while it soaks begins when it does, after `rinsed`; where rice does not
      # soak, it is done before the rice gets wet (nil).
      def own(rinsed)
        @request.method.last_phase.between.select { |stage| stage.moment == Moments::SOAK }
                .map { |stage| @list.loosely(@list.own("soak.#{stage.key}", stage, rinsed)) }
      end
    end
  end
end
