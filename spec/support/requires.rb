# frozen_string_literal: true

require "json"
require "open3"
require "rbconfig"
require "set"

module Support
  # Finds out, file by file, whether a file requires what it uses: by reading what it and all that it
  # requires define, or, which takes longer, by loading it alone in a process of its own; the
  # constants of ours that it names must be there.
  module Requires
    ROOT = File.expand_path("../..", __dir__)
    # A child loads the file it is given and prints which of the names are missing.
    CHILD = <<~RUBY
      require "bundler/setup"
      require "json"
      %w[dry/schema sequel sinatra/base nokogiri rack puma json_schemer
         ruby-units].each { |name| require name }
      # Read once for all children.
      READ = Dir["{lib,store,app,web}/**/*.rb"].map { |path| File.expand_path(path) }
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

    DEFINES = /^( *)(?:(module|class) )?([A-Z]\w*)(?: =|$| <| #)/

    module_function

    # Paths of files with the names that nothing they require defines; only those that lack one.
    def unread(paths)
      missing = paths.to_h do |path|
        there = reach(path)
        [path, names_in(path).reject { |name| homes_of(name).any? { |home| there.include?(home) } }]
      end
      missing.reject { |_, names| names.empty? }
    end

    # Paths of the files that define a constant of ours, or what it stands in where it is not seen to be
    # defined: some are put into a class by its maker.
    def homes_of(name)
      return homes[name] if homes.key?(name)

      outer = name.rpartition("::").first
      outer.empty? ? [] : homes_of(outer)
    end

    # A file and all that it requires of ours.
    def reach(path)
      found = []
      left = [path]
      until left.empty?
        found |= left
        left = left.flat_map { |file| required(file) }.uniq - found
      end
      found.to_set
    end

    # At once, or when it is first named.
    def required(path)
      (@required ||= {})[path] ||=
        File.read(path).scan(/^ *require_relative "(.+)"|expand_path\("(\w+)\.rb", __dir__\)/)
            .map { |now, later| "#{File.expand_path(now || later, File.dirname(path))}.rb" }
    end

    # The same by full name, as far as it is seen.
    def homes
      @homes ||= begin
        paths = Dir[File.join(ROOT, "{lib,store,app,web}/**/*.rb")]
        named = paths.flat_map { |path| defined_in(path).map { |name| [name, path] } }
        named.group_by(&:first).transform_values { |pairs| pairs.map(&:last) }
      end
    end

    # Full names of what a file defines, by what stands around it.
    def defined_in(path)
      around = []
      File.read(path).scan(DEFINES).map do |indent, opens, name|
        around = around.take_while { |depth, _| depth < indent.size }
        full = [*around.map(&:last), name].join("::")
        around += [[indent.size, name]] if opens
        full
      end
    end

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
