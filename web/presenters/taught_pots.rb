# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/value"
require_relative "../../lib/fond_kettle/larder/grains"
require_relative "presenter"

module FondKettle
  module Web
    module Presenters
      # The lessons of the log: for each rice and pot that were cooked lately, one sentence that changes the
      # next pot. Starts no model.
      class TaughtPots < Presenter
        # More than so many nobody reads.
        MOST = 5
        # Less than this is no lesson, share of the book's uptake.
        TELLING = 0.01
        TaughtSentence = Value.define(:said, :address)

        # `records`: finished cooks, newest first.
        def initialize(household, records)
          super(household)
          @records = records
        end

        # TaughtSentence, the latest first: a sentence, and the address of the next pot.
        def all
          latest = @records.select { |record| record[:outcome] && record[:pot_id] }
                           .uniq { |record| record.values_at(:grain, :pot_id) }
          latest.lazy.filter_map { |record| taught(record) }.first(MOST)
        end

        private

        def taught(record)
          grain = Larder::Grains.all[record[:grain]]
          lesson = grain && household.cooks.lesson(grain, record[:pot_id])
          return unless lesson && ((lesson.drinks - 1).abs >= TELLING || lesson.extra_min.positive?)

          TaughtSentence.new(said: [drinks(record, grain, lesson), time(lesson)].compact.join(" "),
                             address: record[:address])
        end

        def drinks(record, grain, lesson)
          percent = ((lesson.drinks - 1) * 100).round
          return "**#{record[:title]}**:" if percent.zero?

          more = percent.positive? ? "more" : "less"
          "**#{grain.name}** in #{pot_name(record)} drinks **#{percent.abs} % #{more}** than the book" \
            "#{next_time(record, lesson)}."
        end

        def time(lesson)
          "#{minutes(lesson.extra_min)} more on low next time: a raw core was left in wet rice." \
            if lesson.extra_min.positive?
        end

        # What the last pot would have wanted, by the book and by what was learned: the loss stays
        # what it was, so no run is needed.
        def next_time(record, lesson)
          plan = record[:plan]
          book_per_g = plan[:uptake_per_g] && (plan[:uptake_per_g] / plan.fetch(:drinks, 1.0))
          return "" unless book_per_g

          taught_g, book_g = [lesson.drinks, 1.0].map do |drinks|
            plan[:liquid][:g] + (plan[:rice][:g] * book_per_g * (drinks - plan.fetch(:drinks, 1.0)))
          end
          ": next time about **#{weighed(taught_g)}** for #{weighed(plan[:rice][:g])} rice instead of " \
            "#{weighed(book_g)}"
        end

        def weighed(amount_g)
          household.shelves.measures.weighed(amount_g)
        end

        def pot_name(record)
          name = household.shelf(:pots).name_of(record[:pot_id])
          name ? "the #{name.downcase}" : "that pot"
        end
      end
    end
  end
end
