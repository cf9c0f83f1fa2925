# frozen_string_literal: true

require_relative "../kit/vessel"
require_relative "../kit/weight"
require_relative "../measure/amounts"
require_relative "shelf_kinds"

module FondKettle
  module House
    # Values for the blank fields of a new record: usual ones; for a pot, which needs only a width and a
    # height, also a name and an estimate of its weight.
    module LeftBlank
      # Most pots are.
      MATERIAL = "steel"
      MM = Measure::Amounts.new(families: %w[length])

      module_function

      # `typed` (texts by name) of a ShelfKind, with what was left blank. A text that cannot be
      # read is left for the schema to refuse.
      def filled(kind, typed)
        usual = kind.fields.reject { |field| field.usual.nil? }
                    .to_h { |field| [field.key.to_s, field.usual.to_s] }
        filled = { **usual, **typed }.to_h do |name, value|
          [name, value.to_s.strip.empty? ? usual.fetch(name, value) : value]
        end
        kind.key == :pots ? pot(filled) : filled
      end

      # A pot's name and weight, where its size can be read.
      def pot(typed)
        typed = { "material" => MATERIAL, **typed.reject { |_, value| value.to_s.strip.empty? } }
        width_mm, height_mm = %w[diameter_mm height_mm].map { |name| mm(typed[name]) }
        return typed unless width_mm && height_mm && FondKettle::Kit::MATERIALS.key?(typed["material"])

        material = typed["material"]
        kg = FondKettle::Kit::Weight.guess_kg(material, width_mm, height_mm).clamp(*Limits::POT_KG.minmax)
        { "name" => "#{material.tr('-', ' ').capitalize} pot", "kg" => kg.round(1).to_s, **typed }
      end

      # A length as a text, in mm, or nil where it is none.
      #
      #   mm("16 cm") # => 160.0
      def mm(text)
        MM.number(text.to_s, "mm")
      rescue InvalidInput
        nil
      end
      private_class_method :pot
    end
  end
end
