# frozen_string_literal: true

require "icalendar"
require "ri_cal"
require_relative "../support/evenings"

RSpec.describe "A meal given away" do
  include Support::Evenings

  formats = FondKettle::Formats
  let(:meal) { evening }
  let(:schedule) { FondKettle::Meals::Scheduling.of(meal) }

  it "is a calendar that a second reader understands, under ids that stay" do
    text = formats::MealCalendar.call(meal, schedule, id: "meal-7", now: Support::Evenings::SERVE)
    events = RiCal.parse_string(text).first.events
    expect(events.size).to eq(meal.tasks.size + 1)
    first = events.min_by(&:dtstart)
    expect(first.dtstart.to_time.to_i).to eq(meal.at(schedule.span_min).to_i)
    expect(events.map(&:uid)).to eq(events.map(&:uid).uniq)
    again = formats::MealCalendar.call(meal, schedule, id: "meal-7", now: Support::Evenings::SERVE + 99)
    expect(RiCal.parse_string(again).first.events.map(&:uid)).to eq(events.map(&:uid))
    expect(Icalendar::Calendar.parse(text).first.events.map(&:summary)).to include("On the table: Friday")
  end

  it "is a request that the clock takes as it is, and comes back with nothing lost" do
    json = JSON.parse(JSON.generate(formats::MealJson.call(meal, schedule)))
    answer = formats::ClockReader.new(json).answer
    expect(answer[:span_minutes]).to be_between(answer[:lower_bound_minutes], schedule.span_min)
    back = formats::MealReader.new(json).meal
    said = lambda { |one|
      one.dishes.map do |dish|
        [dish.title, dish.plan[:tasks].map do |task|
          task.values_at(:say, :minutes, :puts_in, :cautions)
        end]
      end
    }
    expect(said.call(back)).to eq(said.call(meal))
    expect([back.serve_at, back.cooks, back.rings]).to eq([meal.serve_at, meal.cooks, meal.rings])
    expect(faults(back, FondKettle::Meals::Scheduling.of(back))).to eq([])
    expect(back.dishes.flat_map { |dish| dish.plan[:cautions] }.uniq.map { |one| one[:code] })
      .to match_array(meal.dishes.flat_map { |dish| dish.plan[:cautions] }.map { |one| one[:code] }.uniq)
  end

  it "refuses, with its field, what cannot be a meal" do
    json = JSON.parse(JSON.generate(formats::MealJson.call(meal, schedule)))
    broken = { "tasks.0.kind" => ->(data) { data["tasks"][0]["kind"] = "juggle" },
               "resources.cook" => ->(data) { data["resources"]["cook"] = 9 },
               "pins.nope" => ->(data) { data["pins"] = { "nope" => 4 } },
               "tasks.0.minutes" => ->(data) { data["tasks"][0]["minutes"] = "long" },
               "serve_at" => ->(data) { data["serve_at"] = "soon" } }
    broken.each do |field, change|
      data = JSON.parse(JSON.generate(json))
      change.call(data)
      expect { formats::MealReader.new(data).meal }
        .to raise_error(FondKettle::InvalidInput) { |error| expect(error.problems.map { |one| one[:field] }).to include(field) }
    end
  end
end
