# frozen_string_literal: true

require_relative "../../measure/numeral"

module FondKettle
  module Reading
    # Pieces of one thing that a row counts by what is done to them: "2 onions, one halved, one chopped".
    module CountedPieces
      NUMBER = /\d{1,2}|one|two|three|four|five|six/i
      # One kind of pieces: how many, and what is done to them.
      KIND = /(?<number>#{NUMBER})\s+(?:of\s+them\s+)?(?<done>(?:finely\s+|thinly\s+|roughly\s+|left\s+)?
              (?:[[:alpha:]]+ed|cut|whole|raw|grated))/ix
      SIZE = /(?:large|small|medium|big)/i
      ROW = /\A(?<count>#{NUMBER})\s+(?<size>#{SIZE}\s+)?
             (?<what>[[:alpha:]][[:alpha:]\ -]{1,40}?)(?:,|:|\s[-–—]|\s\()\s*
             (?<kinds>#{KIND}[^,;()]{0,30}(?:(?:,\s+(?:and\s+)?|\s+and\s+)#{KIND}[^,;()]{0,30})+)\)?\z/ix
      # "Onions 4 large - 3 sliced, 1 whole"
      BEHIND = /\A(?<what>[[:alpha:]][[:alpha:] ]{1,40}?),?\s+
                (?<count>\d{1,2}(?:\s+#{SIZE})?)(?=,|:|\s[-–—]|\s\()/ix
      APART = /(?:,\s+(?:and\s+)?|\s+and\s+)(?=#{NUMBER}\s)/i

      module_function

      # Texts of the kinds of a row, with so many pieces of each; nil where it counts none, or others than
      # there are.
      #
      #   of("2 onions, one halved, one chopped") # => ["1 halved onions", "1 chopped onions"]
      def of(row)
        found = ROW.match(row.strip.sub(BEHIND, '\k<count> \k<what>')) or return
        kinds = found[:kinds].split(APART).filter_map { |kind| KIND.match(kind) }
        numbers = kinds.map { |kind| number(kind[:number]) }
        return unless kinds.size > 1 && numbers.sum == number(found[:count])

        kinds.zip(numbers).map do |kind, count|
          "#{count.to_i} #{found[:size]}#{kind[:done]} #{found[:what].downcase}"
        end
      end

      def number(text)
        Measure::Numeral.read(text).first.to_f
      end
      private_class_method :number
    end
  end
end
