# frozen_string_literal: true

require_relative "../../web/application"

module Support
  # docs/http.md, made of the routes of every place: what each does, as the comment above it says, and the
  # fields that the forms read in it take.
  module HttpDocs
    FILE = File.expand_path("../../docs/http.md", __dir__)
    HEAD = <<~TEXT
      # Over http

      Made of the routes by `bundle exec rake http`. Every page is also JSON: a GET with `Accept: application/json`
      gives what the page shows; a POST of `Content-Type: application/json` does what the form does, takes the same
      fields as an object, and answers with what stands there then (`"pending":true` in a pot while what follows from a
      tap is worked out), or with `{"errors":[{"field":…,"message":…}]}` and 422; a write to what somebody else has
      changed since (`lock_version`) is 409, with what stands there `now`. The doors are the same: the name of the
      kitchen, its own origin, and the token that a form carries: each JSON answer has one as the header
      `x-csrf-token`, with the cookie `kettle`; a POST sends both back. A `key` of your own makes what a POST makes
      once, however often it is sent. Beyond the kitchen's own machine a program says the household's word first:
      POST `/door` with `word`, and sends the cookie `kettle-device` of the answer with all that follows
      ([who is let in](trust.md)).

          curl -c jar -D head -H 'Accept: application/json' localhost:4567/cupboard
          curl -b jar -H 'Content-Type: application/json' -H "X-CSRF-Token: $TOKEN" \\
               -d '{"name":"Mug","ml":310}' localhost:4567/cupboard/cups

      | | address | what it does | fields |
      |---|---|---|---|
    TEXT

    # What stands in a row for the many fields of a plan.
    PLAN = "a plan's"

    SHELVES = <<~TEXT

      Shelves of the cupboard; a change and a removal need `lock_version` too:

      | shelf | fields |
      |---|---|
    TEXT

    module_function

    def text
      rows = FondKettle::Web::Application::PLACES.flat_map { |path, place| rows(path, place) }
      HEAD + rows.map { |row| "| #{row.join(' | ')} |\n" }.join + plan_fields + shelves
    end

    def plan_fields
      "\nFields of a plan: #{FondKettle::Forms::PlanForm::FIELDS.map { |field| "`#{field}`" }.join(' ')}\n"
    end

    # What a record of each shelf is told by.
    def shelves
      fields = FondKettle::House::SHELF_KINDS.map do |key, kind|
        "| `#{key}` | #{kind.fields.map { |field| "`#{field.key}`" }.join(' ')} |\n"
      end
      SHELVES + fields.join
    end

    def rows(path, place)
      routes = place.routes.slice("GET", "POST").flat_map { |verb, list| list.map { |one| [verb, *one] } }
      found = routes.map { |verb, pattern, _, block| [verb, "`#{address(path, pattern)}`", *told(block)] }
      found.sort_by { |verb, address| [address, verb] }
    end

    def address(path, pattern)
      whole = path.chomp("/") + pattern.to_s.sub(%r{\A/\z}, "").tr("|", "/").delete("\\")
      whole.empty? ? "/" : whole
    end

    # What the comment above a route says, and the fields of the forms that stand in it.
    def told(block)
      file, line = source(block)
      lines = File.readlines(file)
      above = lines[0...(line - 1)].reverse.take_while { |one| one.strip.start_with?("#") }.reverse
      depth = lines[line - 1][/\A */]
      body = [lines[line - 1], *lines[line..].take_while { |one| !one.start_with?("#{depth}end") }].join
      [above.map { |one| one.strip.delete_prefix("# ") }.join(" ").delete("|"), fields(body)]
    end

    # Sinatra keeps a route's block behind one of its own.
    def source(block)
      inner = block.binding.local_variables.include?(:unbound_method) &&
              block.binding.local_variable_get(:unbound_method)
      (inner || block).source_location
    end

    def fields(body)
      forms = body.scan(/Forms::(\w+)/).flatten.uniq.filter_map { |name| FondKettle::Forms.const_get(name) }
      named = body.scan(/(?:text_param\(|params\[)"(\w+)"/).flatten
      plan = forms.delete(FondKettle::Forms::PlanForm)
      keys = [*forms.flat_map { |form| keys(form) }, *named].uniq.map { |key| "`#{key}`" }
      [*(PLAN if plan), *keys].join(" ")
    end

    def keys(form)
      schema = form.respond_to?(:key_map) ? form : constant(form, :SCHEMA) || constant(form, :PLAN)
      schema ? schema.key_map.map(&:name) : Array(constant(form, :FIELDS)).map(&:to_s)
    end

    def constant(form, name)
      form.const_get(name, false) if form.is_a?(Module) && form.const_defined?(name, false)
    end
  end
end
