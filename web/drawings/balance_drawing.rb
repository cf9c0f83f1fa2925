# frozen_string_literal: true

require_relative "../../lib/fond_kettle/measure/spoken"
require_relative "../html/markup"

module FondKettle
  module Web
    module Drawings
      # Where the water comes from and where it goes: two bars of the same length,
      # in grams and in the cook's own measures.
      class BalanceDrawing
        Svg = Html::Markup
        WIDTH = 640.0
        BAR = 40.0
        NARROW = 62.0
        TOP = 22
        SECOND_TOP = 120
        HEIGHT = 196
        LETTER = 8.5
        SOURCES = [[:poured_g, "poured"], [:soak_gain_g, "in the grain"], [:surface_g, "clinging"],
                   [:brought_g, "brought"]].freeze
        SINKS = [[:uptake_g, "taken up by the rice"], [:taken_g, "drunk by dry food"], [:residue_g, "left as sauce"],
                 [:drained_g, "poured off"],
                 [:cloth_g, "into the cloth"], [:loss_g, "steam"]].freeze

        # `answer`: a plan's JSON hash; `measures`: a Measure::House.
        def initialize(answer, measures)
          @measures = measures
          @grams = answer[:balance].merge(poured_g: answer[:liquid][:g])
        end

        # [grams, words, in the cook's measures] of what is not nothing.
        def sources
          @sources ||= present(SOURCES)
        end

        def sinks
          @sinks ||= present(SINKS)
        end

        def to_s
          total = [sum(sources), sum(sinks)].max
          bars = bar(sources, TOP, total, "source") + bar(sinks, SECOND_TOP, total, "sink")
          words = "#{said(sources)} make #{sum(sources).round} g; #{said(sinks)}."
          title = Svg.tag("title", Svg.escape("Where the water goes: #{words}"), id: "balance-title")
          Svg.tag("svg", title + bars, viewBox: "0 0 #{WIDTH.to_i} #{HEIGHT}", class: "balance-drawing", role: "img",
                                       aria_labelledby: "balance-title")
        end

        private

        def present(parts)
          parts.filter_map do |key, words|
            grams = @grams.fetch(key)
            [grams, words, Measure::Spoken.say(grams, @measures)] if grams.abs >= 0.5
          end
        end

        def sum(parts)
          parts.sum(&:first)
        end

        def said(parts)
          parts.map { |grams, words| "#{grams.round} g #{words}" }.join(", ")
        end

        def bar(parts, top, total, klass)
          x = 0.0
          parts.each_with_index.map do |(grams, words, cups), index|
            width = WIDTH * grams / total
            drawn = Svg.tag("rect", x: x, y: top, width: [width - 2, 1].max, height: BAR,
                                    class: "#{klass} part-#{index}") +
                    label(grams, words, cups, [x, top], width)
            x += width
            drawn
          end.join
        end

        # Words where they fit their part of the bar.
        def said_at(words, left, height, width)
          width > LETTER * words.length ? Svg.text(words, x: left + 2, y: height, class: "label") : ""
        end

        # Inside where it fits; a narrow part has its words in the list below only.
        def label(grams, words, cups, (left, top), width)
          inside = width > NARROW ? Svg.text("#{grams.round} g", x: left + 8, y: top + 26, class: "label on-bar") : ""
          [inside, said_at(words, left, top - 6, width), said_at(cups, left, top + BAR + 18, width)].join
        end
      end
    end
  end
end
