# frozen_string_literal: true

require_relative "../forms/fields"
require_relative "../forms/plan_form"
require_relative "../helpers/cupboard_words"
require_relative "../helpers/fields"
require_relative "../helpers/pot_words"
require_relative "place"

module FondKettle
  module Web
    # Pots, cups, burners, bags, eaters and where the kitchen stands.
    class CupboardPlace < Place
      helpers Helpers::Fields
      helpers Helpers::PotWords
      helpers Helpers::CupboardWords

      GRAINS = Larder::Grains.all.values.map { |grain| [grain.key, grain.name] }.freeze
      INGREDIENTS = Larder::Ingredients.all.values.map do |ingredient|
        [ingredient.key,
         ingredient.name.downcase]
      end.freeze
      # What a new record shows before anything is known of it.
      BY_THE_BOOK = { "drinks" => "1", "crop" => "usual" }.freeze
      # What each shelf asks: name, label, and for a choice its options.
      SHELVES = {
        pots: ["Pots", Helpers::PotWords::KNOWN_POT_FIELDS],
        cups: ["Cups", Helpers::PotWords::CUP_FIELDS],
        spoons: ["Spoons", Helpers::PotWords::CUP_FIELDS],
        ovens: ["Ovens",
                [[:name, "Name"], [:hotter_c, "Hotter than its dial, °C"], [:most_c, "Gets to, °C"]]],
        burners: ["Burners",
                  [[:name, "Name"], [:source, "Kind", Kit::BURNER_HIGH_W.keys],
                   [:high_w, "Into the pot on high, W"]]],
        bags: ["Bags of rice", [[:name, "Name"], [:grain, "Grain", GRAINS], [:left_g, "Left, g"],
                                [:drinks, "Drinks, times the book"],
                                [:crop, "Crop", Larder::CROP_UPTAKE.keys],
                                [:opened_on, "Opened on"]]],
        eaters: ["Eaters", [[:name, "Name"], [:appetite, "Appetite", Table::APPETITE.keys],
                            [:age, "Age", Table::AGE.keys], [:avoids, "Avoids"]]],
        goods: ["In the larder", [[:ingredient, "What", INGREDIENTS], [:left_g, "Left, g"]]],
        own_ingredients: ["Ingredients of the house's own",
                          [[:name, "Name"], [:like, "Like", INGREDIENTS], [:brings, "Brings water, share"],
                           [:takes, "Drinks, g per g"], [:g_ml, "Density, g/mL"], [:salt, "Salt, g in 100 g"],
                           [:allergens, "Allergens"]]]
      }.freeze

      get "/" do
        show
      end

      post "/kitchen" do
        result = Forms::KITCHEN.call(params.slice("name", "altitude_m", "finger_mm", "scale_step_g", "hands"))
        next show(code: 422, trouble: { "kitchen" => Forms.problems(result) }) if result.failure?

        keeping("kitchen") { household.change_kitchen(version, result.to_h) }
      end

      # What this house takes a portion to be.
      post "/portions" do
        result = Forms::PORTIONS.call(params.slice(*Table::PORTION_G.keys))
        next show(code: 422, trouble: { "portions" => Forms.problems(result) }) if result.failure?

        household.change_portions(result.to_h.transform_keys(&:to_s))
        redirect "/cupboard#portions", 303
      end

      post "/:shelf" do
        save("new-#{shelf_name}") { |values| household.shelf(shelf_name).add(values) }
      end

      post "/:shelf/:id" do
        id = id_from(params["id"])
        save("#{shelf_name}-#{id}") { |values| household.shelf(shelf_name).change(id, version, values) }
      end

      post "/:shelf/:id/remove" do
        id = id_from(params["id"])
        keeping("#{shelf_name}-#{id}") { household.shelf(shelf_name).remove(id, version) }
      end

      private

      def shelf_name
        SHELVES.keys.find { |name| name.to_s == params["shelf"] } ||
          raise(NotFound, "There is no such shelf.")
      end

      def version
        sent_version || 0
      end

      def save(place)
        names = SHELVES.fetch(shelf_name).last.map { |name, *| name.to_s }
        result = Forms::SHELVES.fetch(shelf_name).call(params.slice(*names))
        return show(code: 422, trouble: { place => Forms.problems(result) }) if result.failure?

        keeping(place) { yield(result.to_h) }
      end

      # What was typed stays on the page when somebody else was first.
      def keeping(place)
        yield
        redirect "/cupboard##{place.delete_prefix('new-').split('-').first}", 303
      rescue Conflict => e
        show(code: 409, trouble: { place => [{ field: "name", message: e.message }] })
      end

      def show(code: 200, trouble: {})
        status code
        @title = "Cupboard"
        erb :cupboard, locals: { trouble: trouble, things: to_do, takes: takes_g }
      end

      # A record in one line: "Steel pot: 200 mm, 110 mm, ordinary, steel, 1.2 kg"; what
      # is by the book is not worth a word.
      def record_line(shelf, record)
        first, *fields = SHELVES.fetch(shelf).last
        told = fields.reject { |name, *| ["", BY_THE_BOOK[name.to_s]].include?(plain(record[name])) }
        "#{field_words(record, first.first, nil, first[2])}: " \
          "#{told.map { |field| field_words(record, *field) }.join(', ')}"
      end

      # A value with its unit, or the words of a choice.
      def field_words(record, name, label, options = nil)
        value = plain(record[name])
        return choice_words(options, value) if options

        [value, label && label[/, (.+)\z/, 1]].compact.join(" ")
      end

      def choice_words(options, value)
        chosen = options.find { |key, _| key == value }
        chosen.is_a?(Array) ? chosen.last : value.tr("-", " ")
      end

      # What a record's form shows: what was typed into it when it could not be saved.
      def typed_for(place, trouble, record)
        return params if trouble.key?(place)
        return BY_THE_BOOK if record.empty?

        record.transform_keys(&:to_s).transform_values { |value| plain(value) }
      end
    end
  end
end
