# frozen_string_literal: true

require "json"
require_relative "../ground/remembered"
require_relative "../methods/forward"

module FondKettle
  module Formats
    # A plan as a cook keeps it: its JSON with a version. Older ones are brought forward
    # here and nowhere else.
    module StoredPlan
      VERSION = 2
      # What the planner's own steps of version 1 were; other steps were the method's.
      KINDS = { "rinse" => "rinse", "soak" => "soak", "drain" => "drain", "base" => "gather",
                "fill" => "fill", "stir" => "stir", "fluff" => "fluff", "fold" => "fold",
                "turn" => "turn-out", "tip" => "serve" }.freeze

      # More than is on the stove, and a page of the log.
      MOST_READ = 200
      # A plan is written once and never changed, and what is at the stove is read with every tap.
      READ = Remembered.new(MOST_READ) do |text|
        forward(JSON.parse(text, symbolize_names: true, freeze: true)).freeze
      end
      private_constant :READ

      module_function

      # The plan (hash with symbol keys, of the newest version, frozen) of what is stored.
      # Raises JSON::ParserError.
      #
      #   read('{"steps":[…]}')[:plan_version] # => 2
      def read(text)
        READ[text]
      end

      # Text to store.
      def write(plan)
        JSON.generate(plan)
      end

      # A plan of any version, as of the newest.
      def forward(plan)
        plan.fetch(:plan_version, 1) < 2 ? from_1(plan) : named(plan)
      end

      # Brings forward amounts of the first version, which had a name alone.
      def named(plan)
        return plan if amounts(plan).all? { |amount| amount.key?(:name) }

        tasks = plan[:tasks].map do |task|
          task.merge(amounts: task.fetch(:amounts, []).map { |amount| { name: amount[:what], **amount } })
        end
        { **plan, tasks: tasks }
      end

      def amounts(plan)
        plan.fetch(:tasks, []).flat_map { |task| task.fetch(:amounts, nil) || [] }
      end

      # Version 1 had steps by their place, and several things of one name.
      def from_1(plan)
        balance = plan.fetch(:balance, {})
        { **plan.except(:parts), plan_version: 2, tasks: tasks(plan), floor_and_top: plan[:parts],
                                 balance: { **balance.except(:taken_g), drunk_g: balance[:taken_g] } }
      end

      def tasks(plan)
        steps = plan.fetch(:steps)
        stages = stages_by_step(plan)
        steps.each_with_index.map do |step, index|
          { **step, id: "step-#{index}", minutes: step[:minutes].to_f.ceil, timed_min: step[:minutes],
                    kind: kind(step, plan, stages[index]), stage: stages[index], amounts: [], uses: {},
                    after: index.zero? ? [] : [{ task: "step-#{index - 1}", gap: [0, nil] }] }.compact
        end
      end

      # Index of the stage that each step was: they came in order once the pot was filled.
      def stages_by_step(plan)
        stages = plan.fetch(:stages, [])
        filled = plan[:steps].index { |step| step[:key] == "fill" } || -1
        plan[:steps].each_with_index.reduce({}) do |found, (step, index)|
          next_stage = stages[found.size]
          if index > filled && next_stage && step[:key] == next_stage[:key]
            found.merge(index => found.size)
          else
            found
          end
        end
      end

      def kind(step, plan, stage)
        return Methods::Forward.kind_of_stage(plan[:stages][stage].transform_keys(&:to_s)) if stage

        KINDS.fetch(step[:key]) { Methods::Forward.kind_of_own(step[:key]) }
      end

      private_class_method :from_1, :named, :amounts, :tasks, :stages_by_step, :kind
    end
  end
end
