# frozen_string_literal: true

require_relative "../../kit/vessel_kind"
require_relative "../words/certainty"
require_relative "../lines/cooked_rice"
require_relative "../lines/line_sorts"
require_relative "rice_base"
require_relative "rice_crust"
require_relative "../lines/rice_line"

module FondKettle
  module Reading
    # By which way a text cooks its rice (the key of a method): by what is done with it, and in what.
    class WayReader
      SUSHI = /\bsushi\b(?!\s+(?:rice|grain))|\bvinegar\b.*\brice\b|\brice\b.*\bvinegar\b/i
      SUSHI_RICE = /\bsushi\s+(?:rice|grain)\b/i
      VINEGAR = /\bvinegar\b/i
      LEAVES = /\b(?:leaf|leaves|parcels?)\b/i
      OPEN = /\b(?:open|uncovered|no\s+lid|without\s+(?:a\s+)?lid)\b/i
      # What stands on its own once it is turned out.
      CAKE = /\b(?:cake|crust|invert|upturn|unmou?ld|mould|in\s+one\b|turn\s+the\s+pot\s+out|
              line\s+(?:the|a)\s|
              (?:bottom|base|floor)\s+of\s|
              (?:plate|platter|dish)\s+over|over\s+(?:it|the\s+pot))/ix
      # What is laid on the rice while it cooks.
      LAYS = %w[lay-in stir sprinkle].freeze
      LAID = %w[lay-in layer].freeze

      # Rice that was only drained stands for less, min.
      LONG_MIN = 15
      PLENTY = /\b(?:plenty|lots)\s+of\b|\bboiling\s+salted\b|\bsalted\s+(?:boiling\s+)?water\b/i
      BROTH = /\bbroth\b/i
      NOT_MIXED = /\b(?:do\s+not|don't|never|without)\s+(?:mix|stir)/i
      # By these there is a sauce in the pot before the rice.
      SIMMERS = %w[simmer reduce].freeze

      # `steps`: ReadSteps; `lines`: ReadLines; `kinds`: of the vessels by key; `own`: the rice's vessel.
      def initialize(steps, lines, kinds, own)
        @steps = steps
        @lines = lines
        @kinds = kinds
        @own = own
        @base = RiceBase.new(steps, lines, own)
        @crust = RiceCrust.new(steps, lines, @base)
        @all = steps.map { |step| step.clause.say }.join(". ")
      end

      # [key of a method, its Certainty]
      def method
        found = RULES.find { |_, test| instance_exec(&test) }&.first
        sure = found ? SURE.include?(found) && !floor? : @base.none?
        [found || "covered-pot", sure ? Certainty::IMPLIED : Certainty::SHARED]
      end

      # Of these nobody has to ask.
      SURE = %w[sushi leaf-parcels steamed-sticky turned-out boil-and-drain oven-pilaf sealed-raw-base
                sealed-cooked-base rice-cooker].freeze
      # The first that fits counts.
      RULES = {
        "sushi" => -> { sushi? },
        "leaf-parcels" => -> { done?("wrap") && @all.match?(LEAVES) },
        "steamed-sticky" => -> { steamed? },
        "shaped" => -> { done?("shape") && !done?("layer", "turn-out") && !baked? },
        "turned-out" => -> { turned_out? },
        "sealed-raw-base" => -> { done?("par-boil") && laid_over? && @base.raw? && !@crust.alone? },
        "sealed-cooked-base" => -> { done?("par-boil") && laid_over? },
        "boil-and-drain" => -> { boiled_and_drained? },
        "layered-cooked-rice" => -> { layered? && cooked_rice? },
        "oven-pilaf" => -> { baked? },
        "mixed-rice" => -> { laid? && (cooker? || (@all.match?(NOT_MIXED) && done?("fold"))) },
        "rice-cooker" => -> { cooker? },
        "open-then-covered" => -> { opened? && with("low").any? && !broth? },
        "broth-under-rice" => -> { broth? },
        "one-pot-sauce" => -> { base_simmers? },
        "toasted-pilaf" => -> { fries_first? }
      }.freeze

      private

      def sushi?
        return true if @steps.any? { |step| step.clause.say.match?(SUSHI) }

        return false unless done?("dress")

        @all.match?(SUSHI_RICE) || (done?("cool") && @lines.any? { |line| line.text.match?(VINEGAR) })
      end

      def done?(*kinds)
        @steps.any? { |step| kinds.include?(step.kind) }
      end

      def with(kind)
        @steps.select { |step| step.kind == kind && %w[in with].include?(step.rice) }
      end

      # True where the rice itself is baked.
      def baked?
        with("bake").any? { |step| step.vessel == @own }
      end

      # True where the rice boils for a while without its lid.
      def opened?
        with("reduce").any? || with("boil").any? do |step|
          (step.clause.minutes || step.clause.until) && step.clause.say.match?(OPEN)
        end
      end

      # True where it is turned out as a cake, or with what was laid on the floor of its pot: else it only is
      # served so.
      def turned_out?
        done?("turn-out") && (@all.match?(CAKE) || LAID.include?(@base.steps.last&.kind))
      end

      def steamed?
        @steps.any? { |step| step.kind == "steam" && step.takes.any? { |index, _| @lines[index].grain } } ||
          (done?("steam") && @lines.any? { |line| line.grain == "glutinous" })
      end

      def cooked_rice?
        @lines.any? { |line| line.grain && line.text.match?(CookedRice::COOKED) }
      end

      def layered?
        @steps.any? { |step| step.kind == "layer" } || @steps.count do |step|
          step.rice == "in"
        end > 1 || done?("seal") ||
          @all.match?(/half\s+(?:of\s+)?the\s+rice/i)
      end

      # "Boil the rice for 2 minutes, drain; the milk over it, 2 hours in the oven."
      def baked_in_milk?
        rice_g = RiceLine.of(@lines)&.g.to_f
        thin = @lines.select { |line| line.ingredient && LineSorts::THIN.means?(line.ingredient) }
        thin.sum { |line| line.g.to_f } > 2 * rice_g && baked?
      end

      def boiled_and_drained?
        return false if baked_in_milk? || done?("wrap")

        (done?("par-boil") && !laid_over?) || poured_off?
      end

      # "Cook the rice in plenty of water, drain."
      def poured_off?
        @steps.each_cons(2).any? do |step, after|
          step.rice == "in" && after.kind == "drain" && step.clause.say.match?(PLENTY)
        end
      end

      # True where boiled rice is laid on food, or steams long on a crust.
      def laid_over?
        return false if baked_in_milk? || (@crust.bare? && steamed_long?)
        return true if layered?

        @steps.any? { |step| step.rice == "in" } && (steamed_long? || @base.steps.any? { |step| food?(step) })
      end

      # True where the rice lies at the bottom, all of it, and what goes on it is laid on later: no way is
      # quite that.
      def floor?
        laid = @steps.select { |step| step.rice == "in" }
        laid.size == 1 && laid.first.kind == "layer" && laid.first.takes.empty? &&
          @base.none? && @base.steps.flat_map(&:from).empty?
      end

      def food?(step)
        step.takes.any? { |index, _| @crust.over?(@lines[index]) }
      end

      def steamed_long?
        low = @steps.select { |step| step.rice == "with" && %w[low steam bake].include?(step.kind) }
        low.sum { |step| step.clause.minutes.to_f } >= LONG_MIN
      end

      def cooker?
        @kinds[@own] == Kit::VesselKinds::COOKER.key || @all.match?(/\bpress\s+the\s+button|\bprogramme\b/i)
      end

      def laid?
        @steps.any? { |step| step.rice == "with" && LAYS.include?(step.kind) && step.takes.any? } ||
          @all.match?(/on\s+top|don't\s+mix|do\s+not\s+mix/i)
      end

      # Meat is simmered in water in the rice's pot, and the rice is laid upon it.
      def broth?
        @base.steps.any? do |step|
          %w[simmer broth].include?(step.kind) &&
            ((step.clause.minutes || 0) >= 30 || step.clause.say.match?(BROTH))
        end && with_rice_on_top?
      end

      def with_rice_on_top?
        @steps.any? do |step|
          step.rice == "in" && step.clause.say.match?(/\b(?:spread|over|upon|do\s+not\s+stir|broth)\b/i)
        end
      end

      def base_simmers?
        kinds = @base.steps.map(&:kind)
        kinds.intersect?(SIMMERS) || (kinds.include?("boil") && kinds.include?("fry"))
      end

      def fries_first?
        @base.steps.any? { |step| %w[fry toast].include?(step.kind) } ||
          @steps.any? { |step| step.rice == "in" && step.clause.say.match?(/\b(?:fry|toast|glisten|coat)/i) }
      end
    end
  end
end
