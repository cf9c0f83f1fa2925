# frozen_string_literal: true

require_relative "../words/measures_told"

module FondKettle
  module Reading
    # Signs that a cook writes in place of a comma, and a text without line breaks.
    module WrittenSigns
      # "Stock 1.2 l -> in"
      ARROW = /[ \t]{0,3}(?:->|=>|→)[ \t]{0,3}/
      # "Sauce -> soy 2 tbsp, mirin 2 tbsp"
      LABEL = /^([ \t]{0,3}[[:alpha:]]{3,12})[ \t]{0,3}(?:->|=>|→)[ \t]{0,3}/
      # "For the soup - 600 ml dashi, …"
      FOR_PART = /^([ \t]{0,3}for the [[:alpha:]]{3,12})[ \t]{1,3}[-–—][ \t]{1,3}(?=\d|an?\s)/i
      # "Risotto - 250 g arborio, 1 onion, …"
      DASHED = /^([ \t]{0,3}[[:alpha:]]{3,12}|the rest)[ \t]{1,3}[-–—][ \t]{1,3}(?=\d[^.\n]*,[^.\n]*\d)/i
      # "8 fl oz / 240 ml cream": one amount in two units.
      TWICE = %r{(?<=oz|lb|lbs|cup|cups|pint)(?=[ \t]{1,3}/[ \t]{1,3}\d+\s*(?:g|kg|ml|cl|l)\b)}i
      # "6 red peppers / 4 tomatoes", but not "1 / 2".
      SLASH = %r{(?<=[[:alpha:])])(?!#{TWICE})[ \t]{1,3}/[ \t]{1,3}(?=\d+\s+[[:alpha:]]|an?\s|half\s)}
      # "S&p", "s+p"
      SALT_PEPPER = /\bs\s?(?:[&+]|and\s|n\s)\s?p\b/i
      COMMA = ", "
      # "1/ boil lots of water"
      NUMBERED = %r{^([ \t]{0,3}\d{1,2})/[ \t]{1,3}(?=[[:alpha:]])}
      # A line that is drawn: "--", "***".
      RULE = /\A[^[:alnum:]½¼¾⅓⅔⅛]+\z/
      # "Basmati 300 g / stock 600 ml / spinach 250 g, washed": a row each.
      LISTED = %r{[ \t]{1,3}/[ \t]{1,3}}
      # "1 onion • 300 g rice • 800 ml stock"
      BULLETS = /[ \t]{0,3}[•·][ \t]{1,3}/
      LEAST = 3
      TOLD = /[.!?]\s/
      # Letters of a title with which a text in one row begins.
      TITLE_LETTERS = 60
      # What does something, or says how much, is no title.
      NO_TITLE = /\d|,|\A\W*(?:put|take|rinse|wash|soak|fry|boil|heat|cook|slice|chop|cut|mix|warm|melt)\b/i

      module_function

      # Rows of a text, with commas for those signs; the title of what is one row stands by itself.
      def rows(text)
        plain = text.gsub(SALT_PEPPER, "salt, pepper").gsub(NUMBERED, '\1. ')
                    .gsub(LABEL, '\1: ').gsub(FOR_PART, '\1: ').gsub(DASHED, '\1: ')
                    .gsub(ARROW, COMMA).tr("\r", "\n")
        rows = plain.lines.map(&:strip).flat_map { |row| parted(row) }
        rows = rows.grep_v(RULE).grep_v(MeasuresTold::ALONE)
        told = rows.reject(&:empty?)
        told.one? ? titled(told.first) : rows
      end

      def parted(row)
        bullets = row.split(BULLETS).reject(&:empty?)
        return bullets if bullets.size >= LEAST

        parts = row.split(LISTED)
        parts.size >= LEAST && !row.match?(TOLD) ? parts : [row.gsub(SLASH, COMMA)]
      end

      def titled(row)
        title, rest = row.split(/(?<=[.:!])\s+/, 2)
        return [row] if rest.nil? || title.size > TITLE_LETTERS || title.match?(NO_TITLE)

        [title.delete_suffix("."), rest]
      end
      private_class_method :parted, :titled
    end
  end
end
