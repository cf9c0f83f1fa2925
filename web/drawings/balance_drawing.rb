# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/words"
require_relative "../../lib/fond_kettle/measure/spoken"
require_relative "../../lib/fond_kettle/phases/balance"
require_relative "../html/markup"

module FondKettle
  module Web
    module Drawings
      # The sources of the water and where it goes: two bars of the same length, in grams and in the cook's
      # own measures.
      class BalanceDrawing
        Svg = Html::Markup
        WIDTH = 640.0
        BAR = 40.0
        NARROW = 62.0
        TOP = 22
        SECOND_TOP = 120
        HEIGHT = 196
        LETTER = 12.0
        WORDS = Words.of("balance")
        SOURCES = [:poured_g, *Phases::SOURCES].to_h { |key| [key, WORDS.fetch(key.to_s)] }.freeze
        SINKS = Phases::SINKS.to_h { |key| [key, WORDS.fetch(key.to_s)] }.freeze

        # `answer`: a plan's JSON hash; `measures`: a Measure::House.
        def initialize(answer, measures)
          @measures = measures
          @grams = answer[:balance].merge(poured_g: answer[:liquid][:g])
          @whole = Phases::WholeGrams.of(@grams.slice(*SOURCES.keys, *SINKS.keys),
                                         measures.weighed_g(@grams[:poured_g]))
        end

        # [whole grams, words, in the cook's measures, class] of what is not nothing.
        def sources
          @sources ||= present(SOURCES)
        end

        def sinks
          @sinks ||= present(SINKS)
        end

        def total_g
          sources.sum(&:first)
        end

        def to_s
          bars = bar(sources, TOP, "source") + bar(sinks, SECOND_TOP, "sink")
          words = "#{list(sources)} make #{total_g} g; #{list(sinks)}."
          title = Svg.tag("title", Svg.escape("Where the water goes: #{words}"), id: "balance-title")
          Svg.tag("svg", title + bars, viewBox: "0 0 #{WIDTH.to_i} #{HEIGHT}", class: "balance-drawing",
                                       role: "img",
                                       aria_labelledby: "balance-title")
        end

        private

        def present(parts)
          parts.slice(*@whole.keys).map do |key, words|
            [@whole[key], words, Measure::Spoken.say(@grams.fetch(key), @measures),
             key.to_s.delete_suffix("_g").tr("_", "-")]
          end
        end

        def list(parts)
          parts.map { |grams, words| "#{grams} g #{words}" }.join(", ")
        end

        def bar(parts, top, klass)
          x = 0.0
          parts.map do |grams, words, cups, part|
            width = WIDTH * grams / total_g.to_f
            drawn = Svg.tag("rect", x: x, y: top, width: [width - 2, 1].max, height: BAR,
                                    class: "#{klass} part-#{part}") +
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
          inside = Svg.text("#{grams} g", x: left + 8, y: top + 26, class: "label on-bar")
          inside = "" unless width > NARROW
          [inside, said_at(words, left, top - 6, width), said_at(cups, left, top + BAR + 18, width)].join
        end
      end
    end
  end
end
