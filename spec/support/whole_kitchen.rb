# frozen_string_literal: true

require "fileutils"
require "sqlite3"
require "tmpdir"
require_relative "../../store/folder"
require_relative "../../store/household"
require_relative "../../store/safekeeping/tables"
require_relative "demo_kitchen"

module Support
  # Everything that a kitchen holds, to be compared with another.
  module WholeKitchen
    # Numbers that say only how often something was changed.
    VERSIONS = %w[lock_version planned].freeze

    module_function

    # Every row of every table in a folder's kitchen, and its own methods.
    def of(folder)
      sqlite = SQLite3::Database.new(File.join(folder, "kettle.db"))
      { tables: FondKettle::Store::Tables.read(sqlite),
        methods: FondKettle::Store::Folder.new(folder).method_texts }
    ensure
      sqlite&.close
    end

    # The same without what changes with every change, and what tells of changes.
    def matter(folder)
      whole = of(folder)
      tables = whole[:tables].except("changes", "made").transform_values do |rows|
        rows.map { |row| row.except(*VERSIONS) }
      end
      { **whole, tables: tables }
    end

    # A demo kitchen with something in every table, nobody having it open.
    def filled
      Dir.mktmpdir do |folder|
        household = DemoKitchen.open(folder)
        fill(household, Time.now)
        household.close
        yield folder
      end
    end

    # A method of its own, a box, a component, a card, a portion, a weight, a meal, a change.
    def fill(household, now)
      household.put_method("ours", "key: ours\nlike: level\nname: Ours\n")
      household.kept.put({ what: "Beans", portions: 3, g_each: 210.0, depth_mm: 20.0, vessel: "tray",
                           start_c: 90.0 }, made_at: now, place: "cooling", moved_at: nil)
      household.components.make({ name: "Sharp dressing", like: "stock", allergens: "" },
                                left_g: 120.0, use_by: "2026-12-24", place: "fridge", now: now)
      household.cards.print(pot_id: 1, grain: "basmati", address: "grain=basmati", liquids_g: [100.0],
                            now: now)
      household.portions.keep("main" => 82.5)
      household.stand_ins.set("probe", 63.4, now)
      household.weights.learn("thin onions", 110.0)
      tell_mine(household, now)
      household.once("form", now) { "/cupboard" }
      remove_cup(household, now)
    end

    def remove_cup(household, now)
      cup = household.shelf(:cups).all.first
      household.journal.act("Removed: a cup", kind: "removal", path: "/cupboard", now: now) do
        household.shelf(:cups).remove(cup[:id], cup[:lock_version], now)
      end
    end

    # Water of the cook's own that comes right.
    def tell_mine(household, now)
      seen = household.database.read { |db| db[:lessons].get(:seen) }
      household.lessons.mine.add(title: "Basmati, steel pot", address: "grain=basmati", liquid_g: 420.0,
                                 seen: seen, told_at: now.utc.iso8601)
    end
  end
end
