# frozen_string_literal: true

require "digest"
require "json"
require "parallel"
require "zlib"
require_relative "../../lib/fond_kettle"

module Support
  # What the model answers for every method, grain, pot, batch, wash and company:
  # a digest a case, and some cases in full, kept in spec/fixtures/golden.json.gz so
  # that a change of structure can be told from a change of figures. Steps, texts,
  # total minutes and tasks are not compared.
  module Golden
    FILE = File.expand_path("../fixtures/golden.json.gz", __dir__)
    POTS = [{ "diameter_mm" => 220, "height_mm" => 120, "lid" => "ordinary", "material" => "steel",
              "kg" => 1.5 },
            { "diameter_mm" => 160, "height_mm" => 110, "lid" => "tight", "material" => "clay", "kg" => 1.3 },
            { "diameter_mm" => 280, "height_mm" => 130, "lid" => "dough", "material" => "cast-iron",
              "kg" => 5.0 },
            { "diameter_mm" => 300, "height_mm" => 90, "lid" => "loose", "material" => "aluminium",
              "kg" => 1.1 }].freeze
    BATCHES = [150, 400, 1100].freeze
    WASHES = [{ "rinse" => { "changes" => 0 }, "soak" => { "minutes" => 0 } },
              { "rinse" => { "changes" => 3 }, "soak" => { "minutes" => 45, "water_c" => 20 },
                "drain" => "shaken" }].freeze
    COMPANY = [[], [%w[red-lentil 60], %w[tomato 150], %w[chicken 200]]].freeze
    FULL = 300
    # So many cases are looked at in one go, on every core.
    SLICE = 120
    # Every so-many-th point of a curve is kept in full.
    KEPT_POINT = 4
    DIGITS = 4
    CLOSE = 1e-6

    module_function

    # Requests by name, for the methods and grains given.
    def cases(methods, grains)
      axes = [methods, grains, POTS.each_index.to_a, BATCHES, [0, 1], [0, 1]]
      axes.first.product(*axes.drop(1)).to_h { |choice| [choice.join(" "), request(*choice)] }
    end

    def request(method, grain, pot, rice_g, wash, company)
      additions = COMPANY[company].map do |key, grams|
        { "ingredient" => key, "g" => grams.to_i * rice_g / 300.0 }
      end
      { "method" => method, "grain" => grain, "rice" => { "amount" => rice_g, "unit" => "g" },
        "vessel" => POTS[pot], "altitude_m" => [0, 1150][pot % 2], **WASHES[wash], "additions" => additions }
    end

    # What is compared of one request: plan and run with a tenth less liquid.
    def answer(request)
      reader = FondKettle::Formats::RequestReader.new(request)
      plan = FondKettle::Formats::PlanJson.call(planner.plan(reader.request))
      trial = trying.run(reader.request, plan[:liquid][:g] * 0.9)
      run = FondKettle::Formats::RunJson.call(trial)
      JSON.parse(JSON.generate(plan: picked(plan), run: run.slice(:end, :cues, :curve)))
    end

    def picked(plan)
      { liquid: plan[:liquid].slice(:g, :low_g, :high_g, :ratio_by_volume, :ratio_by_weight,
                                    :depth_over_rice_mm),
        balance: plan[:balance].slice(:uptake_g, :loss_g, :residue_g, :drained_g, :cloth_g, :soak_gain_g,
                                      :surface_g,
                                      :additions_g),
        cues: plan[:cues], fit: plan[:fit].slice(:verdict, :fill_before, :fill_after, :bed_mm, :batches),
        verdict: plan[:verdict] }
    end

    # The same digest for numbers that differ by less than can be measured.
    def digest(answer)
      Digest::SHA256.hexdigest(JSON.generate(rounded(answer)))[0, 12]
    end

    def rounded(node)
      case node
      when Hash then node.transform_values { |value| rounded(value) }
      when Array then node.map { |value| rounded(value) }
      when Numeric then node.zero? ? 0.0 : node.to_f.round(DIGITS - 1 - Math.log10(node.abs).floor)
      else node
      end
    end

    def thin(answer)
      curve = answer["run"]["curve"]
      answer.merge("run" => answer["run"].merge("curve" => curve.each_slice(KEPT_POINT).map(&:first)))
    end

    # Cases of which every pair of choices on two axes is among them; deterministic.
    def pairwise(names)
      seen = {}
      ordered = names.sort_by { |name| Digest::SHA256.hexdigest(name) }
      fresh = ordered.select do |name|
        pairs(name).reject { |pair| seen[pair] }.each { |pair| seen[pair] = true }.any?
      end
      (fresh + (ordered - fresh)).first(FULL)
    end

    def pairs(name)
      name.split.each_with_index.to_a.combination(2).to_a
    end

    # Every method and grain there is.
    def record
      methods = FondKettle::Methods::Library.ours.all.keys
      grains = FondKettle::Larder::Grains.all.keys
      all = cases(methods, grains)
      full = pairwise(all.keys)
      kept = all.to_h { |name, request| [name, answer(request)] }
      data = { "methods" => methods, "grains" => grains,
               "digests" => kept.transform_values { |found| digest(found) },
               "full" => full.to_h { |name| [name, thin(kept[name])] } }
      Zlib::GzipWriter.open(FILE, Zlib::BEST_COMPRESSION) do |file|
        file.mtime = 1 and file.write(JSON.generate(data))
      end
    end

    def stored
      @stored ||= JSON.parse(Zlib::GzipReader.open(FILE, &:read))
    end

    # Sentences on the first field that differs in each case that does, at most `most`.
    def differences(most: 20)
      all = cases(stored["methods"], stored["grains"])
      slices = stored["digests"].to_a.each_slice(SLICE)
      found = Parallel.map(slices) do |slice|
        slice.filter_map { |name, kept| difference(name, all.fetch(name), kept) }
      end
      found.flatten.first(most)
    end

    def difference(name, request, kept)
      found = answer(request)
      return if digest(found) == kept

      full = stored["full"][name]
      field = full && first_difference(full, thin(found), [])
      return if full && field.nil?

      "#{name}: #{field || 'differs (not kept in full)'}"
    end

    # Only those kept in full, compared number by number.
    def full_differences
      all = cases(stored["methods"], stored["grains"])
      stored["full"].filter_map do |name, kept|
        field = first_difference(kept, thin(answer(all.fetch(name))), [])
        "#{name}: #{field}" if field
      end
    end

    def first_difference(kept, found, path)
      unless nested?(kept, found)
        return close?(kept, found) ? nil : "#{path.join('.')} was #{kept.inspect}, is #{found.inspect}"
      end

      entries = kept.is_a?(Hash) ? kept.keys | found.keys : (0...[kept.size, found.size].max)
      entries.lazy.filter_map { |key| first_difference(kept[key], found[key], [*path, key]) }.first
    end

    def nested?(kept, found)
      [Hash, Array].any? { |type| kept.is_a?(type) && found.is_a?(type) }
    end

    # To the last digit that is told, and no closer.
    def close?(kept, found)
      return kept == found unless kept.is_a?(Numeric) && found.is_a?(Numeric)

      (kept - found).abs <= [CLOSE * kept.abs, 1.01e-3].max
    end

    def planner
      FondKettle::Methods::Planner
    end

    def trying
      FondKettle::Methods::Trying
    end
  end
end
