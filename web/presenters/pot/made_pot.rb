# frozen_string_literal: true

require_relative "../../../lib/fond_kettle/methods/made/finishing"
require_relative "../../../lib/fond_kettle/methods/made/long_soak"
require_relative "../../../lib/fond_kettle/methods/made/steaming"
require_relative "../../drawings/cooling_drawing"
require_relative "../../drawings/dressing_drawing"
require_relative "../../drawings/pieces_drawing"
require_relative "../../drawings/steamer_drawing"
require_relative "../presenter"

module FondKettle
  module Web
    module Presenters
      # Steam, dressing, cooling and pieces of a plan, for the Pot page.
      class MadePot < Presenter
        def initialize(household, form, plan)
          super(household)
          @form = form
          @plan = plan
          @made = Methods::Finishing.new(plan.request, plan.last)
        end

        # True when something is made of the rice, or it is steamed.
        def any?
          steamed? || dressed? || !portions.use.nil?
        end

        def steamed?
          @plan.load.steamed?
        end

        # True with a dressing of the method's own; a dish may bring another.
        def dressed?
          !Methods::Dressing.of(@plan.request).nil?
        end

        def cools?
          @plan.method.after.any? { |stage| stage.kind == "cool" }
        end

        def portions
          @made.portions
        end

        # The steamer on its pot, or nil.
        def steamer
          return unless steamed?

          hot, gone = %w[first-steam core-gone].map { |cue| @plan.run.at(cue) }
          marks = [["hot through", hot], ["no white left", gone]].select(&:last)
          Drawings::SteamerDrawing.new(@plan, steaming, marks).to_s
        end

        # Progress of the soak, and the source of its water.
        def soak_line
          soak = Methods::LongSoak.new(@plan.load.grain, @plan.load.state.taken_per_g)
          said = "Soaked to **#{(soak.share * 100).round} %** of what cold water gives"
          return "#{said}: a grain crushes between two fingers." if soak.ready?

          "#{said}: a grain still snaps. #{soak.say.sub(/\A./, &:upcase)}."
        end

        # The steaming: minutes, water, top-ups.
        def steam_line
          top_up = steaming.below.top_up_min
          more = top_up ? ", topped up with boiling water before minute #{top_up.floor}" : ""
          batches = steaming.laid.batches
          rounds = "#{batches} x " if batches > 1
          "**#{rounds}#{minutes(steaming.minutes)}** of steam on #{steaming.heat}; " \
            "**#{@plan.request.measures.weighed(steaming.below.first_g)}** water below#{more}. " \
            "#{grams(steaming.condensed_g)} of steam turn to water in the rice."
        end

        def dressing_drawing
          Drawings::DressingDrawing.new(Methods::Dressing.per_100g(@plan.request)).to_s
        end

        # Rows of the dressing: name, amount, in spoons, of the raw rice, in a serving.
        def dressing_rows
          all = Methods::Dressing.provisions(@plan.request)
          servings = @plan.request.rice_g / Table::PORTION_G.fetch(@plan.method.portion)
          all.map do |one|
            share = plain((one.g / @plan.request.rice_g * 100).round(1))
            [one.what, grams(one.g), one.measured, "#{share} %",
             "#{plain((one.g / servings).round(1))} g"]
          end
        end

        def cooling
          cooled = @made.cooled
          folds = cooled.folds.map { |min| [min, "fold, #{minutes(min)}"] }
          Drawings::CoolingDrawing.new(cooled.method(:after), cooled.minutes * 1.1, folds, to_c,
                                       title: cooling_line)
                                  .to_s
        end

        # Temperature at which it is worked, in °C.
        def to_c
          portions.use ? portions.use.warm_c.to_f : Methods::Cooled::HAND_C
        end

        def cooling_line
          cooled = @made.cooled
          workable = minutes(cooled.workable_min)
          "#{to_c.round} °C after #{minutes(cooled.minutes)}; workable for #{workable} more"
        end

        def pieces
          steamer = @plan.request.making.steamer_on(@plan.request.vessel) if parcels
          Drawings::PiecesDrawing.new(portions, steamer).to_s
        end

        # Temperature in the middle of a parcel over time; nil when it is not wrapped.
        def heart
          return unless parcels

          marks = [[parcels.steam_min, "hot, #{minutes(parcels.steam_min)}"]]
          Drawings::CoolingDrawing.new(parcels.method(:heart_c), parcels.timed_min, marks,
                                       Methods::Parcels::HEART_C, title: "The heart of a parcel").to_s
        end

        def pieces_line
          "**#{@made.words[:pieces].sub(' of ', '** of ')}."
        end

        # The steaming of parcels, fresh or otherwise, and their leaves; nil for other pieces.
        def parcel_line
          return unless parcels

          "Steam them **#{minutes(parcels.timed_min)}**: #{minutes(parcels.steam_min)} until their heart " \
            "is at #{Methods::Parcels::HEART_C.round} °C, the rest for leaf and tiers. From the freezer " \
            "#{minutes(parcels.frozen_min + Methods::Parcels::LEAF_MIN)}. " \
            "#{parcels.leaves[:all]} leaves, #{parcels.leaves[:side_mm].round(-1)} mm long."
        end

        private

        def parcels
          portions.parcels
        end

        def steaming
          @steaming ||= Methods::Steaming.new(@plan.request, @plan.last)
        end
      end
    end
  end
end
