# frozen_string_literal: true

require_relative "method_blocks"
require_relative "run_together"

module FondKettle
  module Reading
    # Rows of a text above its numbered steps that tell nothing to be done and name an amount: "For the rice:
    # 600 g long grain rice, salt." is a list, though a full stop ends it.
    module AboveNumbers
      NUMBERED = /\A\s*(?<number>\d{1,2})[.)]\s+(?=[[:alpha:]])/
      STOPPED = /\.\s*\z/
      # So many steps are counted at least.
      FEW = 3

      module_function

      # Such rows of a text, the title left out; none where no steps are counted.
      def rows(all)
        first = all.index { |row| row[NUMBERED, :number] == "1" } or return []
        counted = all.drop(first).filter_map { |row| row[NUMBERED, :number]&.to_i }
        return [] unless counted.first(FEW) == [*1..FEW] && MethodBlocks.done?(all[first])

        all[1...first].to_a.select do |row|
          row.match?(STOPPED) && row.match?(RunTogether::AMOUNT) && !MethodBlocks.done?(row)
        end
      end
    end
  end
end
