# frozen_string_literal: true

module FondKettle
  module Clock
    # Longest paths through a Network, and the circle of bounds where there is none.
    module Paths
      module_function

      # Minutes from the earliest start at the least to the start of each task, by place.
      def tails(network)
        tails = Array.new(network.serve + 1, 0)
        (network.serve + 2).times { return tails unless lengthen(network, tails) }
        tails
      end

      # Minutes that one node (`to`) starts before another (`from`) at the least, by the bounds; nil: nothing
      # ties them so.
      def least_min(network, from, to)
        at = Array.new(network.serve + 1)
        at[from] = 0
        (network.serve + 2).times { break unless lengthen_from(network, at) }
        at[to]
      end

      # Places of the tasks on a chain of bounds that contradict one another, in order; empty where
      # none do (Bellman and Ford).
      def contradiction(network)
        at = Array.new(network.serve + 1, 0)
        via = {}
        last = nil
        (network.serve + 2).times { last = relax(network, at, via) }
        last ? circle(network, via, last) - [network.serve] : []
      end

      # Yields each edge: from, to, minutes.
      def each_edge(network)
        network.out.each_with_index do |edges, from|
          index = 0
          while (to = edges[index])
            yield from, to, edges[index + 1]
            index += 2
          end
        end
      end

      # Runs one round over what starts after what; true when a tail has grown.
      def lengthen(network, tails)
        grown = false
        each_edge(network) do |from, to, minutes|
          next unless tails[to] + minutes > tails[from]

          tails[from] = tails[to] + minutes
          grown = true
        end
        grown
      end

      # Runs one round from the nodes that are reached; true when one has moved.
      def lengthen_from(network, at)
        moved = false
        each_edge(network) do |from, to, minutes|
          bound = at[from] && (at[from] + minutes)
          next unless bound && (at[to].nil? || bound > at[to])

          at[to] = bound
          moved = true
        end
        moved
      end

      # Runs one round; returns the last place that moved, or nil.
      def relax(network, at, via)
        moved = nil
        each_edge(network) do |from, to, minutes|
          next unless at[from] + minutes > at[to]

          at[to] = at[from] + minutes
          via[to] = from
          moved = to
        end
        early(network, at, via) || moved
      end

      # Tasks that would have to start before their longest wait for serving, or before their fixed start.
      def early(network, at, via)
        serve = network.serve
        fixed(network, at, via)
        bounds = [*network.waits, *network.most.each_with_index.filter_map do |most, place|
          [place, most] if most
        end]
        place, most = bounds.find { |waiting, minutes| at[waiting] - minutes > at[serve] }
        return unless place

        at[serve] = at[place] - most
        via[serve] = place
        serve
      end

      # Tasks whose fixed start is at least that long before serving.
      def fixed(network, at, via)
        network.least.each_with_index do |least, place|
          next if least.zero? || place == network.serve || at[network.serve] + least <= at[place]

          at[place] = at[network.serve] + least
          via[place] = network.serve
        end
      end

      def circle(network, via, node)
        (network.serve + 2).times { node = via[node] }
        around = [node]
        around << node while (node = via[node]) != around.first
        around
      end
      private_class_method :each_edge, :lengthen, :lengthen_from, :relax, :early, :fixed, :circle
    end
  end
end
