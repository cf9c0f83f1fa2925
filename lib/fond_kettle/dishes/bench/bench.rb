# frozen_string_literal: true

require_relative "../../ground/value"
require_relative "../../larder/names"
require_relative "../../vessels/food"
require_relative "../../vessels/fry_states"
require_relative "../../vessels/frying"
require_relative "../../vessels/graph_run"
require_relative "../graph/graph_order"
require_relative "bench_rice"
require_relative "bench_steps"

module FondKettle
  module Dishes
    # A step of a dish on its bench.
    #   id          nil: the way's own
    #   vessel      key of the vessel in which it is done
    #   after       Contents of every vessel after it, by its key
    #   minutes     that it takes, nil: nobody says
    #   state       FryState to which it fries, or nil, and the minutes (`needed_min`) that this takes here
    #   never_hot   a sentence where the fire cannot do it, or nil
    BenchStep = Value.define(:id, :vessel, :after, :minutes, :state, :needed_min, :never_hot)

    # A dish as what stands on a kitchen bench: its vessels with what is in each after every step. It needs no
    # plan: a dish that does not hold together has one too, in the order of its text. What is cooked in
    # several equal pots, or rounds, is all there at once; `in_one` is what lies in one of them.
    class Bench
      WATER = "water"
      FRIES = "fry"

      # `dish`: a GraphDish; `vessels`: Methods::MadeInVessels; `setting`: Vessels::Setting of the fire;
      # `grams`: g of each line tonight by its id (those that are not there: as written); `rice`: BenchRice,
      # nil: there is none; `main`: id of the line that is the rice's liquid, or nil; `pots`: the rice is
      # cooked in so many, one after the other or side by side.
      def initialize(dish, vessels, setting, grams: {}, rice: nil, main: nil, pots: 1)
        @dish = dish
        @vessels = vessels
        @setting = setting
        @grams = grams
        @rice = rice
        @pots = pots
        order = GraphOrder.new(dish)
        @told = BenchSteps.new(dish, order.ordered || dish.steps, rice, main)
        @main = main
      end

      attr_reader :dish, :vessels, :rice, :pots

      # A BenchStep for each step, in the order in which they are done.
      #
      #   bench.steps.last.after["pan"].liquid_g # => 120.4
      def steps
        @steps ||= begin
          runs = Vessels::GraphRun.new(graph).run.dup
          @told.all.map { |id, parts| done(id, runs.shift(parts.size)) }.freeze
        end
      end

      # The part of the Contents of a vessel (its key) that lies in one of several pots.
      def in_one(key, contents)
        @pots > 1 && shared.include?(key) ? contents.part(1.0 / @pots) : contents
      end

      # Contents of every vessel before the first step: nothing.
      def empty
        @vessels.to_h { |vessel| [vessel.key, Vessels::Contents.of] }
      end

      # Contents of every vessel when all is done, by its key.
      def at_last
        steps.empty? ? empty : steps.last.after
      end

      # g of a line tonight (its id), nil: nobody knows.
      def grams_of(line)
        return @rice.liquid_g if line == @main && @rice&.liquid_g
        return @rice.grams if line == @dish.rice_line && @rice

        @grams.fetch(line) { @dish.lines.find { |one| one.id == line }.g }
      end

      private

      # Keys of the vessels that there are several of, or that are filled several times.
      def shared
        @shared ||= @vessels.select { |vessel| vessel.rice || vessel.par_boils }.map(&:key)
      end

      def done(id, runs)
        rows = runs.map(&:first)
        fried = rows.find { |row| fries?(row) }
        BenchStep.new(id: id, vessel: rows.last.step.vessel, after: empty.merge(runs.last.last).freeze,
                      minutes: minutes(rows), state: fried && Vessels::FryStates.fetch(fried.does.state),
                      needed_min: fried && needed_min(fried),
                      never_hot: rows.filter_map(&:never_hot).first)
      end

      # Minutes of some Rows, nil of one of several pots: nobody has reckoned them.
      def minutes(rows)
        return if @pots > 1 && shared.include?(rows.last.step.vessel)

        minutes = rows.sum { |row| row.minutes.to_f }
        minutes if minutes.positive?
      end

      def fries?(row)
        row.does&.kind == FRIES && row.does.state && row.never_hot.nil?
      end

      def needed_min(row)
        Vessels::Frying.minutes(row.before, row.does, settings.fetch(row.step.vessel))
      end

      def graph
        Vessels::Graph.new(lines: foods, settings: settings,
                           steps: @told.all.flat_map(&:last).freeze)
      end

      def settings
        @settings ||= @vessels.to_h { |vessel| [vessel.key, @setting.with(vessel: vessel.pot)] }
      end

      def foods
        own = @dish.lines.to_h { |line| [line.id, food(line)] }
        own.merge(BenchSteps::WATER => water)
      end

      def food(line)
        grams = grams_of(line.id).to_f
        ingredient = line.id == @dish.rice_line && @rice ? @rice.ingredient : line.ingredient
        Vessels::Food.of(ingredient, grams, line: line.id)
      end

      # Water that no line names.
      def water
        Vessels::Food.of(Larder::Names.ours.find(WATER), @told.water_g, line: BenchSteps::WATER)
      end
    end
  end
end
