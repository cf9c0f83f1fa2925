# frozen_string_literal: true

require "set"
require_relative "../larder/ingredient"
require_relative "../larder/names"
require_relative "dish_step"
require_relative "line"

module FondKettle
  module Dishes
    # Lines that each step of a dish uses: those that the step names ("takes oil, garlic"), or the first
    # step at the right time whose words name them. A line whose whole name is found goes before a line of
    # which only one word is found ("onions" before "spring onions").
    class Claims
      # Stages of lines that steps of each stage may take.
      MAY_TAKE = { "base" => %w[base liquid with beside], "soak" => %w[base liquid with beside finish],
                   "rest" => %w[base liquid with beside finish], "finish" => %w[finish beside] }.freeze
      BETWEEN = %w[with base liquid finish].freeze
      # The stage of a line that belongs to a step's time.
      OWN_STAGE = { "base" => "base", "finish" => "finish" }.freeze
      # Words that name no thing.
      EMPTY = %w[a an the of in on and or with to for as dried dry fresh ground whole large small big little
                 thin thick
                 black white red green yellow brown sweet sour hot cold warm unsalted salted smoked ripe
                 young baby
                 leaf seed piece half very finely coarsely chopped sliced grated cooked tinned canned tin can
                 frozen].to_set.merge(Larder::STATES.keys).freeze
      # Kinds of step in which words may name the liquid: "fry until the water is gone" pours none.
      POURS = %w[simmer broth boil heat-liquid].freeze

      # One line (its index) at a stage of it; nil where the step names again what an earlier one
      # took.
      Claim = Value.define(:index, :stage)

      # The Claims on the `lines` (Line) for each of the `steps` (DishStep).
      def self.of(lines, steps)
        steps.empty? ? [].freeze : new(lines, steps).claims
      end

      # The arguments are those of `of`.
      def initialize(lines, steps)
        @lines = lines
        @steps = steps
        @words = lines.map { |line| content(line.name) }
        @taken = Set.new
      end

      # The claims of each step: a list of lists.
      def claims
        told = @steps.map do |step|
          step.takes && take(step, step.takes.flat_map { |name| called(words(name), step) })
        end
        @steps.zip(told).map { |step, claims| claims || take(step, spoken(step)) }.freeze
      end

      private

      def words(text)
        Larder::Names.ours.words(text)
      end

      # What a name is known by: its words before "in" and a comma, without what only
      # describes.
      def content(name)
        all = words(name.split(/,|\bin\b/, 2).first.to_s)
        known = all.reject { |word| EMPTY.include?(word) }
        known.empty? ? all : known
      end

      # Indexes of lines that the words of a step name, of those it may take.
      def spoken(step)
        found = told_apart(named(words(step.say), step), step)
        poured, others = found.partition { |index| @lines[index].poured? }
        # Salt and spice of the water are at the water: they go in where that is poured.
        poured = [] unless POURS.include?(step.kind) && poured.any? do |index|
          @lines[index].ingredient.liquid
        end
        [*others, *poured]
      end

      # Of several lines of one name a step takes those of its own time, where there are any.
      def told_apart(indexes, step)
        indexes.group_by { |index| @words[index].sort }.values.flat_map do |alike|
          own = alike.select { |index| @lines[index].shares.key?(OWN_STAGE.fetch(step.stage, "with")) }
          alike.size > 1 && own.any? ? own : alike
        end
      end

      # Indexes of the lines whose name has all of these words, the shortest name first.
      def called(said, step)
        open = @lines.each_index.select do |index|
          free_stage(index, step) && (said - words(@lines[index].name)).empty?
        end
        open.min_by(1) { |index| words(@lines[index].name).size }
      end

      # Indexes of the lines that a list of words names.
      def named(said, step)
        said = said.to_set
        open = @words.each_index.select { |index| @words[index].any? && stages(index, step).any? }
        whole, others = open.partition { |index| @words[index].all? { |word| said.include?(word) } }
        explained = whole.flat_map { |index| @words[index] }.to_set
        fresh = said - explained
        whole + others.select { |index| @words[index].any? { |word| fresh.include?(word) } }
      end

      # Stages of a line that a step may take.
      def stages(index, step)
        own = @lines[index].shares.keys
        step.takes ? own : own & MAY_TAKE.fetch(step.stage, BETWEEN)
      end

      # The first of them that none has taken yet, or nil.
      def free_stage(index, step)
        stages(index, step).find { |stage| !@taken.include?([index, stage]) }
      end

      def take(step, indexes)
        indexes.uniq.sort.map do |index|
          stage = free_stage(index, step)
          @taken << [index, stage]
          Claim.new(index: index, stage: stage)
        end.freeze
      end
    end
  end
end
