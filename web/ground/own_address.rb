# frozen_string_literal: true

module FondKettle
  module Web
    # An address that a form sends along to go back to: one of ours, and no other.
    module OwnAddress
      OURS = %r{\A/(?![/\\])[^\s\\]*\z}

      module_function

      # The address, or nil where it is none of ours.
      def of(text)
        text if text.match?(OURS)
      end
    end
  end
end
