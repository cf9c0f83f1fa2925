# frozen_string_literal: true

module FondKettle
  ROOT = File.expand_path("../../..", __dir__)
  DATA = File.join(ROOT, "data")
end
