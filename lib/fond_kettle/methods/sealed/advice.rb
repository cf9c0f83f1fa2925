# frozen_string_literal: true

require_relative "../../ground/value"
require_relative "../request/programme"

module FondKettle
  module Methods
    # The recommended programme (docs/model.md: Heating through): high, or medium, until all is hot, then low;
    # the first that finishes the rice, makes raw food safe and tender and does not scorch.
    class Advice
      # What is tried, in turn: what it is heated with, and whether a flat pan lies under it.
      TRIED = %w[high medium low].product([false, true]).sort_by { |_, pan| pan ? 1 : 0 }.freeze
      # No school steams for less, or for longer, on low, minutes.
      LEAST_LOW_MIN = 15
      MOST_LOW_MIN = 180
      # Most are done by the first, nearly all by the second.
      SHORT_LOW_MIN = 30
      USUAL_LOW_MIN = 60
      USUAL_FIRST_MIN = 15
      # Hotter than that nobody goes on for longer, until all is hot.
      MOST_FIRST_MIN = 60
      # Where nothing comes right, what everybody does.
      USUAL = [ProgrammeStage.on("high", 5), ProgrammeStage.on("low", 25)].freeze

      # `runs`: answers a list of ProgrammeStage with its Pot::Run; `steam_min`: how long it is to
      # take, nil: as short as can be.
      def initialize(steam_min = nil, &runs)
        @steam_min = steam_min
        @runs = runs
      end

      # The programme, a list of ProgrammeStage.
      def programme
        tried = nil
        TRIED.each do |heat, pan|
          found, scorches = try(heat, pan)
          return found if found && !scorches

          tried ||= found
        end
        tried || USUAL
      end

      private

      # [programme, does it scorch?], or nil where nothing comes of it.
      def try(heat, pan)
        first_min = heat == "low" ? 0.0 : first_min(heat, pan)
        return unless first_min

        layers = tried(heat, first_min, pan)
        ready_min = layers.ready_min || (all_but_rice(layers) if layers.hot_min)
        return unless ready_min

        found = stages(heat, first_min, low_min(ready_min, first_min), pan)
        [found, layers.scorch_min && layers.scorch_min < Programme.heated_min(found)]
      end

      def low_min(ready_min, first_min)
        return [@steam_min - first_min, 1.0].max if @steam_min

        [ready_min.ceil - first_min, LEAST_LOW_MIN].max
      end

      # When food is hot, safe and tender, where the rice never comes right.
      def all_but_rice(layers)
        [layers.hot_min, layers.safe_min, layers.tender_min].compact.max
      end

      # On low for a short while, then for as long as it usually takes, and only then for as long as anybody
      # would. What was done before a run was over is done at the same minute of a longer one.
      def tried(heat, first_min, pan)
        course = ->(low_min) { @runs.call(stages(heat, first_min, low_min, pan)).layers }
        short = course.call(SHORT_LOW_MIN)
        return short if short.ready_min && short.ready_min < short.heated_min

        usual = course.call(USUAL_LOW_MIN)
        usual.ready_min ? usual : course.call(MOST_LOW_MIN)
      end

      # Whole minutes until all is hot.
      def first_min(heat, pan)
        hot_min = [USUAL_FIRST_MIN, MOST_FIRST_MIN].lazy.filter_map do |most_min|
          @runs.call(stages(heat, most_min, 1, pan)).layers.hot_min
        end.first
        hot_min && hot_min <= MOST_FIRST_MIN ? [hot_min.ceil, 1].max : nil
      end

      def stages(heat, first_min, low_min, pan)
        low = ProgrammeStage.on("low", low_min, flat_pan: pan)
        return [low] if heat == "low" || first_min.zero?

        [ProgrammeStage.on(heat, first_min, flat_pan: pan), low]
      end
    end
  end
end
