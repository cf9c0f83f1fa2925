# frozen_string_literal: true

require_relative "../../app/forms/plan_form"
require_relative "../../app/plans/look"
require_relative "../support/open_kitchen"
require_relative "../support/simulated_cook"

# The stove as somebody uses it who does things on time, taps up to five minutes late, and takes a third
# longer for one step in ten.
RSpec.describe "What the stove says of serving" do
  include Support::OpenKitchen

  # The demo's dishes with rice, as they are kept with a cook.
  def plans
    household.dishes.all.filter_map do |record|
      form = FondKettle::Forms::PlanForm.in_own_amount(record, household)
      next unless form.ok?

      look = FondKettle::App::LookAtPlan.new(form, household.kitchen)
      JSON.parse(JSON.generate(look.stored(look.supper.plan, nil, "plain")), symbolize_names: true)
    end
  end

  def cooks
    @cooks ||= plans.each_with_index.flat_map do |plan, index|
      (0..2).map { |seed| Support::SimulatedCook.new(plan, (3 * index) + seed, hands: 1, rings: 3, ovens: 1) }
    end
  end

  def share(list, part)
    list.map(&:abs).sort.fetch((list.size * part).floor)
  end

  it "is off by little an hour, half an hour and ten minutes before, for every dish of the demo" do
    expect(cooks.size).to be >= 36
    off = cooks.map { |cook| cook.off_min([60, 30, 10]) }
    { 60 => [6, 15], 30 => [4, 10], 10 => [2, 5] }.each do |minutes, (median, worst)|
      found = off.filter_map { |one| one[minutes] }
      expect([minutes, share(found, 0.5), share(found, 0.95)])
        .to match([minutes, be <= median, be <= worst])
    end
  end

  it "lets nothing stand longer than it may, but by the cook's own lateness" do
    expect(cooks.map(&:stood_too_long_min)).to all(be <= Support::SimulatedCook::MOST_LATE_MIN)
  end
end
