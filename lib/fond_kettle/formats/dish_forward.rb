# frozen_string_literal: true

require_relative "../care/kind"
require_relative "../dishes/dish"
require_relative "../dishes/text/quick_steps"
require_relative "../dishes/text/quick_text"
require_relative "../dishes/text/written"
require_relative "../dishes/typed_vessels"
require_relative "../kit/dish_vessels"
require_relative "../methods/library"
require_relative "dish_json"
require_relative "request/line_food"

module FondKettle
  module Formats
    # Brings a dish of schema 1 (lines and steps as they are typed) forward to schema 2: its headings are
    # vessels, and what a step names goes in at it; what no step names goes in with the rice, at the end or
    # stands on the table, as its stage has it.
    class DishForward
      POT = { "key" => Dishes::TypedVessels::RICE, "kind" => "pot", "rice" => true }.freeze
      # Where a step stands beside the rice, by its stage.
      RICE = { "base" => "before", "soak" => "before", "boil" => "with", "minute" => "with", "dry" => "with",
               "rest" => "rest", "finish" => "after" }.freeze
      # Where a line goes that no step takes, by its stage.
      STAGES = { "base" => "in", "liquid" => "in", "with" => "in", "finish" => "after",
                 "beside" => "beside" }.freeze
      # The steps for these: kind and words, by where they stand beside the rice.
      LEFT = { "in" => ["fill", "Put the rice in, with the rest"],
               "after" => ["own", "Put these in at the end"],
               "beside" => ["serve", "Serve it beside"] }.freeze
      # Water in which rice is boiled before it is layered.
      BOILING = { "key" => "boiling-pot", "kind" => "pot" }.freeze
      PAR_BOIL = { "id" => "par-boil", "say" => "Boil the rice in plenty of water", "kind" => "par-boil",
                   "vessel" => BOILING["key"], "rice" => "before" }.freeze
      RICE_LINE = "rice"
      LIQUID = "liquid"
      BROTH = "broth"
      TABLE = "table"

      # A parsed request in which a dish of schema 1 is brought forward. Raises InvalidInput.
      def self.in(data)
        dish = data["dish"]
        old = dish.is_a?(Hash) && !dish.key?("schema") && dish["format"].to_s.start_with?("fond-kettle-dish")
        old ? data.merge("dish" => new(dish).call) : data
      end

      # `data`: such a hash. Raises InvalidInput with the place of each fault.
      def initialize(data)
        draft = DishJson.draft(data)
        read = Dishes::QuickText.new.read(draft.lines)
        @draft = draft
        @dish = Dishes::Dish.of(title: draft.title, serves: draft.serves.to_f, method: draft.method,
                                grain: draft.grain, rice_g: draft.rice.to_f, pan_mm: nil, note: draft.note,
                                lines: read.lines, steps: Dishes::QuickSteps.read(draft.steps))
        @made_in = Dishes::TypedVessels.new(@dish).made_in(Kit::DishVessels.fetch("pot").usual, [])
      end

      # The dish of schema 2, a hash with string keys.
      def call
        { "schema" => 2, "title" => @dish.title, "serves" => @dish.serves, "grain" => @dish.grain,
          "rice_g" => @dish.rice_g, "method" => @dish.method, "lines" => [*lines, rice_line],
          "vessels" => [POT, *named_vessels, *([BOILING] if par_boiled?)],
          "steps" => [*steps, *par_boil, *left], **way }
      end

      private

      def lines
        @dish.lines.each_with_index.map { |line, index| line(line, index) }
      end

      def rice_line
        { "id" => RICE_LINE, "food" => "#{@dish.grain.tr('-', ' ')} rice", "ingredient" => @dish.grain,
          "g" => @dish.rice_g }
      end

      # True where the way boils its rice in plenty of water before it is layered.
      def par_boiled?
        Methods::Library.ours.all[@dish.method]&.par_boils? || false
      end

      def par_boil
        return [] unless par_boiled?

        water = untaken.select { |_, stage, _| stage == LIQUID }
        takes = water.map { |index, _, share| take(index, share) }
        [{ **PAR_BOIL, "takes" => [*takes, { "line" => RICE_LINE, "share" => 1 }] }]
      end

      def line(line, index)
        { "id" => id(index), "text" => Dishes::Written.plain(line), "food" => line.name,
          "ingredient" => (line.ingredient.key unless line.ingredient.key == LineFood::UNKNOWN),
          "amount" => line.amount, "unit" => line.unit, "g" => line.g&.round(3),
          "state" => (line.state unless line.state == LineFood::RAW),
          "note" => (line.note unless line.note.empty?) }.compact
      end

      def id(index)
        "l#{index + 1}"
      end

      def named_vessels
        @dish.steps.filter_map(&:vessel).uniq.map do |vessel|
          { "key" => vessel.key, "kind" => vessel.kind, "name" => vessel.name }
        end
      end

      def steps
        @dish.steps.each_with_index.flat_map do |step, index|
          [step(step, index), *lifted(step, index)]
        end
      end

      def step(step, index)
        place = @made_in.step(Dishes::OwnSteps.key(index))
        { "id" => "s#{index + 1}", "say" => step.say, "kind" => step.kind,
          "vessel" => step.vessel&.key || POT["key"], "minutes" => (if step.minutes.positive?
                                                                      step.minutes
                                                                    end), "hands_on" => step.hands_on,
          "until" => (step.cue unless step.cue.empty?), "oven_c" => step.oven_c, "takes" => takes(index),
          "from" => place ? place.from.map { |pour| { "vessel" => pour.vessel } } : [],
          "rice" => RICE.fetch(step.stage), "at_min" => step.at_min }.compact
      end

      def takes(index)
        claims = @dish.claims[index].select(&:stage)
        claims.map { |claim| take(claim.index, @dish.lines[claim.index].shares.fetch(claim.stage)) }
      end

      def take(index, share)
        { "line" => id(index), "share" => share.round(4) }
      end

      # What is lifted out of a broth when it is done.
      def lifted(step, index)
        return [] unless step.kind == BROTH

        out = @dish.claims[index].map(&:index).select { |line| @dish.lines[line].out }
        names = out.map { |line| @dish.lines[line].name }
        return [] if out.empty?

        [{ "id" => "s#{index + 1}-out", "say" => "Lift out: #{names.join(', ')}", "kind" => "take-out",
           "vessel" => POT["key"], "to" => TABLE, "rice" => "before" }]
      end

      # The step at which the rice goes in, and those for what no step takes.
      def left
        groups = untaken.reject { |_, stage, _| par_boiled? && stage == LIQUID }
                        .group_by { |_, stage, _| STAGES.fetch(stage) }
        LEFT.filter_map do |place, (kind, say)|
          takes = groups.fetch(place, []).map { |index, _, share| take(index, share) }
          next if takes.empty? && place != "in"

          { "id" => place, "say" => say, "kind" => kind, "vessel" => POT["key"], "rice" => place,
            **(place == "in" ? going_in(takes) : { "takes" => takes }) }
        end
      end

      # What goes in with the rice: it too, unless it was boiled in another pot.
      def going_in(takes)
        pours = @made_in.rice_from.map { |pour| { "vessel" => pour.vessel } }
        return { "takes" => takes, "from" => [*pours, { "vessel" => BOILING["key"] }] } if par_boiled?

        { "takes" => [*takes, { "line" => RICE_LINE, "share" => 1 }], "from" => pours }
      end

      # [index of a line, stage, share] of what no step takes.
      def untaken
        taken = @dish.claims.flatten.select(&:stage).map { |claim| [claim.index, claim.stage] }
        parts = @dish.lines.each_with_index.reject { |line, _| line.instead_of }
                     .flat_map { |line, index| line.shares.map { |stage, share| [index, stage, share] } }
        parts.reject { |index, stage, _| taken.include?([index, stage]) }
      end

      def way
        @draft.way.empty? ? {} : { "way" => @draft.way }
      end
    end
  end
end
