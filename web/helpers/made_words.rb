# frozen_string_literal: true

require_relative "../../lib/fond_kettle/methods/dressings"
require_relative "../../lib/fond_kettle/methods/making"
require_relative "../../lib/fond_kettle/methods/piece_uses"

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

        # What rice of a Methods::Method may be divided into: what is wrapped is steamed once more.
        def piece_uses(method)
          Methods::PieceUses.all.values.select { |use| use.wrapped == wrapped?(method) }
                            .map { |use| [use.key, use.word] }
        end

        # Is it wrapped in leaves?
        def wrapped?(method)
          !method.pieces.nil? && Methods::PieceUses.fetch(method.pieces).wrapped
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

          use = Methods::PieceUses.all.fetch(form[:piece_for].to_s) { Methods::PieceUses.fetch(form.method.pieces) }
          [form[:pieces].to_s, use.word].reject(&:empty?).join(" ")
        end
      end
    end
  end
end
