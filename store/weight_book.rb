# frozen_string_literal: true

require_relative "../lib/fond_kettle/reading/words/learned_weights"

module FondKettle
  module Store
    # Weights of things in a household, as its cooks have corrected what was read: a shelf by another door.
    class WeightBook
      # `shelf`: the Shelf of weights.
      def initialize(database, shelf)
        @database = database
        @shelf = shelf
      end

      # All that are known (Reading::LearnedWeights).
      def known
        Reading::LearnedWeights.new(@shelf.all.to_h { |record| record.values_at(:name, :each_g) })
      end

      # Keeps the weight of one of a thing, g, in place of the one that was known.
      def learn(name, each_g)
        words = Reading::LearnedWeights.words(name)
        @database.write do
          same = @shelf.all.find { |record| Reading::LearnedWeights.words(record[:name]) == words }
          next @shelf.add(name: name, each_g: each_g) unless same

          @shelf.change(same[:id], same[:lock_version], each_g: each_g)
        end
      end
    end
  end
end
