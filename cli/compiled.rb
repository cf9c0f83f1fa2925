# frozen_string_literal: true

require "zlib"

module FondKettle
  module Cli
    # What Ruby makes of our files and of the gems' before it runs them, kept: to make it anew takes three
    # times as long as all that most commands do. One file for each use, as one use needs few of them. A
    # source that has changed since, or another Ruby, has it made anew; where nothing can be written,
    # nothing is kept.
    class Compiled
      RUBY = Zlib.crc32([RUBY_DESCRIPTION, RubyVM::InstructionSequence.compile_option].inspect).to_s(16)
      SUM_BYTES = 4

      # `folder`: where the compiled files are; `name`: of this use.
      def initialize(folder, name)
        @path = File.join(folder, "#{name}-#{RUBY}")
        @known = read
        @fresh = {}
      end

      # From now on Ruby asks here for every file that it requires; at the end what is new is kept.
      def use
        compiled = self
        RubyVM::InstructionSequence.define_singleton_method(:load_iseq) { |path| compiled.of(path) }
        at_exit { keep }
      end

      # A file as it is run (RubyVM::InstructionSequence), or nil: Ruby itself says what is wrong with it.
      def of(path)
        stamp = stamp(path)
        known, compiled = @known[path]
        return RubyVM::InstructionSequence.load_from_binary(compiled) if known == stamp

        RubyVM::InstructionSequence.compile_file(path).tap { |made| @fresh[path] = [stamp, made.to_binary] }
      rescue SyntaxError, SystemCallError
        nil
      end

      private

      def stamp(path)
        found = File.stat(path)
        [found.size, (found.mtime.to_i * 1_000_000_000) + found.mtime.nsec]
      end

      # Whole, and ours, or nothing: Ruby runs what it is given unseen.
      def read
        return {} unless File.stat(@path).owned?

        whole = File.binread(@path)
        compiled = whole.byteslice(SUM_BYTES..)
        sum(compiled) == whole.byteslice(0, SUM_BYTES) ? Marshal.load(compiled) : {} # rubocop:disable Security/MarshalLoad
      rescue SystemCallError, TypeError, ArgumentError
        {}
      end

      def make(folder)
        return if File.directory?(folder)

        require "fileutils"
        FileUtils.mkdir_p(folder, mode: 0o700)
      end

      def sum(compiled)
        [Zlib.crc32(compiled)].pack("N")
      end

      def keep
        return if @fresh.empty?

        make(File.dirname(@path))
        compiled = Marshal.dump({ **@known, **@fresh }.select { |path, _| File.exist?(path) })
        File.binwrite("#{@path}.#{Process.pid}", sum(compiled) + compiled)
        File.rename("#{@path}.#{Process.pid}", @path)
      rescue SystemCallError
        nil
      end
    end
  end
end
