# frozen_string_literal: true

require_relative "../../care/task"
require_relative "../loads/base_graph"
require_relative "../loads/rice_vessel"

module FondKettle
  module Methods
    # What other vessels of a dish give at a task, as a cook reads it (Care::Amount). Its lines were told
    # where they went in: no grams are counted twice.
    class PouredAmounts
      ALL = "all that is %s"
      # The same for each of so many pots.
      PARTS = { 2 => "half of all that is %s", 3 => "a third of all that is %s" }.freeze
      PART = "an equal part of all that is %s"

      # `request`: a Request.
      def initialize(request)
        @request = request
      end

      # At a StageText: the cook's own words say what goes in whole, the method's do not; `times`: so many
      # pots' worth.
      def at(stage, times)
        weighed = parts(stage.key)
        whole = stage.own? ? [] : wholly(stage.key) - weighed.keys
        [*weighed.map { |from, weight_g| part(from, weight_g * times) },
         *whole.map { |from| all_of(from, ALL) }]
      end

      # When the rice goes in: all of it, for no other words say so.
      def at_rice
        weighed = parts(BaseGraph::RICE).except(*poured_whole)
        whole = rice_from - weighed.keys
        [*weighed.map { |from, weight_g| part(from, weight_g) },
         *whole.map { |from| all_of(from, whole_words) }]
      end

      private

      # What is made once is parted among the pots.
      def whole_words
        @request.pots == 1 ? ALL : PARTS.fetch(@request.pots, PART)
      end

      # Keys of vessels from which something comes with the rice.
      def rice_from
        row = @request.made_in && RiceVessel.of(@request).row(BaseGraph::RICE)
        row ? row.poured.select { |_, contents| contents.mass_g >= 1 }.map(&:first).uniq : []
      end

      # Keys of vessels beside the rice's that give all they have at a step.
      def wholly(key)
        place = @request.made_in&.step(key) or return []
        place.from.reject { |pour| pour.share || pour.g }.map(&:vessel) - [@request.made_in.rice_vessel&.key]
      end

      # Keys of vessels that give all that is left in them when the rice goes in.
      def poured_whole
        row = @request.made_in && RiceVessel.of(@request).row(BaseGraph::RICE)
        row ? row.step.from.reject { |pour| pour.share || pour.g }.map(&:vessel) : []
      end

      # Grams by vessel's key, where a part of what is there is poured: nobody weighs what goes in whole.
      def parts(key)
        row = @request.made_in && RiceVessel.of(@request).row(key)
        return {} unless row

        weights = row.step.to && row.does&.share ? lifted(row) : poured(row)
        weights.select { |_, weight_g| weight_g >= 1 }
      end

      def poured(row)
        told = row.step.from.zip(row.poured).select { |pour, _| pour.share || pour.g }
        told.each_with_object(Hash.new(0.0)) do |(pour, (_, contents)), all|
          all[pour.vessel] += contents.mass_g
        end
      end

      # A share that is lifted into another vessel.
      def lifted(row)
        { row.step.vessel => row.before.mass_g - row.contents.mass_g - row.steam_g }
      end

      def part(from, weight_g)
        amount(from) { |vessel| "#{@request.measures.weighed(weight_g)} from #{known(vessel.called)}" }
      end

      # All that a vessel gives, by some words.
      def all_of(from, words)
        amount(from) { |vessel| format(words, known(vessel.placed)) }
      end

      # The block tells a MadeInVessel.
      def amount(from)
        vessel = @request.made_in.vessel(from)
        Care::Amount.of(key: "from-#{vessel.key}", what: known(vessel.called), g: nil, measured: "",
                        told: yield(vessel))
      end

      # "A bowl" was spoken of before.
      def known(words)
        words.sub(/(?<=\A|\s)an? /, "the ")
      end
    end
  end
end
