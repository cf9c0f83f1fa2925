# frozen_string_literal: true

require_relative "../../lib/fond_kettle/formats/request/sealed_reader"
require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../../lib/fond_kettle/ground/limits"
require_relative "../../lib/fond_kettle/ground/schema"
require_relative "../../lib/fond_kettle/measure/amounts"
require_relative "../../lib/fond_kettle/methods/request/asked"
require_relative "../../lib/fond_kettle/methods/layer_kinds"
require_relative "../../lib/fond_kettle/methods/request/layered"
require_relative "../../lib/fond_kettle/methods/request/programme"
require_relative "typed"

module FondKettle
  module Forms
    # Fields of a pot of layers: the base, the layers as the bench writes them ("rice 0.5", "coloured-milk
    # 60"), how far the rice is par-cooked, and the programme ("high 5, low 25").
    class LayeredForm
      # A percentage.
      PERCENT = (0..100)
      # Numbers by field: how they are read and what they may be.
      FIGURES = { done: [PERCENT], steam: [Limits::PROGRAMME_MIN, "min"] }
                .transform_values { |range, unit| [Typed.within(range, unit), range] }.freeze
      # Keys of a request's base by field.
      BASE = Methods::Asking.keys_in(:base).select { |field, _| field.to_s.start_with?("under_") }.freeze
      # Fields by the path at which a reader finds something wrong.
      AT = BASE.to_h { |field, name| ["base.#{name}", field] }
               .merge("base.raw" => :under_raw, "layers" => :layer).freeze
      STAGE = /\A(?<what>high|medium|low|off|oven)(?:[ ](?<degrees>\d{2,3}))?(?:[ ]?°?C)?
               [ ](?<minutes>\d+(?:[.,]\d+)?)(?:[ ]?min)?(?<pan>[ ]flat[ ]pan)?\z/xi

      # `values`: the form's fields as the schema read them.
      def initialize(values)
        @values = values
      end

      # Methods::Layered for a method, or nil where nothing is said of it, or it has no layers.
      # Raises InvalidInput at a field of the form.
      def layered(method)
        return unless method.layered?

        said = Formats::SealedReader.new(data(method), method).layered
        steam_min = @values[:steam] if method.sealed? && @values[:programme].to_s.strip.empty?
        return said unless steam_min

        (said || Methods::Layered.of).with(steam_min: steam_min.to_f)
      rescue InvalidInput => e
        raise(InvalidInput, e.problems.map { |problem| problem.merge(field: field_of(problem[:field])) })
      end

      # A layer as the bench has it: "rice 0.5", "coloured-milk 60", "parchment".
      def self.text(wish)
        amount = wish.kind.share ? wish.share : wish.g
        [wish.what, *(Measure::Rounding.plain(amount.round(3), 3) if amount&.positive?)].join(" ")
      end

      private

      # As the command line has it.
      def data(method)
        { base: base, layers: layers, **(method.sealed? ? under_seal : {}) }.reject do |_, value|
          value.nil? || value.empty?
        end
      end

      def base
        said = @values.slice(*BASE.keys).reject do |_, value|
          value.nil? || value == ""
        end.transform_keys(BASE)
        return said if said.empty?

        raw = @values[:under_raw]
        raw ? said.merge(raw: raw == "yes") : said
      end

      def layers
        @values[:layer]&.reject { |text| text.strip.empty? }&.map { |text| layer(text) }
      end

      def layer(text)
        what, amount = text.strip.split(/\s+/, 2)
        kind = Methods::LayerKinds.all[what]
        number = amount && Schema.decimal(amount.tr(",", "."))
        if kind.nil? || (amount && number.nil?)
          raise InvalidInput.at("layers", "cannot be read: #{text}; a layer is one of " \
                                          "#{Methods::LayerKinds.all.keys.join(', ')} and its amount")
        end
        within(kind, number)
        { what: what, (kind.share ? :share : :g) => number }.compact
      end

      def within(kind, number)
        range = kind.share ? Limits::SHARE : Limits::ADDITION_G
        return if number.nil? || range.cover?(number)

        raise InvalidInput.at("layers", "#{kind.word}: must be between #{range.min} and #{range.max}",
                              received: number)
      end

      def under_seal
        done = @values[:done]
        { programme: programme, par_cook: done && { done: done / 100.0 } }
      end

      def programme
        text = @values[:programme].to_s.strip
        return if text.empty?

        text.split(/,|;|\bthen\b/).map(&:strip).reject(&:empty?).map { |part| stage(part) }
      end

      def stage(text)
        found = STAGE.match(text.squeeze(" "))
        unless found
          raise InvalidInput.at("programme",
                                "cannot be read: #{text}; write: high 5, low 25; or oven 175 45")
        end

        minutes = found[:minutes].tr(",", ".").to_f
        unless Limits::PROGRAMME_MIN.cover?(minutes)
          raise InvalidInput.at("programme",
                                "#{text}: minutes must be between #{Limits::PROGRAMME_MIN.min} and " \
                                "#{Limits::PROGRAMME_MIN.max}")
        end
        found[:what].casecmp?("oven") ? oven(found, minutes) : burner(found, minutes)
      end

      def burner(found, minutes)
        { heat: found[:what].downcase, minutes: minutes, flat_pan: !found[:pan].nil? }
      end

      def oven(found, minutes)
        degrees = found[:degrees].to_i
        unless Limits::OVEN_C.cover?(degrees)
          raise InvalidInput.at("programme",
                                "oven: must be between #{Limits::OVEN_C.min} and #{Limits::OVEN_C.max} °C",
                                received: degrees)
        end
        { oven_c: degrees.to_f, minutes: minutes }
      end

      def field_of(path)
        AT.fetch(path) { path.start_with?("layers") ? :layer : path.split(".").first }.to_s
      end
    end
  end
end
