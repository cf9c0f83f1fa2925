# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/value"
require_relative "../../lib/fond_kettle/reading/answers"
require_relative "../../lib/fond_kettle/reading/words/learned_weights"

module FondKettle
  module Forms
    # A question about a dish that was read, with the cook's Answer (its `answer` empty: none yet) and what is
    # wrong with that, or nil.
    Asked = Value.define(:question, :answer, :problem) do
      # True where nothing was answered.
      def open?
        answer.answer.empty?
      end
    end

    # Questions about a dish that was read, and fields that may be corrected in it unasked.
    class ToldQuestions
      # Questions about the whole dish, a line, and a step.
      HEADS = { "serves" => "For how many?", "rice_g" => "How much of which rice?",
                "method" => "Cooked like?" }.freeze
      LINE = { "food" => "What is it?", "g" => "How much is it?",
               "at" => "At which step does it go in?", "also" => "At which step too, half of it?" }.freeze
      STEP = { "kind" => "What is done?", "minutes" => "How long?", "vessel" => "In what?",
               "before" => "Before which step?" }.freeze

      # `read`: the dish of schema 2 (a hash) as a Reader has it; `answers`: Reading::Answer; `problems`: of
      # Reading::Answers; `mend`: the id of a line or step that is to be corrected, or nil.
      def initialize(read, answers, problems, mend: nil)
        @read = read
        @answers = answers
        @problems = problems
        @mend = mend
      end

      # Asked of each question of the reader, in its order.
      def asked
        @asked ||= @read.fetch("asked", []).map { |question| asked_of(question) }
      end

      # Numbers of the open ones among them, by the id of the line or step that they are about.
      def open
        asked.each_with_index.select { |one, _| one.open? }.to_h { |one, index| [one.question["of"], index] }
      end

      # An Asked for each thing of the whole dish that may be told though it was read.
      def heads
        open = @read.fetch("asked", []).map { |one| one["of"] }
        @heads ||= HEADS.except(*open).map { |of, words| asked_of({ "of" => of, "question" => words }) }
      end

      # Corrections made or to be made, by the id of their line or step: a list of Asked.
      def corrections
        all = [*@read["lines"].product([LINE]), *@read["steps"].product([STEP])]
        @corrections ||= all.to_h { |one, fields| [one["id"], of_one(one, fields)] }
                            .reject { |_, asked| asked.empty? }
      end

      # Names of things and what one of each weighs, g, as the answers say.
      def weights
        @read["lines"].filter_map do |line|
          said = @answers.find { |one| one.field == "g" && one.about == words[line["id"]] }
          said && yield(line).then { |grams| weight_of(line, grams) }
        end.to_h
      end

      private

      def words
        @words ||= Reading::Answers.words(@read)
      end

      def of_one(one, fields)
        found = fields.map { |field, words| correction(one, field, words) }
        found.select { |asked| one["id"] == @mend || !asked.open? }
             .reject { |asked| taken.include?(key(asked.answer)) }
      end

      def correction(one, field, words)
        asked_of({ "of" => one["id"], "field" => field, "question" => words, "as_read" => one[field] })
      end

      # Keys of questions that are asked anyway.
      def taken
        @taken ||= [*asked, *heads].map { |one| key(one.answer) }
      end

      def key(answer)
        [answer.about, answer.field]
      end

      def asked_of(question)
        waits = Reading::Answer.to(question, words)
        problem = @problems.find { |one| [one[:about], one[:field]] == key(waits) }
        Asked.new(question: question, problem: problem&.fetch(:message),
                  answer: @answers.find { |one| key(one) == key(waits) } || waits)
      end

      # [name, g each] of a line that weighs so much, or nil where it cannot be known again.
      def weight_of(line, grams)
        name, count = Reading::LearnedWeights.counted(line["text"].to_s)
        [name, grams / count] if name && grams && count.positive?
      end
    end
  end
end
