# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../../lib/fond_kettle/larder/grains"
require_relative "../../lib/fond_kettle/log/forgettable"
require_relative "../act"

module FondKettle
  module App
    # Forgets what a cook, the cooks of a bag, or all have taught, and has them teach again. They stay in the
    # log.
    class ForgetLessons < Act
      NAMES = Log::Forgettable
      NOTHING = "must be something that was cooked here and taught something"

      # The name of a Store::Forgetting::Bag among Log::Forgettable.
      def self.name_of(bag)
        NAMES.bag(bag.bag_id, bag.grain)
      end

      # Its name as a cook has it.
      def self.called(bag)
        bag.name || "#{Larder::Grains.all[bag.grain]&.name || bag.grain} from no bag"
      end

      # `named`: as Log::Forgettable. With all, the cooks' own water is forgotten too. Raises InvalidInput.
      def call(named)
        ids = ids(named, &:cooks)
        mine = named == NAMES::ALL ? household.lessons.mine.all : []
        raise InvalidInput.at("of", NOTHING) if ids.empty? && mine.empty?

        noted("Forgotten: #{words(named)}", "removal", "/log#forget") do
          household.lessons.forgetting.forget(ids, now)
          mine.each { |own| household.lessons.mine.remove(own[:id], own[:lock_version], now) }
        end
      end

      # `named`: as Log::Forgettable. Raises InvalidInput.
      def learn_again(named)
        ids = ids(named, &:forgotten)
        raise InvalidInput.at("of", NOTHING) if ids.empty?

        noted("Learned from again: #{words(named)}", "change", "/log#forget") do
          household.lessons.forgetting.learn_again(ids)
        end
      end

      private

      # Ids of the cooks of a name; of a bag as the block has them.
      def ids(named, &)
        kind, id = NAMES.parts(named)
        return [*bag(named)].flat_map(&) unless [NAMES::ALL, NAMES::COOK].include?(kind)

        all = bags.flat_map(&)
        kind == NAMES::ALL ? all : all & [id.to_i]
      end

      def bags
        household.lessons.forgetting.bags
      end

      def bag(named)
        bags.find { |one| ForgetLessons.name_of(one) == named }
      end

      def words(named)
        kind, id = NAMES.parts(named)
        case kind
        when NAMES::ALL then "all that the pots have taught"
        when NAMES::COOK then "what #{household.cooks.find(id.to_i)[:title]} has taught"
        else "what #{ForgetLessons.called(bag(named))} has taught"
        end
      end
    end
  end
end
