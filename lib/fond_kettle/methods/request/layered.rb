# frozen_string_literal: true

require_relative "../../care/cautions"
require_relative "../../ground/value"
require_relative "../../pot/piece"
require_relative "../../vessels/contents"
require_relative "../../vessels/food"
require_relative "../base_foods"
require_relative "../layer_kinds"

module FondKettle
  module Methods
    # What lies under and between the rice of a sealed pot; `g` all of it, `water_g` the free
    # water that it brings, of which `residue_g` should stay as gravy. `meat` (a key of
    # BaseFoods) is in it, `meat_g` of it, `raw` or not, in pieces of `piece_mm` and of a
    # `shape` of Pot::Piece; `start_c`: how warm it goes in. `assumed`: nobody said what it is.
    Base = Value.define(:g, :meat, :meat_g, :raw, :water_g, :start_c, :residue_g, :piece_mm, :shape,
                        :assumed) do
      # A raw base keeps so much gravy for each g of its meat (docs/model.md: Par-cooking and the sealed pot).
      const_set(:GRAVY_PER_G, 0.25)
      # °C that a base goes in at: raw from the refrigerator, cooked still hot.
      const_set(:RAW_C, 5.0)
      const_set(:COOKED_C, 80.0)

      # A LayerBase with what is `known` (nil: not known); the other attributes take their usual values.
      def self.of(g:, raw:, **known)
        known = known.compact
        meat = known[:meat]
        meat_g = known.fetch(:meat_g, meat ? g - known.fetch(:water_g, 0.0) : 0.0)
        brings = raw && meat ? BaseFoods.fetch(meat).brings : 0.0
        usual = { meat: nil, meat_g: meat_g, water_g: meat_g * brings,
                  start_c: raw ? self::RAW_C : self::COOKED_C,
                  residue_g: raw ? self::GRAVY_PER_G * meat_g : 0.0,
                  piece_mm: Pot::Piece::USUAL_MM, shape: Pot::Piece::USUAL_SHAPE, assumed: false }
        new(g: g, raw: raw, **usual, **known)
      end

      # The BaseFood in it, or nil.
      def food
        meat && BaseFoods.fetch(meat)
      end

      # The name as a cook reads it.
      def name
        return "Base" unless food && meat_g.positive?

        raw ? "Raw base with #{food.word}" : "Base with #{food.word}"
      end

      # `factor` times as much of it.
      def times(factor)
        with(g: g * factor, meat_g: meat_g * factor, water_g: water_g * factor,
             residue_g: residue_g * factor)
      end
    end

    # One layer as it is asked for: `what` (a key of LayerKinds), a `share` of rice or base, or
    # `g` of anything else (nil: as much as is usual); `say`: the cook's words for it, or nil.
    LayerWish = Value.define(:what, :share, :g, :say) do
      # A LayerWish of the given attributes; nobody has words for it.
      def self.of(what, share: nil, g: nil, say: nil)
        new(what: what, share: share, g: g, say: say)
      end

      # Its LayerKind.
      def kind
        LayerKinds.fetch(what)
      end

      # What is laid in (Vessels::Contents): none of rice and base, which are told as shares.
      def contents
        food = kind.food
        return Vessels::Contents.of if kind.share || food.nil? || g.nil?

        Vessels::Contents.of.taking(Vessels::Food.of(food.with(brings: kind.brings), g))
      end

      # The layers with the usual grams for this much rice, where nobody gave any.
      def filled(rice_g)
        kind.share || g ? self : with(g: kind.usual_g * rice_g / 100)
      end
    end

    # A pot of layers as it is asked for: its Base and its layers (LayerWish) from the floor up (nil:
    # what the dish brings, or what is usual), the
    # programme (ProgrammeStage, nil: to be advised, in `steam_min` all told where that is wanted),
    # how far the rice is par-cooked (`done`, nil: to be found).
    Layered = Value.define(:base, :layers, :programme, :done, :steam_min) do
      # What lies in it where nobody says: base below, rice above.
      const_set(:PLAIN, [LayerWish.of(LayerKinds::BASE, share: 1.0),
                         LayerWish.of(LayerKinds::RICE, share: 1.0)].freeze)

      # A Layered with the given attributes; the others are nil.
      def self.of(base: nil, layers: nil, programme: nil, done: nil, steam_min: nil)
        new(base: base, layers: layers&.freeze, programme: programme, done: done, steam_min: steam_min)
      end

      # The base that a method (Method) is assumed to have with this much rice, when nobody says. The
      # `additions` (Addition, nil: nobody said) are the base when there are any.
      def self.usual(method, rice_g, additions)
        usual = method.usual_base
        raw = usual.fetch(:raw)
        return of(base: beside(raw, additions), layers: [*lining(method), *self::PLAIN]) if additions

        base = FondKettle::Methods::Base.of(
          g: usual.fetch(:per_g) * rice_g, meat: usual.fetch(:meat), raw: raw, assumed: true,
          water_g: usual.fetch(:water_per_g) * rice_g
        )
        of(base: base, layers: wishes(method))
      end

      # The layers of a method's file (LayerWish), from the floor up.
      def self.wishes(method)
        return self::PLAIN unless method.layers

        method.layers.map do |row|
          kind = LayerKinds.fetch(row[:what])
          FondKettle::Methods::LayerWish.of(kind.key, share: (row.fetch(:share, 1.0) if kind.share))
        end
      end

      # The lining of the floor, under whatever lies on it.
      def self.lining(method)
        wishes(method).take_while { |wish| wish.kind.thin }
      end
      private_class_method :lining

      # True where the rice is cooked through before it is layered: it asks for nothing.
      def done_already?
        !done.nil? && done >= 1
      end

      # All of it, for so much rice by a method with these `additions`: what nobody said filled in.
      def whole(method, rice_g, additions)
        usual = self.class.usual(method, rice_g, additions)
        layers = (self.layers || usual.layers).map { |wish| wish.filled(rice_g) }
        with(base: base || usual.base, layers: layers.freeze)
      end

      # A base that is nothing but what lies beside the rice.
      def self.beside(raw, additions)
        raw_care = Care::Cautions.surely_raw
        meat_g = additions.select { |one| one.ingredient.care.intersect?(raw_care) }.sum(&:g)
        pieces = additions.filter_map { |one| one.ingredient.piece_mm }
        FondKettle::Methods::Base.of(g: 0.0, raw: raw && meat_g.positive?, meat_g: meat_g,
                                     piece_mm: pieces.max&.to_f)
      end
      private_class_method :beside

      # Classes of raw food in its base as it is laid in, as in an ingredient's care.
      def care
        base.raw ? base_care : []
      end

      # Classes of food in its base, which was raw once.
      def base_care
        [*base.food&.care]
      end

      # The Larder::Ingredients that are laid in beside rice and base.
      def foods
        layers.filter_map { |wish| wish.kind.food }.uniq
      end

      # Allergens of what the base is known to have.
      def allergens
        base.food ? base.food.allergens : []
      end

      # Foods in it whose allergens nobody knows.
      def not_checked
        base.g.positive? ? ["what is in the base"] : []
      end

      # The layers for a batch `factor` times as large.
      def times(factor)
        with(base: base&.times(factor),
             layers: layers&.map { |wish| wish.g ? wish.with(g: wish.g * factor) : wish }&.freeze)
      end
    end

    # A stage of a heat programme: `heat` of a burner for so many minutes, with a flat pan under
    # the pot or without; or an oven.
    ProgrammeStage = Value.define(:heat, :minutes, :flat_pan, :oven_c) do
      # A stage on a burner.
      def self.on(heat, minutes, flat_pan: false)
        new(heat: heat, minutes: minutes.to_f, flat_pan: flat_pan, oven_c: nil)
      end

      # A stage in an oven.
      def self.in_oven(oven_c, minutes)
        new(heat: "off", minutes: minutes.to_f, flat_pan: false, oven_c: oven_c.to_f)
      end

      # The setting of a method's stage: "high", "medium", "low", "off" or "oven".
      def setting
        oven_c ? "oven" : heat
      end
    end
  end
end
