# frozen_string_literal: true

# One loop over floats that does so many exponentials and divisions, and nothing else: the yardstick.
module BareLoop
  module_function

  # Milliseconds of one of so many.
  def ms(exponentials, divisions, times)
    from = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    times.times { once(exponentials, divisions) }
    (Process.clock_gettime(Process::CLOCK_MONOTONIC) - from) * 1000 / times
  end

  def once(exponentials, divisions)
    fading = 0.5
    left = 90.0
    index = 0
    while index < exponentials
      fading = Math.exp(-0.7 * fading)
      index += 1
    end
    index = 0
    while index < divisions
      left = (left + fading) / 1.01
      index += 1
    end
    left
  end
end
