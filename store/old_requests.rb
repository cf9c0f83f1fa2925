# frozen_string_literal: true

require "uri"
require_relative "../lib/fond_kettle/formats/stored_plan"
require_relative "../lib/fond_kettle/formats/stored_request"
require_relative "../lib/fond_kettle/ground/errors"
require_relative "../lib/fond_kettle/house/composition"
require_relative "../lib/fond_kettle/larder/grains"
require_relative "../lib/fond_kettle/methods/solved/solved"

module FondKettle
  module Store
    # The requests of cooks of before requests were kept, as far as they can be known: from the plan that
    # was kept, the address that it had, and the house as it is. Where that comes to another amount of water
    # than was planned, the house is no more as it was, and nothing is known.
    class OldRequests
      # As near as the water comes to what was planned.
      NEAR = 0.02
      NOT_KNOWN = "null"
      # Of an address, what only its page can read: with one of these nothing is known.
      BY_THE_PAGE = /\A(beside|base_|under_|layer|without|instead|done|steam|programme|own|piece|filling|from|
                        style|cool|steamer|have)/x

      def initialize(household)
        @household = household
      end

      # Works out what nobody has tried to yet, once.
      def bring_forward
        rows = { cooks: :pots, meal_dishes: nil }.flat_map do |table, pots|
          unknown(table).map { |row| [table, row, pots ? row[pots] : 1] }
        end
        return if rows.empty?

        @household.database.write do |db|
          rows.each { |table, row, pots| db[table].where(id: row[:id]).update(request: text(row, pots)) }
        end
      end

      private

      def unknown(table)
        @household.database.read { |db| db[table].where(request: nil).exclude(address: nil).all }
      end

      def text(row, pots)
        request = request(row, pots)
        request ? Formats::StoredRequest.write(request) : NOT_KNOWN
      rescue Error, KeyError, ArgumentError, TypeError
        NOT_KNOWN
      end

      def request(row, pots)
        plan = Formats::StoredPlan.read(row[:plan])
        fields = URI.decode_www_form(row[:address]).to_h
        return if fields.keys.any? { |name| name.match?(BY_THE_PAGE) }

        wishes = House::Wishes.of(
          method: @household.library.fetch(plan[:method]), grain: Larder::Grains.fetch(plan[:grain]),
          dish: dish(fields["dish"]), chosen: { pot: row[:pot_id] }.compact, texture: plan[:texture],
          batches: pots, quantity: quantity(plan, pots)
        )
        found = House::Composition.new(wishes, @household.shelves).request
        cooked = found.with(vessel: vessel(found.vessel, plan[:vessel]))
        cooked if same?(cooked, plan)
      end

      # All of its pots' rice.
      def quantity(plan, pots)
        House::Quantity.of(by: "amount", amount: plan.fetch(:rice).fetch(:g) * pots)
      end

      # Raises NotFound where it is gone.
      def dish(id)
        id && @household.dish(@household.dishes.find(Integer(id, 10)))
      end

      # The pot as it was; of its weight nothing was kept.
      def vessel(vessel, kept)
        return vessel unless kept

        vessel.with(**kept.slice(:diameter_mm, :floor_mm, :height_mm, :lid, :material))
      end

      def same?(request, plan)
        planned_g = plan.fetch(:liquid).fetch(:g)
        (Methods::Solved.of(request).liquid_g - planned_g).abs <= NEAR * planned_g
      end
    end
  end
end
