# frozen_string_literal: true

require_relative "../../measure/rounding"
require_relative "../../pot/fit"
require_relative "../../vessels/fry_states"
require_relative "../../vessels/frying"
require_relative "../loads/base_graph"
require_relative "../loads/base_ledger"
require_relative "../loads/rice_vessel"
require_relative "warning"

module FondKettle
  module Methods
    # Warnings about what is done in the rice's vessel before the rice goes in: a fire that never fries, more
    # food than a pan takes, a state that the cook's minutes do not reach, a broth too full to simmer.
    class VesselWarnings
      # Food lies no deeper in a pan, mm, or it stews (docs/model.md: Frying).
      DEEPEST_MM = 50.0
      # Minutes this far from what a state takes are remarked on.
      FAR = 0.5
      # What nobody weighs is no food to be browned: pepper, a clove.
      LEAST_G = 20.0
      # Where two pans save so many minutes, they are worth while.
      WORTH_MIN = 8.0

      # `request`: a Request; `last`: its last phase, solved (Phases::Phase).
      def initialize(request, last)
        @request = request
        @last = last
        @vessel = RiceVessel.of(request)
      end

      # The list of Warnings.
      def to_a
        [*rows.filter_map { |row| never_hot(row) }, *rows.filter_map { |row| too_full(row) },
         *rows.filter_map { |row| minutes_and_state(row) }, *broth]
      end

      private

      # Rows of steps in which something is done.
      def rows
        @rows ||= worked.map { |row| @vessel.for_all_pots(row) }
      end

      def worked
        @vessel.worked? ? @vessel.rows.select { |row| row.step.does } : []
      end

      def never_hot(row)
        warning("never-hot", row.never_hot) if row.never_hot
      end

      # A pan's food lies in one low heap.
      def too_full(row)
        pan = setting(row).vessel
        depth_mm = pan.depth_mm(row.before.volume_ml)
        return unless frying?(row) && depth_mm > DEEPEST_MM

        warning("pan-too-full",
                "#{Measure::Rounding.grams(row.before.mass_g)} g lie #{depth_mm.round} mm deep in the " \
                "#{called(pan)}: over #{DEEPEST_MM.round} mm it stews. Fry it in two lots, or in a wider " \
                "pan.")
      end

      def called(pan)
        pan.name.delete_prefix("a ").sub(/\A./, &:downcase)
      end

      def frying?(row)
        row.step.does.kind == BaseGraph::FRIES
      end

      # A dish's own minutes beside the state that its words name; a method's own take what it takes.
      def minutes_and_state(row)
        return unless row.does&.state && weight_g(row) >= LEAST_G

        wants_min = reckoned_min(row, row.does.state)
        told_min = row.step.does.minutes
        return two_pans(row, wants_min) unless told_min
        return if (wants_min - told_min).abs <= FAR * told_min

        warning("minutes-and-state", [state_words(row, told_min, wants_min), *in_two(wants_min)].join(". "))
      end

      def state_words(row, told_min, wants_min)
        wanted = word(row.does.state)
        told = "#{plain(told_min)} min"
        if told_min > wants_min
          return "#{food(row)} is #{wanted} after about #{wants_min.round} min, not #{told}"
        end

        reached = reached(row, told_min)
        by_then = reached ? "will be #{reached}" : "will not even be soft"
        "#{food(row)} #{by_then} after #{told}, not #{wanted}: that takes about #{wants_min.round}"
      end

      # The state that so many minutes bring it to, as a word, or nil.
      def reached(row, minutes)
        goal = Vessels::FryStates.fetch(row.does.state)
        states = Vessels::FryStates.all.values.select { |state| state.of == goal.of && state.loss < goal.loss }
        states.reverse.find { |state| reckoned_min(row, state.key) <= minutes }&.word
      end

      def two_pans(row, wants_min)
        more = in_two(wants_min)
        return if more.nil?

        warning("two-pans",
                "#{food(row)} is #{word(row.does.state)} after about #{wants_min.round} min. #{more}")
      end

      def in_two(wants_min)
        return unless @request.rings > 1 && wants_min / 2 >= WORTH_MIN

        "In two pans at once it takes #{(wants_min / 2).round} min"
      end

      def reckoned_min(row, state)
        Vessels::Frying.minutes(row.before, row.does.with(state: state), setting(row))
      end

      # Where it is done.
      def setting(row)
        @vessel.setting_of(row.step.vessel)
      end

      def taken(row)
        row.before.foods.values_at(*row.before.taken(row.does))
      end

      def weight_g(row)
        taken(row).sum(&:raw_g)
      end

      # "500 g of onion"
      def food(row)
        foods = taken(row)
        most = foods.max_by(&:raw_g)
        "#{Measure::Rounding.grams(weight_g(row))} g of #{most.ingredient.name.downcase}" \
          "#{' and more' if foods.size > 1}"
      end

      def word(state)
        Vessels::FryStates.fetch(state).word
      end

      def plain(minutes)
        Measure::Rounding.plain(minutes)
      end

      # A broth simmers in a pot that is two thirds full at most.
      def broth
        ledger = BaseLedger.of(@request, @request.method.last_phase, @last)
        return [] unless ledger

        pot = @last.setting.vessel
        share = (ledger.start_g + @last.load.bulk_ml) / pot.volume_ml
        return [] if share <= Pot::Fitting::BOIL_SHARE

        [warning("broth-too-full",
                 "The broth fills the #{pot.name.sub(/\A./, &:downcase)} to #{(100 * share).round} %; over " \
                 "#{(100 * Pot::Fitting::BOIL_SHARE).round} % it boils over. Simmer it in a larger pot, or " \
                 "pour the rest in as it boils down.")]
      end

      def warning(code, say)
        Warning.new(code: code, say: say)
      end
    end
  end
end
