# frozen_string_literal: true

require_relative "../../larder/ingredients"
require_relative "../dressings"
require_relative "provision"

module FondKettle
  module Methods
    # The dressing of a request's rice (docs/model.md: Sushi rice): what goes in, and what of it is water
    # that the pot need not give. Where a dish brings its own, that counts in its place.
    module Dressing
      # What a step that dresses takes: the slot of what is sour.
      SLOT = "dressing"
      KEYS = { vinegar_ml: "rice-vinegar", sugar_g: "sugar", salt_g: "salt" }.freeze
      FINISH = "finish"

      module_function

      # The dressing for 100 g of raw rice, as asked for (DressingPer).
      def per_100g(request)
        making = request.making
        making.dressing || Dressings.fetch(making.style || Dressings::USUAL).per
      end

      # The dressing for all of one pot (DressingPer), or nil when there is none, or a dish brings its own.
      def of(request)
        return unless request.method.dressed && own(request).empty?

        per = per_100g(request)
        share = request.rice_g / 100.0
        DressingPer.new(vinegar_ml: per.vinegar_ml * share, sugar_g: per.sugar_g * share,
                        salt_g: per.salt_g * share)
      end

      # Its water, g.
      def water_g(request)
        return 0.0 unless request.method.dressed

        own = own(request)
        return own.sum { |line| line.g.to_f * vinegar.brings } if own.any?

        of(request).vinegar_ml * vinegar.g_ml * vinegar.brings
      end

      # The uptake to which rice is cooked in the pot, in g/g, when `dressed_g` of water comes to it later:
      # that much firmer, but never below firm, which is no longer cooked through.
      def in_pot(request, dressed_g)
        wanted = request.grain.uptake_for(request.texture_here)
        return wanted if dressed_g.zero?

        least = [request.grain.uptake[:firm], wanted].min
        (wanted - (dressed_g / request.rice_g)).clamp(least, wanted)
      end

      # The parts of the dressing and where they go in (Provision).
      def provisions(request)
        of(request).to_h.map { |part, amount| provision(part, amount, request) }
      end

      def provision(part, amount, request)
        food = Larder::Ingredients.fetch(KEYS.fetch(part))
        grams = part == :vinegar_ml ? amount * food.g_ml : amount
        one, all = [1, request.pots].map { |pots| text(food, grams * pots, request.measures) }
        Provision.new(key: food.key, what: food.name, g: grams, measured: one.first, told: one.last,
                      told_all: all.last,
                      stage: FINISH, step: nil, slot: SLOT, care: food.care, wilts_ml: 0.0)
      end

      # Amount in the house's measures, as a cook reads it.
      def text(food, grams, measures)
        spoons = Measure::Spoken.say(grams / food.g_ml, measures)
        [spoons, "#{measures.weighed(grams)} #{food.name.downcase} (#{spoons})"]
      end

      def vinegar
        Larder::Ingredients.fetch(KEYS.fetch(:vinegar_ml))
      end

      # The parts that a dish's lines bring (Provision).
      def own(request)
        request.lines.provisions(request.pots).select { |line| line.slot == SLOT }
      end

      private_class_method :provision, :text, :vinegar, :own
    end
  end
end
