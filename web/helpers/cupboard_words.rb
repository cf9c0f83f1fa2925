# frozen_string_literal: true

require_relative "../../lib/fond_kettle/method/planner"
require_relative "../../lib/fond_kettle/pot/fit"
require_relative "../drawings/pot_outline"
require_relative "../forms/plan_form"
require_relative "water_words"

module FondKettle
  module Web
    module Helpers
      # What the cupboard says of itself, and what is worth doing there.
      module CupboardWords
        # A bag that lasts no longer is worth a word, evenings for the table.
        LAST_EVENINGS = 2
        # What a lid that was tested may have come out as; 1 stands for untested.
        AS_IF_TESTED = 0.999
        FIRST = { pots: ["Put in the pot you cook in", "the water gets right for it."],
                  cups: ["Put in the cup or glass you measure by", "every amount is said in it."],
                  eaters: ["Put in who eats here", "the amounts get right for them."] }.freeze

        # What is worth doing now: [words of the link, address, what comes of it].
        def to_do
          [*first_things, *untested_lid, *bags_running_out]
        end

        def pot_outline(record)
          Drawings::PotOutline.new(household.value(:pots, record), Pot::Fitting::BOIL_SHARE).to_s
        end

        # How many regular adults a bag, a pot or a pan feeds, in words, or nil.
        def feeds(shelf, record)
          return unless %i[bags pots].include?(shelf)

          rice_g = shelf == :bags ? record[:left_g] : pot_rice_g(record)
          heads = (rice_g / household.portions_g.fetch("main")).floor
          shelf == :bags ? "feeds about #{heads}" : "takes #{grams(rice_g)} of rice, feeds #{heads}"
        end

        # Of plain rice by the first bag's grain.
        def pot_rice_g(record)
          form = Forms::PlanForm.new({ "pot" => record[:id].to_s, "for" => "pot",
                                       "method" => record[:lid] == "cooker" ? "rice-cooker" : "covered-pot" }, household)
          form.ok? ? form.request.rice_g : 0.0
        end

        private

        def first_things
          FIRST.filter_map do |shelf, (link, then_so)|
            [link, "##{shelf}", then_so] if household.shelf(shelf).all.empty?
          end
        end

        # The pot whose water a test would make surest, where that is worth ten minutes.
        def untested_lid
          pot, now, tested = untested.map { |record| [record, *spreads(record)] }.select(&:last)
                                     .min_by { |_, before, after| width(after) / width(before) }
          return [] unless pot && width(tested) < WaterWords::WORTH_IT * width(now)

          [["Test the lid of the #{pot[:name]}", "/tests#lid",
            "ten minutes, and in it the water for your table is #{range(tested)} instead of #{range(now)}."]]
        end

        def untested
          household.shelf(:pots).all.select { |pot| pot[:lid] != "cooker" && pot[:lid_factor] == Pot::Setting::UNTESTED }
        end

        # Of the table's rice in that pot: as it is, and with its lid tested.
        def spreads(pot)
          form = Forms::PlanForm.new({ "pot" => pot[:id].to_s }, household)
          return [nil, nil] unless form.ok?

          [form.request, tested(form.request)].map { |request| Method::Planner.plan(request).spread }
        end

        def tested(request)
          request.with(vessel: request.vessel.with(lid_factor: AS_IF_TESTED))
        end

        def width(spread)
          spread.high_g - spread.low_g
        end

        def range(spread)
          "#{spread.low_g.round} to #{grams(spread.high_g)}"
        end

        def bags_running_out
          an_evening_g = household.values(:eaters).sum(&:share) * household.portions_g.fetch("main")
          low = household.shelf(:bags).all.select { |bag| an_evening_g.positive? && bag[:left_g] < LAST_EVENINGS * an_evening_g }
          low.map do |bag|
            ["#{bag[:name]} runs out", "#bags",
             "#{grams(bag[:left_g])} left; your table eats #{grams(an_evening_g)} of an evening."]
          end
        end
      end
    end
  end
end
