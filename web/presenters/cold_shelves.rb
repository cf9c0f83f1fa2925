# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/value"
require_relative "../drawings/kept_box"
require_relative "../helpers/numbers"

module FondKettle
  module Web
    module Presenters
      # A box as it stands on its shelf: the `id` of its record, its picture, its name and until when it is
      # good, in few words.
      ShelvedBox = Value.define(:id, :drawing, :what, :until)

      # What is kept, as the counter, the refrigerator and the freezer have it, the first to go in front.
      class ColdShelves
        include Helpers::Numbers

        PLACES = { "cooling" => "On the counter", "fridge" => "In the refrigerator",
                   "freezer" => "In the freezer" }.freeze
        DAY_S = 86_400

        # `boxes`: KeptThings::Boxes; `now`: a Time.
        def initialize(boxes, now)
          @boxes = boxes
          @now = now
        end

        # [place, heading, ShelvedBoxes] of each place.
        def all
          there = @boxes.group_by { |box| box.kept.place }
          PLACES.map do |place, heading|
            [place, heading, there.fetch(place, []).sort_by { |box| [ends_at(box), box.record[:id]] }
                                  .map { |box| shelved(box) }]
          end
        end

        private

        # Time by which something is to be done about it: now where it is too late.
        def ends_at(box)
          (box.kept.place == "cooling" ? box.kept.move_by : box.kept.use_by(@now)) || @now
        end

        def shelved(box)
          said = box.past ? "throw it away" : until_words(box)
          words = "#{box.record[:what]}, #{box.record[:portions]} of #{grams(box.kept.g_each)}: #{said}"
          ShelvedBox.new(id: box.record[:id], what: box.record[:what], until: said,
                         drawing: Drawings::KeptBox.new(box.record[:portions], lasts(box), words))
        end

        def until_words(box)
          ends = ends_at(box)
          return "spread it shallow now" if ends <= @now
          return "into the cold by #{hour(ends)}" if box.kept.place == "cooling"

          left_s = ends - @now
          left_s > DAY_S * 2 ? "good for #{(left_s / DAY_S).floor} days" : "use by #{moment(ends)}"
        end

        def lasts(box)
          return "now" if box.past || box.due || box.kept.place == "cooling"

          ends_at(box) - @now > DAY_S ? "days" : "last-day"
        end
      end
    end
  end
end
