# frozen_string_literal: true

module FondKettle
  module Methods
    # What must be over before a dish's own step in one of its vessels.
    module MadeBefore
      module_function

      # The last of `tasks` (Care::Task) of each step that must be over before the one of a StageText, in
      # `made_in` (MadeIn, or nil): that of the check where what it heats is measured.
      def of(tasks, made_in, stage)
        keys = made_in&.step(stage.key)&.after.to_a
        keys.filter_map { |key| last(tasks, [key]) }
      end

      # The task at which the rice's liquid is there that another vessel gives (a broth, once it is strained),
      # or nil.
      def liquid(tasks, made_in)
        last(tasks, made_in&.liquid_steps.to_a)
      end

      # The last of `tasks` that is of one of some steps (keys).
      def last(tasks, keys)
        tasks.reverse.find { |task| keys.any? { |key| task.id.end_with?(".#{key}") } }
      end
      private_class_method :last
    end
  end
end
