# frozen_string_literal: true

require "yaml"

RSpec.describe "Lines as different cooks jot them down" do
  # Weights that are wanted of so many lines.
  def weights(wanted, count)
    wanted["g"].is_a?(Array) ? wanted["g"] : Array.new(count, wanted["g"])
  end

  def weighed?(line, grams)
    grams.nil? || (!line.g.nil? && (line.g - grams).abs <= (0.05 * grams) + 0.05)
  end

  # Is what was read what is wanted of it (spec/fixtures/jotted_lines.yml)?
  def right?(read, wanted)
    lines = read.lines
    keys = Array(wanted["k"])
    [lines.map { |line| line.ingredient.key } == keys,
     lines.zip(weights(wanted, keys.size)).all? { |line, grams| weighed?(line, grams) },
     wanted["s"].nil? || lines.all? { |line| line.stage == wanted["s"] },
     !wanted["ask"] || read.questions.any?].all?
  end

  { "jotted_lines.yml" => 200, "fifty_lines.yml" => 50, "fourth_fifty_lines.yml" => 50 }.each do |file, count|
    it "are read right, 95 in 100 or more, the rest asked about and none wrong in silence: #{file}" do
      rows = YAML.load_file(File.expand_path("../fixtures/#{file}", __dir__)).values.flatten(1)
      read = rows.to_h { |row| [row, FondKettle::Dishes::QuickText.new.read(row["l"])] }
      wrong = read.reject { |row, found| right?(found, row) }
      expect(rows.size).to eq(count)
      expect(wrong.size).to be <= 0.05 * count, wrong.keys.map { |row| row["l"] }.inspect
      expect(wrong.select { |_, found| found.questions.empty? }.keys).to eq([])
    end
  end

  it "come back as they were read when they are written again" do
    rows = YAML.load_file(File.expand_path("../fixtures/jotted_lines.yml", __dir__)).values.flatten(1)
    rows.each do |row|
      lines = FondKettle::Dishes::QuickText.new.read(row["l"]).lines
      written = lines.map { |line| FondKettle::Dishes::Written.line(line) }.join("\n")
      again = FondKettle::Dishes::QuickText.new.read(written).lines
      same = lines.map do |line|
        have_attributes(stage: line.stage, state: line.state,
                        ingredient: have_attributes(key: line.ingredient.key),
                        g: line.g && be_within(0.001 * line.g).of(line.g))
      end
      expect(again).to match(same), "#{row['l']}: #{written}"
    end
  end
end
