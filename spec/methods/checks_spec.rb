# frozen_string_literal: true

RSpec.describe FondKettle::Methods::Checks do
  def problems(text)
    FondKettle::Methods::Library.new(FondKettle::Methods::Library.ours.texts.merge("own/mine.yml" => text))
                                .problems
  end

  def like_covered(rest)
    problems("key: mine\nlike: covered-pot\nname: Mine\n#{rest}")
  end

  low = "{ key: low, kind: low, heat: low, minutes: ready, say: x, cue: x, why: x }"

  it "refuses, by name, what the model cannot compute" do
    sealed = "vessel: { diameter_mm: 220, height_mm: 120, lid: dough, material: steel, kg: 1.5 }\n"
    expect(like_covered("#{sealed}parts: " \
                        "8\n")).to contain_exactly(/mine.yml, parts: .*sealed with dough or foil/)
    expect(like_covered("#{sealed}food: [raw-meat]\n"))
      .to contain_exactly(/mine.yml, food raw-meat: raw in a sealed pot cannot be computed/)
    steamed = low.sub("kind: low", "kind: steam")
    expect(like_covered("stages:\n  - #{steamed}\n"))
      .to contain_exactly(/mine.yml, stage low: kind steam cannot be computed yet/)
    drained = low.sub("heat: low", "heat: low, drain: true")
    expect(like_covered("stages:\n  - #{drained}\n"))
      .to contain_exactly(/stage low: can be drained only in plenty of water/)
  end

  it "fills the amounts of a broth into a base that is one, and into no other" do
    base = lambda { |kind|
      "base:\n  - { key: up, kind: #{kind}, say: 'Add %{start}', minutes: 30, hands_on: false, " \
        "cue: x, why: x }\n"
    }
    expect(like_covered(base.call("broth"))).to eq([])
    expect(like_covered(base.call("simmer"))).to contain_exactly(/%\{start\} is not known here/)
  end

  it "refuses a file of an earlier version that asks for one warm soup" do
    old = "tags: [raw-meat]\nparts: 8\nvessel: { diameter_mm: 220, height_mm: 120, lid: dough, material: " \
          "steel, kg: 1.5 }\n"
    expect(like_covered(old)).to contain_exactly(/mine.yml/)
  end

  it "wants ids to be unique, and phases to go on in plenty of water" do
    expect(like_covered("stages:\n  - #{low}\n  - " \
                        "#{low}\n")).to contain_exactly(/key low: must not be there twice in stages/)
    phases = "phases:\n  - { key: a, stages: [#{low}] }\n  - { key: b, stages: [#{low}] }\n"
    expect(like_covered(phases))
      .to contain_exactly(/phase a: only rice boiled in plenty of water .* can go on/)
    half = "phases:\n  - { key: a, done: 0.5, stages: [#{low}] }\n"
    expect(like_covered(half)).to contain_exactly(/phase a: must end done/)
  end

  it "knows every word that a text asks for, and a stage that does not end" do
    unknown = low.sub("say: x", 'say: "%{moon}"')
    expect(like_covered("stages:\n  - #{unknown}\n")).to contain_exactly(/%\{moon\} is not known here/)
    base = "base:\n  - { key: a, kind: fry, say: '%{oven}', hands_on: true, cue: x, why: x }\n"
    expect(like_covered(base)).to contain_exactly(/%\{oven\} is not known here; known: %\{rice\}/)
    # Words of a seal and of a steamer, where there is neither.
    %w[bite steamed top_up].each do |word|
      foreign = low.sub("say: x", "say: '%{#{word}}'")
      expect(like_covered("stages:\n  - #{foreign}\n")).to contain_exactly(/%\{#{word}\} is not known here/)
    end
    shape = "after:\n  - { key: a, kind: shape, say: '%{pieces}', hands_on: true, minutes: 1, cue: x, " \
            "why: x }\n"
    expect(like_covered(shape)).to contain_exactly(/%\{pieces\} is not known here/)
    expect(like_covered("pieces: ball\n#{shape}")).to eq([])
    endless = low.sub("minutes: ready, ", "")
    expect(like_covered("stages:\n  - #{endless}\n")).to contain_exactly(/must have either until or minutes/)
  end
end
