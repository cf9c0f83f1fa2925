# frozen_string_literal: true

require "date"
require "time"
require_relative "../../lib/fond_kettle/ground/value"
require_relative "told"

module FondKettle
  module Web
    module Json
      # Values that a page shows, as plain data for JSON. Objects that only draw are left out.
      module Data
        # Parts of values that are drawings.
        DRAWN = %i[drawing].freeze
        # What is stored whole is not told whole.
        STORED = %i[request].freeze
        # What cannot be told.
        NOTHING = Object.new.freeze

        module_function

        # Plain data of anything: hashes, lists, texts, numbers; what cannot be told is left out, nil where
        # nothing is left.
        def of(value)
          found = plain(value)
          found.equal?(NOTHING) ? nil : found
        end

        def plain(value)
          case value
          when nil, true, false, String, Integer, Float then value
          when Symbol then value.to_s
          when Time, DateTime then value.to_time.utc.iso8601
          when Date then value.iso8601
          when Array then value.map { |one| plain(one) }.reject { |one| one.equal?(NOTHING) }
          when Hash then of_hash(value)
          else object(value)
          end
        end

        def of_hash(hash)
          told = hash.except(*STORED).to_h do |key, one|
            [key.respond_to?(:key) ? key.key : key.to_s, plain(one)]
          end
          told.reject { |_, one| one.equal?(NOTHING) }
        end

        def object(value)
          told = Told.of(value) { return value.is_a?(Struct) ? of_hash(value.to_h.except(*DRAWN)) : NOTHING }
          plain(told)
        end

        private_class_method :plain, :of_hash, :object
      end
    end
  end
end
