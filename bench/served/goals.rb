# frozen_string_literal: true

# Prints figures beside what is wanted of them, and in the end which missed it.
class Goals
  def initialize
    @missed = []
  end

  # `what` took `found`, where at most `most` is wanted (nil: nothing); `unit`: how it is told.
  def told(what, found, unit, most: nil, least: nil)
    met = (most.nil? || found <= most) && (least.nil? || found >= least)
    @missed << what unless met
    wanted = most ? "wanted: at most #{most}" : ("wanted: at least #{least}" if least)
    puts format("%-44s %8.2f %-8s %s", what, found, unit, [*wanted, *("missed" unless met)].join(", ")).rstrip
  end

  def finish
    puts(@missed.empty? ? "All goals are met." : "Missed: #{@missed.join('; ')}.")
  end
end
