# frozen_string_literal: true

require_relative "../../../lib/fond_kettle/measure/rounding"
require_relative "../../../lib/fond_kettle/vessels/contents"
require_relative "../../../lib/fond_kettle/vessels/fry_states"
require_relative "../../html/markup"
require_relative "food_texture"

module FondKettle
  module Web
    module Drawings
      # Contents of a vessel, to scale: foods as bands with a texture each, liquid at its level, fat on it.
      class FoodBands
        Svg = Html::Markup
        # Less than that of a food is not drawn as a band of its own, mm; of fat and liquid not at all.
        THIN_MM = 1.5
        # Room between the pieces of a heap, which liquid fills first.
        VOIDS = 0.4
        # From here on it is hot, °C.
        HOT_C = 60.0
        # A band for each of so many foods, of what is no pinch.
        MOST = 4
        PINCH_G = 10.0

        WEIGHED = ->(grams) { "#{Measure::Rounding.grams(grams)} g" }

        # `frame`: the PotFrame of the vessel, drawn at `scale` units for a mm; `vessel`: the Kit::Vessel;
        # `contents`: Vessels::Contents; `id`: the drawing's own; `weighed`: writes a weight in g.
        def initialize(frame, scale, vessel, contents, id, weighed: WEIGHED)
          @frame = frame
          @scale = scale
          @vessel = vessel
          @contents = contents
          @id = id
          @weighed = weighed
        end

        # Patterns of its textures.
        def defs
          FoodTexture.defs(foods.map { |food| FoodTexture.of(food) }, @id)
        end

        # SVG markup.
        def to_s
          [liquid, *bands.map { |band| band(*band) }, fat].join
        end

        # [y, words, class of the mark] of each, for LevelMarks.
        def marks
          [*bands.map { |food, from_mm, to_mm| [y((from_mm + to_mm) / 2), words(food), "line"] },
           *([[y(level_mm), "#{grams(@contents.liquid_g)} liquid", "line"]] if liquid?),
           *([[y(top_mm) - 3, "#{grams(@contents.fat_g)} fat", "line"]] if fat?)]
        end

        # In one sentence, for those who do not see it.
        def description
          said = [*foods.map { |food| words(food) }, *("#{grams(@contents.liquid_g)} liquid" if liquid?),
                  *("#{grams(@contents.fat_g)} fat" if fat?)]
          said.empty? ? "empty" : said.join(", ")
        end

        # True where it is hot.
        def hot?
          temp_c >= HOT_C
        end

        # The temperature of all of it, by weight, in °C.
        def temp_c
          parts = [*@contents.foods.map do |food|
            [food.mass_g, food.temp_c]
          end, [@contents.liquid_g, @contents.liquid_c]]
          all_g = parts.sum(&:first)
          all_g.zero? ? 0.0 : parts.sum { |grams, at_c| grams * at_c } / all_g
        end

        private

        # What there is most of first.
        def foods
          @foods ||= begin
            seen = @contents.foods.select { |food| food.mass_g >= PINCH_G }
            seen.sort_by { |food| -food.volume_ml }.first(MOST)
          end
        end

        # [food, from and to in mm over the floor]
        def bands
          @bands ||= begin
            filled_ml = 0.0
            foods.map do |food|
              from_mm = @vessel.depth_mm(filled_ml)
              filled_ml += food.volume_ml
              [food, from_mm, [@vessel.depth_mm(filled_ml), from_mm + THIN_MM].max]
            end
          end
        end

        def band(food, from_mm, to_mm)
          place = place(from_mm, to_mm)
          texture = FoodTexture.of(food)
          drawn = Svg.tag("rect", Svg.tag("title", Svg.escape(words(food))), **place,
class: "food #{food.state || food.ingredient.slot}")
          return drawn if texture == FoodTexture::PLAIN

          drawn + Svg.tag("rect", **place, fill: "url(##{texture}-#{@id})")
        end

        def liquid
          return "" unless liquid?

          Svg.tag("rect", Svg.tag("title", "liquid"), **place(0.0, level_mm), class: "water")
        end

        # Between the pieces, and then over them.
        def level_mm
          solids_ml = foods.sum(&:volume_ml)
          between_ml = VOIDS * solids_ml
          return @vessel.depth_mm(@contents.liquid_g / VOIDS) if @contents.liquid_g < between_ml

          @vessel.depth_mm(solids_ml + @contents.liquid_g - between_ml)
        end

        def fat
          return "" unless fat?

          Svg.tag("rect", Svg.tag("title", "fat"), x: @frame.left, y: y(top_mm) - 3, height: 3,
                                                   width: @frame.right - @frame.left, class: "fat")
        end

        def liquid?
          @contents.liquid_g >= 1
        end

        def fat?
          @contents.fat_g >= 1
        end

        def top_mm
          [bands.map(&:last).max || 0.0, liquid? ? level_mm : 0.0].max
        end

        def place(from_mm, to_mm)
          { x: @frame.left, y: y(to_mm), width: @frame.right - @frame.left,
            height: [y(from_mm) - y(to_mm), 1.0].max }
        end

        def y(depth_mm)
          [@frame.floor - (depth_mm * @scale), @frame.top].max
        end

        def words(food)
          state = food.state && ", #{Vessels::FryStates.fetch(food.state).word}"
          "#{grams(food.mass_g)} #{food.ingredient.name.downcase}#{state}"
        end

        def grams(grams)
          @weighed.call(grams)
        end
      end
    end
  end
end
