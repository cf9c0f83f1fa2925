# frozen_string_literal: true

require_relative "../../lib/fond_kettle/house/shelf_kinds"
require_relative "../../app/plans/plan_plain_rice"
require_relative "../../lib/fond_kettle/pot/fit"
require_relative "../../lib/fond_kettle/pot/heat/loss"
require_relative "../drawings/pot_picture"
require_relative "presenter"
require_relative "pot_views"

module FondKettle
  module Web
    module Presenters
      # The state of the cupboard, and suggestions for it.
      class Cupboard < Presenter
        # A bag that lasts no longer is worth a word, evenings for the table.
        LAST_EVENINGS = 2
        COOKED = 2.5
        FIRST = { pots: ["Put in the pot you cook in", "the water gets right for it."],
                  cups: ["Put in the cup or glass you measure by", "every amount is said in it."],
                  eaters: ["Put in who eats here", "the amounts get right for them."] }.freeze

        # A pot as the shelf shows it: its record's id, name, drawing and what it is good for; `lit` where its
        # lid is what would narrow tonight's water most.
        PotTile = Value.define(:id, :name, :drawing, :said, :lit)
        # A record in its place on a shelf: what it says in one line, and of how many it feeds.
        ShelfLine = Value.define(:record, :said, :feeds)

        # All that the cupboard holds, as records.
        def data
          shelves = House::SHELF_KINDS.keys.to_h { |table| [table, household.shelf(table).all] }
          { kitchen: kitchen, portions: household.portions.grams, **shelves }
        end

        # The suggestions: [words of the link, address, what comes of it]. Runs the model for one pot.
        def to_do
          @to_do ||= [*first_things, *untested_lid, *bags_running_out]
        end

        # The pots side by side, to one scale.
        def pots
          household.shelf(:pots).all.map do |record|
            pot = household.value(:pots, record)
            size = "#{plain(pot.diameter_mm)} × #{plain(pot.height_mm)} mm"
            PotTile.new(id: pot.id, name: pot.name, said: "#{size}, feeds #{heads(takes_g[pot.id])}",
                        drawing: drawing(pot, record[:lid_look]), lit: pot.id == worth_testing&.first&.id)
          end
        end

        # The records of a House::ShelfKind.
        def lines(kind)
          household.shelf(kind.key).all.map do |record|
            ShelfLine.new(record: record, said: line(kind, record), feeds: feeds(kind.key, record))
          end
        end

        # Weight of a portion once it is cooked.
        def portions_cooked
          portions = household.portions.grams.map { |name, g| "#{name.tr('-', ' ')} #{grams(g * COOKED)}" }
          "Cooked it weighs about two and a half times that: #{portions.join(', ')}. " \
            "Appetite and age are counted beside that."
        end

        private

        def drawing(pot, look)
          Drawings::PotPicture.new(PotViews.shelf(pot, look), "shelf-#{pot.id}").to_s
        end

        # "Steel pot: 200 mm, 110 mm, dough, steel, 1.2 kg"; what is usual is not worth a word.
        def line(kind, record)
          first, *fields = kind.fields
          told = fields.reject { |field| ["", field.usual].include?(plain(record[field.key])) }
                       .map { |field| field_words(record, field) }
          [field_words(record, first), told.join(", ")].reject(&:empty?).join(": ")
        end

        # A value with its unit, or the words of a choice.
        def field_words(record, field)
          value = plain(record[field.key])
          return field.options.to_h.fetch(value, value) if field.options

          [value, field.unit].compact.join(" ")
        end

        # How many regular adults a bag, a pot or a pan feeds, in words, or nil.
        def feeds(shelf, record)
          case shelf
          when :bags then "feeds about #{heads(record[:left_g])}"
          when :pots
            rice_g = takes_g[record[:id]]
            "takes about #{grams(rice_g.round(-1))} of rice, feeds #{heads(rice_g)}"
          end
        end

        # Regular adults that so much rice is a main meal for.
        def heads(rice_g)
          (rice_g / household.portions.grams.fetch("main")).floor
        end

        # What each pot takes of plain rice: g by its id.
        def takes_g
          @takes_g ||= household.values(:pots).to_h { |pot| [pot.id, plain_rice.takes_g(pot)] }
        end

        def first_things
          FIRST.filter_map do |shelf, (link, then_so)|
            [link, "##{shelf}", then_so] if household.shelf(shelf).all.empty?
          end
        end

        # The pot whose untested lid by the book lets out most, with the spread of its water; nil where
        # knowing it is not worth ten minutes.
        def worth_testing
          return @worth_testing if defined?(@worth_testing)

          untested = household.values(:pots).select { |pot| pot.kind.on_ring && !pot.lid_factor }
          pot = untested.max_by { |one| lets_out_g_min(one) }
          spread = pot && plain_rice.spread(pot)
          @worth_testing = ([pot, spread] if spread && worth_narrowing(spread, :lid))
        end

        def untested_lid
          pot, spread = worth_testing
          return [] unless pot

          [["Test the lid of the #{pot.name}", "/tests?test=lid&pot=#{pot.id}#lid",
            "ten minutes with a scale. The water for your table in it is then " \
            "#{range(spread.narrowed[:lid])}; so far it is #{range([spread.low_g, spread.high_g])}."]]
        end

        def lets_out_g_min(vessel)
          Pot::Loss.lidded_g_min(vessel, vessel.lid, "low", "gas")
        end

        def plain_rice
          @plain_rice ||= App::PlanPlainRice.new(household)
        end

        def range((low_g, high_g))
          "#{low_g.round} to #{grams(high_g)}"
        end

        def bags_running_out
          an_evening_g = household.values(:eaters).sum(&:share) * household.portions.grams.fetch("main")
          low = household.shelf(:bags).all.select do |bag|
            an_evening_g.positive? && bag[:left_g] < LAST_EVENINGS * an_evening_g
          end
          low.map do |bag|
            ["#{bag[:name]} runs out", "#bags",
             "#{grams(bag[:left_g])} left; your table eats #{grams(an_evening_g)} of an evening."]
          end
        end
      end
    end
  end
end
