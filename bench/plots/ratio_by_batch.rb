# frozen_string_literal: true

require_relative "../../lib/fond_kettle"
require_relative "../../web/html/markup"

# Draws docs/ratio-by-batch.svg: parts of water to one of rice against the size of
# the batch, for three pots. The water a batch needs is not proportional to the rice.
module RatioByBatch
  Svg = FondKettle::Web::Html::Markup
  POTS = [["160 mm, ordinary lid", 160, "ordinary", "#1f6d96"],
          ["220 mm, ordinary lid", 220, "ordinary", "#8b6f24"],
          ["220 mm, sealed with dough", 220, "dough", "#a12a1c"]].freeze
  BATCHES = (100..1000).step(50).to_a
  LEFT = 60
  RIGHT = 620
  TOP = 30
  BOTTOM = 340
  RATIOS = (0.8..1.6)

  def self.ratio(rice_g, diameter_mm, lid)
    request = { "grain" => "basmati", "method" => "covered-pot",
                "rice" => { "amount" => rice_g, "unit" => "g" },
                "vessel" => { "diameter_mm" => diameter_mm, "lid" => lid } }
    FondKettle::Methods::Planner.plan(FondKettle::Formats::RequestReader.new(request).request).ratio_by_volume
  end

  def self.place(rice_g, ratio)
    [LEFT + ((RIGHT - LEFT) * (rice_g - 100) / 900.0),
     BOTTOM - ((BOTTOM - TOP) * (ratio - RATIOS.min) / (RATIOS.max - RATIOS.min))]
  end

  def self.text(words, at_x, at_y, anchor = "start")
    Svg.text(words, x: at_x, y: at_y, font_family: "sans-serif", font_size: 14, text_anchor: anchor)
  end

  def self.line((name, diameter_mm, lid, colour), index)
    points = BATCHES.map do |rice_g|
      place(rice_g, ratio(rice_g, diameter_mm, lid)).map { |part| part.round(1) }.join(",")
    end
    Svg.tag("polyline", points: points.join(" "), fill: "none", stroke: colour, stroke_width: 3) +
      Svg.tag("path", d: "M400 #{50 + (index * 22)} h24", stroke: colour, stroke_width: 3) +
      text(name, 432, 55 + (index * 22))
  end

  def self.svg
    lines = POTS.each_with_index.map { |pot, index| line(pot, index) }
    ticks = (0.8..1.6).step(0.2).map do |ratio|
      text(ratio.round(1), LEFT - 8, place(100, ratio).last + 5, "end")
    end
    ticks += (100..1000).step(300).map { |g| text("#{g} g", place(g, 1).first, BOTTOM + 22, "middle") }
    frame = Svg.tag("rect", width: 680, height: 400, fill: "#fdfdfa") +
            Svg.tag("path", d: "M#{LEFT} #{TOP} V#{BOTTOM} H#{RIGHT}", fill: "none", stroke: "#16233f")
    title = text("parts of water to 1 of raw basmati by cup, soaked 30 min", LEFT, 20)
    Svg.tag("svg", frame + lines.join + ticks.join + title, xmlns: "http://www.w3.org/2000/svg",
                                                            viewBox: "0 0 680 400")
  end
end
