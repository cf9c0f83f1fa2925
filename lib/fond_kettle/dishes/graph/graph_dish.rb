# frozen_string_literal: true

require_relative "../../ground/value"
require_relative "way_minutes"

module FondKettle
  module Dishes
    # A line of a dish as it is written in a graph: `text` (nil: nobody wrote it) and the `food` in the cook's
    # words, its Larder::Ingredient in its `state`, `amount` of `unit` as written (nil: in grams), `g` (nil:
    # to taste) and a `note`; `scales`: how it grows, nil: as its food does; `optional`: it may be left out;
    # `instead_of`: what it takes the place of where that is wanted, or nil.
    GraphLine = Value.define(:id, :text, :food, :ingredient, :state, :amount, :unit, :g, :note, :scales,
                             :optional, :instead_of)

    # A vessel of a dish: its `kind` (a key of Kit::DishVessels) and `name` in the cook's words, or nil;
    # `rice`: the rice goes into it; `diameter_mm`: how wide it is, nil: not said.
    GraphVessel = Value.define(:key, :kind, :name, :rice, :diameter_mm) do
      # Where what is taken out may go, that is no vessel of the dish.
      const_set(:AWAY, %w[table refrigerator freezer sink].freeze)
    end

    # What goes in at a step: a `share` of a line.
    Take = Value.define(:line, :share)

    # A step of a dish.
    #   id, say, kind   as in the dish's JSON; `kind` a key of Care::Kinds
    #   vessel          key of its vessel
    #   minutes         as the cook says, nil: nobody said
    #   takes, from     Takes, and what other vessels give (Vessels::Pour)
    #   needed          vessels that give as much liquid as the rice needs, and the cook's own `needed_g`
    #   rice            before, in, with, rest, after or beside; `at_min` from the boil
    #   after, beside   ids of steps that must be over, and of one that goes on meanwhile
    #   to, g, share    where what is taken out goes, and how much of it
    DishGraphStep = Value.define(:id, :say, :kind, :vessel, :minutes, :hands_on, :heat, :lid, :until, :state,
                                 :takes, :from, :needed, :needed_g, :rice, :at_min, :after, :beside, :to, :g,
                                 :share, :oven_c) do
      # Ids of the lines that go in at it.
      def lines
        takes.map(&:line)
      end

      # The same without some lines, after none of some other steps (ids).
      def without(line_ids, step_ids)
        with(takes: takes.reject { |take| line_ids.include?(take.line) }.freeze,
             after: (after - step_ids).freeze, beside: (beside unless step_ids.include?(beside)))
      end
    end

    # A dish as a graph: `lines` (GraphLine), `vessels` (GraphVessel), `steps` (DishGraphStep) in the order of
    # the text; `rice_line`: the id of the line that is the rice, or nil; `way`: what it keeps of its own, as
    # a request has it; `asked`: what the cook is to confirm, hashes as in the dish's JSON; `data`: all of it
    # as it was read, a hash of schema 2.
    GraphDish = Value.define(:title, :serves, :grain, :rice_g, :method, :lines, :vessels, :steps, :rice_line,
                             :way, :asked, :data) do
      # The GraphVessel into which the rice goes.
      def rice_vessel
        vessels.find(&:rice)
      end

      # Its vessels as VesselPots takes them: key, kind, name, and whether the rice goes in.
      def vessel_kinds
        vessels.map { |vessel| [vessel.key, vessel.kind, vessel.name, vessel.rice] }
      end

      # g of lines that go into each vessel, by its key; a line that nobody weighed counts nothing.
      def weights_g
        by_id = lines.to_h { |line| [line.id, line.g.to_f] }
        steps.group_by(&:vessel).transform_values do |own|
          own.flat_map(&:takes).sum { |take| by_id.fetch(take.line, 0.0) * take.share }
        end
      end

      # What the cook is asked and nobody has guessed.
      def open
        asked.select { |one| one["guess"].nil? }
      end

      # Questions that nobody has answered, nor guessed; where a line goes in that no step takes.
      def questions
        nowhere = unplaced - open.map { |one| one["of"] }
        foods = lines.select { |line| nowhere.include?(line.id) }.map(&:food)
        [*open.map { |one| one["question"] }, *foods.map { |food| "Where does the #{food} go in?" }]
      end

      # The same without the lines of some ids, and without steps that are left with nothing.
      def without(ids)
        idle = steps.select { |step| step.takes.any? && step.from.empty? && (step.lines - ids).empty? }
        idle += poured_from(vessels.map(&:key) - (steps - idle).map(&:vessel))
        left = (steps - idle).map { |step| step.without(ids, idle.map(&:id)) }
        with(lines: lines.reject { |line| ids.include?(line.id) }.freeze, steps: left.freeze)
      end

      # Steps at which nothing goes in but what some vessels give.
      def poured_from(keys)
        steps.select { |step| step.takes.empty? && step.from.any? && (step.from.map(&:vessel) - keys).empty? }
      end

      # Questions about where a line goes in that is only guessed.
      def guessed
        ids = lines.map(&:id)
        asked.select { |one| one["guess"] && one["field"] == "takes" && ids.include?(one["of"]) }
             .map { |one| one["question"] }
      end

      # True for a dish without rice: a side.
      def side?
        grain.nil?
      end

      # Keys of vessels, beside the one in which it is cooked, that the rice passes through: a bowl, a pot of
      # boiling water.
      def rice_holders
        found = steps.select { |step| step.takes.any? { |take| take.line == rice_line } }.map(&:vessel)
        steps.each { |step| found |= [step.vessel] if step.from.any? { |pour| found.include?(pour.vessel) } }
        found - [rice_vessel.key]
      end

      # True for a step in which the rice boils before it is laid in, or in what holds it until then; the pot
      # may be the one that it is laid in, emptied.
      def holds_boiled_rice?(step)
        rice_holders.include?(step.vessel) || (step.kind == "par-boil" && step.vessel == rice_vessel.key)
      end

      # The cook's minutes of steps that the way does anyway, as a way has them; `under_seal`: what stands on
      # the heat there is a programme.
      def minutes_of_the_way(under_seal: false)
        FondKettle::Dishes::WayMinutes.new(self).all(under_seal: under_seal)
      end

      # Ids of the lines that are water or salt.
      def salted_water
        lines.select { |line| %w[water salt].include?(line.ingredient&.key) }.map(&:id)
      end

      # True where a step washes, soaks or drains the rice.
      def washes_rice?
        holders = [*rice_holders, rice_vessel.key]
        steps.any? { |step| %w[rinse soak drain].include?(step.kind) && holders.include?(step.vessel) }
      end

      # Vessels in which something is made before the rice, and from which no step takes it.
      def idle_vessels
        given = steps.flat_map { |step| [*step.from.map(&:vessel), *step.needed] }
        vessels.reject { |vessel| vessel.rice || given.include?(vessel.key) }
               .select { |vessel| made_for_rice?(steps.select { |step| step.vessel == vessel.key }) }
      end

      # True where steps of a vessel make something before the rice that goes nowhere else.
      def made_for_rice?(own)
        food = own.flat_map(&:takes).reject { |take| take.line == rice_line }
        food.any? && own.all? { |step| step.rice == "before" && step.to.nil? }
      end

      # Ids of lines that no step takes, the rice's own not among them.
      def unplaced
        taken = steps.flat_map { |step| step.takes.map(&:line) }
        lines.reject { |line| taken.include?(line.id) || line.id == rice_line }.map(&:id)
      end
    end
  end
end
