# frozen_string_literal: true

require "csv"

RSpec.describe FondKettle::Formats::CsvTable do
  it "has a line of headings and a line a record, and quotes what has commas and lines" do
    rows = [{ name: "Pot, big", ml: 210.0 }, { name: "two\nlines", ml: nil }]
    expect(CSV.parse(described_class.call(%i[name ml], rows)))
      .to eq([%w[name ml], ["Pot, big", "210.0"], ["two\nlines", nil]])
  end

  it "gives a spreadsheet nothing to reckon with" do
    told = ["=1+1", "+1", "-1", "@x", "a=b"].map do |text|
      described_class.call([:a], [{ a: text }]).lines.last.strip
    end
    expect(told).to eq(["'=1+1", "'+1", "'-1", "'@x", "a=b"])
    expect(described_class.call([:a], [{ a: -3.5 }])).to eq("a\n-3.5\n")
  end
end
