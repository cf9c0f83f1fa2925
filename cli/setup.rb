# frozen_string_literal: true

require "digest"
require "etc"
require "rbconfig"

module FondKettle
  module Cli
    # Installs the gems that a use of the project needs, into vendor/bundle, and
    # says on standard error what it is doing. Uses nothing but Ruby's own library.
    class Setup
      # Debian packages without which gems cannot be installed, and a test for each.
      PACKAGES = {
        "ruby-bundler" => lambda {
          Gem::Specification.any? { |gem| gem.name == "bundler" } &&
            on_path?("bundle")
        },
        "ruby-dev" => -> { File.exist?(File.join(RbConfig::CONFIG["rubyhdrdir"], "ruby.h")) },
        "gcc" => -> { on_path?("gcc") },
        "make" => -> { on_path?("make") },
        "libc6-dev" => -> { File.exist?("/usr/include/stdio.h") },
        # For https (--tls).
        "libssl-dev" => -> { File.exist?("/usr/include/openssl/ssl.h") }
      }.freeze

      TEST_PACKAGES = {
        "chromium-headless-shell" => -> { on_path?("chromium-headless-shell") },
        # One that believes a certificate that was installed, as the headless shell does not.
        "chromium" => -> { on_path?("chromium") },
        "chromium-driver" => -> { on_path?("chromedriver") },
        "libnss3-tools" => -> { on_path?("certutil") }
      }.freeze

      INSTALL = %w[bundle install --standalone].freeze

      def self.on_path?(command)
        ENV.fetch("PATH", "").split(":").any? { |folder| File.executable?(File.join(folder, command)) }
      end

      def initialize(root)
        @root = root
        @bundle = File.join(root, "vendor", "bundle")
      end

      # Installs the gems that running needs, and none that only tests need.
      def running
        use("running", PACKAGES, without: "test")
      end

      # All of it, for bin/check.
      def testing
        provide_packages(TEST_PACKAGES)
        use("testing", PACKAGES, without: nil)
      end

      private

      def use(purpose, packages, without:)
        ENV.update("BUNDLE_GEMFILE" => File.join(@root, "Gemfile"), "BUNDLE_PATH" => @bundle,
                   "BUNDLE_FROZEN" => "true", "BUNDLE_WITHOUT" => without,
                   "BUNDLE_JOBS" => Etc.nprocessors.to_s, "BUNDLE_SILENCE_ROOT_WARNING" => "true")
        install(purpose, packages) unless ready?(purpose)
        # Where the gems are, written down when they were installed: Bundler itself takes
        # longer to find them than most commands to answer.
        require File.join(@bundle, "bundler", "setup")
      end

      def ready?(purpose)
        stamps = ["testing", purpose].map { |name| stamp(name) }
        stamps.any? { |path| File.exist?(path) && File.read(path) == lock_digest }
      end

      def stamp(purpose)
        File.join(@bundle, ".ready-for-#{purpose}")
      end

      def lock_digest
        Digest::SHA256.file(File.join(@root, "Gemfile.lock")).hexdigest + RUBY_VERSION + INSTALL.last
      end

      def install(purpose, packages)
        provide_packages(packages)
        say "Installing the gems for #{purpose} into vendor/bundle. Two small ones (the web server) are " \
            "compiled; this takes about half a minute."
        stop("The gems could not be installed; see above.") unless system(*INSTALL, out: :err)
        require "fileutils"
        FileUtils.mkdir_p(@bundle)
        # What is written down is for this purpose alone.
        FileUtils.rm_f(Dir[stamp("*")])
        File.write(stamp(purpose), lock_digest)
        say "The gems are in place."
      end

      def provide_packages(packages)
        missing = packages.reject { |_, present| present.call }.keys
        return if missing.empty?

        command = ["apt-get", "install", "-y", "--no-install-recommends", *missing]
        unless Process.uid.zero? && self.class.on_path?("apt-get")
          stop("Debian packages are missing. As root: #{command.join(' ')}")
        end
        say "Installing the Debian packages #{missing.join(', ')}."
        (system("apt-get", "update", out: :err) && system(*command, out: :err)) ||
          stop("They could not be installed; see above.")
        Gem.refresh
      end

      def say(text)
        warn "Fond Kettle: #{text}"
      end

      def stop(text)
        say text
        exit 1
      end
    end
  end
end
