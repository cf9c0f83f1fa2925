# frozen_string_literal: true

require "fileutils"
require "logger"
require "time"

module FondKettle
  module Cli
    # What a kitchen says while it runs, on standard error and in kettle.log beside it: at most two files of a
    # megabyte. What a cook typed and who they are is in neither: an error is told by its kind and its place.
    class LogFile
      NAME = "kettle.log"
      BYTES = 1024 * 1024
      FILES = 2

      # `folder`: the household's; `out`: where it is said as well.
      def initialize(folder, out)
        FileUtils.mkdir_p(folder, mode: 0o700)
        @path = File.join(folder, NAME)
        FileUtils.touch(@path)
        File.chmod(0o600, @path)
        @logger = Logger.new(@path, FILES, BYTES)
        @logger.formatter = ->(severity, time, _, text) { "#{time.utc.iso8601} #{severity} #{text}\n" }
        @out = out
      end

      # As an IO takes them (rack.errors, Puma's).
      def puts(*lines)
        lines.flatten.each { |line| write("#{line}\n") }
      end

      def write(text)
        @out.write(text)
        @logger.warn(text.chomp) unless text.strip.empty?
        text.bytesize
      end
      alias << write

      def flush
        @out.flush
      end

      def sync=(_value); end

      def sync
        true
      end
      alias fsync sync

      # Whoever logs here may not end it for the others.
      def close; end

      def tty?
        @out.tty?
      end
    end
  end
end
