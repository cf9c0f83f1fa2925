# frozen_string_literal: true

module FondKettle
  module Log
    # Names of what of a log can be forgotten: all, a cook or a bag by its id, rice of a grain that came from
    # no bag.
    module Forgettable
      ALL = "all"
      COOK = "cook"
      BAG = "bag"
      RICE = "rice"
      NAMES = /\A(?:#{ALL}|(?:#{COOK}|#{BAG})-[1-9]\d{0,9}|#{RICE}-[a-z-]{1,40})\z/

      module_function

      # The name of a cook (its id).
      def cook(id)
        "#{COOK}-#{id}"
      end

      # The name of a bag (its id, nil: none) of a grain.
      def bag(id, grain)
        id ? "#{BAG}-#{id}" : "#{RICE}-#{grain}"
      end

      # [kind, id or grain] of a name; of all no id.
      def parts(name)
        name.split("-", 2)
      end
    end
  end
end
