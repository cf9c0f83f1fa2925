# frozen_string_literal: true

require_relative "../../ground/errors"
require_relative "../../kit/steamer"
require_relative "../../methods/dressings"
require_relative "../../methods/request/making"

module FondKettle
  module Formats
    # Reads what is made of the rice from a request that has passed its schema: steamer, pieces and
    # their filling, dressing, cooling. Raises InvalidInput with the field's path.
    class MakingReader
      # What only some ways have: the field, and whether a Methods::Method has it.
      ONLY = { steamer: lambda(&:steamed?),
               pieces: ->(method) { !method.pieces.nil? }, filling: ->(method) { !method.pieces.nil? },
               from: lambda(&:wrapped?),
               style: lambda(&:dressed), dressing_per_100g: lambda(&:dressed),
               cool: ->(method) { method.pieces && !method.wrapped? } }.freeze
      # As far as fillings are, rice has to close round them.
      FULL = "must be at most what the rice of one weighs"

      # The pot under a steamer of which nobody said more is as wide as it.
      def self.pot_under(data, method)
        return {} unless method.steamed? && data[:steamer] && !data.dig(:vessel, :diameter_mm)

        { diameter_mm: data[:steamer][:diameter_mm] }
      end

      # `data`: the checked request; `method`: its Methods::Method; `vessel`: its Kit::Vessel (nil: not known
      # yet).
      def initialize(data, method, vessel)
        @data = data
        @method = method
        @vessel = vessel
      end

      # Methods::Making.
      def making
        refuse
        Methods::Making.of(steamer: steamer, count: @data.dig(:pieces, :count), g_each: g_each, use: use,
                           filling_g: filling_g, from: @data[:from],
                           style: @data[:style], dressing: dressing, cool: cool)
      end

      private

      # Nothing is dropped in silence.
      def refuse
        field, = ONLY.find { |key, has| @data.key?(key) && !has.call(@method) }
        return unless field

        raise InvalidInput.at(field.to_s, "must be left out: #{@method.name} has none of it")
      end

      def steamer
        given = @data[:steamer]
        return unless given

        found = Kit::Steamer.of(given[:diameter_mm].to_f, given.fetch(:tiers, Methods::Making::USUAL_TIERS))
        return found if @vessel.nil? || found.on?(@vessel)

        most_mm = Kit::Steamer.most_mm(@vessel).round
        raise InvalidInput.at("steamer.diameter_mm",
                              "must be at most #{most_mm}: the pot under it is " \
                              "#{@vessel.diameter_mm.round} mm wide",
                              received: given[:diameter_mm])
      end

      # What is wrapped is steamed once more, what is not is eaten as it is.
      def use
        given = @data.dig(:pieces, :use)
        return given if given.nil? || @method.piece_use(given).key == given

        uses = @method.piece_uses.map(&:key).join(", ")
        raise InvalidInput.at("pieces.use", "must be one of: #{uses}", received: given)
      end

      def g_each
        pieces = @data[:pieces]
        return unless pieces
        if pieces.key?(:count) && pieces.key?(:g_each)
          raise InvalidInput.at("pieces", "must have either count or g_each")
        end

        pieces[:g_each]&.to_f
      end

      def filling_g
        given = @data.dig(:filling, :g_each)&.to_f
        return given unless given && g_each && given > g_each / 2

        raise InvalidInput.at("filling.g_each", "#{FULL} (#{(g_each / 2).round} g of #{g_each.round})",
                              received: given)
      end

      def dressing
        given = @data[:dressing_per_100g]
        given && Methods::DressingPer.new(**given.transform_values(&:to_f))
      end

      def cool
        given = @data[:cool]
        return unless given

        fanned = given.fetch(:fanned, true)
        Methods::Cool.of(turned: given.fetch(:turned, true), fanned: fanned,
                         depth_mm: given.fetch(:depth_mm, 20).to_f)
      end
    end
  end
end
