# frozen_string_literal: true

# What a view may be: markup, and the asking of a presenter.
RSpec.describe "The views" do
  views = Dir[File.expand_path("../../web/views/*.erb", __dir__)]

  it "have lines of at most 100 columns" do
    long = views.flat_map { |path| File.readlines(path, chomp: true).select { |line| line.size > 100 } }
    expect(long).to eq([])
  end

  it "start nothing: no run of the model, and nothing read from the store but by a place" do
    started = views.select do |path|
      File.read(path).match?(/Planner|Cooking\.run|Trying|\.search\(|household\.cooks/)
    end
    expect(started).to eq([])
  end

  it "assemble no sentence of two values and words between" do
    joined = /%>[^<%\n]{12,}<%=[^%]*%>[^<%\n]{12,}<%=/
    expect(views.select { |path| File.read(path).match?(joined) }
                .map { |path| File.basename(path) }).to eq([])
  end
end
