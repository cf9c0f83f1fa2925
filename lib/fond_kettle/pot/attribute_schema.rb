# frozen_string_literal: true

require_relative "../ground/schema"
require_relative "../ground/vocabulary"
require_relative "attributes"

module FondKettle
  module Pot
    # Rules of a schema made from the list of attributes.
    module AttributeSchema
      module_function

      # Declares `attributes` in `schema` (the block of a Schema.json); those whose key is
      # in `required` must be given. What goes in (:charge) is declared by who reads it.
      def declare(schema, attributes, required: [])
        attributes.each do |attribute|
          place = schema.public_send(required.include?(attribute.key) ? :required : :optional, attribute.key)
          rule(place, attribute)
        end
      end

      # The rule of one attribute at its place in a schema.
      def rule(place, attribute)
        range = attribute.range
        case attribute.type
        when :choice then place.filled(:string, included_in?: range)
        when :number then place.filled(Schema::Number, included_in?: range)
        when :switch then place.filled(:bool)
        when :minutes then place.filled { (str? & eql?(Vocabulary::READY)) | (number? & included_in?(range)) }
        end
      end
      private_class_method :rule
    end
  end
end
