# frozen_string_literal: true

module FondKettle
  module Reading
    # Rows of a text that somebody's program may have broken.
    module WrappedRows
      # Letters of such a row.
      LONG = 60
      ENDS = /[.!?:]\s*\z/

      module_function

      # Rows; a sentence that was broken at the end of a long row goes on.
      def joined(rows)
        written = rows.any? { |row| row.size >= LONG && row.match?(/\A[[:upper:]]/) }
        rows.each_cons(2).with_object([rows.first.to_s.dup]) do |(before, row), done|
          written && broken?(before, row) ? done.last << " " << row : done << row.dup
        end
      end

      # True where the next row does not begin with a capital.
      def broken?(before, row)
        before.size >= LONG && !before.match?(ENDS) && row.match?(/\A[[:lower:]]/)
      end
      private_class_method :broken?
    end
  end
end
