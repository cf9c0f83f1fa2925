# frozen_string_literal: true

require_relative "../../ground/errors"
require_relative "../../ground/limits"
require_relative "../../ground/schema"
require_relative "../../log/learning"
require_relative "../../log/seen_cook"
require_relative "history_schema"
require_relative "../request/request_reader"
require_relative "../request/unknown_keys"

module FondKettle
  module Formats
    # Reads a history of cooks and what is wanted next, for `bin/kettle learn`. Every failure is told with the
    # field's path ("cooks.2.request.grain").
    class HistoryReader
      # `data`: the parsed JSON; `library`: the methods to choose from. Raises InvalidInput.
      def initialize(data, library: Methods::Library.ours)
        @library = library
        @data = UnknownKeys.checked(data, HISTORY_SCHEMA)
        @raw = data
        check_count
      end

      # Methods::Request of the next pot. Raises InvalidInput.
      def request
        @request ||= reader(@raw.fetch("request"), "request").request
      end

      # Names of what it is made with.
      def scopes
        named(@data[:scopes])
      end

      # Log::Learned of all cooks, and of what the cook has told before. Raises InvalidInput.
      def learned
        @learned ||= Log::Learning.of([*mine, *cooks])
      end

      private

      def check_count
        count = @data.fetch(:cooks, []).size + @data.fetch(:mine, []).size
        return if count <= Limits::HISTORY_COOKS

        raise InvalidInput.at("cooks", "must list at most #{Limits::HISTORY_COOKS} cooks", received: count)
      end

      # A cook of which it is said that something was different teaches nothing.
      def cooks
        @data.fetch(:cooks, []).each_with_index.filter_map do |given, index|
          field = "cooks.#{index}"
          read = reader(@raw["cooks"][index]["request"], "#{field}.request")
          words = given[:outcome] || {}
          Log::SeenCook.new(on: given.fetch(:on, ""), scopes: named(given[:scopes]), request: read.request,
                            liquid_g: liquid_g(given, read), stages: read.stages, cues: cues(given),
                            loss_g: loss_g(given[:weighed], field), grain: words[:grain],
                            wetness: words[:wetness], counts: 1, sure: given[:different] == false)
                       .then { |cook| cook unless given[:different] }
        end
      end

      # A cook's own proportion that comes right.
      def mine
        @data.fetch(:mine, []).each_with_index.map do |given, index|
          read = reader(@raw["mine"][index]["request"], "mine.#{index}.request")
          Log::SeenCook.mine(named(given[:scopes] || @data[:scopes]), read.request,
                             given[:liquid][:g].to_f, stages: read.stages)
        end
      end

      def reader(data, field)
        RequestReader.new(data, library: @library).tap(&:request)
      rescue InvalidInput => e
        raise(InvalidInput, e.problems.map { |one| one.merge(field: "#{field}.#{one[:field]}") })
      end

      # What was poured; where nothing is said of it, what the book pours.
      def liquid_g(given, read)
        given.dig(:liquid, :g)&.to_f || Methods::LastPot.of(read.request).solve.liquid_g
      end

      def cues(given)
        given.fetch(:seen, []).map { |one| [one[:cue], one[:at_min].to_f] }
      end

      def loss_g(weighed, field)
        return unless weighed

        gone_g = weighed[:before_g] - weighed[:after_g]
        return gone_g.to_f unless gone_g.negative?

        raise InvalidInput.at("#{field}.weighed.after_g", "must be at most before_g: a pot loses water")
      end

      def named(scopes)
        (scopes || {}).compact.transform_keys(&:to_s)
      end
    end
  end
end
