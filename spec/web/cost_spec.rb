# frozen_string_literal: true

require_relative "../support/served_kitchen"

# How often a page may run the model. Counted, not timed: it is the same on any machine.
RSpec.describe "What a page costs" do
  include Support::ServedKitchen

  # Runs of the model while `address` is answered.
  def runs(address)
    count = 0
    %i[run end_of].each do |entry|
      allow(FondKettle::Pot::Cooking).to receive(entry).and_wrap_original do |original, *given, **named|
        count += 1
        original.call(*given, **named)
      end
    end
    get address
    expect(last_response.status).to eq(200)
    count
  end

  it "is a few runs of the model for the cupboard and its pots, and fewer while they are the same" do
    expect(runs("/cupboard")).to be_between(5, 30)
    expect(runs("/cupboard")).to be_between(5, 12)
  end

  it "is a few runs for a rule of depth, over every batch that it may hold for" do
    expect(runs("/pot?method=knuckle&lesson=leave")).to be_between(10, 30)
  end

  it "is one plan for the table, once the times of its dishes are known" do
    runs("/")
    runs("/") while last_response.body.include?("data-untimed")
    expect(runs("/")).to be_between(1, 20)
  end

  it "is at most 60 kB, compressed as it is sent" do
    header "Accept-Encoding", "gzip"
    pages = %w[/ /pot /pot/side-by-side /pot/course /stove /clock/new /log /log/2 /cupboard /tests /ways /keep
               /dishes /dishes/2 /dishes/3/edit /help /settings /safekeeping /evening?dish=6]
    bytes = pages.to_h do |address|
      get address
      [address, last_response.body.bytesize]
    end
    expect(last_response.headers["content-encoding"]).to eq("gzip")
    expect(bytes.select { |_, size| size > 60_000 }).to eq({})
  end

  it "is no run at all where nothing is planned" do
    expect(%w[/log /stove /dishes /ways /tests /measures].map { |address| runs(address) }).to all(eq(0))
  end
end
