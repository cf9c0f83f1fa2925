# frozen_string_literal: true

require_relative "../ground/value"

module FondKettle
  module Log
    # How a pot came out, in the cook's words. GRAIN and WETNESS say how far each
    # answer lies from right, in steps of texture (1: firm to standard). A cook
    # calls rice firm from half a step on, so a word stands for little more than that.
    GRAIN = { "chalky" => -1.2, "firm" => -0.6, "right" => 0.0, "soft" => 0.6, "mushy" => 1.2 }.freeze
    WETNESS = { "dry" => -0.3, "right" => 0.0, "wet" => 0.3 }.freeze
    FLOOR = %w[clean crust burnt].freeze
    # Of the floor, where nobody looked.
    UNSAID = "unsaid"

    Outcome = Value.define(:grain, :wetness, :floor, :note) do
      # A raw core with water still there asks for time, not for water.
      def short_of_time?
        grain == "chalky" && wetness == "wet"
      end

      # Steps of texture from what was wanted.
      def off_by
        GRAIN.fetch(grain) + WETNESS.fetch(wetness)
      end
    end

    # A finished cook as the lesson needs it: what went in (g), what the model
    # thought it would lose, and the texture wanted (-1..1).
    Finished = Value.define(:on, :rice_g, :poured_g, :carried_g, :loss_g, :texture, :outcome)
  end
end
