# frozen_string_literal: true

require "fileutils"
require "tmpdir"
require_relative "../../store/demo"
require_relative "../../store/household"

module Support
  # The demo household, set up once for all examples of a process; each gets a copy of the folder.
  module DemoKitchen
    module_function

    # A Store::Household in `folder`: the demo's, or an `empty` one.
    def open(folder, empty: false, **given)
      FileUtils.cp_r("#{pattern}/.", folder) unless empty
      FondKettle::Store::Household.new(folder, demo: !empty, **given)
    end

    # The folder that is copied.
    def pattern
      @pattern ||= Dir.mktmpdir.tap do |folder|
        at_exit { FileUtils.remove_entry(folder) }
        household = FondKettle::Store::Household.new(folder, demo: true)
        FondKettle::Store::Demo.fill(household, Time.now)
        household.close
      end
    end
  end
end
