# frozen_string_literal: true

require_relative "../../care/task"
require_relative "../loads/base_cooking"
require_relative "../placing/filling_text"
require_relative "../placing/lots"
require_relative "../method"
require_relative "../placing/provided_amounts"
require_relative "poured_amounts"
require_relative "water_amounts"
require_relative "../placing/ingredient_placement"

module FondKettle
  module Methods
    # Amounts of each task of one phase (Care::Amount), each once and at the first task that needs it: rice at
    # its washing or toasting, liquid where it is heated or becomes a broth, the rest as IngredientPlacement
    # places it.
    class TaskAmounts
      # Sections that are done once for all rounds, and kinds in them that are done in each; kinds of
      # finishing.
      ONCE = %w[base after finish soak rest].freeze
      EACH_ROUND = %w[heat-liquid heat-steamer toast].freeze
      FINISHES = %w[fold serve].freeze
      # What pieces are filled with, where nobody said what it is.
      FILLING = "filling"

      # `text` (PhaseText) solved as `phase`; `words`: its TaskWords. Raw rice goes into the `first` phase,
      # food beside it into the `last`.
      def initialize(request, text, phase, words, first:, last:)
        @request = request
        @text = text
        @phase = phase
        @words = words
        @first = first
        @water = WaterAmounts.new(request, phase, words)
        @whereto = IngredientPlacement.new(request, text, last: last)
        @lots = Lots.new(request, phase)
        @poured = PouredAmounts.new(request)
        @poured_at_rice = last ? @poured.at_rice : []
        @provided = ProvidedAmounts.new(phase, @whereto, @lots)
      end

      # WaterAmounts.
      attr_reader :water

      # Stages of the base that have something to do.
      def base
        @whereto.base
      end

      # True for a StageText that is done once, whatever the rounds. The rice's own stages are done in each.
      def once?(stage)
        return false if stage.takes?("rice") || EACH_ROUND.include?(stage.kind)

        ONCE.include?(stage.section) || Moments::OUT_OF_POT.include?(stage.moment)
      end

      # Amounts at a StageText before the rice, between phases or after it.
      def at(stage)
        puts = @water.below(stage)
        puts.concat(rice(stage.kind)) if rice_at?(stage)
        puts.concat(filling_of(stage))
        puts.concat(liquid) if stage.equal?(taking("liquid"))
        once = once?(stage)
        puts + provided(stage, stage.kind, moment(stage), once: once) + @poured.at(stage, @lots.times(once))
      end

      # Amounts at a StageText with the rice in its vessel: the water that is sprinkled over it, and the
      # boiling water that goes under it (TopUp, or nil), and what boils with it for the last minutes.
      def with_rice(stage, top_up)
        [*(@water.sprinkled if stage.sprinkle), *@water.topped(top_up), *provided(stage, stage.kind)]
      end

      # Names of what lies with the rice only for its scent.
      def scents
        @whereto.at(:fill).select { |provision| provision.slot == Slots::SCENT }.map(&:what)
      end

      # The pot, of several equal ones, that the amounts of a task of this kind are for; nil when there is
      # one. `stage`: its StageText.
      def lot(kind, stage = nil)
        @lots.say(kind, stage && moment(stage), once: stage ? once?(stage) : FINISHES.include?(kind))
      end

      # Amounts at a task of the planner's own, by its key.
      def common(key)
        case key
        when "rinse" then [*rice(key), *rinsing]
        when "soak" then soaking
        when "heat-liquid", "kettle" then @request.soaks_in_liquid? ? [] : liquid
        when "fill" then filling + @poured_at_rice
        when "layer" then [*provided(:fill, key), *provided(:layer, key), *@poured_at_rice]
        when "fold", "strew" then provided(:finish, "fold", once: true)
        when "serve" then provided(:serve, key, once: true)
        else []
        end
      end

      # Key of what filling is to say (TaskTexts); `hot`: the liquid stands hot in another pot.
      def filling_text(hot:)
        FillingText.new(@request, @text, self, @whereto).key(hot: hot)
      end

      # Provisions of steps before the rice that are not in its pot.
      def apart
        @whereto.apart
      end

      # Provisions of a base that is cooked, and measured, before it is sealed in.
      def cooked_before
        return [] unless BaseCooking.new(@request).any?

        @whereto.base.select { |stage| Care::Kinds.fetch(stage.kind).heats? }
                .flat_map { |stage| @whereto.at(stage) } - apart
      end

      # Provisions of a StageText.
      def provisions(stage)
        @whereto.at(stage)
      end

      # Food that goes in with the rice (Care::Amount).
      def others
        provided(:fill, "fill")
      end

      # The filling text's phrase for whatever else goes in then.
      def filled_with
        any = others.any?
        on_top = "on top, what else goes in now" if @whereto.on_top?
        { on_top: on_top, others: any ? " and the rest" : "", too: any ? ", put in the rest" : "",
          and_liquid: any ? ", the liquid and the rest" : " and the liquid" }
      end

      # True when the rice goes into the base.
      def rice_in?
        !taking("rice").nil?
      end

      # True when the liquid goes into the base.
      def liquid_in?
        !taking("liquid").nil?
      end

      # True when some liquid is heated in a pot or kettle of its own.
      def hot_apart?
        return false if @text.liquid_c.nil? || @text.steamed || liquid_in?

        @phase.liquid_g.round.positive? || @whereto.at(:liquid).any?
      end

      private

      # The moment of a StageText; what is done in another vessel than the rice's is done once for all pots.
      def moment(stage)
        @request.made_in&.beside?(stage.key) ? Moments::APART : stage.moment
      end

      # The first stage of the base that takes rice or liquid, or nil; what is sprinkled goes in later.
      def taking(what)
        return if @text.steamed && what == "liquid"

        base.find { |stage| stage.takes?(what) }
      end

      # Washed rice was measured before.
      def rice_at?(stage)
        own = @request.made_in&.washed
        own ? stage.key == own : !washed? && stage.equal?(taking("rice"))
      end

      def washed?
        @request.rinse_changes.positive? || @request.soak_min.positive?
      end

      def filling
        poured = provided(:liquid, "fill") if @text.steamed
        poured ||= liquid unless liquid_in? || @request.soaks_in_liquid? || hot_apart?
        [*(rice("fill") unless washed? || rice_in?), *poured, *others,
         *provided(:layer, "layer")]
      end

      def soaking
        first = (rice("soak") unless @request.rinse_changes.positive?)
        return [*first, *(liquid unless liquid_in?)] if @request.soaks_in_liquid?

        [*first, *@water.soaking]
      end

      # Nobody measures it.
      def rinsing
        @water.rinsing
      end

      def rice(kind)
        return [] unless @first

        grams = @phase.load.rice_g
        [Care::Amount.of(key: @request.grain.key, what: @request.grain.name, g: grams,
                         measured: @words.rice_in_cups,
                         told: @words.told_rice(@lots.pots(kind)))]
      end

      # The model's own and whatever else is poured with it.
      def liquid
        off_g = @phase.off_g
        eaten_g = @words.poured_g - off_g
        name = @words.liquid_name
        eaten = Care::Amount.of(key: @words.liquid_key, what: name, g: eaten_g,
                                measured: @words.in_cups(eaten_g), told: @words.told_liquid)
        [*(eaten if @words.pours_own?),
         *(@water.left(name, off_g, key: @words.liquid_key) if off_g.positive?),
         *provided(:liquid, "fill")]
      end

      def provided(place, kind, moment = nil, once: false)
        @provided.at(place, kind, moment, once: once, watered: in_water?(place))
      end

      def filling_of(stage)
        return [] unless stage.section == "after" && Pieces::FILLED.include?(stage.kind)

        portions = Pieces.new(@request, @phase)
        return [] unless @request.making.filling_g&.positive?

        grams = portions.filling_g_each * portions.count
        measured = @request.measures.weighed(grams)
        [Care::Amount.of(key: FILLING, what: "Filling", g: grams, measured: measured,
                         told: "#{measured} filling")]
      end

      def in_water?(place)
        place == :fill || place.equal?(taking("liquid"))
      end
    end
  end
end
