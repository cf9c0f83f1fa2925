# frozen_string_literal: true

require_relative "../words/past_tense"
require_relative "../words/serving_count"
require_relative "../words/third_person"
require_relative "asides"
require_relative "part_labels"

module FondKettle
  module Reading
    # A row of the method: the sentences that say what is done, and what of it is left unread.
    class ToldRow
      # What should be there is done by nobody, nor is what is asked: "Strain? No need."
      THERE = /\A\W*there\s+(?:should|must|ought\s+to|will)\s+(?:just\s+)?be\b|\A[^.,;]{0,40}\?\s*\z/i

      # "You need a litre of broth for the rice": how much of what was made, and where it goes is told later.
      NEEDED = /\A\W*(?:you(?:'ll|\s+will)?|we(?:'ll)?|i)\s+(?:only\s+)?(?:need|want)\s+
                (?:about\s+)?(?:[\d½¼¾]|an?\s|one\s|two\s|three\s)[^.;]*
                \b(?:broth|stock|liquor|liquid)\b[^.;]*(?:;\s+|\.?\z)/ix

      # "Prep: 15 min", "Cooking time 50 minutes": what it takes, and nothing to be done.
      TAKES = /\A\W*(?:(?:prep(?:aration|ping)?|cook(?:ing)?|total|active|hands[ -]on)(?:\s+time)?\s*:?\s+
               (?:about\s+)?\d[\d\s–-]*(?:m|min\w*|h|hrs?|hours?)\W*){1,4}\z/ix

      # `sentences`: what is done, in order; `not_read`: asides, the name of a part, and what is only seen.
      attr_reader :sentences, :not_read

      # `row`: as it was written, without its bullet.
      def initialize(row)
        outside, asides = Asides.out_of(row)
        label, written = PartLabels.apart(outside)
        needed = written.filter_map { |one| one[NEEDED] }
        seen, @sentences = written.map { |one| PastTense.told(ThirdPerson.told(one.sub(NEEDED, ""))) }
                                  .reject { |one| one.empty? || ServingCount.only?(one) }
                                  .partition { |one| one.match?(THERE) || one.match?(TAKES) }
        @not_read = [*asides, *label, *needed, *seen]
      end
    end
  end
end
