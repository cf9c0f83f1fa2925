# frozen_string_literal: true

require "fileutils"
require "sequel"
require "sqlite3"
require "timeout"
require "tmpdir"
require_relative "../../store/safekeeping/archive"
require_relative "../../store/copy"
require_relative "../../store/safekeeping/dated_copies"
require_relative "../../store/safekeeping/examination"
require_relative "../../store/safekeeping/import"
require_relative "../../store/safekeeping/replacement"
require_relative "killed_work"
require_relative "whole_kitchen"

module Support
  # Processes that die (-9) at a moment of their work: before a statement of SQL, a step of SQLite's own
  # backup, a renaming, removing or copying of a file, and once they have said that it is done. What they
  # leave is the kitchen as it was or as it should have become, and as it should have become where they had
  # said so.
  module Kills
    MOMENTS = [[Sequel::Database, :log_connection_yield], [SQLite3::Database, :execute],
               [SQLite3::Database, :execute_batch], [SQLite3::Backup, :step],
               [File.singleton_class, :rename], [FileUtils.singleton_class, :rm_f],
               [FileUtils.singleton_class, :cp]].freeze
    # What a process writes when it has done all.
    DONE = "done"

    # What came of one that was killed: at which moment of how many, and what is wrong (nil: nothing).
    Came = Struct.new(:work, :moment, :moments, :acknowledged, :wrong)

    module_function

    # Kills each kind of work at `count` moments in all, spread evenly over each. Returns what came of each.
    def all(count)
      works = KilledWork.all
      works.each_with_index.flat_map do |work, index|
        share = (count / works.size) + (index < count % works.size ? 1 : 0)
        of(work, share)
      end
    end

    def of(work, share)
      Dir.mktmpdir do |pattern|
        work.prepare(pattern)
        before = work.stands(pattern)
        after, moments = whole(work, pattern)
        spread(moments + 1, share).map do |moment|
          acknowledged, stands, wrong = killed(work, pattern, moment)
          wrong ||= judged(stands, before, after, acknowledged)
          Came.new(work.name, moment, moments, acknowledged, wrong)
        end
      end
    end

    # From the first moment to the last, which is after all of them.
    def spread(moments, share)
      return [] if share.zero?

      Array.new(share) { |index| 1 + (index * (moments - 1) / [share - 1, 1].max) }
    end

    # [how the kitchen stands when nobody is killed, how many moments there were]
    def whole(work, pattern)
      in_copy(pattern) do |folder|
        _, told = child(work, folder, nil)
        raise "#{work.name} did not come to its end: #{told}" unless told.include?(DONE)

        [work.stands(folder), told[/moments (\d+)/, 1].to_i]
      end
    end

    def killed(work, pattern, moment)
      in_copy(pattern) do |folder|
        _, told = child(work, folder, moment)
        acknowledged = told.include?(DONE)
        [acknowledged, work.stands(folder), work.wrong(folder)]
      rescue FondKettle::Error, SQLite3::Exception, Sequel::Error, KeyError => e
        [acknowledged, nil, "cannot be opened: #{e.message}"]
      end
    end

    def judged(stands, before, after, acknowledged)
      return if stands == after
      return "was acknowledged, and is lost" if acknowledged

      "is neither as it was nor as it should be" unless stands == before
    end

    def in_copy(pattern)
      Dir.mktmpdir do |folder|
        FileUtils.cp_r("#{pattern}/.", folder)
        yield folder
      end
    end

    # Does the work in a process of its own. Returns its status and what it told.
    def child(work, folder, moment)
      reads, writes = IO.pipe
      pid = fork do
        reads.close
        [$stdout, $stderr].each { |stream| stream.reopen(File::NULL) }
        die(work, folder, moment, writes)
      end
      writes.close
      told = reads.read
      _, status = Process.wait2(pid)
      [status, told]
    end

    # Nothing of the process that it came from is tidied away.
    def die(work, folder, moment, writes)
      count = die_at(moment)
      work.call(folder)
      writes.write("#{DONE} moments #{count.call}")
      Process.kill(:KILL, Process.pid) && sleep if moment
    rescue StandardError => e
      writes.write("#{e.class}: #{e.message}")
    ensure
      exit!(0)
    end

    # From now on moments are counted, and the one numbered `moment` is this process's last (nil: none is).
    # Returns what tells how many there were.
    def die_at(moment)
      count = 0
      MOMENTS.each do |owner, name|
        owner.prepend(Module.new do
          define_method(name) do |*given, **named, &block|
            Process.kill(:KILL, Process.pid) && sleep if (count += 1) == moment
            super(*given, **named, &block)
          end
        end)
      end
      -> { count }
    end
  end
end
