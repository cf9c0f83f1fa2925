# frozen_string_literal: true

require_relative "../../care/cautions"
require_relative "task_facts"

module FondKettle
  module Methods
    # The checks without which no raw food is served: a thermometer, or a look, must have shown that it is
    # safe.
    class HeatChecks
      # Of what nobody has said how it is cut.
      USUAL_PIECE_MM = 40

      # `list`: the TaskList into which the checks go.
      def initialize(request, list)
        @request = request
        @list = list
      end

      # The task that comes last after `core_c` was measured (°C, nil: nothing raw), which follows `last`.
      # `care`: of the measured food, when it does not lie in the pot with the rice.
      def measured(id, last, core_c, text: "check-heat", care: nil)
        return last unless core_c

        @list.common(id, "check-heat", last, words: { core_c: core_c, piece_mm: piece_mm }, core_c: core_c,
                                             text: text, care: care)
      end

      # The same of Provisions that lie by themselves: egg is then seen to be done, where nothing else is
      # `with` it in a pot.
      def apart(id, last, provisions, with: [])
        care = [*provisions, *with].flat_map(&:care)
        text = with.empty? && (care & Care::Cautions.raw) == ["raw-egg"] ? "check-egg" : "check-heat"
        measured(id, last, TaskFacts.core_c(care), text: text, care: care)
      end

      private

      def piece_mm
        layered = @request.in_layers.base.piece_mm if @request.method.layered?
        [*@request.eaten.map(&:piece_mm), layered].compact.max&.round || USUAL_PIECE_MM
      end
    end
  end
end
