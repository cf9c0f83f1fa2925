# frozen_string_literal: true

require_relative "../ground/value"

module FondKettle
  module Kit
    # What kind of vessel something is, and so what it stands on.
    #   key      "pot", "cooker"
    #   lid      what a usual one has on
    #   source   what a usual one is heated by (Burner)
    #   on_ring  true where it takes a ring of the stove
    #   regulated  true where a cook turns the heat down once it boils
    #   marked   true where lines inside say how far to fill it
    #   word     where it is cooked, as told
    VesselKind = Value.define(:key, :lid, :source, :on_ring, :regulated, :marked, :word)

    # The kinds. A cooker is known by its own lid, and by its own heat; everything else
    # is a pot under whichever lid.
    module VesselKinds
      POT = VesselKind.new(key: "pot", lid: "ordinary", source: "gas", on_ring: true, regulated: true,
                           marked: false, word: "stove")
      COOKER = VesselKind.new(key: "cooker", lid: "cooker", source: "cooker", on_ring: false,
                              regulated: false, marked: true, word: "cooker")

      module_function

      # Attributes of a vessel under this lid.
      def by_lid(lid)
        lid == COOKER.lid ? COOKER : POT
      end

      # Attributes of a vessel that this source heats.
      def by_source(source)
        source == COOKER.source ? COOKER : POT
      end
    end
  end
end
