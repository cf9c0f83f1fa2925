# frozen_string_literal: true

require_relative "../ground/destinations"
require_relative "../ground/help_texts"
require_relative "place"

module FondKettle
  module Web
    # The page that says what each place is for, the keys, and what the words mean.
    class HelpPlace < Place
      # Each place in a sentence, the keys, the words.
      get "/" do
        @title = "Help"
        names = DESTINATIONS.to_h { |place| [place.path, place] }
        erb :help, locals: { places: HelpTexts.of("places").map { |text| [names.fetch(text.key), text.say] },
                             words: HelpTexts.of("words") }
      end
    end
  end
end
