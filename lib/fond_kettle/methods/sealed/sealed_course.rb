# frozen_string_literal: true

require_relative "../../pot/runs/cooking"
require_relative "budgets"
require_relative "../loads/loading"
require_relative "../request/programme"

module FondKettle
  module Methods
    # Runs of a sealed pot with rice par-cooked so far, by any programme, and the budgets that each
    # of them leaves.
    class SealedCourse
      STEP_MIN = 1.0

      # `text`: PhaseText of the sealed phase; `boil`: ParBoil of its rice.
      def initialize(request, text, boil)
        @request = request
        @text = text
        @boil = boil
        @pots = {}
        @runs = {}
      end

      # The Pot::Run of rice so far `done` by a programme (ProgrammeStage list).
      def run(done, programme)
        @runs[[done, programme]] ||= begin
          pot = pot(programme)
          Pot::Cooking.run(pot.load.with(state: @boil.state(done)), 0.0, pot.stages, pot.setting,
                           step_min: STEP_MIN)
        end
      end

      # The water that the rice is to hold, in g/g.
      def wanted(programme)
        pot(programme).load.uptake
      end

      # [WaterBudget, TimeBudget] of rice so far done, by a programme.
      def budgets(done, programme)
        [water(done, programme), time(done, programme)]
      end

      private

      def pot(programme)
        @pots[programme] ||= begin
          text = Programme.text(@text, programme)
          alone = @request.method.with(phases: [text].freeze)
          Loading.potful(@request.with(method: alone), text, nil)
        end
      end

      def water(done, programme)
        load = pot(programme).load
        columns = load.grain.uptake
        Budgets.water(@boil.kinetics, @boil.state(done), load.uptake, columns[:firm], columns[:soft],
                      net_g(load, lost_g(run(done, programme), load)))
      end

      # What of the base's water is for the rice, g: gravy that is to stay pays for the loss before
      # the rice does.
      def net_g(load, lost_g)
        left_g = load.brought_g - lost_g
        (left_g - load.residue_g).clamp([left_g, 0.0].min, nil)
      end

      # What is lost of the water that rice could have had: what was bound in the base is not.
      def lost_g(course, load)
        released_g = load.stack.tiers.sum(&:bound_g) - course.layers.bound_g
        course.lost_g + course.cloth_g - released_g
      end

      def time(done, programme)
        course = run(done, programme)
        steam_min = Programme.heated_min(programme)
        hot_min = last_hot_min(course.layers)
        Budgets.time(@boil.kinetics, steam_min, hot_min, @boil.boil_c,
                     wet_share(course.layers, hot_min, steam_min))
      end

      # When the last rice is hot, or nil.
      def last_hot_min(layers)
        minutes = layers.ends.select { |one| one.rice_g.positive? }.map(&:hot_min)
        minutes.max unless minutes.any?(&:nil?)
      end

      # Share of the time left in which there is water to draw on.
      def wet_share(layers, hot_min, steam_min)
        return 1.0 unless hot_min && steam_min > hot_min

        (((layers.drunk_min || steam_min) - hot_min) / (steam_min - hot_min)).clamp(0.0, 1.0)
      end
    end
  end
end
