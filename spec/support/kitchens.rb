# frozen_string_literal: true

require "open3"
require "tmpdir"
require "zlib"
require_relative "../../store/demo"
require_relative "../../store/household"

module Support
  # Kitchens on disk: that of an earlier version, and processes that die at a moment.
  module Kitchens
    OLD = File.expand_path("../fixtures/kitchen-4/kettle.db.gz", __dir__)
    ROOT = File.expand_path("../..", __dir__)

    module_function

    # A folder with the kitchen of migration 4.
    def old
      Dir.mktmpdir do |folder|
        File.binwrite(File.join(folder, "kettle.db"), Zlib.gunzip(File.binread(OLD)))
        yield folder
      end
    end

    # A folder with the kitchen of every version of which one is kept, with its number.
    def every
      Dir[File.expand_path("../fixtures/kitchen-*/kettle.db.gz", __dir__)].each do |path|
        Dir.mktmpdir do |folder|
          File.binwrite(File.join(folder, "kettle.db"), Zlib.gunzip(File.binread(path)))
          yield folder, path[/kitchen-(\d+)/, 1].to_i
        end
      end
    end

    # Runs `body` in a process of its own that kills itself (-9) when the statement
    # numbered `after` of those that match `pattern` is about to run. Returns true if it
    # was killed.
    def killed?(folder, pattern, after, body)
      script = <<~RUBY
        require "bundler/setup"
        require "#{ROOT}/store/demo"
        require "#{ROOT}/store/household"
        count = 0
        Sequel::Database.prepend(Module.new do
          define_method(:log_connection_yield) do |sql, *rest, &work|
            Process.kill(:KILL, Process.pid) if sql.match?(#{pattern.inspect}) && (count += 1) == #{after}
            super(sql, *rest, &work)
          end
        end)
        folder = #{folder.inspect}
        #{body}
      RUBY
      _, status = Open3.capture2e(RbConfig.ruby, "-e", script)
      status.signaled?
    end
  end
end
