# frozen_string_literal: true

require_relative "../../app/lessons/forget"
require_relative "../../lib/fond_kettle/belief/scoped"
require_relative "../../lib/fond_kettle/ground/value"
require_relative "../../lib/fond_kettle/ground/words"
require_relative "../../lib/fond_kettle/log/cause_words"
require_relative "../../lib/fond_kettle/log/forgettable"
require_relative "presenter"

module FondKettle
  module Web
    module Presenters
      # The bags that were cooked from, what each has taught, and what can be done about it: forget it, or
      # learn from it again. Starts no model.
      class TaughtBags < Presenter
        # A line with its button.
        #   of           what is forgotten (Log::Forgettable)
        #   said         in words; nil for a single cook
        #   act, button  the route within the log, and the button's words
        Line = Value.define(:of, :said, :act, :button)
        FORGET = ["forget", "Forget what it taught"].freeze
        AGAIN = ["learn-again", "Learn from it again"].freeze
        NOT_COUNTED = "forgotten"
        # Smaller moves than this share are not told.
        TOLD = 0.01

        # Lines, the bag that was cooked from last first.
        def all
          bags.map do |bag|
            line(App::ForgetLessons.name_of(bag), bag.cooks.any?, said(bag))
          end
        end

        # The Line of one cook (its id), or nil where it could teach nothing.
        def cook(id)
          bag = bags.find { |one| [*one.cooks, *one.forgotten].include?(id) }
          line(Log::Forgettable.cook(id), bag.cooks.include?(id), nil) if bag
        end

        private

        def day(time)
          time.getlocal.strftime("%-d %b")
        end

        def bags
          household.lessons.forgetting.bags
        end

        def line(of, teaches, said)
          act, button = teaches ? FORGET : AGAIN
          Line.new(of: of, said: said, act: act, button: button)
        end

        def said(bag)
          from, till = [bag.from, bag.till].map { |time| day(time) }
          days = from == till ? from : "#{from} to #{till}"
          ["**#{App::ForgetLessons.called(bag)}**: #{counted(bag)}, #{days}.", moved(bag)].compact.join(" ")
        end

        def counted(bag)
          all = [*bag.cooks, *bag.forgotten].size
          words = all == 1 ? "1 pot" : "#{all} pots"
          return words if bag.forgotten.empty?
          return "#{words}, #{NOT_COUNTED}" if bag.cooks.empty?

          "#{words}, #{bag.forgotten.size} of them #{NOT_COUNTED}"
        end

        # By how much the bag drinks more or less than most, as far as anybody knows.
        def moved(bag)
          name = "#{Belief::Scopes::BAG}:#{bag.bag_id || bag.grain}"
          place = Belief::Scoped.new(unknown: :uptake, scope: name)
          belief = household.lessons.learned.belief
          mean = belief.index(place) ? belief.mean(place) : 0.0
          "#{Words.capital(Log::CauseWords.how_much(:uptake, mean))}, as far as is known." if mean.abs >= TOLD
        end
      end
    end
  end
end
