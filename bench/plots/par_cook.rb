# frozen_string_literal: true

require_relative "../../lib/fond_kettle"
require_relative "../../web/html/markup"

# Draws docs/par-cook.svg: how far rice is to be par-cooked over a base with so much water, by how
# long it is sealed, and where it closes not at all.
module ParCook
  Svg = FondKettle::Web::Html::Markup
  WATER_G = (0..800).step(50).to_a
  STEAM_MIN = (6..42).step(3).to_a
  LEFT = 70
  TOP = 40
  WIDE = 32
  HIGH = 22
  BOTTOM = TOP + (STEAM_MIN.size * HIGH)
  # The further, the darker; what does not close is crossed out.
  RAW = [244, 233, 200].freeze
  COOKED = [139, 90, 20].freeze

  def self.plan(water_g, steam_min)
    request = { "grain" => "basmati", "method" => "sealed-cooked-base",
                "rice" => { "amount" => 500, "unit" => "g" },
                "base" => { "g" => 900 + water_g, "water_g" => water_g, "raw" => false },
                "programme" => [{ "heat" => "high", "minutes" => 2 },
                                { "heat" => "low", "minutes" => steam_min - 2 }] }
    FondKettle::Methods::Planner.plan(FondKettle::Formats::RequestReader.new(request).request)
  end

  def self.cell(water_g, steam_min)
    par = plan(water_g, steam_min).sealed.par_cook
    at = [LEFT + (WATER_G.index(water_g) * WIDE), BOTTOM - ((STEAM_MIN.index(steam_min) + 1) * HIGH)]
    box = Svg.tag("rect", x: at[0], y: at[1], width: WIDE - 2, height: HIGH - 2, fill: colour(par))
    unless par.closes?
      return box + Svg.tag("path", d: "M#{at[0]} #{at[1]} l#{WIDE - 2} #{HIGH - 2}",
                                   stroke: "#a12a1c")
    end

    box + text((par.done * 100).round.to_s, at[0] + (WIDE / 2) - 1, at[1] + 15, "middle",
               fill: par.done > 0.6 ? "#fff" : "#16233f")
  end

  def self.colour(par)
    return "#fdfdfa" unless par.closes?

    shares = RAW.zip(COOKED).map { |raw, cooked| (raw + ((cooked - raw) * par.done)).round }
    format("#%02x%02x%02x", *shares)
  end

  def self.text(words, at_x, at_y, anchor = "start", fill: "#16233f")
    Svg.text(words, x: at_x, y: at_y, font_family: "sans-serif", font_size: 12, text_anchor: anchor,
                    fill: fill)
  end

  def self.svg
    wide = LEFT + (WATER_G.size * WIDE)
    cells = WATER_G.product(STEAM_MIN).map { |water_g, steam_min| cell(water_g, steam_min) }
    ticks = WATER_G.each_slice(4).map(&:first).map do |g|
      text("#{g} g", LEFT + (WATER_G.index(g) * WIDE) + 15, BOTTOM + 18, "middle")
    end
    ticks += STEAM_MIN.each_slice(2).map(&:first).map do |min|
      text("#{min} min", LEFT - 8, BOTTOM - (STEAM_MIN.index(min) * HIGH) - 6, "end")
    end
    title = text("par-cook 500 g basmati, soaked 30 min, to so many % (crossed out: does not close)", LEFT,
                 20)
    below = text("water in the base; minutes under a dough seal on the left", LEFT, BOTTOM + 38)
    ground = Svg.tag("rect", width: wide + 20, height: BOTTOM + 50, fill: "#fdfdfa")
    Svg.tag("svg", [ground, *cells, *ticks, title, below].join, xmlns: "http://www.w3.org/2000/svg",
                                                                viewBox: "0 0 #{wide + 20} #{BOTTOM + 50}")
  end
end
