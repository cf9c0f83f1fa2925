# frozen_string_literal: true

require_relative "../../larder/names"
require_relative "run_together"

module FondKettle
  module Reading
    # The name that a label gives to a thing behind it: "Dill: 3 big bunches", "Stock: 1.4 l vegetable".
    module LabelName
      # The words of a label.
      NAME = /[[:alpha:]][[:alpha:]' -]{1,40}/
      # An amount of any form, as a part of a longer pattern.
      COUNT = RunTogether::COUNT.source.delete_prefix('\A').freeze
      SORTS = /(?:dried|fresh|frozen|raw|cooked|smoked|tinned|ripe|large|big|small|whole)/i
      # "A big pinch", "3 big bunches"
      LOOSE = /(?:an?|two|three|\d)\s+(?:(?:big|small|good|large)\s+)?
               (?:pinch|bunch|handful|knob|splash|sprig|drop|dash)(?:e?s)?/ix
      # "300 g fillet, skin off"
      FIRST_THING = /\A(?<much>#{COUNT})(?<kind>[[:alpha:]]{3,20})(?<how>,.*)?\z/ix
      # "Broad beans: 400 g frozen, skins slipped off"
      NAMED = /\A(?<label>#{NAME}):\s+
               (?<much>(?:#{LOOSE}|#{COUNT})(?:\s*#{SORTS})?)
               (?<how>,\s[^.:]{1,60})?\.?\z/ix
      # "Stock: 1.4 l vegetable, hot"
      KIND = /\A(?<label>[[:alpha:]]{3,12}):\s+(?<much>#{COUNT})
              (?<kind>[[:alpha:]]{3,20})(?<how>,\s[^:]{1,60})?\.?\z/ix
      # "Saffron: 1/2 tsp in 100 ml warm milk"
      WITHIN = /\A(?<label>#{NAME}):\s+
                (?<much>(?:#{LOOSE}|#{COUNT}))\s*
                (?<how>in\s+[^.:;]{3,50})\.?\z/ix

      module_function

      # A thing of a row that is labelled with a food and names none behind it, with the label's: "Dill: 3 big
      # bunches, chopped fine" is "3 big bunches dill, chopped fine"; nil for any other row.
      def named(row)
        found = NAMED.match(row) || WITHIN.match(row)
        return of_kind(row) unless found && food?(found[:label])

        [found[:much].strip, found[:label].downcase, found[:how]].compact.join(" ").gsub(" ,", ",")
      end

      # "Salmon:", "300 g fillet": the thing with its label, where that is a food and the thing is none.
      def before(label, thing)
        food = label.to_s[/\A[[:alpha:] -]+/].to_s.strip
        found = FIRST_THING.match(thing)
        return thing unless found && food?(food) && !food?(found[:kind])

        "#{found[:much].strip} #{food.downcase} #{found[:kind]}#{found[:how]}"
      end

      # "Stock: 1.4 l vegetable, hot" is vegetable stock.
      def of_kind(row)
        found = KIND.match(row)
        return unless found

        name = "#{found[:kind]} #{found[:label].downcase}"
        "#{found[:much].strip} #{name}#{found[:how]}" if Larder::Names.ours.whole?(name)
      end

      # True for a label that is a food, or a rice.
      def food?(label)
        Larder::Names.ours.whole?(label) || !Larder::Names.ours.grain(label).nil?
      end
      private_class_method :of_kind
    end
  end
end
