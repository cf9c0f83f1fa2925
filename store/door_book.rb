# frozen_string_literal: true

require "bcrypt"
require "digest"
require "securerandom"
require "time"
require_relative "database"

module FondKettle
  module Store
    # Devices that are let into a kitchen which is open to its network: the household's word, those that gave
    # it, the tickets that let one in without it, and who was refused. In a file of its own (door.db): no copy
    # or export has it.
    class DoorBook
      MIGRATIONS = File.expand_path("door/migrations", __dir__)
      # A device that was not seen for so long is a stranger again, s.
      UNSEEN_S = 90 * 86_400
      # A ticket lets one device in within that time; a guest's as many as come, and for one evening, s.
      TICKET_S = 600
      GUEST_S = 12 * 3600
      # A visit is written down once in so long, s.
      VISIT_S = 3600
      TOKEN_BYTES = 32
      # bcrypt reads no further, bytes.
      LONGEST_WORD = 72
      # Cost of a guess (BCrypt).
      COST = 12
      MOST_DEVICES = 200
      MOST_REFUSALS = 300

      # `folder`: the household's; `cost`: of BCrypt.
      def initialize(folder, cost: COST, busy_ms: Database::BUSY_MS)
        @database = Database.new(folder, busy_ms: busy_ms, name: "door", migrations: MIGRATIONS)
        @cost = cost
      end

      def word?
        @database.read { |db| !db[:words].empty? }
      end

      # Makes `word` the household's; every device but the one with id `keep` has to say it anew.
      def change_word(word, now, keep: nil)
        digest = BCrypt::Password.create(word, cost: @cost).to_s
        @database.write do |db|
          db[:words].delete
          db[:words].insert(digest: digest, made_at: stamp(now))
          db[:tickets].delete
          db[:devices].exclude(id: keep).delete
        end
      end

      # True where that is the household's word, as House::DoorWord reads it.
      def right?(word)
        digest = @database.read { |db| db[:words].get(:digest) }
        digest && word.bytesize <= LONGEST_WORD && BCrypt::Password.new(digest) == word
      end

      # Lets a device in: its token, which only the device keeps.
      def join(name, now, guest: false)
        token = SecureRandom.urlsafe_base64(TOKEN_BYTES)
        @database.write do |db|
          db[:devices].insert(name: name, token: digest(token), guest: guest, joined_at: stamp(now),
                              seen_at: stamp(now), until: guest ? stamp(now + GUEST_S) : nil)
          oldest = db[:devices].order(Sequel.desc(:seen_at)).offset(MOST_DEVICES).select_map(:id)
          db[:devices].where(id: oldest).delete
        end
        token
      end

      # The device's record by its token, or nil for a stranger; its visit is written down now and then.
      def device(token, now)
        record = @database.remember([:device, token]) do |db|
          read(db[:devices].where(token: digest(token))).first
        end
        return unless record && welcome?(record, now)

        visit(record, now) if now - record[:seen_at] > VISIT_S
        record
      end

      # Records of all that are let in, the last seen first.
      def devices(now)
        @database.read { |db| read(db[:devices].order(Sequel.desc(:seen_at))) }
                 .select { |record| welcome?(record, now) }
      end

      def send_away(id)
        @database.write { |db| db[:devices].where(id: id).delete }
      end

      # A ticket's token: for one device and ten minutes, or for guests and an evening.
      def ticket(now, guest: false)
        token = SecureRandom.urlsafe_base64(TOKEN_BYTES)
        lasts_s = guest ? GUEST_S : TICKET_S
        @database.write do |db|
          db[:tickets].where(Sequel[:until] < stamp(now)).delete
          db[:tickets].insert(token: digest(token), guest: guest, until: stamp(now + lasts_s))
        end
        token
      end

      # Lets a device in by a ticket: its token, or nil where the ticket is used up, too old, or none.
      def redeem(ticket, name, now)
        @database.write do |db|
          found = db[:tickets].first(token: digest(ticket))
          next unless found && Time.parse(found[:until]) > now

          db[:tickets].where(token: found[:token]).delete unless found[:guest]
          join(name, now, guest: found[:guest])
        end
      end

      # Takes down that somebody was not let in: once a kind, an address and an hour, with how often.
      def refused(kind, from, now)
        spot = { kind: kind, from: from, hour: now.utc.strftime("%Y-%m-%dT%H") }
        @database.write do |db|
          db[:refusals].insert_conflict.insert(**spot, last_at: stamp(now))
          db[:refusals].where(spot).update(times: Sequel[:times] + 1, last_at: stamp(now))
          old = db[:refusals].order(Sequel.desc(:last_at)).offset(MOST_REFUSALS).select_map(:id)
          db[:refusals].where(id: old).delete
        end
      end

      # Records of what was refused, the last first.
      def refusals
        @database.read { |db| db[:refusals].order(Sequel.desc(:last_at)).all }
      end

      def close
        @database.close
      end

      private

      # Records of devices, their times as Times.
      def read(devices)
        devices.all.map do |record|
          record.merge(seen_at: Time.parse(record[:seen_at]),
                       until: record[:until] && Time.parse(record[:until]))
        end
      end

      def welcome?(record, now)
        record[:until] ? record[:until] > now : now - record[:seen_at] < UNSEEN_S
      end

      def visit(record, now)
        @database.write { |db| db[:devices].where(id: record[:id]).update(seen_at: stamp(now)) }
      end

      # Tokens are as long as chance can be: nobody finds one by its digest.
      def digest(token)
        Digest::SHA256.hexdigest(token.to_s)
      end

      def stamp(time)
        time.utc.iso8601(3)
      end
    end
  end
end
