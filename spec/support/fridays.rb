# frozen_string_literal: true

require_relative "meals"

module Support
  # The demo household's Friday for nine: five dishes, two cooks.
  module Fridays
    BESIDE = "Salad: Cut the cucumbers and herbs | cut | 10 min\nSalad: Dress it | mix | 2 min\n" \
             "Yoghurt: Stir mint into the yoghurt | mix | 4 min"
    TITLES = ["Leek and dill oven pilaf", "Carrots, chickpeas and preserved lemon under rice",
              "Scattered bowl with omelette and cucumber"].freeze

    # What the form of a meal sends.
    def friday(**changes)
      ids = household.dishes.all.select { |dish| TITLES.include?(dish[:title]) }.map { |dish| dish[:id].to_s }
      { "who" => household.values(:eaters).map { |eater| eater.id.to_s }, "guests" => "4", "dish" => ids,
        "day" => (Time.now + 86_400).strftime("%Y-%m-%d"), "serve" => "19:00", "beside" => BESIDE,
        "cooks" => "Orsolya, Teodor", "quiet" => "yes" }.merge(changes.transform_keys(&:to_s))
    end

    # The id of a meal that was just laid.
    def laid(**changes)
      send_form "/clock", friday(**changes)
      last_response.headers["location"][/\d+\z/].to_i
    end

    # The kitchen's clock stands so many minutes before a meal is eaten.
    def stand_at(id, before_min)
      self.now = household.meals.find(id)[:meal].serve_at - (before_min * 60)
    end

    # Taps ([task, what, minutes before serving] each), as a script hands them over.
    def tap_all(id, taps, prefix: "tap")
      serve_at = household.meals.find(id)[:meal].serve_at
      told = taps.each_with_index.map do |(task, what, before_min), index|
        { key: format("%<prefix>s-%<index>06d", prefix: prefix, index: index), task: task, what: what,
          at: ((serve_at - (before_min * 60)).to_f * 1000).round }
      end
      send_form "/meal/#{id}/taps", "taps" => JSON.generate(taps: told)
    end
  end
end
