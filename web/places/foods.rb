# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../forms/food_form"
require_relative "place"

module FondKettle
  module Web
    # What a food is that nobody knew, answered in one tap from wherever it is asked, and kept for the house.
    class FoodsPlace < Place
      # An address of ours, and no other.
      OURS = %r{\A/(?![/\\])[^\s\\]*\z}

      post "/" do
        form = Forms::FoodForm.new(text_param("answer"))
        raise InvalidInput, form.problems if form.problems.any?

        household.learn_food(form.food, form.kind)
        notice form.said
        back = text_param("back")
        redirect OURS.match?(back) ? back : "/dishes", 303
      end
    end
  end
end
