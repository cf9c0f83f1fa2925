# frozen_string_literal: true

require_relative "../ground/value"
require_relative "../larder/names"
require_relative "claim"
require_relative "way"

module FondKettle
  module Dishes
    # A dish for `serves` regular adults as it is planned: `rice_g` of `grain` (a key) by `method` (a key) in
    # a pan `pan_mm` wide (nil: not said); `lines` (Line), one for each place at which some of a thing goes
    # in; `steps` (DishStep) and the `claims` (Claim) of each on them; `way`: what it keeps of its own (Way);
    # `graph`: the PlannedGraph that it is made of.
    Dish = Value.define(:title, :serves, :method, :grain, :rice_g, :pan_mm, :lines, :steps, :claims, :way,
                        :graph) do
      # The same for one evening: without the optional lines of the indexes `without`, and with
      # those of `instead` in the place of what they stand for; other lines that stand for
      # something are left out.
      def chosen(without: [], instead: [])
        replaced = instead.filter_map { |index| lines[index]&.instead_of }
                          .map { |name| Larder::Names.ours.words(name) }
        left = lines.each_index.reject { |index| stays?(index, without, instead, replaced) }
        left.empty? ? self : graph.without(left.filter_map { |index| lines[index].written }.uniq).dish
      end

      # Raw rice for one regular adult, g.
      def portion_g
        rice_g / serves
      end

      # The line that the water model answers for, or nil: then it is plain water. Of several
      # liquids that is the water, and of several of a kind the most; the others stay as written: a glass of
      # wine that is boiled down beside a litre of stock.
      def main_liquid
        liquids = lines.select(&:free?)
        waters = liquids.select { |line| line.ingredient.water? }
        (waters.empty? ? liquids : waters).max_by { |line| line.g.to_f }
      end

      # Index of the step at which each line goes in, by the line's own; none for one that no step takes.
      def step_of
        claims.each_with_index.flat_map { |list, step| list.map { |claim| [claim.index, step] } }.to_h
      end

      private

      def stays?(index, without, instead, replaced)
        line = lines[index]
        return instead.include?(index) if line.instead_of

        !(line.optional && without.include?(index)) && !named?(line, replaced)
      end

      def named?(line, lists)
        own = Larder::Names.ours.words(line.name)
        lists.any? { |words| (words - own).empty? }
      end
    end
  end
end
