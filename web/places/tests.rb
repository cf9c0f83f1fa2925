# frozen_string_literal: true

require "rack/utils"
require_relative "../../lib/fond_kettle/kit/devices"
require_relative "../../lib/fond_kettle/pot/heat/kit_test"
require_relative "../../lib/fond_kettle/house/guided_tests"
require_relative "../../app/forms/fields"
require_relative "../../app/plans/plan_plain_rice"
require_relative "../../app/shelves/keep"
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

      TESTS = House::GUIDED_TESTS
      FORMS = TESTS.transform_values { |test| Forms.of(test.fields) }.freeze

      # The guided tests of pots, lids, burners and height.
      get "/" do
        show(test: TESTS.key?(params["test"]) ? params["test"] : nil)
      end

      # The clock starts; what was typed is kept with it.
      post "/guide/:test" do
        test = params["test"]
        asked = TESTS.values.find { |one| one.key == test && one.guided? }&.first&.map(&:to_s)
        raise NotFound, "There is no such test." unless asked

        problems = Forms.problems(FORMS.fetch(test).call(params))
                        .select { |problem| asked.include?(problem[:field]) }
        next show(code: 422, test: test, problems: problems) if problems.any?

        session["guide"] = { "test" => test, "typed" => params.slice(*asked), "at" => now.to_f }
        redirect "/tests/guide", 303
      end

      # The test that a clock leads through just now.
      get "/guide" do
        redirect "/tests" unless session["guide"]
        guide
      end

      # The cook stops the clock: what it shows is what it took.
      post "/stop" do
        redirect "/tests" unless session["guide"]
        session["guide"] =
          session["guide"].merge("took" => ((now.to_f - session["guide"]["at"]) / 60).round(2))
        redirect "/tests/guide", 303
      end

      # Says what a test has measured; the record changes.
      post "/:test" do
        test = params["test"]
        result = FORMS.fetch(test) { raise NotFound, "There is no such test." }.call(params)
        next again(test, Forms.problems(result)) if result.failure?

        begin
          notice send("#{test}!", result.to_h)
          session.delete("guide")
          redirect "/tests", 303
        rescue InvalidInput => e
          again(test, e.problems.map { |problem| problem.merge(field: problem[:field].to_s) })
        end
      end

      private

      # What a test may take from a device: words and the address with it filled in.
      def taken_from(test)
        takes(test.key, test.fields) { |taken| "/tests?#{Rack::Utils.build_query(taken.merge(test: test.key))}##{test.key}" }
      end

      # The same of a test that a clock leads through.
      def guide_takes(test)
        takes(test.key, test.last) { |taken| "/tests/guide?#{Rack::Utils.build_query(taken)}" }
      end

      # By the unit of a field, never by its name.
      def takes(key, fields)
        here = params["test"] == key ? params.slice(*fields.map { |field| field.key.to_s }) : {}
        fields.filter_map do |field|
          device = Kit::DEVICES.values.find { |one| one.unit == field.unit }
          shown = device && reading(device.key)
          next unless shown

          ["#{field.title}: take #{shown} #{device.unit}", yield(here.merge(field.key.to_s => shown))]
        end
      end

      # A refused form goes back to where it was filled in.
      def again(test, problems)
        guided?(test) ? guide(code: 422, problems: problems) : show(code: 422, test: test, problems: problems)
      end

      def guided?(test)
        params["guided"] && session.dig("guide", "test") == test
      end

      def guide(code: 200, problems: [])
        status code
        @title = "Measure and test"
        @script = "guide.js"
        kept = session["guide"]
        test = TESTS.fetch(kept["test"])
        began = Time.at(kept["at"])
        typed = { "minutes" => kept["took"] || test.lasts_min }.merge(kept["typed"], params)
        erb :guide, locals: { test: test, typed: typed, problems: problems, took: kept["took"], began: began,
                              ends: test.lasts_min && (began + (test.lasts_min * 60)) }
      end

      def show(code: 200, test: nil, problems: [])
        status code
        @title = "Measure and test"
        erb :tests, locals: { test: test, problems: problems,
                              owned: { pot: choices(:pots), cup: choices(:cups), burner: choices(:burners) } }
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
          raise InvalidInput.at("count", "gives a pot #{height_mm.round} mm high; a pot is " \
                                         "#{between(Forms::Limits::HEIGHT_MM)} mm high")
        end

        change(:pots, pot, height_mm: height_mm.round(1))
        "#{pot[:name]} holds #{volume_ml.round} mL: height #{plain(pot[:height_mm])} → " \
          "#{plain(height_mm.round(1))} mm."
      end

      def lid!(typed)
        unless typed[:after_g] < typed[:before_g]
          raise InvalidInput.at("after_g",
                                "must be less than before: steam weighs something")
        end

        pot = household.shelf(:pots).find(typed[:pot])
        vessel = household.value(:pots, pot)
        factor = Pot::KitTest.lid_factor(vessel, Kit::Burner.usual(vessel.kind.source),
                                         typed[:before_g] - typed[:after_g],
                                         typed[:minutes])
        before = table_water(vessel)
        change(:pots, pot, lid_factor: factor.round(2))
        was = pot[:lid_factor] ? plain(pot[:lid_factor]) : "not tested"
        "#{pot[:name]}: its lid loses #{plain(factor.round(2))} times the book's figure (was #{was})." \
          "#{narrowed(before, table_water(household.value(:pots, household.shelf(:pots).find(pot[:id]))))}"
      end

      # What the water for the whole table is between in a pot (Kit::Vessel), or nil.
      def table_water(pot)
        spread = App::PlanPlainRice.new(household).spread(pot)
        spread && "#{grams(spread.low_g)} to #{grams(spread.high_g)}"
      end

      def narrowed(before, now)
        " Water for your table: #{before} before the test, #{now} now." if before && now
      end

      def burner!(typed)
        burner = household.shelf(:burners).find(typed[:burner])
        pot = household.shelf(:pots).find(typed[:pot])
        boil_c = Kit::Atmosphere.boiling_point_c(kitchen[:altitude_m])
        watts = Pot::KitTest.high_w(household.value(:pots, pot), typed[:water_g], typed[:from_c], boil_c,
                                    typed[:minutes])
        unless Forms::Limits::HIGH_W.cover?(watts)
          raise InvalidInput.at("minutes", "gives #{watts.round} W; a burner gives " \
                                           "#{between(Forms::Limits::HIGH_W)} W")
        end

        change(:burners, burner, high_w: watts.round.to_f)
        "#{burner[:name]}: #{plain(burner[:high_w])} → #{watts.round} W into the pot on high."
      end

      def between(range)
        "#{range.min} to #{range.max}"
      end

      def height!(typed)
        metres = Pot::KitTest.altitude_m(typed[:boil_c])
        before = kitchen
        done shelves.kitchen(before[:lock_version], altitude_m: metres.round.to_f)
        "The kitchen stands at #{metres.round} m (was #{plain(before[:altitude_m])} m)."
      end

      def change(shelf, record, **attributes)
        done shelves.change(shelf, record[:id], record[:lock_version], attributes)
      end

      def shelves
        App::KeepRecord.new(household, now)
      end
    end
  end
end
