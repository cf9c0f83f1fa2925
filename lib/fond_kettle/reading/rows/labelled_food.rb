# frozen_string_literal: true

require_relative "../../larder/names"
require_relative "../words/past_tense"
require_relative "../words/sentences"
require_relative "method_blocks"
require_relative "run_together"

module FondKettle
  module Reading
    # A row whose label is a food, behind it how much and what is done with it at once: "Snow peas: 60 g, boil
    # 1 minute, cut on the slant."
    module LabelledFood
      LABEL = /\A[[:alpha:]][[:alpha:]' -]{1,40}:\s+/
      SORTS = /(?:dried|fresh|frozen|raw|cooked|smoked|tinned|ripe|large|big|small|whole)/i
      COOKER_CUPS = /\d[\d\s.½¼¾]*(?:rice[ -])?cooker[ -]cups?/i
      # "In florets, tossed with …": so it comes.
      IN_SHAPE = /\A(?<how>in\s+(?:[[:alpha:]]+\s+)?[[:alpha:]]+),\s+(?=[[:alpha:]])/i
      WHOLE = /\A(?<label>[[:alpha:]][[:alpha:]' -]{1,40}):\s+
               (?<much>(?:#{COOKER_CUPS}|#{RunTogether::COUNT.source.delete_prefix('\A')})
               (?:\s*#{SORTS})?)\s*(?:[.,;]|\s[-–—])\s+(?<told>\S.*)\z/ix

      module_function

      # [its thing, the words that say it, the sentences of what is done], or nil for any other row.
      #
      #   apart("Snow peas: 60 g, boil 1 minute.")
      #   # => ["60 g snow peas", "Snow peas: 60 g", ["Snow peas: boil 1 minute."]]
      def apart(row)
        found = WHOLE.match(row)
        return unless found && food?(found[:label])

        how = found[:told][IN_SHAPE, :how]
        first, *more = Sentences.of(found[:told].sub(IN_SHAPE, ""))
        return unless [first, *more].any? { |one| MethodBlocks.done?(PastTense.told(one)) }

        label, much = [found[:label], found[:much]].map(&:strip)
        names = ["#{much} #{label.downcase}", "#{label}: #{much}"]
        thing, said = names.map { |one| [one, how].compact.join(", ") }
        [thing, said, ["#{label}: #{first}", *more]]
      end

      # Words of a step without a label that does not stand before them in the text.
      def as_written(say, text)
        bare = say.sub(LABEL, "")
        !text.include?(say) && text.include?(bare) ? bare : say
      end

      def food?(label)
        Larder::Names.ours.whole?(label) || !Larder::Names.ours.grain(label).nil?
      end
      private_class_method :food?
    end
  end
end
