# frozen_string_literal: true

require "strscan"
require_relative "../ground/remembered"
require_relative "../ground/value"
require_relative "amounts"
require_relative "numeral"
require_relative "units"

module FondKettle
  module Measure
    # Times as cooks write them, in minutes: "4 h", "1 h 30", "1h30", "1:30 h", "half an hour", "an hour
    # and a quarter", "15-20 minutes" (the middle), "a couple of minutes", "overnight".
    module Durations
      # A time within a text: `minutes`, the `words` that say it and the byte at which they begin.
      FoundTime = Value.define(:minutes, :words, :from)
      OVERNIGHT_MIN = 480.0
      FEW = 3.0
      # In minutes, by the key of a unit of time.
      MINUTES = Hash.new { |known, unit| known[unit] = Units.convert(1.0, unit, "min") }
      HOUR = "h"
      MINUTE = "min"
      NAMES = UnitTable.names("time")
      UNIT = Amounts.pattern(NAMES.keys)
      NIGHT = /(?:over\s?night|(?:all|over|through|for)\s+(?:the\s+|a\s+)?night|(?:a|the\s+whole)\s+night)\b/i
      # What says nothing of how long.
      LOOSELY = /(?:(?:for|about|around|roughly|approx\w*\.?|ca\.?|circa|some|nearly|almost|just|only|another
                   |a\s+further|at\s+least|at\s+most|up\s+to|not\s+more\s+than|no\s+more\s+than|over|under)\s+
                  |~\s*|(?:a|an)\s+(?=(?:good|full|further|scant|whole|long|short|slow|mere)\b))*/ix
      BETWEEN_NUMBER_AND_UNIT = /\s*[-+]?\s*(?:(?:more|further|good|full|whole|long|short|slow|scant|extra
                                 |or\s+so|odd|solid|gentle)\s+)*(?:of\s+(?:an?\s+)?)?/ix
      GOOD = /(?:(?:good|full|further|scant|whole|long|short|slow|mere)\s+)+/i
      BETWEEN = /between\s+(?=[\d½¼¾⅓⅔⅛]|#{Numeral::WORD})/i
      # "6/7 mins" is between the two: nobody times parts of a minute so.
      SLASHED = %r{(?<least>\d+)/(?<most>\d+)(?=\s*m(?:in|\b))}i
      AND_MOST = /\s*(?:and|to|-|–)\s*/i
      # One of it, without a number.
      ONE_OF = /(?:hour|minute|day)\b/i
      FEW_WORDS = /(?:a\s+)?(?:few|several)\b/i
      CLOCKED = /(?<hours>\d{1,2}):(?<minutes>[0-5]\d)\s*(?:h|hrs?|hours?)(?![[:alpha:]])/i
      AND_A_PART = /\s+and\s+(?:an?\s+)?(?<part>half|quarter|third)\b/i
      AND_THREE_QUARTERS = /\s+and\s+three[ -]quarters\b/i
      # "1 h 30", "1h30"
      MEASURED = Amounts.pattern(UnitTable.names(*%w[mass volume temperature length piece]).keys - ["m"])
      # "Low, 20'", a byte as the letter is.
      MINUTE_SIGN = /(?<=\d)'(?=[\s,.;)]|\z)/
      # "40m"
      SHORT = /m\b/
      BARE = %r{\s*(?<minutes>[0-5]?\d)(?:\s*m\b)?(?![\d:/½¼¾⅓⅔⅛[:alpha:]%°]|[.,]\d|\s*(?:[°%]|#{MEASURED}))}i
      # "An hour and ten"
      AND_WORD = /\s+and\s+(?<minutes>#{Numeral::WORD})(?=\s*(?:[,.;)]|\z))/i
      # Behind a time, before a longer one that is at most so many times as long.
      TO = /\s*(?:to|up\s+to|-|–)\s+(?=[\da-z½])/i
      WIDEST = 4
      OR_TWO = /\s+or\s+two\b/i
      MORE = /\s*(?:,\s*|\+\s*|&\s*|and\s+)?/i
      WORD = /[[:alnum:]½¼¾⅓⅔⅛⅜⅝⅞]+/
      BEHIND = /\s*(?:in\s+all|more|longer|or\s+so|altogether)?\s*\.?/i
      # "In a second pan" is no time.
      OTHER = /(?:an?|one)\s+second\s+(?:[[:alpha:]]+\s+)?
               (?:pan|pot|bowl|wok|skillet|saucepan|plate|dish|tray|time)\b/ix
      # Where a time may begin within a text.
      START = %r{(?<![[:alnum:].,:/°])(?!#{OTHER})(?=[\d½¼¾⅓⅔⅛⅜⅝⅞]|#{Numeral::WORD}|#{Numeral::PART}|#{NIGHT}|#{FEW_WORDS}
                 |three[ -]quarters|another\s|between\s)}ix

      # By a text; the same words are looked at as a row, a sentence and a clause.
      ALL_IN = Remembered.new(1000) { |text| search(text) }
      private_constant :ALL_IN

      module_function

      # Minutes of a text that is a time from its front to its end, or nil; a number alone is of `unit`
      # (nil: no time).
      #
      #   read("1 h 30")            # => 90.0
      #   read("half an hour")      # => 30.0
      #   read("20", unit: "min")   # => 20.0
      def read(text, unit: nil)
        scanner = StringScanner.new(text.strip)
        minutes = scan(scanner) || bare(scanner, unit)
        minutes if minutes && scanner.skip(BEHIND) && scanner.eos?
      end

      # Minutes of the time at the place where a StringScanner stands, or nil; it moves on only over a time.
      def scan(scanner)
        from = scanner.pos
        minutes = one(scanner)
        return minutes && up_to(scanner, minutes) if minutes && minutes <= Numeral::MOST

        scanner.pos = from
        nil
      end

      # All times in a text (FoundTime), each once, from front to end.
      #
      #   all("Fry 8 minutes, then 2 more minutes").map(&:minutes) # => [8.0, 2.0]
      def all(text)
        ALL_IN[text]
      end

      def search(text)
        scanner = StringScanner.new(text.gsub(MINUTE_SIGN, "m"))
        found = []
        while scanner.skip_until(START)
          from = scanner.pos
          minutes = scan(scanner)
          if minutes then found << FoundTime.new(minutes: minutes, words: text.byteslice(from...scanner.pos),
                                                 from: from)
          else
            scanner.skip(WORD)
          end
        end
        found.freeze
      end

      # Minutes of one time.
      def one(scanner)
        night = night(scanner)
        scanner.skip(LOOSELY)
        night || night(scanner) || clocked(scanner) || sum(scanner)
      end

      # The middle of a time and a longer one that follows: "an hour to an hour and a half".
      def up_to(scanner, minutes)
        from = scanner.pos
        most = scanner.skip(TO) && one(scanner)
        return (minutes + most) / 2 if most&.between?(minutes, minutes * WIDEST)

        scanner.pos = from
        minutes
      end

      def night(scanner)
        scanner.skip(NIGHT) && OVERNIGHT_MIN
      end

      def clocked(scanner)
        return unless scanner.skip(CLOCKED)

        (scanner[:hours].to_f * MINUTES[HOUR]) + scanner[:minutes].to_f
      end

      # A number of a unit, and what smaller is added to it.
      def sum(scanner)
        number, unit = term(scanner)
        return unless unit

        minutes = number * MINUTES[unit]
        minutes += part(scanner) * MINUTES[unit]
        minutes += 0.5 * MINUTES[unit] if number == 1 && scanner.skip(OR_TWO)
        minutes + rest(scanner, unit)
      end

      # "and a half", of the unit before it.
      def part(scanner)
        return 0.75 if scanner.skip(AND_THREE_QUARTERS)

        scanner.skip(AND_A_PART) ? Numeral::PARTS.fetch(scanner[:part].downcase) : 0.0
      end

      # "30 min", "and 30 minutes", "30" behind hours.
      def rest(scanner, unit)
        from = scanner.pos
        scanner.skip(MORE)
        number, smaller = term(scanner)
        return number * MINUTES[smaller] if smaller && MINUTES[smaller] < MINUTES[unit]

        scanner.pos = from
        return 0.0 unless unit == HOUR
        return scanner[:minutes].to_f * MINUTES[MINUTE] if scanner.skip(BARE)

        scanner.skip(AND_WORD) ? Numeral.read(scanner[:minutes]).first.to_f * MINUTES[MINUTE] : 0.0
      end

      # [number, unit], or nil.
      def term(scanner)
        from = scanner.pos
        number = number(scanner)
        return [number, MINUTE] if number && scanner.skip(SHORT)

        scanner.skip(BETWEEN_NUMBER_AND_UNIT) if number
        name = scanner.scan(UNIT) if number
        return [number, NAMES.fetch(name.downcase.tr("-", " ")).key] if name

        scanner.pos = from
        nil
      end

      # The number as it is written, or 1 for "a good hour", "another minute".
      def number(scanner)
        return middle(scanner) if scanner.skip(BETWEEN)

        scanner.skip(GOOD)
        return FEW if scanner.skip(FEW_WORDS)

        slashed(scanner) || Numeral.scan(scanner) || (1.0 if scanner.match?(ONE_OF))
      end

      # The middle of "6/7 mins", or nil: "1/2 min" is half a minute.
      def slashed(scanner)
        return unless scanner.check(SLASHED)

        least, most = scanner.values_at(1, 2).map(&:to_f)
        return unless least > 1 && most > least

        scanner.skip(SLASHED)
        (least + most) / 2
      end

      # "between 15 and 20"
      def middle(scanner)
        least = Numeral.scan(scanner)
        return least unless scanner.skip(AND_MOST)

        most = Numeral.scan(scanner)
        most ? (least + most) / 2.0 : nil
      end

      def bare(scanner, unit)
        number = unit && Numeral.scan(scanner)
        number && (number * MINUTES[unit])
      end
      private_class_method :search, :one, :up_to, :night, :clocked, :sum, :part, :rest, :term, :number,
                           :slashed, :middle, :bare
    end
  end
end
