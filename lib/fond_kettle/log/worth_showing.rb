# frozen_string_literal: true

require_relative "../belief/correlated"
require_relative "../belief/scoped"
require_relative "../ground/value"
require_relative "cook_as_held"
require_relative "observation"
require_relative "seen_cook"

module FondKettle
  module Log
    # Something that a cook could show of a pot ("weight", or a cue that is tapped), and by which `share` the
    # water of the next pot like it would be known more closely then.
    Worth = Value.define(:kind, :share)

    # Ranks what a cook could show of a pot by how much it would narrow the water (docs/learning.md: Asked).
    class WorthShowing
      # Less is not asked for, nor what tells less than this share of what tells most.
      LEAST = 0.05
      OF_THE_MOST = 0.5
      CUES = %w[boil dry core-gone].freeze

      # `learned`: Learned; `plan`: Methods::Plan of the pot; `scopes`: of it.
      def initialize(learned, plan, scopes)
        @belief = learned.meeting(scopes, plan.request.grain.key).belief
        @plan = plan
        @scopes = scopes
      end

      # Worth of what would narrow it enough, the most first; none of a way whose water nothing moves.
      def all
        return [] if @plan.spread.by_cause.values.all?(&:zero?)

        worth = observations.map { |seen| Worth.new(kind: seen.kind, share: share(seen)) }
        least = [LEAST, OF_THE_MOST * worth.map(&:share).max.to_f].max
        worth.select { |one| one.share >= least }.sort_by { |one| -one.share }
      end

      private

      # What would be shown, were the kitchen as it is held to be.
      def observations
        cook = SeenCook.planned(@plan, @scopes)
        shown = CookAsHeld.new(cook, @belief).shown
        Observing.new(cook.with(cues: shown.cues.slice(*CUES).to_a, loss_g: shown.loss_g), @belief)
                 .linearised.observations
      end

      # 1 less the standard deviation of the water once that was seen, as a share of the one now.
      def share(seen)
        slopes = by_place(seen.slopes)
        known = @belief.known(slopes, off: 0.0, before: @belief.variance(slopes) + seen.noise, after: 0.0)
        1 - Math.sqrt([known.variance(water), 0.0].max / @belief.variance(water))
      end

      # g of water for one more of each unknown's logarithm, of taste for a step.
      def water
        @water ||= begin
          held = @plan.request.estimates
          moved_g = @plan.spread.by_cause.reject { |key, _| held[key].sd.zero? }
          grams = moved_g.to_h { |key, sd_g| [key, sd_g / held[key].sd] }
          grams[Belief::Scopes::TASTE] = Belief::Correlated.step_g(@plan.load)
          by_place(Belief::Scopes.by_unknown(@scopes).to_h { |key, place| [place, grams.fetch(key, 0.0)] })
        end
      end

      def by_place(numbers)
        @belief.places.map { |place| numbers.fetch(place, 0.0) }
      end
    end
  end
end
