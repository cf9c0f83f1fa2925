# frozen_string_literal: true

module FondKettle
  module Web
    module Html
      # Pages as a guest gets them, who only looks: with nothing on them that asks or sends, and links to
      # nothing but what a guest may open. Each writing request of a guest is refused by Visitors, too.
      class OnlyLooks
        # Fields of the household's that a guest has no use for are marked so where they are drawn.
        HOUSEHOLDS = "[data-household]"
        CONTROLS = "button, input, select, textarea, datalist, label[for], dialog, .button, " \
                   "script[src]:not([src*='/typeset.'])"

        # `open`: pattern of the addresses that a guest may open.
        def initialize(open)
          @open = open
        end

        # `page`: HTML markup of a whole page. The HTML library is loaded by the first guest.
        def call(page)
          require "nokogiri"
          document = Nokogiri::HTML5(page)
          document.css("details").each { |fold| fold.remove if fold.at_css("form, .button") }
          document.css(HOUSEHOLDS, CONTROLS).each(&:remove)
          document.css("a[href]").each { |link| unwrap(link) unless open?(link["href"]) }
          document.css("form, label").each { |asking| unwrap(asking, "div") }
          document.to_html
        end

        private

        def open?(address)
          address.start_with?("#") || address[/\A[^?#]*/].match?(@open)
        end

        # What stands in it stays, as a thing that does nothing.
        def unwrap(node, name = "span")
          node.name = name
          node.attribute_nodes.each { |attribute| attribute.remove unless attribute.name == "class" }
        end
      end
    end
  end
end
