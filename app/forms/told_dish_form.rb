# frozen_string_literal: true

require "json"
require_relative "../../lib/fond_kettle/formats/stored_dish"
require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../../lib/fond_kettle/ground/field_schema"
require_relative "../../lib/fond_kettle/ground/limits"
require_relative "../../lib/fond_kettle/reading/answers"
require_relative "../../lib/fond_kettle/reading/reader"
require_relative "both_ways"
require_relative "fields"
require_relative "own_way"
require_relative "read_before"
require_relative "told_questions"

module FondKettle
  module Forms
    # A dish as a cook tells it in plain sentences: what was read of it, what is asked, and what was answered.
    class ToldDishForm
      include OwnWay

      OWN = Dishes::WAY_FIELDS.map { |field| field.key.to_s }.freeze
      TITLES = { "text" => "The dish in your words", **BothWays.titles(WAY) }.freeze
      # What keeps it from being planned at all.
      RICE = "says no rice with its amount: write it, 400 g basmati, or answer below (for a side: none)"
      RICE_G = "must come to between #{Limits::RICE_G.min} g and " \
               "#{Limits::RICE_G.max / 1000} kg of rice".freeze
      SCHEMA = Schema.params do
        required(:text).filled(:string, max_size?: Reading::Reader::MOST)
        FieldSchema.declare(self, WAY, numbers: NUMBERS, optional: true)
      end
      ANSWERS = Schema.params do
        optional(:answers).array(:hash) do
          required(:about).value(:string, max_size?: 1000)
          required(:field).value(:string, included_in?: Reading::AnsweredDish::FIELDS.keys)
          required(:answer).value(:string, max_size?: 200)
        end
      end

      attr_reader :problems

      # An empty form without problems.
      def self.blank(household)
        new({}, household, quiet: true)
      end

      # A form filled with a stored dish.
      def self.of_record(record, household)
        read = JSON.parse(record[:graph])
        new({ "text" => read["text"], "answers" => JSON.parse(record[:answers]), **ReadBefore.fields(read),
              **OwnWay.texts(JSON.parse(record[:way])) }, household)
      end

      # A form of what came in (as Formats::DishReader reads it). Raises InvalidInput where a dish of schema 2
      # does not hold together.
      def self.imported(read, household)
        return new({ "text" => read.text }, household) unless read.is_a?(Hash)

        Formats::GraphDishReader.new(read, names: household.names).dish
        of_dish(read, household)
      end

      # A form filled with a dish of schema 2 (a hash) that came from elsewhere.
      def self.of_dish(dish, household)
        text = dish["text"] || ReadBefore.text(dish)
        way = dish.fetch("way", {}).slice(*OWN)
        new({ "text" => text, **ReadBefore.fields(dish.merge("text" => text)), **OwnWay.texts(way) },
            household)
      end

      # `typed`: parameters with string keys; `quiet`: not judged yet.
      def initialize(typed, household, quiet: false)
        @household = household
        @typed = [:text, *WAY.map(&:key)].to_h { |key| [key, Forms.text(typed, key.to_s).gsub("\r\n", "\n")] }
        result = SCHEMA.call(@typed.reject { |key, text| text.empty? && key != :text })
        @values = result.to_h
        @problems = quiet ? [] : Forms.problems(result).dup
        @answers = given(typed)
        @mend = Forms.text(typed, "mend")
        read(typed) unless quiet || @typed[:text].empty?
        @problems.freeze
      end

      def [](field)
        @typed[field]
      end

      def ok?
        @problems.empty?
      end

      # Its title, as read; empty where nothing is.
      def title
        dish ? dish["title"] : ""
      end

      # The dish of schema 2 with what was answered, or nil where nothing can be read.
      def dish
        answered&.dish
      end

      # The Dishes::Dish that it is planned as, or nil: it is a side, or something is wrong with it.
      attr_reader :planned

      # True for a dish without rice.
      def side?
        Formats::GraphDishReader::RICE.none? { |key| dish.key?(key) }
      end

      # Fields that keep what was read until the text is another.
      def read_before
        @read ? ReadBefore.fields(@read) : {}
      end

      # Its questions and corrections (ToldQuestions); nil: nothing was read.
      def questions
        return unless @read

        @questions ||= ToldQuestions.new(@read, @answers, answered.problems, mend: @mend)
      end

      # Weights of things, g each by their names, as the cook has said so here.
      def weights
        questions.weights { |line| dish["lines"].find { |one| one["id"] == line["id"] }["g"] }
      end

      # Fields in which this form differs from another ToldDishForm (BothWays::Difference).
      def differences(other)
        BothWays.of(TITLES, *[self, other].map { |form| TITLES.to_h { |name, _| [name, form[name.to_sym]] } })
      end

      # Attributes that the store keeps.
      def attributes
        Formats::StoredDish.record(@read, dish, answers: @answers, way: way.settings)
      end

      private

      # Answers to what is asked; an empty one is none.
      def given(typed)
        sent = typed["answers"]
        sent = sent.values if sent.is_a?(Hash)
        result = ANSWERS.call("answers" => sent || [])
        return [] if result.failure?

        result.to_h.fetch(:answers, []).reject { |one| one[:answer].strip.empty? }
              .map { |one| Reading::Answer.new(**one) }
      end

      def read(typed)
        @read = reading(typed)
        check if @read && @problems.empty?
      end

      # What was read of the same text before, else what is read of it now, with its own way.
      def reading(typed)
        before = ReadBefore.of(typed, @typed[:text], @household.names) unless typed.key?("anew")
        read = before || anew
        said = way.settings.to_h { |key, one| [key.to_s, whole(one)] }
        own = { **read.fetch("way", {}).except(*OWN), **said }
        own.empty? ? read.except("way") : read.merge("way" => own)
      rescue InvalidInput => e
        problem(e.problems.first[:message])
      end

      def anew
        reader = Reading::Reader.new(@typed[:text], **house, library: @household.library,
                                                             weights: @household.weights.known)
        reader.dish.merge("text" => @typed[:text])
      end

      # A whole number as one: changes of water are counted.
      def whole(value)
        value.is_a?(Float) && value == value.to_i ? value.to_i : value
      end

      def house
        { names: @household.names, cups: @household.values(:cups) }
      end

      def answered
        @answered ||= @read && Reading::Answers.new(@read, @answers, library: @household.library, **house)
      end

      # What is read has to hold together, or it could not be planned.
      def check
        return Formats::GraphDishReader.new(dish, names: @household.names, stored: true).dish if side?
        return problem(RICE) unless dish["grain"] && dish["rice_g"]
        return problem(RICE_G) unless Limits::RICE_G.cover?(dish["rice_g"])

        @planned = Formats::StoredDish.of(dish, names: @household.names, library: @household.library,
                                                stored: true)
      rescue InvalidInput => e
        problem(e.problems.map { |found| found[:message] }.join("; "))
      end

      def problem(message)
        @problems << { field: "text", message: message }
        nil
      end
    end
  end
end
