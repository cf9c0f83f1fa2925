# frozen_string_literal: true

require "rack"

module FondKettle
  module Web
    # Tells devices that something in the kitchen has changed, as server-sent events: they need not
    # ask. One thread writes to all of them; each is a connection that the server handed over, so that
    # none of the server's own threads waits. Of so many at the most; who comes later asks now and then.
    class Announcer
      MOST = 64
      # A line now and then finds out who has left, s.
      BEAT_S = 15
      HEAD = "retry: 2000\n\n"
      FULL = [503, { "content-type" => "text/plain; charset=utf-8", "retry-after" => "15" },
              ["So many devices are told already; ask again."]].freeze

      # `database`: of Store; each write of it is told.
      def initialize(database)
        @listeners = []
        @lock = Mutex.new
        @changed = ConditionVariable.new
        database.after_write { |generation| news(generation) }
      end

      # The Rack answer that leaves the connection open.
      def call(_env)
        return FULL if @lock.synchronize { @listeners.size } >= MOST

        [200, { "content-type" => "text/event-stream", "cache-control" => "no-store, no-transform",
                "rack.hijack" => ->(stream) { listen(stream) } }, []]
      end

      # Number of devices that listen.
      def size
        @lock.synchronize { @listeners.size }
      end

      private

      def news(generation)
        @lock.synchronize do
          @generation = generation
          @changed.signal
        end
      end

      def listen(stream)
        stream.write(HEAD)
        @lock.synchronize do
          @listeners << stream
          @teller ||= Thread.new { tell }
        end
      rescue IOError, SystemCallError
        close(stream)
      end

      def tell
        told = nil
        loop do
          listeners, generation = next_news(told)
          words = generation == told ? ": here\n\n" : "event: changed\ndata: #{generation}\n\n"
          gone = listeners.reject { |stream| told?(stream, words) }
          @lock.synchronize { @listeners -= gone }
          told = generation
        end
      end

      def next_news(told)
        @lock.synchronize do
          @changed.wait(@lock, BEAT_S) if @generation == told
          [@listeners.dup, @generation]
        end
      end

      # A device that does not take a few letters has gone.
      def told?(stream, words)
        stream.write_nonblock(words)
        true
      rescue IOError, SystemCallError, IO::WaitWritable
        close(stream)
        false
      end

      def close(stream)
        stream.close
      rescue IOError, SystemCallError
        nil
      end
    end
  end
end
