# frozen_string_literal: true

require "nokogiri"
require_relative "../support/fridays"
require_relative "../support/served_kitchen"

RSpec.describe "A meal at the stove" do
  include Support::ServedKitchen
  include Support::Fridays

  def begun
    id = laid
    stand_at(id, household.meals.find(id)[:schedule].span_min)
    send_form "/clock/#{id}/begin"
    id
  end

  def order(id)
    record = household.meals.find(id)
    record[:meal].tasks.sort_by { |task| -record[:schedule].starts.fetch(task.id) }
  end

  it "puts every pot on the stove, and each cook's first task on top" do
    id = begun
    get "/meal/#{id}?who=0"
    first = order(id).first
    expect(page.at_css(".meal-card.is-first h2").text).to eq(first.say)
    expect(page.css(".meal-card").size).to eq(order(id).size)
    expect(household.cooks.on_the_stove.size).to eq(3)
  end

  it "says on the cards of a pot when its weight would tell most, and that pot takes it" do
    id = begun
    get "/meal/#{id}?who=all"
    cards = page.css(".meal-card").to_a
    filled = cards.select { |card| card.text.include?("If you have a scale: weigh it filled.") }
    again = cards.select { |card| card.text.include?("Weigh it again, still shut") }
    expect(filled.map { |card| card.at_css("h2").text }).to all(match(/\A(Put|Pour) /))
    marks = [filled, again].map { |some| some.map { |card| card.at_css(".mark").text } }
    expect(marks.first).to match_array(marks.last)
    expect(filled.size).to be_between(1, 3)
    pot = filled.first.at_css("a")["href"]
    record = household.cooks.find(pot[/\d+/].to_i)
    expect(record[:plan][:worth].map { |one| one[:kind] }).to include("weight")
    fill = record[:plan][:tasks].index { |task| task[:stage] } - 1
    send_form "#{pot}/begin"
    send_form "#{pot}/task", "from" => record[:plan][:tasks][0][:id], "to" => record[:plan][:tasks][fill][:id]
    send_form "#{pot}/weighed", "weight" => "1912"
    expect(household.cooks.find(record[:id])[:events].map(&:kind)).to include("weighed-before")
  end

  it "leads from each pot back to the meal, and a pot that is tapped itself counts in the meal" do
    id = begun
    pot = household.meals.find(id)[:meal].dish("d3").cook_ids.first
    get "/stove/#{pot}"
    day = household.meals.find(id)[:meal].serve_at.strftime("%A")
    expect(page.at_css("a[href='/meal/#{id}']").text).to include("#{day} for 9")
    send_form "/stove/#{pot}/begin"
    standing = household.meals.standing(household.meals.find(id))
    first = order(id).find { |task| task.dish == "d3" }
    expect(standing.going?(standing.tasks.find { |task| task.id == first.id })).to be(true)
  end

  it "tells a pot that is followed by itself what is next and when it is wanted, as the meal has it" do
    id = begun
    record = household.meals.find(id)
    dish = record[:meal].dish("d3")
    first, second = order(id).select { |task| task.dish == "d3" }
    starts_min = record[:schedule].starts.values_at(first.id, second.id)
    stand_at(id, starts_min.first)
    send_form "/stove/#{dish.cook_ids.first}/begin"
    get "/stove/#{dish.cook_ids.first}"
    at = record[:meal].at(starts_min.last).strftime("%H:%M")
    expect(page.at_css(".stove-next").text).to include("#{at}, in ", second.say)
    last = order(id).select { |task| task.dish == "d3" }.last
    ready = record[:meal].at(record[:schedule].over_min(last)).strftime("%H:%M")
    expect(page.at_css(".clock-ready").text).to eq("ready at #{ready}")
  end

  it "takes the taps of a device that was away, each once, and moves the pots with them" do
    id = begun
    starts = household.meals.find(id)[:schedule].starts
    mine = order(id).select { |task| task.dish == "d3" }.first(3)
    taps = mine.map { |task| [task.id, "begun", starts[task.id]] }
    stand_at(id, starts[mine.last.id] - 2)
    2.times { tap_all(id, taps) }
    standing = household.meals.standing(household.meals.find(id))
    expect(mine.map { |task| standing.begun_at(task).to_i }).to eq(taps.map { |_, _, min|
      household.meals.find(id)[:meal].at(min).to_i
    })
    pot = household.cooks.find(household.meals.find(id)[:meal].dish("d3").cook_ids.first)
    stands = FondKettle::Stove::Cook.new(pot[:plan], pot[:events]).task[:id]
    expect("d3/#{stands}").to eq(mine.last.id)
    expect(pot[:events].count { |event| event.kind == "task" }).to eq(3)
  end

  # The household's steel pot, the only one that is left.
  def only_steel
    steel = household.shelf(:pots).all.find { |pot| pot[:name] == "Steel pot" }
    household.shelf(:pots).all.each do |pot|
      household.shelf(:pots).remove(pot[:id], pot[:lock_version], Time.now) unless pot[:id] == steel[:id]
    end
    steel
  end

  it "cooks what is too much for the only pot in rounds, each a pot at the stove with its own steps" do
    only_steel
    id = laid(dish: ["plain-basmati"], guests: "14", beside: "")
    send_form "/clock/#{id}/begin"
    meal = household.meals.find(id)[:meal]
    dish = meal.dishes.first
    lows = meal.tasks.select { |task| task.kind.key == "low" }
    expect([dish.cook_ids.size, dish.pots, lows.map { |task| task.slot.uses }])
      .to eq([2, 1, [{ "burner" => 1 }] * 2])
    starts = household.meals.find(id)[:schedule].starts
    expect(starts[lows.first.id] - starts[lows.last.id]).to be > lows.first.minutes
    expect(lows.map { |task| dish.cook_id(task) }).to eq(dish.cook_ids)
    tap_all(id, [[lows.last.id, "begun", 30]])
    stood = dish.cook_ids.map { |pot| household.cooks.find(pot)[:events].last&.what }
    expect(stood).to eq([nil, dish.own_id(lows.last.id)])
    get "/clock/#{id}/print"
    expect(page.text).to include("Round 2: 705 g basmati")
  end

  it "cooks what is too much for one pot in two equal ones, side by side" do
    steel = only_steel
    household.shelf(:pots).add(steel.except(:id, :lock_version))
    id = laid(dish: ["plain-basmati"], guests: "14", beside: "")
    send_form "/clock/#{id}/begin"
    meal = household.meals.find(id)[:meal]
    low = meal.tasks.find { |task| task.kind.key == "low" }
    expect([meal.dishes.first.cook_ids.size, low.slot.uses]).to eq([2, { "burner" => 2 }])
    tap_all(id, [[low.id, "begun", 30]])
    stood = meal.dishes.first.cook_ids.map { |pot| household.cooks.find(pot) }
    expect(stood.map do |pot|
      FondKettle::Stove::Cook.new(pot[:plan], pot[:events]).task[:kind]
    end).to eq(%w[low low])
  end

  it "takes the last tap back, with the pot" do
    id = begun
    first, second = order(id).select { |task| task.dish == "d3" }
    at = household.meals.find(id)[:schedule].span_min
    tap_all(id, [[first.id, "begun", at]], prefix: "one")
    self.now = @now + 4
    tap_all(id, [[second.id, "begun", at]], prefix: "two")
    self.now = @now + 4
    tap_all(id, [[second.id, "not-begun", at]], prefix: "back")
    standing = household.meals.standing(household.meals.find(id))
    expect([standing.begun?(second), standing.going?(first)]).to eq([false, true])
  end

  it "takes the first tap of all back, and the pot waits again" do
    id = begun
    first = order(id).find { |task| task.dish == "d3" }
    at = household.meals.find(id)[:schedule].span_min
    tap_all(id, [[first.id, "begun", at]], prefix: "one")
    self.now = @now + 4
    tap_all(id, [[first.id, "not-begun", at]], prefix: "back")
    standing = household.meals.standing(household.meals.find(id))
    pot = household.cooks.find(household.meals.find(id)[:meal].dish("d3").cook_ids.first)
    expect([standing.begun?(standing.tasks.find do |task|
      task.id == first.id
    end), pot[:events]]).to eq([false, []])
  end

  it "leaves the pots alone where a device took back what it handed over with it" do
    id = begun
    first, second = order(id).select { |task| task.dish == "d3" }
    at = household.meals.find(id)[:schedule].span_min
    tap_all(id, [[first.id, "begun", at], [second.id, "begun", at - 1], [second.id, "not-begun", at - 1]])
    standing = household.meals.standing(household.meals.find(id))
    expect([standing.going?(first), standing.begun?(second)]).to eq([true, false])
  end

  it "plans anew when something slips, moving nothing that has begun" do
    id = begun
    before = household.meals.find(id)
    starts = before[:schedule].starts
    half = before[:schedule].span_min / 2
    done = order(id).select { |task| starts[task.id] > half }
    stand_at(id, half)
    tap_all(id, done.map { |task| [task.id, "begun", starts[task.id]] })
    [{ "slip" => "guest", "minutes" => "15" }, { "slip" => "ring" }, { "slip" => "behind" },
     { "slip" => "longer", "task" => done.last.id, "minutes" => "6" },
     { "slip" => "cook", "cook" => "1" }].each do |fields|
      was = household.meals.find(id)[:meal].serve_at
      send_form "/meal/#{id}/slip", fields
      expect([fields, last_response.status]).to eq([fields, 303])
      record = household.meals.find(id)
      standing = household.meals.standing(record)
      expect(done.map { |task| standing.begun_at(standing.tasks.find { |one| one.id == task.id }) })
        .to eq(done.map { |task| before[:meal].at(starts[task.id]) })
      left = record[:meal].tasks.reject do |task|
        standing.begun?(standing.tasks.find do |one|
          one.id == task.id
        end)
      end
      expect(left.map do |task|
        record[:meal].at(record[:schedule].starts[task.id])
      end).to all(be >= before[:meal].at(half))
      expect(record[:meal].serve_at).to be >= was
    end
    expect(household.meals.find(id)[:meal].serve_at).to be >= before[:meal].serve_at + (15 * 60)
  end

  it "refuses a slip that cannot be, in words" do
    id = begun
    [{ "slip" => "guest", "minutes" => "x" }, { "slip" => "guest" },
     { "slip" => "longer", "minutes" => "5", "task" => "no" },
     { "slip" => "cook", "cook" => "7" }, { "slip" => "flood" }, {}].each do |fields|
      send_form "/meal/#{id}/slip", fields
      expect([fields, last_response.status, page.css(".problem").size.positive?]).to eq([fields, 422, true])
    end
  end

  it "refuses taps that are none, changing nothing" do
    id = begun
    stray = { key: "abcdefgh", task: "no", what: "begun", at: 1 }
    ["", "{", "[]", '{"taps":[{"key":"x"}]}', JSON.generate(taps: [stray]), "9" * 70_000,
     JSON.generate(taps: [stray.merge(task: "d4/s1", what: "juggled")])].each do |text|
      send_form "/meal/#{id}/taps", "taps" => text
      expect([text[0, 20], last_response.status]).to eq([text[0, 20], 422])
    end
    expect(household.meals.standing(household.meals.find(id)).begun(Time.now)).to eq({})
  end

  it "goes on where it was after the server has stopped, and ends with its pots in the log" do
    id = begun
    starts = household.meals.find(id)[:schedule].starts
    stand_at(id, 0)
    tap_all(id, order(id).map { |task| [task.id, "begun", starts[task.id]] })
    again = FondKettle::Store::Household.new(File.dirname(household.database.sequel.opts[:database]),
                                             demo: true)
    standing = again.meals.standing(again.meals.find(id))
    expect(standing.tasks).to all(satisfy { |task| standing.begun?(task) })
    again.close
    send_form "/meal/#{id}/end"
    expect(household.cooks.on_the_stove).to eq([])
    expect(household.cooks.finished.first(3).map { |cook| cook[:title] }).to match_array(Support::Fridays::TITLES)
  end

  # The slip told, where the meal is eaten then, and what its page says of that.
  def slip(id, **fields)
    send_form "/meal/#{id}/slip", fields.transform_keys(&:to_s).transform_values(&:to_s)
    expect([fields, last_response.status]).to eq([fields, 303])
    household.meals.find(id)[:meal].serve_at
  end

  it "counts a lost ring once, however often it is planned anew, and takes it back when the ring is back" do
    id = begun
    wanted = household.meals.find(id)[:meal].serve_at
    slip(id, slip: "ring")
    without = slip(id, slip: "behind")
    expect(Array.new(3) { slip(id, slip: "behind") }.uniq).to eq([without])
    get "/meal/#{id}"
    later = ((without - wanted) / 60).round
    expect(page.at_css(".late").text).to include("later than 19:00") if later.positive?
    expect(page.css(".slipped li").map(&:text)).to all(include("A ring is gone since"))
    slip(id, slip: "ring-back")
    expect(household.meals.find(id)[:meal].to_h.values_at(:lost, :serve_at)).to eq([[], wanted])
  end

  it "takes back a cook, guests, what takes longer and a dish that was left out" do
    id = begun
    wanted = household.meals.find(id)[:meal].serve_at
    slip(id, slip: "cook", cook: 1)
    name = household.meals.find(id)[:meal].gone.first
    slip(id, slip: "cook-back", name: name)
    expect(household.meals.find(id)[:meal].cooks).to include(name)
    expect([slip(id, slip: "guest", minutes: "15"),
            slip(id, slip: "guest-back")]).to eq([wanted + 900, wanted])
    task = order(id).last.id
    slip(id, slip: "longer", task: task, minutes: 20)
    slip(id, slip: "longer-back", task: task)
    slip(id, slip: "drop", dish: "d2")
    expect(household.meals.find(id)[:meal].tasks.map(&:dish)).not_to include("d2")
    get "/meal/#{id}"
    expect(page.css(".slipped li").text).to include("is left out")
    slip(id, slip: "make", dish: "d2")
    expect(household.meals.find(id)[:meal].tasks.map(&:dish)).to include("d2")
    %w[drop make ring-back guest-back cook-back longer-back hold-back].each do |kind|
      send_form "/meal/#{id}/slip", "slip" => kind, "dish" => "no", "name" => "no", "task" => "no"
      expect([kind, last_response.status]).to eq([kind, 422])
    end
  end

  it "begins nothing more for ten minutes when it is held, until somebody goes on" do
    id = begun
    first = lambda do
      record = household.meals.find(id)
      record[:meal].at(record[:schedule].starts.values.max)
    end
    stand_at(id, household.meals.find(id)[:schedule].span_min - 5)
    slip(id, slip: "hold")
    expect(first.call).to be >= @now + 600
    get "/meal/#{id}"
    expect(page.css(".slipped li").text).to include("Nothing begins before")
    slip(id, slip: "hold-back")
    expect(first.call).to be_between(@now, @now + 120)
  end

  it "tells a cook who has nothing to do yet, and for how long" do
    id = begun
    first = order(id).find(&:hands_on?)
    cook = household.meals.find(id)[:schedule].hands.fetch(first.id).first
    get "/meal/#{id}?who=#{cook}"
    expect(page.at_css(".meal-cards").previous_element.text).not_to include("Nothing to do")
    stand_at(id, household.meals.find(id)[:schedule].span_min + 45)
    get "/meal/#{id}?who=#{cook}"
    name = household.meals.find(id)[:meal].cooks[cook]
    said = page.at_css(".meal-stove .lead").text
    expect(said).to match(/\ANothing to do for #{name} until \d\d:\d\d, for 45 min\.\z/)
  end

  it "lets anybody who is free take a task, in any order that the food allows" do
    id = begun
    first = order(id).find(&:hands_on?)
    cook = household.meals.find(id)[:schedule].hands.fetch(first.id).first
    other = 1 - cook
    get "/meal/#{id}?who=#{other}"
    form = page.at_css(".card-take:has(input[value='#{first.id}'])")
    expect([form["hidden"], form.at_css("button").text, form.at_css("[name=by]")["value"]])
      .to eq([nil, "Take this", other.to_s])
    send_form "/meal/#{id}/taps?who=#{other}", "task" => first.id, "what" => "begun", "by" => other.to_s
    record = household.meals.find(id)
    expect([record[:schedule].hands.fetch(first.id),
            record[:meal].who.fetch(first.id)]).to eq([[other], other])
    get "/meal/#{id}?who=#{other}"
    expect(page.at_css(".meal-card.is-first h2").text).to eq(first.say)

    closed = page.css(".meal-card[data-state='to-come']").find { |card| card.at_css(".card-take[hidden]") }
    expect(closed.at_css(".card-waits").text).to start_with("after “")
    send_form "/meal/#{id}/taps", "task" => first.id, "what" => "begun", "by" => "7"
    expect(last_response.status).to eq(422)
  end

  it "tells a page from before somebody else planned anew, and changes nothing" do
    id = begun
    planned = household.meals.find(id)[:planned]
    slip(id, slip: "guest", minutes: 10, planned: planned)
    was = household.meals.find(id)[:meal].serve_at
    send_form "/meal/#{id}/slip", "slip" => "guest", "minutes" => "10", "planned" => planned.to_s
    expect([last_response.status,
            page.at_css(".problem").text]).to match([409, /before somebody else planned/])
    expect(household.meals.find(id)[:meal].serve_at).to eq(was)
  end

  it "is planned anew by itself once a tap shows that it is behind, and no open form is out of date by it" do
    id = begun
    standing = household.meals.standing(household.meals.find(id))
    first = standing.tasks.find { |task| !standing.begun?(task) }
    late = standing.starts_at(first) + 3600
    self.now = late
    tap = { key: "late-000001", task: first.id, what: "begun", at: (late.to_f * 1000).round }
    get "/meal/#{id}"
    planned = page.at_css("input[name=planned]")["value"]
    send_form "/meal/#{id}/taps", "taps" => JSON.generate(taps: [tap])
    get "/meal/#{id}"
    expect(page.at_css(".late").text).to match(/(?:1 h 00|\d+ min) later than 19:00/)
    expect(page.at_css("input[name=planned]")["value"]).to eq(planned)
    expect(household.meals.find(id)[:meal].late_min).to be_between(1, 60)
  end
end
