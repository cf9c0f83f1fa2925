# frozen_string_literal: true

require_relative "../../lib/fond_kettle/ground/value"
require_relative "../../lib/fond_kettle/larder/grains"
require_relative "presenter"

module FondKettle
  module Web
    module Presenters
      # The lessons of the log: for each rice and pot that were cooked lately, what differs from the book
      # there, what else it could be, and what would tell. Starts no model.
      class TaughtPots < Presenter
        # More than so many nobody reads.
        MOST = 5
        TaughtSentence = Value.define(:said, :address, :sure)

        # `records`: finished cooks, newest first.
        def initialize(household, records)
          super(household)
          @records = records
        end

        # TaughtSentence, the latest first: a sentence, and the address of the next pot.
        def all
          latest = @records.select { |record| record[:outcome] }
                           .uniq { |record| record.values_at(:grain, :pot_id) }
          sure, unsure = latest.lazy.filter_map { |record| taught(record) }.first(MOST).partition(&:sure)
          # What nobody is sure of yet is said of one pot: of the others it says the same.
          [*sure, *unsure.first(1)]
        end

        private

        def taught(record)
          grain = Larder::Grains.all[record[:grain]]
          causes = grain && household.lessons.causes(record[:id])
          return unless causes

          said = ["**#{grain.name}** in #{pot_name(record)}: #{causes.so_far}", causes.tells_apart]
          TaughtSentence.new(said: said.compact.join(" "), address: record[:address], sure: causes.telling?)
        end

        def pot_name(record)
          name = household.shelf(:pots).name_of(record[:pot_id])
          name ? "the #{name.downcase}" : "that pot"
        end
      end
    end
  end
end
