# frozen_string_literal: true

require "etc"
require "open3"
require "openssl"
require "socket"
require "sqlite3"
require_relative "../lib/fond_kettle/ground/value"
require_relative "../store/safekeeping/examination"
require_relative "certificates"
require_relative "kitchen_folder"

module FondKettle
  module Cli
    # Looks at what a kitchen stands on, and says in words what is odd; changes nothing.
    class Doctor
      # What was looked at, and what is odd about it (nil: nothing).
      Finding = Value.define(:place, :odd)
      RUBY = "3.1"
      ROOM_MB = 200
      # The program was written then: a clock that says earlier is wrong.
      WRITTEN = Time.utc(2026, 11, 1)
      FONTS = %w[atkinson-400.woff2 atkinson-700.woff2].freeze
      OPEN_BITS = 0o077
      SOON_DAYS = 30

      def initialize(settings, now: Time.now)
        @settings = settings
        @now = now
      end

      # Findings of all that is looked at.
      def call
        { "Ruby #{RUBY_VERSION}" => ruby, "SQLite #{SQLite3::SQLITE_VERSION}" => nil, folder => folder_odd,
          "port #{@settings[:port]}" => port, "the clock, #{@now.strftime('%-d %b %Y, %H:%M %Z')}" => clock,
          "the certificate" => certificate, "the fonts" => fonts }
          .map { |place, odd| Finding.new(place: place, odd: odd) }
      end

      private

      def folder
        @folder ||= KitchenFolder.chosen(@settings)
      end

      def ruby
        return unless Gem::Version.new(RUBY_VERSION) < Gem::Version.new(RUBY)

        "is older than #{RUBY}: install a newer one"
      end

      def folder_odd
        return "is not there yet: it comes with the first start" unless File.directory?(folder)
        return "cannot be written in by #{Etc.getlogin || 'this user'}" unless File.writable?(folder)
        if File.stat(folder).mode.anybits?(OPEN_BITS)
          return "can be read by others on this machine: chmod 700 #{folder}"
        end

        room || kitchen
      end

      def room
        free_mb = Open3.capture2("df", "-Pm", folder).first.lines.last.to_s.split[3].to_i
        "has only #{free_mb} MB left on its disk: make room" if free_mb < ROOM_MB
      rescue SystemCallError
        nil
      end

      def kitchen
        file = File.join(folder, "kettle.db")
        return "holds no kitchen: bin/kettle makes one" unless File.exist?(file)

        problems = Store::Examination.new(file).call(@now).problems
        "is not whole: #{problems.first} (bin/kettle check says all of it)" if problems.any?
      end

      def port
        TCPServer.open(@settings[:host], @settings[:port]).close
        nil
      rescue Errno::EADDRINUSE
        "is taken: by this kitchen, if it runs; else take another with --port"
      rescue SystemCallError, SocketError => e
        "cannot be listened on at #{@settings[:host]}: #{e.message}"
      end

      def clock
        newest = Dir[File.join(folder, "*")].map { |path| File.mtime(path) }.max
        return "is earlier than this program: set it" if @now < WRITTEN

        "is earlier than when the kitchen was written last: set it" if newest && newest > @now + 60
      end

      def certificate
        pem = File.join(folder, Certificates::FOLDER, "server.pem")
        return unless File.exist?(pem)

        days = ((OpenSSL::X509::Certificate.new(File.read(pem)).not_after - @now) / 86_400).floor
        return if days > SOON_DAYS

        days.negative? ? "has ended: start the kitchen anew" : "ends in #{days} days: start the kitchen anew"
      rescue OpenSSL::OpenSSLError
        "is damaged: start the kitchen anew"
      end

      def fonts
        gone = FONTS.reject { |name| File.size?(File.join(ROOT, "web", "public", "vendor", name)) }
        "are not whole (#{gone.join(', ')}): bring the program's folder in again" if gone.any?
      end
    end
  end
end
