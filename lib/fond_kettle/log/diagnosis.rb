# frozen_string_literal: true

require_relative "../belief/scoped"
require_relative "../ground/value"
require_relative "../numeric/normal"
require_relative "cause_words"
require_relative "cook_as_held"
require_relative "observation"

module FondKettle
  module Log
    # A cause by itself of how a pot came out: an `unknown`, how far it would have to lie from where it was
    # held (`off`: logarithm; of taste: steps), and its `share` among all causes, chance among them (0..1).
    Suspect = Value.define(:unknown, :off, :share)

    # "Why was it wet?": this pot is run with each thing by itself further and further from where it was held,
    # and each counts by how well what was said and weighed fits then (docs/learning.md: Diagnosis).
    class Diagnosis
      # Looked at so many standard deviations off.
      POINTS = (-5..5).map { |half| half / 2.0 }.freeze
      # Less than this share is not worth a line.
      LEAST_SHARE = 0.1
      MOST = 3
      TASTE = Belief::Scopes::TASTE
      # Minutes on the heat and off it, of which nobody knows whether they went as planned: spread of their
      # logarithm.
      MINUTES = :minutes
      MINUTES_SD = 0.35

      # `before`: Learned before the cook; `cook`: SeenCook.
      def initialize(before, cook)
        @cook = cook
        @belief = before.meeting(cook.scopes, cook.request.grain.key).belief
        @held = CookAsHeld.new(cook, @belief)
      end

      # Suspects, the likeliest first; none where it came out as was expected.
      def suspects
        @suspects ||= begin
          found = [*@held.unknowns, MINUTES, TASTE].map { |unknown| weighed(unknown) }
          all = by_chance + found.sum { |_, weight, _| weight }
          found.map { |unknown, weight, off| Suspect.new(unknown: unknown, off: off, share: weight / all) }
               .select { |one| one.share >= LEAST_SHARE }.max_by(MOST, &:share)
        end
      end

      # Sentence of how the next pot could tell them apart, or nil.
      def tells_apart
        found = suspects.map(&:unknown)
        CauseWords.tells_apart(found.first(2)) if found.size > 1
      end

      private

      # Likelihood of what was told where nothing differs from what was held.
      def by_chance
        @by_chance ||= likelihood(@held.shown, 0.0)
      end

      # [unknown, how much likelier than by chance, how far off it is then].
      def weighed(unknown)
        sd = unknown == MINUTES ? MINUTES_SD : @belief.sd(@held.places.fetch(unknown))
        fits = POINTS.map { |sds| [sds * sd, Math.exp(-sds * sds / 2), at(unknown, sds * sd)] }
        sum = fits.sum { |_, prior, fit| prior * fit }
        likelier = (sum / fits.sum { |_, prior, _| prior }) - by_chance
        [unknown, [likelier, 0.0].max, fits.sum { |off, prior, fit| off * prior * fit } / sum]
      end

      # Likelihood with one thing so far off.
      def at(unknown, off)
        return likelihood(@held.shown, off) if unknown == TASTE
        return likelihood(for_longer(off), 0.0) if unknown == MINUTES

        likelihood(@held.shown_off(unknown, off), 0.0)
      end

      # Shown with all minutes so many times as long (logarithm).
      def for_longer(off)
        stages = @held.stages.map do |stage|
          stage.minutes.is_a?(Numeric) ? stage.with(minutes: stage.minutes * Math.exp(off)) : stage
        end
        CookAsHeld.new(@cook.with(stages: stages), @belief).shown
      end

      def likelihood(shown, taste)
        liked = @cook.request.texture + @belief.mean(@held.places.fetch(TASTE)) + taste
        within(Observing::BITES[@cook.grain], shown.texture - liked, Observing::BITE_NOISE) *
          within(Observing::LOOSE[@cook.wetness], shown.water, Observing::LOOSE_NOISE) *
          gone(shown.loss_g)
      end

      # Share of a normal about `value` that lies in a band; 1.0 where nothing was said.
      def within(band, value, noise)
        return 1.0 unless band

        low, high = band.map { |edge| Numerics::Normal.below((edge - value) / Math.sqrt(noise)) }
        high - low
      end

      def gone(loss_g)
        @cook.loss_g ? Math.exp(-(((loss_g - @cook.loss_g) / Observing::SCALE_G)**2) / 2) : 1.0
      end
    end
  end
end
