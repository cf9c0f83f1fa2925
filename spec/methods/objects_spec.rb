# frozen_string_literal: true

# Time cannot be told in a spec, objects can: what makes a quarter more of them is slower, too. The figures
# are those of docs/speed.md.
RSpec.describe "What is made for one answer" do
  let(:request) { request_for(basic_request) }

  # Objects that the block makes, once all that is made but once is there.
  def objects(&)
    2.times(&)
    GC.disable
    before = GC.stat(:total_allocated_objects)
    yield
    GC.stat(:total_allocated_objects) - before
  ensure
    GC.enable
  end

  # At most a quarter more than that.
  def about(count)
    be_between(0.5 * count, 1.25 * count)
  end

  it "is few objects of a run" do
    methods = FondKettle::Methods
    expect(objects { methods::Trying.run(request, 400.0) }).to about(460)
    last = methods::Solved.of(request).last
    hearth = FondKettle::Pot::Hearth.new(last.setting)
    expect(objects { FondKettle::Pot::Cooking.end_of(last.load, 400.0, last.stages, hearth) }).to about(55)
  end

  it "is few objects of a plan, and fewest of one that shows some figures" do
    planner = FondKettle::Methods::Planner
    figures = objects do
      plan = planner.plan(request)
      [plan.liquid_g, plan.spread, plan.verdict, plan.warnings]
    end
    whole = objects { planner.plan(request).then { |plan| [plan.spread, plan.cautions, plan.warnings] } }
    expect([figures, whole]).to match([about(1280), about(2680)])
  end

  it "makes nothing of a plan that nobody asks for" do
    made = { FondKettle::Methods::Slip => :of, FondKettle::Belief::Spreading => :around }
    made.each { |part, name| allow(part).to receive(name).and_call_original }
    plan = FondKettle::Methods::Planner.plan(request)
    expect(plan.liquid_g).to be_positive
    made.each { |part, name| expect(part).not_to have_received(name) }
    2.times { plan.tasks }
    expect(FondKettle::Methods::Slip).to have_received(:of).once
  end
end
