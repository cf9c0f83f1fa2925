# frozen_string_literal: true

require_relative "../../care/kind"
require_relative "../../vessels/food_way"

module FondKettle
  module Methods
    # Follows food that goes in at a step beside the rice through the vessels of its dish: it is measured when
    # it was heated last, not while it is still raw.
    class CarriedFood
      CUT = "cut"
      EGG = "raw-egg"

      # `made_in`: MadeIn, or nil; `stages`: StageTexts in their order; `amounts`: TaskAmounts.
      def initialize(made_in, stages, amounts)
        @made_in = made_in
        @stages = stages
        @amounts = amounts
      end

      # Provisions that are heated last at a stage; of what nothing heats, those that go in at it.
      def at(stage)
        place = @made_in&.step(stage.key)
        return @amounts.provisions(stage) unless place

        heated_last.fetch(place.key, []).flat_map { |one| @amounts.provisions(stage_of(one)) }
      end

      private

      # A MadeInStep of each stage that is done in one of the dish's vessels.
      def places
        @places ||= @stages.filter_map { |stage| @made_in.step(stage.key) }
      end

      # Steps by the key of the one at which what goes in at them is heated last.
      def heated_last
        @heated_last ||= places.group_by { |place| measured_at(place).key }
      end

      def stage_of(place)
        @stage_of ||= @stages.to_h { |stage| [stage.key, stage] }
        @stage_of.fetch(place.key)
      end

      # Where it was heated last; what is boiled in its shell is seen when it is cut.
      def measured_at(place)
        way = Vessels::FoodWay.of(places, place)
        heated = way.rindex { |one| kind(one).heats? } or return place
        cut = way.drop(heated).find { |one| kind(one).key == CUT } if shelled?(place, way[heated])
        cut || way[heated]
      end

      def shelled?(place, heated)
        kind(heated).boils && @amounts.provisions(stage_of(place)).flat_map(&:care).uniq == [EGG]
      end

      def kind(place)
        Care::Kinds.fetch(stage_of(place).kind)
      end
    end
  end
end
