# frozen_string_literal: true

require "json"
require_relative "../../lib/fond_kettle/formats/draft"
require_relative "../../lib/fond_kettle/ground/field_schema"
require_relative "../../lib/fond_kettle/ground/limits"
require_relative "../../lib/fond_kettle/measure/amounts"
require_relative "../../lib/fond_kettle/dishes/placing"
require_relative "../../lib/fond_kettle/dishes/placing_questions"
require_relative "../../lib/fond_kettle/dishes/contradictions"
require_relative "../../lib/fond_kettle/dishes/disagreements"
require_relative "../../lib/fond_kettle/dishes/text/quick_steps"
require_relative "../../lib/fond_kettle/dishes/text/quick_text"
require_relative "../../lib/fond_kettle/dishes/text/written"
require_relative "both_ways"
require_relative "fields"
require_relative "own_way"

module FondKettle
  module Forms
    # A dish as it is typed: what is wrong (and keeps it from being saved), what is
    # asked about its lines, and what contradicts itself (neither does).
    class DishForm
      include OwnWay

      FIELDS = Formats::Draft::FIELDS
      MOST_LINES = 500
      MOST_LETTERS = 60_000
      # What its fields are called where two have changed it.
      TITLES = { "title" => "Title", "serves" => "For how many", "rice" => "Raw rice",
                 "grain" => "Grain", "method" => "Way", "pan_mm" => "In a pot of, mm",
                 "lines" => "What goes in", "steps" => "What is done", "note" => "Note",
                 **BothWays.titles(WAY) }.freeze
      SCHEMA = Schema.params do
        required(:title).filled(:string, max_size?: 120)
        required(:serves).filled(Typed.within(Limits::SERVES), included_in?: Limits::SERVES)
        required(:method).filled(:string)
        required(:grain).filled(:string, included_in?: Larder::Grains.all.keys)
        optional(:pan_mm).maybe(Typed.within(Limits::DIAMETER_MM, "mm"), included_in?: Limits::DIAMETER_MM)
        optional(:lines).maybe(:string, max_size?: MOST_LETTERS)
        optional(:steps).maybe(:string, max_size?: MOST_LETTERS)
        optional(:note).maybe(:string, max_size?: MOST_LETTERS)
        FieldSchema.declare(self, WAY, numbers: NUMBERS, optional: true)
      end

      attr_reader :problems

      # An empty form without problems.
      def self.blank(household)
        new(FIELDS.to_h { |field| [field.to_s, Formats::Draft.of.public_send(field)] }, household,
            quiet: true)
      end

      # A form filled with a stored dish.
      def self.of_record(record, household)
        rice = "#{Measure::Rounding.plain(record[:rice_g])} g"
        typed = record.slice(:title, :method, :grain, :lines, :steps, :note).transform_keys(&:to_s)
        new(typed.merge(OwnWay.texts(JSON.parse(record[:way])),
                        "serves" => Measure::Rounding.plain(record[:serves]), "rice" => rice,
                        "pan_mm" => record[:pan_mm] ? Measure::Rounding.plain(record[:pan_mm]) : ""),
            household)
      end

      # A draft of another format.
      def self.of_draft(draft, household)
        typed = FIELDS.to_h { |field| [field.to_s, draft.public_send(field)] }
        new(typed.merge(OwnWay.texts(draft.way)), household)
      end

      # `typed`: parameters with string keys; `quiet`: not judged yet.
      def initialize(typed, household, quiet: false)
        @household = household
        @typed = [*FIELDS, *WAY_KEYS].to_h { |field| [field, typed[field.to_s].to_s.gsub("\r\n", "\n")] }
        result = SCHEMA.call(@typed.reject { |field, text| text.empty? && WAY_KEYS.include?(field) })
        @values = result.to_h
        @problems = Forms.problems(result).dup
        check
        @problems = [] if quiet
        @problems.freeze
      end

      def [](field)
        @typed[field]
      end

      def ok?
        @problems.empty?
      end

      # Fields in which this form differs from another DishForm (BothWays::Difference).
      def differences(other)
        typed, there = [self, other].map { |form| TITLES.to_h { |name, _| [name, form[name.to_sym]] } }
        BothWays.of(TITLES, typed, there)
      end

      # Its title, as typed.
      def title
        @typed[:title]
      end

      # The lines as understood.
      def read
        @read ||= Dishes::QuickText.new(names: @household.names, cups: @household.values(:cups))
                                   .read(@typed[:lines])
      end

      # Asked about, by the number of the line.
      def questions
        read.questions
      end

      # The dish's own steps, as they were understood.
      def steps
        @steps ||= Dishes::QuickSteps.read(@typed[:steps])
      end

      # Pairs of each step and the names of the lines that go in at it.
      def taken
        steps.zip(placing.claims).map do |step, claims|
          [step, claims.select(&:stage).map { |claim| read.lines[claim.index].name }]
        end
      end

      # Questions about where the lines go in, one sentence each.
      def placing_questions
        Dishes::PlacingQuestions.new(read.lines, steps, placing).all
      end

      # Contradictions anywhere in the dish, one sentence each.
      def contradictions
        told_twice = %i[lines steps note].flat_map { |field| Dishes::Contradictions.in(@typed[field]) }
        method = @household.library.all[@typed[:method]]
        [*Dishes::QuickSteps.unread(@typed[:steps]), *told_twice,
         *Dishes::Disagreements.in(read.lines, steps, way, method)].uniq
      end

      # Attributes that the store keeps.
      def attributes
        grain, rice_g = read.rice || [@values[:grain], @rice_g]
        { title: @values[:title].strip, serves: @values[:serves], method: @values[:method], grain: grain,
          rice_g: rice_g, pan_mm: @values[:pan_mm], lines: @typed[:lines].strip,
          steps: @typed[:steps].strip, note: @typed[:note].strip, way: JSON.generate(way.settings) }
      end

      private

      def placing
        @placing ||= Dishes::Placing.of(read.lines, steps)
      end

      def check
        problem("method", "must be one of: #{@household.library.all.keys.join(', ')}") unless known_method?
        problem("lines", "must have at most #{MOST_LINES} lines") if @typed[:lines].lines.size > MOST_LINES
        long = Dishes::QuickSteps.too_long(steps).first
        problem("steps", "must take at most #{Limits::TASK_MIN.max} min: #{long.say}") if long
        check_rice if @problems.none? { |found| %w[grain lines].include?(found[:field]) }
      end

      def known_method?
        @problems.any? { |found| found[:field] == "method" } ||
          @household.library.all.key?(@values[:method])
      end

      # A line of rice among the lines says how much, else the field must.
      def check_rice
        @rice_g = read.rice&.last || weighed
        return if @problems.any? { |found| found[:field] == "rice" } || Limits::RICE_G.cover?(@rice_g)

        problem("rice", "must come to between #{Limits::RICE_G.min} g and #{Limits::RICE_G.max / 1000} kg")
      end

      def weighed
        amounts = Measure::Amounts.new(cups: @household.values(:cups), families: %w[mass volume])
        rho_g_ml = Larder::Grains.fetch(@values[:grain]).rho_g_ml
        amounts.number(@typed[:rice], "g", g_per_ml: rho_g_ml) ||
          problem("rice", "must be an amount of raw rice, such as 320 g or 1 1/2 cups")
      end

      def problem(field, message)
        @problems << { field: field, message: message }
        nil
      end
    end
  end
end
