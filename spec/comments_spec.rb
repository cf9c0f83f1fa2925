# frozen_string_literal: true

require_relative "support/public_methods"

# How public methods are described: a statement that begins with a noun or a verb, what is raised, and
# sources that can be looked up.
RSpec.describe "Comments" do
  root = File.expand_path("..", __dir__)
  odd = /\A(As|Of|What|Where|So|Is|Are|Does|Do|Has|Have|In|Which|Whether|How|Than|Then|Every|With|Without|
            Once|Like|Those|Nothing|Nobody|From|Into|By|At|On|Until|When|Something|Somebody|Can)\b/x
  paths = Dir[File.join(root, "{lib,app,store,web}/**/*.rb")].grep_v(%r{/migrations/}).sort

  it "begin with a noun or a verb, all but three in a hundred" do
    comments = paths.flat_map { |path| Support::PublicMethods.in(path) }.map(&:comment).reject(&:empty?)
    oddly = comments.grep(odd)
    expect(oddly.size).to be <= comments.size * 0.03, oddly.first(40).join("\n")
  end

  it "say what a method raises that raises" do
    silent = paths.flat_map do |path|
      raising = Support::PublicMethods.in(path).select { |one| one.body.match?(/^\s*[^#\n]*\braise\b/) }
      raising.reject { |one| one.comment.match?(/raise/i) }
             .map { |one| "#{path.delete_prefix("#{root}/")} #{one.name}: #{one.comment}" }
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
