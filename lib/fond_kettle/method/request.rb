# frozen_string_literal: true

require_relative "../larder/grain"
require_relative "../measure/rounding"
require_relative "../value"

module FondKettle
  module Method
    # An addition: an Ingredient and its weight in g; `said` is how the slip names it,
    # nil where a dish's own lines and steps do.
    Addition = Value.define(:ingredient, :g, :said) do
      # One that nobody has put in words: "200 g tomato".
      def self.of(ingredient, grams)
        new(ingredient: ingredient, g: grams, said: "#{Measure::Rounding.grams(grams)} g #{ingredient.name.downcase}")
      end
    end

    # What earlier cooks of this grain in this pot have taught: `drinks` times the
    # book's uptake, `extra_min` more on low, and `because`, in words; `cooks` is how
    # many taught it.
    Lesson = Value.define(:drinks, :extra_min, :because, :cooks)
    NO_LESSON = Lesson.new(drinks: 1.0, extra_min: 0.0, because: nil, cooks: 0)

    # Where schools leave a choice. nil takes the method's own way.
    #   onion  a colour of its onion step      first  "meat" or "onion"
    #   stir   "never" or "at-boil"            cloth, parchment, crust  true or false
    #   residue_g, parts  as in Pot::Charge    oven_c  how hot the oven is to be
    Choices = Value.define(:onion, :first, :stir, :cloth, :parchment, :crust, :residue_g, :parts, :oven_c) do
      # Only what was chosen; the rest is nil.
      def self.of(**chosen)
        new(**members.to_h { |name| [name, nil] }, **chosen)
      end
    end

    # What the cook wants, complete and checked; units as in the names, `school` the
    # method, `texture` from -1 (firm) to 1 (soft), `measures` what the house
    # measures by (Measure::House), `company` the Ingredients that are eaten with it
    # without lying in the pot with the rice: their cautions and allergens count.
    Request = Value.define(:school, :choices, :grain, :rice_g, :texture, :rinse_changes, :soak_min, :water_c, :drain,
                           :vessel, :burner, :oven, :altitude_m, :additions, :company, :measures, :lesson) do
      # The grain as this kitchen knows it.
      def taught_grain
        grain.drinking(lesson.drinks)
      end
    end
  end
end
