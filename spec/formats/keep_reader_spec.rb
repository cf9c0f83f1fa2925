# frozen_string_literal: true

RSpec.describe FondKettle::Formats::KeepReader do
  it "answers as the contract has it" do
    answer = described_class.new({ "g" => 1200, "depth_mm" => 30, "vessel" => "tray", "start_c" => 90,
                                   "place_c" => 20, "then_c" => 4, "moved_after_min" => 60 }).answer
    expect(answer.keys).to include(:min_to_60, :min_to_21, :min_to_5, :safe, :use_within_h, :say)
    expect(answer).to include(safe: true, use_within_h: 24)
  end

  it "refuses what cannot be, all at once" do
    expect { described_class.new({ "g" => 0, "depth_mm" => 2, "vessel" => "box", "colour" => 1 }) }
      .to raise_error(FondKettle::InvalidInput) { |e|
            expect(e.problems.map { |one|
              one[:field]
            }).to contain_exactly("g", "depth_mm", "vessel", "colour")
          }
  end
end
