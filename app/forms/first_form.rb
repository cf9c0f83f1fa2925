# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/field"
require_relative "../../lib/fond_kettle/ground/limits"
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
      # The cook's own way, by their glass.
      OWN_FIELDS = { own_rice: "Rice, glasses", own_water: "Water to it, glasses" }.map do |key, label|
        Field.number(key, label, Limits::OWN_GLASSES, optional: true)
      end.freeze
      OWN = Forms.of(OWN_FIELDS)
      BOTH = "must be told too: so much rice, and so much water to it"

      # Fields of a PlanForm of the cook's own way, as they are called here.
      NAMED = { "amount" => "own_rice", "own" => "own_water" }.freeze

      attr_reader :problems

      # Problems of the cook's own way once it is planned (a PlanForm), at their fields here.
      def self.own_problems(form)
        form.problems.map { |problem| problem.merge(field: NAMED.fetch(problem[:field].to_s, "own_water")) }
      end

      # `typed`: diameter_mm and height_mm of the pot, ml of the cup, altitude_m, own_rice and own_water.
      def initialize(typed)
        @typed = typed
        @results = { pot: pot_result, cup: cup_result, kitchen: kitchen_result, mine: own_result }.compact
        @problems = [*@results.values.flat_map { |result| Forms.problems(result) }, *half_told]
      end

      def ok?
        @problems.empty?
      end

      # Attributes by what they are of: :pot, :cup, :kitchen; of what is right as it is typed.
      def values
        @results.except(:mine).select { |_, result| result.success? }.transform_values(&:to_h)
      end

      # The cook's own rice and water, as a PlanForm is told of them; nil where there is none, or half of it.
      def own_way
        own = @results[:mine]
        return unless own&.success? && half_told.empty?

        { "for" => "amount", "amount" => own[:own_rice].to_s, "unit" => HOUSE_CUP,
          "own" => own[:own_water].to_s, "own_kind" => "cup" }
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

      def own_result
        OWN.call(@typed.slice("own_rice", "own_water")) if given?("own_rice", "own_water")
      end

      # Rice without water is no way of cooking, nor is water without rice.
      def half_told
        told, blank = OWN_FIELDS.map { |field| field.key.to_s }.partition { |name| given?(name) }
        told.empty? ? [] : blank.map { |name| { field: name, message: BOTH } }
      end
    end
  end
end
