# frozen_string_literal: true

require_relative "../../lib/fond_kettle/care/looks"
require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../../lib/fond_kettle/stove/cook"

module FondKettle
  module App
    # Tells what was tapped at the stove: one tap is one write. What follows from it is worked out after
    # (FollowUps).
    class TellCook
      # `household`: Store::Household; `follow_ups`: FollowUps; `now`: a Time.
      def initialize(household, follow_ups, now)
        @household = household
        @follow_ups = follow_ups
        @now = now
      end

      # Leaves a task for another, as a Forms::StepForm says, with `poured_g` in the pot (nil: as it was
      # shown) and `boiled_c` on a probe in it, where there is one. Another device may have left it already;
      # then nothing happens. Raises NotFound, Conflict, InvalidInput.
      def step(record, step, poured_g, boiled_c = nil)
        poured = step.hold? ? held_back(record) : poured_g && poured(record, poured_g)
        happened = [*poured, *([["seen", step.seen]] if step.seen), *([["boiled", boiled_c]] if boiled_c)]
        @household.cooks.move(record[:id], step.from, step.to, @now, at: step.at(@now), happened: happened)
        @follow_ups.add(record[:id], @now)
      end

      # Stores what a Forms::ToldForm reports. Only the first sighting of a cue counts. Raises Conflict for a
      # task to be set going that has begun already.
      def happened(record, told)
        check_to_come(record, told.what) if told.kind == "going"
        if told.kind == "seen"
          @household.cooks.see(record[:id], told.what, @now)
        else
          @household.cooks.note(record[:id], events(record, told), @now)
        end
        @follow_ups.add(record[:id], @now)
      end

      # Stores the amount that was really poured, or that stands in the pot, in g.
      def pour(record, amount_g)
        @household.cooks.note(record[:id], poured(record, amount_g), @now)
        @follow_ups.add(record[:id], @now)
      end

      # Stores the thermometer's reading in the thickest piece, in °C.
      def measure(record, heat_c)
        @household.cooks.note(record[:id], [["measured", heat_c.round(1)]], @now)
      end

      # Stores what the pot weighs, g, by a kind of Stove::Weighing.
      def weigh(record, kind, weighs_g)
        @household.cooks.note(record[:id], [[kind, weighs_g.round(1)]], @now)
      end

      private

      def check_to_come(record, id)
        to_come = Stove::Cook.new(record[:plan], record[:events]).to_come
        raise Conflict, "That has begun already." if to_come.none? { |task| task[:id] == id }
      end

      def events(record, told)
        return looked(record, told.what) if told.kind == "held"

        [[told.kind, told.what], *(decided(record, Care::Looks.all.fetch(told.what)) if told.kind == "look")]
      end

      # Of a broth, what stands in the pot: what its food brought was never poured.
      def poured(record, amount_g)
        base = record[:plan][:base]
        return [["poured", amount_g.round(1)]] unless base

        [["standing", amount_g.round(1)], ["poured", [amount_g - base[:brought_g], 0.0].max.round(1)]]
      end

      # The range as an act: what is kept hot.
      def held_back(record)
        act = record[:plan][:act] || raise(InvalidInput.at("hold", "is not offered for this pot"))
        [["poured", act[:pour_g]], ["held", act[:keep_g]]]
      end

      # What follows from a look with a decision: a sign, a pour more or one left out.
      def decided(record, look)
        pours = look.pours * record[:plan].dig(:steaming, :sprinklings, 0, :g).to_f
        [*([["sign", look.sign]] if look.sign), *([["added", pours.round(1)]] unless pours.zero?)]
      end

      # The look at the water that was kept hot: sprinkled, or left out.
      def looked(record, what)
        held_g = Stove::Cook.new(record[:plan], record[:events]).held_g
        [*([["added", held_g]] if held_g && what == "sprinkled"), ["held", 0]]
      end
    end
  end
end
