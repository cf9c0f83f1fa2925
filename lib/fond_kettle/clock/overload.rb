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
        users.map { |place| low[place] - minutes[place] }.uniq.each do |from|
          to = overfull(resource, minutes, low, high, order, from)
          return [within(users, minutes, low, high, from, to), to, from] if to
        end
        nil
      end

      # Up to which minute too much has to be done after `from`, or nil.
      def overfull(resource, minutes, low, high, order, from)
        users = resource.users
        work = index = 0
        while (i = order[index])
          index += 1
          place = users[i]
          length = minutes[place]
          next if low[place] - length < from

          work += length * resource.amounts[i]
          return high[place] if work > (high[place] - from) * resource.there
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
