# frozen_string_literal: true

require_relative "../../ground/value"
require_relative "../../kit/dish_vessels"

module FondKettle
  module Methods
    # A vessel of a dish and the Kit::Vessel that is used for it tonight; `rice`: the rice goes into it;
    # `par_boils`: it is boiled there in plenty of water before.
    MadeInVessel = Value.define(:key, :kind, :name, :pot, :rice, :par_boils) do
      # Words before a vessel's own, and words for what is made in it.
      const_set(:PLACE, /\A(?:(?:in|on)\s+)?(?:the|an?)\s+/i)
      const_set(:FOR, /\Afor\b/i)

      # What it is called: the house's own by its name, a usual one by the dish's word for it where that says
      # what it is.
      #
      #   wide_pan.called # => "the wide pan"
      def called
        own = pot.name
        return own.match?(/\A(?:my|our) /i) ? own : "the #{small(own)}" if pot.id

        words = [name, key.tr("-", " ")].compact.map { |one| one.sub(self.class::PLACE, "") }
        word = words.find { |one| Kit::DishVessels.in_words(one) }
        word && !word.match?(self.class::FOR) ? "the #{small(word)}" : own
      end

      # The place of food that lies there: "in the wide pan", "on the plate".
      def placed
        "#{Kit::DishVessels.fetch(kind).place(called)} #{called}"
      end

      private

      def small(words)
        words.sub(/\A[A-Z](?=[a-z])/, &:downcase)
      end
    end

    # Where a dish's own step is done.
    #   key        of its StageText; `id` as the dish has it
    #   vessel     key of the vessel
    #   after      keys of the StageTexts that must be over before it
    #   from       what other vessels give before it is done (Vessels::Pour)
    #   to         key of the vessel that what is taken out goes to; nil: out of the dish
    #   g, share   how much is taken out
    #   heat, lid, state  as the dish says; nil: it does not
    MadeInStep = Value.define(:key, :id, :vessel, :after, :from, :to, :g, :share, :heat, :lid, :state) do
      # In `after`: something that the way does with the rice.
      const_set(:RICE, "rice")
    end

    # The vessels in which a dish is made beside the rice's, and where each of its own steps is done;
    # `rice_from`: what they give when the rice goes in (Vessels::Pour); `laid`: the cook's words of what is
    # laid in, part by part, empty where it goes in at once; `washed`: key of
    # the first of its own steps that wash and soak the rice, or nil: the way does; `liquid_in`: key of the
    # vessel that gives the rice's liquid, or nil.
    MadeIn = Value.define(:vessels, :steps, :rice_from, :laid, :washed, :liquid_in) do
      # The MadeInVessel of the rice.
      def rice_vessel
        vessels.find(&:rice)
      end

      # The pot of the house in which the rice is par-boiled (Kit::Vessel), or nil.
      def par_boil_pot
        pot = vessels.find(&:par_boils)&.pot
        pot if pot&.id
      end

      # Pots that are taken by what is made beside the rice (Kit::Vessel).
      def taken
        vessels.reject { |vessel| vessel.rice || vessel.par_boils }.map(&:pot)
      end

      # The MadeInVessel of a key. Raises KeyError.
      def vessel(key)
        vessels.find { |vessel| vessel.key == key } || raise(KeyError, "no vessel #{key}")
      end

      # True for the step of a StageText's key that is done in the vessel of the rice.
      def with_rice?(key)
        step(key)&.vessel == rice_vessel.key
      end

      # The MadeInStep of a StageText's key, or nil.
      def step(key)
        steps.find { |step| step.key == key }
      end

      # True where a StageText's key is of a step in another vessel than the rice's.
      def beside?(key)
        place = step(key)
        !place.nil? && place.vessel != rice_vessel&.key
      end

      # The same for so many times as much: what is poured by weight grows with it.
      def times(factor)
        grown = ->(pours) { pours.map { |pour| pour.with(g: pour.g && (pour.g * factor)) }.freeze }
        with(rice_from: grown.call(rice_from), steps: steps.map do |step|
          step.with(g: step.g && (step.g * factor), from: grown.call(step.from))
        end.freeze)
      end

      # Keys of the steps that make the rice's liquid in a vessel of its own.
      def liquid_steps
        steps.select { |step| liquid_in && [step.vessel, step.to].include?(liquid_in) }.map(&:key)
      end

      # True where a step of the dish's own takes the rice once it is washed.
      def takes_rice?
        steps.any? { |step| step.after.include?(MadeInStep::RICE) }
      end

      # How the cook lays what is laid in parts, as one sentence, or nil.
      def laid_words
        "as you wrote it: #{laid.join(', then ')}" if laid.any?
      end

      # True where it is made in more than one vessel.
      def several?
        steps.map(&:vessel).uniq.size > 1
      end
    end
  end
end
