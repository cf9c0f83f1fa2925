# frozen_string_literal: true

require_relative "../methods/solved/solved"

module FondKettle
  module Dishes
    # The sauce of rolls (PlannedGraph#rolls?): their liquid is as the cook wrote it, and what the rice does
    # not take up stays round them.
    module RollsSauce
      ROUNDS = 4
      # So near is as written, g.
      CLOSE_G = 1.0

      module_function

      # A Methods::Request whose pot takes `written_g` of liquid, by the sauce that stays in it; nil: what is
      # there already is the sauce.
      def stays(request, written_g)
        return with_more(request, Methods::Solved.of(request).balance.spare_g) unless written_g

        ROUNDS.times do
          balance = Methods::Solved.of(request).balance
          missing_g = written_g - (balance.liquid_g - balance.spare_g)
          break if missing_g.abs < CLOSE_G

          request = with_more(request, missing_g)
        end
        request
      end

      def with_more(request, more_g)
        residue_g = [request.choices.residue_g.to_f + more_g, 0.0].max
        request.with(choices: request.choices.with(residue_g: residue_g))
      end
      private_class_method :with_more
    end
  end
end
