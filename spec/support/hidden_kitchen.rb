# frozen_string_literal: true

require_relative "../../lib/fond_kettle/log/kitchen_plan"
require_relative "../../lib/fond_kettle/log/learning"
require_relative "../../lib/fond_kettle/log/seen_cook"

module Support
  # A kitchen that differs from the book, and somebody who cooks in it by its plans and says how it came out.
  class HiddenKitchen
    POTS = { "steel" => { "diameter_mm" => 200, "height_mm" => 110, "lid" => "ordinary" },
             "wide" => { "diameter_mm" => 260, "height_mm" => 90, "lid" => "ordinary" } }.freeze
    SCOPES = { "bag" => "b1", "pot" => "steel", "burner" => "left" }.freeze
    WORDS = [[-0.9, "chalky"], [-0.3, "firm"], [0.3, "right"], [0.9, "soft"]].freeze
    # How far words stray, steps of texture.
    WORD_SD = 0.3

    # Methods::Request of so much of a grain in a pot, by the book.
    def self.request(grain, grams, pot = "steel")
      (@requests ||= {})[[grain, grams, pot]] ||= FondKettle::Formats::RequestReader.new(
        { "method" => "covered-pot", "grain" => grain, "rice" => { "amount" => grams, "unit" => "g" },
          "soak" => { "minutes" => 20, "water_c" => 20 }, "vessel" => POTS.fetch(pot) }
      ).request
    end

    # Words for so many steps of texture from right, and so much loose water (share).
    def self.said(steps, water)
      { grain: WORDS.find { |edge, _| steps < edge }&.last || "mushy",
        wetness: water > FondKettle::Log::Observing::WET ? "wet" : "right" }
    end

    # `truth`: factors by key of Belief::Unknowns; `seed`: of what chance does.
    def initialize(truth, seed, taste: 0.0)
      @truth = truth
      @taste = taste
      @random = Random.new(seed)
    end

    # Log::Learned after some cooks of amounts (g) of basmati: `weigh` numbers of those that are weighed,
    # `taps` cues that are tapped.
    def learned(amounts, from: FondKettle::Log::Learned.nothing, scopes: SCOPES, weigh: [], taps: [])
      amounts.each_with_index.reduce(from) do |known, (grams, index)|
        request = self.class.request("basmati", grams)
        seen = cook(known, request, scopes, weigh: weigh.include?(index + 1), taps: taps)
        FondKettle::Log::Learning.with(known, seen)
      end
    end

    # The SeenCook of a request, cooked by the plan of what is known so far.
    def cook(known, request, scopes = SCOPES, weigh: false, taps: [])
      plan = FondKettle::Log::KitchenPlan.new(known, request, scopes).plan
      plain = FondKettle::Log::SeenCook.planned(plan, scopes)
      shown = FondKettle::Log::KitchenRun.new(plain, {}).shown(@truth)
      strayed = shown.texture - request.texture - @taste + (WORD_SD * normal)
      plain.with(cues: tapped(shown, taps), **self.class.said(strayed, shown.water),
                 loss_g: (shown.loss_g / 5).round * 5.0).then { |one| weigh ? one : one.with(loss_g: nil) }
    end

    # Share by which a plan of what is known misses the right water.
    def off(known, request, scopes = SCOPES)
      right = right_g(request)
      (FondKettle::Log::KitchenPlan.new(known, request, scopes).plan.liquid_g - right).abs / right
    end

    # The right water, g.
    def right_g(request)
      held = FondKettle::Belief::Estimates.truth(**@truth)
      texture = (request.texture + @taste).clamp(-1.0, 1.0)
      FondKettle::Methods::Planner.plan(request.with(held: held, texture: texture)).liquid_g
    end

    private

    # Tapped late, by half a normal.
    def tapped(shown, cues)
      cues.filter_map do |cue|
        at_min = shown.cues[cue]
        [cue, at_min + (normal.abs * [0.08 * at_min, 0.5].max)] if at_min
      end
    end

    def normal
      FondKettle::Numerics::Normal.draw(@random)
    end
  end
end
