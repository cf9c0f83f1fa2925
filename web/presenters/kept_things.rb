# frozen_string_literal: true

require "rack/utils"
require_relative "../../lib/fond_kettle/care/cautions"
require_relative "../../lib/fond_kettle/care/put_away"
require_relative "../drawings/cooling_drawing"
require_relative "presenter"

module FondKettle
  module Web
    module Presenters
      # Stored food: what is due first, and until when each box is good.
      class KeptThings < Presenter
        # One of them: its `record`, the Care::PutAway (`kept`), a line that says how much and where,
        # what there is to do about it, whether it is due or past.
        Box = Value.define(:record, :kept, :where, :say, :due, :past)
        PLACES = { "cooling" => "cooling in the kitchen", "fridge" => "in the refrigerator",
                   "freezer" => "in the freezer" }.freeze
        WAYS = { steam: "steam", pan: "pan with a splash of water, lid on low",
                 microwave: "microwave, 800 W" }.freeze
        # The caution on what is kept.
        RULE = "cooked-rice-cooling"
        # A curve is drawn at least so far, minutes.
        LEAST_MIN = 120.0

        # So many that are due are told at once, and so many of a grain.
        MOST_DUE = 12
        MOST_OF_GRAIN = 5

        # `page`: from 0; `words`: of their names, "" for all.
        def initialize(household, now, page: 0, words: "")
          super(household)
          @now = now
          @page = page
          @words = words
        end

        attr_reader :words

        # A page of it, what is past or due first.
        def all
          @all ||= book.page(@page, now: @now, soon: soon, words: @words).map { |record| shown(record) }
        end

        # Number of boxes.
        def count
          @count ||= book.count(@words)
        end

        # True when there is any box.
        def any?
          book.any?
        end

        # Addresses of the pages before and after this one, by the words of their links.
        def pages
          last = (count - 1) / book.class::PAGE
          { "The ones before" => (@page - 1 if @page.positive?),
            "The next ones" => (@page + 1 if @page < last) }
            .compact.transform_values do |number|
            "/keep?#{Rack::Utils.build_query(words: @words, page: number)}"
          end
        end

        # The boxes that need attention, the most urgent first.
        def due
          @due ||= book.due(soon, most: MOST_DUE).map { |record| shown(record) }.select(&:due)
        end

        # The boxes with a grain that can still be eaten.
        def of_grain(grain)
          book.of_grain(grain, now: @now, most: MOST_OF_GRAIN).map { |record| shown(record) }.reject(&:past)
        end

        # A box by its record's id. Raises NotFound.
        def one(id)
          shown(book.find(id))
        end

        # The caution that holds for all of them.
        def caution
          Care::Cautions.fetch(RULE).say
        end

        # Time until which one is good.
        def use_by(one)
          one.kept.use_by(@now)
        end

        # Minutes to reheat so many of it, in words, by way.
        def reheating(one, count)
          one.kept.reheat_min(count).map { |way, min| "#{WAYS.fetch(way)} **#{minutes(min)}**" }
        end

        # The curve of its cooling where it stands, from the minute it came off the heat; nil when it is put
        # away already.
        def curve(one)
          return unless one.kept.place == "cooling"

          gone_min = (@now - one.kept.made_at) / 60.0
          most = [gone_min * 1.3, LEAST_MIN].max
          # Where it stands, not moved yet.
          keeping = one.kept.keeping(most)
          marks = [[gone_min, "now, #{one.kept.temp_c(@now).round} °C"]]
          Drawings::CoolingDrawing.new(keeping.method(:after), most, marks, Care::Keeping::MIDDLE_C,
                                       title: "How #{one.record[:what]} cools").to_s
        end

        private

        def book
          household.kept
        end

        def soon
          @now + Care::PutAway::SOON_S
        end

        def shown(record)
          kept = household.kept.value(record)
          Box.new(record: record, kept: kept, where: where(record, kept), say: say(kept),
                  due: kept.due?(@now), past: kept.past?(@now))
        end

        def where(record, kept)
          count = record[:portions] == 1 ? "1 portion" : "#{record[:portions]} portions"
          "**#{count}** of #{grams(kept.g_each)}, #{PLACES.fetch(kept.place)} since " \
            "#{moment(kept.thawed_at || kept.moved_at || kept.made_at)}"
        end

        def say(kept)
          return cooling(kept) if kept.place == "cooling"
          return "It was not cold soon enough: **throw it away**." unless kept.safe?(@now)

          use_by = kept.use_by(@now)
          return "Past its time, #{moment(use_by)}: **throw it away**." if use_by <= @now

          "#{kept.thawed_at ? 'Thawed: use' : 'Use'} by **#{moment(use_by)}**; reheat once, to " \
            "#{Care::Keeping::REHEAT_C.round} °C."
        end

        def cooling(kept)
          latest = kept.move_by
          warm = "About #{kept.temp_c(@now).round} °C."
          return "#{warm} It lies too deep to cool in time: **spread it shallow now**." unless latest
          return "#{warm} It stood too long: **throw it away**." if latest < @now

          "#{warm} Into the cold by **#{hour(latest)}**, #{minutes((latest - @now) / 60.0)} from now."
        end
      end
    end
  end
end
