# frozen_string_literal: true

require "uri"
require_relative "../helpers/pot_words"
require_relative "place"

module FondKettle
  module Web
    # The first page: who eats, which dish, when, what is in the cupboard.
    class TablePlace < Place
      helpers Helpers::PotWords

      get "/" do
        @title = "Table"
        @script = "search.js"
        erb :table, locals: { who: params["who"], found: household.dishes.search(text_param("q")),
                              eaters: household.shelf(:eaters).all, bags: household.shelf(:bags).all,
                              cooking: household.cooks.on_the_stove,
                              latest: household.cooks.finished(most: 1).first }
      end

      # Dims the kitchen on this device, or lights it again, and goes back to the page.
      post "/dim" do
        session["dim"] = !dim?
        redirect page_before, 303
      end

      private

      # Path and query of our own page that the form was sent from.
      def page_before
        from = URI.parse(request.referer.to_s)
        from.host == request.host ? [from.path.to_s.squeeze("/"), from.query].compact.join("?") : "/"
      rescue URI::Error
        "/"
      end
    end
  end
end
