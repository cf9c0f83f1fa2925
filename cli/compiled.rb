# frozen_string_literal: true

require "zlib"
require_relative "../lib/fond_kettle/ground/disk_cache"

module FondKettle
  module Cli
    # A cache of compiled Ruby files, ours and those of the gems, because compiling takes longer than most
    # commands do. There is one file for each use, since one use needs few sources. A changed source, or
    # another Ruby, is compiled anew.
    class Compiled
      RUBY = Zlib.crc32([RUBY_DESCRIPTION, RubyVM::InstructionSequence.compile_option].inspect).to_s(16)

      # `folder`: where the compiled files are; `name`: of this use.
      def initialize(folder, name)
        @path = File.join(folder, "#{name}-#{RUBY}")
        @known = DiskCache.read(@path) || {}
        @fresh = {}
      end

      # Makes Ruby load required files from this cache; new ones are written at the end.
      def use
        compiled = self
        RubyVM::InstructionSequence.define_singleton_method(:load_iseq) { |path| compiled.of(path) }
        at_exit { store }
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

      def store
        return if @fresh.empty?

        DiskCache.write(@path, { **@known, **@fresh }.select { |path, _| File.exist?(path) })
      end
    end
  end
end
