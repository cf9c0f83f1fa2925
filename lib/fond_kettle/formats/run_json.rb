# frozen_string_literal: true

require_relative "../methods/planning/rescue"
require_relative "../pot/verdict"

module FondKettle
  module Formats
    # A Trial (the cook's own water and stages) as the contract's JSON.
    module RunJson
      module_function

      # The hash of a Methods::Trial.
      def call(trial)
        run = trial.run
        { end: ending(run, trial), comes_out: trial.comes_out, floor_and_top: trial.floor_and_top,
          cues: cues(run),
          curve: run.curve.map do |point|
            curve_point(point)
          end,
          rescue: trial.rescue.map { |remedy| remedy(remedy) }, warnings: warnings(trial.warnings) }
      end

      # The code and text of each Methods::Warning.
      def warnings(list)
        list.map { |warning| { code: warning.code, say: warning.say } }
      end

      # Minute of each cue of a Pot::Run.
      def cues(run)
        run.cues.map { |cue| { cue: cue.cue, at_min: cue.at_min.round(2) } }
      end

      def ending(run, trial)
        { uptake_per_g: run.uptake.round(4), free_water_g: run.free_g.round(3), core: run.core.round(4),
          lost_g: run.lost_g.round(3), verdict: trial.verdict, temp_c: run.temp_c.round(1),
          minutes: run.minutes.round(2) }
      end

      def curve_point(point)
        { min: point.min.round(3), temp_c: point.temp_c.round(2), free_g: point.free_g.round(4),
          taken_g: point.taken_g.round(4), lost_g: point.lost_g.round(4), gone_g: point.gone_g.round(4),
          core: point.core.round(4), **condensed(point) }
      end

      # The water that condensed, for a steamer only.
      def condensed(point)
        point.condensed_g.positive? ? { condensed_g: point.condensed_g.round(4) } : {}
      end

      # The JSON of a remedy: words, grams to add, whole minutes.
      def remedy(remedy)
        { say: remedy.say, add_g: remedy.add_g.round, off_g: remedy.off_g.round,
          minutes: remedy.minutes.ceil }
      end

      private_class_method :ending, :curve_point, :condensed
    end
  end
end
