# frozen_string_literal: true

require_relative "../ground/limits"
require_relative "../ground/value"

module FondKettle
  module Kit
    # What an outside device shows: a `value` in its own unit, read at `at` (Time).
    Reading = Value.define(:value, :at)

    # An outside device that a kitchen may have. Pages know it by its `key` alone and ask whoever
    # stands for it, which answers the whole of this interface:
    #
    #   read(key, now) # => Reading, or nil where it is off or not there
    #
    # Here a Store::StandIns answers, which reads what its page was set to; a real probe or scale would
    # be another object that answers `read`. `unit` and `range` are its own, `step` how finely it reads.
    Device = Value.define(:key, :name, :unit, :range, :step)

    # The devices there are.
    DEVICES = [
      Device.new(key: "probe", name: "Probe thermometer", unit: "°C", range: (-20..300), step: 0.1),
      Device.new(key: "scale", name: "Scale", unit: "g", range: (0..50_000), step: 1.0)
    ].to_h { |device| [device.key, device] }.freeze
  end
end
