# frozen_string_literal: true

require_relative "../care/cautions"
require_relative "../care/kind"
require_relative "../measure/rounding"
require_relative "../methods/warnings/not_safe"
require_relative "../methods/solved/solved"
require_relative "../methods/planning/trial"
require_relative "../methods/warnings/salt_warnings"
require_relative "../methods/warnings/warnings"
require_relative "../pot/verdict"
require_relative "base_times"
require_relative "disagreements"
require_relative "own_steps"
require_relative "salt"
require_relative "uncooked"
require_relative "used_before"

module FondKettle
  module Dishes
    # Warnings about a dish that makes no sense; the cook decides.
    module Sense
      MUCH = 10
      BOILED = "You boil the rice %s min before it is laid in; here it takes about %d to be as far as the " \
               "pot wants it. Bite a grain."
      # Minutes this far from the cook's are remarked on.
      FAR = 0.25
      TURN_OUT = "turn-out"
      # Raw rice that an adult eats, g.
      PORTION_G = (40..130)
      STEP = "A step that boils it says so: | simmer."

      module_function

      # `before`: the Methods::Request of the dish as written; `plan`: that of the evening.
      def warnings(dish, before, plan, salt)
        [*asked(dish), *not_planned(dish, before.method), *uncooked(dish), *disagreeing(dish, before.method),
         *portion(dish), *written_liquid(dish, before), *par_boiled(dish, plan), *salty(salt), *spices(dish),
         *pulses(dish, plan), *base_times(dish, plan), *not_counted(dish), *used_before(dish, plan)]
      end

      # What the cook has still to say: what is open, and where a line is only guessed to go in.
      def asked(dish)
        [*dish.graph.wet_into_fat.map { |say| warning("wet-into-fat", say) },
         *dish.graph.open.map { |say| warning("asked", say) },
         *dish.graph.guessed.map { |say| warning("placed-by-guess", say) }]
      end

      def used_before(dish, plan)
        UsedBefore.new(dish, plan).all.map { |early| warning(UsedBefore::CODE, early.say) }
      end

      # Warnings about steps whose effect is not computed yet.
      def not_planned(dish, method)
        kinds = dish.steps.map(&:kind) - method.after.reject(&:own?).map(&:kind)
        kinds -= [OwnSteps::DRESS] if method.dressed
        kinds -= [TURN_OUT] if method.turned_out?
        kinds -= OwnSteps::PIECES if dish.graph.rolls?
        open = kinds.filter_map { |kind| Care::Kinds.fetch(kind).not_planned }.uniq
        return [] if open.empty?

        [warning("not-planned", "Not planned yet: #{open.join('; ')}. These steps stand as you wrote them.")]
      end

      # Fish that is eaten raw, other raw food that nothing heats, fat that nobody says what to do with.
      def uncooked(dish)
        found = Uncooked.new(dish)
        raw = dish.lines.select { |line| line.ingredient.care.include?(Settled::EATEN_RAW) }
        [*raw.map { |line| eaten_raw(line) }, *found.raw.map { |line| raw(line) },
         *found.idle.map do |line|
           warning("no-step", "No step says what to do with the #{line.name}: name it in one.")
         end]
      end

      # Warnings about fish that is meant to be eaten raw.
      def eaten_raw(line)
        warning("eaten-raw", "#{line.name.capitalize} stays raw: only fish sold for eating raw, frozen " \
                             "first as your food-safety authority asks, and not for those at risk.")
      end

      def raw(line)
        warning(Methods::NotSafe::CODE,
                "#{line.name.capitalize} is raw, and no step cooks it: name it in a step that does, " \
                "or say that it is cooked (| cooked).")
      end

      def disagreeing(dish, method)
        way = dish.graph.rolls? ? dish.way.with(finish: nil) : dish.way
        Disagreements.in(dish.steps, way, method).map { |said| warning("disagrees", said) }
      end

      # Warnings about an adult's portion that is much too small, or much too large; in rolls rice only fills.
      def portion(dish)
        return [] if PORTION_G.cover?(dish.portion_g) || dish.graph.rolls?

        [warning("portion", "#{dish.portion_g.round} g of raw rice for one adult: usual is between " \
                            "#{PORTION_G.min} and #{PORTION_G.max} g. Is it for #{Measure::Rounding.plain(dish.serves)}?")]
      end

      def written_liquid(dish, before)
        written_g = dish.main_liquid&.g
        return [] if written_g.nil? || before.method.phases.any?(&:parts)

        judged(written_g, dish, Methods::Solved.of(before))
      end

      def judged(written_g, dish, before)
        return [] if boiled_down?(written_g, before)

        simmered_g = before.poured_g - before.liquid_g
        verdict = Methods::Trying.run(before.request, [written_g - simmered_g, 0.0].max,
                                      step_min: Pot::Cooking::CUES_STEP_MIN).verdict
        return [] if Pot::Verdict::RIGHT.include?(verdict)

        main = dish.main_liquid
        [warning("liquid-as-written", "As written, #{written_g.round} g of #{main.name} for " \
                                      "#{dish.rice_g.round} g rice comes out #{verdict} in this pot; " \
                                      "#{before.poured_g.round} g is right.")]
      end

      # The cook's own minutes of boiling before the rice is laid in, where they come to something else.
      def par_boiled(dish, plan)
        told_min = dish.graph.par_boil_min
        return [] unless told_min

        min = plan.tasks.find { |task| task.kind.key == OwnSteps::PAR_BOIL }&.told_min
        return [] if min.nil? || (told_min - min).abs <= FAR * told_min

        [warning("par-boil-minutes", format(BOILED, Measure::Rounding.plain(told_min), min))]
      end

      # True for a broth that starts with more than is wanted: it is measured, and boiled down or ladled off.
      def boiled_down?(written_g, before)
        !before.ledger.nil? && written_g >= before.poured_g
      end

      def salty(salt)
        return [] if salt.serving_g <= Methods::SaltWarnings::MOST_SALT_G

        name, most_g = salt.sources.first
        [Methods::SaltWarnings.too_salty(salt.serving_g,
                                         " Most comes from #{name}: " \
                                         "#{Measure::Rounding.plain(most_g, 1)} g in all.")]
      end

      def spices(dish)
        dish.lines.filter_map do |line|
          usual = line.ingredient.usual
          next unless usual && line.g && line.g > MUCH * usual * dish.rice_g / 100

          times = (line.g / usual / dish.rice_g * 100).round
          warning("much-of-it", "#{line.g.round} g of #{line.name} is #{times} times the usual " \
                                "for #{dish.rice_g.round} g rice. Grams or spoons?")
        end
      end

      # Raw pulses and the like that the time they get does not boil through.
      def pulses(dish, plan)
        boiling = Hash.new { |minutes, section| minutes[section] = boiling_in(plan, section) }
        dish.lines.filter_map do |line|
          wanted_min = line.ingredient.boil_min
          next unless wanted_min

          found = Methods::NotSafe.boil_through(line.name, wanted_min, boiling_min(line, plan, boiling))
          found&.with(say: "#{found.say} #{STEP}")
        end
      end

      # Warnings about a base that is cooked before it is sealed in.
      def base_times(dish, plan)
        times = BaseTimes.new(dish, plan.request)
        [*times.unsafe.map { |say| warning(Methods::NotSafe::CODE, say) },
         *times.tough.map { |say| warning("not-tender", say) }]
      end

      # Minutes for which a line boils, by the kinds of the stages and steps: in the pot with the rice, in a
      # base before that, or in a step of its own. Frying and resting do not boil food through.
      # `boiling`: minutes of tasks by section (boiling_in).
      def boiling_min(line, plan, boiling)
        case line.stage
        when "base" then boiling["base"] + plan.run.boiling_min
        when "with", "liquid", BOILED, LATE then plan.run.boiling_min
        when "beside" then boiling["base"]
        else boiling["after"]
        end
      end

      # Minutes of the tasks of a section whose kind boils what lies in them.
      def boiling_in(plan, section)
        start = "#{section}."
        plan.tasks.select { |task| task.kind.boils && task.id.start_with?(start) }.sum(&:told_min)
      end

      # The main liquid's amount comes from the water model, whatever was written.
      def not_counted(dish)
        main = dish.main_liquid
        unknown = dish.lines.reject { |line| line.equal?(main) }
                      .select { |line| line.amount && line.g.nil? }.map(&:name)
        return [] if unknown.empty?

        [warning("not-counted", "Not counted, because nobody knows what one weighs: #{unknown.join(', ')}.")]
      end

      # A Methods::Warning.
      def warning(code, say)
        Methods::Warning.new(code: code, say: say)
      end

      private_class_method :asked, :used_before, :par_boiled, :base_times, :eaten_raw, :judged, :not_planned,
                           :uncooked, :raw, :disagreeing, :portion, :written_liquid, :boiled_down?, :salty,
                           :spices, :pulses, :boiling_min, :boiling_in, :not_counted, :warning
    end
  end
end
