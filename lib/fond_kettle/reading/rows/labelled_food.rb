# frozen_string_literal: true

require_relative "../../larder/names"
require_relative "../words/past_tense"
require_relative "../words/sentences"
require_relative "label_name"
require_relative "method_blocks"
require_relative "run_together"

module FondKettle
  module Reading
    # A row whose label is a food, behind it how much and what is done with it at once: "Snow peas: 60 g, boil
    # 1 minute, cut on the slant."
    module LabelledFood
      LABEL = /\A#{LabelName::NAME}:\s+/
      # "Sticky rice 400 g washed and soaked overnight. Steam it.": its label has no colon.
      UNMARKED = /\A(?<label>[[:alpha:]][[:alpha:]' -]{1,40}?)\s+(?<much>#{LabelName::COUNT})
                  (?:(?=[[:alpha:]]+ed\b[^.]*\.\s+\S)|,\s+(?=[[:alpha:]]+ed\b[^.]*\d\s*min))/ix
      COOKER_CUPS = /\d[\d\s.½¼¾]*(?:rice[ -])?cooker[ -]cups?/i
      # "In florets, tossed with …": so it comes.
      IN_SHAPE = /\A(?<how>in\s+(?:[[:alpha:]]+\s+)?[[:alpha:]]+),\s+(?=[[:alpha:]])/i
      WHOLE = /\A(?<label>#{LabelName::NAME}):\s+
               (?<much>(?:#{COOKER_CUPS}|#{LabelName::LOOSE}|#{LabelName::COUNT})
               (?:\s*#{LabelName::SORTS})?)(?<kind>\s*[[:alpha:]][[:alpha:] -]{2,30})?\s*(?:[.,;]|\s[-–—])\s+
               (?<told>\S.*)\z/ix

      module_function

      # [its thing, the words that say it, the sentences of what is done], or nil for any other row.
      #
      #   apart("Snow peas: 60 g, boil 1 minute.")
      #   # => ["60 g snow peas", "Snow peas: 60 g", ["Snow peas: boil 1 minute."]]
      def apart(row)
        found = WHOLE.match(row.sub(UNMARKED, '\k<label>: \k<much>, '))
        return unless found && LabelName.food?(found[:label])

        first, *more = told = Sentences.of(found[:told].sub(IN_SHAPE, ""))
        return unless (found[:kind].nil? || rice?(found, more)) && done?(told)

        thing, said = names(found).map { |one| [one, found[:told][IN_SHAPE, :how]].compact.join(", ") }
        [thing, said, ["#{found[:label]}: #{first}", *more]]
      end

      def done?(told)
        told.any? { |one| MethodBlocks.done?(PastTense.told(one)) }
      end

      # A thing as a line has it, and as it is written: "Rice: 500 g basmati" is some basmati.
      def names(found)
        label, much, kind = found.values_at(:label, :much, :kind).map { |words| words&.strip }
        kind ? Array.new(2, "#{much} #{kind}") : ["#{much} #{label.downcase}", "#{label}: #{much}"]
      end

      # Words of a step without a label that does not stand before them in the text.
      def as_written(say, text)
        bare = say.sub(LABEL, "")
        !text.include?(front(say)) && text.include?(front(bare)) ? bare : say
      end

      # A text up to its first comma: what stands behind it may have been joined otherwise.
      def front(text)
        text[/\A[^,;]*/]
      end

      # "Rice: 500 g good basmati, washed", and no more of what is listed there.
      def rice?(found, more)
        Larder::Names.ours.grain(found[:kind].split.last) &&
          [found[:told], *more].none? { |one| one.match?(RunTogether::FIRST) }
      end
      private_class_method :done?, :front, :names, :rice?
    end
  end
end
