# frozen_string_literal: true

# What a meal on the clock costs: placing one dish, four dishes and twenty, planning anew, its page from a
# kept schedule, a drag in Chromium from the pointer's release to the new drawing, and how long it takes
# until a second device has heard of a change.
#   ruby bench/meal.rb
require_relative "../cli/setup"
FondKettle::Cli::Setup.new(File.expand_path("..", __dir__)).testing
require_relative "../spec/support/browser"
require_relative "../spec/support/dishes_at_random"
require_relative "../spec/support/fridays"
require_relative "../lib/fond_kettle/clock/replanning"
require_relative "../app/forms/meals/meal_form"
require_relative "../app/meals/lay"

include FondKettle # rubocop:disable Style/MixinUsage

MOVES = 40
MOVE = <<~JS
  const done = arguments[1];
  const svg = document.querySelector("svg.lanes-wide");
  const bar = svg.querySelector(".bar[data-task='d4/1']").getBoundingClientRect();
  const at = { clientX: bar.x + bar.width / 2, clientY: bar.y + bar.height / 2, bubbles: true, pointerId: 1 };
  svg.setPointerCapture = () => {};
  svg.dispatchEvent(new PointerEvent("pointerdown", at));
  svg.dispatchEvent(new PointerEvent("pointermove", { ...at, clientX: at.clientX + arguments[0] }));
  const began = performance.now();
  new MutationObserver((_, watcher) => { watcher.disconnect(); done(performance.now() - began); })
    .observe(document.getElementById("answer"), { childList: true });
  svg.dispatchEvent(new PointerEvent("pointerup", { ...at, clientX: at.clientX + arguments[0] }));
JS
ASKED = <<~JS
  const done = arguments[0];
  const began = performance.now();
  fetch(location.href).then((answer) => answer.text()).then(() => done(performance.now() - began));
JS
HEARD = <<~JS
  const done = arguments[0];
  const source = new EventSource("/events");
  source.addEventListener("open", () => {
    const began = performance.now();
    const token = document.querySelector("input[name=authenticity_token]").value;
    source.addEventListener("changed", () => { source.close(); done(performance.now() - began); });
    const fields = { authenticity_token: token, task: "d4/1", who: "anybody" };
    fetch(`${window.location.pathname}/move`, { method: "POST", body: new URLSearchParams(fields) });
  });
JS

def ms
  from = Process.clock_gettime(Process::CLOCK_MONOTONIC)
  yield
  (Process.clock_gettime(Process::CLOCK_MONOTONIC) - from) * 1000
end

def told(what, times, wanted)
  sorted = times.sort
  median, most = [50, 95].map { |share| sorted[sorted.size * share / 100] }
  puts format("%-46<what>s median %6.1<median>f ms, 95th %6.1<most>f ms (wanted: %<wanted>s)",
              what: what, median: median, most: most, wanted: wanted)
end

def placing(dishes, cooks, wanted)
  meals = (0...12).map { |seed| Support::DishesAtRandom.meal(seed + 300, dishes, cooks) }
  times = meals.filter_map do |meal|
    ms { Clock::Placement.place(meal) }
  rescue InvalidInput
    nil
  end
  told("#{dishes} dishes, #{cooks} cooks, placed", times, wanted) if times.any?
end

def anew
  times = (0...30).filter_map do |seed|
    meal = Support::DishesAtRandom.meal(seed, 4, 2)
    starts = Clock::Placement.place(meal).starts
    now = starts.values.max / 2
    begun = meal.slots.select { |slot| starts[slot.id] > now }.to_h do |slot|
      [slot.id, Clock::Begun.new(start_min: starts[slot.id], end_min: starts[slot.id] - slot.minutes)]
    end
    lost = meal.with(away: [Clock::Away.new(uses: { "burner" => 1 }, from_min: now, to_min: 0)])
    ms { Clock::Replanning.of(lost, starts, now_min: now - 4, begun: begun) }
  rescue InvalidInput
    nil
  end
  told("four dishes, late, a ring less, anew", times, "300")
end

# Lays the demo's Friday in the browser's household and answers its address.
def lay(household)
  laid = Object.new.extend(Support::Fridays)
  laid.define_singleton_method(:household) { household }
  fields = laid.friday
  form = Forms::MealForm.new(fields, household, Time.now)
  id, = App::LayMeal.new(household, Time.now).call(form)
  "/clock/#{id}"
end

placing(1, 1, "20")
placing(4, 2, "300")
placing(9, 2, "600")
anew
Dir.mktmpdir do |folder|
  Support::Browser.serve(folder, empty: false) do
    household = Store::Household.new(folder, demo: true)
    path = lay(household)
    household.close
    page = Capybara.current_session
    page.visit path
    told("the Clock page, asked by a browser", Array.new(30) { page.evaluate_async_script(ASKED) }, "60")
    drags = Array.new(MOVES) { |index| page.evaluate_async_script(MOVE, index.even? ? -20 : 20) }
    told("a drag to its new drawing", drags, "150")
    told("a change told to a second device", Array.new(10) { page.evaluate_async_script(HEARD) }, "300")
  end
end
