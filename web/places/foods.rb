# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../../app/forms/food_form"
require_relative "../../app/shelves/keep"
require_relative "../ground/own_address"
require_relative "place"

module FondKettle
  module Web
    # The answer to the question what an unknown food is, in one tap from wherever it is asked, and stored for
    # the house.
    class FoodsPlace < Place
      # Says what a food is that nobody knew: its kind, a blank, its name.
      post "/" do
        form = Forms::FoodForm.new(text_param("answer"))
        raise InvalidInput, form.problems if form.problems.any?

        done App::KeepRecord.new(household, now).food(form.food, form.kind)
        notice form.notice
        redirect OwnAddress.of(text_param("back")) || "/dishes", 303
      end
    end
  end
end
