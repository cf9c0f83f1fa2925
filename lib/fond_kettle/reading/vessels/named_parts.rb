# frozen_string_literal: true

require_relative "../../larder/names"

module FondKettle
  module Reading
    # The parts of a dish by the names that its list gives them ("Sambal:"), as its method speaks of them
    # later: "serve with the sambal".
    class NamedParts
      # A heading with a name: no "for the table".
      NAME = /\A(?:for\s+)?(?:the\s+)?(?!(?:rice|table|pot|pan|top|end|side|rest)\b)
              (?<name>[[:alpha:]]+)\W*\z/ix
      # "Over the sambal" is to it, and not from it.
      BEFORE = /(?<!\bover\s)(?<!\bonto\s)(?<!\binto\s)(?<!\bto\s)(?<!\bon\s)/

      # `lines`: ReadLines.
      def initialize(lines)
        listed = lines.each_index.group_by { |index| NAME.match(lines[index].part.to_s)&.[](:name) }
        @parts = listed.select { |name, indexes| name && indexes.size > 1 && !food?(name, lines) }
        @words = @parts.keys.to_h { |name| [/#{BEFORE}\bthe\s+(?:[[:alpha:]]+\s+)?#{name}\b/i, name] }
      end

      # Indexes of the lines of the part that a text names; none where it names none.
      def in(say)
        name = @words.find { |words, _| say.match?(words) }&.last
        @parts.fetch(name, [])
      end

      private

      # "Chicken:" is what its line says.
      def food?(name, lines)
        said = Larder::Names.ours.words(name)
        lines.any? { |line| !line.spoken && line.names.intersect?(said) }
      end
    end
  end
end
