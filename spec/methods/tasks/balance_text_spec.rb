# frozen_string_literal: true

require_relative "../../../web/drawings/balance_drawing"

RSpec.describe FondKettle::Methods::BalanceText do
  # What the account on the page shows, by its words.
  def shown(plan)
    answer = FondKettle::Formats::PlanJson.call(plan)
    drawing = FondKettle::Web::Drawings::BalanceDrawing.new(answer, plan.request.measures)
    { **drawing.sinks.to_h { |grams, words| [words, grams] },
      **drawing.sources.drop(1).to_h { |grams, words| [words, -grams] } }
  end

  def terms(text)
    text.tr("−", "-").scan(/([+-]? ?\d+) g ([^+-]+)/)
        .to_h { |grams, words| [words.strip, grams.delete(" ").to_i] }
  end

  it "says the grams that the account shows, and they come to what is poured" do
    random = Random.new(5)
    60.times do
      rice = { "amount" => (40 + (random.rand * 900)).round(1), "unit" => "g" }
      data = basic_request(method: steamed_methods.sample(random: random), rice: rice,
                           altitude_m: random.rand(2300))
      request = request_for(data)
      measures = request.measures.with(scale_step_g: [0.1, 1.0, 5.0, 20.0].sample(random: random))
      plan = FondKettle::Methods::Planner.plan(request.with(measures: measures))
      said = terms(described_class.say(plan.balance, measures))
      expect(said).to eq(shown(plan).reject { |_, whole| whole.zero? })
      expect(said.values.sum).to eq(measures.weighed_g(plan.balance.liquid_g).round)
    end
  end

  it "leaves out what is nothing" do
    balance = plan_for(basic_request).balance
    dry = balance.with(soak_gain_g: 0.3, surface_g: 0.0)
    expect(described_class.say(dry,
                               plan_for(basic_request).request.measures)).not_to include("grain", "clinging")
  end
end
