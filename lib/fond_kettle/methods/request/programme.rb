# frozen_string_literal: true

require_relative "../../ground/value"
require_relative "layered"
require_relative "pot_stages"

module FondKettle
  module Methods
    # A heat programme as the stages of a sealed phase: a method's file says what each setting is
    # like, a programme which come, and for how long.
    module Programme
      # What a sealed phase's file may say it in: its stages, by what they stand on.
      REST = "off"
      # Where no file says it otherwise: how it is called.
      USUAL = [["High, then low", [["high", 5], ["low", 25]]],
               ["High, medium, low", [["high", 10], ["medium", 10], ["low", 15]]],
               ["Medium, then low", [["medium", 10], ["low", 30]]],
               ["Low from the start", [["low", 45]]],
               ["High, then low on a flat pan", [["high", 5], ["low", 40, true]]],
               ["In the oven", [["oven", 175, 45]]]].freeze

      module_function

      # The usual programmes by name (lists of ProgrammeStage).
      def usual
        USUAL.to_h { |name, stages| [name, stages.map { |stage| one(*stage) }] }
      end

      def one(setting, first, second = nil)
        return ProgrammeStage.in_oven(first, second) if setting == "oven"

        ProgrammeStage.on(setting, first, flat_pan: second || false)
      end

      # A PhaseText with the stages (StageText) of a programme (ProgrammeStage list), and the rest of
      # its file where the programme has none of its own.
      def text(text, programme)
        by_setting = text.stages.group_by { |stage| stage.oven_c ? "oven" : stage.heat }
        told = programme.each_with_index.map { |one, i| stage(by_setting, one, i) }
        rests = programme.any? { |one| one.setting == REST } ? [] : by_setting.fetch(REST, [])
        text.with(stages: [*told, *rests].freeze)
      end

      # The programme as clay stands it: never on high.
      def gentle(programme, vessel)
        return programme unless vessel.material == PotStages::CLAY

        programme.map { |one| one.heat == "high" ? one.with(heat: "medium") : one }
      end

      # The programme as a text: "high 5 min, then low 25 min".
      def say(programme)
        programme.map do |one|
          on = one.oven_c ? "oven at #{one.oven_c.round} °C" : one.heat
          "#{on} #{one.minutes.ceil} min#{' with a flat pan under it' if one.flat_pan}"
        end.join(", then ")
      end

      # The programme with its last stage on the heat this many minutes longer.
      def longer(programme, minutes)
        last = programme.rindex { |one| one.setting != REST }
        programme.each_with_index.map { |one, i| i == last ? one.with(minutes: one.minutes + minutes) : one }
      end

      # Minutes on the heat.
      def heated_min(programme)
        programme.reject { |one| one.setting == REST }.sum(&:minutes)
      end

      def stage(by_setting, one, index)
        template = by_setting.fetch(one.setting).first
        template.with(key: "#{template.key}-#{index + 1}", minutes: one.minutes, oven_c: one.oven_c,
                      flat_pan: one.flat_pan)
      end
      private_class_method :one, :stage
    end
  end
end
