# frozen_string_literal: true

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
                              cooking: household.cooks.on_the_stove, latest: household.cooks.finished(most: 1).first }
      end
    end
  end
end
