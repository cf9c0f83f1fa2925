# frozen_string_literal: true

require_relative "../../cli/interpreter"

RSpec.describe FondKettle::Cli::Interpreter do
  def anew(jit: false, env: {}, compiler: :off)
    described_class.new(jit, env: env, compiler: compiler).anew("bin/kettle", ["--port", "1"])
  end

  it "starts once more with few arenas, and is content then" do
    expect(anew).to eq([{ "MALLOC_ARENA_MAX" => "2" }, RbConfig.ruby, "bin/kettle", "--port", "1"])
    expect(anew(env: { "MALLOC_ARENA_MAX" => "2" })).to be_nil
  end

  it "leaves alone what somebody said of the arenas" do
    expect(anew(env: { "MALLOC_ARENA_MAX" => "8" })).to be_nil
  end

  it "brings the compiler in where it is wanted and there, once" do
    told = { "MALLOC_ARENA_MAX" => "2" }
    expect(anew(jit: true, env: told)[2, 3]).to eq(described_class::COMPILER)
    expect(anew(jit: true, env: told, compiler: :on)).to be_nil
    expect(anew(jit: true, env: told, compiler: nil)).to be_nil
  end

  it "says where there is none, and only where it was wanted" do
    remark = ->(jit, compiler) { described_class.new(jit, compiler: compiler).remark }
    expect(remark.call(true, nil)).to include("no compiler")
    expect([remark.call(false, nil), remark.call(true, :off)]).to eq([nil, nil])
  end
end
