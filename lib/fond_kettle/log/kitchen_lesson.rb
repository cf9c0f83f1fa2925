# frozen_string_literal: true

require_relative "../ground/value"
require_relative "causes"
require_relative "kitchen_held"

module FondKettle
  module Log
    # The lesson of a kitchen's history for the next pot.
    #   estimates   Belief::Estimates; nil: nothing was ever learned here
    #   because     in words, with what it differs from the book in; nil where estimates are
    #   cooks       how many cooks told something of this pot
    KitchenLesson = Value.define(:estimates, :because, :cooks) do
      # The lesson of an empty log.
      def self.none
        new(estimates: nil, because: nil, cooks: 0)
      end

      # The lesson of what was Learned, for a pot of some scopes and a grain (its key).
      def self.of(learned, grain, scopes)
        met = learned.meeting(scopes, grain)
        places = Belief::Scopes.all(scopes)
        own = places.map { |place| met.own.fetch(place, 0) }.max
        cooks = places.map { |place| met.cooks.fetch(place, 0) }.max - own
        return none if met.cooks.empty? && places.none? { |place| met.belief.moved?(place) }

        new(estimates: KitchenHeld.new(met, grain, scopes).estimates,
            because: [counted(cooks, own), Causes.new(met, scopes).moves].compact.join(" "), cooks: cooks)
      end

      def self.counted(cooks, own)
        pots = cooks == 1 ? "1 pot" : "#{cooks} pots" if cooks.positive?
        word = "your own word" if own.positive?
        "From #{[pots, word].compact.join(' and ')}:" if pots || word
      end
      private_class_method :counted
    end
  end
end
