# frozen_string_literal: true

require_relative "../ground/value"

module FondKettle
  module Pot
    # Something a stage of cooking can have. Each is one file in attributes/; stage,
    # schemas, readers, JSON and form controls are made from the list.
    #   key      its name, in files and requests too
    #   type     :choice (of `range`), :number (in `range`), :switch, :minutes (a
    #            number in `range`, or ready) or :charge (something that goes in)
    #   range    what it may be; nil for a switch
    #   default  what a stage has that says nothing
    #   set_by   who may set it: :method (a method's file), :request (for the whole
    #            plan), :stages (a request's own stages), :event (at the stove)
    #   effect   what it does in the pot: one of Effects, or nil where the stage itself
    #            reads it (heat, lid, what ends it)
    #   fits     at which stages a request may set it: stage -> true or false
    Attribute = Value.define(:key, :type, :range, :default, :set_by, :effect, :fits) do
      # An Attribute with the given properties; the others take their defaults.
      def self.of(key, type, range: nil, default: type == :switch ? false : nil, set_by: [], effect: nil,
                  fits: ->(_) { true })
        new(key: key, type: type, range: range, default: default, set_by: set_by.freeze, effect: effect,
            fits: fits)
      end

      # True where `who` may set it.
      def by?(who)
        set_by.include?(who)
      end

      # True where `value` is more than the default.
      def set?(value)
        value && value != default
      end
    end

    # The effects that attributes can have in the pot: few, so that the pot knows them all.
    module Effects
      # Steam at the boil is this many times as much.
      LossFactor = Value.define(:factor)
      # Takes up drips, `most_g` in all at `g_min`.
      Sink = Value.define(:most_g, :g_min)
      # Done when the stage begins: a method of Simulation, called with the value.
      OnEntering = Value.define(:act)
    end
  end
end
