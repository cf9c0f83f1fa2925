# frozen_string_literal: true

require_relative "../../../lib/fond_kettle/methods/solved/comes_out"
require_relative "../../../lib/fond_kettle/pot/verdict"
require_relative "../../html/markup"

module FondKettle
  module Web
    module Drawings
      # Outcome of a pot, written into its drawing.
      module PotSays
        module_function

        # The words of a Methods::ComesOut, and whether that is right.
        def of(comes_out)
          { says: Methods::ComesOut.words(comes_out), well: Pot::Verdict::RIGHT.include?(comes_out) }
        end

        # SVG markup: ✓ or ▲ and the words.
        def draw(says, well, x:, y:)
          Html::Markup.text("#{well ? '✓' : '▲'} #{says}", x: x, y: y,
                                                           class: "says middle#{' wrong' unless well}")
        end
      end
    end
  end
end
