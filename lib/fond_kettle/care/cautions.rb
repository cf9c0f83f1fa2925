# frozen_string_literal: true

require_relative "../ground/catalogue"
require_relative "../ground/paths"
require_relative "../ground/template"
require_relative "../ground/value"
require_relative "kind"

module FondKettle
  module Care
    # A rule over kinds and what is in the vessel: the caution is shown at every task of
    # a kind of `at` where one of `needs` holds (none: always). "end" is the last task.
    Caution = Value.define(:code, :needs, :at, :say) do
      # True where what it warns of is so at `task`.
      def holds?(task)
        needs.empty? || needs.intersect?(task.facts)
      end

      # The tasks of a plan at which it is shown: where its kind is, else the first at
      # which it holds, so that none is ever dropped; none where it never holds.
      def places(tasks)
        holding = tasks.select { |task| holds?(task) }
        return [] if holding.empty?

        fitting = holding.select { |task| at.include?(task.kind.key) }
        fitting |= [tasks.last] if at.include?(Cautions::END_OF_PLAN)
        if fitting.empty?
          [needs.empty? ? tasks.last : holding.first]
        else
          fitting
        end
      end

      # With its text filled in.
      def filled(words)
        with(say: Template.fill(say, words))
      end
    end

    # The cautions of data/cautions.yml, checked when loaded.
    module Cautions
      FILE = File.join(DATA, "cautions.yml")
      END_OF_PLAN = "end"
      WORDS = %i[allergens avoided].freeze
      SCHEMA = Schema.json(strict: true) do
        required(:code).filled(:string)
        optional(:needs).array(:string)
        required(:at).array(:string, included_in?: [END_OF_PLAN, *Kinds.all.keys])
        required(:say).filled(:string)
      end

      module_function

      # Every Caution, in the order in which they are told.
      def all
        @all ||= load_file(FILE)
      end

      # Cautions of `tasks` (Task) with the ids of those where each is shown; `allergens`
      # and who `avoided` them are named in the texts.
      def of(tasks, allergens: "", avoided: "")
        all.filter_map do |caution|
          places = caution.places(tasks).map(&:id)
          [caution.filled(allergens: allergens, avoided: avoided), places] if places.any?
        end.to_h
      end

      # Reads and checks a cautions file. Raises BadCatalogue.
      def load_file(path)
        Catalogue.read(path, SCHEMA).map do |row|
          Template.check([row[:say]], WORDS, "#{path}, #{row[:code]}")
          Caution.new(needs: [].freeze, **row)
        end.freeze
      end
    end
  end
end
