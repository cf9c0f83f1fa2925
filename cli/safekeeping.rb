# frozen_string_literal: true

require "json"
require_relative "../lib/fond_kettle/ground/errors"
require_relative "../lib/fond_kettle/ground/paths"
require_relative "../store/archive"
require_relative "../store/contents"
require_relative "../store/dated_copies"
require_relative "../store/examination"
require_relative "../store/folder"
require_relative "../store/import"
require_relative "../store/replacement"

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
        path = to ? File.expand_path(to) : Store::DatedCopies.new(folder).path_of(@now)
        Store::Copy.write(file, path, now: @now, methods: methods)
        { file: path, kitchen: folder, holds: Store::Contents.at(path).told }
      end

      # Puts a copy in the place of the kitchen.
      def restore(from)
        done = Store::Replacement.new(folder).by_copy(from, @now)
        { kitchen: folder, holds: done.contents.told, before: done.kept_as, unreadable: done.unreadable }
      end

      # Looks a kitchen or a copy through, and changes nothing.
      def check(path = nil)
        there unless path
        examined = path ? Store::Examination.new(path) : Store::Examination.new(file, methods: methods)
        problems = examined.call(@now).problems + examined.unreadable
        unless problems.empty?
          raise(InvalidInput, problems.map { |words| { field: path || file, message: words } })
        end

        { file: path || file, sound: true, read: examined.counts, holds: examined.contents.told }
      end

      # Gives the kitchen away as a zip, or a part of it.
      def export(to)
        there
        Store::Archive.new(file, methods).write(File.expand_path(to), @now, part: @settings[:only])
        { file: File.expand_path(to), kitchen: folder, part: @settings[:only] }.compact
      end

      # Takes a zip in: a whole kitchen into an empty one, a part beside what is there.
      def import(from)
        import = Store::Import.new(from)
        import.part ? add(import) : begin_with(import)
      end

      private

      def begin_with(import)
        raise Conflict, Store::Import::NOT_EMPTY unless empty?

        done = import.prepared(@now) do |path, methods|
          Store::Replacement.new(folder).by_copy(path, @now, methods: methods)
        end
        { kitchen: folder, holds: done.contents.told, unreadable: done.unreadable }
      end

      def add(import)
        household = Store::Household.new(folder, demo: folder.end_with?("demo"))
        raise Conflict, Store::Replacement::RUNNING unless household.lock

        added, = import.into(household, @now)
        { kitchen: folder, part: import.part, added: added }
      ensure
        household&.close
      end

      def empty?
        !File.size?(file) || (Store::Contents.at(file).none? && methods.empty?)
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
        @folder ||= File.join(File.expand_path(@settings[:data] || File.join(ROOT, "var")), which)
      end

      def which
        return "kitchen" if @settings[:empty]
        return "demo" if @settings[:demo]

        data = File.expand_path(@settings[:data] || File.join(ROOT, "var"))
        demo_only = !File.exist?(File.join(data, "kitchen", "kettle.db")) &&
                    File.exist?(File.join(data, "demo", "kettle.db"))
        demo_only ? "demo" : "kitchen"
      end
    end
  end
end
