# frozen_string_literal: true

require "json"
require "timeout"
require_relative "support/served_kitchen"
require_relative "support/noise"
require_relative "../app/forms/plan_form"

# Noise from a seed, for so many seconds (FUZZ_S; 20 in every check, 120 with --all): what
# is asked of pages, of the command line and of the readers is answered or refused in words.
RSpec.describe "Noise" do
  include Support::ServedKitchen

  seconds = Float(ENV.fetch("FUZZ_S") { Support::THOROUGH ? "120" : "20" }) / 3
  seed = Integer(ENV.fetch("FUZZ_SEED", "2611"))
  # Nothing that one person asks takes longer.
  enough_s = 10

  # Yields a Support::Noise of its own for as long as the budget lasts; returns how often.
  def for_a_while(seconds, seed)
    ends = Process.clock_gettime(Process::CLOCK_MONOTONIC) + seconds
    count = 0
    while Process.clock_gettime(Process::CLOCK_MONOTONIC) < ends
      yield Support::Noise.new(seed + count)
      count += 1
    end
    count
  end

  # What is none of ours is refused in words.
  def answered_or_refused
    yield
  rescue FondKettle::UserError => e
    e.message
  end

  # What broke, or nil.
  def failure(seconds, &)
    Timeout.timeout(seconds, &)
    nil
  rescue StandardError => e
    "#{e.class}: #{e.message[0, 200]} #{e.backtrace.first(3)}"
  end

  it "sent to pages is answered, never with a failure of ours" do
    pages = %w[/pot /evening /pot/course /pot/before /pot/side-by-side /evening/print /measures /dishes /]
    forms = %w[/cupboard/pots /cupboard/bags /cupboard/kitchen /dishes /dishes/look /tests/lid /ways/try
               /log/2 /pot/start]
    fields = FondKettle::Forms::PlanForm::FIELDS
    count = for_a_while(seconds, seed) do |noise|
      typed = noise.fields(fields)
      Timeout.timeout(enough_s) do
        noise.chance(3) ? send_form(noise.pick(forms), typed) : get(noise.pick(pages), typed)
      end
      failure = last_request.env["sinatra.error"]&.message
      expect(last_response.status).to be < 500,
                                      "seed #{noise.seed}: #{last_request.path} #{typed}: #{failure}"
    end
    expect(count).to be > 20
  end

  it "sent to the command line is answered or refused with its field" do
    count = for_a_while(seconds, seed) do |noise|
      asked = noise.mutated(Support::Noise::REQUEST)
      broke = failure(enough_s) do
        answered_or_refused { JSON.generate(FondKettle::Formats::PlanJson.call(plan_for(asked))) }
      end
      expect(broke).to be_nil, "seed #{noise.seed}: #{asked}: #{broke}"
    end
    expect(count).to be > 100
  end

  it "written down as a dish, a step, an amount or a file is read or refused" do
    count = for_a_while(seconds, seed) do |noise|
      text = noise.text
      broke = failure(enough_s) do
        FondKettle::Dishes::QuickText.new.read(text)
        FondKettle::Reading::BarredSteps.read(text)
        FondKettle::Measure::Amounts.new.read(text)
        answered_or_refused { FondKettle::Catalogue.parse(text, "noise") }
      end
      expect(broke).to be_nil, "seed #{noise.seed}: #{text.inspect}: #{broke}"
    end
    expect(count).to be > 100
  end
end
