# frozen_string_literal: true

RSpec.describe FondKettle::Formats::ClockReader do
  def request(**changes)
    { "serve_at" => "2026-05-09T19:00", "resources" => { "cook" => 1, "oven" => 1 },
      "tasks" => [{ "id" => "soak", "minutes" => 30, "uses" => {} },
                  { "id" => "bake", "minutes" => 20, "uses" => { "oven" => 1 }, "oven_c" => 200,
                    "after" => [{ "task" => "soak", "gap" => [0, nil] }] }],
      "ends" => [{ "task" => "bake", "before_serve" => [5, 15] }] }.merge(changes.transform_keys(&:to_s))
  end

  def problems(data)
    described_class.new(data).answer
    []
  rescue FondKettle::InvalidInput => e
    e.problems.map { |problem| "#{problem[:field]} #{problem[:message]}" }
  end

  it "answers with starts, the span and what it cannot be less than" do
    expect(described_class.new(request).answer)
      .to eq(starts: { "soak" => "2026-05-09T18:05", "bake" => "2026-05-09T18:35" }, span_minutes: 55,
             lower_bound_minutes: 55)
  end

  it "refuses, with its place, what cannot be read" do
    task = request["tasks"].first
    { { "serve_at" => "tonight" } => "serve_at must be a time such as 2026-05-09T19:00",
      { "serv_at" => 1 } => "serv_at is not known; did you mean serve_at?",
      { "tasks" => [] } => "tasks must list between 1 and 400",
      { "tasks" => [task, task] } => "tasks must have ids of their own",
      { "tasks" => [task.merge("minutes" => 2.5)] } => "tasks.0.minutes must be a whole number, " \
                                                       "between 0 and 2880",
      { "tasks" => [task.merge("uses" => { "cook" => -1 })] } => "tasks.0.uses.cook must be a whole " \
                                                                 "number between 0 and 50",
      { "tasks" => [task.merge("after" => [{ "task" => "soak", "gap" => [3, 1] }])], "ends" => [] } =>
        "tasks.0.after.0.gap must be whole minutes, the smaller first, of at most 2880, or null",
      { "ends" => [{ "task" => "moon", "before_serve" => [0, 5] }] } => "ends must name one of the tasks" }
      .each do |change, message|
        expect(problems(request(**change.transform_keys(&:to_sym)))).to eq([message])
      end
  end

  # A pan that is wanted for two dishes, one step after another.
  def pans(**changes)
    tasks = %w[fry cook roast brown].each_with_index.map do |id, index|
      after = [{ "task" => %w[fry cook roast][index - 1], "gap" => [0, nil] }] if index.odd?
      { "id" => id, "minutes" => 10, "uses" => { "pan" => 1 }, "after" => after || [] }
    end
    spans = [%w[fry cook], %w[roast brown]].map do |from, to|
      { "id" => "pan of #{from}", "from" => from, "to" => to, "uses" => { "pan" => 1 },
        "tasks" => [from, to] }
    end
    request(tasks: tasks, spans: spans, resources: { "pan" => 1 }, ends: [], **changes)
  end

  it "holds what a span holds from its first task to its last" do
    answer = described_class.new(pans).answer
    expect(answer.slice(:span_minutes, :lower_bound_minutes)).to eq(span_minutes: 40, lower_bound_minutes: 40)
    starts = answer[:starts].sort_by(&:last).map(&:first)
    expect(starts).to eq(%w[fry cook roast brown]).or eq(%w[roast brown fry cook])
    expect(described_class.new(pans(spans: [])).answer[:span_minutes]).to eq(40)
  end

  it "refuses a span that names no task, holds too much or is over before it begins" do
    span = pans["spans"].first
    { { "from" => "moon" } => "spans.0.from must name one of the tasks",
      { "tasks" => %w[fry moon] } => "spans.0.tasks.1 must name one of the tasks",
      { "uses" => { "pan" => -1 } } => "spans.0.uses.pan must be a whole number between 0 and 50",
      { "uses" => { "wok" => 1 } } => "spans.pan of fry.uses must be at most 0 of wok",
      { "from" => "cook", "to" => "fry", "uses" => {} } => "spans.0.uses must be given",
      { "until" => "cook" } => "spans.0.until is not known; did you mean uses?" }.each do |change, message|
      expect(problems(pans(spans: [span.merge(change)])).first).to start_with(message[/\A[^;]*/])
    end
    apart = { "cook" => [{ "task" => "fry", "gap" => [5, nil] }] }
    tasks = pans["tasks"].map { |task| task.merge("after" => apart.fetch(task["id"], task["after"])) }
    backwards = span.merge("from" => "cook", "to" => "fry")
    expect(problems(pans(tasks: tasks, spans: [backwards])))
      .to eq(["spans.0.to must not be over before “cook” begins"])
  end

  it "takes the tasks of a plan as they are, whatever the method" do
    FondKettle::Methods::Library.ours.all.each_key do |method|
      plan = plan_for(basic_request(method: method))
      answer = JSON.parse(JSON.generate(FondKettle::Formats::PlanJson.call(plan)))
      placed = described_class.new(request(tasks: answer["tasks"], ends: answer["ends"],
                                           resources: { "cook" => 1, "burner" => 2, "oven" => 1 })).answer
      expect(placed[:span_minutes]).to eq(answer["minutes"]["total"]), method
    end
  end
end
