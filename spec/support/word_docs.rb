# frozen_string_literal: true

require_relative "../../web/ground/help_texts"

module Support
  # docs/words.md, made of data/help.yml: the words of the interface, what each means, and which are not used.
  module WordDocs
    FILE = File.expand_path("../../docs/words.md", __dir__)
    HEAD = <<~TEXT
      # The words of the interface

      Made of `data/help.yml` by `bundle exec rake words`; the page Help shows the first two columns. Short, kitchen
      words, sentence case, the number first.

      | word | what it means | not used for it |
      |---|---|---|
    TEXT

    # The text of the file.
    def self.text
      rows = FondKettle::Web::HelpTexts.of("words").map do |word|
        "| **#{word.key}** | #{word.say} | #{word.not.join(', ')} |\n"
      end
      HEAD + rows.join
    end
  end
end
