# frozen_string_literal: true

require_relative "../../../lib/fond_kettle/ground/value"
require_relative "../../../lib/fond_kettle/ground/words"
require_relative "../../../lib/fond_kettle/kit/vessel_kind"

module FondKettle
  module Web
    module Presenters
      # The one thing to do at a step: `cue` that is seen with it (nil: none), as it is said, and where it is
      # sent.
      NextAct = Value.define(:cue, :say, :path)

      # Finds the NextAct of a pot at the stove.
      class ActNow
        ACTS = Words.of("acts")
        # Addresses at which it is asked what is wrong, and at which it is only looked again.
        WRONG = "?panel=wrong"
        AGAIN = "?"

        # `cook`: Stove::Cook; `trouble`: WrongPot; `times`: StoveClock.
        def initialize(cook, trouble, times)
          @cook = cook
          @trouble = trouble
          @times = times
        end

        # The NextAct.
        def act
          return of("begin", "begin") if @cook.waiting?
          return of("look-now", WRONG) if @trouble.look_after?
          return mending if @trouble.remedy
          return of("finish", "finish") if @cook.last?

          cue = @cook.until_cue
          of(cue.nil? && @times.side_by_side? ? "beside" : said_by(cue), "task", cue)
        end

        private

        def of(key, path, cue = nil)
          NextAct.new(cue: cue, say: ACTS.fetch(key), path: path)
        end

        # The act about what is wrong; while that is worked out, only to look again.
        def mending
          return of("look-again", AGAIN) if @trouble.remedy[:pending]

          of(@trouble.right? ? "right" : "mended", "told")
        end

        # Whose heat goes by itself is not looked into: it says when it is dry.
        def said_by(cue)
          return cue || "next" unless cue == "dry" && (source = @cook.plan.dig(:vessel, :source))

          Kit::VesselKinds.by_source(source).regulated ? cue : "switched-off"
        end
      end
    end
  end
end
