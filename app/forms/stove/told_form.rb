# frozen_string_literal: true

require_relative "../../../lib/fond_kettle/care/looks"
require_relative "../../../lib/fond_kettle/care/signs"
require_relative "../../../lib/fond_kettle/ground/limits"
require_relative "../../../lib/fond_kettle/ground/words"
require_relative "../fields"
require_relative "../measured"

module FondKettle
  module Forms
    # A report that a cook makes at the stove with one tap: the `kind` of an event and `what` it was; amounts
    # as they are typed.
    class ToldForm
      # How long a lid was off, s.
      LIFTED_S = [10, 30, 60, 120].freeze
      CHOICES = { "look" => Care::Looks.all.keys, "sign" => Care::Signs.all.keys,
                  "found" => %w[stands bites].map { |list| Words.of(list).keys }
                                             .then { |stands, bites| stands.product(bites) }
                                             .map { |one| one.join(" ") },
                  "seen" => Words.of("cues").keys, "lifted" => LIFTED_S.map(&:to_s),
                  "mended" => %w[yes], "tally" => %w[1 -1], "held" => %w[sprinkled left] }.freeze
      AMOUNTS = { "added" => 0.5..5000, "salted" => 0.1..500 }.freeze
      TEXTS = %w[took-out put-back going].freeze
      SCHEMAS = {
        **CHOICES.transform_values do |keys|
          Schema.params { required(:what).filled(:string, included_in?: keys) }
        end,
        **AMOUNTS.transform_values do |range|
          Schema.params { required(:what).filled(Typed.within(range), included_in?: range) }
        end,
        **TEXTS.to_h { |kind| [kind, Schema.params { required(:what).filled(:string, max_size?: 80) }] }
      }.freeze
      KIND = Schema.params { required(:kind).filled(:string, included_in?: SCHEMAS.keys) }

      attr_reader :kind, :problems

      # `cups`: the house's own (Measure::Cup).
      def initialize(typed, cups)
        asked = KIND.call("kind" => typed["kind"])
        @kind = asked.to_h[:kind]
        @typed = typed
        @problems = Forms.problems(asked)
        read(cups) if ok?
      end

      def ok?
        @problems.empty?
      end

      # True for an amount that cannot be read. The page shows it again, as it was typed.
      def misread?
        !ok? && AMOUNTS.key?(@kind)
      end

      # The report as it is stored: a key, seconds, grams or a text.
      def what
        AMOUNTS.key?(@kind) ? @what&.round(1).to_s : @what
      end

      def [](field)
        @typed[field.to_s]
      end

      private

      # Salt that nobody weighed is no amount.
      def read(cups)
        what = @typed["what"]
        return if @kind == "salted" && what.to_s.strip.empty?

        what, = Measured.water(what, "g", cups) if AMOUNTS.key?(@kind)
        result = SCHEMAS.fetch(@kind).call("what" => what)
        @what = result.to_h[:what]
        @problems = Forms.problems(result).map { |problem| problem.merge(field: @kind) }
      end
    end
  end
end
