# frozen_string_literal: true

require "rack/utils"

module FondKettle
  module Web
    module Html
      # HTML and SVG elements as strings; attributes are escaped, text by `text`
      # and `escape`.
      module Markup
        NAMES = Hash.new { |names, key| names[key] = key.to_s.tr("_", "-").freeze }

        module_function

        # tag("rect", x: 1, class: "bed") or tag("g", inner_markup, class: "mark")
        def tag(name, content = nil, **attributes)
          element = "<#{name}"
          attributes.each { |key, value| element << " " << NAMES[key] << '="' << attribute(value) << '"' }
          content ? element << ">" << content << "</" << name << ">" : element << "/>"
        end

        # An SVG drawing of its own size, with the words that say it to those who do not see it.
        def picture(drawn, wide, high, words, klass)
          tag("svg", drawn, viewBox: "0 0 #{wide} #{high}", width: wide, height: high, class: klass,
                            role: "img", aria_label: words)
        end

        # An SVG text element.
        def text(words, **attributes)
          tag("text", escape(words), **attributes)
        end

        def escape(words)
          Rack::Utils.escape_html(words.to_s)
        end

        # Numbers need no escaping.
        def attribute(value)
          case value
          when Float then value.round(2).to_s
          when Integer then value.to_s
          else escape(value)
          end
        end
        private_class_method :attribute
      end
    end
  end
end
