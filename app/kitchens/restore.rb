# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../../store/safekeeping/contents"
require_relative "../../store/folder"
require_relative "../../store/safekeeping/import"
require_relative "../../store/safekeeping/incoming"
require_relative "../../store/safekeeping/replacement"

module FondKettle
  module App
    # Puts a whole kitchen in the place of another, or adds a part of one to it. The present kitchen is kept
    # beside it as a file.
    class RestoreKitchen
      # `now`: a Time.
      def initialize(now)
        @now = now
      end

      # Replaces the kitchen of a running server by a Store::Incoming. Returns Store::Replacement::Done.
      # Raises InvalidInput.
      def running(incoming, household)
        incoming.replace(household, @now)
      end

      # Adds the part in a Store::Incoming to a household. Returns [counts by table, the journal's id].
      def part(incoming, household)
        incoming.merge(household, @now)
      end

      # Replaces the kitchen in a folder that no server has open by a copy (a file). Returns
      # Store::Replacement::Done. Raises InvalidInput, Conflict.
      def closed(path, folder)
        Store::Replacement.new(folder).by_copy(path, @now)
      end

      # Fills an empty kitchen in a folder from a Store::Import of a whole one. Returns
      # Store::Replacement::Done. Raises Conflict when the kitchen is not empty.
      def into_empty(import, folder)
        raise Conflict, Store::Import::NOT_EMPTY unless empty?(folder)

        import.prepared(@now) do |path, methods|
          Store::Replacement.new(folder).by_copy(path, @now, methods: methods)
        end
      end

      private

      def empty?(folder)
        file = File.join(folder, "kettle.db")
        !File.size?(file) || (Store::Contents.at(file).none? && Store::Folder.new(folder).method_texts.empty?)
      end
    end
  end
end
