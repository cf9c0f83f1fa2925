# frozen_string_literal: true

module FondKettle
  module Reading
    # The minutes of steps that only put something into what cooks on: "add the stock. Cover and simmer for 20
    # minutes" takes no time of its own but for what makes the stock hot.
    module PutIn
      # By the verbs of these nothing is cooked by itself.
      PUTS = %w[stir lay-in low put-back].freeze
      BOIL = "boil"
      SIMMER = "simmer"
      # So much cold liquid is hot again in a minute: 4.2 J/gK over 80 K, on half of 1,200 W.
      HOT_IN_A_MIN_G = 110.0
      HOT = /\b(?:hot|boiling|warm)\b/i

      module_function

      # True for a ReadStep that goes on in one of the `following` ReadSteps: the next, or behind others that
      # only put something into the same vessel.
      def goes_on?(step, following)
        return false unless puts?(step)

        there = following.take_while { |one| one.vessel == step.vessel }
        on = there.find { |one| cooks?(one) || !puts?(one) }
        !on.nil? && cooks?(on)
      end

      # Minutes of such a step that nobody has said; nil of any other. `lines`: ReadLines.
      def minutes(step, following, lines)
        said = step.clause.minutes || step.clause.until
        return unless step.kind == SIMMER && said.nil? && goes_on?(step, following)

        [(cold_g(step, lines) / HOT_IN_A_MIN_G).ceil, 1].max.to_f
      end

      def puts?(step)
        step.clause.kind.nil? || PUTS.include?(step.clause.kind)
      end

      # True for a step that has a time of its own, or brings to the boil.
      def cooks?(step)
        !step.clause.minutes.nil? || step.clause.kind == BOIL
      end

      # Liquid that a step takes cold, g.
      def cold_g(step, lines)
        return 0.0 if step.clause.say.match?(HOT)

        step.takes.sum(0.0) do |index, share|
          line = lines[index]
          line.ingredient&.liquid && !line.food.match?(HOT) ? line.g.to_f * share : 0.0
        end
      end
      private_class_method :cold_g, :cooks?, :puts?
    end
  end
end
