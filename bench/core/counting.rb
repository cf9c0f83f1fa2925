# frozen_string_literal: true

# The exponentials (and logarithms) and divisions that something takes.
module Counting
  @found = { exponentials: 0, divisions: 0 }

  class << self
    # [exponentials, divisions] of the second call of the block, when all that is made but once is there. Ruby
    # is slower from then on.
    def of
      Math.singleton_class.prepend(Functions)
      Float.prepend(Division)
      yield
      @found.each_key { |key| @found[key] = 0 }
      yield
      @found.values
    end

    def add(what)
      @found[what] += 1
    end
  end

  # Counted in place of Math's.
  module Functions
    def exp(number)
      Counting.add(:exponentials)
      super
    end

    def log(number)
      Counting.add(:exponentials)
      super
    end
  end

  # Counted in place of Float's.
  module Division
    def /(other)
      Counting.add(:divisions)
      super
    end
  end
end
