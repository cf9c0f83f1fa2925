# frozen_string_literal: true

module FondKettle
  module Clock
    # The orders that a schedule keeps: for each unit of a resource, who has it after whom
    # (chaining: Policella, Cesta, Oddi and Smith, 2004).
    module Chains
      module_function

      # Pairs [first, second] of places, first over before second starts; those not `kept` are
      # left out, and their neighbours follow one another.
      def of(crowds, minutes, starts, kept)
        crowds.resources.flat_map { |resource| chain(resource, minutes, starts, kept) }.uniq
      end

      # Lays such pairs in a Network for as long as the block takes; returns what that returns.
      def laid(pairs, network)
        pairs.each { |first, second| network.lay_order(first, second) }
        yield
      ensure
        pairs.reverse_each { |first, second| network.drop(first, second) }
      end

      # The chain of a resource, from its first task: each takes over from the one that was over last before
      # it, so that few wait for many.
      def chain(resource, minutes, starts, kept)
        units = Array.new(resource.there)
        order = resource.users.each_index.select { |i| whole?(resource, i, kept) }
                        .sort_by { |i| -starts[resource.users[i]] }
        order.flat_map do |i|
          place = resource.users[i]
          free = units.each_index.select { |unit| free?(units[unit], place, minutes, starts) }
          free.max_by(resource.amounts[i]) { |unit| -over_min(units[unit], minutes, starts) }
              .filter_map { |unit| before(units, unit, place, resource.lasts[i]) }
        end
      end

      # True for a user that keeps its order from its first task to its last.
      def whole?(resource, index, kept)
        kept[resource.users[index]] && kept[resource.lasts[index]] && resource.owns[index].nil?
      end

      # The end of the task that has the unit, in minutes before serving; infinity for a unit that nobody has
      # had.
      def over_min(last, minutes, starts)
        last ? starts[last] - minutes[last] : Float::INFINITY
      end

      def free?(last, place, minutes, starts)
        over_min(last, minutes, starts) >= starts[place]
      end

      # [the task that had the unit last, the one that takes it], or nil; from now on `last` has it.
      def before(units, unit, place, last)
        had = units[unit]
        units[unit] = last
        [had, place] if had
      end
      private_class_method :chain, :whole?, :over_min, :free?, :before
    end
  end
end
