# frozen_string_literal: true

require_relative "../../care/kind"
require_relative "../method"
require_relative "../moments"
require_relative "../request/provision"
require_relative "base_placement"
require_relative "raw_to_rice"

module FondKettle
  module Methods
    # Place of everything beside rice and liquid: each Provision of a request at one task of the phase in
    # which it is cooked, by the step that names it, or by its properties and the kinds of the steps; never by
    # names or words.
    class IngredientPlacement
      STIR_IN = "stir-in"
      TOPPED = "topped"
      # Stages of what goes into water that is poured off before the rice is layered.
      BOILED = %w[liquid boiled late].freeze
      PAR_BOIL = "par-boil"
      # What is stirred into the liquid, not laid on the rice.
      SEASONS = [Slots::SALT, Slots::SPICE].freeze

      # `request` in the phase `text` (PhaseText), the `last` of its method or one before it.
      def initialize(request, text, last:)
        @request = request
        @text = text
        @provisions = own(request.provisions, last)
        @at = @provisions.group_by { |provision| place(provision) }
      end

      # Stages of the base, without those of which nothing is there: no meat, no browning. Where
      # nobody has said what goes in, all of them.
      def base
        @base ||= @text.base.reject do |stage|
          stage.slot && !stage.always && @provisions.any? && at(stage).empty? && !chosen?(stage)
        end
      end

      # Provisions that go in at a StageText of base, between or after, at one in whose minutes they boil with
      # the rice, or at :fill (with the rice), :liquid (with the model's own liquid), :finish (into the done
      # rice) or :serve.
      def at(place)
        @at.fetch(place.is_a?(StageText) ? place.key : place, [])
      end

      # Provisions of the steps that are not in the rice's pot, but for what goes into it raw: that is cooked
      # with the rice, and measured then.
      def apart
        @apart ||= begin
          stages = @text.base.select { |stage| stage.moment == Moments::APART }
          raw = RawToRice.new(@request.made_in, stages)
          stages.reject { |stage| raw.stage?(stage) }.flat_map { |stage| at(stage) }.freeze
        end
      end

      # True when there is something to lay or stir the rice on.
      def on_base?
        base.any? { |stage| Care::Kinds.fetch(stage.kind).takes && stage.moment != Moments::APART }
      end

      # True when something besides seasoning goes in with the rice.
      def on_top?
        at(:fill).any? { |provision| !SEASONS.include?(provision.slot) }
      end

      # True when food that goes in with the rice lies on top of it.
      def topped?
        @text.fill == TOPPED && on_top?
      end

      private

      # The last phase takes everything, but for what goes in while the rice soaks, and into water
      # that is poured off before.
      def own(provisions, last)
        return last ? provisions : [] if @request.method.phases.one?

        before, rest = provisions.partition { |provision| before?(provision) }
        last ? rest : before
      end

      def before?(provision)
        if provision.step
          soaking = @request.method.last_phase.between.select { |stage| stage.moment == Moments::SOAK }
          return soaking.any? { |stage| stage.key == provision.step }
        end

        @request.method.sealed? && in_water?(provision)
      end

      def in_water?(provision)
        BOILED.include?(provision.stage) || (provision.stage == "with" && provision.slot == Slots::SALT)
      end

      def chosen?(stage)
        stage.slot == "onion" && !@request.choices.onion.nil?
      end

      def place(provision)
        return provision.step if provision.step

        case provision.stage
        when "base" then in_base(provision)
        when "with" then with_rice(provision)
        when *BOILED then boiled(provision)
        when "layer", "left", "finish" then later(provision)
        else :serve
        end
      end

      # In water that is poured off before the rice is layered: as it is heated, with the rice, or later.
      def boiled(provision)
        return :liquid if provision.stage == "liquid"

        late = @text.stages.find { |stage| stage.kind == PAR_BOIL } if provision.stage == "late"
        late ? late.key : :fill
      end

      # What is laid in is there once it is made, what is strewn on when the last step is.
      def later(provision)
        stage = provision.stage
        return finishing(provision) if stage == "finish"

        making(provision)&.key || stage.to_sym
      end

      # The step that makes what is laid in.
      def making(provision)
        @text.base.find { |stage| stage.slot == provision.slot } unless provision.slot == Slots::ANY
      end

      # The step of its own slot, else the first where that takes anything. Nothing but a dressing goes into
      # hot rice that is being dressed: anything else, raw fish too, comes to the cooled rice on the table.
      def finishing(provision)
        stages = @request.method.after.select do |stage|
          kind = Care::Kinds.fetch(stage.kind)
          kind.takes && kind.finishes
        end
        own = stages.find { |stage| stage.slot == provision.slot }
        own ||= stages.first unless @request.method.dressed
        own&.key || (@request.method.dressed ? :serve : :finish)
      end

      def in_base(provision)
        base_placement.stage(provision.slot)&.key || :fill
      end

      def base_placement
        @base_placement ||= BasePlacement.new(@text.base, @provisions.map(&:slot))
      end

      def with_rice(provision)
        (base_placement.boiling if provision.slot == Slots::SALT)&.key || :fill
      end
    end
  end
end
