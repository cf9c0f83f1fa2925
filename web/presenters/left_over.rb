# frozen_string_literal: true

require_relative "../../app/forms/keep_form"

module FondKettle
  module Web
    module Presenters
      # Food that is likely to be put away, of a cook that is over or of anything.
      module LeftOver
        # A usual portion and how it lies.
        USUAL = { portions: 1, g_each: 250, depth_mm: 30, vessel: "tray", place: "cooling",
                  start_c: 90 }.freeze
        PARCEL = { vessel: "parcel", start_c: 80 }.freeze

        module_function

        # Fields for unknown food, at `now`.
        def blank(now)
          { **USUAL, made: stamp(now) }
        end

        # Fields for a cook (CookBook): parcels and pieces by number, anything else by the portion.
        def of(cook, now)
          plan = cook[:plan]
          known = { what: cook[:title][0, Limits::NAME_LENGTH], grain: cook[:grain], cook: cook[:id] }
          { **blank(cook[:finished_at] || now), **known, **listed(plan.fetch(:allergens, {})),
            **pieces(plan[:pieces]) }
        end

        def listed(allergens)
          %i[contains not_checked].to_h { |name| [name, Array(allergens[name]).join(", ")] }
        end

        def pieces(pieces)
          return {} unless pieces && pieces[:steam_min]

          { **PARCEL, portions: pieces[:count], depth_mm: pieces[:thickness_mm],
                      g_each: (pieces[:rice_g_each] + pieces[:filling_g_each]).round }
        end

        def stamp(time)
          time.getlocal.strftime(Forms::KeepForm::SHOWN)
        end
        private_class_method :listed, :pieces, :stamp
      end
    end
  end
end
