# frozen_string_literal: true

require_relative "../../measure/rounding"
require_relative "../loads/hot_start"
require_relative "../made/steaming"
require_relative "../made/water_below"

module FondKettle
  module Methods
    # Tasks that only a steamer has: what does not go into it at once goes through it in batches, and
    # what its pot is topped up with boils by then. In any other phase there is one batch, and nothing to
    # top up.
    class SteamerTasks
      # `request`: a Request; `phase`: one of its phases (Phases::Phase); `list`: TaskList, `amounts`:
      # TaskAmounts, `words`: TaskWords.
      def initialize(request, phase, list, amounts, words)
        @request = request
        @phase = phase
        @list = list
        @amounts = amounts
        @words = words
        @steaming = Steaming.new(request, phase) if phase.load.steamed?
      end

      # Minutes until the water under it boils; nil: there is no steamer.
      def heat_min
        @steaming && HotStart.boil_min(@request, @phase, @steaming.below.first_g)
      end

      # Number of batches.
      def batches
        @steaming ? @steaming.laid.batches : 1
      end

      # The filling text's phrase for how much goes in at once.
      def filled_with
        { **@amounts.filled_with, part: @steaming&.part(@amounts.others).to_s }
      end

      # The task that a batch begins with, after `before`: the first is laid already.
      def begun(before, batch)
        return before if batch == 1

        top_up = top_up(batch, nil)
        id = "fill.#{@phase.key}.#{batch}"
        @list.common(id, "next-batch", boiled(before, top_up, id), **values(top_up))
      end

      # Values of a task of TaskList#common with a TopUp (nil: none), merged into `words`.
      def values(top_up, words = {})
        { words: { **words, top_up: WaterBelow.say(top_up) }, more: @amounts.water.topped(top_up) }
      end

      # The TopUp at the start of stage `number` (nil: when it is filled) in a batch, or nil.
      def top_up(batch, number)
        @steaming&.top_up(batch, number)
      end

      # The task that the one with this id follows: `last`, or with a TopUp the one that brings it to the
      # boil.
      def boiled(last, top_up, id)
        return last unless top_up

        key = HotStart.below(@request)
        boiling = @list.common("#{key}.#{id}", key, nil, min: HotStart.below_min(@request, @phase, top_up.g),
                                                         words: { more: weighed(top_up.g) })
        [*last, @list.loosely(boiling)]
      end

      private

      def weighed(grams)
        return Measure::Rounding.litres(grams) if @request.measures.litres?(grams)

        "#{@request.measures.weighed(grams)} (#{@words.in_cups(grams)})"
      end
    end
  end
end
