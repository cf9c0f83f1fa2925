# frozen_string_literal: true

require_relative "rounding"

module FondKettle
  module Measure
    # Numbers as cooks write them: "1 1/2", "1½", "1,5", "one and a half", "half a",
    # "a dozen", "2-3" (the middle, and both ends kept).
    module Numeral
      WORDS = { "a" => 1, "an" => 1, "one" => 1, "two" => 2, "three" => 3, "four" => 4, "five" => 5,
                "six" => 6, "seven" => 7, "eight" => 8, "nine" => 9, "ten" => 10, "eleven" => 11,
                "twelve" => 12, "dozen" => 12 }.freeze
      SIGNS = { "½" => 0.5, "¼" => 0.25, "¾" => 0.75, "⅓" => 1 / 3.0, "⅔" => 2 / 3.0, "⅛" => 0.125,
                "⅜" => 0.375, "⅝" => 0.625, "⅞" => 0.875, "⅕" => 0.2, "⅖" => 0.4, "⅙" => 1 / 6.0 }.freeze
      PARTS = { "half" => 0.5, "quarter" => 0.25, "third" => 1 / 3.0 }.freeze
      FRACTIONS = [[1, 2], [1, 4], [3, 4], [1, 3], [2, 3], [1, 8]].freeze
      # Nobody counts further.
      MOST = 1e9
      SIGN = /[#{SIGNS.keys.join}]/
      WORD = /(?:#{WORDS.keys.join('|')})\b/i
      PART = /(?:half|quarter|third)\b/i
      NUMBER = %r{(\d+)\s+(\d+)\s*[/⁄]\s*(\d+)|(\d+)\s*[/⁄]\s*(\d+)|(\d+)\s*(#{SIGN})|(#{SIGN})|
                  (\d+(?:[.,]\d+)?)}x
      RANGE = /\A(?<from>#{NUMBER})\s*(?:-|–|to|or)\s*(?<to>#{NUMBER})/i

      module_function

      # [value, the rest of the text], or nil where the text does not begin with a number.
      #
      #   read("1 1/2 cups rice")  # => [1.5, "cups rice"]
      #   read("2-3 onions")       # => [2.5, "onions"]
      def read(text)
        text = text.strip
        read = range(text) || figures(text) || words(text)
        read if read && read.first <= MOST
      end

      # As a cook writes it: "1 1/2", "0.7", "3".
      def write(number)
        whole, part = number.divmod(1)
        over, under = FRACTIONS.find { |top, bottom| ((top.to_f / bottom) - part).abs < 1e-3 }
        return Rounding.plain(number, 3) unless over

        whole.zero? ? "#{over}/#{under}" : "#{whole.to_i} #{over}/#{under}"
      end

      # [from, to] where a range is written, else nil.
      def ends(text)
        found = RANGE.match(text.strip)
        found && [found[:from], found[:to]].map { |number| value(NUMBER.match(number)) }
      end

      def range(text)
        from, to = ends(text)
        [(from + to) / 2.0, rest(text, RANGE)] if from
      end

      def figures(text)
        found = /\A#{NUMBER}/.match(text)
        found && value(found)&.then { |number| [number, found.post_match.strip] }
      end

      def value(found)
        whole, over, under, over_alone, under_alone, before_sign, sign, sign_alone, plain = found.to_a.last(9)
        return part(whole.to_f, over, under) if whole
        return part(0.0, over_alone, under_alone) if over_alone
        return before_sign.to_f + SIGNS.fetch(sign) if before_sign

        sign_alone ? SIGNS.fetch(sign_alone) : plain.tr(",", ".").to_f
      end

      def part(whole, over, under)
        under.to_i.zero? ? nil : whole + (over.to_f / under.to_i)
      end

      # "one and a half", "half a", "a", "three quarters of a"
      def words(text)
        case text
        when /\A(#{WORD})\s+and\s+(?:a\s+)?(#{PART})/io
          [WORDS.fetch(::Regexp.last_match(1).downcase) + PARTS.fetch(::Regexp.last_match(2).downcase),
           ::Regexp.last_match.post_match.strip]
        when /\A(?:a\s+)?(#{PART})(?:\s+(?:of\s+)?an?\b)?/io
          [PARTS.fetch(::Regexp.last_match(1).downcase), ::Regexp.last_match.post_match.strip]
        when /\Athree[ -]quarters(?:\s+(?:of\s+)?an?\b)?/i then [0.75, ::Regexp.last_match.post_match.strip]
        when /\A(?:an?\s+)?(#{WORD})/io
          [WORDS.fetch(::Regexp.last_match(1).downcase), ::Regexp.last_match.post_match.strip]
        end
      end

      def rest(text, pattern)
        pattern.match(text).post_match.strip
      end

      private_class_method :ends, :range, :figures, :value, :part, :words, :rest
    end
  end
end
