# frozen_string_literal: true

require "json"
require "open3"
require "rbconfig"

module Support
  # Finds out, file by file, whether a file requires what it uses: it is loaded alone,
  # in a process of its own, and the constants of ours that it names must be there.
  module Requires
    ROOT = File.expand_path("../..", __dir__)
    # A child loads the file it is given and prints which of the names are missing.
    CHILD = <<~RUBY
      require "bundler/setup"
      require "json"
      %w[dry/schema sequel sinatra/base nokogiri rack puma json_schemer
         ruby-units].each { |name| require name }
      # Read once for all children.
      READ = Dir["{lib,store,web}/**/*.rb"].map { |path| File.expand_path(path) }
                                           .to_h { |path| [path, RubyVM::InstructionSequence.compile_file(path)] }
      def (RubyVM::InstructionSequence).load_iseq(path) = READ[path]
      STDIN.each_line do |line|
        path, names = JSON.parse(line)
        reader, writer = IO.pipe
        pid = fork do
          require path
          writer.puts JSON.generate(names.reject { |name| Object.const_defined?(name) })
        rescue Exception => e
          writer.puts JSON.generate([e.message])
        ensure
          writer.flush
          exit!
        end
        writer.close
        puts JSON.generate([path, JSON.parse(reader.read.lines.last)])
        Process.wait(pid)
      end
    RUBY

    module_function

    # Paths of files with the names each lacks; only those that lack one.
    def lacking(paths)
      asked = paths.map { |path| JSON.generate([path, names_in(path)]) }
      halves = asked.each_slice((asked.size / 2.0).ceil).map { |half| Thread.new { answers(half) } }
      halves.flat_map(&:value).reject { |_, missing| missing.empty? }.to_h
    end

    def answers(asked)
      output, = Open3.capture2(RbConfig.ruby, "-e", CHILD, stdin_data: asked.join("\n"), chdir: ROOT)
      output.lines.map { |line| JSON.parse(line) }
    end

    # Full names of the constants of ours that a file names: those with their module, and
    # those of its own module.
    def names_in(path)
      text = File.read(path).gsub(/#[^{\n][^\n]*$/, "").gsub(/"(?:[^"\\#]|\\.)*"/, "")
      inside = text.scan(/^\s*module (\w+)/).flatten
      text.scan(/(?<![\w:.])[A-Z]\w*(?:::[A-Z]\w*)*/).uniq.filter_map { |name| full(name, inside) }.uniq
    end

    # The name as seen from the modules it stands in, where it is one of ours.
    def full(name, inside)
      inside.size.downto(0).map { |depth| [*inside.first(depth), name].join("::") }
            .find { |candidate| known.include?(candidate) }
    end

    # Every constant of ours, when everything is loaded.
    def known
      @known ||= walk(FondKettle, {}).keys.to_set
    end

    def walk(space, seen)
      space.constants(false).each do |name|
        path = "#{space.name}::#{name}"
        next if seen[path]

        seen[path] = true
        value = space.const_get(name)
        walk(value, seen) if value.is_a?(Module) && value.name == path
      end
      seen
    end
  end
end
