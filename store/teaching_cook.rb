# frozen_string_literal: true

require_relative "../lib/fond_kettle/log/outcome"
require_relative "../lib/fond_kettle/phases/balance"
require_relative "../lib/fond_kettle/stove/cook"

module FondKettle
  module Store
    # A finished cook's record as a lesson needs it.
    module TeachingCook
      module_function

      # The Log::Finished of a cook (as CookBook gives it, with its outcome).
      def finished(cook)
        balance = cook[:plan][:balance]
        Log::Finished.new(on: cook[:finished_at].getlocal.strftime("%-d %b"), rice_g: cook[:plan][:rice][:g],
                          poured_g: cook[:poured_g],
                          carried_g: Phases::SOURCES.sum { |key| balance.fetch(key, 0) },
                          loss_g: gone_g(balance) + lifted_g(cook), texture: cook[:plan][:texture].to_f,
                          outcome: Log::Outcome.new(**cook[:outcome].slice(:grain, :wetness, :floor, :note)))
      end

      # Water that did not end in the rice; cooks of an older version know of no
      # drained water and no cloth.
      def gone_g(balance)
        (Phases::SINKS - [:uptake_g]).sum { |key| balance.fetch(key, 0) }
      end

      # The water that escaped while the lid was lifted, by the plan's figure for half a minute.
      def lifted_g(cook)
        at_stove = Stove::Cook.new(cook[:plan], cook[:events])
        at_stove.all_lifted_s / Stove::Ends::LIFT_S * cook[:plan].dig(:lift, :g).to_f
      end

      private_class_method :gone_g, :lifted_g
    end
  end
end
