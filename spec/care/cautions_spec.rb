# frozen_string_literal: true

require_relative "../support/suppers"

RSpec.describe FondKettle::Care::Cautions do
  include Support::Suppers

  library = FondKettle::Methods::Library.ours

  # The same methods with every step renamed and reworded.
  def renamed(library)
    texts = library.texts.to_h do |path, text|
      data = YAML.safe_load(text)
      %w[base stages after].each do |section|
        (data[section] || []).each_with_index do |step, index|
          step.merge!("key" => "#{%w[sear up down stand mull zest][index % 6]}-#{section}", "say" => "Hocus",
                      "cue" => "pocus",
                      "why" => "so")
        end
      end
      [path, YAML.dump(data)]
    end
    FondKettle::Methods::Library.new(texts)
  end

  def shown(request, library)
    plan = plan_for(request, library)
    plan.tasks.map { |task| plan.cautions_at(task).map(&:code) }
  end

  company = [%w[chicken 300], %w[red-lentil 60], %w[raw-fish 100], %w[chestnut 50], %w[oil 20], %w[milk 50]]
            .map { |key, grams| { "ingredient" => key, "g" => grams.to_i } }

  it "stand at the same places whatever the steps of a method are called and say" do
    other = renamed(library)
    expect(other.problems).to eq([])
    library.all.each_key do |method|
      %w[ordinary dough].product(%w[steel clay], [[], company]).each do |lid, material, additions|
        next if library.fetch(method).parts && lid == "dough"

        request = basic_request(method: method, vessel: { "lid" => lid, "material" => material },
                                additions: additions)
        expect(shown(request, other)).to eq(shown(request, library)), "#{method}, #{lid}, #{material}"
      end
    end
  end

  it "stand where the step is, not at the end" do
    shown = shown(basic_request(method: "broth-under-rice", additions: company), library)
    kinds = FondKettle::Methods::Planner.plan(request_for(basic_request(method: "broth-under-rice",
                                                                        additions: company)))
                                        .tasks.map { |task| task.kind.key }
    at = kinds.zip(shown).group_by(&:first).transform_values { |pairs| pairs.map(&:last).flatten }
    expect(at["fry"]).to include("hot-fat", "poultry")
    expect(at["broth"]).to include("poultry", "fish-done", "boil-through")
    expect(at["rest"]).to include("steam-burn")
    expect(at["boil"]).to include("boil-through")
  end

  it "warn of boiling over at every boil, open or closed, and nowhere else" do
    library.all.each_key do |method|
      plan = plan_for(basic_request(method: method))
      warned = plan.tasks.select { |task| plan.cautions_at(task).map(&:code).include?("boil-over") }
      boiling = plan.tasks.map { |task| task.kind.key }.uniq & %w[boil par-boil]
      expect(warned.map { |task| task.kind.key }.uniq).to match_array(boiling), method
      expect(boiling.empty?).to eq(plan.load.steamed?), method
    end
  end

  it "are never dropped: what fits no kind stands at the first step at which it holds" do
    caution = FondKettle::Care::Caution.new(code: "x", needs: ["in:moon"], at: ["shape"], say: "x",
                                            short: "x", only: false, core_c: nil)
    tasks = [[], ["in:moon"], ["in:moon"]].each_with_index.map do |facts, index|
      FondKettle::Care::Task.new(slot: FondKettle::Clock::Slot.of("t#{index}", 1),
                                 kind: FondKettle::Care::Kinds.fetch("fry"),
                                 key: "k", say: "", cue: "", why: "", hands_on: true, timed_min: 1.0,
                                 list: nil,
                                 heat: nil, watch: [],
                                 amounts: [], lot: nil, core_c: nil, facts: facts)
    end
    expect(caution.places(tasks).map(&:id)).to eq(["t1"])
    expect(caution.places(tasks.take(1))).to eq([])
    expect(caution.with(needs: []).places(tasks).map(&:id)).to eq(["t2"])
    expect(caution.with(only: true).places(tasks)).to eq([])
  end

  it "count food that nobody knows as food that may be raw" do
    plan = supper(dish("200 g dragon | base")).plan
    expect(plan.cautions.keys.map(&:code)).to include("unknown-food")
    expect(plan.tasks.map(&:core_c).compact).to eq([74])
  end

  it "tell a slip in their file" do
    Tempfile.create(["cautions", ".yml"]) do |file|
      file.write("- { code: a, at: [end], say: 'Mind the %{gap}' }\n")
      file.flush
      expect { described_class.load_file(file.path) }.to raise_error(FondKettle::BadCatalogue,
                                                                     /%\{gap\} is not known here/)
    end
  end
end
