# frozen_string_literal: true

require_relative "../../lib/fond_kettle/measure/units"

module FondKettle
  module Web
    module Html
      # Pages as one device wants them read: other measures beside ours ("5 °C (41 °F)"), and the sign of its
      # decimals. Ours always stay. What is typed, coded or drawn is left as it is.
      class ReadAs
        # Measures that may stand beside ours, by the name of the choice: our unit and theirs, the digits
        # that a hand can follow, and how it is written.
        BESIDE = { "fahrenheit" => ["°C", "C", "F", 0, "°F"], "ounces" => ["g", "g", "oz", 1, "oz"],
                   "inches" => ["mm", "mm", "in", 1, "in"] }.freeze
        COMMA = "comma"
        LEFT_ALONE = "textarea|select|script|style|title|svg|code|pre"
        PIECES = %r{<(#{LEFT_ALONE})\b.*?</\1>|<[^>]*>|[^<]+}mo
        # A difference of degrees is no temperature.
        DIFFERENCE = /(?! (?:hotter|cooler|colder|warmer|more|less|too)\b)/
        DECIMAL = /(?<![\d.])(\d+)\.(\d+)(?!\.?\d)/

        # `beside`: keys of BESIDE; `decimal`: COMMA, or anything else for a point.
        def initialize(beside, decimal)
          @beside = BESIDE.values_at(*beside).compact.to_h { |ours, *theirs| [ours, theirs] }
          @comma = decimal == COMMA
          ours = Regexp.union(@beside.keys)
          @amount = /(?<![\d.,])(?<number>[−-]?\d+(?:\.\d+)?)[ \u00A0](?<ours>#{ours})(?![\w²])#{DIFFERENCE}/
        end

        # True where there is anything to change.
        def any?
          @comma || @beside.any?
        end

        # `page`: HTML markup.
        def call(page)
          page.gsub(PIECES) { |piece| piece.start_with?("<") ? piece : text(piece) }
        end

        private

        def text(words)
          words = words.gsub(@amount) { beside(Regexp.last_match) } if @beside.any?
          @comma ? words.gsub(DECIMAL, '\1,\2') : words
        end

        def beside(amount)
          unit, into, digits, written = @beside.fetch(amount[:ours])
          theirs = Measure::Units.convert(amount[:number].tr("−", "-").to_f, unit, into).round(digits)
          "#{amount} (#{theirs.to_i == theirs ? theirs.to_i : theirs} #{written})"
        end
      end
    end
  end
end
