# frozen_string_literal: true

require_relative "../../measure/rounding"
require_relative "../../measure/spoken"
require_relative "../../pot/heat/cooling"
require_relative "../../table/eaters"
require_relative "cooled"
require_relative "../request/dressing"
require_relative "pieces"
require_relative "steaming"
require_relative "../request/request"

module FondKettle
  module Methods
    # The work on the done rice of a request: dressing, cooling, dividing, wrapping; the minutes of its steps
    # by their kind, and the values for their texts.
    class Finishing
      # Kinds of step that a plan has only for parcels that are kept, by how they go into the steamer.
      KEPT = { "chill" => "chilled", "freeze" => "frozen" }.freeze

      # What a step that soaks leaves takes: the slot of leaves.
      LEAF = "leaf"

      # `request`: its rice ended in the `last` phase (Phases::Phase).
      def initialize(request, last)
        @request = request
        @portions = Pieces.new(request, last)
        @cooled = Cooled.new(request.making.cool || usual_cool, ROOM_C, warm_c)
      end

      # Pieces, and Cooled.
      attr_reader :portions, :cooled

      # True when the plan has a step of this kind (a key).
      def step?(kind)
        from = @portions.parcels&.from
        KEPT.fetch(kind, from) == from
      end

      # Minutes of a step of this kind (a key), or nil where its file says them.
      def minutes(kind)
        case kind
        when "cool" then @cooled.minutes
        when "shape", "wrap" then @portions.use && (@portions.use.minutes * @portions.count)
        when Parcels::STEAM then @portions.parcels&.timed_min
        when Steaming::KIND then @portions.parcels&.heat_min
        end
      end

      # DressingPer for one serving of the usual size, or nil.
      def serving
        dressing = Dressing.of(@request)
        return unless dressing

        share = Table::PORTION_G.fetch(@request.method.portion) / @request.rice_g
        dressing.with(**dressing.to_h.transform_values { |amount| amount * share })
      end

      # Values for the texts, by their names there.
      def words
        return {} unless @portions.use

        { pieces: pieces, each: each, count: @portions.count.to_s, folds: folds, cooling: cooling,
          dressing: dressing, tray: tray, heart: heart, leaf: leaf, serving: steamed }
      end

      private

      # Only what is dressed is worked while it cools.
      def usual_cool
        @request.method.dressed ? nil : Cool.of(fanned: false)
      end

      def warm_c
        @portions.use ? @portions.use.warm_c.to_f : Cooled::HAND_C
      end

      def pieces
        use = @portions.use
        count = @portions.count
        filling_g = @portions.filling_g_each
        ["#{count} #{count == 1 ? use.one : use.word} of #{@portions.rice_g_each} g rice",
         *(" and #{filling_g.round} g filling" if filling_g.round.positive?),
         *(", each cut into #{use.cut}" if use.cut), *left_over].join
      end

      def left_over
        left_g = @portions.left_g.round
        "; #{left_g} g #{left_g == 1 ? 'is' : 'are'} left over" if left_g.positive?
      end

      def each
        use = @portions.use
        if @portions.parcels
          return "#{@portions.thickness_mm.round} mm, about #{@portions.across_mm.round} mm across"
        end

        if use.salt_g.positive?
          salt = " From salted hands about #{grams(use.salt_g)} g of salt stays on each."
        end
        "For a child's hand #{use.child_g.round} g are enough.#{salt} Use it within " \
          "#{@cooled.workable_min.floor} min: then it gets firm."
      end

      def folds
        return "leave it" unless @cooled.cool.turned

        "fold it over after #{@cooled.folds.map(&:round).join(', ')} min"
      end

      def cooling
        depth = @cooled.cool.depth_mm.round
        "A bed #{depth} mm thick, #{how}, takes #{@cooled.minutes.round} min to #{warm_c.round} °C in a " \
          "kitchen at #{ROOM_C.round} °C; twice as thick takes twice as long."
      end

      def how
        return "fanned" if @cooled.cool.fanned

        @cooled.cool.turned ? "turned over" : "left alone"
      end

      def dressing
        per = serving
        return "What it brings is water too: the rice was cooked so much firmer." unless per

        water_g = Dressing.water_g(@request).round
        "#{water_g} g of it is water: the rice was cooked so much firmer. In a serving " \
          "#{grams(per.sugar_g)} g of sugar and #{grams(per.salt_g)} g of salt."
      end

      def tray
        return lies if @portions.parcels

        area_mm2 = @portions.seasoned_g / Pot::Cooling::G_ML * 1000 / @cooled.cool.depth_mm
        "#{@cooled.cool.depth_mm.round} mm thick (about #{(Math.sqrt(area_mm2) / 10).ceil} cm square)"
      end

      def lies
        layout = @portions.parcels.layout
        first = ", the first of #{layout[:batches]} rounds" if layout[:batches] > 1
        change = ", the baskets changing places half-way" if layout[:tiers] > 1
        "#{@portions.parcels.at_once}#{first}#{change}"
      end

      def heart
        (@portions.parcels ? Parcels::HEART_C : warm_c).round.to_s
      end

      def leaf
        return "" unless @portions.parcels
        return "the leaves" if @request.provisions.any? { |one| one.slot == LEAF }

        leaves = @portions.parcels.leaves
        "#{leaves[:all]} leaves about #{(leaves[:side_mm] / 10).ceil * 10} mm long"
      end

      def steamed
        parcels = @portions.parcels
        return "" unless parcels

        "#{parcels.steam_min.ceil} min until the heart is hot, up to #{Parcels::LEAF_MIN} more for the " \
          "leaf. From the freezer #{(parcels.frozen_min + Parcels::LEAF_MIN).ceil} min."
      end

      def grams(amount)
        Measure::Rounding.plain(amount.round(1), 1)
      end
    end
  end
end
