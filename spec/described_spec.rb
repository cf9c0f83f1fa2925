# frozen_string_literal: true

# What a reader of the core relies on: a public method says what it takes and gives.
RSpec.describe "The core's public methods" do
  defines = /\A(\s*)def (?:self\.)?([\w?!=\[\]]+)/

  # Names that a file hides by name, and lines that stand under a bare `private`.
  def hidden_in(text)
    text.scan(/private_class_method ((?:[^\n]*,\n)*[^\n]*)/).join.scan(/:(\w+[?!]?)/).flatten
  end

  def under_private(lines)
    indent = nil
    lines.map do |line|
      depth = line[/\A */].size
      indent = nil if indent && line.match?(/\A\s*(?:end|class|module)\b/) && depth < indent
      indent = depth if line.strip == "private"
      !indent.nil? && depth >= indent
    end
  end

  # Names of public methods with no comment above them.
  define_method(:bare) do |path|
    lines = File.readlines(path)
    hidden = hidden_in(lines.join)
    lines.zip([""] + lines, under_private(lines)).filter_map do |line, before, private_line|
      name = line[defines, 2]
      name unless name.nil? || private_line || hidden.include?(name) || before.strip.start_with?("#")
    end
  end

  it "are described, every one" do
    Dir[File.expand_path("../lib/fond_kettle/**/*.rb", __dir__)].each do |path|
      expect(bare(path)).to eq([]), "#{path}: #{bare(path).join(', ')}"
    end
  end
end
