# frozen_string_literal: true

module FondKettle
  module Clock
    # Detection of overload: more work within a stretch of time than a resource can do, from tasks that can
    # neither start before the stretch nor end after it (overload checking: Carlier and Pinson, 1989).
    module Overload
      module_function

      # [indexes of such users, from, to (minutes before serving)], or nil. `resource`: of Crowds. What may be
      # within a span that holds the same is left out.
      def of(resource, minutes, low, high)
        order = order(resource, high)
        froms = order.map { |i| low[resource.lasts[i]] - minutes[resource.lasts[i]] }
        ends = order.map { |i| high[resource.users[i]] }
        work = order.map { |i| resource.least[i] * resource.amounts[i] }
        froms.uniq.each do |from|
          to = overfull(froms, ends, work, from, resource.there)
          return [within(order, froms, ends, from, to), to, from] if to
        end
        nil
      end

      # Indexes of users by their ends.
      def order(resource, high)
        users = resource.users
        whole = resource.owns.any? ? users.each_index.reject { |i| resource.owns[i] } : users.each_index
        whole.sort_by { |i| high[users[i]] }
      end

      def within(order, froms, ends, from, to)
        order.select.with_index { |_, i| froms[i] >= from && ends[i] <= to }
      end

      # Up to which minute too much has to be done after `from`, or nil; the lists are of tasks by their ends.
      def overfull(froms, ends, work, from, there)
        sum = index = 0
        while (own = froms[index])
          if own >= from
            sum += work[index]
            return ends[index] if sum > (ends[index] - from) * there
          end
          index += 1
        end
        nil
      end
      private_class_method :order, :within, :overfull
    end
  end
end
