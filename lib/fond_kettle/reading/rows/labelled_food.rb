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
      # "A big pinch", "3 big bunches"
      LOOSE = /(?:an?|two|three|\d)\s+(?:(?:big|small|good|large)\s+)?
               (?:pinch|bunch|handful|knob|splash|sprig|drop|dash)(?:e?s)?/ix
      # "Sticky rice 400 g washed and soaked overnight. Steam it.": its label has no colon.
      UNMARKED = /\A(?<label>[[:alpha:]][[:alpha:]' -]{1,40}?)\s+(?<much>#{RunTogether::COUNT.source.delete_prefix('\A')})
                  (?:(?=[[:alpha:]]+ed\b[^.]*\.\s+\S)|,\s+(?=[[:alpha:]]+ed\b[^.]*\d\s*min))/ix
      COOKER_CUPS = /\d[\d\s.½¼¾]*(?:rice[ -])?cooker[ -]cups?/i
      # "In florets, tossed with …": so it comes.
      IN_SHAPE = /\A(?<how>in\s+(?:[[:alpha:]]+\s+)?[[:alpha:]]+),\s+(?=[[:alpha:]])/i
      WHOLE = /\A(?<label>[[:alpha:]][[:alpha:]' -]{1,40}):\s+
               (?<much>(?:#{COOKER_CUPS}|#{LOOSE}|#{RunTogether::COUNT.source.delete_prefix('\A')})
               (?:\s*#{SORTS})?)(?<kind>\s*[[:alpha:]][[:alpha:] -]{2,30})?\s*(?:[.,;]|\s[-–—])\s+
               (?<told>\S.*)\z/ix

      # "300 g fillet, skin off"
      FIRST_THING = /\A(?<much>#{RunTogether::COUNT.source.delete_prefix('\A')})(?<kind>[[:alpha:]]{3,20})(?<how>,.*)?\z/ix
      # "Broad beans: 400 g frozen, skins slipped off"
      NAMED = /\A(?<label>[[:alpha:]][[:alpha:]' -]{1,40}):\s+
               (?<much>(?:#{LOOSE}|#{RunTogether::COUNT.source.delete_prefix('\A')})(?:\s*#{SORTS})?)
               (?<how>,\s[^.:]{1,60})?\.?\z/ix

      KIND = /\A(?<label>[[:alpha:]]{3,12}):\s+(?<much>#{RunTogether::COUNT.source.delete_prefix('\A')})
              (?<kind>[[:alpha:]]{3,20})(?<how>,\s[^:]{1,60})?\.?\z/ix

      # "Saffron: 1/2 tsp in 100 ml warm milk"
      WITHIN = /\A(?<label>[[:alpha:]][[:alpha:]' -]{1,40}):\s+
                (?<much>(?:#{LOOSE}|#{RunTogether::COUNT.source.delete_prefix('\A')}))\s*
                (?<how>in\s+[^.:;]{3,50})\.?\z/ix

      module_function

      # [its thing, the words that say it, the sentences of what is done], or nil for any other row.
      #
      #   apart("Snow peas: 60 g, boil 1 minute.")
      #   # => ["60 g snow peas", "Snow peas: 60 g", ["Snow peas: boil 1 minute."]]
      def apart(row)
        found = WHOLE.match(row.sub(UNMARKED, '\k<label>: \k<much>, '))
        return unless found && food?(found[:label])

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

      # A thing of a row that is labelled with a food and names none behind it, with the label's: "Dill: 3 big
      # bunches, chopped fine" is "3 big bunches dill, chopped fine"; nil for any other row.
      def named(row)
        found = NAMED.match(row) || WITHIN.match(row)
        return of_kind(row) unless found && food?(found[:label])

        [found[:much].strip, found[:label].downcase, found[:how]].compact.join(" ").gsub(" ,", ",")
      end

      # "Salmon:", "300 g fillet": the thing with its label, where that is a food and the thing is none.
      def labelled(label, thing)
        food = label.to_s[/\A[[:alpha:] -]+/].to_s.strip
        found = FIRST_THING.match(thing)
        return thing unless found && food?(food) && !food?(found[:kind])

        "#{found[:much].strip} #{food.downcase} #{found[:kind]}#{found[:how]}"
      end

      # "Stock: 1.4 l vegetable, hot" is vegetable stock.
      def of_kind(row)
        found = KIND.match(row)
        return unless found

        name = "#{found[:kind]} #{found[:label].downcase}"
        "#{found[:much].strip} #{name}#{found[:how]}" if Larder::Names.ours.whole?(name)
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

      def food?(label)
        Larder::Names.ours.whole?(label) || !Larder::Names.ours.grain(label).nil?
      end
      private_class_method :of_kind, :done?, :front, :names, :rice?, :food?
    end
  end
end
