# frozen_string_literal: true

require "rbconfig"

module FondKettle
  module Cli
    # Ruby as it serves best: some of that can be said only when it starts, so it is started anew once.
    class Interpreter
      # Every thread of the server would fill an arena of memory of its own.
      ARENAS = { "MALLOC_ARENA_MAX" => "2" }.freeze
      # Ruby's own compiler, for what is run often, in 8 MiB: more of it is hardly faster and takes ten times
      # the memory (docs/speed.md).
      COMPILER = %w[--yjit --yjit-exec-mem-size=8 --yjit-call-threshold=100].freeze
      MISSING = "This Ruby has no compiler (YJIT): it serves without."

      # `jit`: the compiler is wanted; `env`: the environment; `compiler`: :on, :off or nil, where this Ruby
      # has none.
      def initialize(jit, env: ENV, compiler: Interpreter.compiler)
        @jit = jit
        @env = env
        @compiler = compiler
      end

      # The state of the compiler in this Ruby.
      def self.compiler
        return unless defined?(RubyVM::YJIT)

        RubyVM::YJIT.enabled? ? :on : :off
      end

      # Environment and words by which `program` with its words is started anew, for Kernel#exec; nil where it
      # runs as it should.
      def anew(program, words)
        flags = @jit && @compiler == :off ? COMPILER : []
        told = ARENAS.except(*@env.keys)
        return if flags.empty? && told.empty?

        [told, RbConfig.ruby, *flags, program, *words]
      end

      # What to say before it serves, or nil.
      def remark
        MISSING if @jit && @compiler.nil?
      end
    end
  end
end
