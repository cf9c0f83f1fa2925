# frozen_string_literal: true

# How public methods are described: a statement that begins with a noun or a verb, what is raised, and
# sources that can be looked up.
RSpec.describe "Comments" do
  root = File.expand_path("..", __dir__)
  odd = /\A(As|Of|What|Where|So|Is|Are|Does|Do|Has|Have|In|Which|Whether|How|Than|Then|Every|With|Without|
            Once|Like|Those|Nothing|Nobody|From|Into|By|At|On|Until|When|Something|Somebody|Can)\b/x
  paths = Dir[File.join(root, "{lib,app,store,web}/**/*.rb")].grep_v(%r{/migrations/}).sort

  # For each line whether it stands under a bare `private`.
  def under_private(lines)
    private_depth = nil
    lines.map do |line|
      depth = line[/\A */].size
      if private_depth && line.match?(/\A\s*(end|class|module)\b/) && depth < private_depth
        private_depth = nil
      end
      private_depth = depth if line.strip == "private"
      !private_depth.nil? && depth >= private_depth
    end
  end

  # [name, comment, body] of each public method and class of a file.
  define_method(:described) do |path|
    lines = File.readlines(path)
    hidden = lines.join.scan(/private_class_method ((?:[^\n]*,\n)*[^\n]*)/).join.scan(/:(\w+[?!]?)/).flatten
    lines.zip(under_private(lines)).each_with_index.filter_map do |(line, private_line), index|
      name = line[/\A\s*(?:def (?:self\.)?|class |module )([\w?!=\[\]]+)/, 1]
      unless name.nil? || hidden.include?(name) || private_line
        [name, comment(lines, index),
         body(lines, index)]
      end
    end
  end

  def comment(lines, index)
    lines[0...index].reverse.take_while { |line| line.strip.start_with?("#") }.reverse
                    .map { |line| line.strip.delete_prefix("#").strip }.join(" ")
  end

  def body(lines, index)
    return "" if lines[index].match?(/; end$/) || !lines[index].match?(/\A\s*def /)

    indent = lines[index][/\A */]
    lines[(index + 1)..].take_while { |line| !line.start_with?("#{indent}end") }.join
  end

  it "begin with a noun or a verb, all but three in a hundred" do
    comments = paths.flat_map { |path| described(path) }.map { |_, text, _| text }.reject(&:empty?)
    oddly = comments.grep(odd)
    expect(oddly.size).to be <= comments.size * 0.03, oddly.first(40).join("\n")
  end

  it "say what a method raises that raises" do
    silent = paths.flat_map do |path|
      described(path).select { |_, text, body| body.match?(/^\s*[^#\n]*\braise\b/) && text !~ /raise/i }
                     .map { |name, text, _| "#{path.delete_prefix("#{root}/")} #{name}: #{text}" }
    end
    # Routes and Sinatra's own hooks answer with a page.
    expect(silent.grep_v(%r{\Aweb/places/})).to eq([])
  end

  it "name sources that are headings of the documentation" do
    heads = Dir[File.join(root, "docs/**/*.md")].to_h do |path|
      [path.delete_prefix("#{root}/"), File.readlines(path).grep(/\A#+ /).map do |line|
        line.sub(/\A#+ /, "").strip
      end]
    end
    cited = paths.flat_map do |path|
      File.read(path).gsub(/\n\s*# ?/, " ").scan(%r{\((docs/[\w/.-]+\.md): ([^()]+)\)})
    end
    expect(cited.size).to be > 40
    expect(cited.uniq.reject { |file, name| heads.fetch(file, []).include?(name) }).to eq([])
  end
end
