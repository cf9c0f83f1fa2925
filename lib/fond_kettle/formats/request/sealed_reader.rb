# frozen_string_literal: true

require_relative "../../ground/errors"
require_relative "../../ground/limits"
require_relative "../../methods/base_foods"
require_relative "../../methods/layer_kinds"
require_relative "../../methods/request/layered"

module FondKettle
  module Formats
    # Reads what lies in a pot of layers, and its programme, from a request that has passed its
    # schema. Raises InvalidInput with the field's path.
    class SealedReader
      # Numbers of a base.
      NUMBERS = %i[g meat_g water_g residue_g start_c piece_mm].freeze
      # What only a pot of layers has, and of that what only a seal has.
      LAYERED = %i[layers].freeze
      UNDER_SEAL = %i[seal programme par_cook].freeze
      # What a base holds is part of what it weighs.
      PARTS = { meat_g: :g, water_g: :g, residue_g: :water_g }.freeze
      CLOSE = 0.01

      # `data`: the checked request; `method`: its Methods::Method.
      def initialize(data, method)
        @data = data
        @method = method
        @base = data.fetch(:base, {}).slice(*NUMBERS, :meat, :shape, :raw)
      end

      # Methods::Layered, or nil where nothing was said of it.
      def layered
        refuse
        return if @base.empty? && [*LAYERED, *UNDER_SEAL].none? { |key| @data.key?(key) }

        Methods::Layered.of(base: base, layers: layers, programme: programme,
                            done: @data.dig(:par_cook, :done)&.to_f)
      end

      private

      # Nothing is dropped in silence.
      def refuse
        not_ours = []
        unless @method.layered?
          not_ours += [*(:base if @base.any?), *LAYERED.select do |key|
            @data.key?(key)
          end]
        end
        not_ours += UNDER_SEAL.select { |key| @data.key?(key) } unless @method.sealed?
        return if not_ours.empty?

        field = not_ours.first == :base ? "base.#{@base.keys.first}" : not_ours.first.to_s
        raise InvalidInput.at(field, "must be left out: #{@method.name} has no layers under a seal")
      end

      def base
        return if @base.empty?

        raw = @base.fetch(:raw, @method.usual_base.fetch(:raw))
        checked(Methods::Base.of(**numbers, raw: raw, g: @base.fetch(:g) { missing("g") }.to_f,
                                            meat: @base.fetch(:meat) do
                                              raw ? missing("meat") : nil
                                            end,
                                            shape: @base[:shape]))
      end

      def numbers
        @base.slice(*NUMBERS).except(:g).transform_values(&:to_f)
      end

      def missing(name)
        raise InvalidInput.at("base.#{name}", "must be given where anything is said of the base")
      end

      def checked(base)
        PARTS.each do |part, whole|
          next unless @base.key?(part) && base.public_send(part) > base.public_send(whole)

          raise InvalidInput.at("base.#{part}", "must be at most base.#{whole}: it is part of it",
                                received: @base[part])
        end
        base
      end

      def layers
        given = @data[:layers]
        return unless given

        within("layers", given, Limits::LAYERS)

        counts = given.map { |one| one[:what] }.tally
        wishes = given.each_with_index.map { |one, index| wish(one, index, counts) }
        whole(wishes)
        wishes.map { |one| exact(one, wishes) }
      end

      def wish(one, index, counts)
        kind = Methods::LayerKinds.fetch(one[:what])
        told = kind.share ? :share : :g
        other = kind.share ? :g : :share
        if one.key?(other)
          raise InvalidInput.at("layers.#{index}.#{other}",
                                "must be left out: #{kind.word} is told as #{told}")
        end

        share = one.fetch(:share, 1.0 / counts[kind.key]).to_f
        Methods::LayerWish.of(kind.key, share: (share if kind.share), g: one[:g]&.to_f, say: one[:say])
      end

      # All of the rice, and all of the base where there is any.
      def whole(wishes)
        { Methods::LayerKinds::RICE => true,
          Methods::LayerKinds::BASE => base? }.each do |what, must|
          sum = wishes.select { |wish| wish.what == what }.sum(&:share)
          next if (sum - 1).abs < CLOSE || (sum.zero? && !must)

          raise InvalidInput.at("layers", "must have all of the #{what}: its shares must add up to 1",
                                received: sum)
        end
      end

      # Three times 0.33 is all of it.
      def exact(wish, wishes)
        return wish unless wish.kind.share

        wish.with(share: wish.share / wishes.select { |one| one.what == wish.what }.sum(&:share))
      end

      def base?
        base ? base.g.positive? : @method.usual_base[:per_g].positive?
      end

      def within(field, list, range)
        return if range.cover?(list.size)

        raise InvalidInput.at(field, "must list between #{range.min} and #{range.max}", received: list.size)
      end

      def programme
        within("programme", @data[:programme], Limits::PROGRAMME) if @data[:programme]
        @data[:programme]&.each_with_index&.map do |one, index|
          unless one.key?(:heat) ^ one.key?(:oven_c)
            raise InvalidInput.at("programme.#{index}", "must have either heat or oven_c")
          end

          Methods::ProgrammeStage.new(heat: one.fetch(:heat, "off"), minutes: one[:minutes].to_f,
                                      flat_pan: one.fetch(:flat_pan, false), oven_c: one[:oven_c]&.to_f)
        end
      end
    end
  end
end
