# frozen_string_literal: true

require_relative "../../lib/fond_kettle/reading/reader"

module Support
  # Dishes told by a list of lines and by what is done, and what was read of them.
  module ToldTexts
    # The dish of a list and what is done.
    def read(lines, done)
      FondKettle::Reading::Reader.new("Some rice\n\n#{lines}\n\n#{done}").dish
    end

    # [kind, minutes, vessel, beside the rice] of each step.
    def steps(dish)
      dish["steps"].map { |step| step.values_at("kind", "minutes", "vessel", "rice") }
    end
  end
end
