# frozen_string_literal: true

require_relative "../../ground/limits"
require_relative "../../measure/cup"

module FondKettle
  module Reading
    # Reads what a cook's own mug or glass holds, where the text itself says it: "a mug of basmati (250 ml
    # mug)", "my glass is 210 ml".
    module MeasuresTold
      NAME = "(?<name>mug|glass|teacup|tea\\s?cup|bowl|cup)"
      ML = "(?<ml>\\d{2,4})\\s?ml"
      BRACKETED = /\s*\(\s*(?:an?\s+|my\s+)?#{ML}\s+#{NAME}\s*\)/i
      WAYS = [BRACKETED,
              /\b(?:my|the|our|a|an|one|1)\s+#{NAME}\s*(?:is|holds|takes|=|being)\s*(?:about\s+)?#{ML}\b/i,
              /\b(?:my|our|a|an)\s+#{ML}\s+#{NAME}\b/i].freeze
      # A row that says no more than that: "1 cup = 200 ml".
      ALONE = /\A\W*(?:my|the|our|an?|one|1)\s+#{NAME}\s*(?:is|holds|takes|=)\s*(?:about\s+)?#{ML}\W*\z/i
      # No record of the house's own.
      NO_ID = 0

      module_function

      # Measure::Cups of a text, each name once.
      def all(text)
        found = WAYS.flat_map { |way| text.to_enum(:scan, way).map { Regexp.last_match } }
        found.select { |one| Limits::MEASURE_ML.cover?(one[:ml].to_i) }
             .map { |one| Measure::Cup.new(id: NO_ID, name: one[:name].downcase, ml: one[:ml].to_f) }
             .uniq(&:name)
      end
    end
  end
end
