# frozen_string_literal: true

require "yaml"
require_relative "../lib/fond_kettle/belief/belief"
require_relative "../lib/fond_kettle/formats/plan_json"
require_relative "../lib/fond_kettle/formats/stored_dish"
require_relative "../lib/fond_kettle/formats/stored_request"
require_relative "../lib/fond_kettle/house/composition"
require_relative "../lib/fond_kettle/larder/grains"
require_relative "../lib/fond_kettle/log/outcome"
require_relative "../lib/fond_kettle/methods/loads/loading"
require_relative "../lib/fond_kettle/methods/library"
require_relative "../lib/fond_kettle/methods/planning/planner"
require_relative "../lib/fond_kettle/ground/paths"
require_relative "../lib/fond_kettle/reading/reader"
require_relative "household"

module FondKettle
  module Store
    # Fills a fresh household with the demo of data/demo/kitchen.yml; its log is
    # cooked by the model in a kitchen whose true figures differ from the book's.
    class Demo
      FILE = File.join(DATA, "demo", "kitchen.yml")
      DISHES = File.join(DATA, "demo", "dishes.yml")
      DAY_S = 86_400
      # What the table says of a verdict.
      TABLE = { "chalky" => %w[chalky dry], "firm" => %w[firm right], "standard" => %w[right right],
                "soft" => %w[soft right], "wet" => %w[soft wet], "scorched" => %w[firm dry] }.freeze

      def self.fill(household, now)
        new(household, now).fill
      end

      def initialize(household, now)
        @household = household
        @now = now
        @data = YAML.safe_load_file(FILE, symbolize_names: true)
      end

      def fill
        @household.database.write do
          kitchen = @household.kitchen || @household.add_kitchen("Demo household", demo: true)
          @household.change_kitchen(kitchen[:lock_version], @data[:kitchen])
          House::SHELF_KINDS.each_key do |table|
            @data.fetch(table, []).each { |record| @household.shelf(table).add(record) }
          end
          YAML.safe_load_file(DISHES).each { |text| @household.dishes.add(dish(text)) }
          @data[:log].each { |entry| cook(entry) }
        end
      end

      private

      # A dish as it is told.
      def dish(text)
        read = Reading::Reader.new(text, names: @household.names, cups: @household.values(:cups),
                                         library: @household.library).dish.merge("text" => text)
        Formats::StoredDish.record(read, read)
      end

      def cook(entry)
        pot = @household.shelf(:pots).all.find { |record| record[:name] == entry[:pot] }
        plan = Methods::Planner.plan(request(entry, pot))
        start = @now - (entry[:days_ago] * DAY_S)
        id = @household.cooks.start(title: "#{plan.request.grain.name}, #{entry[:pot].downcase}",
                                    grain: entry[:grain], pot_id: pot[:id],
                                    plan: Formats::PlanJson.for_the_stove(plan, look: pot[:lid_look]),
                                    request: Formats::StoredRequest.write(plan.request),
                                    now: start,
                                    address: "grain=#{entry[:grain]}&for=amount&amount=#{entry[:rice_g]}" \
                                             "&unit=g&pot=#{pot[:id]}#{seated(entry)}")
        attend(id, plan, start)
        @household.cooks.judge(id, outcome(plan, entry), nil)
        @household.lessons.bring_forward
      end

      # Who ate of it, as an address has them.
      def seated(entry)
        eaters = @household.values(:eaters).select { |eater| entry[:who].include?(eater.name) }
        eaters.map { |eater| "&who[]=#{eater.id}" }.join + (entry[:guests] ? "&guests=#{entry[:guests]}" : "")
      end

      def request(entry, pot)
        wishes = House::Wishes.of(method: Methods::Library.ours.fetch("covered-pot"),
                                  grain: Larder::Grains.fetch(entry[:grain]), chosen: { pot: pot[:id] },
                                  quantity: House::Quantity.of(by: "amount", amount: entry[:rice_g].to_f))
        House::Composition.new(wishes, @household.shelves, log: @household.lessons).request
      end

      # Walks through the tasks in their planned times.
      def attend(id, plan, start)
        plan.tasks.each_cons(2) do |task, following|
          @household.cooks.move(id, task.id, following.id,
                                start + ((plan.total_min - plan.placed.starts[following.id]) * 60))
        end
        bag = @household.shelves.bag_of(plan.request.grain)
        @household.cooks.finish(id, start + (plan.total_min * 60), bag&.id)
      end

      # What the household does not know: the same for every pot, but for what the bags drink.
      def truth(entry)
        factors = @data[:truth].transform_values do |factor|
          factor.is_a?(Hash) ? factor[entry[:grain].to_sym] : factor
        end
        Belief::Estimates.truth(**factors)
      end

      # The plan's water in the kitchen as it really is.
      def outcome(plan, entry)
        load, setting = truth(entry).applied(plan.load, plan.setting)
        run = Pot::Cooking.run(load, plan.liquid_g, plan.stages, setting)
        verdict = Pot::Verdict.of(run, load)
        grain, wetness = TABLE.fetch(verdict)
        Log::Outcome.of(grain: grain, wetness: wetness, floor: verdict == "scorched" ? "burnt" : "clean",
                        note: entry[:note], **weighed(entry, run))
      end

      # What the filled pot weighed, where somebody did.
      def weighed(entry, run)
        filled_g = entry[:weighed_g]
        filled_g ? { before_g: filled_g.to_f, after_g: filled_g - ((run.lost_g / 5).round * 5.0) } : {}
      end
    end
  end
end
