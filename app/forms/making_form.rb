# frozen_string_literal: true

require_relative "../../lib/fond_kettle/formats/request/making_reader"
require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../../lib/fond_kettle/methods/request/asked"
require_relative "../../lib/fond_kettle/methods/dressings"

module FondKettle
  module Forms
    # Fields of what is made of the rice: steamer, pieces, dressing, cooling.
    class MakingForm
      # How a bed is cooled.
      AIR = { "fanned" => { turned: true, fanned: true }, "turned" => { turned: true, fanned: false },
              "still" => { turned: false, fanned: false } }.freeze
      # The parts of a dressing by field.
      DRESSING = Methods::Asking.keys_in(:dressing_per_100g).freeze
      FIELDS = %i[steamer_mm piece_g filling_g sharp sweet salty spread_mm tiers pieces piece_for from style
                  air].freeze
      # Fields by the path at which a reader finds something wrong.
      AT = { "steamer.diameter_mm" => :steamer_mm, "pieces" => :pieces,
             "filling.g_each" => :filling_g }.freeze

      # `values`: the form's fields as the schema read them.
      def initialize(values)
        @values = values.reject { |_, value| value.nil? || value == "" }
      end

      # Methods::Making for a method; what it has none of is not asked. Raises InvalidInput at a
      # field of the form.
      def making(method)
        kept = request_data(method).select { |key, _| Formats::MakingReader::ONLY.fetch(key).call(method) }
        Formats::MakingReader.new(kept, method, nil).making.with(tiers: @values[:tiers])
      rescue InvalidInput => e
        raise(InvalidInput, e.problems.map { |one| one.merge(field: AT.fetch(one[:field]).to_s) })
      end

      private

      # As the command line has it.
      def request_data(method)
        { steamer: steamer, pieces: pieces(method), filling: only(:filling_g, :g_each), cool: cool,
          dressing_per_100g: dressing, **@values.slice(:from, :style) }.compact
      end

      def steamer
        width = @values[:steamer_mm]
        width && { diameter_mm: width }
      end

      # What another way's rice is divided into is not meant here.
      def pieces(method)
        use = method.piece_use(@values[:piece_for])
        found = { count: @values[:pieces], g_each: @values[:piece_g],
                  use: (@values[:piece_for] if use&.key == @values[:piece_for]) }.compact
        found unless found.empty?
      end

      def only(field, name)
        @values[field] && { name => @values[field] }
      end

      def cool
        found = { depth_mm: @values[:spread_mm], **AIR.fetch(@values[:air], {}) }.compact
        found unless found.empty?
      end

      def dressing
        return if DRESSING.keys.none? { |field| @values.key?(field) }

        per = Methods::Dressings.fetch(@values.fetch(:style, Methods::Dressings::USUAL)).per
        DRESSING.to_h { |field, part| [part, @values.fetch(field) { per.public_send(part) }] }
      end
    end
  end
end
