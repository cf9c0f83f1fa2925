# frozen_string_literal: true

require_relative "../ground/value"

module FondKettle
  module Log
    # A part of the way out of a pot that went wrong: g of hot water to add, g to tip off, heat, lid on or
    # off, minutes, whether to look after it, in words.
    RemedyPart = Value.define(:say, :add_g, :tip_off_g, :heat, :lid, :minutes, :look)
  end
end
