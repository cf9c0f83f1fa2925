# frozen_string_literal: true

require "tmpdir"
require_relative "demo_kitchen"

module Support
  # A demo household in a folder of its own, for each example; with :empty one of nobody's.
  module OpenKitchen
    attr_reader :folder, :household

    def self.included(group)
      group.around do |example|
        Dir.mktmpdir do |folder|
          @folder = folder
          @household = DemoKitchen.open(folder, empty: example.metadata[:empty])
          example.run
          @household.close
        end
      end
    end
  end
end
