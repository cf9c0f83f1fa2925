# frozen_string_literal: true

require "rack/utils"
require_relative "../../lib/fond_kettle/kit/devices"
require_relative "../../lib/fond_kettle/house/guided_tests"
require_relative "../../app/forms/fields"
require_relative "../helpers/fields"
require_relative "../drawings/range_pair"
require_relative "../helpers/pot_words"
require_relative "../presenters/test_pictures"
require_relative "measured"
require_relative "place"

module FondKettle
  module Web
    # Guided measurements: what a pot holds, what its lid loses, what a burner gives,
    # how high the kitchen stands. Each says what it changed.
    class TestsPlace < Place
      helpers Helpers::Fields
      helpers Helpers::PotWords
      helpers Measured

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
                              narrowed: range_pair(session.delete("narrowed")),
                              pictures: Presenters::TestPictures.new(household, tested_pot),
                              owned: { pot: choices(:pots), cup: choices(:cups), burner: choices(:burners) } }
      end

      # The record of the pot that the page was opened for, or nil.
      def tested_pot
        household.shelf(:pots).all.find { |record| record[:id].to_s == params["pot"].to_s }
      end

      # Drawing of the water before a test and now ([[low, high], [low, high]] in g); nil: of nothing.
      def range_pair(ranges)
        Drawings::RangePair.new(*ranges) { |g| grams(g) }.to_s if ranges
      end

      def choices(shelf)
        household.shelf(shelf).all.map { |record| [record[:id], record[:name]] }
      end
    end
  end
end
