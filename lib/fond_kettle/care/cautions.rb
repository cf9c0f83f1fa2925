# frozen_string_literal: true

require_relative "../ground/keyed_catalogue"
require_relative "../ground/template"
require_relative "../ground/value"
require_relative "kind"

module FondKettle
  module Care
    # A rule over kinds and what is in the vessel: the caution is shown at every task of
    # a kind of `at` where one of `needs` holds (none: always). "end" is the last task.
    # `core_c`: what raw food of its class must reach, °C, or nil; `only`: it is about what is done at these
    # kinds, and stands nowhere else. `short`: the same in at most twelve words, for a screen.
    Caution = Value.define(:code, :needs, :at, :only, :short, :say, :core_c) do
      # True where what it warns of is so at `task`.
      def holds?(task)
        true_of?(task.facts)
      end

      # The same of a list of facts.
      def true_of?(facts)
        needs.empty? || needs.intersect?(facts)
      end

      # The tasks of a plan at which it is shown: where its kind is, else the first at
      # which it holds, so that none is ever dropped; none where it never holds.
      def places(tasks)
        holding = tasks.select { |task| holds?(task) }
        return [] if holding.empty?

        fitting = holding.select { |task| at.include?(task.kind.key) }
        fitting |= [tasks.last] if at.include?(Cautions::END_OF_PLAN)
        return fitting if fitting.any? || only

        [needs.empty? ? tasks.last : holding.first]
      end

      # Its code and texts, as JSON has them and pages show them.
      def texts
        { code: code, short: short, say: say }
      end

      # The caution with its text filled in.
      def filled(words)
        filling = { core_c: core_c, **words }
        with(short: Template.fill(short, filling), say: Template.fill(say, filling))
      end
    end

    # The cautions of data/cautions.yml, checked when loaded.
    module Cautions
      extend KeyedCatalogue

      END_OF_PLAN = "end"
      WORDS = %i[allergens avoided not_checked unknown].freeze
      INSIDE = "in:"
      UNSAID = "in:raw-meat"
      UNKNOWN = "in:unknown"
      SCHEMA = Schema.json(strict: true) do
        required(:code).filled(:string)
        optional(:needs).array(:string)
        required(:at).array(:string, included_in?: [END_OF_PLAN, *Kinds.all.keys])
        optional(:short).filled(:string)
        required(:say).filled(:string)
        optional(:only).filled(:bool)
        optional(:core_c).filled(:integer, included_in?: (40..100))
      end

      rows("cautions.yml", SCHEMA, key: :code) do |row, place|
        Template.check([*row[:short], row[:say]], [*WORDS, *(:core_c if row[:core_c])], place)
        Caution.new(needs: [].freeze, core_c: nil, only: false, short: row[:say], **row)
      end

      module_function

      # Cautions of `tasks` (Task) with the ids of those where each is shown; `words` by WORDS (allergens, who
      # avoided them, what is not checked or not known) are named in the texts.
      def of(tasks, **words)
        words = { **WORDS.to_h { |word| [word, ""] }, **words }
        anywhere = tasks.flat_map(&:facts).uniq
        all.values.select { |caution| caution.true_of?(anywhere) }.filter_map do |caution|
          places = caution.places(tasks).map(&:id)
          [caution.filled(words), places] if places.any?
        end.to_h
      end

      # °C that the core of what these `facts` say is raw must reach; nil where nothing is.
      def core_c(facts)
        all.each_value.filter_map { |caution| caution.core_c if caution.true_of?(facts) }.max
      end

      # The classes of raw food, as in an ingredient's care; what nobody knows is one.
      def raw
        @raw ||= all.values.select(&:core_c).flat_map(&:needs).uniq
                    .map { |fact| fact.delete_prefix(INSIDE) }.freeze
      end

      # The classes of food that is raw for certain, not merely unknown.
      def surely_raw
        @surely_raw ||= (raw - [UNKNOWN.delete_prefix(INSIDE)]).freeze
      end

      # The classes of raw meat: what takes the place of meat of which nobody said what it is.
      def meats
        @meats ||= all.values.select { |caution| caution.core_c && caution.needs.include?(UNSAID) }
                      .flat_map { |caution| caution.needs - [UNSAID, UNKNOWN] }
                      .map { |fact| fact.delete_prefix(INSIDE) }.freeze
      end
    end
  end
end
