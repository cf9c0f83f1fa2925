# frozen_string_literal: true

require "rack/utils"

module FondKettle
  module Web
    module Html
      # HTML and SVG elements as strings; attributes are escaped, text by `text`
      # and `escape`.
      module Markup
        module_function

        # tag("rect", x: 1, class: "bed") or tag("g", inner_markup, class: "mark")
        def tag(name, content = nil, **attributes)
          written = attributes.map { |key, value| %( #{name_of(key)}="#{escape(number(value))}") }.join
          content ? "<#{name}#{written}>#{content}</#{name}>" : "<#{name}#{written}/>"
        end

        # An SVG text element.
        def text(words, **attributes)
          tag("text", escape(words), **attributes)
        end

        def escape(words)
          Rack::Utils.escape_html(words.to_s)
        end

        def name_of(key)
          key.to_s.tr("_", "-")
        end

        def number(value)
          value.is_a?(Float) ? value.round(2) : value
        end
        private_class_method :name_of, :number
      end
    end
  end
end
