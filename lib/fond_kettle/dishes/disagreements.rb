# frozen_string_literal: true

require_relative "../care/kind"
require_relative "../ground/limits"
require_relative "../ground/words"
require_relative "../measure/rounding"
require_relative "../measure/units"
require_relative "../methods/method"
require_relative "../pot/water/wash"
require_relative "step_times"

module FondKettle
  module Dishes
    # Contradictions between a dish's text, its steps and its settings, one sentence each.
    class Disagreements
      HEAT = /(?<![\d.,])(\d{2,3})\s*°\s*([CF])\b/
      # Further apart than this is another heat, °C.
      APART_C = 11.0

      # The contradictions in `steps` and `way` of a dish with `method` (Methods::Method; nil when it
      # is gone).
      def self.in(steps, way, method)
        new(steps, way, method).found
      end

      # The arguments are those of `in`.
      def initialize(steps, way, method)
        @steps = steps
        @way = way
        @method = method
      end

      # Sentences.
      def found
        [*@steps.flat_map { |step| [*minutes(step), *heat(step)] }, *oven, *finish, *soak, *cover].uniq
      end

      private

      # Two times of which only one can be meant, or several that are counted together.
      def minutes(step)
        times = StepTimes.new(step.say)
        said = times.each_min
        return [] if said.empty? || step.minutes.zero? || said.include?(step.minutes)
        return together(step) if times.minutes == step.minutes

        own_min = plain(step.minutes)
        ["“#{step.say}” says #{plain(said.first)} min, and its own time is #{own_min} min. Which?"]
      end

      def together(step)
        ["“#{step.say}” names several times: #{plain(step.minutes)} min in all are counted. " \
         "Otherwise say how long: | #{plain(step.minutes)} min."]
      end

      def heat(step)
        return [] unless @way.oven_c

        read(step.say).scan(HEAT).filter_map do |number, unit|
          said_c = Measure::Units.convert(number.to_f, unit, "C")
          next if (said_c - @way.oven_c).abs <= APART_C || said_c <= 100

          set_c = plain(@way.oven_c)
          "“#{step.say}” says #{number} °#{unit}, and the dish's oven is set to #{set_c} °C. Which?"
        end
      end

      def oven
        return [] if @way.oven_c.nil? || @method.nil? || @method.oven?

        ["An oven at #{plain(@way.oven_c)} °C is set, and #{@method.name.downcase} uses none."]
      end

      def finish
        step = @steps.find { |one| one.stage == "finish" && Care::Kinds.fetch(one.kind).finishes }
        return [] unless @way.finish && step

        set = Words.of("finishes").fetch(@way.finish)
        ["In the end it says “#{step.say}”, and also to #{set}: the step counts."]
      end

      def soak
        return [] unless @way.drain == Pot::Wash::COOKED_IN

        heats = Methods::StageText::TAKES.fetch("liquid")
        hot = @way.start == "boiling" || @steps.any? { |step| heats.include?(step.kind) }
        return [] unless hot || @method&.broth

        ["The rice is to soak in its own liquid, and that liquid goes in boiling: it cannot be both."]
      end

      def cover
        return [] unless @way.cover && @way.lid == "none"

        ["With no lid on there is no #{Words.of('attributes').fetch(@way.cover)}."]
      end

      def read(text)
        text[0, Limits::LINE_LETTERS]
      end

      def plain(number)
        Measure::Rounding.plain(number)
      end
    end
  end
end
