# frozen_string_literal: true

require_relative "../../care/cautions"
require_relative "../../pot/attributes"
require_relative "../made/finishing"
require_relative "../loads/loading"

module FondKettle
  module Methods
    # The facts about a phase's vessel at each of its tasks, for the cautions: its lid, material and cloth,
    # the food in it, whether allergens are known. Tasks are asked about in their order, and food that went in
    # stays in. Before the rice goes in, a step has the food that goes in at it, and a boiling one all that is
    # in the vessel; with the rice, all food in its pot counts; a step beside the pot, or after it, has the
    # food that goes in at it.
    class TaskFacts
      BASE = :base
      POT = :pot
      BESIDE = :beside
      # Of what may get too hot, as in an ingredient's care.
      FAT_CARE = "hot-fat"
      TURN_OUT = "turn-out"

      # `text`: PhaseText; `inside`: care of what a method is made with where nobody says what goes in;
      # `elsewhere`: Provisions that never lie in the pot with the rice.
      def initialize(request, text, inside, elsewhere = [])
        @request = request
        @known = request.lines != NoLines || request.additions.any?
        @elsewhere = elsewhere.flat_map(&:care) - (request.provisions - elsewhere).flat_map(&:care)
        @vessel = Loading.vessel(text, request)
        @always = ["lid:#{@vessel.lid}", "material:#{@vessel.material}", text.steamed ? "steamer" : "pot",
                   *always(request)]
        @eaten = request.care
        @everything = (@eaten | assumed(inside)) - @elsewhere
        @there = @eaten - request.provisions.flat_map(&:care)
        @closed = false
      end

      # The facts at a task of `kind` (Care::Kind) at which `food` goes in (its care), under `stage`
      # (Pot::Stage) when it is one with the rice; `where`: in the BASE, with the rice in its POT, or BESIDE
      # it.
      def at(kind, food: [], stage: nil, where: POT)
        @there |= food if where == BASE
        @closed ||= !stage.nil? && !stage.open?
        [*@always, *inside(kind, food, where).map do |care|
          "in:#{care}"
        end, *("fat" if fat?(kind, food, where)),
         *("closed" if @closed), *("lid:#{stage.lid}" if stage), *covers(stage)].uniq.freeze
      end

      # The covers on or under the lid at a Pot::Stage, by the keys of its attributes.
      def covers(stage)
        stage ? Pot::Attributes.switched_on(stage) : []
      end

      # °C that something in the vessel must reach, nil where nothing raw went in.
      def core_c
        TaskFacts.core_c(@everything)
      end

      # Care of a StageText of a method: of what goes in at it, or of what it is usually made with.
      def care_of(stage, provisions)
        assumed(stage.food) | provisions.flat_map(&:care)
      end

      # °C that food with such care must reach, or nil.
      def self.core_c(care)
        Care::Cautions.core_c(care.map { |one| "in:#{one}" })
      end

      private

      # A step of a cook's own once the rice is done heats no fat, but for what goes in at it.
      def fat?(kind, food, where)
        kind.fat && (kind.key != Care::Kinds::OWN || where == BASE || food.include?(FAT_CARE))
      end

      def always(request)
        method = request.method
        so = { "allergens" => request.allergens.any?, "avoided" => request.clashes.any?,
               "not-checked" => request.not_checked.any?, "cake" => turns?(method),
               "dressed" => method.dressed, "pieces" => method.pieces,
               "kept" => Finishing::KEPT.value?(request.making.from) }
        so.select { |_, is| is }.keys
      end

      # True where a full pot is turned over, by the way or by a cook's own step.
      def turns?(method)
        method.turned_out? || method.after.any? { |stage| stage.kind == TURN_OUT }
      end

      def inside(kind, food, where)
        case where
        when POT then @everything
        when BASE then kind.boils ? @there : food
        else food
        end
      end

      # What a method is made with counts only where nobody has said what goes in.
      def assumed(food)
        @known ? [] : food
      end
    end
  end
end
