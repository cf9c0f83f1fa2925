# frozen_string_literal: true

require "tmpdir"

RSpec.describe FondKettle::DiskCache do
  around { |example| Dir.mktmpdir { |folder| (@root = folder) && example.run } }

  # How often something was made anew, and what it is.
  def made(*texts, root: @root)
    count = 0
    answer = described_class.of(*texts, root: root) do
      count += 1
      { rows: [1.5, "x", :y] }
    end
    [count, answer]
  end

  it "makes an answer once, and anew for another text" do
    expect([made("a", "text"), made("a", "text"), made("a", "texts")].map(&:first)).to eq([1, 0, 1])
    expect(made("a", "text").last).to eq({ rows: [1.5, "x", :y] })
  end

  it "makes anew what is damaged or belonged to an older core, and keeps no more than one core's" do
    made("a")
    path = Dir[File.join(@root, "*", "*")].first
    File.binwrite(path, "noise")
    expect(made("a").first).to eq(1)
    older = File.join(@root, "older")
    File.rename(File.dirname(path), older)
    expect(made("a").first).to eq(1)
    expect(File).not_to exist(older)
  end

  it "makes anew whatever one byte of it is damaged" do
    made("a")
    path = Dir[File.join(@root, "*", "*")].first
    sound = File.binread(path)
    sound.bytesize.times do |place|
      File.binwrite(path, sound.dup.tap { |bytes| bytes.setbyte(place, sound.getbyte(place) ^ 1) })
      expect(made("a")).to eq([1, { rows: [1.5, "x", :y] }])
    end
    File.binwrite(path, sound[0, 20])
    expect(made("a").first).to eq(1)
  end

  it "keeps nothing where nothing can be written, and nothing that failed" do
    expect { described_class.of("b", root: @root) { raise FondKettle::BadCatalogue, "no" } }
      .to raise_error(FondKettle::BadCatalogue)
    expect(made("b").first).to eq(1)
    expect(Array.new(2) { made("c", root: "/proc/nowhere").first }).to eq([1, 1])
  end
end
