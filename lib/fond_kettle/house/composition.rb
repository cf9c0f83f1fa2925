# frozen_string_literal: true

require_relative "../ground/errors"
require_relative "../ground/remembered"
require_relative "../log/kitchen_lesson"
require_relative "../methods/solved/last_pot"
require_relative "../pot/fit"
require_relative "../dishes/supper"
require_relative "../dishes/way"
require_relative "how_much"
require_relative "kit"
require_relative "wishes"

module FondKettle
  module House
    # The request that comes of a household's shelves, the lessons of its log, and wishes. Web, demo and all
    # others who plan for a household use it.
    class Composition
      # More than a pot of plain rice loses, g.
      LOSES_MOST_G = 450.0
      NONE = Log::KitchenLesson.none
      # Does the pot of a Methods::Request take all of it? A page asks it of the same pots again and again.
      TAKEN = Remembered.new(500) do |request|
        potful = Methods::LastPot.of(request)
        fits = ->(liquid_g) { Pot::Fitting.check(potful.load, liquid_g, request.vessel).fits? }
        least_g, most_g = bounds_g(potful.load)
        fits.call(least_g) && (fits.call(most_g) || fits.call(potful.roughly.liquid_g))
      end
      private_constant :TAKEN

      # Between these is what is poured, g: what does not take the least, or takes the most, needs no
      # reckoning.
      def self.bounds_g(load)
        return [load.parts * load.rice_g] * 2 if load.plenty?

        lossless_g = [load.wanted_g - load.carried_g, 0.0].max
        [load.steamed? || load.stack ? 0.0 : lossless_g, LOSES_MOST_G + lossless_g]
      end
      private_class_method :bounds_g

      # `wishes`: Wishes; `shelves`: Shelves; `log`: answers `lesson(request, bag_id,
      # dish)` with a Log::KitchenLesson (nil: nothing was ever cooked).
      def initialize(wishes, shelves, log: nil)
        @wishes = wishes
        @shelves = shelves
        @first_kit = Kit.new(shelves, wishes.method, wishes.chosen, wide_mm: wishes.dish&.pan_mm)
        @grain = shelves.in_bag(wishes.grain)
        @log = log
        @how_much = HowMuch.new(wishes, shelves, @first_kit)
      end

      # The things of the shelves that are used (Kit): the pot that takes all the rice, when none was chosen.
      def kit
        @kit ||= Kit.new(@shelves, @wishes.method, @wishes.chosen, wide_mm: @wishes.dish&.pan_mm,
                                                                   takes: (method(:takes?) if whole_known?))
      end

      # The Bag from which the rice is taken, or nil.
      def bag
        @shelves.bag_of(@grain)
      end

      # The lesson of the log about this bag, pot, burner and house (Log::KitchenLesson).
      def lesson
        @lesson ||= @log ? @log.lesson(by_the_book, bag&.id, @wishes.dish&.title) : NONE
      end

      # Raw rice in all, g. Raises InvalidInput at the wish that cannot be met.
      def rice_g
        @rice_g ||= @how_much.rice_g { |grams| compose(grams, @first_kit) }
      end

      # Number of times that the dish is made; 1.0 for plain rice.
      def factor
        @wishes.dish ? rice_g / @wishes.dish.rice_g : 1.0
      end

      # The Methods::Request without what the dish brings.
      def base_request
        @base_request ||= @wishes.learned ? by_the_book.with(held: lesson.estimates) : by_the_book
      end

      # The Methods::Request of one of the equal pots, with all that the dish brings.
      def request
        @request ||= if @wishes.dish
                       Dishes::Laying.scaled_request(@wishes.dish, factor, base_request,
                                                     pots: @wishes.batches)
                     else
                       Dishes::Laying.split(base_request, @wishes.batches)
                     end
      end

      # The eaters at the table.
      def table
        @how_much.table
      end

      # Regular adults' worth.
      def servings
        @wishes.dish && @wishes.quantity.by != "people" ? @wishes.dish.serves * factor : @how_much.servings
      end

      private

      # Is it known how much there will be? As much as a pot takes is asked of one pot.
      def whole_known?
        return false if @wishes.quantity.by == "pot" || @wishes.batches > 1

        rice_g
      rescue InvalidInput
        false
      end

      def takes?(pot)
        chosen = Kit.new(@shelves, @wishes.method, { **@wishes.chosen, pot: pot.id })
        asked = compose(rice_g, chosen)
        asked = Dishes::Laying.scaled_request(@wishes.dish, factor, asked) if @wishes.dish
        TAKEN[asked]
      end

      # The request as if nothing was ever cooked here.
      def by_the_book
        @by_the_book ||= compose(rice_g, kit)
      end

      def compose(rice_g, used)
        kit = used.to_h
        Methods::Request.of(method: way.method_of(@wishes.method), grain: @grain, rice_g: rice_g,
                            texture: @wishes.texture || way.texture || 0.0,
                            choices: way.choices(@wishes.choices), additions: @wishes.additions,
                            company: @wishes.company, layered: @wishes.layered || way.layered,
                            making: making(kit[:vessel]),
                            eaters: table, altitude_m: @shelves.altitude_m, hands: @shelves.hands,
                            **kit, vessel: closed(kit[:vessel]), **way.wash, **@wishes.wash)
      end

      # What is made of the rice tonight, else what the dish makes of it.
      def wanted
        @wishes.making == Methods::Making.of ? way.making || @wishes.making : @wishes.making
      end

      # With the steamer of the house, where none was said and it closes on this pot.
      def making(vessel)
        said = wanted
        return said unless @wishes.method.steamed?
        return closing(said, vessel) if said.steamer

        said.with(steamer: @shelves.steamers.find { |steamer| steamer.on?(vessel) })
      end

      # A steamer has to close on the pot under it.
      def closing(said, vessel)
        return said if said.steamer.on?(vessel)

        most_mm = FondKettle::Kit::Steamer.most_mm(vessel).round
        raise InvalidInput.at("steamer_mm", "must be at most #{most_mm}: #{vessel.name} under it is " \
                                            "#{vessel.diameter_mm.round} mm wide")
      end

      # Under tonight's lid, the dish's or its own.
      def closed(vessel)
        lid = @wishes.lid || way.lid || seal
        lid ? way.with(lid: lid).vessel(vessel) : vessel
      end

      # A way under a seal brings it.
      def seal
        @wishes.method.vessel[:lid] if @wishes.method.sealed?
      end

      def way
        @way ||= @wishes.dish&.way || Dishes::Way.of
      end
    end
  end
end
