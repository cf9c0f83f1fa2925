# frozen_string_literal: true

require "json"
require_relative "../lib/fond_kettle/ground/errors"
require_relative "../app/kitchens/copy"
require_relative "../app/kitchens/restore"
require_relative "../store/safekeeping/contents"
require_relative "../store/safekeeping/examination"
require_relative "../store/folder"
require_relative "../store/safekeeping/import"
require_relative "../store/safekeeping/replacement"
require_relative "kitchen_folder"

module FondKettle
  module Cli
    # The commands that keep a kitchen safe and give it away: each answers what it did, as a hash for JSON.
    # The kitchen is the cook's own where there is one, else the demo's; --empty and --demo say which.
    class Safekeeping
      NO_KITCHEN = "There is no kitchen here yet: start bin/kettle first, or say where it is (--data DIR)."

      def initialize(settings, now: Time.now)
        @settings = settings
        @now = now
      end

      # Copies the kitchen into one file, while it is used or not; `to` nil: among its own copies.
      def backup(to = nil)
        there
        path = to ? copying.to_file(File.expand_path(to)) : copying.dated
        { file: path, kitchen: folder, holds: Store::Contents.at(path).to_h }
      end

      # Puts a copy in the place of the kitchen.
      def restore(from)
        done = App::RestoreKitchen.new(@now).closed(from, folder)
        { kitchen: folder, holds: done.contents.to_h, before: done.kept_as, unreadable: done.unreadable }
      end

      # Looks a kitchen or a copy through, and changes nothing.
      def check(path = nil)
        there unless path
        examined = path ? Store::Examination.new(path) : Store::Examination.new(file, methods: methods)
        problems = examined.call(@now).problems + examined.unreadable
        unless problems.empty?
          raise(InvalidInput, problems.map { |words| { field: path || file, message: words } })
        end

        { file: path || file, sound: true, read: examined.counts, holds: examined.contents.to_h }
      end

      # Gives the kitchen away as a zip, or a part of it.
      def export(to)
        there
        copying.to_zip(File.expand_path(to), part: @settings[:only])
        { file: File.expand_path(to), kitchen: folder, part: @settings[:only] }.compact
      end

      # Takes a zip in: a whole kitchen into an empty one, a part beside what is there.
      def import(from)
        import = Store::Import.new(from)
        import.part ? add(import) : begin_with(import)
      end

      private

      def begin_with(import)
        done = App::RestoreKitchen.new(@now).into_empty(import, folder)
        { kitchen: folder, holds: done.contents.to_h, unreadable: done.unreadable }
      end

      def add(import)
        household = Store::Household.new(folder, demo: folder.end_with?("demo"))
        raise Conflict, Store::Replacement::RUNNING unless household.lock

        added, = import.into(household, @now)
        { kitchen: folder, part: import.part, added: added }
      ensure
        household&.close
      end

      def copying
        App::CopyKitchen.new(folder, @now)
      end

      def there
        raise NotFound, NO_KITCHEN unless File.exist?(file)
      end

      def file
        File.join(folder, "kettle.db")
      end

      def methods
        Store::Folder.new(folder).method_texts
      end

      def folder
        @folder ||= KitchenFolder.chosen(@settings)
      end
    end
  end
end
