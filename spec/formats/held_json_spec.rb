# frozen_string_literal: true

require "tmpdir"
require_relative "../support/demo_kitchen"
require_relative "../../app/forms/plan_form"

RSpec.describe FondKettle::Formats::HeldJson do
  let(:folder) { Dir.mktmpdir }
  let(:household) { Support::DemoKitchen.open(folder) }

  after do
    household.close
    FileUtils.remove_entry(folder)
  end

  def plan(dish)
    form = FondKettle::Forms::PlanForm.new({ "dish" => dish[:id].to_s }, household)
    FondKettle::Dishes::Laying.supper(form.dish, form.factor, form.base_request, servings: form.servings).plan
  end

  # Plans of the demo's dishes with rice.
  def plans
    household.dishes.all.reject { |dish| dish[:title].start_with?("Roast squash") }.map { |dish| plan(dish) }
  end

  it "holds each pot of the house from the first task in it to the last, in the order of the plan" do
    plans.each do |plan|
      order = plan.tasks.map(&:id)
      held = described_class.call(plan)
      expect(held.map { |one| one[:name] }).to include(plan.request.vessel.name)
      held.each do |one|
        expect(one[:tasks]).to eq(order & one[:tasks])
        expect(one.values_at(:from, :to)).to eq(one[:tasks].values_at(0, -1))
      end
    end
  end

  it "holds a pan until what it gives is poured: with the rice where it goes in with it" do
    turned = plans.find { |plan| plan.method.key == "turned-out" }
    pan = described_class.call(turned).find { |one| one[:name] == "Wide pan" }
    expect(pan).to include(from: "base.cook.dish-1", to: "fill.cook")
  end

  it "holds the rice's pot while it rests, and nothing of a pot that the house has not" do
    plan = plan_for(basic_request)
    expect(described_class.call(plan)).to eq([])
    plans.each do |one|
      rests = one.tasks.select { |task| task.kind.in_pot && task.id.start_with?("stages") }.map(&:id)
      pot = described_class.call(one).find { |held| held[:name] == one.request.vessel.name }
      expect(rests - pot[:tasks]).to be_empty
    end
  end
end
