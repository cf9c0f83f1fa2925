# frozen_string_literal: true

module Support
  # The public methods and classes that a file of Ruby shows, with what stands over them.
  module PublicMethods
    DEFINES = /\A\s*(def (?:self\.)?|class |module )([\w?!=\[\]]+)/
    # One of them: its `name`, whether it is a method, the `comment` over it as one line, its `body`.
    Shown = FondKettle::Value.define(:name, :method, :comment, :body)

    module_function

    # Those of a file, in its order.
    def in(path)
      lines = File.readlines(path)
      hidden = hidden(lines.join)
      lines.zip(under_private(lines)).each_with_index.filter_map do |(line, private_line), index|
        what, name = line.match(DEFINES)&.captures
        next if name.nil? || hidden.include?(name) || private_line

        Shown.new(name: name, method: what.start_with?("def"), comment: comment(lines, index),
                  body: body(lines, index))
      end
    end

    # Names that a file hides by name.
    def hidden(text)
      text.scan(/private_class_method ((?:[^\n]*,\n)*[^\n]*)/).join.scan(/:(\w+[?!]?)/).flatten
    end

    # For each line whether it stands under a bare `private`.
    def under_private(lines)
      indent = nil
      lines.map do |line|
        depth = line[/\A */].size
        indent = nil if indent && line.match?(/\A\s*(?:end|class|module)\b/) && depth < indent
        indent = depth if line.strip == "private"
        !indent.nil? && depth >= indent
      end
    end

    def comment(lines, index)
      lines[0...index].reverse.take_while { |line| line.strip.start_with?("#") }.reverse
                      .map { |line| line.strip.delete_prefix("#").strip }.join(" ")
    end

    def body(lines, index)
      return "" if lines[index].match?(/; end$/) || !lines[index].match?(/\A\s*def /)

      indent = lines[index][/\A */]
      lines[(index + 1)..].take_while { |line| !line.start_with?("#{indent}end") }.join
    end
  end
end
