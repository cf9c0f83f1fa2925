# frozen_string_literal: true

require "strscan"
require_relative "rounding"

module FondKettle
  module Measure
    # Numbers as cooks write them: "1 1/2", "1½", "1,5", "one and a half", "half a",
    # "a dozen", "2-3" (the middle).
    module Numeral
      WORDS = { "a" => 1, "an" => 1, "one" => 1, "two" => 2, "three" => 3, "four" => 4, "five" => 5,
                "six" => 6, "seven" => 7, "eight" => 8, "nine" => 9, "ten" => 10, "eleven" => 11,
                "twelve" => 12, "thirteen" => 13, "fourteen" => 14, "fifteen" => 15, "sixteen" => 16,
                "seventeen" => 17, "eighteen" => 18, "nineteen" => 19, "twenty" => 20, "thirty" => 30,
                "forty" => 40, "fifty" => 50, "sixty" => 60, "seventy" => 70, "eighty" => 80, "ninety" => 90,
                "dozen" => 12, "couple" => 2 }.freeze
      SIGNS = { "½" => 0.5, "¼" => 0.25, "¾" => 0.75, "⅓" => 1 / 3.0, "⅔" => 2 / 3.0, "⅛" => 0.125,
                "⅜" => 0.375, "⅝" => 0.625, "⅞" => 0.875, "⅕" => 0.2, "⅖" => 0.4, "⅙" => 1 / 6.0 }.freeze
      PARTS = { "half" => 0.5, "quarter" => 0.25, "third" => 1 / 3.0 }.freeze
      FRACTIONS = [[1, 2], [1, 4], [3, 4], [1, 3], [2, 3], [1, 8]].freeze
      # Nobody counts further.
      MOST = 1e9
      SIGN = /[#{SIGNS.keys.join}]/
      WORD = /(?!(?:five|seven)[ -]spice)(?:#{WORDS.keys.join('|')})\b/i
      # "twenty-five"
      ONES = WORDS.select { |_, value| value < 10 }.keys - %w[a an couple]
      COMPOUND = /(?<tens>#{WORDS.keys.grep(/ty\z/).join('|')})[ -](?<ones>#{ONES.join('|')})\b/i
      PART = /(?:half|quarter|third)\b/i
      BAR = %r{\s*[/⁄]\s*}
      FRACTION = /(?:(?<whole>\d+)\s+)?(?<over>\d+)#{BAR}(?<under>\d+)/
      SIGNED = /(?<before>\d+)?\s*(?<sign>#{SIGN})/
      PLAIN = /\d+(?:[.,]\d+)?/
      BETWEEN = /\s*(?:-|–|to|or)\s*/i
      FIGURE_AND = /(?<whole>\d+)\s+and\s+(?:a\s+)?(?<part>#{PART})/i
      A_HALF_MORE = /(?<word>#{WORD})\s+and\s+(?:a\s+)?(?<part>#{PART})/i
      PART_OF_DOZEN = /(?:a\s+)?(?<part>#{PART})\s+(?:of\s+)?a\s+dozen\b/i
      PART_OF_ONE = /(?:a\s+)?(?<part>#{PART})(?:\s+(?:of\s+)?an?\b)?/i
      THREE_QUARTERS = /three[ -]quarters(?:\s+(?:of\s+)?an?\b)?/i
      COUNT = /(?:an?\s+)?(?<word>#{WORD})/i
      # What may stand at either end of "two or three".
      COUNTED = /(?<word>(?!an?\b)#{WORD})/i
      THOUSANDS = /\d{1,3}(?:,\d{3})+(?:\.\d+)?(?!\d)/

      module_function

      # [value, the rest of the text], or nil where the text does not begin with a number.
      #
      #   read("1 1/2 cups rice")  # => [1.5, "cups rice"]
      #   read("2-3 onions")       # => [2.5, "onions"]
      def read(text)
        scanner = StringScanner.new(text.strip)
        number = scan(scanner)
        number && [number, scanner.rest.strip]
      end

      # Number at the place where a StringScanner stands, or nil; it moves on only
      # over a number. `thousands`: "1,200" is twelve hundred, not 1.2.
      def scan(scanner, thousands: false)
        from = scanner.pos
        number = range(scanner, thousands) || figures(scanner, thousands) || words(scanner)
        return number if number && number <= MOST

        scanner.pos = from
        nil
      end

      # The number as a cook writes it: "1 1/2", "0.7", "3".
      def write(number)
        whole, part = number.divmod(1)
        over, under = FRACTIONS.find { |top, bottom| ((top.to_f / bottom) - part).abs < 1e-3 }
        return Rounding.plain(number, 3) unless over

        whole.zero? ? "#{over}/#{under}" : "#{whole.to_i} #{over}/#{under}"
      end

      # The middle of "2-3", "two or three".
      def range(scanner, thousands)
        from = scanner.pos
        least = figures(scanner, thousands) || counted(scanner)
        most = figures(scanner, thousands) || counted(scanner) if least && scanner.skip(BETWEEN)
        return (least + most) / 2.0 if most

        scanner.pos = from
        nil
      end

      def figures(scanner, thousands)
        return fraction(scanner) if scanner.check(FRACTION)
        return scanner[:whole].to_f + PARTS.fetch(scanner[:part].downcase) if scanner.scan(FIGURE_AND)
        return scanner[:before].to_f + SIGNS.fetch(scanner[:sign]) if scanner.scan(SIGNED)
        return scanner.matched.delete(",").to_f if thousands && scanner.scan(THOUSANDS)

        scanner.scan(PLAIN)&.tr(",", ".")&.to_f
      end

      # "twenty-five", "three"
      def counted(scanner)
        return compound(scanner) if scanner.scan(COMPOUND)

        WORDS.fetch(scanner[:word].downcase) if scanner.scan(COUNTED)
      end

      def compound(scanner)
        WORDS.fetch(scanner[:tens].downcase) + WORDS.fetch(scanner[:ones].downcase)
      end

      # nil for so many parts of nothing.
      def fraction(scanner)
        scanner.scan(FRACTION)
        under = scanner[:under].to_i
        return scanner[:whole].to_f + (scanner[:over].to_f / under) unless under.zero?

        scanner.unscan
        nil
      end

      # "one and a half", "half a", "a", "three quarters of a"
      def words(scanner)
        if scanner.scan(A_HALF_MORE)
          WORDS.fetch(scanner[:word].downcase) + PARTS.fetch(scanner[:part].downcase)
        elsif scanner.scan(PART_OF_DOZEN) then PARTS.fetch(scanner[:part].downcase) * WORDS.fetch("dozen")
        elsif scanner.scan(PART_OF_ONE) then PARTS.fetch(scanner[:part].downcase)
        elsif scanner.scan(THREE_QUARTERS) then 0.75
        elsif scanner.scan(COMPOUND) then compound(scanner)
        elsif scanner.scan(COUNT) then WORDS.fetch(scanner[:word].downcase)
        end
      end

      private_class_method :range, :figures, :counted, :compound, :fraction, :words
    end
  end
end
