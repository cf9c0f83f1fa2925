# frozen_string_literal: true

Dir[File.join(__dir__, "effects", "*.rb")].each { |path| require path }

module FondKettle
  module Vessels
    # What steps do to the contents of a vessel: a file of effects/ for each, found by the kinds that it
    # names. Each answers `call(contents, step, setting)` with a Change.
    module Effects
      module_function

      # Effects by the key of their kind.
      def all
        @all ||= constants.map { |name| const_get(name) }.grep(Module)
                          .flat_map { |effect| effect::KINDS.map { |kind| [kind, effect] } }.to_h.freeze
      end

      # The effect of a kind. Raises KeyError.
      def fetch(kind)
        all.fetch(kind)
      end
    end
  end
end
