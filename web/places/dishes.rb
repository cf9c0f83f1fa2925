# frozen_string_literal: true

require_relative "../../lib/fond_kettle/formats/dish_reader"
require_relative "../../lib/fond_kettle/ground/slug"
require_relative "../../app/dishes/keep"
require_relative "../../app/dishes/export"
require_relative "../../app/forms/food_form"
require_relative "../../app/forms/plan_form"
require_relative "../../app/forms/side_form"
require_relative "../../app/forms/told_dish_form"
require_relative "../../app/plans/look"
require_relative "../helpers/dish_words"
require_relative "../helpers/fields"
require_relative "../helpers/pot_words"
require_relative "../presenters/bench/dish_bench"
require_relative "../presenters/bench/other_benches"
require_relative "../presenters/dish_choices"
require_relative "../presenters/dish_page"
require_relative "../presenters/side_page"
require_relative "../presenters/told_dish"
require_relative "place"

module FondKettle
  module Web
    # The house's dishes: found, written, brought in from elsewhere, given away.
    class DishesPlace < Place
      helpers Helpers::Fields
      helpers Helpers::PotWords
      helpers Helpers::DishWords

      TYPES = { "json" => "application/json", "jsonld" => "application/ld+json",
                "md" => "text/markdown; charset=utf-8" }.freeze

      # The dishes, or those that have all the words of `q`.
      get "/" do
        found = household.dishes.search(text_param("q"), sides: params["as"] != "choices")
        # The script asks only for what was found.
        next part(:found, found: found) if part_only? && params["as"] != "choices"
        next part(:choices, choices: Presenters::DishChoices.new(household, found, now)) if part_only?

        @title = "Dishes"
        @script = "search.js"
        erb :dishes, locals: { found: found, count: household.dishes.count }
      end

      # The JSON schema of a dish.
      get "/schema.json" do
        content_type "application/schema+json"
        File.read(Formats::GraphDishReader::FILE)
      end

      # A dish that is not told yet.
      get "/new" do
        edit(Forms::ToldDishForm.blank(household))
      end

      # Where a dish is brought in from elsewhere.
      get "/import" do
        import
      end

      # Shows what was understood; nothing is kept until it is saved.
      post "/import" do
        source = source_text
        read = Formats::DishReader.read(source, names: household.names, cups: household.values(:cups),
                                                library: household.library)
        edit(Forms::ToldDishForm.imported(read, household), left_out: read.is_a?(Hash) ? [] : read.left_out)
      rescue InvalidInput => e
        told = e.problems.map do |found|
          [found[:field], found[:message]].reject do |one|
            one == "source"
          end.join(" ")
        end
        import(code: 422, source: source, problems: [{ field: "source", message: told.join("; ") }])
      end

      # What was typed as it is understood.
      post "/look" do
        # What somebody has just said of a food is read into the text anew.
        form = Forms::ToldDishForm.new(answered ? params.merge("anew" => "1") : params, household)
        # The script asks only for what was understood.
        next part(:dish_told_read, form: form, **read_of(form)) if part_only?

        edit(form, id: params["id"], version: params["lock_version"])
      end

      # Keeps a new dish.
      post "/" do
        form = Forms::ToldDishForm.new(params, household)
        next edit(form, code: 422) unless form.ok?

        path = household.once(form_key("dish"), now) do
          "/dishes/#{done(keep.add(form.attributes, form.weights))[:id]}"
        end
        redirect path, 303
      end

      # A dish to give away: JSON, JSON-LD or Markdown.
      get %r{/(\d+)\.(json|jsonld|md)} do |id, kind|
        record = household.dishes.find(id_from(id))
        content_type TYPES.fetch(kind)
        attachment "#{file_name(record[:title])}.#{kind}"
        App::ExportDish.new(household, kitchen).text(record, kind)
      end

      # A dish.
      get "/:id" do
        record = household.dishes.find(id_from(params["id"]))
        next side(record) if household.dishes.side?(record)

        form = Forms::PlanForm.in_own_amount(record, household)
        @title = record[:title]
        plan = App::LookAtPlan.new(form, kitchen).plan if form.ok?
        shown = Presenters::DishPage.new(household, record, plan, form.problems)
        erb :dish, locals: { shown: shown, **benches(record, shown.data_as_told) }
      end

      # A dish as it is typed, with what is asked about it.
      get "/:id/edit" do
        record = household.dishes.find(id_from(params["id"]))
        edit(form_of_record(record), id: record[:id], version: record[:lock_version])
      end

      # Changes a dish.
      post "/:id" do
        id = id_from(params["id"])
        form = Forms::ToldDishForm.new(params, household)
        next edit(form, code: 422, id: id, version: params["lock_version"]) unless form.ok?

        save(id, form)
      end

      # Removes a dish; it can be put back for thirty days.
      post "/:id/remove" do
        id = id_from(params["id"])
        done keep.remove(id, version)
        redirect "/dishes", 303
      rescue Conflict
        # Nothing is removed that somebody is at work on: it is looked at first.
        stored = household.dishes.find(id)
        edit(form_of_record(stored), code: 409, id: id, version: stored[:lock_version], both: [])
      end

      private

      # A dish without rice, for so many.
      def side(record)
        form = Forms::SideForm.new(params)
        status 422 unless form.ok?
        @title = record[:title]
        shown = Presenters::SidePage.new(household, record, form.guests)
        erb :side, locals: { shown: shown, problems: form.problems, **benches(record, shown.data) }
      end

      def keep
        App::KeepDish.new(household, now)
      end

      # Its bench, and those of other dishes that stand beside it.
      def benches(record, dish)
        @script = "bench_time.js"
        @style = "bench.css"
        others = Array(params["beside"]).grep(String)
        { bench: bench(dish), others: Presenters::OtherBenches.new(household, record[:id], others) }
      end

      # What a food is that nobody knew, where a button of the form said it.
      def answered
        return unless params.key?("answer")

        answer = Forms::FoodForm.new(text_param("answer"))
        household.learn_food(answer.food, answer.kind) if answer.problems.empty?
      end

      def version
        sent_version || 0
      end

      def save(id, form)
        done keep.change(id, version, form.attributes, form.weights)
        redirect "/dishes/#{id}", 303
      rescue Conflict
        # Saving again is then a choice: over what now stands there.
        stored = household.dishes.find(id)
        edit(form, code: 409, id: id, version: stored[:lock_version],
                   both: form.differences(form_of_record(stored)))
      end

      def form_of_record(record)
        Forms::ToldDishForm.of_record(record, household)
      end

      # The bench of a dish of schema 2 (Presenters::DishBench), or nil.
      def bench(dish, **given)
        after = Integer(text_param("after"), 10, exception: false)
        Presenters::DishBench.of_told(household, dish, at: after, **given)
      end

      # What was read of a form's dish, and its bench.
      def read_of(form)
        return { shown: nil, bench: nil } unless form.dish

        { shown: Presenters::ToldDish.new(household, form.dish),
          bench: bench(form.dish, asked: form.questions.open, planned: form.planned) }
      end

      # `both`: where somebody else was first (Presenters::BothWays), else nil.
      def edit(form, code: 200, id: nil, version: nil, both: nil, left_out: [])
        status code
        @title = id ? form.title : "A new dish"
        @script = "dish.js"
        @style = "bench.css"
        erb :dish_told, locals: { form: form, id: id, version: version, both: both, left_out: left_out,
                                  kept: id ? nil : household.dishes.titled(form.title), **read_of(form) }
      end

      def import(code: 200, source: "", problems: [])
        status code
        @title = "Bring a dish in"
        erb :dish_import,
            locals: { source: source.to_s.bytesize > 200_000 ? "" : source.to_s, problems: problems }
      end

      # A chosen file, else what was pasted.
      def source_text
        file = params["file"]
        return file[:tempfile].read if file.is_a?(Hash) && file[:tempfile].respond_to?(:read)

        text_param("source")
      end

      def file_name(title)
        Slug.of(title, digits: true)[0, 60].then { |name| name.empty? ? "dish" : name }
      end
    end
  end
end
