# frozen_string_literal: true

module FondKettle
  module Methods
    # Brings a method's file of an earlier version forward: then the key of a step said
    # what it does, and `tags` which cautions it brings. What is written by kind is left
    # as it is. Plain data in, plain data out; nothing here is read from any text.
    module Forward
      # What the keys of that version stood for, before the rice went in; any other key
      # may be anything.
      KIND_BY_KEY = { "water" => "heat-liquid", "broth" => "simmer", "roots" => "lay-in", "taste" => "taste",
                      "meat" => "fry", "onion" => "fry", "garlic" => "fry", "spices" => "fry",
                      "paste" => "reduce",
                      "coat" => "toast", "toast" => "toast" }.freeze
      SLOTS = %w[meat onion].freeze
      # Tags that were no food: kind and attributes say them now.
      NO_FOOD = %w[lid hot-fat boil-and-drain cloth].freeze
      OWN = "own"

      module_function

      # `data`: names and values as in the file.
      def call(data)
        tags = data["tags"].is_a?(Array) ? data["tags"] : []
        food = [*data["food"], *(tags - NO_FOOD)].uniq
        sections = data.slice("base", "stages", "after")
                       .to_h { |section, list| [section, section(section, list)] }
        { **data.except("tags"), **sections, **(food.empty? ? {} : { "food" => food }) }
      end

      def section(section, list)
        return list unless list.is_a?(Array) && list.all?(Hash) && list.none? { |stage| stage.key?("kind") }

        distinct(list.map { |stage| section == "stages" ? with_rice(stage) : own(stage) })
      end

      # Two steps of one key were two steps.
      def distinct(list)
        seen = Hash.new(0)
        list.map do |stage|
          count = seen[stage["key"]] += 1
          count == 1 ? stage : stage.merge("key" => "#{stage['key']}-#{'x' * (count - 1)}")
        end
      end

      # The kind of a stage with the rice, by what lid and heat do.
      def kind_of_stage(stage)
        return "bake" if stage["oven_c"]
        return "pour-off" if stage["drain"]
        return "rest" if stage["heat"] == "off"

        stage["heat"] == "low" && stage["until"] != "boil" ? "low" : "boil"
      end

      # The kind of a step without it, by its key.
      def kind_of_own(key)
        KIND_BY_KEY.fetch(key, OWN)
      end

      def with_rice(stage)
        { "kind" => kind_of_stage(stage), **stage }
      end

      def own(stage)
        slot = SLOTS.include?(stage["key"]) ? { "slot" => stage["key"] } : {}
        { "kind" => kind_of_own(stage["key"]), **slot, **stage }
      end

      private_class_method :section, :distinct, :with_rice, :own
    end
  end
end
