# frozen_string_literal: true

require_relative "../../pot/load"
require_relative "../../pot/stack"
require_relative "../request/layered"
require_relative "food_load"
require_relative "rice_vessel"

module FondKettle
  module Methods
    # Food of a sealed pot as the pot model needs it: the Pot::Stack of a Request and its part of a Load.
    # Thin things belong to the layer under them.
    class Layering
      # Rice goes in drained but hot (docs/model.md: Heating through).
      RICE_C = 80.0
      # Of a cooked base so much is water bound in it that still makes steam (a guess of figures).
      BOUND = 0.1
      # Below 60 °C food that was cooked has gone cold, and has to be reheated to this (data/cautions.yml:
      # cooked-rice-cooling).
      SERVED_C = 60.0
      REHEATED_C = 74.0
      # How thick slices and halved eggs are that are laid in.
      LAID_MM = 20.0
      # Water from the base rises so far in rice.
      WICKS_MM = 25.0
      # Less of a base than this share of the raw rice is its seasoning.
      LEAST_BASE = 0.05
      # Bulk of a base, g/mL, with its gravy in it.
      BASE_G_ML = 1.0

      # `request`: a Request of a sealed method; `vessel`: its RiceVessel.
      def initialize(request, vessel = RiceVessel.of(request))
        @request = request
        @layered = request.in_layers
        @base = @layered.base
        @pot = vessel.vessel
        @contents = vessel.contents
        @dried_g = vessel.dried_g
        @others = FoodLoad.of(@contents)
      end

      # Attributes of Pot::Load: water, heat, room, gravy and the stack.
      def to_h
        { brought_g: brought_g, poured_g: 0.0, drink_g: 0.0, solids_j_k: 0.0, poured_ml: 0.0,
          bulk_ml: tiers.sum(&:bulk_ml), dried_g: @dried_g, bound_g: bound_g,
          residue_g: @base.residue_g, kept_g: kept_g,
          stack: Pot::Stack.new(tiers: tiers) }
      end

      # Gravy that the rice leaves, in g: what is wanted of it, and round rice that is done already all that
      # does not wick to it.
      def kept_g
        return @base.residue_g unless @layered.done_already?

        [brought_g - wicks_g, @base.residue_g].max
      end

      # Water that rice near the base takes up until it is soft, in g (docs/model.md: Layers under a seal).
      def wicks_g
        columns = @request.grain.uptake
        near_share * @request.rice_g * (columns[:soft] - columns[:standard])
      end

      # All of the base as it is layered, in g; what only seasons the pot is no layer.
      def base_g
        food_g = @contents.mass_g
        @base.g + (food_g < LEAST_BASE * @request.rice_g ? 0.0 : food_g)
      end

      # Free water of base, what lies beside it and what is laid on the rice, g; dry food in it
      # drinks first.
      def brought_g
        base_water_g + @layered.layers.sum { |wish| FoodLoad.water_g(wish.contents) }
      end

      private

      # Share of the rice that lies within WICKS_MM of a layer of base.
      def near_share
        spans = Pot::Stack.new(tiers: tiers).spans(@pot, cooked_ml)
        places = tiers.zip(spans)
        places.each_with_index.sum(0.0) do |(tier, (from, to)), at|
          next 0.0 unless tier.rice? && to > from

          sides = [at - 1, at + 1].count { |other| other >= 0 && wet?(tiers[other]) }
          tier.rice_share * [sides * WICKS_MM / (to - from), 1.0].min
        end
      end

      def wet?(tier)
        !tier.nil? && tier.water_share.positive?
      end

      def cooked_ml
        grain = @request.grain
        @request.rice_g * (1 + grain.uptake[:standard]) / grain.cooked_g_ml
      end

      def base_water_g
        [@base.water_g + @others[:brought_g] - @others[:drink_g] - bound_g, 0.0].max
      end

      # Water of the base that is bound in its sauce, in g.
      def bound_g
        FoodLoad.bound_g(@contents)
      end

      # Pot::Tier from the floor up; what is thin belongs to the layer under it, the first to
      # the one over it.
      def tiers
        @tiers ||= lots.map { |main, thin| tier(main, thin) }.select { |one| there?(one) }.freeze
      end

      def lots
        thick = @layered.layers.reject { |wish| wish.kind.thin }
        at = -1
        thin = @layered.layers.each_with_object(Hash.new { |hash, key| hash[key] = [] }) do |wish, found|
          wish.kind.thin ? found[[at, 0].max] << wish : at += 1
        end
        thick.each_with_index.map { |wish, i| [wish, thin[i]] }
      end

      # A layer of 0 g is none: it can be neither warmed nor cooled.
      def there?(tier)
        tier.rice? || tier.g.positive?
      end

      def tier(main, thin)
        what = main.what
        food = what == LayerKinds::BASE ? base(main.share) : laid(main)
        on_it = thin.map { |wish| laid(wish) }
        Pot::Tier.new(what: what, rice_share: what == LayerKinds::RICE ? main.share : 0.0,
                      kept_share: what == LayerKinds::BASE ? main.share : 0.0,
                      start_c: start_c(what), cut: cut(main),
                      **sum([food, *on_it]))
      end

      def sum(parts)
        whole = %i[g solids_j_k bound_g bulk_ml].to_h { |key| [key, parts.sum { |part| part[key] }] }
        water_g = parts.sum { |part| part[:water_g] }
        whole.merge(water_share: brought_g.zero? ? 0.0 : water_g / brought_g)
      end

      def base(share)
        g = base_g * share
        water_g = base_water_g * share
        dry_g = [(@base.g * share) - (@base.water_g * share), 0.0].max
        { g: g, water_g: water_g, bound_g: (@base.raw ? 0.0 : BOUND * g) + (bound_g * share),
          solids_j_k: (dry_g * Pot::MOIST_FOOD_J_G_K) + (@others[:solids_j_k] * share),
          bulk_ml: (@base.g * share / BASE_G_ML) + (@others[:bulk_ml] * share) }
      end

      # What a vessel of its own gives to it.
      def laid(wish)
        load = FoodLoad.of(wish.contents)
        { g: wish.contents.mass_g, water_g: load[:brought_g], bound_g: 0.0, solids_j_k: load[:solids_j_k],
          bulk_ml: wish.contents.mass_g / wish.kind.g_ml }
      end

      def start_c(what)
        return RICE_C if what == LayerKinds::RICE

        what == LayerKinds::BASE ? @base.start_c : Base::COOKED_C
      end

      # Raw food has to be safe and tender; what was cooked and went cold, hot again.
      def cut(wish)
        return laid_cut(wish.kind) unless wish.what == LayerKinds::BASE
        return unless base_g.positive?

        Pot::Cut.new(shape: @base.shape, mm: @base.piece_mm, safe_c: safe_c, tender_min: tender_min)
      end

      def safe_c
        return [@base.food, *raw_beside].compact.filter_map(&:core_c).max if @base.raw

        @base.start_c < SERVED_C ? REHEATED_C : nil
      end

      def tender_min
        return 0.0 unless @base.raw

        [@base.food&.tender_min.to_f, *raw_beside.map(&:tender_min)].max.to_f
      end

      # Raw food beside the base's own (BaseFood).
      def raw_beside
        @request.in_base.flat_map { |addition| addition.ingredient.care }.uniq
                .filter_map { |care| BaseFoods.of_care(care) }
      end

      def laid_cut(kind)
        return unless kind.meat

        Pot::Cut.new(shape: "flat", mm: LAID_MM, safe_c: nil, tender_min: 0.0)
      end
    end
  end
end
