# frozen_string_literal: true

require "prop_check"

module Support
  # Requests and plans as the contract writes them, and kitchens at random.
  module Kitchen
    Generators = PropCheck::Generators
    RUNS = 60
    LIDS = %w[dough foil tight cooker ordinary loose none].freeze

    def basic_request(**changes)
      { "grain" => "basmati", "method" => "covered-pot", "rice" => { "amount" => 300, "unit" => "g" } }
        .merge(changes.transform_keys(&:to_s))
    end

    def request_for(data, library = FondKettle::Methods::Library.ours)
      FondKettle::Formats::RequestReader.new(data, library: library).request
    end

    # The `library` knows more methods than ours.
    def plan_for(data, library = FondKettle::Methods::Library.ours)
      FondKettle::Methods::Planner.plan(request_for(data, library))
    end

    def try_with(data, liquid_g, **options)
      FondKettle::Methods::Trying.run(request_for(data), liquid_g, **options)
    end

    # Keys of the methods of plain rice that takes all its water.
    def steamed_methods
      FondKettle::Methods::Library.ours.all.values.select { |one| one.family == "steamed" && one.parts.nil? }
                                  .map(&:key)
    end

    # Yields RUNS kitchens at random, each a request.
    def for_any_kitchen(&)
      PropCheck.forall(kitchens).with_config(n_runs: RUNS, max_shrink_steps: 200).check(&)
    end

    # The same where both its soak and one `more_min` longer are at one temperature: what would stand in
    # warm water for more than four hours stands in the refrigerator.
    def self.soaked_alike(kitchen, more_min)
      soak = kitchen["soak"]
      soak["minutes"] + more_min > 240 ? kitchen.merge("soak" => soak.merge("water_c" => 5)) : kitchen
    end

    # The address of a kitchen is seven numbers; each picks from its own range.
    def kitchens
      Generators.tuple(*Array.new(7) { Generators.choose(0..9999) }).map { |numbers| kitchen(*numbers) }
    end

    private

    def kitchen(grain, rice, texture, wash, pot, lid, height)
      grains = FondKettle::Larder::Grains.all.keys
      drains = %w[quick shaken long air-dried cooked-in]
      basic_request(
        grain: grains[grain % grains.size], method: steamed_methods[grain.digits.sum % steamed_methods.size],
        rice: { "amount" => 60 + (rice % 840), "unit" => "g" }, texture: (texture % 21 / 10.0) - 1,
        rinse: { "changes" => 1 + (wash % 4) }, drain: drains[wash % drains.size],
        soak: { "minutes" => [0, 10, 30, 60, 240][wash.digits.sum % 5], "water_c" => 5 + (wash % 56) },
        vessel: { "diameter_mm" => 140 + (pot % 180), "height_mm" => 80 + (pot % 120),
                  "lid" => LIDS[lid % LIDS.size],
                  "kg" => 0.5 + (pot % 35 / 10.0) },
        burner: { "source" => "gas", "high_w" => 500 + (lid % 2000) }, altitude_m: height % 3500
      )
    end
  end
end
