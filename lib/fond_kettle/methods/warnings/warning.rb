# frozen_string_literal: true

require_relative "../../ground/value"

module FondKettle
  module Methods
    # Something that the cook should know before the start: its code, and what is said of it.
    Warning = Value.define(:code, :say)
  end
end
