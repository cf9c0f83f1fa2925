# frozen_string_literal: true

require_relative "../../ground/words"
require_relative "../../measure/rounding"
require_relative "../bites"
require_relative "../request/layer_words"
require_relative "../loads/layering"
require_relative "../request/programme"

module FondKettle
  module Methods
    # Values for the texts of a sealed pot's tasks: how far the rice is cooked, the layers, the seal, the
    # effect of the programme.
    class SealedWords
      CLOSINGS = Words.of("closings")
      CLOSES = "Put the lid on and press it down"
      # A hole to the floor for so much of the surface, mm2: one every 60 mm, but not at the wall.
      HOLE_MM2 = 2 * 60.0 * 60

      # `request`, its solved `phases` (Phases::Phase) and `sealed`: the solution (Sealed).
      def initialize(request, phases, sealed)
        @request = request
        @phases = phases
        @sealed = sealed
        @layers = sealed.run.layers
      end

      # Values for the texts, by their names there.
      def to_h
        @to_h ||= { bite: Bites.say(par.done), par_cook: par_words,
                    save: @request.measures.weighed(par.ladled_g), programme: programme, layers: layers,
                    holes: holes, seal: seal, rounds: rounds }
      end

      private

      def par
        @sealed.par_cook
      end

      def par_words
        minutes = Measure::Rounding.plain(par.minutes.round(1), 1)
        low, high = [par.done_low, par.done_high].map { |done| (done * 100).round }
        done = (par.done * 100).round
        right = " Between #{low} and #{high} % it comes right with this base." if par.closing?
        "#{minutes} min in this water, and the half minute after draining, make it #{done} % done." \
          "#{right}"
      end

      def programme
        said = { "Hot right through after %d min" => @layers.hot_min, "safe after %d" => safe_min,
                 "ready after %d" => @layers.ready_min }.compact
        text = said.map { |words, min| format(words, min.ceil) }.join(", ")
        [text.empty? ? nil : "#{text}.", scorch].compact.join(" ")
      end

      def safe_min
        @layers.safe_min if @layers.safe_min&.positive?
      end

      def scorch
        min = @layers.scorch_min
        min ? "The floor burns after #{min.floor} min." : "The floor stands it."
      end

      def layers
        LayerWords.of(@request, @phases.last.load.state.wet_g, Layering.new(@request).base_g)
      end

      def holes
        area_mm2 = @request.vessel.area_cm2 * 100
        [(area_mm2 / HOLE_MM2).round, 3].max.to_s
      end

      def seal
        CLOSINGS.fetch(@request.vessel.lid, CLOSES)
      end

      def rounds
        return "" if par.rounds == 1

        ", in #{par.rounds} rounds one after the other, in the same water topped up and back at the boil"
      end
    end
  end
end
