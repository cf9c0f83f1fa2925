# frozen_string_literal: true

require_relative "../html/markup"

module FondKettle
  module Web
    module Helpers
      # Fields of one row of a longer form: a stage or a step of a way. They are sent as
      # `kind[index][name]`.
      class RowFields
        # `page` draws controls (Fields); `row` is what was typed.
        def initialize(page, form, kind, index, row)
          @page = page
          @problems = form.problems
          @kind = kind
          @index = index
          @row = row
        end

        # True when something in it is wrong.
        def wrong?
          @problems.any? { |problem| problem[:field].start_with?("#{@kind}-#{@index}-") }
        end

        # The title: what it does, or `empty` while it is empty.
        def title(empty)
          @row["say"].to_s.empty? ? empty : @row["say"]
        end

        # Sent along, not shown.
        def hidden(name)
          Html::Markup.tag("input", type: "hidden", name: sent(name), value: @row[name].to_s)
        end

        # A control; `options` for a choice.
        def field(name, label, options: nil, hint: nil, value: @row[name])
          id = "#{@kind}-#{@index}-#{name}"
          @page.control_field(id, sent(name), label, value, @problems, options: options, hint: hint)
        end

        # A control over the whole width.
        def wide(name, label)
          field(name, label).sub(%(class="field"), %(class="field is-wide"))
        end

        # Its place among its like.
        def place
          field("order", "Place", value: @row["order"] || (@index + 1))
        end

        # Boxes to tick: `choices` of value and words.
        def switches(name, label, choices)
          boxes("#{sent(name)}[]", label, choices, @row[name])
        end

        # A box that takes it out.
        def leave_out(words)
          boxes(sent("out"), "Or", { "yes" => words }, @row["out"])
        end

        private

        def sent(name)
          "#{@kind}[#{@index}][#{name}]"
        end

        def boxes(name, label, choices, ticked)
          drawn = choices.map { |value, words| box(name, value, words, Array(ticked).include?(value)) }
          %(<div class="choices" role="group" aria-label="#{label}"><span class="label">#{label}</span>) +
            %(#{drawn.join}</div>)
        end

        def box(name, value, words, ticked)
          checked = ticked ? { checked: "checked" } : {}
          %(<label class="choice">#{Html::Markup.tag('input', type: 'checkbox', name: name, value: value,
                                                              **checked)} #{words}</label>)
        end
      end
    end
  end
end
