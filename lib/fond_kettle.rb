# frozen_string_literal: true

# The core of Fond Kettle: plain Ruby, no web, no database, no clock of its own.
require_relative "fond_kettle/ground/errors"
require_relative "fond_kettle/formats/plan_json"
require_relative "fond_kettle/formats/request_reader"
require_relative "fond_kettle/formats/run_json"
require_relative "fond_kettle/methods/planner"
require_relative "fond_kettle/methods/trial"
