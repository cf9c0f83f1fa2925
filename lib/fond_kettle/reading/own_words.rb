# frozen_string_literal: true

module FondKettle
  module Reading
    # The words by which a line or a step of a dish is known again when the text is read anew.
    module OwnWords
      module_function

      # Words by id, of pairs of both in the order of the text; of several with the same words each after the
      # first has its number.
      #
      #   of([["s1", "Taste it."], ["s4", "Taste it."]]) # => { "s1" => "Taste it.", "s4" => "Taste it. (2)" }
      def of(pairs)
        seen = Hash.new(0)
        pairs.to_h { |id, words| [id, (seen[words] += 1) == 1 ? words : "#{words} (#{seen[words]})"] }
      end
    end
  end
end
