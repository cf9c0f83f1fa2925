# frozen_string_literal: true

require_relative "../ground/errors"
require_relative "../ground/value"
require_relative "contents"

module FondKettle
  module Vessels
    # What a vessel holds after a step, and what that did: `before`: its contents when all had gone in;
    # `steam_g` that left; `put_away`: what left the dish (Contents, or nil); `minutes` that it takes;
    # `never_hot`: a sentence where the fire cannot do it, and nothing was changed.
    # `does`: the Step with the indexes of the foods that it was done to, or nil.
    # `poured`: [key of another vessel, Contents that it gave] of each that was poured in first.
    Row = Value.define(:step, :does, :poured, :before, :contents, :steam_g, :put_away, :minutes, :never_hot)

    # Carries the steps of a Graph out, one after the other.
    class GraphRun
      LIQUID = "liquid"
      SOLIDS = "solids"
      ALL = "all"

      # `graph`: a Graph.
      def initialize(graph)
        @graph = graph
        @contents = Hash.new { |all, key| all[key] = graph.settings.fetch(key) && Contents.of }
        # As it was when the vessel's own last step was done: shares are of that.
        @done = {}
      end

      # A Row for each step.
      def rows
        run.map(&:first)
      end

      # [Row, Contents by vessel after it] of each step.
      def run
        @run ||= @graph.steps.map { |step| [row(step), {}.merge(@contents)] }.freeze
      end

      # Contents by vessel at the end, of those that were used.
      def contents
        run
        @contents.dup
      end

      private

      def row(step)
        taken = taken(step)
        poured = step.from.map { |pour| [pour.vessel, poured(pour)] }
        before = poured.sum(taken) { |_, contents| contents }
        done = { step: step, poured: poured.freeze, before: before, put_away: nil, steam_g: 0.0, minutes: 0.0,
                 never_hot: nil, does: nil, contents: before }
        done = done.merge(changed(step, before)) if step.does
        @contents[step.vessel] = @done[step.vessel] = done[:contents]
        Row.new(**done)
      end

      # What its Step does (attributes of Row).
      def changed(step, before)
        does = aimed(step, before)
        change = before.after(does, @graph.settings.fetch(step.vessel))
        { does: does, contents: change.contents, steam_g: change.steam_g, minutes: change.minutes,
          put_away: carried(step, change.out) }
      rescue NeverHot => e
        { never_hot: e.message }
      end

      # The vessel's contents when lines have gone in.
      def taken(step)
        step.takes.reduce(@contents[step.vessel]) do |contents, (line, share)|
          food = @graph.lines.fetch(line)
          contents.taking(share < 1 ? food.part(share) : food)
        end
      end

      # What goes out into another vessel stays in the dish.
      def carried(step, out)
        return out unless out && step.to

        @contents[step.to] = @done[step.to] = @contents[step.to] + out
        nil
      end

      def aimed(step, contents)
        return step.does unless step.only

        indexes = contents.foods.each_index.select { |index| step.only.include?(contents.foods[index].line) }
        step.does.with(foods: indexes.freeze)
      end

      # Takes what a Pour says out of its vessel, and returns it (Contents).
      def poured(pour)
        there = @contents[pour.vessel]
        share = share(pour, there)
        out = part(there, pour.what, share)
        @contents[pour.vessel] = part(there, pour.what, 1 - share, rest: true)
        out
      end

      # Share of what is there now.
      def share(pour, there)
        now_g = weight_g(there, pour.what)
        return 1.0 if now_g.zero?
        return [pour.g / now_g, 1.0].min if pour.g
        return 1.0 unless pour.share

        [pour.share * weight_g(@done.fetch(pour.vessel, there), pour.what) / now_g, 1.0].min
      end

      def weight_g(contents, what)
        case what
        when LIQUID then contents.liquid_g
        when SOLIDS then contents.foods.sum(0.0, &:mass_g)
        else contents.mass_g
        end
      end

      # A share of what is meant, with what else stays where it is (`rest`), or without it.
      def part(contents, what, share, rest: false)
        other = rest ? 1.0 : 0.0
        foods_share = [SOLIDS, ALL].include?(what) ? share : other
        liquid_share = [LIQUID, ALL].include?(what) ? share : other
        fat_share = what == ALL ? share : other
        contents.part(foods_share, liquid: liquid_share, fat: fat_share)
      end
    end
  end
end
