# frozen_string_literal: true

require "set"
require_relative "../../dishes/claim"
require_relative "../../larder/names"
require_relative "../../larder/plain_words"

module FondKettle
  module Reading
    # Lines that each step written with bars uses: those that the step names ("takes oil, garlic"), or the
    # first step at the right time whose words name them. A line whose whole name is found goes before a line
    # of which only one word is found ("onions" before "spring onions").
    class TakenLines
      # Stages of lines that steps of each stage may take.
      MAY_TAKE = { "base" => %w[base liquid with beside], "soak" => %w[base liquid with beside finish],
                   "rest" => %w[base liquid with beside finish], "finish" => %w[finish beside] }.freeze
      BETWEEN = %w[with base liquid finish].freeze
      # The stage of a line that belongs to a step's time.
      OWN_STAGE = { "base" => "base", "finish" => "finish" }.freeze
      # Kinds of step in which words may name the liquid: "fry until the water is gone" pours none.
      POURS = %w[simmer broth boil heat-liquid].freeze

      # The Dishes::Claims on the `lines` (Dishes::Line) for each of the `steps` (BarredStep); without a stage
      # where a step names again what an earlier one took.
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
        known = all.reject { |word| Larder::PLAIN_WORDS.include?(word) }
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
          Dishes::Claim.new(index: index, stage: stage)
        end.freeze
      end
    end
  end
end
