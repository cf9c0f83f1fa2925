# frozen_string_literal: true

module FondKettle
  # The one tree of errors. Errors a cook can mend descend from UserError and
  # carry a readable message; everything else is a programmer's mistake.
  class Error < StandardError; end

  class UserError < Error; end

  # Input that cannot be used. `problems` is a list of hashes with :field,
  # :message (what is allowed) and, where known, :received.
  class InvalidInput < UserError
    attr_reader :problems

    # An InvalidInput with one problem at `field` (a path such as "vessel.diameter_mm").
    def self.at(field, message, received: nil)
      new([{ field: field, message: message, received: received }.compact])
    end

    # A list of {field, message, received}; its message names them all.
    def initialize(problems)
      @problems = problems.freeze
      super(problems.map { |problem| "#{problem[:field]} #{problem[:message]}" }.join("; "))
    end
  end

  # A data file (grain, method, ingredient, caution) that does not hold together.
  class BadCatalogue < UserError; end

  # Raised when somebody else changed the record first; nothing was written.
  class Conflict < UserError; end

  # The record asked for does not exist (any more).
  class NotFound < UserError; end

  # The disk is full, the database is locked or cannot be read; nothing was written.
  class StoreUnavailable < UserError; end

  # Raised when a fire can never make something hot enough; a sentence says which.
  class NeverHot < UserError; end
end
