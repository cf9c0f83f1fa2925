# frozen_string_literal: true

require_relative "../care/cautions"
require_relative "../pot/attributes"
require_relative "finishing"
require_relative "loading"

module FondKettle
  module Methods
    # What is so in the vessel of a phase at each of its tasks, for the cautions: its
    # lid, material and cloth, what food is in it, whether allergens are known. Tasks are
    # asked about in their order; what went in stays in.
    class TaskFacts
      # `text`: PhaseText; `inside`: care of what is in the vessel from the start.
      def initialize(request, text, inside)
        @request = request
        @vessel = Loading.vessel(text, request)
        @always = ["lid:#{@vessel.lid}", "material:#{@vessel.material}",
                   *("allergens" if request.allergens.any?), *("avoided" if request.clashes.any?),
                   *("not-checked" if request.not_checked.any?), *("cake" if request.method.turned_out?),
                   text.steamed ? "steamer" : "pot",
                   *("dressed" if request.method.dressed), *("pieces" if request.method.pieces),
                   *("kept" if Finishing::KEPT.value?(request.making.from))]
        @eaten = request.care
        @inside = @eaten | said(inside)
        @closed = false
      end

      # At a task of `kind` (Care::Kind) that puts in `food`, under `stage` (Pot::Stage) where
      # it is one with the rice.
      def at(kind, food: [], stage: nil)
        @inside |= said(food)
        @closed ||= !stage.nil? && !stage.open?
        [*@always, *@inside.map { |care| "in:#{care}" }, *("fat" if kind.fat), *("closed" if @closed),
         *("lid:#{stage.lid}" if stage), *covers(stage)].uniq.freeze
      end

      # What the lid has on or under it at a Pot::Stage, by the keys of its attributes.
      def covers(stage)
        stage ? Pot::Attributes.switched_on(stage) : []
      end

      # °C that something in the vessel must reach, nil where nothing raw went in; `elsewhere`:
      # Provisions that are never in it.
      def core_c(elsewhere)
        others = elsewhere.flat_map(&:care) - (@request.provisions - elsewhere).flat_map(&:care)
        TaskFacts.core_c(@inside - others)
      end

      # °C that food with such care must reach, or nil.
      def self.core_c(care)
        Care::Cautions.core_c(care.map { |one| "in:#{one}" })
      end

      private

      # A method's meat is that of the dish, where one says which.
      def said(food)
        @eaten.intersect?(Care::Cautions.meats) ? food - ["raw-meat"] : food
      end
    end
  end
end
