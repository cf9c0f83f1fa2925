# frozen_string_literal: true

require_relative "../../support/suppers"

RSpec.describe FondKettle::Methods::Tasks do
  include Support::Suppers

  library = FondKettle::Methods::Library.ours.all

  def at(plan, id)
    -plan.placed.starts.fetch(id)
  end

  library.each_key do |method|
    it "runs tasks beside each other, hands and rings in one place, the rice washed when it is wanted: " \
       "#{method}" do
      plan = plan_for(basic_request(method: method, base: { "onion" => "gold" }))
      { "cook" => 1, "burner" => 2, "oven" => 1 }.each do |resource, most|
        spans = plan.tasks.select { |task| task.slot.uses.key?(resource) }
                    .map { |task| at(plan, task.id)...(at(plan, task.id) + task.minutes) }
        at_once = spans.map { |span| spans.count { |other| other.cover?(span.begin) } }
        expect(at_once.max.to_i).to be <= most
      end
      wash = plan.tasks.select { |task| task.id.start_with?("wash.") }
      fill = plan.tasks.find { |task| task.id.start_with?("fill.") }
      waits = wash.map { |task| at(plan, fill.id) - at(plan, task.id) - task.minutes }.min
      expect(waits).to(be <= 20) if wash.any?
      expect(plan.total_min).to be <= plan.tasks.sum(&:minutes)
    end
  end

  it "soaks while the base cooks" do
    plan = plan_for(basic_request(method: "broth-under-rice"))
    soak, simmer = %w[wash.soak base.cook.broth].map { |id| plan.tasks.find { |task| task.id == id } }
    expect(at(plan, soak.id)).to be > at(plan, simmer.id)
    expect(plan.total_min).to be <= plan.tasks.sum(&:minutes) - 30
  end

  it "stirs after the boil, wherever the boil stands" do
    text = "key: warm-first\nlike: covered-pot\nname: Warm first\nstages:\n  " \
           "- { key: warm, kind: warm, heat: low, minutes: 5, say: a, cue: b, why: c }\n  " \
           "- { key: up, kind: boil, heat: high, until: boil, say: a, cue: b, why: c }\n  " \
           "- { key: down, kind: low, heat: low, minutes: ready, say: a, cue: b, why: c }\n"
    texts = FondKettle::Methods::Library.ours.texts.merge("warm-first.yml" => text)
    own = FondKettle::Methods::Library.new(texts)
    asked = basic_request(method: "warm-first", stir: "at-boil")
    plan = plan_for(asked, own)
    expect(plan.tasks.map { |task| task.kind.key }.last(5)).to eq(%w[warm boil stir low fluff])
    expect(plan.stages.map(&:stirred)).to eq([false, false, true])
    expect(plan.run.stirred_at).to be_positive
  end

  # Grams by name of what is eaten of a plan's tasks.
  def eaten(plan)
    plan.tasks.flat_map(&:amounts).reject(&:poured_off).group_by(&:what)
        .transform_values { |amounts| amounts.sum(&:g) }
  end

  it "puts rice, liquid and all else in one task each, and every id is its own" do
    library.each_key do |method|
      plan = plan_for(basic_request(method: method, additions: [{ "ingredient" => "tomato", "g" => 150 }]))
      poured_g = plan.ledger&.start_g || plan.phases.sum(&:liquid_g)
      poured_g -= plan.phases.sum { |one| one.balance.drained_g }
      expect(eaten(plan)).to include("Basmati" => 300.0, "Tomato" => 150.0,
                                     "Water" => be_within(1e-6).of(poured_g))
      expect(plan.tasks.map(&:id).uniq.size).to eq(plan.tasks.size)
    end
  end

  it "says in words what is there already, and puts nothing in twice" do
    library.each_key do |method|
      plan = plan_for(basic_request(method: method))
      told = plan.tasks.flat_map(&:amounts).filter_map(&:told)
      pours = plan.load.steamed? ? plan.stages.count(&:sprinkle) : 1
      expect([told.grep(/\d (?:g|L) basmati/).size, told.grep(/\d (?:g|L) water\b(?! below)/).size])
        .to eq([1, pours]), method
      fill = plan.tasks.find { |task| task.id.start_with?("fill.") }
      toasted = plan.tasks.any? { |task| task.kind.key == "toast" }
      expect(fill.say.match?(/(?:put|lay|stir|spread) the rice|of the rice \(/i)).to eq(!toasted), method
    end
  end

  it "lifts out what only gives its scent, just before the boil, and nothing where there is none" do
    say = lambda { |*additions|
      plan_for(basic_request(additions: additions)).tasks.find { |task| task.kind.key == "boil" }.say
    }
    expect(say.call({ "ingredient" => "kelp",
                      "g" => 5 })).to end_with("Lift out the dried kelp just before it boils")
    expect(say.call({ "ingredient" => "tomato", "g" => 50 })).not_to include("Lift out")
  end

  it "leaves out a step of which nothing is there, where it is known what is" do
    kinds = lambda { |*additions|
      plan_for(basic_request(method: "broth-under-rice",
                             additions: additions)).tasks.map(&:key)
    }
    expect(kinds.call).to include("meat", "onion", "roots")
    expect(kinds.call({ "ingredient" => "carrot", "g" => 200 }) & %w[meat onion roots]).to eq(%w[roots])
  end

  it "takes two cooks where the kitchen has them" do
    one, two = [1, 2].map do |hands|
      plan_for(basic_request(method: "oven-pilaf", soak: { "minutes" => 0 }, rinse: { "changes" => 4 },
                             hands: hands))
    end
    expect(two.total_min).to be <= one.total_min
  end

  it "answers a dish of a hundred steps in good time, each step once" do
    steps = Array.new(100) { |index| "Step #{index} | #{index % 7} min" }.join("\n")
    plan = supper(dish("2 onions | base", steps: steps)).plan
    expect(plan.tasks.count { |task| task.id.start_with?("base.") }).to eq(100)
    expect(plan.tasks.map(&:say).grep(/Step/)).to eq(Array.new(100) { |index| "Step #{index}" })
  end
end
