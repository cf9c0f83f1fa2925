# frozen_string_literal: true

require_relative "../../lib/fond_kettle/dishes/dish_step"
require_relative "../../lib/fond_kettle/dishes/text/written"
require_relative "../../lib/fond_kettle/dishes/used_before"
require_relative "presenter"

module FondKettle
  module Web
    module Presenters
      # Texts that an evening's page and its printed sheet share, of a plan, a dish or plain rice.
      class SupperWords < Presenter
        # What is done, when: the hour or so many minutes before serving, what, how long, the
        # sign it is done by, and what to be careful of that no earlier one has told.
        StartRow = Value.define(:at, :say, :puts_in, :minutes, :cue, :cautions)
        # So much of something: its name and note, as poured and as weighed.
        AmountRow = Value.define(:name, :note, :words, :weight)

        attr_reader :form, :plan, :supper, :list

        # `supper` (Dishes::Supper) and `list` (Dishes::Shopping) are nil for plain rice.
        def initialize(household, form, plan, supper = nil, list = nil)
          super(household)
          @form = form
          @plan = plan
          @supper = supper
          @list = list
        end

        # The tasks, in order.
        def starts
          told = []
          plan.starts.map do |start|
            task = start.task
            fresh = plan.cautions_at(task) - told
            told |= fresh
            StartRow.new(at: at(start),
                         say: task.say, puts_in: task.puts_in, minutes: minutes(task.told_min),
                         cue: (task.cue unless task.cue == Dishes::DONE),
                         cautions: fresh)
          end
        end

        # Names of food that nobody knows.
        def unknown
          plan.request.unknown
        end

        # The preparations that must be made in good time: how long before, and what.
        def ahead
          (list ? list.ahead : []).map { |ahead| [minutes(ahead.minutes), ahead.say] }
        end

        private

        # What is warned of, by the clock where the hour of serving is known.
        def supper_warnings
          others = supper.warnings.reject { |warning| warning.code == Dishes::UsedBefore::CODE }
          early = Dishes::UsedBefore.new(supper.dish, supper.plan).all
          others.map(&:say) + early.map { |one| one.say { |min| hour_before(min) } }
        end

        # "at 17:59", or nil where no hour is set.
        def hour_before(min)
          hour = clock_before(form[:serve], min)
          hour && "at #{hour}"
        end

        # When it starts: the hour, or so long before serving.
        def at(start)
          clock_before(form[:serve], start.before_min) || "−#{minutes(start.before_min)}"
        end

        def equal
          plan.request.rounds? ? "rounds in the same pot" : "equal pots"
        end

        # All of the rice, g.
        def rice_g
          (supper || plan.load).rice_g
        end

        def rice
          spoken_rice = spoken(rice_g / plan.request.grain.rho_g_ml, form)
          AmountRow.new(name: plan.request.grain.name.downcase, note: "", words: spoken_rice,
                        weight: weighed(rice_g))
        end

        # Water that the model finds; nil where the dish names a liquid of its own.
        def water
          return if supper&.dish&.main_liquid

          liquid_g = supper&.liquid_g || plan.poured_g
          AmountRow.new(name: "water", note: "", words: poured(plan, liquid_g), weight: weighed(liquid_g))
        end

        def weighed(amount_g)
          plan.request.measures.weighed(amount_g)
        end

        def portions
          "**#{plain(supper.servings.round(1))}**"
        end
      end
    end
  end
end
