# frozen_string_literal: true

require_relative "../ground/errors"

module FondKettle
  module Formats
    # Values (ground/value.rb) as plain JSON data, there and back equal: each as an object that says under
    # "is" what it is, with its attributes.
    #
    #   ValueJson.new("cup" => Measure::Cup).dump(cup) # => {"is" => "cup", "id" => 1, "name" => …}
    class ValueJson
      IS = "is"
      SYMBOL = "symbol"
      MAP = "map"
      OF = "of"

      # `types`: classes of values by the name under which they are written. `named`: what is written by a
      # name alone: {"name" => {value => its text}}. `since`: by the name of a type the attributes that it has
      # come to have, with what they are where older data has none.
      def initialize(types, named: {}, since: {})
        @types = types.freeze
        @since = since
        @names = types.invert.freeze
        @named = named
        @texts = named.flat_map { |name, values| values.map { |value, text| [value, [name, text]] } }.to_h
                      .compare_by_identity
      end

      # Plain data of a value. Raises ArgumentError where it holds what is not known here.
      def dump(value)
        case value
        when String, Integer, Float, true, false, nil then value
        when Symbol then { IS => SYMBOL, OF => value.to_s }
        when Array then value.map { |one| dump(one) }
        when Hash then { IS => MAP, OF => value.to_h { |key, one| [key.to_s, dump(one)] } }
        else object(value)
        end
      end

      # Value of plain data, frozen. Raises KeyError, ArgumentError where it is no such data.
      def load(data)
        case data
        when Array then data.map { |one| load(one) }.freeze
        when Hash then made(data.fetch(IS), data)
        else data
        end
      end

      private

      def object(value)
        name, text = @texts[value]
        return { IS => name, OF => text } if name

        name = @names.fetch(value.class) { raise ArgumentError, "#{value.class} cannot be stored" }
        { IS => name, **value.members.to_h { |member| [member.to_s, dump(value.public_send(member))] } }
      end

      def made(name, data)
        return data.fetch(OF).to_sym if name == SYMBOL
        return data.fetch(OF).to_h { |key, one| [key.to_sym, load(one)] }.freeze if name == MAP
        return @named.fetch(name).key(data.fetch(OF)) if @named.key?(name)

        attributes = data.except(IS).to_h { |key, one| [key.to_sym, load(one)] }
        @types.fetch(name).new(**@since.fetch(name, {}), **attributes)
      end
    end
  end
end
