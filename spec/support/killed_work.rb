# frozen_string_literal: true

require "json"
require "zlib"
require_relative "../../store/demo"
require_relative "../../store/safekeeping/upkeep"
require_relative "killed_writes"
require_relative "kitchens"
require_relative "whole_kitchen"

module Support
  # Work that a kitchen's process may be killed in: `prepare` makes the folder that it begins with, `call`
  # does it, `stands` starts the kitchen again, `wrong` says what else is wrong afterwards.
  KilledWork = Struct.new(:name, :preparing, :doing, :looking, :starting) do
    def prepare(folder)
      preparing.call(folder)
    end

    def call(folder)
      doing.call(folder)
    end

    def wrong(folder)
      looking&.call(folder)
    end

    # Everything in the kitchen of a folder as its next start leaves it; nil where there is none.
    def stands(folder)
      kitchen = File.join(folder, "kitchen")
      return if Dir[File.join(kitchen, "kettle.*")].empty?

      starting.call(kitchen).close
      sqlite = SQLite3::Database.new(File.join(kitchen, "kettle.db"))
      raise KeyError, "is not whole" unless sqlite.get_first_value("PRAGMA integrity_check") == "ok"

      WholeKitchen.of(kitchen)
    ensure
      sqlite&.close
    end
  end

  class << KilledWork
    include KilledWrites

    NOW = KilledWrites::NOW
    STORE = FondKettle::Store

    START = ->(kitchen) { STORE::Household.new(kitchen, demo: true) }

    def all
      [*writes, *copying, *replacing, *beginning]
    end

    private

    def work(name, preparing = method(:demo), looking = nil, starting = START, &doing)
      new(name, preparing, doing, looking, starting)
    end

    def demo(folder)
      kitchen = File.join(folder, "kitchen").tap { |path| FileUtils.mkdir_p(path) }
      household = DemoKitchen.open(kitchen)
      WholeKitchen.fill(household, NOW)
      household.close
    end

    # With a copy and a zip of another kitchen beside it.
    def two(folder)
      demo(folder)
      theirs = { "theirs" => "key: theirs\nlike: level\nname: Theirs\n" }
      archive(folder, theirs, "k.zip")
      archive(folder, {}, "log.zip", part: "log")
      household(folder) { |one| one.dishes.remove(2, 0, NOW) }
      copy(folder, theirs, "copy.db")
      household(folder) { |one| 3.times { |id| one.dishes.remove(id + 5, 0, NOW) } }
    end

    def archive(folder, methods, name, part: nil)
      STORE::Archive.new(database(folder), methods).write(File.join(folder, name), NOW, part: part)
    end

    def copy(folder, methods, name)
      STORE::Copy.write(database(folder), File.join(folder, name), now: NOW, methods: methods)
    end

    def database(folder)
      File.join(folder, "kitchen", "kettle.db")
    end

    def household(folder)
      opened = started(folder)
      yield opened
    ensure
      opened&.close
    end

    # Is not closed by whoever is killed.
    def started(folder)
      STORE::Household.new(File.join(folder, "kitchen"), demo: true)
    end

    def copying
      sound = lambda do |folder|
        torn = Dir[File.join(folder, "{*.db,kitchen/copies/*.db,*.zip}")].find { |path| !sound?(path) }
        "#{File.basename(torn)} is torn" if torn
      end
      [work("backup", method(:demo), sound) { |folder| copy(folder, {}, "b.db") },
       work("export", method(:demo), sound) { |folder| archive(folder, {}, "e.zip", part: "log") },
       work("a copy a day", method(:demo), sound) do |folder|
         STORE::Upkeep.new(started(folder), clock: -> { NOW }).tick
       end]
    end

    def sound?(path)
      return STORE::Import.new(path).part == "log" if path.end_with?(".zip")

      STORE::Examination.new(path).call(NOW).sound?
    rescue FondKettle::InvalidInput
      false
    end

    def replacing
      [work("restore", method(:two)) do |folder|
        STORE::Replacement.new(File.join(folder, "kitchen")).by_copy(File.join(folder, "copy.db"), NOW)
      end,
       work("restore while it runs", method(:two)) do |folder|
         one = started(folder)
         STORE::Replacement.new(one.path).of_running(File.join(folder, "copy.db"), one, NOW)
       end,
       work("import a part", method(:two)) do |folder|
         STORE::Import.new(File.join(folder, "log.zip")).into(started(folder), NOW)
       end,
       work("import", method(:none)) do |folder|
         STORE::Import.new(File.join(folder, "k.zip")).prepared(NOW) do |file, methods|
           STORE::Replacement.new(File.join(folder, "kitchen")).by_copy(file, NOW, methods: methods)
         end
       end]
    end

    # A zip of a kitchen, and no kitchen.
    def none(folder)
      two(folder)
      FileUtils.rm_rf(File.join(folder, "kitchen"))
    end

    def beginning
      old = lambda do |folder|
        FileUtils.mkdir_p(File.join(folder, "kitchen"))
        File.binwrite(File.join(folder, "kitchen", "kettle.db"), Zlib.gunzip(File.binread(Kitchens::OLD)))
      end
      nothing = ->(_) {}
      empty = ->(kitchen) { STORE::Household.new(kitchen) }
      [work("migration", old) { |folder| started(folder) },
       work("first start", nothing, nil, empty) { |folder| empty.call(File.join(folder, "kitchen")) },
       work("first start of the demo", nothing, nil, method(:demo_start)) do |folder|
         demo_start(File.join(folder, "kitchen"))
       end]
    end

    def demo_start(kitchen)
      STORE::Household.new(kitchen, demo: true).tap { |one| STORE::Demo.fill(one, NOW) if one.bare? }
    end
  end
end
