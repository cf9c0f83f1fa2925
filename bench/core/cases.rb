# frozen_string_literal: true

# What of the core is timed, with the names that it has now and those that it had at 2a2bcbe.
class Cases
  SHORT = { "grain" => "basmati", "method" => "covered-pot",
            "rice" => { "amount" => 300, "unit" => "g" } }.freeze
  LONG = { "grain" => "brown-short", "method" => "covered-pot", "rice" => { "amount" => 800, "unit" => "g" },
           "stages" => [{ "heat" => "high", "until" => "boil" },
                        { "heat" => "low", "minutes" => 110 }] }.freeze
  LAYERS = SHORT.merge("method" => "sealed-raw-base").freeze
  FOODS = %w[carrot tomato leek cumin].freeze
  THIRTY = (1..30).map { |index| "#{index * 10} g #{FOODS[index % 4]}, number #{index} | base" }.join("\n")
  HEAD = { title: "Dish", serves: 4.0, method: "covered-pot", grain: "basmati", rice_g: 320.0,
           pan_mm: 240.0 }.freeze
  # Thirty lines in six vessels, told in plain sentences.
  FEAST = File.read(File.expand_path("feast.txt", __dir__))

  def initialize
    @request = reader(SHORT).request
    @number = 0
  end

  def all
    long = reader(LONG)
    { "run" => -> { core::Trying.run(@request, 400.0) },
      "two-hour run" => -> { core::Trying.run(long.request, 1600.0, stages: long.stages) } }
  end

  private

  def reader(asked)
    FondKettle::Formats::RequestReader.new(asked)
  end

  # Another factor each time: nothing that was said of the last is said again.
  def factor
    @number += 1
    1.1 + (@number / 100.0 % 1)
  end
end
