# frozen_string_literal: true

require_relative "../../../lib/fond_kettle/ground/value"
require_relative "../../../lib/fond_kettle/measure/numeral"
require_relative "../../../lib/fond_kettle/reading/own_words"
require_relative "../../../lib/fond_kettle/table/avoids"
require_relative "../presenter"

module FondKettle
  module Web
    module Presenters
      # Some of a line as it lies on a bench: the id of the `line` and the cook's own words for it (`about`),
      # the `food`, how much of it (`amount`), and `whom`: who at the table must not have it.
      BenchChip = Value.define(:line, :about, :food, :amount, :whom)

      # The chips of a bench: what goes in at a step, and what lies on the counter yet.
      class BenchChips < Presenter
        TO_TASTE = "to taste"
        HALF = 0.5
        # Shares may leave that much of a line over.
        HAIR = 0.005

        # `bench`: a Dishes::Bench; `eaters`: Table::Eaters; `amounts`: EveningAmounts, nil: as written.
        def initialize(household, bench, eaters, amounts)
          super(household)
          @bench = bench
          @eaters = eaters
          @amounts = amounts
        end

        # The words by which a line or a step (its id) is known again (Reading::OwnWords).
        def about(id)
          @about ||= Reading::OwnWords.of([*@bench.dish.lines.map { |one| [one.id, one.text || one.food] },
                                           *@bench.dish.steps.map { |one| [one.id, one.say] }])
          @about.fetch(id)
        end

        # BenchChips of what goes in at a step (a Dishes::DishGraphStep).
        def at(step)
          step.takes.map { |take| chip(line(take.line), take.share) }
        end

        # Those of what goes in nowhere yet, or not all of it; the rice goes in by its way.
        def on_the_counter
          placed = @bench.dish.steps.flat_map(&:takes).group_by(&:line)
          left = @bench.dish.lines.to_h { |one| [one, 1 - placed.fetch(one.id, []).sum(&:share)] }
          left.reject { |one, share| share <= HAIR || one.id == @bench.dish.rice_line }
              .map { |one, share| chip(one, share) }
        end

        private

        def line(id)
          @bench.dish.lines.find { |one| one.id == id }
        end

        def chip(line, share)
          clashes = Table::Avoids.clashes(@eaters, line.ingredient.allergens)
          BenchChip.new(line: line.id, about: about(line.id), food: line.food,
                        amount: amount(line, share), whom: clashes.map { |one| avoids(one) }.join("; "))
        end

        def avoids(clash)
          "#{clash.name} avoids #{clash.allergens.join(', ')}"
        end

        def amount(line, share)
          return @amounts.say(line.id, share) if @amounts

          part = "#{share_words(share)} of " if share < 1 - HAIR
          grams = @bench.grams_of(line.id)
          return "#{part}it, #{TO_TASTE}" if part && grams.nil?

          grams ? "#{part && "#{part}it, "}#{weight(grams * share)}" : TO_TASTE
        end

        def share_words(share)
          (share - HALF).abs < HAIR ? "half" : Measure::Numeral.write(share)
        end

        def weight(grams)
          grams < 1 ? "under 1 g" : grams(grams)
        end
      end
    end
  end
end
