# frozen_string_literal: true

require_relative "../../lib/fond_kettle/methods/library"

RSpec.describe "A household's own method files" do
  ours = FondKettle::Methods::Library.ours.all

  def book(**files)
    own = files.transform_keys { |name| "own/#{name}.yml" }
    FondKettle::Methods::Library.new(FondKettle::Methods::Library.ours.texts.merge(own))
  end

  it "take what they do not say from the method they are like" do
    mine = book(mine: "key: mine\nlike: covered-pot\nname: Aunt's pot\nrinse_changes: 2\n").fetch("mine")
    expect([mine.rinse_changes, mine.soak, mine.stages.size]).to eq([2, "usual", 3])
  end

  it "are told what may stand where a word or a number may" do
    low = "stages:\n  - { key: low, heat: low, minutes: soon, say: x, cue: x, why: x }\n"
    bad = book(g: "key: g\nlike: covered-pot\nsoak: 5000\n", h: "key: h\nlike: covered-pot\n#{low}",
               i: "key: i\nlike: covered-pot\nsoak: often\n")
    expect(bad.problems).to contain_exactly("own/g.yml, g: line 3: soak must be usual " \
                                            "or must be between 0 and 2880",
                                            "own/h.yml, h: line 4: stages.0.minutes must " \
                                            "be ready or must be a number",
                                            "own/i.yml, i: line 3: soak must be usual or must be a number")
  end

  it "can add a caution, and take none away" do
    mine = book(mine: "key: mine\nlike: broth-under-rice\nname: Ours\ntags: [chestnut]\n").fetch("mine")
    expect(mine.food).to include("pulses", "chestnut")
    less = book(less: "key: less\nlike: broth-under-rice\nname: Less\nfood: []\n").fetch("less")
    expect(less.food).to include("pulses")
  end

  it "refuse a cycle, an unknown likeness, an unknown stage and a missing field, " \
     "and leave the others alone" do
    bad = book(a: "key: a\nlike: b\n", b: "key: b\nlike: a\n", c: "key: c\nlike: nobody\n",
               d: "key: d\nname: Bare\n",
               e: "key: e\nlike: covered-pot\nstages:\n  - key: boil\n    heat: tepid\n    until: " \
                  "boil\n    say: x\n    cue: x\n    why: x\n",
               f: "key: f\n  name: [\n")
    expect(bad.problems).to contain_exactly(/a.yml: a cycle of likes/, /b.yml: a cycle of likes/,
                                            /c.yml: like names no method/,
                                            /d.yml, d: line 1: family is missing/,
                                            /e.yml, e: line 5: stages.0.heat must be one of/,
                                            /f.yml, line 2/)
    expect(bad.all.keys).to match_array(ours.keys)
  end
end
