# frozen_string_literal: true

require_relative "../support/meals"

# Of the shortest schedules the calmest: that in which tasks with hands could start later, ten minutes of each
# at the most.
RSpec.describe FondKettle::Clock::Calm do
  clock = FondKettle::Clock
  hands = { "cook" => 1 }.freeze
  slot = clock::Slot
  after = ->(task, least, most) { clock::After.new(task: task, least: least, most: most) }

  def problem(seed)
    slots = Support::Meals.meal(seed, 6 + (seed % 9))
    FondKettle::Clock::Problem.of(slots, resources: Support::Meals::RESOURCES.merge("cook" => 1 + (seed % 2)))
  end

  # The number by moving each task later minute by minute, judged by the checker of the definitions.
  def slack_min(problem, starts)
    problem.slots.select { |one| one.uses.key?("cook") }.sum do |one|
      (1..10).take_while do |later|
        moved = starts.merge(one.id => starts[one.id] - later)
        Support::Meals.faults(problem.slots, problem.ends, problem.resources, moved).empty?
      end.size
    end
  end

  def worked_out(problem, starts)
    network = FondKettle::Clock::Network.new(problem)
    crowds = FondKettle::Clock::Crowds.new(problem, network)
    slack = FondKettle::Clock::Slack.new(network, crowds, FondKettle::Clock::Worths.hands(problem.slots))
    slack.sum_min(starts.values_at(*network.place.keys))
  end

  it "is judged by a number that moving each task later, minute by minute, confirms" do
    found = (1..40).map do |seed|
      made = problem(seed)
      placed = FondKettle::Clock::Placement.place(made)
      [worked_out(made, placed.starts), slack_min(made, placed.starts)]
    end
    expect(found.map(&:first)).to eq(found.map(&:last))
    expect(found.sum(&:first)).to be > 100
  end

  it "is never longer than as late as can be, never less calm, and keeps every bound" do
    (1..40).each do |seed|
      made = problem(seed)
      late = FondKettle::Clock::Placement.shortest(made, effort: 400)
      calm = FondKettle::Clock::Placement.place(made)
      expect(calm.span_min).to be <= late.span_min
      expect(Support::Meals.faults(made.slots, made.ends, made.resources, calm.starts)).to eq([])
      next if calm.span_min < late.span_min

      expect(slack_min(made, calm.starts)).to be >= slack_min(made, late.starts)
    end
  end

  it "has idle hands cut the salad ten minutes sooner, and no sooner, while the rice soaks" do
    filled = [after.call("soak", 0, 0), after.call("cut", 0, 120)]
    slots = [slot.of("rinse", 3, uses: hands), slot.of("soak", 60, after: [after.call("rinse", 0, 0)]),
             slot.of("cut", 5, uses: hands), slot.of("fill", 1, uses: hands, after: filled)]
    placed = clock::Placement.place(clock::Problem.of(slots, resources: { "cook" => 1 }))
    expect(placed.starts).to eq("rinse" => 64, "soak" => 61, "cut" => 16, "fill" => 1)
  end

  it "lets nothing wait longer than it may for the sake of calm" do
    slots = [slot.of("boil", 20, uses: {}), slot.of("fry", 5, uses: hands),
             slot.of("serve", 1, uses: hands, after: [after.call("boil", 0, 0), after.call("fry", 0, 2)])]
    placed = clock::Placement.place(clock::Problem.of(slots, resources: { "cook" => 1 }))
    expect(placed.starts).to eq("boil" => 21, "fry" => 8, "serve" => 1)
  end
end
