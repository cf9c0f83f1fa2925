# frozen_string_literal: true

require_relative "../../lib/fond_kettle/house/left_blank"
require_relative "../../lib/fond_kettle/house/shelf_kinds"
require_relative "../../lib/fond_kettle/kit/pot_height"
require_relative "fields"

module FondKettle
  module Forms
    # The first things of a new kitchen, added at once: pot, cup or glass, height above the sea. Blank fields
    # are left out; a pot's height that is not known is guessed from its width.
    class FirstForm
      POT = House::SHELF_KINDS.fetch(:pots)
      CUP_NAME = "glass"
      HEIGHT_FIELDS = House::KITCHEN_FIELDS.select { |field| field.key == :altitude_m }.freeze
      HEIGHT = Forms.of(HEIGHT_FIELDS)

      attr_reader :problems

      # `typed`: diameter_mm and height_mm of the pot, ml of the cup, altitude_m.
      def initialize(typed)
        @typed = typed
        @results = { pot: pot_result, cup: cup_result, kitchen: kitchen_result }.compact
        @problems = @results.values.flat_map { |result| Forms.problems(result) }
      end

      def ok?
        @problems.empty?
      end

      # Attributes by what they are of: :pot, :cup, :kitchen; of what is right as it is typed.
      def values
        @results.select { |_, result| result.success? }.transform_values(&:to_h)
      end

      # Height in mm that was guessed from the pot's width, or nil.
      def guessed_mm
        width_mm = House::LeftBlank.mm(width) if given?("diameter_mm") && !given?("height_mm")
        Kit::PotHeight.guess_mm(width_mm) if Limits::DIAMETER_MM.cover?(width_mm)
      end

      private

      def given?(*names)
        names.any? { |name| !@typed[name].to_s.strip.empty? }
      end

      def pot_result
        return unless given?("diameter_mm", "height_mm")

        guessed = { "height_mm" => guessed_mm.to_s } if guessed_mm
        Forms.record(POT, { **@typed.slice("diameter_mm", "height_mm"), **guessed.to_h })
      end

      # The pot's width as typed, in mm where it can be read ("16", "16 cm").
      def width
        Typed.shown(@typed["diameter_mm"].to_s, POT.fields.find { |field| field.key == :diameter_mm })
      end

      def cup_result
        SHELVES.fetch(:cups).call("name" => CUP_NAME, "ml" => @typed["ml"]) if given?("ml")
      end

      def kitchen_result
        HEIGHT.call("altitude_m" => @typed["altitude_m"]) if given?("altitude_m")
      end
    end
  end
end
