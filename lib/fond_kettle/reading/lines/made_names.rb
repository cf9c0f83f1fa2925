# frozen_string_literal: true

require_relative "../../larder/names"

module FondKettle
  module Reading
    # Names of what is made of a line and called after it: "the parsley paste" is the parsley, and no tomato
    # paste.
    class MadeNames
      MADE_OF = /\b[[:alpha:]]+\s+(?:paste|pur[ée]e|sauce)\b/i

      # `names`: of each line the words that name it.
      def initialize(names)
        @names = names
        @known = names.flatten.uniq
      end

      # A text with the line's own word alone, where no line is called so.
      #
      #   without("push the parsley paste in") # => "push the parsley in"
      def without(text)
        text.gsub(MADE_OF) do |words|
          of, made = Larder::Names.ours.words(words)
          made && @known.include?(of) && !called?(of, made) ? words[/\A\S+/] : words
        end
      end

      private

      def called?(*words)
        @names.any? { |names| (words - names).empty? }
      end
    end
  end
end
