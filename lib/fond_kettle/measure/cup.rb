# frozen_string_literal: true

require_relative "../value"

module FondKettle
  module Measure
    # A cup, glass or mug that the house owns; `ml` is what it holds to the brim line.
    Cup = Value.define(:id, :name, :ml) do
      # "1 house glass", "2 house glasses"
      def named(count)
        return name if count <= 1

        name.end_with?("s", "sh", "ch", "x") ? "#{name}es" : "#{name}s"
      end
    end

    US_CUP = Cup.new(id: nil, name: "cup", ml: 236.588)
  end
end
