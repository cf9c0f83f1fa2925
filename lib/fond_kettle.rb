# frozen_string_literal: true

# The core of Fond Kettle: plain Ruby, no web, no database, no clock of its own.
# Its floors, from the ground up: docs/architecture.md.
require_relative "fond_kettle/ground/errors"
require_relative "fond_kettle/measure/spoken"
require_relative "fond_kettle/larder/names"
require_relative "fond_kettle/table/eaters"
require_relative "fond_kettle/kit/vessel"
require_relative "fond_kettle/pot/runs/cooking"
require_relative "fond_kettle/vessels/contents"
require_relative "fond_kettle/phases/phase"
require_relative "fond_kettle/belief/spread"
require_relative "fond_kettle/clock/placement"
require_relative "fond_kettle/care/cautions"
require_relative "fond_kettle/methods/planning/planner"
require_relative "fond_kettle/methods/planning/trial"
require_relative "fond_kettle/dishes/supper"
require_relative "fond_kettle/log/teacher"
require_relative "fond_kettle/stove/cook"
require_relative "fond_kettle/formats/clock_reader"
require_relative "fond_kettle/formats/plan_json"
require_relative "fond_kettle/formats/request/request_reader"
require_relative "fond_kettle/formats/run_json"
