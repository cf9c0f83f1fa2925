# frozen_string_literal: true

require_relative "../../app/forms/plan_form"
require_relative "../presenters/door_card"
require_relative "place"

module FondKettle
  module Web
    # The door card of a pot and a bag, printed, and kept so that a new print can be offered.
    class CardPlace < Place
      # What a card is made by; how many eat stands on it.
      MADE_BY = %w[grain method pot cup burner oven].freeze

      # A card for the cupboard door: the water for 1 to 9 people.
      get "/" do
        shown = shown(card_params)
        @title = shown.title
        erb :card, layout: false, locals: { shown: shown, address: address }
      end

      # Notes that a card was printed.
      post "/" do
        shown = shown(card_params)
        household.cards.print(pot_id: shown.form.kit.pot&.id, grain: shown.form.base_request.grain.key,
                              address: address, liquids_g: shown.raw_rows.map(&:liquid_g), now: now)
        notice "The card is kept. When the log moves it by more than a tablespoon, a new one is offered."
        redirect "/pot?#{address}", 303
      end

      private

      # For one regular adult: what a card says for more is computed from there.
      def card_params
        params.slice(*MADE_BY).merge("for" => "people", "guests" => "1", "who" => [])
      end

      def address
        Rack::Utils.build_query(params.slice(*MADE_BY).select do |_, value|
          value.is_a?(String) && !value.empty?
        end)
      end

      def shown(typed)
        form = Forms::PlanForm.new(typed, household)
        raise InvalidInput, form.problems unless form.ok?

        card = household.cards.of(form.kit.pot&.id, form.base_request.grain.key)
                        .find { |printed| printed[:address] == address }
        Presenters::DoorCard.new(household, form, card, now)
      end
    end
  end
end
