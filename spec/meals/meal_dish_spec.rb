# frozen_string_literal: true

RSpec.describe FondKettle::Meals::MealDish do
  # Boil, something by hand, low: which may wait five minutes for it.
  def dish(pots)
    tasks = [{ id: "boil", kind: "boil", heat: "high", minutes: 6, hands_on: true, uses: {}, after: [] },
             { id: "stir", kind: "fill", minutes: 5, hands_on: true, uses: {},
               after: [{ task: "boil", gap: [0, 0] }] },
             { id: "low", kind: "low", heat: "low", minutes: 12, hands_on: false, uses: {},
               after: [{ task: "boil", gap: [0, 5] }, { task: "stir", gap: [0, nil] }] }]
    described_class.new(key: "d1", title: "Dish", plan: { batches: pots, tasks: tasks, ends: [] },
                        cook_ids: [])
  end

  def bounds(pots)
    low = dish(pots).tasks.last.slot
    low.after.select { |after| after.task == "d1/boil" }.map { |after| [after.least, after.most] }
  end

  it "lets what waits in one of several pots wait until the others are done by hand, too" do
    expect([1, 2, 3].map { |pots| bounds(pots) }).to eq([[[0, 5]], [[0, 10]], [[0, 15]]])
    expect([1, 2].map { |pots| dish(pots).tasks.map(&:minutes) }).to eq([[6, 5, 12], [6, 10, 12]])
  end

  it "knows rounds in one pot from equal pots by their tasks, and which of them a task is of" do
    one = dish(2)
    again = one.plan[:tasks].map { |task| task.merge(id: "#{task[:id]}.round-2") }
    plan = one.plan.merge(tasks: one.plan[:tasks] + again, rice: { g: 400.0 })
    rounds = one.with(plan: plan, cook_ids: [7, 9])
    expect([rounds.pots, rounds.rice_g, rounds.tasks.map(&:minutes)]).to eq([1, 800.0, [6, 5, 12] * 2])
    expect(rounds.tasks.map { |task| rounds.cook_id(task) }).to eq([7, 7, 7, 9, 9, 9])
    expect([one.pots, one.with(cook_ids: [7, 9]).cook_id(one.tasks.last)]).to eq([2, 7])
  end
end
