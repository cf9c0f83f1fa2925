# frozen_string_literal: true

require_relative "../../ground/errors"
require_relative "../../ground/limits"
require_relative "../../ground/schema"
require_relative "../../ground/vocabulary"
require_relative "../../log/pot_at_hand"
require_relative "../../log/remedy_words"
require_relative "../../log/remedying"
require_relative "../../methods/solved/last_pot"
require_relative "history_reader"
require_relative "../request/request_reader"
require_relative "../request/unknown_keys"

module FondKettle
  module Formats
    # The JSON of a pot as it stands, beside its request and the cooks before it.
    RESCUE_SCHEMA = Schema.json do
      required(:so_far).hash do
        required(:stage).filled(:string, max_size?: Limits::NAME_LENGTH)
        required(:min).filled(Schema::Number, included_in?: Limits::SEEN_MIN)
        optional(:events).array(:hash) do
          optional(:say).maybe(:string)
          optional(:add_g).filled(Schema::Number, included_in?: Limits::LIQUID_G)
          optional(:tip_off_g).filled(Schema::Number, included_in?: Limits::LIQUID_G)
          optional(:heat).filled(:string, included_in?: Vocabulary::HEATS)
          optional(:lid).filled(:bool)
          optional(:minutes).filled(Schema::Number, included_in?: Limits::SEEN_MIN)
          optional(:look).filled(:bool)
        end
      end
      required(:stands).filled(:string, included_in?: Log::PotAtHand::STANDS.keys)
      required(:bite).filled(:string, included_in?: Log::PotAtHand::BITES.keys)
    end

    # Reads a pot as it stands, and answers what to do now as the contract's JSON. Raises InvalidInput with
    # the field's path.
    class RescueReader
      OWN = %w[so_far stands bite].freeze
      HISTORY = %w[cooks scopes mine].freeze

      # `data`: the parsed JSON; `library`: the methods to choose from. Raises InvalidInput.
      def initialize(data, library: Methods::Library.ours)
        @stood = UnknownKeys.checked(data.slice(*OWN), RESCUE_SCHEMA)
        asked = data.except(*OWN, *HISTORY)
        @reader = RequestReader.new(asked, library: library)
        @history = HistoryReader.new({ "request" => asked, **data.slice(*HISTORY) }, library: library)
      end

      # The contract's answer as a hash.
      def answer
        part = remedying.part
        { state: state, advice: [part && advice(part)].compact, next: part ? "ask" : "serve",
          say: part ? part.say : served }
      end

      private

      def state
        { uptake_per_g: hand.mean(&:uptake).round(3), core: hand.mean(&:core).round(3),
          free_g: hand.mean(&:free_g).round(1) }
      end

      def advice(part)
        { say: part.say, add_g: part.add_g.round, tip_off_g: part.tip_off_g.round, heat: part.heat,
          lid: part.lid, minutes: part.minutes, look: part.look }
      end

      def served
        remedying.lost? ? Log::RemedyWords::LOST : "Serve it."
      end

      def hand
        @hand ||= begin
          pot = Methods::LastPot.of(@reader.request)
          Log::PotAtHand.new(@history.learned, @history.scopes, pot, @reader.liquid_g,
                             so_far: [*so_far(pot), *done.map { |one| Log::PotAtHand.stage(pot, one) }],
                             stands: @stood[:stands], bite: @stood[:bite])
        end
      end

      # The stages up to the one that it is in; of one that ends by what is seen, all of it.
      def so_far(pot)
        stages = @reader.stages || pot.planned
        at = stages.index { |stage| stage.key == @stood[:so_far][:stage] }
        known = stages.map(&:key).join(", ")
        raise InvalidInput.at("so_far.stage", "must be one of: #{known}") unless at

        here = stages[at]
        [*stages.take(at), here.until ? here : here.with(minutes: @stood[:so_far][:min].to_f)]
      end

      def remedying
        @remedying ||= Log::Remedying.new(hand, done.size)
      end

      # Parts of advice that were followed already.
      def done
        @stood[:so_far].fetch(:events, []).map do |event|
          Log::PotAtHand::Done.new(g: event.fetch(:add_g, 0.0).to_f - event.fetch(:tip_off_g, 0.0),
                                   heat: event.fetch(:heat, "low"), lid: event.fetch(:lid, true),
                                   minutes: event.fetch(:minutes, 0.0).to_f)
        end
      end
    end
  end
end
