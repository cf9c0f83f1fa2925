# frozen_string_literal: true

require_relative "../../care/kind"
require_relative "../../dishes/own_steps"
require_relative "../../methods/request/provision"
require_relative "poured_vessels"

module FondKettle
  module Reading
    # Lines that no step written with bars takes, each at the step at which its stage puts it: with the rice,
    # at the end, on the table.
    class BarredLeftovers
      PLACES = { "base" => "in", "liquid" => "in", "with" => "in", "finish" => "after",
                 "beside" => "beside" }.freeze
      IN = { "id" => "in", "say" => "Put the rice in, with the rest", "kind" => "fill" }.freeze
      AFTER = { "id" => "after", "say" => "Strew over it, or fold in", "kind" => "sprinkle",
                "minutes" => 1.0, "until" => "it lies all over" }.freeze
      STREW = { "say" => "Put %s over it", "kind" => "sprinkle", "minutes" => 1.0 }.freeze
      SERVE = { "say" => "Serve it with %s", "kind" => "serve" }.freeze
      BESIDE = { "id" => "beside", "say" => "Serve it beside", "kind" => "serve" }.freeze
      LIQUID = "liquid"
      FINISH = "finish"
      WITH = "with"

      # `written`: BarredLines; `open`: [index of a line, stage, share] each; `steps`: BarredSteps; `method`:
      # a Methods::Method or nil; `pours`: by "in", "after", "beside": what vessels give there, in words, by
      # their keys; `rice`: the take of the rice where it goes in raw.
      def initialize(written, open, steps, method, pours:, rice:)
        @written = written
        @open = open
        @steps = steps
        @method = method
        @pours = pours
        @rice = rice
      end

      # Takes of the water in which rice is boiled before it is layered, and of its salt.
      def water
        takes(@open.select { |part| in_water?(part) })
      end

      # Takes that go in at the step of an index, though it does not name them: what the end takes.
      def at(index)
        index == end_step ? takes(group("after")) : []
      end

      # The steps (hashes) for the rest.
      def all
        [step(IN, "in", [*takes(group("in")), *@rice], pours("in").keys), *at_the_end, *on_the_table]
      end

      private

      def boils?
        @method&.par_boils? || false
      end

      def in_water?(part)
        index, stage, = part
        return false unless boils?

        stage == LIQUID || (stage == WITH && salt?(@written.lines[index]))
      end

      def salt?(line)
        Methods::Slots.of(line.ingredient) == Methods::Slots::SALT
      end

      def takes(parts)
        parts.map { |index, _, share| { "line" => @written.id(index), "share" => share.round(4) } }
      end

      # What goes in at a place, but for what boils the rice before.
      def group(place)
        @open.select { |part| place(part[1]) == place && !in_water?(part) }
      end

      # Nothing but a dressing goes into hot rice that is being dressed.
      def place(stage)
        stage == FINISH && @method&.dressed ? "beside" : PLACES.fetch(stage)
      end

      # Index of the dish's own last step of the end that takes anything, or nil.
      def end_step
        return @end_step if defined?(@end_step)

        kinds = [pieces_stage&.kind].compact
        @end_step = @steps.rindex do |step|
          step.stage == FINISH && (kinds.empty? ? takes_anything?(step.kind) : kinds.include?(step.kind))
        end
      end

      def takes_anything?(kind)
        known = Care::Kinds.fetch(kind)
        known.takes && known.finishes
      end

      # The stage by which a way fills what it makes of the rice, or nil.
      def pieces_stage
        @method&.after&.find { |one| Dishes::OwnSteps::PIECES.include?(one.kind) }
      end

      # Steps by which what vessels give is filled into what is made of the rice, or put on it one by one.
      def at_the_end
        takes = end_step ? [] : takes(group("after"))
        return all_at_once(of_the_end, "after", takes) if pieces_stage

        [*all_of(of_the_end, "after", takes), *poured(STREW, "after")]
      end

      # The way's own step of the end, where it has one that takes anything.
      def of_the_end
        stage = pieces_stage || @method&.after&.find { |one| takes_anything?(one.kind) }
        return AFTER unless stage

        { **AFTER.slice("id"), "kind" => stage.kind, "say" => stage.say, "minutes" => stage.minutes,
                               "until" => stage.cue }
      end

      def on_the_table
        [*all_of(BESIDE, "beside", takes(group("beside"))), *poured(SERVE, "beside")]
      end

      def all_at_once(words, place, takes)
        pours = pours(place)
        takes.empty? && pours.empty? ? [] : [step(words, place, takes, pours.keys)]
      end

      def all_of(words, place, takes)
        takes.empty? ? [] : [step(words, place, takes, [])]
      end

      # A step for each vessel that gives something.
      def poured(words, place)
        pours(place).map do |key, what|
          step({ **words, "id" => "#{place}-#{key}", "say" => format(words["say"], what) }, place, [], [key])
        end
      end

      def step(words, place, takes, from)
        pours = from.map { |key| { "vessel" => key } }
        { **words, "vessel" => PouredVessels::RICE, "takes" => takes, "rice" => place, "from" => pours }
      end

      def pours(place)
        @pours.fetch(place)
      end
    end
  end
end
