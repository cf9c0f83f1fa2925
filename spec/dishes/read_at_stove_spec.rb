# frozen_string_literal: true

require_relative "../support/suppers"

# What was silly when a sheet was followed to the letter.
RSpec.describe "A sheet followed to the letter" do
  include Support::Suppers

  def task(plan, words)
    plan.tasks.find { |one| one.say.include?(words) }
  end

  it "puts what was kept into the step that strews it, and does not strew twice" do
    plan = supper(dish("3 onions | half base | half finish\n60 g oil | base", method: "toasted-pilaf",
                                                                              steps: <<~STEPS)).plan
                                                                                Fry the onions in the oil, lift half of them out | fry | 18 min
                                                                                Strew the onions over | finish | 1 min
                                                                              STEPS
    lifted = task(plan, "ift half of the onions out")
    expect(lifted.puts_in).to match(/\d+ g from the /)
    strewn = plan.tasks.select { |one| one.say.match?(/strew/i) }
    expect(strewn.map(&:say)).to eq(["Strew the onions over"])
    expect(plan.cautions_at(strewn.first).map(&:code)).not_to include("hot-fat")
  end

  it "keeps raw fish out of hot rice that is being dressed" do
    plan = supper(dish("300 g raw salmon | finish\n1 cucumber | finish", method: "sushi")).plan
    dressed = plan.tasks.find { |one| one.kind.key == "dress" }
    served = plan.tasks.find { |one| one.kind.key == "serve" }
    expect([dressed, served].map { |one| one.puts_in.include?("salmon") }).to eq([false, true])
    expect(plan.cautions_at(served).map(&:code)).to include("eaten-raw")
    expect(plan.tasks.map { |one| one.kind.key }).not_to include("check-heat")
  end

  it "has nobody stand by a marinade overnight" do
    plan = supper(dish("700 g goat | base\n200 g yoghurt | base",
                       steps: "Marinate the goat in yoghurt | marinate | overnight")).plan
    expect(plan.total_min).to be > 480
    expect(plan.hands_on_min).to be < 60
  end

  it "counts of salt in water that is poured off what the rice takes up" do
    plan = supper(dish("40 g salt | liquid", method: "boil-and-drain")).plan
    expect(plan.warnings.map(&:code)).not_to include("salt-high")
    drunk = supper(dish("40 g salt | liquid", method: "covered-pot")).plan
    expect(drunk.warnings.map(&:code)).to include("salt-high")
  end

  it "speaks of the salt in the water only where it goes in there" do
    named, open = { "Marinate the goat in yoghurt and salt" => "base",
                    "Marinate the goat in yoghurt" => "with" }
                  .map do |step, place|
      lines = "700 g goat | base\n200 g yoghurt | base\n2 tsp salt | #{place}"
      supper(dish(lines, method: "sealed-raw-base", steps: "#{step} | marinate | 4 h")).plan
    end
    expect(task(named, "hard boil").say).to match(/with salt, at most \d+ g \(1 %\)/)
    expect(task(open, "hard boil").say).to end_with("with the salt")
  end
end
