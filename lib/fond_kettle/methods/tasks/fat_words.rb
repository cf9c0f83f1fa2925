# frozen_string_literal: true

require_relative "../../measure/spoken"
require_relative "../loads/rice_vessel"
require_relative "../request/provision"

module FondKettle
  module Methods
    # What something is fried in, as a step says it.
    module FatWords
      # Frying fat covers the floor, mL a square centimetre, told in halves of a tablespoon.
      ML_CM2 = 0.03
      STEP_ML = 7.5
      THERE = "the fat"
      FRY = "fry"
      G_ML = 0.92
      # Of the fat of what is fried about half comes out.
      FRIED_OUT = 0.5

      module_function

      # "the fat", or how much where nobody has said, and no meat has left any. `request`: a Request;
      # `floor_m2`: of the pot.
      def of(request, floor_m2)
        ml = [(floor_m2 * 1e4 * ML_CM2 / STEP_ML).round, 1].max * STEP_ML
        return THERE if told?(request) || fried_out_g(request) >= ml * G_ML

        "#{Measure::Spoken.say(ml, request.measures)} of oil or butter"
      end

      def told?(request)
        request.provisions.any? { |one| one.slot == Slots::FAT && one.stage == "base" }
      end

      # Fat that was fried out into the rice's vessel, g, though the meat may be out of it again.
      def fried_out_g(request)
        return 0.0 unless request.made_in

        key = request.made_in.rice_vessel.key
        fried = RiceVessel.of(request).rows.select { |row| row.step.vessel == key && row.does&.kind == FRY }
        fried.map { |row| row.before.total_fat_g * FRIED_OUT }.max || 0.0
      end
      private_class_method :told?, :fried_out_g
    end
  end
end
