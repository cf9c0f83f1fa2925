# frozen_string_literal: true

require_relative "../care/kind"
require_relative "../methods/library"
require_relative "../methods/moments"
require_relative "../vessels/fry_states"
require_relative "dish"
require_relative "dish_step"
require_relative "line"
require_relative "vessels/vessel_words"

module FondKettle
  module Dishes
    # A method with a dish's own steps in place of its base, between its stages and after its
    # finish.
    class OwnSteps
      WHY = "As this dish is made."
      BOILING_C = Methods::PhaseText::BOILING_C
      # An oven of which nobody says how hot it is, °C.
      USUAL_OVEN_C = 180.0
      # Kinds of steps that fry to a state, and where their words say to which.
      STATE_KINDS = %w[fry reduce].freeze
      TAKE_OUT = "take-out"
      UNTIL = /\b(?:until|till|to a|to)\b.*/i
      HEATS_LIQUID = Methods::StageText::TAKES.fetch("liquid")
      # Kinds of steps that divide the rice, and that mix something into it.
      PIECES = %w[shape wrap].freeze
      MIXED_IN = %w[fold mix].freeze
      # Kinds of which a method reckons what is to be done, and how long.
      RECKONED = [*PIECES, "cool", "turn-out"].freeze
      DRESS = "dress"
      PAR_BOIL = "par-boil"
      BOIL = "boil"
      HEAT_LIQUID = "heat-liquid"
      TOAST = "toast"
      # Kinds of a method's base that stay where the dish has none: without them rice or
      # liquid is not ready.
      NEEDED = ["heat-liquid", "heat-steamer", TOAST, Methods::PhaseText::BROTH].freeze

      # The Method of `dish`, which keeps its own base where the dish says nothing.
      # `made_in`: the vessels of a dish that is made in several (Methods::MadeIn), or nil.
      def self.method(method, dish, made_in = nil)
        new(method, dish, made_in).method
      end

      # Keys by index, each made once.
      KEYS = Hash.new { |keys, index| keys[index] = "dish-#{index + 1}".freeze }
      private_constant :KEYS

      # The key of the stage that a dish's step of this index becomes.
      def self.key(index)
        KEYS[index]
      end

      # The arguments are those of `method`.
      def initialize(method, dish, made_in = nil)
        @method = method
        @dish = dish
        @made_in = made_in
        @steps = dish.steps.each_with_index.map { |step, index| [step, stage(step, index)] }
      end

      # Result of `method`: a Methods::Method.
      def method
        last = @method.last_phase
        own = base
        last = last.with(base: own.empty? ? last.base : [*own, *unreplaced(last.base, own)].freeze,
                         between: between, liquid_c: last.liquid_c || (BOILING_C if made_hot?(own)))
        @method.with(phases: [*@method.phases[0...-1], last].freeze,
                     after: after.freeze)
      end

      private

      def of(stage)
        @steps.select { |step, _| step.stage == stage }.map(&:last)
      end

      def base
        of("base")
      end

      # What a dish does itself stands where the method would do it; anything else comes after that.
      def after
        own = of("finish").group_by(&:kind)
        placed = @method.after.flat_map do |stage|
          own.delete(stage.kind)&.map { |done| reckoned(done, stage) } || [stage]
        end
        before_pieces(placed, of("finish").select { |stage| own.key?(stage.kind) }).uniq
      end

      # What the method reckons is done as it has it, in the cook's minutes.
      def reckoned(done, stage)
        return done unless RECKONED.include?(stage.kind) || (stage.kind == DRESS && usual_dressing?)

        stage.with(key: done.key, minutes: done.minutes.positive? ? done.minutes : stage.minutes)
      end

      # True where no line of the dish is a dressing of its own.
      def usual_dressing?
        @method.dressed && @dish.lines.none? do |line|
          Methods::Slots.of(line.ingredient) == Methods::Dressing::SLOT
        end
      end

      # What is mixed into the rice is mixed in before that is divided.
      def before_pieces(stages, own)
        at = stages.index { |stage| PIECES.include?(stage.kind) } || stages.size
        mixed = (own.rindex { |stage| MIXED_IN.include?(stage.kind) } || -1) + 1
        [*stages.take(at), *own.take(mixed), *stages.drop(at), *own.drop(mixed)]
      end

      def between
        @steps.select { |step, _| step.between? }.map(&:last).freeze
      end

      def made_hot?(own)
        own.any? { |stage| HEATS_LIQUID.include?(stage.kind) }
      end

      # A house's own step replaces the method's of its kind.
      def unreplaced(stages, own)
        kinds = own.map(&:kind)
        liquid_in = own.any? { |stage| stage.takes?("liquid") }
        needed = @dish.graph.rolls? ? NEEDED - [TOAST] : NEEDED
        stages.select { |stage| needed.include?(stage.kind) && !kinds.include?(stage.kind) }
              .reject { |stage| liquid_in && stage.takes?("liquid") }
      end

      def stage(step, index)
        liquid = liquid?(index)
        own = { key: OwnSteps.key(index), section: step.stage, kind: kind(step, index, liquid),
                say: plain(said(step, index)),
                minutes: step.minutes, hands_on: step.hands_on, why: WHY, cue: cue(step),
                oven_c: oven_c(step), moment: moment(step, index), own: true, state: state(step, index),
                takes: liquid ? %w[liquid].freeze : [].freeze }
        Methods::StageText.new(**Methods::Library::BLANK_STAGE, **own)
      end

      # The state to which it fries or cooks down, by the dish or by the cook's words, or nil.
      def state(step, index)
        return unless STATE_KINDS.include?(step.kind)

        told = @made_in&.step(OwnSteps.key(index))&.state
        return told if told && Vessels::FryStates.all.key?(told)

        Vessels::FryStates.in_words(step.cue)&.key || Vessels::FryStates.in_words(step.say[UNTIL].to_s)&.key
      end

      # How hot the oven is for a step in one, °C.
      def oven_c(step)
        return unless Care::Kinds.fetch(step.kind).oven?

        step.oven_c || @dish.way.oven_c || USUAL_OVEN_C
      end

      def liquid?(index)
        main = @dish.main_liquid
        return false if main.nil?

        @dish.claims[index].any? { |claim| @dish.lines[claim.index].equal?(main) }
      end

      # What boils in the liquid that cooks the rice is a broth for it; nothing under a seal
      # or beside a steamer is.
      def kind(step, index, liquid)
        return step.kind if apart_from_rice?(index)

        if @method.sealed? || @method.steamed?
          return step.kind == Methods::PhaseText::BROTH ? Methods::SIMMER : step.kind
        end

        boils = liquid && step.stage == "base" && Care::Kinds.fetch(step.kind).boils
        boils ? boiled(step) : step.kind
      end

      # What only comes to the boil is made hot.
      def boiled(step)
        step.kind == BOIL && step.minutes.zero? ? HEAT_LIQUID : Methods::PhaseText::BROTH
      end

      # True where it is done in another vessel than the rice's.
      def apart_from_rice?(index)
        place = @made_in&.step(OwnSteps.key(index))
        !place.nil? && place.vessel != @made_in.rice_vessel.key
      end

      # Its words, with the vessel before them where it is not the rice's.
      def said(step, index)
        return step.say unless apart_from_rice?(index) && !VesselWords::NOWHERE.include?(step.kind)

        VesselWords.in(@made_in.vessel(where(step, @made_in.step(OwnSteps.key(index)))), step.say)
      end

      # Where hands are at work: what is taken out is taken out of its vessel.
      def where(step, place)
        step.kind == TAKE_OUT && place.from.one? ? place.from.first.vessel : place.vessel
      end

      def moment(step, index)
        return step.at_min if step.stage == "minute"
        return step.stage if step.between?

        Methods::Moments::APART if step.stage == "base" && apart?(index)
      end

      def apart?(index)
        stages = @dish.claims[index].map(&:stage)
        stages.any? && !stages.intersect?(Line::IN_POT)
      end

      def cue(step)
        plain(step.cue.empty? ? DONE : step.cue)
      end

      # A cook's words are not a template.
      def plain(text)
        text.gsub("%{", "% {")
      end
    end
  end
end
