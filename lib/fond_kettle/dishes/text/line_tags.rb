# frozen_string_literal: true

require_relative "../../larder/ingredient"
require_relative "../../measure/numeral"
require_relative "../line"

module FondKettle
  module Dishes
    # What stands between bars behind a line: when it goes in ("base", "half finish"), its
    # state, how it grows, what it is like, whether it is lifted out ("out", "back"), optional,
    # or instead of something. `unknown`: words that say none of it.
    LineTags = Value.define(:shares, :state, :scales, :like, :out, :optional, :instead_of, :unknown) do
      # The stage at which it goes in first, or nil.
      def stage
        shares.keys.first
      end

      # The tags that this Line has and usual lines have not; `stage`: where the rest goes.
      def more(stage)
        { out: out, optional: optional, instead_of: instead_of, shares: whole(stage).freeze }
      end

      # True when the parts come to more than all of it.
      def too_much?
        shares.values.sum { |share| share || 0.0 } > 1 + self.class::NEARLY
      end

      private

      # What is left over goes where no share was said, else where it goes in first.
      def whole(stage)
        return { stage => 1.0 } if shares.size < 2 && shares.values.first.nil?
        return { stage => 1.0 } if too_much?

        left = 1 - shares.values.compact.sum
        rest = shares.key(nil) || stage
        full = shares.compact
        return full if left < self.class::NEARLY

        full.merge(rest => full.fetch(rest, 0.0) + left).slice(*shares.keys)
      end
    end

    # Reading and writing of LineTags.
    class LineTags
      NEARLY = 1e-3
      STAGE_WORDS = { "with rice" => "with", "with the rice" => "with", "in the base" => "base",
                      "top" => "finish", "at the end" => "finish",
                      "serve with" => "beside" }.merge(STAGES.to_h { |key, _| [key, key] }).freeze
      SCALES = Larder::Ingredient::SCALES
      LIKE = /\Alike\s+(?<key>.+)\z/
      INSTEAD = /\Ainstead\s+of\s+(?<name>.+)\z/
      OUT = { "out" => "before-rice", "taken out" => "before-rice", "back" => "back-at-end",
              "taken out and put back" => "back-at-end" }.freeze
      REST = "rest"
      HALF = "half"

      # The LineTags of the texts between the bars.
      def self.read(words)
        found = { shares: {}, state: nil, scales: nil, like: nil, out: nil, optional: false, instead_of: nil }
        unknown = words.reject { |word| take(word.downcase, word, found) }
        new(**found, unknown: unknown.freeze)
      end

      # Marks of a Line for its stages, shares and what becomes of it.
      def self.marks(line)
        shares = line.shares.map do |stage, share|
          share >= 1 - NEARLY ? stage : "#{Measure::Numeral.write(share)} #{stage}"
        end
        [*shares, OUT.key(line.out), ("optional" if line.optional),
         ("instead of #{line.instead_of}" if line.instead_of)].compact
      end

      def self.take(plain, word, found)
        if (place = share_and_stage(plain)) then found[:shares].merge!(place)
        elsif Larder::STATES.key?(plain) then found[:state] = plain
        elsif SCALES.include?(plain) then found[:scales] = plain
        elsif OUT.key?(plain) then found[:out] = OUT.fetch(plain)
        elsif plain == "optional" then found[:optional] = true
        elsif (like = LIKE.match(plain)) then found[:like] = like[:key]
        elsif INSTEAD.match?(plain) then found[:instead_of] = word[/\S+\s+\S+\s+(.+)/, 1]
        end
      end

      # { stage => share }, nil for a share that is the rest.
      def self.share_and_stage(plain)
        return { STAGE_WORDS.fetch(plain) => nil } if STAGE_WORDS.key?(plain)

        said, stage = plain.split(" ", 2)
        return unless STAGE_WORDS.key?(stage)
        return { STAGE_WORDS.fetch(stage) => nil } if said == REST

        share = said == HALF ? 0.5 : Measure::Numeral.read(said)&.first
        { STAGE_WORDS.fetch(stage) => share.to_f } if share&.between?(0.01, 1)
      end
      private_class_method :take, :share_and_stage
    end
  end
end
