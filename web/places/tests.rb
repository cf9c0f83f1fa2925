# frozen_string_literal: true

require_relative "../../lib/fond_kettle/pot/kit_test"
require_relative "../forms/fields"
require_relative "../helpers/fields"
require_relative "../helpers/pot_words"
require_relative "place"

module FondKettle
  module Web
    # Guided measurements: what a pot holds, what its lid loses, what a burner gives,
    # how high the kitchen stands. Each says what it changed.
    class TestsPlace < Place
      helpers Helpers::Fields
      helpers Helpers::PotWords

      FORMS = {
        "measure" => Schema.params do
          required(:pot).filled(Schema::TypedWhole)
          required(:cup).filled(Schema::TypedWhole)
          required(:count).filled(Schema::TypedNumber, included_in?: 0.25..200)
        end,
        "lid" => Schema.params do
          required(:pot).filled(Schema::TypedWhole)
          required(:before_g).filled(Schema::TypedNumber, included_in?: 100..50_000)
          required(:after_g).filled(Schema::TypedNumber, included_in?: 50..50_000)
          required(:minutes).filled(Schema::TypedNumber, included_in?: 3..60)
        end,
        "burner" => Schema.params do
          required(:burner).filled(Schema::TypedWhole)
          required(:pot).filled(Schema::TypedWhole)
          required(:water_g).filled(Schema::TypedNumber, included_in?: 200..20_000)
          required(:from_c).filled(Schema::TypedNumber, included_in?: 0..60)
          required(:minutes).filled(Schema::TypedNumber, included_in?: 0.5..90)
        end,
        "height" => Schema.params { required(:boil_c).filled(Schema::TypedNumber, included_in?: 75..102) }
      }.freeze

      get "/" do
        show
      end

      post "/:test" do
        test = params["test"]
        result = FORMS.fetch(test) { raise NotFound, "There is no such test." }.call(params)
        next show(code: 422, test: test, problems: Forms.problems(result)) if result.failure?

        begin
          notice send("#{test}!", result.to_h)
          redirect "/tests", 303
        rescue InvalidInput => e
          show(code: 422, test: test, problems: e.problems.map { |problem| problem.merge(field: problem[:field].to_s) })
        end
      end

      private

      def show(code: 200, test: nil, problems: [])
        status code
        @title = "Measure and test"
        erb :tests,
            locals: { test: test, problems: problems, pots: choices(:pots), cups: choices(:cups), burners: choices(:burners) }
      end

      def choices(shelf)
        household.shelf(shelf).all.map { |record| [record[:id], record[:name]] }
      end

      def measure!(typed)
        pot = household.shelf(:pots).find(typed[:pot])
        cup = household.shelf(:cups).find(typed[:cup])
        volume_ml = typed[:count] * cup[:ml]
        height_mm = Pot::KitTest.height_mm(volume_ml, pot[:diameter_mm])
        unless Forms::Limits::HEIGHT_MM.cover?(height_mm)
          raise InvalidInput.at("count", "gives a pot #{height_mm.round} mm high; a pot is 30 to 600 mm high")
        end

        change(:pots, pot, height_mm: height_mm.round(1))
        "#{pot[:name]} holds #{volume_ml.round} mL: height #{plain(pot[:height_mm])} → #{plain(height_mm.round(1))} mm."
      end

      def lid!(typed)
        unless typed[:after_g] < typed[:before_g]
          raise InvalidInput.at("after_g",
                                "must be less than before: steam weighs something")
        end

        pot = household.shelf(:pots).find(typed[:pot])
        burner = pot[:lid] == "cooker" ? "cooker" : "gas"
        stand_in = Kit::Burner.usual(burner)
        factor = Pot::KitTest.lid_factor(household.value(:pots, pot), stand_in, typed[:before_g] - typed[:after_g],
                                         typed[:minutes])
        change(:pots, pot, lid_factor: factor.round(2))
        "#{pot[:name]}: its lid loses #{plain(factor.round(2))} times the book's figure (was #{plain(pot[:lid_factor])})."
      end

      def burner!(typed)
        burner = household.shelf(:burners).find(typed[:burner])
        pot = household.shelf(:pots).find(typed[:pot])
        boil_c = Kit::Atmosphere.boiling_point_c(kitchen[:altitude_m])
        watts = Pot::KitTest.high_w(household.value(:pots, pot), typed[:water_g], typed[:from_c], boil_c, typed[:minutes])
        unless Forms::Limits::HIGH_W.cover?(watts)
          raise InvalidInput.at("minutes", "gives #{watts.round} W; a burner gives 1 to 10000 W")
        end

        change(:burners, burner, high_w: watts.round.to_f)
        "#{burner[:name]}: #{plain(burner[:high_w])} → #{watts.round} W into the pot on high."
      end

      def height!(typed)
        metres = Pot::KitTest.altitude_m(typed[:boil_c])
        before = kitchen
        household.change_kitchen(before[:lock_version], altitude_m: metres.round.to_f)
        "The kitchen stands at #{metres.round} m (was #{plain(before[:altitude_m])} m)."
      end

      def change(shelf, record, **attributes)
        household.shelf(shelf).change(record[:id], record[:lock_version], attributes)
      end
    end
  end
end
