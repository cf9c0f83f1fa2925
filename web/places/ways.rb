# frozen_string_literal: true

require_relative "../../lib/fond_kettle/method/schools"
require_relative "../helpers/fields"
require_relative "place"

module FondKettle
  module Web
    # The household's own methods: copied from one that is there, and edited as the
    # file that they are.
    class WaysPlace < Place
      helpers Helpers::Fields

      LONGEST_TEXT = 20_000

      get "/" do
        @title = "Ways of cooking"
        erb :ways, locals: { schools: household.schools, own: own_keys }
      end

      # A copy of :from under a new name, not yet kept.
      get "/new" do
        from = household.schools.all[params["from"]] || raise(NotFound, "There is no such way.")
        path = household.schools.texts.keys.find { |file| File.basename(file, ".yml") == from.key }
        text = household.schools.texts.fetch(path).sub(/^key: .*$/, "key: own-#{from.key.delete_prefix('own-')}")
        edit(text.sub(/^name: (.*)$/) { "name: Our #{Regexp.last_match(1).sub(/\A[A-Z](?=[a-z])/, &:downcase)}" })
      end

      get "/:key" do
        text = own_text(params["key"]) || raise(NotFound, "There is no such way of your own.")
        edit(text)
      end

      post "/" do
        text = params["text"].to_s.gsub("\r\n", "\n")
        problem = problem_with(text)
        next edit(text, code: 422, problem: problem) if problem

        key = key_of(text)
        household.keep_method(key, text)
        notice "#{household.schools.fetch(key).name} is among the ways."
        redirect "/ways", 303
      end

      private

      def edit(text, code: 200, problem: nil)
        status code
        @title = "Ways of cooking"
        erb :way, locals: { text: text, problem: problem }
      end

      def own_keys
        Dir[File.join(household.methods_folder, "*.yml")].map { |path| File.basename(path, ".yml") }
      end

      def own_text(key)
        File.read(File.join(household.methods_folder, "#{key}.yml"), encoding: "UTF-8") if own_keys.include?(key)
      end

      def key_of(text)
        data = Catalogue.parse(text, "your text")
        data.is_a?(Hash) ? data["key"].to_s : ""
      end

      # What is wrong with a text, or nil; nothing is kept until it is right.
      def problem_with(text)
        return "must be at most #{LONGEST_TEXT} letters" if text.length > LONGEST_TEXT

        key = key_of(text)
        return "line 1: key must be lower-case words with hyphens" unless key.match?(Catalogue::KEY)
        return "key must not be one of ours: #{key}" if Method::Schools.ours.all.key?(key)

        others = household.schools.texts.reject { |path, _| File.basename(path, ".yml") == key }
        Method::Schools.new(others.merge("your text" => text)).problems.find { |found| found.start_with?("your text") }
      rescue BadCatalogue => e
        e.message
      end
    end
  end
end
