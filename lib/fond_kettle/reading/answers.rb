# frozen_string_literal: true

require_relative "../ground/errors"
require_relative "../ground/value"
require_relative "answered_dish"
require_relative "own_words"

module FondKettle
  module Reading
    # What a cook says of a dish that was read: `about` the words of a line or a step ("" for the whole),
    # which `field` of it, and the `answer` as it was typed. It stays when the text is read anew, as long as
    # those words stand in it.
    Answer = Value.define(:about, :field, :answer) do
      # The Answer that a question (a hash of `asked`) waits for, still empty; `words`: Answers.words of its
      # dish.
      def self.to(question, words)
        new(about: words.fetch(question["of"], FondKettle::Reading::Answers::WHOLE),
            field: question["field"] || question["of"], answer: "")
      end
    end

    # A dish of schema 2 with what the cook has answered in its place.
    class Answers
      WHOLE = ""

      # The words of each line and step of a dish of schema 2 (a hash), by id (OwnWords).
      def self.words(dish)
        OwnWords.of([*dish["lines"], *dish["steps"]].map { |one| [one["id"], one["text"] || one["say"]] })
      end

      # `dish`: as a Reader has it; `answers`: Answers; `given`: names, cups and library of AnsweredDish.
      def initialize(dish, answers, **given)
        @read = dish
        @answers = answers
        @given = given
        @problems = []
      end

      # The dish; what was answered is asked no more.
      def dish
        @dish ||= @answers.reduce(@read) { |dish, answer| answered(dish, answer) }
      end

      # What could not be understood: hashes of `about`, `field` and a message.
      def problems
        dish
        @problems
      end

      private

      def answered(dish, answer)
        id = subject(dish, answer)
        return dish unless id

        asked_no_more(AnsweredDish.new(dish, **@given).with(id, answer.field, answer.answer.strip), id,
                      answer)
      rescue InvalidInput => e
        @problems << { about: answer.about, field: answer.field, message: e.problems.first[:message] }
        dish
      end

      # The id of the line or step that an answer is about, or its field for the whole; nil: it is gone.
      def subject(dish, answer)
        return answer.field if answer.about == WHOLE

        Answers.words(dish).key(answer.about)
      end

      def asked_no_more(dish, id, answer)
        left = dish.fetch("asked", []).reject do |one|
          one["of"] == id && (one["field"] || one["of"]) == answer.field
        end
        dish.merge("asked" => left)
      end
    end
  end
end
