# frozen_string_literal: true

require "time"
require_relative "../../lib/fond_kettle/ground/value"
require_relative "../ground/refusals"
require_relative "../html/markup"

module FondKettle
  module Web
    module Presenters
      # The household's door as the page Settings shows it.
      class HouseDoor
        # A device that is let in: its id, name, when it was here last, whether it is a guest's or this one.
        Device = Value.define(:id, :name, :seen, :guest, :mine)
        # A code to let one in: its address, and that as a drawing.
        Code = Value.define(:address, :drawing)
        DRAWN = { module_size: 5, offset: 20, color: "000", fill: "fff" }.freeze
        WHAT_FOR = "The code, to be photographed"

        # `door`: Store::DoorBook; `mine`: id of the device that asks, or nil; `base`: the kitchen's address.
        def initialize(door, now, mine, base)
          @door = door
          @now = now
          @mine = mine
          @base = base
        end

        # Devices, the last seen first.
        def devices
          @door.devices(@now).map do |record|
            Device.new(id: record[:id], name: record[:name], seen: ago(record[:seen_at]),
                       guest: record[:guest], mine: record[:id] == @mine)
          end
        end

        # A Code of a ticket: it stands behind the #, which no browser sends.
        def code(ticket)
          address = "#{@base}/door#join=#{ticket}"
          # Seldom wanted, and slow to load.
          require "rqrcode"
          code = RQRCode::QRCode.new(address)
          drawn = code.as_svg(standalone: false, use_path: true, **DRAWN)
          side = (code.qrcode.module_count * DRAWN[:module_size]) + (2 * DRAWN[:offset])
          Code.new(address: address, drawing: Html::Markup.picture(drawn, side, side, WHAT_FOR, "door-code"))
        end

        # Sentences of what was refused.
        def refusals
          @door.refusals.map do |record|
            times = record[:times] == 1 ? "once" : "#{record[:times]} times"
            "#{Refusals::KINDS.fetch(record[:kind])}, #{times}, from #{record[:from]}, " \
              "#{ago(Time.parse(record[:last_at]))}"
          end
        end

        private

        # "today at 18:40", "23 Nov".
        def ago(time)
          time = time.getlocal
          return time.strftime("%-d %b") unless time.to_date == @now.getlocal.to_date

          "today at #{time.strftime('%H:%M')}"
        end
      end
    end
  end
end
