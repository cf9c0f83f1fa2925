# frozen_string_literal: true

require_relative "chains"
require_relative "crowds"
require_relative "network"
require_relative "search"
require_relative "slot"

module FondKettle
  module Clock
    # Makes a schedule right again for a problem that has changed a little (a task pinned, a ring
    # less, a task that takes longer), moving as little as it can: first with all orders kept, else
    # with orders found anew; then each task goes back to where it was, as far as that is open.
    class Mending
      # Orders looked at with the old order, for each task; with none kept, for each task.
      KEEPING = 1
      ANEW = 3

      # Starts (minutes before serving by id) that keep every bound of `problem`, near `starts`; nil
      # where none were found. Nothing starts more than `limit` minutes before serving (nil: any); `anew`:
      # orders looked at for each task where the old order does not do.
      def self.of(problem, starts, limit: nil, anew: ANEW)
        new(problem, starts, limit, anew).starts
      end

      # The arguments are those of `of`.
      def initialize(problem, starts, limit, anew = ANEW)
        @anew = anew
        @problem = problem
        @network = Network.new(problem)
        @crowds = Crowds.new(problem, @network)
        @wished = @network.place.keys.map { |id| starts.fetch(id, 0) }
        @limit = limit || (@network.horizon_min + @wished.max.to_i)
      end

      # Result of `of`.
      def starts
        @windows = @network.windows(@limit)
        low = @windows && (near(@wished) || near_to_found)
        low && @network.place.transform_values { |place| low[place] }
      end

      # Windows of each task by id, [least, most] minutes before serving, with all orders as `starts`
      # have them.
      def windows
        low, high = @network.windows(@limit)&.map(&:dup)
        return {} unless low && with_orders(@wished) { |laid| @network.settle(low, high, laid.flatten.uniq) }

        @network.place.transform_values { |place| [low[place], high[place]] }
      end

      private

      def size
        @problem.slots.size
      end

      def kept_orders
        low, high = @windows.map(&:dup)
        with_orders(@wished) do |laid|
          @network.settle(low, high, laid.flatten.uniq) && search(low, high, KEEPING)
        end
      end

      def new_orders
        search(*@windows.map(&:dup), @anew)
      end

      def search(low, high, each)
        Search.new(@network, @crowds, Random.new(size)).run(low, high, most_nodes: each * size,
                                                                       sharp: true).low
      end

      # With the orders of a schedule laid for as long as the block takes.
      def with_orders(starts)
        laid = Chains.of(@crowds, @network.minutes, starts, Array.new(size, true))
        Chains.laid(laid, @network) { yield laid }
      end

      # With other orders, where those of the schedule alone do not do.
      def near_to_found
        low = kept_orders || new_orders
        low && (near(low) || low)
      end

      # With the orders of `starts`, each task as near to where it was as the ones before it leave open; nil
      # where something is in another's way then.
      def near(starts)
        with_orders(starts) { |laid| nearest(laid) }
      end

      def nearest(laid)
        low, high = @windows.map(&:dup)
        return unless @network.settle(low, high, laid.flatten.uniq)

        (0...size).sort_by { |place| -@wished[place] }.each do |place|
          low[place] = high[place] = @wished[place].clamp(low[place], high[place])
          return nil unless @network.settle(low, high, [place])
        end
        low if @crowds.at(low).empty?
      end
    end
  end
end
