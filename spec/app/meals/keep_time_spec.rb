# frozen_string_literal: true

require_relative "../../../app/meals/keep_time"
require_relative "../../../app/meals/lay"
require_relative "../../support/evenings"
require_relative "../../support/open_kitchen"

RSpec.describe FondKettle::App::KeepTime do
  include Support::Evenings
  include Support::OpenKitchen

  before do
    @id, = FondKettle::App::LayMeal.new(@household, Support::Evenings::SERVE - 86_400).given_away(evening)
    FondKettle::App::CookMeal.new(@household, at(first)).begin(@id)
  end

  def record
    @household.meals.find(@id)
  end

  def standing
    @household.meals.standing(record)
  end

  def first
    standing.tasks.first
  end

  # The Time at which a task starts by the schedule, and so many minutes.
  def at(task, later_min = 0)
    standing.starts_at(task) + (later_min * 60)
  end

  def begun(task, time)
    tap = FondKettle::Meals::Tap.new(task: task.id, what: "begun", at: time)
    FondKettle::App::CookMeal.new(@household, time).tell(record, [["#{task.id} begun", tap]])
  end

  it "puts a meal off that is behind, and finds back what is made up for" do
    planned, version = record.values_at(:planned, :lock_version)
    time = at(first, -1)
    late = at(first, 40)
    begun(first, late)
    described_class.new(@household, late).call(@id)
    expect(record[:meal].late_min).to be_between(1, 40)
    expect(standing.late_min(late)).to eq(0)
    expect(record.values_at(:planned, :lock_version)).to match([planned, be > version])
    over = FondKettle::Meals::Tap.new(task: first.id, what: "not-begun", at: late + 1)
    FondKettle::App::CookMeal.new(@household, late + 1).tell(record, [["back", over]])
    described_class.new(@household, time).call(@id)
    expect(record[:meal].late_min).to eq(0)
  end

  it "leaves a meal alone that is on time, one that nobody has begun, and one that is over" do
    time = at(first, 1)
    begun(first, time)
    expect { described_class.new(@household, time).call(@id) }.not_to(change { record })
    waiting, = FondKettle::App::LayMeal.new(@household, time).given_away(evening(title: "Later"))
    expect { described_class.new(@household, time + 9000).call(waiting) }
      .not_to(change { @household.meals.find(waiting) })
    FondKettle::App::CookMeal.new(@household, time).end(record)
    expect { described_class.new(@household, time + 9000).call(@id) }.not_to(change { record })
    expect { described_class.new(@household, time).call(0) }.to raise_error(FondKettle::NotFound)
  end

  it "gives way to whoever changed the meal meanwhile" do
    late = at(first, 20)
    begun(first, late)
    allow(@household.meals).to receive(:change).and_raise(FondKettle::Conflict)
    expect(described_class.new(@household, late).call(@id)).to be_nil
  end
end
