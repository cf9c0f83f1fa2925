# frozen_string_literal: true

require_relative "../../care/kind"
require_relative "../../dishes/contradictions"
require_relative "../../larder/grains"
require_relative "../../methods/library"
require_relative "barred_leftovers"
require_relative "barred_lines"
require_relative "barred_steps"
require_relative "kept_shares"
require_relative "lifted_out"
require_relative "placed_lines"
require_relative "poured_vessels"
require_relative "way_base"

module FondKettle
  module Reading
    # A dish whose lines and steps are written with bars, as one of schema 2: headings are vessels, and what a
    # step names goes in at it; what no step names goes into the way's own base, in with the rice, at the end
    # or on the table, as its stage has it.
    class BarredDish
      # Where a step stands beside the rice, by its stage.
      RICE = { "base" => "before", "soak" => "before", "boil" => "with", "minute" => "with", "dry" => "with",
               "off" => "with", "rest" => "rest", "finish" => "after" }.freeze
      BASE = "base"
      BOILING = { "key" => "boiling-pot", "kind" => "pot" }.freeze
      # Water in which rice is boiled before it is layered.
      PAR_BOIL = { "id" => "par-boil", "say" => "Boil the rice in plenty of water", "kind" => "par-boil",
                   "vessel" => BOILING["key"], "rice" => "before" }.freeze
      BOILED_OFF = { "id" => "boiled-off", "say" => "Boil it until the liquid is gone", "kind" => "boil",
                     "vessel" => PouredVessels::RICE, "state" => "dry", "rice" => "with" }.freeze
      DRY = "dry"
      RICE_LINE = "rice"
      GUESSED = "Where does the %s go in? No step names it: planned into “%s”."

      # `head`: hash of title, serves, grain, rice_g, method, pan_mm (nil: not said); `lines`, `steps`: texts;
      # `way`: what it keeps of its own (a hash); `library`: the methods by their keys.
      def initialize(head, lines:, steps:, way: {}, names: Larder::Names.ours, cups: [],
                     library: Methods::Library.ours)
        @head = head
        @written = BarredLines.new(lines, names: names, cups: cups)
        @steps = BarredSteps.read(steps)
        @unread = BarredSteps.unread(steps)
        @way = way
        @method = library.all[head[:method]]
        @placed = PlacedLines.new(@written.lines, @steps)
        @poured = PouredVessels.new(@written.lines, @steps, @placed.claims)
        @lifted = LiftedOut.new(@written.lines, in_broth)
        @kept = KeptShares.new(@written.lines, @steps, @placed.claims)
      end

      # The dish, a hash with string keys.
      def call
        { "schema" => 2, "title" => @head[:title], "serves" => @head[:serves], "grain" => grain,
          "rice_g" => rice_g&.round(1), "method" => @head[:method], "lines" => [*@written.all, *rice_line],
          "vessels" => vessels, "steps" => [*way_base, *steps, *par_boil, *left.all],
          "way" => (@way unless @way.empty?), "asked" => [*@written.asked, *guessed],
          "remarks" => remarks }.compact
      end

      private

      # Indexes of lines that come into a broth.
      def in_broth
        own = @steps.each_index.select { |index| @steps[index].kind == LiftedOut::BROTH }
        return @written.lines.each_index.to_a if base.any? { |step, _| step["kind"] == LiftedOut::BROTH }

        own.flat_map { |index| @placed.claims[index].map(&:index) }
      end

      def rice_g
        @written.rice ? @written.rice.last : @head[:rice_g]
      end

      def grain
        @written.rice ? @written.rice.first : @head[:grain]
      end

      def rice_line
        return [] unless grain && rice_g

        [{ "id" => RICE_LINE, "food" => "#{grain.tr('-', ' ')} rice", "ingredient" => grain,
           "g" => rice_g.round(1) }]
      end

      def remarks
        lifted = @lifted.wrong(@steps.map(&:kind), broth: @method.nil? || @method.broth)
        [*@written.remarks, *told_twice, *[*@unread, *lifted].map { |say| { "of" => "steps", "say" => say } }]
      end

      # What cannot both be true.
      def told_twice
        told = @written.rows.each_with_index.map { |row, index| [@written.id(index), row] } +
               @steps.each_with_index.map { |step, index| [id(index), step.say] }
        told.flat_map { |of, text| Dishes::Contradictions.in(text).map { |say| { "of" => of, "say" => say } } }
      end

      def vessels
        pot = { "key" => PouredVessels::RICE, "kind" => "pot", "rice" => true,
                "diameter_mm" => @head[:pan_mm] }.compact
        named = [*@poured.all, *@kept.vessels, *@lifted.vessels].map do |vessel|
          { "key" => vessel.key, "kind" => vessel.kind, "name" => vessel.name }
        end
        [pot, *named, *([BOILING] if par_boiled?)]
      end

      # True where the way boils its rice in plenty of water before it is layered.
      def par_boiled?
        @method&.par_boils? || false
      end

      def par_boil
        return [] unless par_boiled?

        [{ **PAR_BOIL, "takes" => [*left.water, *rice_take] }]
      end

      def rice_take
        rice_line.map { { "line" => RICE_LINE, "share" => 1 } }
      end

      def steps
        @steps.each_index.flat_map do |index|
          [*boiled_off(index), step(index), *lifted(index), *@kept.lifted(index, vessel(index))]
        end
      end

      def step(index)
        step = @steps[index]
        { "id" => id(index), "say" => step.say, "kind" => step.kind, "vessel" => vessel(index),
          "minutes" => (step.minutes if step.minutes.positive?), "hands_on" => step.hands_on,
          "until" => (step.cue unless step.cue.empty?), "oven_c" => step.oven_c,
          "takes" => [*takes(index), *left.at(index)], "from" => from(index),
          "rice" => RICE.fetch(step.stage), "at_min" => step.at_min }.compact
      end

      # What is done when the liquid is gone comes after it is.
      def boiled_off(index)
        first = @steps.index { |step| step.stage == DRY }
        index == first ? [BOILED_OFF] : []
      end

      def id(index)
        "s#{index + 1}"
      end

      def vessel(index)
        @poured.key(index)
      end

      def from(index)
        [*@poured.poured_at(index), *@kept.poured_at(index)].map { |key| { "vessel" => key } }
      end

      def takes(index)
        @placed.claims[index].select(&:stage).filter_map do |claim|
          share = @kept.share(claim)
          take(claim.index, share) if share.positive?
        end
      end

      def take(index, share)
        { "line" => @written.id(index), "share" => share.round(4) }
      end

      def lifted(index)
        @lifted.after(@steps[index].kind, @placed.claims[index].map(&:index), id(index), vessel(index))
      end

      # The steps of its way's own base, where it has none.
      def way_base
        base.each_with_index.flat_map do |(step, indexes), number|
          id = "base-#{number + 1}"
          [{ "id" => id, **step, "vessel" => PouredVessels::RICE, "rice" => "before",
             "takes" => indexes.map { |index| take(index, @written.lines[index].shares.fetch(BASE)) } },
           *@lifted.after(step["kind"], @written.lines.each_index.to_a, id, PouredVessels::RICE)]
        end
      end

      # [step, indexes of lines] of it.
      def base
        @base ||= begin
          indexes = @placed.untaken.select { |_, stage, _| stage == BASE }.map(&:first)
          lines = indexes.to_h { |index| [index, @written.lines[index]] }
          @placed.own_base? || @method.nil? ? [] : WayBase.new(@method, lines).steps
        end
      end

      # What no step takes, and the step at which the rice goes in; what nobody has said of a base of its own
      # stands nowhere, and is asked.
      def left
        @left ||= begin
          taken = [*base.flat_map(&:last).map { |index| [index, BASE] }, *@kept.later]
          open = @placed.untaken.reject { |index, stage, _| taken.include?([index, stage]) }
          open = open.reject { |_, stage, _| stage == BASE } if @placed.own_base?
          BarredLeftovers.new(@written, open, @steps, @method, pours: pours,
                                                               rice: par_boiled? ? [] : rice_take)
        end
      end

      # What vessels give at the steps of what is left, in words, by their keys.
      def pours
        more = { "in" => par_boiled? ? { BOILING["key"] => nil } : {}, "after" => @lifted.back,
                 "beside" => {} }
        more.to_h { |place, given| [place, { **@poured.poured(place), **@kept.poured(place), **given }] }
      end

      # What is planned into a step that does not name it, hashes of `asked`.
      def guessed
        @placed.guessed.map do |index, step|
          { "of" => @written.id(index), "field" => "takes", "guess" => id(step),
            "question" => format(GUESSED, @written.lines[index].name, @steps[step].say) }
        end
      end
    end
  end
end
