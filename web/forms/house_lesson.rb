# frozen_string_literal: true

require_relative "../../lib/fond_kettle/log/teacher"

module FondKettle
  module Web
    module Forms
      # What a household's own cooks teach about one grain in one pot.
      module HouseLesson
        module_function

        # A Belief::Lesson; `cooks`: the house's CookBook, `grain` as its bag has it,
        # `pot_id` nil for a usual pot.
        def of(cooks, grain, pot_id)
          taught = cooks.taught(grain.key, pot_id, most: Log::Teacher::REMEMBERS)
          Log::Teacher.lesson(taught.map { |cook| finished(cook) }, grain)
        end

        def finished(cook)
          balance = cook[:plan][:balance]
          Log::Finished.new(on: cook[:finished_at].getlocal.strftime("%-d %b"), rice_g: cook[:plan][:rice][:g],
                            poured_g: cook[:poured_g], carried_g: balance.values_at(:soak_gain_g, :surface_g, :brought_g).sum,
                            loss_g: gone_g(balance), texture: cook[:plan][:texture].to_f,
                            outcome: Log::Outcome.new(**cook[:outcome].slice(:grain, :wetness, :floor, :note)))
        end

        # Water that did not end in the rice; cooks of an older version know of no
        # drained water and no cloth.
        def gone_g(balance)
          balance.values_at(:loss_g, :residue_g, :drunk_g).sum + balance.fetch(:drained_g, 0) + balance.fetch(:cloth_g, 0)
        end

        private_class_method :finished, :gone_g
      end
    end
  end
end
