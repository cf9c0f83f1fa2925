# frozen_string_literal: true

require_relative "fields"

module FondKettle
  module Web
    module Forms
      # What a plan's fields hold before anything is typed: the dish's own, else the
      # method's and the house's.
      module Usual
        # An empty kitchen still gets its first pot.
        GUESTS_WITHOUT_EATERS = 2
        # Portions that the page of plain rice offers.
        PORTIONS = %w[side main one-pot].freeze
        PLAIN = { for: "people", unit: "g", amount: "", boxes: "0", freezer: "0", texture: "0", lesson: "use", own_kind: "volume",
                  cover: "lid" }.freeze

        module_function

        # Texts by field; `typed` as it came, `dish` a Dishes::Dish or nil.
        def of(typed, household, method, dish)
          { **PLAIN, method: dish&.method || "covered-pot", grain: (grain(household, dish) unless typed.key?(:grain)),
                     portion: portion(method, dish), guests: guests(typed, household), stir: method.stir, drain: method.drain,
                     crust: method.crust ? "yes" : "no", rinse: method.rinse_changes.to_s }.freeze
        end

        # The dish's, or what the first bag in the cupboard holds.
        def grain(household, dish)
          dish ? dish.grain : household.shelf(:bags).all.first&.fetch(:grain) || "basmati"
        end

        # The dish's own, else the method's where the page offers it.
        def portion(method, dish)
          return AS_DISH if dish

          PORTIONS.include?(method.portion) ? method.portion : "main"
        end

        def guests(typed, household)
          household.shelf(:eaters).all.empty? && !typed.key?(:who) ? GUESTS_WITHOUT_EATERS.to_s : "0"
        end

        private_class_method :grain, :portion, :guests
      end
    end
  end
end
