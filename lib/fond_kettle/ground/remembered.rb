# frozen_string_literal: true

module FondKettle
  # Answers that depend on nothing but what was asked, and are asked for again and again: the same
  # question is worked out once. Forgets everything when it holds `most` answers. Any thread may ask: a
  # question's own `hash` and `eql?` may let another in, which a bare Hash of Ruby 3.1 does not survive.
  class Remembered
    NOT_KNOWN = Object.new.freeze
    private_constant :NOT_KNOWN

    # The block answers a question that can be a key of a hash; without one each question comes with its own
    # (`fetch`).
    def initialize(most, &answer)
      @most = most
      @answer = answer
      @known = {}
      @turn = Mutex.new
    end

    # The answer to a question. Raises what the block raises, and remembers nothing of that.
    def [](question)
      fetch(question) { @answer.call(question) }
    end

    # The answer to a question, else that of the block, which is remembered. The block may ask others.
    def fetch(question)
      known = @turn.synchronize { @known.fetch(question, NOT_KNOWN) }
      return known unless known.equal?(NOT_KNOWN)

      answer = yield
      @turn.synchronize do
        @known.clear if @known.size >= @most
        @known[question] = answer
      end
    end

    # True where the answer is remembered.
    def known?(question)
      @turn.synchronize { @known.key?(question) }
    end
  end
end
