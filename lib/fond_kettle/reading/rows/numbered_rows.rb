# frozen_string_literal: true

require_relative "method_blocks"

module FondKettle
  module Reading
    # Steps that are counted without a dot: "1 Pour the water over the mushrooms".
    module NumberedRows
      NUMBER = /\A(?<number>\d{1,2})[ \t]+(?=[[:alpha:]])/
      # Rows one after the other that are counted steps; of fewer, "1 onion" and "2 carrots" are amounts, and
      # of a few more, where they do not begin with a capital.
      LEAST = 3
      LEAST_SMALL = 5
      CAPITAL = /\A\d+\s+[[:upper:]]/
      SENTENCE = /[.!]\s*\z/
      # Of them so many tell what is done.
      TOLD = 0.5

      module_function

      # All rows, those steps with a dot behind their number.
      def dotted(rows)
        runs(rows).flat_map do |run|
          steps?(run) ? run.map { |row| row.sub(NUMBER, '\k<number>. ') } : run
        end
      end

      # Rows one after the other that count on from one; what counts nothing stands alone.
      def runs(rows)
        rows.chunk_while { |row, following| number(row) && number(following) == number(row) + 1 }
      end

      def number(row)
        NUMBER.match(row)&.[](:number)&.to_i
      end

      def steps?(run)
        least = run.all? { |row| row.match?(CAPITAL) } ? LEAST : LEAST_SMALL
        run.size >= least && number(run.first) == 1 &&
          run.count { |row| row.match?(SENTENCE) || MethodBlocks.done?(row) } >= TOLD * run.size
      end
      private_class_method :runs, :number, :steps?
    end
  end
end
