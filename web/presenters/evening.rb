# frozen_string_literal: true

require "forwardable"
require_relative "../../lib/fond_kettle/dishes/line"
require_relative "../../app/plans/look"
require_relative "../../lib/fond_kettle/table/contains"
require_relative "../drawings/pot_picture"
require_relative "pot_views"
require_relative "supper_words"

module FondKettle
  module Web
    module Presenters
      # Page of one dish for one evening: how much of everything, what to get, what starts when.
      class Evening < SupperWords
        extend Forwardable

        # A row of amounts: as written, tonight's two ways of saying it, and why.
        LineRow = Value.define(:name, :note, :written, :first, :second, :why, :moved)
        # The smallest change that a number tells.
        SAME = 0.005
        ALL_BROUGHT = "What goes in with the rice brings all the water that it can drink."
        PAR_BOILED = "The rice is par-boiled in plenty of water; what it still wants is in the base."

        # Lines that may be left out or replaced tonight, with the change: field, index, whether it is so, and
        # words.
        def options
          look.options(supper).map do |option|
            [option.line.optional ? "without" : "instead", option, option_words(option)]
          end
        end

        # Number of equal pots, or nil for one.
        def batches
          supper.batches if supper.batches > 1
        end

        def_delegator :rice, :weight, :rice_weight
        def_delegator :rice, :name, :rice_name
        def_delegator :rice, :words, :rice_measured

        def rice_line
          table = ", #{form.heads} at the table" if form[:for] == "people"
          "for #{portions} regular portions#{table}; **#{grams(supper.cooked_rice_g)}** cooked"
        end

        def time_line
          "**#{minutes(plan.total_min)}** in all#{start_at(form[:serve], plan.total_min)}"
        end

        def verdict
          supper.comes_out
        end

        def comes_out
          "Comes out #{outcome_words(supper)}"
        end

        def as_written
          dish = supper.dish
          same = (supper.factor - 1).abs < SAME
          times = same ? "The dish" : "#{plain(supper.factor.round(2))} times the dish"
          "#{times} as written (for #{plain(dish.serves)}, #{grams(dish.rice_g)} rice)."
        end

        def warnings
          supper_warnings
        end

        # The pot of the evening (one of several), filled as planned, with what comes out.
        def drawing
          look = household.lid_look(plan.request.vessel.id)
          Drawings::PotPicture.new(PotViews.plan(plan, look, comes_out: supper.comes_out), "evening-pot").to_s
        end

        # Amounts for each of several pots.
        def split
          "**In #{batches} #{equal}.** It is too much for one #{plan.request.vessel.name}: " \
            "each gets **#{weighed(plan.load.rice_g)}** rice#{liquid_each} and 1/#{batches} of " \
            "everything else."
        end

        # Liquid for each pot, as a text; nil for a sealed pot, into which nothing is poured.
        def liquid_each
          ", **#{weighed(plan.poured_g)}** liquid (#{poured(plan)})," if plan.poured_g.positive?
        end

        # A pot of the cupboard that takes it all, or nil.
        def roomier
          whole = plan.load.times(supper.batches)
          smallest_fitting(form.shelves.pots, plan.request.vessel, whole, plan.liquid_g * supper.batches)
        end

        # Rows by heading (nil: the rice itself, and water that the dish does not name).
        def rows
          groups = list.ready.group_by(&:stage).map do |stage, things|
            [Dishes::PLACES.fetch(stage).capitalize, things.map { |ready| row(ready) }]
          end
          [[nil, [plain_row(rice, grams(supper.dish.rice_g), nil)]], *groups, *water_rows]
        end

        def liquid_note
          before = as_written_plan
          dish = supper.dish
          if [before, plan].all? { |one| one.liquid_g.zero? }
            return [plan.sealed ? PAR_BOILED : ALL_BROUGHT, *changed_minutes].join(" ")
          end

          ratio = plain((before.liquid_g / dish.rice_g).round(2))
          tonight = plain((plan.liquid_g / plan.load.rice_g).round(2))
          ["Liquid as written, in this pot: #{grams(before.liquid_g)} for #{grams(dish.rice_g)} rice, " \
           "#{ratio} to 1; tonight #{tonight} to 1. The pot's own loss does not grow with the rice.",
           *changed_minutes].join(" ")
        end

        def salt
          sources = supper.salt.sources.map { |name, g| "#{name} #{plain(g.round(1))} g" }.join(", ")
          said = "**#{plain(supper.salt.serving_g.round(1))} g** salt a portion " \
                 "(#{supper.salt.sodium_mg.round} mg sodium)"
          sources.empty? ? "#{said}." : "#{said}: #{sources}."
        end

        def allergens
          Table::Contains.say(supper.allergens, supper.not_checked)
        end

        # The shopping list, by aisle, as texts.
        def to_buy
          list.to_buy.group_by(&:aisle).map do |aisle, items|
            ["#{aisle.capitalize}:", items.map { |item| bought(item) }.join("; ")]
          end
        end

        private

        # The Methods::Plan of the dish as written.
        def as_written_plan
          @as_written_plan ||= look.as_written(supper)
        end

        def look
          App::LookAtPlan.new(form, kitchen)
        end

        def option_words(option)
          line = option.line
          said = line.optional ? "Leave out #{line.name}" : "Take #{line.name} instead of #{line.instead_of}"
          changes = option_changes(option)
          changes = ["changes nothing else"] if changes.empty?
          "#{said}: **#{changes.join(', ')}**"
        end

        def option_changes(option)
          back = "with it back, " if option.taken
          [*("#{signed(option.liquid_g.round)} g liquid" unless option.liquid_g.round.zero?),
           *("#{signed(option.salt_g.round(1))} g salt a portion" unless option.salt_g.round(1).zero?),
           *("#{signed(option.minutes.round)} min" unless option.minutes.round.zero?),
           *("with #{option.gained.join(' and ')}" if option.gained.any?),
           *("without #{option.lost.join(' and ')}" if option.lost.any?)]
            .then { |list| list.empty? ? list : ["#{back}#{list.first}", *list.drop(1)] }
        end

        def signed(number)
          number.negative? ? "−#{plain(number.abs)}" : "+#{plain(number)}"
        end

        def bought(item)
          item.have_g.positive? ? "#{item} of which #{grams(item.have_g)} are there" : item.to_s
        end

        # Pieces are counted first, everything else weighed first.
        def row(ready)
          said = [ready.measured.weight, ready.measured.words].compact
          said.reverse! if ready.measured.counted
          rounded = ready.measured.off && "rounded #{ready.measured.off}"
          LineRow.new(name: ready.name, note: ready.note, written: written(ready), first: said.first,
                      second: said[1], why: [ready.scaled.why, rounded].compact.join(" "),
                      moved: !ready.scaled.why.nil?)
        end

        def plain_row(amount, written, why)
          LineRow.new(name: amount.name, note: "", written: written, first: amount.weight,
                      second: amount.words, why: why, moved: !why.nil?)
        end

        def water_rows
          return [] unless water

          [[nil, [plain_row(water, nil, "The water model says how much this pot wants.")]]]
        end

        # The line's amount before scaling, in the cook's own words.
        def written(ready)
          line = supper.lines.map(&:line)
                       .find { |written| written.name == ready.name && written.stage == ready.stage }
          Dishes::Written.amount(line) || (line.free? ? "as it takes" : "to taste")
        end

        # Tasks whose time the amount changes.
        def changed_minutes
          written = as_written_plan.tasks.to_h { |task| [task.id, task.told_min] }
          plan.tasks.filter_map do |task|
            was_min = written[task.id]
            next unless was_min && (was_min - task.told_min).abs >= 1

            "#{task.say[/\A[^,:(]+/]}: #{minutes(was_min)} → **#{minutes(task.told_min)}**."
          end
        end
      end
    end
  end
end
