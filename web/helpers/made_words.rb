# frozen_string_literal: true

require_relative "../../lib/fond_kettle/methods/dressings"
require_relative "../../lib/fond_kettle/methods/request/making"

module FondKettle
  module Web
    module Helpers
      # Choices of what is made of the rice.
      module MadeWords
        FROM = [["fresh", "fresh, the same day"], ["chilled", "from the refrigerator, the next day"],
                ["frozen", "from the freezer"]].freeze
        AIR = [["fanned", "turned and fanned"], ["turned", "turned over"], ["still", "left alone"]].freeze

        # The house styles of a dressing.
        def dressing_styles
          Methods::Dressings.all.values.map { |style| [style.key, "#{style.name}: #{style.gives}"] }
        end

        # The pieces that the rice of a Methods::Method may be divided into. Wrapped pieces are steamed once
        # more.
        def piece_uses(method)
          method.piece_uses.map { |use| [use.key, use.word] }
        end

        # The front of the drawer; nothing where a way makes nothing of its rice.
        def making(form)
          return "" unless form.method.steamed? || form.method.pieces

          [(form[:steamer_mm].to_s.empty? ? "the house's steamer" : "#{form[:steamer_mm]} mm steamer"),
           (form[:style] || "usual" if form.method.dressed), pieces_said(form)]
            .drop(form.method.steamed? ? 0 : 1).compact.join(", ")
        end

        private

        def pieces_said(form)
          return unless form.method.pieces

          [form[:pieces].to_s, form.method.piece_use(form[:piece_for]).word].reject(&:empty?).join(" ")
        end
      end
    end
  end
end
