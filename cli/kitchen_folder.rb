# frozen_string_literal: true

require_relative "../lib/fond_kettle/ground/paths"

module FondKettle
  module Cli
    # Folder of the kitchen that a command works on, below --data or `var`. The demo and the cook's own
    # kitchen never share a folder.
    module KitchenFolder
      OWN = "kitchen"
      DEMO = "demo"

      module_function

      # The folder that the application opens: the cook's own with --empty, else the demo's.
      def served(settings)
        File.join(data(settings), settings[:empty] ? OWN : DEMO)
      end

      # The folder that is copied, checked or given away: as --empty and --demo say, else the cook's own,
      # else the demo's where that alone is there.
      def chosen(settings)
        File.join(data(settings), own_or_demo(settings))
      end

      def data(settings)
        File.expand_path(settings[:data] || File.join(ROOT, "var"))
      end

      def own_or_demo(settings)
        return OWN if settings[:empty]
        return DEMO if settings[:demo]

        !kitchen?(settings, OWN) && kitchen?(settings, DEMO) ? DEMO : OWN
      end

      def kitchen?(settings, name)
        File.exist?(File.join(data(settings), name, "kettle.db"))
      end

      private_class_method :data, :own_or_demo, :kitchen?
    end
  end
end
