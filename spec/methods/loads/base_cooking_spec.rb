# frozen_string_literal: true

require_relative "../../support/suppers"

# A base that is cooked before it is sealed in: minutes and temperature by what it is and its pieces.
RSpec.describe FondKettle::Methods::BaseCooking do
  include Support::Suppers

  def plan(meat, piece_mm: nil)
    base = { "g" => 900, "meat" => meat, "water_g" => 200, "piece_mm" => piece_mm }.compact
    plan_for(basic_request(method: "sealed-cooked-base", base: base,
                           vessel: { "diameter_mm" => 240, "height_mm" => 120, "lid" => "dough" }))
  end

  it "takes as long as its meat, and a thermometer decides before it is layered" do
    expected = { "chicken" => [30, 74, "poultry"], "lamb" => [50, 63, "whole-cuts"], "goat" => [70, 63,
                                                                                                "whole-cuts"],
                 "minced" => [20, 71, "minced-meat"], "fish" => [20, 63, "fish-done"], "egg" => [20, 71,
                                                                                                 "raw-egg"],
                 "vegetables" => [20, nil, nil], "paneer" => [20, nil, nil] }
    expected.each do |meat, (minutes, core_c, caution)|
      made = plan(meat)
      base, check = ["base.sealed.base", "check-heat.apart"].map do |id|
        made.tasks.find do |task|
          task.id == id
        end
      end
      expect([meat, base.minutes, check&.core_c]).to eq([meat, minutes, core_c])
      next unless caution

      [base, check].each { |task| expect(made.cautions_at(task).map(&:code)).to include(caution) }
      expect(made.placed.starts[check.id]).to be > made.placed.starts["layer.sealed"]
      expect(made.tasks.count { |task| task.kind.key == "check-heat" }).to eq(1)
    end
  end

  it "takes longer for thicker pieces, by the sphere of its meat" do
    minutes = [40, 80, 110].map do |mm|
      plan("chicken", piece_mm: mm).tasks.find do |task|
        task.id == "base.sealed.base"
      end.minutes
    end
    expect(minutes).to eq(minutes.sort)
    by_formula = 1.35 * (0.055**2) / ((Math::PI**2) * 1.4e-7) * Math.log(2 * (96 - 5.0) / (96 - 74.0)) / 60
    expect(minutes.last).to be_within(3).of(by_formula)
  end

  it "leaves a cook's own minutes, and says what they are short of" do
    lines = "800 g goat, in pieces | base\n200 g yoghurt | base"
    asked = lambda { |min|
      supper(dish(lines, steps: "Simmer the goat in yoghurt | simmer | #{min} min",
                         method: "sealed-cooked-base"))
    }
    short = asked.call(45)
    expect(short.plan.tasks.find { |task| task.say.include?("goat") }.minutes).to eq(45)
    expect(short.warnings.map(&:say))
      .to include(/Goat is tender after about 70 min of simmering; its steps give it 45 min/)
    expect(asked.call(5).comes_out).to eq("not-safe")
    expect(asked.call(75).warnings.map(&:code)).not_to include("not-tender", "not-safe")
    expect(asked.call(75).plan.tasks.map(&:id)).to include("check-heat.apart")
  end
end
