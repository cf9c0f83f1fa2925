# frozen_string_literal: true

require_relative "../../../lib/fond_kettle/ground/value"
require_relative "../../html/markup"

module FondKettle
  module Web
    module Drawings
      # Where a pot stands in a drawing: `left`, `right`, `top`, `floor` of its inside, how thick
      # its `wall` is drawn, and how wide the floor is, times the rim (`taper`); `curved`: its walls run into
      # the floor in a curve, as a bowl's do.
      PotFrame = Value.define(:left, :right, :top, :floor, :wall, :taper, :curved) do
        # The wall that measures are given for.
        const_set(:FULL_WALL, 7.0)

        # A PotFrame, with straight walls where nothing else is said.
        def self.of(**given)
          new(curved: false, **given)
        end

        # The measures by which other parts are drawn.
        def scale
          wall / self.class::FULL_WALL
        end

        # The inset of the floor from the rim, on each side.
        def lean
          (right - left) * (1 - taper) / 2
        end

        def middle
          (left + right) / 2
        end

        # The inside, as a path.
        def inside
          return "M#{left} #{top} H#{right} L#{right - lean} #{floor} H#{left + lean} Z" unless curved

          "M#{left} #{top} H#{right} Q#{right} #{floor} #{right - lean} #{floor} H#{left + lean} " \
            "Q#{left} #{floor} #{left} #{top} Z"
        end

        # The contents, cut to its shape; `id` is the drawing's own.
        def within(layers, id)
          Html::Markup.tag("clipPath", Html::Markup.tag("path", d: inside), id: "inside-#{id}") +
            Html::Markup.tag("g", layers, clip_path: "url(#inside-#{id})")
        end
      end
    end
  end
end
