# frozen_string_literal: true

require "digest"
require_relative "../../lib/fond_kettle/methods/library"
require_relative "../../app/forms/plan_form"
require_relative "../../app/forms/method_form"
require_relative "../../app/methods/keep"
require_relative "../../app/plans/look"
require_relative "../helpers/fields"
require_relative "../helpers/method_words"
require_relative "../../app/forms/both_ways"
require_relative "../presenters/pot/tried"
require_relative "place"

module FondKettle
  module Web
    # The household's own methods: copied from one that is there, edited in fields or
    # as the file that they are, and tried before they are kept.
    class WaysPlace < Place
      helpers Helpers::Fields
      helpers Helpers::MethodWords

      # Every way of cooking, your own among them.
      get "/" do
        @title = "Ways of cooking"
        library = household.library
        own = household.own_keys
        erb :methods, locals: { library: library, own: own, broken: own - library.all.keys }
      end

      # A copy of :from under a name of its own, not yet kept.
      get "/new" do
        from = known(params["from"])
        redirect "/ways/new/file?from=#{from}", 303 if several_vessels?(from)
        edit(Forms::MethodForm.of(household.library, from, copy: true))
      end

      # The whole file of :from under the copy's key and name.
      get "/new/file" do
        from = known(params["from"])
        copy = Forms::MethodForm.of(household.library, from, copy: true)
        text = household.library.text(from).sub(/^key: .*$/, "key: #{copy.key}")
        edit_file(text.sub(/^name: .*$/, "name: #{copy['name']}"))
      end

      # A way of your own, in fields.
      get "/:key" do
        redirect "/ways/#{own_key}/file", 303 if several_vessels?(own_key)
        edit(Forms::MethodForm.of(household.library, known(own_key)))
      end

      # A way of your own, as the file that it is.
      get "/:key/file" do
        edit_file(household.method_text(own_key), key: own_key)
      end

      # What comes of it in this kitchen; nothing is kept.
      post "/try" do
        form = Forms::MethodForm.new(params, household.library)
        edit(form, code: form.ok? ? 200 : 422, was: text_param("was"),
                   tried: form.ok? ? try(form.method) : nil)
      end

      # Keeps a way of your own, from its fields.
      post "/" do
        form = Forms::MethodForm.new(params, household.library)
        next edit(form, code: 422, was: text_param("was")) unless form.ok?
        next edit(form, code: 409, clash: true) unless unchanged?(form.key)

        keep(form.key, form.file)
      end

      # Keeps a way of your own, from a file.
      post "/file" do
        text = text_param("text").gsub("\r\n", "\n")
        problem = problem_with(text)
        next edit_file(text, code: 422, was: text_param("was"), problem: problem) if problem
        next edit_file(text, code: 409, clash: true) unless unchanged?(key_of(text))

        keep(key_of(text), text)
      end

      # Removes a way of your own; it can be put back for thirty days.
      post "/:key/remove" do
        key = own_key
        next edit_file(household.method_text(key), code: 409, key: key, clash: true) unless unchanged?(key)

        done App::KeepMethod.new(household, now).remove(key)
        redirect "/ways", 303
      end

      private

      # Fields are for one vessel; several are written as a file.
      def several_vessels?(key)
        household.library.data(key)&.key?("phases")
      end

      # `was` is the version of the file that the page was made from.
      def edit(form, code: 200, was: version_of(form.key), tried: nil, clash: false)
        status code
        @title = "A way of your own"
        shown = tried && Presenters::Tried.new(household, tried)
        both = differences(form.file, form.key) if clash
        erb :method, locals: { form: form, was: was, tried: shown, both: both }
      end

      # `key`: under which the text is kept, or would be.
      def edit_file(text, code: 200, key: readable_key(text), was: version_of(key), problem: nil,
                    clash: false)
        status code
        @title = "A way of your own"
        both = differences(text, key) if clash
        erb :method_file, locals: { text: text, key: key, was: was, problem: problem, both: both }
      end

      def readable_key(text)
        key_of(text)
      rescue BadCatalogue
        ""
      end

      def differences(text, key)
        stored = household.own_keys.include?(key) ? household.method_text(key) : ""
        Forms::BothWays.of({ "text" => "The way, as a file" }, { "text" => text }, { "text" => stored })
      end

      # Of the file kept under that key; "" where there is none.
      def version_of(key)
        household.own_keys.include?(key) ? Digest::SHA256.hexdigest(household.method_text(key)) : ""
      end

      def unchanged?(key)
        text_param("was") == version_of(key)
      end

      def keep(key, text)
        done App::KeepMethod.new(household, now).put(key, text)
        redirect "/ways", 303
      end

      # A plan by that method for whoever eats here, or the problem.
      def try(method)
        form = Forms::PlanForm.new({}, household)
        raise InvalidInput, form.problems unless form.ok?

        App::LookAtPlan.new(form, kitchen).by(method)
      end

      def known(key)
        household.library.all.key?(key) ? key : raise(NotFound, "There is no such way.")
      end

      # A key of the household's own, or not found; a file that cannot be read has one too.
      def own_key
        raise(NotFound, "There is no such way of your own.") unless household.own_keys.include?(params["key"])

        params["key"]
      end

      def key_of(text)
        data = Catalogue.parse(text, "your text")
        data.is_a?(Hash) ? data["key"].to_s : ""
      end

      # What is wrong with a text, or nil; nothing is kept until it is right.
      def problem_with(text)
        if text.length > Forms::MethodForm::MOST_LETTERS
          return "must be at most #{Forms::MethodForm::MOST_LETTERS} letters"
        end

        key = key_of(text)
        return "line 1: key must be lower-case words with hyphens" unless key.match?(Catalogue::KEY)
        return "key must not be one of ours: #{key}" if Methods::Library.ours.all.key?(key)

        household.library.trying(key, text, as: "your text").problems.find do |found|
          found.start_with?("your text")
        end
      rescue BadCatalogue => e
        e.message
      end
    end
  end
end
