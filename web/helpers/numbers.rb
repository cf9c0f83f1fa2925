# frozen_string_literal: true

require "date"
require_relative "../../lib/fond_kettle/measure/rounding"
require_relative "../../lib/fond_kettle/measure/spoken"

module FondKettle
  module Web
    module Helpers
      # Numbers and times as the pages show them.
      module Numbers
        def grams(amount_g)
          "#{Measure::Rounding.grams(amount_g)} g"
        end

        def minutes(amount_min)
          Measure::Rounding.duration(amount_min)
        end

        def plain(number)
          Measure::Rounding.shown(number)
        end

        # "November 2026" of "2026-11".
        def month_words(month)
          year, number = month.split("-").map(&:to_i)
          "#{Date::MONTHNAMES[number]} #{year}"
        end

        # "Mon 23 Nov, 18:42" in the kitchen's own time.
        def moment(time)
          time.getlocal.strftime("%a %-d %b, %H:%M")
        end

        def hour(time)
          time.getlocal.strftime("%H:%M")
        end

        def milliseconds(time)
          (time.to_f * 1000).round
        end
      end
    end
  end
end
