# frozen_string_literal: true

require_relative "../../lib/fond_kettle/belief/correlated"

RSpec.describe FondKettle::Belief::Correlated do
  let(:request) { request_for(basic_request) }
  let(:book) { FondKettle::Belief::Estimates.book }

  def wide(held)
    spread = FondKettle::Methods::Planner.plan(request.with(held: held)).spread
    spread.high_g - spread.low_g
  end

  it "changes nothing where nothing hangs together" do
    expect(described_class.wider(book, {}, nil)).to eq(1.0)
  end

  it "narrows a range where a lid and a bag are only known together, and widens it by an open taste" do
    sds = %i[lid uptake].map { |key| book[key].sd }
    against = [:lid, :uptake, -0.8 * sds.reduce(:*)]
    expect(wide(book.with(covariances: [against]))).to be < 0.95 * wide(book)
    expect(wide(book.with(covariances: [[*against.first(2), -against.last]]))).to be > 1.05 * wide(book)
    expect(wide(book.with(taste_sd: 0.35))).to be > 1.2 * wide(book)
  end

  it "lets go of what hangs together with something that was measured" do
    held = book.with(covariances: [[:lid, :uptake, -0.01], %i[core lid].push(0.002)])
    expect(held.holding(held[:lid].measured(1.4)).covariances).to eq([])
    expect(held.holding(held[:core].with(factor: 1.1)).covariances).to eq([[:lid, :uptake, -0.01]])
  end
end
