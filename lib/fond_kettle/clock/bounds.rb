# frozen_string_literal: true

module FondKettle
  module Clock
    # Lower bounds for the length of a span.
    module Bounds
      module_function

      # The larger of the longest path and, for each resource, of the work of any of its users that
      # have so long to go and so long before them (energetic reasoning over heads and tails: Carlier
      # and Pinson, 1989). `low`: latest starts; `tails`: minutes before them, both by place.
      def span_min(crowds, minutes, low, tails)
        path = low.zip(tails).map(&:sum).max
        crowds.resources.reduce(path) { |most, resource| [most, energy(resource, minutes, low, tails)].max }
      end

      # The bound for one resource, by the reasoning above.
      def energy(resource, minutes, low, tails)
        whole = resource.users.each_index.reject { |index| resource.owns[index] }
        tasks = whole.map do |index|
          last = resource.lasts[index]
          [low[last] - minutes[last], tails[resource.users[index]],
           resource.least[index] * resource.amounts[index]]
        end
        tasks.sort_by! { |_, before, _| -before }
        tasks.map(&:first).uniq.reduce(0) { |most, to_go| [most, beyond(tasks, to_go, resource.there)].max }
      end

      # Tasks that need at least `to_go` minutes, ordered by the minutes before them.
      def beyond(tasks, to_go, there)
        work = most = 0
        tasks.each do |after, before, energy|
          next if after < to_go

          work += energy
          bound = to_go + before + (work / there.to_f).ceil
          most = bound if bound > most
        end
        most
      end
    end
  end
end
