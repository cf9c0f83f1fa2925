# frozen_string_literal: true

require_relative "../../lib/fond_kettle/log/outcome"

module Support
  # The writes of a kitchen that is used, as KilledWork.
  module KilledWrites
    NOW = Time.utc(2026, 11, 2, 18, 0)
    OUTCOME = FondKettle::Log::Outcome.of(grain: "firm", wetness: "right", floor: "clean", note: "")

    private

    # One that writes to the open kitchen, as an act that can be taken back.
    def write(name, &doing)
      work("write: #{name}") do |folder|
        opened = started(folder)
        opened.journal.act(name, kind: "change", path: "/", now: NOW) { doing.call(opened) }
      end
    end

    def writes
      [write("add a pot") { |one| one.shelf(:pots).add(one.shelf(:pots).all[0].except(:id)) },
       write("change a cup") { |one| one.shelf(:cups).change(one.shelf(:cups).all[0][:id], 0, ml: 222.0) },
       write("remove a pot") { |one| one.shelf(:pots).remove(4, 0, NOW) },
       write("change a dish") { |one| one.dishes.change(3, 0, note: "Less lemon") },
       write("judge a pot") { |one| one.cooks.judge(2, OUTCOME, 0, teaches: true) },
       write("portions") { |one| one.portions.keep({ "main" => 90.0, "side" => 66.0 }) },
       write("a box is taken out") { |one| one.kept.take(1, 0, 1, NOW) },
       write("a component") { |one| one.components.throw_away(1, 0) },
       write("a method") { |one| one.put_method("ours", nil) },
       *tapping]
    end

    # What has a way back of its own.
    def tapping
      [work("write: start a pot") { |folder| start(started(folder)) },
       work("write: tap at the stove", method(:at_stove)) { |folder| tap_once(started(folder)) },
       work("write: a pot is done", method(:at_stove)) do |folder|
         one = started(folder)
         one.finish(on_the_stove(one)[:id], NOW + 3600)
       end,
       work("write: take back") { |folder| started(folder).journal.take_back(1, NOW) }]
    end

    def at_stove(folder)
      demo(folder)
      household(folder) { |one| start(one) }
    end

    def start(one)
      plan = one.cooks.find(1)[:plan]
      one.cooks.start(title: "Again", grain: "basmati", pot_id: 1, address: "", plan: plan, now: NOW)
    end

    def on_the_stove(one)
      one.cooks.find(one.cooks.on_the_stove.first[:id])
    end

    def tap_once(one)
      cook = on_the_stove(one)
      from, to = cook[:plan][:tasks].first(2).map { |task| task[:id] }
      one.cooks.move(cook[:id], from, to, NOW + 60)
    end
  end
end
