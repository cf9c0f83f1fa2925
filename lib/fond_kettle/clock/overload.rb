# frozen_string_literal: true

module FondKettle
  module Clock
    # Detection of overload: more work within a stretch of time than a resource can do, from tasks that can
    # neither start before the stretch nor end after it (overload checking: Carlier and Pinson, 1989).
    module Overload
      module_function

      # Places of such tasks with [from, to] minutes before serving, or nil. `resource`: of Crowds.
      def of(resource, minutes, low, high)
        users = resource.users
        order = users.each_index.sort_by { |i| high[users[i]] }
        froms = order.map { |i| low[users[i]] - minutes[users[i]] }
        ends = order.map { |i| high[users[i]] }
        work = order.map { |i| minutes[users[i]] * resource.amounts[i] }
        froms.uniq.each do |from|
          to = overfull(froms, ends, work, from, resource.there)
          return [within(users, minutes, low, high, from, to), to, from] if to
        end
        nil
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

      def within(users, minutes, low, high, from, to)
        users.select { |place| low[place] - minutes[place] >= from && high[place] <= to }
      end
      private_class_method :overfull, :within
    end
  end
end
