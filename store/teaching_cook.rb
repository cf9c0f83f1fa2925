# frozen_string_literal: true

require "json"
require_relative "../lib/fond_kettle/formats/stored_request"
require_relative "../lib/fond_kettle/log/pot_scopes"
require_relative "../lib/fond_kettle/log/seen_cook"
require_relative "../lib/fond_kettle/methods/solved/last_pot"
require_relative "../lib/fond_kettle/methods/solved/solved"
require_relative "../lib/fond_kettle/stove/cook"
require_relative "../lib/fond_kettle/stove/course"

module FondKettle
  module Store
    # A finished cook's record as it teaches (Log::SeenCook).
    module TeachingCook
      # A tap so early or so late (times the minute at which it was to come) was made to go on, or forgotten.
      TAPPED = (0.5..2.0)
      UNREADABLE = [JSON::ParserError, KeyError, ArgumentError, TypeError].freeze

      module_function

      # The SeenCook of a cook (as CookBook gives it) that came out so (an Outcome as a hash); nil
      # where nobody knows what it was planned by.
      def of(cook, outcome)
        planned = request(cook)
        return unless planned

        stove = Stove::Cook.new(cook[:plan], cook[:events])
        Log::SeenCook.new(on: on(cook), scopes: scopes(cook, planned),
                          request: planned.by_the_book, **went(cook, planned, stove), cues: cues(stove),
                          loss_g: gone_g(stove, outcome), counts: 1, sure: outcome[:different] == false,
                          **outcome.slice(:grain, :wetness))
      end

      # The date of a finished cook's record, as a history has it.
      def on(cook)
        cook[:finished_at].utc.iso8601
      end

      # The Methods::Request that it was planned by; nil where it was not kept, or is damaged.
      def request(cook)
        Formats::StoredRequest.read(cook[:request]) if cook[:request]
      rescue *UNREADABLE
        nil
      end

      # Scopes (Log::PotScopes) of a cook that was planned by a Methods::Request.
      def scopes(cook, planned)
        Log::PotScopes.of(planned, cook[:bag_id], dish_title(cook))
      end

      # The title of the cook's own dish that a record (its address and title) is of, or nil.
      def dish_title(record)
        record[:title] if record[:address].match?(/(\A|&)dish=/)
      end

      # The poured water, g, and the stages: by the plan; as they went where it was put right on the way.
      def went(cook, planned, stove)
        if stove.parts_done.empty?
          return { stages: Methods::LastPot.of(planned).planned,
                   liquid_g: [cook[:poured_g] - lifted_g(stove), 0.0].max }
        end

        course = Stove::Course.new(Methods::Solved.of(planned.by_the_book), stove)
        { stages: course.so_far(cook[:finished_at]), liquid_g: stove.poured_g }
      end

      # Water that the weights say is gone from the pot, g, or nil: later pours went in after it was weighed.
      def gone_g(stove, outcome)
        before_g, after_g = outcome.values_at(:before_g, :after_g)
        [before_g + stove.added_g - after_g - lifted_g(stove), 0.0].max if before_g && after_g
      end

      # The water that escaped while the lid was lifted, by the plan's figure for half a minute.
      def lifted_g(stove)
        stove.all_lifted_s / Stove::Ends::LIFT_S * stove.plan.dig(:lift, :g).to_f
      end

      # [cue, minute on the heat] of what was tapped about when it was to be seen; of a way with several pots
      # nobody knows which it was.
      def cues(stove)
        return [] unless stove.plan[:phases]&.one? && stove.heat_on_at

        planned = stove.plan[:cues].to_h { |seen| seen.values_at(:cue, :at_min) }
        stove.seen_cues.map { |cue, at| [cue, (at - stove.heat_on_at) / 60.0] }
             .select { |cue, at_min| planned[cue] && TAPPED.cover?(at_min / planned[cue]) }
      end
      private_class_method :request, :went, :gone_g, :lifted_g, :cues
    end
  end
end
