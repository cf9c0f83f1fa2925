# frozen_string_literal: true

require_relative "../html/markup"

module FondKettle
  module Web
    module Helpers
      # Form controls with their label, hint and problem tied together.
      module Fields
        # Options that never change are written once.
        LISTED = {}.compare_by_identity
        # Options from which on a list is long.
        LONG = 200

        # A typed field; `problems` as a form has them.
        def input(name, label, value, problems, hint: nil, **attributes)
          attributes = { class: "input", inputmode: "text", autocomplete: "off" }.merge(attributes)
          control = Html::Markup.tag("input", id: name, name: name, value: value, **attributes,
                                              **described(name, hint, problems))
          field(name, label, control, hint, problems)
        end

        # A larger text.
        def area(name, label, value, problems, hint: nil, **attributes)
          about = { id: name, name: name, class: "textarea", **attributes, **described(name, hint, problems) }
          control = Html::Markup.tag("textarea", "\n#{Html::Markup.escape(value)}", **about)
          field(name, label, control, hint, problems)
        end

        # A choice from `options`: pairs of value and words.
        def choose(name, label, value, options, problems, hint: nil, **attributes)
          about = { id: name, name: name, **attributes, **described(name, hint, problems) }
          select = Html::Markup.tag("select", listed(options, value), **about)
          field(name, label, %(<div class="select">#{select}</div>), hint, problems)
        end

        # The controls of some Fields; `group` keeps their ids apart; with `nest`, they are
        # sent as group[name], for a small form inside another. `owned`: what the house has
        # to choose from, by key of a field.
        def nested_fields(group, fields, typed, problems, nest: false, owned: {})
          placed = problems.map { |problem| problem.merge(field: "#{group}-#{problem[:field]}") }
          fields.map do |asked|
            name = asked.key.to_s
            id = "#{group}-#{name}"
            about = { id: id, name: nest ? "#{group}[#{name}]" : name, aria_describedby: "#{id}-problem" }
            about.update(aria_invalid: "true", autofocus: "autofocus") if problem_for(problems, name)
            options = owned[asked.key] || asked.options
            field(id, asked.title, control(about, typed.fetch(name) { asked.usual }, options), nil, placed)
          end.join
        end

        # A control under an id and a name of its own.
        def control_field(id, name, label, value, problems, options: nil, hint: nil)
          about = { id: id, name: name, **described(id, hint, problems) }
          field(id, label, control(about, value, options), hint, problems)
        end

        # A problem as it stands at its field.
        def problem_text(problem)
          problem && %(<span aria-hidden="true">▲</span> #{Html::Markup.escape(problem)})
        end

        private

        def control(about, value, options)
          unless options
            return Html::Markup.tag("input", class: "input", autocomplete: "off", value: value, **about)
          end

          %(<div class="select">#{Html::Markup.tag('select', listed(options, value), **about)}</div>)
        end

        def listed(options, value)
          written = options.frozen? ? LISTED[options] ||= drawn(options) : drawn(options)
          chosen = Regexp.escape(Html::Markup.escape(value))
          written.sub(/ value="#{chosen}"|(?<=<option)(?=>#{chosen}(?:<|\z))/) do |its|
            %(#{its} selected="selected")
          end
        end

        def drawn(options)
          return brief(options) if options.size > LONG

          options.map do |key, words = key.tr("-", " ")|
            Html::Markup.tag("option", Html::Markup.escape(words), value: key)
          end.join
        end

        # A long list that a page has often: without what HTML can do without, it lies within what a
        # compressor looks back over.
        def brief(options)
          options.map do |key, words|
            value = %( value="#{Html::Markup.escape(key)}") unless key == words
            "<option#{value}>#{Html::Markup.escape(words)}"
          end.join
        end

        def field(name, label, control, hint, problems)
          [%(<div class="field"><label class="label" for="#{name}">#{Html::Markup.escape(label)}</label>),
           control, hint && hint_below(name, hint),
           %(<p class="problem" id="#{name}-problem" data-swap="problem-#{name}">),
           problem_text(problem_for(problems, name)), "</p></div>"].join
        end

        def hint_below(name, hint)
          %(<p class="hint" id="#{name}-hint" data-swap="hint-#{name}">#{Html::Markup.escape(hint)}</p>)
        end

        def described(name, hint, problems)
          ids = [("#{name}-hint" if hint), "#{name}-problem"].compact.join(" ")
          if problem_for(problems, name)
            { aria_describedby: ids, aria_invalid: "true", autofocus: "autofocus" }
          else
            { aria_describedby: ids }
          end
        end
      end
    end
  end
end
