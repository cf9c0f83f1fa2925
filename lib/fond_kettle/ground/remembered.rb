# frozen_string_literal: true

module FondKettle
  # Answers that depend on nothing but what was asked, and are asked for again and again: the same
  # question is worked out once. Forgets everything when it holds `most` answers.
  class Remembered
    # The block answers a question that can be a key of a hash; without one each question comes with its own
    # (`fetch`).
    def initialize(most, &answer)
      @most = most
      @answer = answer
      @known = {}
    end

    # The answer to a question. Raises what the block raises, and remembers nothing of that.
    def [](question)
      fetch(question) { @answer.call(question) }
    end

    # The answer to a question, else that of the block, which is remembered.
    def fetch(question)
      @known.fetch(question) do
        answer = yield
        @known.clear if @known.size >= @most
        @known[question] = answer
      end
    end

    # True where the answer is remembered.
    def known?(question)
      @known.key?(question)
    end
  end
end
