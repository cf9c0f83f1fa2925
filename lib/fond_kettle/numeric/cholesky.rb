# frozen_string_literal: true

module FondKettle
  module Numerics
    # The lower root of a covariance.
    module Cholesky
      # Less than this on the diagonal is nothing.
      TINY = 1e-14

      module_function

      # Rows of L with L L' the matrix (rows, symmetric); what has no variance of its own has no row.
      #
      #   of([[4.0, 2.0], [2.0, 2.0]]) # => [[2.0, 0.0], [1.0, 1.0]]
      def of(rows)
        size = rows.size
        root = Array.new(size) { Array.new(size, 0.0) }
        size.times do |row|
          (0..row).each do |column|
            left = rows[row][column] - (0...column).sum { |at| root[row][at] * root[column][at] }
            root[row][column] = row == column ? Math.sqrt([left, 0.0].max) : over(left, root[column][column])
          end
        end
        root
      end

      def over(left, diagonal)
        diagonal > TINY ? left / diagonal : 0.0
      end
      private_class_method :over
    end
  end
end
