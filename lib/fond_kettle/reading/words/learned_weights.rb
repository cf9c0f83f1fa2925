# frozen_string_literal: true

require "set"
require_relative "../../ground/limits"
require_relative "../../larder/names"
require_relative "../../larder/spelling"
require_relative "../../measure/numeral"
require_relative "../../measure/unit_table"
require_relative "amount_forms"

module FondKettle
  module Reading
    # Weights of things in a house where its cooks have said so: "thin onions" 110 g each, "handful of mint"
    # 18 g. A line that is called so weighs so many times that.
    class LearnedWeights
      NUMBER = %r{\A(?:about\s+|some\s+)?
                  (?<number>half\s+an?\b|an?\b|#{Measure::Numeral::WORD}|[\d½¼¾⅓⅔⅛][\d\s.,½¼¾⅓⅔⅛]*(?:/\s*\d+)?)
                  \s*(?:of\s+)?}ix
      # Words about a thing behind its name.
      BEHIND = /[,(].*\z/m
      HALF = /\Ahalf\b/i
      ONE = /\Aan?\z/i
      MASS = "mass"
      NO_NAME = %w[of the a an].freeze
      LETTERS = 60

      # `grams`: what one weighs, g, by its name.
      def initialize(grams = {})
        @grams = grams.to_h { |name, each_g| [self.class.words(name), each_g] }
      end

      # The name by which a line's thing is known again, and how many of it there are; nil where it is
      # weighed, or has no name.
      #
      #   LearnedWeights.counted("2 thin onions, sliced") # => ["thin onions", 2.0]
      def self.counted(text)
        plain = AmountForms.turned(Larder::Spelling.mend(text))
        number = NUMBER.match(plain)
        name = (number ? number.post_match : plain).sub(BEHIND, "").strip
        unit = Measure::UnitTable.find(name.split.first.to_s.downcase)
        return if name.empty? || name.size > LETTERS || unit&.family == MASS

        [name, number ? count(number[:number]) : 1.0]
      end

      # The words of a name that tell it apart.
      def self.words(name)
        (Larder::Names.ours.words(name) - NO_NAME).to_set
      end

      # Weight of a line, g, by what the house knows; nil: it does not.
      def g(text)
        return if @grams.empty?

        name, count = self.class.counted(text)
        each_g = name && @grams[self.class.words(name)]
        weight_g = each_g && (each_g * count)
        weight_g if weight_g && Limits::ADDITION_G.cover?(weight_g)
      end

      def self.count(number)
        return 0.5 if number.match?(HALF)
        return 1.0 if number.match?(ONE)

        Measure::Numeral.read(number.strip)&.first&.to_f || 1.0
      end
      private_class_method :count
    end
  end
end
