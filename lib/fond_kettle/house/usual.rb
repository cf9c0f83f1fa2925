# frozen_string_literal: true

require_relative "../kit/vessel_kind"
require_relative "how_much"

module FondKettle
  module House
    # The wishes that a household is assumed to have when it states none.
    module Usual
      METHOD = "covered-pot"
      # Where one is asked for that suits a vessel of another kind.
      METHODS = { FondKettle::Kit::VesselKinds::COOKER => "rice-cooker" }.freeze
      GRAIN = "basmati"
      # An empty kitchen still gets its first pot.
      GUESTS_WITHOUT_EATERS = 2
      # Portions of plain rice; any other meal is a dish.
      PLAIN_PORTIONS = %w[side main one-pot].freeze

      module_function

      # Key of the method for plain rice in a vessel of `kind` (Kit::VesselKind).
      def method_for(kind)
        METHODS.fetch(kind, METHOD)
      end

      # Key of the grain: the dish's, or what the first bag of the Shelves holds.
      def grain(shelves, dish)
        dish ? dish.grain : shelves.bags.first&.grain || GRAIN
      end

      # The dish's own portion, else the Method's where plain rice has it.
      def portion(method, dish)
        return HowMuch::AS_DISH if dish

        PLAIN_PORTIONS.include?(method.portion) ? method.portion : "main"
      end

      # Number of guests: none, unless nobody lives here.
      def guests(shelves)
        shelves.eaters.empty? ? GUESTS_WITHOUT_EATERS : 0
      end
    end
  end
end
