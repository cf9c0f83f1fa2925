# frozen_string_literal: true

require_relative "../../lib/fond_kettle/care/kind"
require_relative "../../lib/fond_kettle/kit/dish_vessels"
require_relative "../../lib/fond_kettle/larder/grains"
require_relative "../../lib/fond_kettle/measure/numeral"
require_relative "asked_field"
require_relative "presenter"

module FondKettle
  module Web
    module Presenters
      # What was read of a dish that a cook tells: its lines, and its steps by vessel.
      class ToldDish < Presenter
        # A line or step of an `id`: the cook's own words, and what was made of them.
        Read = Value.define(:id, :words, :number, :made)
        TABLE = "On the table"
        SERVE = "serve"
        LOW = "low"
        # Words of kinds that say more than is known here.
        WORDS = { "toast" => "toast", "sprinkle" => "strew" }.freeze
        WATER = "water"
        BY_PLAN = "as much as its plan says"
        NEEDED = "as much as the rice needs of "
        # Words before a vessel's own.
        PLACE = /\A(?:(?:in|on)\s+)?(?:the|an?)\s+/i

        # `dish`: of schema 2 (a hash).
        def initialize(household, dish)
          super(household)
          @dish = dish
        end

        # "**Saffron goat under rice** for 7: 500 g basmati, raw base under a seal."
        def lead
          grain = Larder::Grains.all[@dish["grain"]]
          rice = grain ? "#{grams(@dish['rice_g'].to_f)} #{grain.name.downcase}" : no_rice
          serves = " for **#{plain(@dish['serves'])}**" if @dish["serves"]
          method = household.library.all[@dish["method"]]
          "**#{@dish['title']}**#{serves}: #{rice}#{", #{method.name.downcase}" if method}."
        end

        # A Read for each line.
        def lines
          @dish["lines"].map do |line|
            Read.new(id: line["id"], words: line["text"] || line["food"], number: nil, made: understood(line))
          end
        end

        # [where it is done, a Read for each of its steps], in the order of the text.
        def vessels
          numbered = @dish["steps"].each_with_index.map { |step, index| [step, index + 1] }
          numbered.chunk_while { |(one, _), (other, _)| where(one) == where(other) }.map do |steps|
            [where(steps.first.first), steps.map { |step, number| read(step, number) }]
          end
        end

        # What is odd in it, one sentence each.
        def remarks
          @dish.fetch("remarks", []).map { |one| one["say"] }
        end

        # Texts that are no part of the dish.
        def not_read
          @dish.fetch("not_read", [])
        end

        # How a Forms::Asked is answered (AskedField).
        def question(asked)
          @fields ||= AskedFields.new(@dish, household.library.all.map { |key, one| [key, one.name] })
          @fields.of(asked)
        end

        private

        def no_rice
          @dish.key?("method") ? "no rice yet" : "a side, without rice"
        end

        def where(step)
          return TABLE if step["kind"] == SERVE

          vessel = vessels_there.find { |one| one["key"] == step["vessel"] }
          place = vessel ? Kit::DishVessels.fetch(vessel["kind"]).place(called(vessel)) : "in"
          "#{place.capitalize} #{vessel(step['vessel'])}"
        end

        def understood(line)
          known = line["unknown"] ? "not known" : line["ingredient"].to_s.tr("-", " ")
          amount = [known, line["ingredient"] == WATER ? BY_PLAN : "not measured"]
          amount = ["#{weight(line['g'])} #{known}"] if line["g"]
          [*amount, *line["state"]].join(", ")
        end

        def weight(grams)
          grams < 1 ? "under 1 g" : grams(grams.to_f)
        end

        def read(step, number)
          said = [kind(step), (minutes(step["minutes"]) if step["minutes"]), *step["state"],
                  *goes_in(step), *poured(step)]
          Read.new(id: step["id"], words: step["say"], number: number, made: said.compact.join(" · "))
        end

        def kind(step)
          high = step["kind"] == LOW && %w[medium high].include?(step["heat"])
          high ? "cook on #{step['heat']}" : WORDS.fetch(step["kind"]) { |key| Care::Kinds.fetch(key).word }
        end

        def goes_in(step)
          taken = step.fetch("takes", []).map { |take| taken(take) }
          "in goes #{taken.join(', ')}" if taken.any?
        end

        def taken(take)
          share = take.fetch("share", 1)
          share = share < 1 ? "#{Measure::Numeral.write(share)} of the " : ""
          "#{share}#{line(take['line'])['food']}"
        end

        def poured(step)
          from = step.fetch("from", []).map { |pour| "#{part(pour)}what is in #{vessel(pour['vessel'])}" }
          "with #{from.join(' and ')}" if from.any?
        end

        def part(pour)
          return NEEDED if pour["as"]
          return "#{grams(pour['g'].to_f)} of " if pour["g"]

          pour["share"].to_f.between?(0.01, 0.99) ? "#{Measure::Numeral.write(pour['share'])} of " : ""
        end

        def vessels_there
          @dish.fetch("vessels", [])
        end

        def line(id)
          @dish["lines"].find { |line| line["id"] == id }
        end

        def vessel(key)
          found = vessels_there.find { |one| one["key"] == key }
          return "the rice's pot" unless found

          "the #{called(found)}#{', with the rice' if found['rice']}"
        end

        # "wide pan"; "pan for the onions", where its name only says what it is for.
        def called(vessel)
          name = (vessel["name"] || vessel["key"].tr("-", " ")).sub(PLACE, "")
          name.match?(/\Afor\b/i) ? "#{Kit::DishVessels.fetch(vessel['kind']).word} #{name}" : name
        end
      end
    end
  end
end
