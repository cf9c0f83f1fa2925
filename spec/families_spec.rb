# frozen_string_literal: true

# The pages of docs/families: what is worked by hand there stands in the plan of the request beside it.
RSpec.describe "What is worked by hand of each family" do
  folder = File.expand_path("../docs/families", __dir__)

  def answer(data)
    return FondKettle::Formats::KeepReader.new(data).answer if data.key?("depth_mm")

    FondKettle::Formats::PlanJson.call(plan_for(data))
  end

  def at(found, path)
    path.split(".").reduce(found) do |node, key|
      node.is_a?(Array) ? node[Integer(key)] : node.fetch(key.to_sym)
    end
  end

  it "has a page each" do
    expect(Dir.children(folder).sort)
      .to eq(%w[keep.md leaf-parcels.md mixed-rice.md shaped.md steamed-sticky.md sushi.md vessels.md])
  end

  # Food in a vessel has a spec of its own (spec/vessels/worked_spec.rb).
  Dir[File.join(folder, "*.md")].grep_v(/vessels/).each do |path|
    it "stands: #{File.basename(path)}" do
      text = File.read(path)
      found = answer(JSON.parse(text[/```json\n(.*?)```/m, 1]))
      rows = text.scan(/^\| [^|]+ \| `([^`]+)` \| ([\d.]+) \|$/)
      expect(rows.size).to be >= 4
      rows.each do |where, figure|
        expect(at(found, where)).to be_within(0.06).of(Float(figure)), "#{path}: #{where}"
      end
    end
  end
end
