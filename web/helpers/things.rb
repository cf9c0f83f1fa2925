# frozen_string_literal: true

require_relative "../../lib/fond_kettle/methods/request/own_rule"
require_relative "../../lib/fond_kettle/pot/water/wash"
require_relative "../../app/forms/making_form"
require_relative "../drawings/pot_things"
require_relative "../html/markup"
require_relative "made_words"
require_relative "pot_words"

module FondKettle
  module Web
    module Helpers
      # The things that a pot is made with, drawn beside one another on its page: what is set of each lies
      # behind it, and it says what that is.
      module Things
        include MadeWords

        FOR = PotWords::FOR
        TEXTURES = PotWords::TEXTURES
        # By key, as Drawings::PotThings draws it: its name, what it says, and the fields behind it.
        THINGS = { "plates" => ["How much", :how_much_said,
                                %w[for amount unit who guests portion have have_g]],
                   "bag" => ["Rice", :rice_said, %w[grain texture]],
                   "bowl" => ["Rinse and soak", :washing, %w[rinse soak water_c drain]],
                   "pot" => ["Way and pot", :pot_said, %w[method pot]],
                   "cup" => ["Cup", :cup_said, %w[cup own own_kind]],
                   "flame" => ["Heat and lid", :heating,
                               %w[burner oven oven_c onion first stir lid cover crust sauce_g parts]],
                   "layers" => ["Layers, seal, steam", :layering,
                                %w[under_g under_water under_meat under_raw under_mm under_shape under_c
                                   under_gravy layer done steam programme]],
                   "steamer" => ["Steam and pieces", :making, Forms::MakingForm::FIELDS.map(&:to_s)],
                   "board" => ["Beside the rice", :lying_beside, %w[beside]] }.freeze
        MOST_NAMED = 3

        # A thing with the fields that the block makes behind it; open when one of them is wrong, or where
        # `open` says so. One at a time is open, but none closes over what is wrong.
        def thing(form, key, open: false)
          name, _, fields = THINGS.fetch(key)
          open ||= fields.any? { |field| problem_for(form.problems, field) }
          words = Html::Markup.escape(front_words(form, key))
          front = %(#{Drawings::PotThings.draw(key)}<b>#{name}</b>) +
                  %(<span class="said" data-swap="said-#{key}">#{words}</span>)
          state = open ? { open: "open" } : { name: "thing" }
          Html::Markup.tag("details", %(<summary>#{front}</summary><div class="thing-fields">#{yield}</div>),
                           class: "thing-set", id: "thing-#{key}", **state)
        end

        # The sauce that a method leaves by itself, as a text.
        def sauce_words(method)
          per_g = method.residue_per_g
          "#{per_g.zero? ? 'none' : "#{plain(per_g * 100)} g for 100 g rice"}, as this way has it"
        end

        # Hints that follow what is chosen.
        def hints(form)
          { "rinse" => "0: not rinsed. #{cloudiness(form)}",
            "soak" => "Blank: the usual #{plain(form.method.soak_min(form.grain))} min for " \
                      "#{form.grain.name.downcase}",
            "beside" => ["A line each: 400 g tomatoes; 1 onion, browned. " \
                         "Water it brings or drinks is counted.",
                         *form.beside.asked].join(" ") }
        end

        # The parts that a change moves beside the answer: hints and problems, by the name of their spot.
        def spots(form)
          fronts = THINGS.keys.to_h { |key| ["said-#{key}", front_words(form, key)] }
          hints = hints(form).transform_keys { |name| "hint-#{name}" }
          problems = form.problems.to_h do |problem|
            ["problem-#{problem[:field]}", problem_text(problem[:message])]
          end
          { **hints.merge(fronts).transform_values { |words| Html::Markup.escape(words) },
            "method-choices" => part(:pot_choices, form: form),
            "made-fields" => part(:pot_made_fields, form: form), **problems }
        end

        private

        def cloudiness(form)
          changes = Integer(form[:rinse].to_s, 10, exception: false)
          return "" unless changes&.between?(1, 20)

          "#{changes}: #{(Pot::Wash.cloudiness(form.grain, changes) * 100).round} " \
            "% of the cloudiness is left."
        end

        # "for 5", "540 g"; an amount with a measure of its own stands as it is.
        def how_much_said(form)
          return "for #{form.heads}" if form[:for] == "people"
          return FOR[form[:for]] unless form[:for] == "amount"
          return form[:amount].to_s if form[:amount].to_s.match?(/[[:alpha:]]/)

          "#{form[:amount]} #{form[:unit] == 'cup' ? form.kit.cup&.name || 'cups' : form[:unit]}"
        end

        def rice_said(form)
          texture = form[:texture].to_f
          [form.grain.name, (TEXTURES.fetch(texture, nil) unless texture.zero?)].compact.join(", ")
        end

        # "Steel pot: Covered pot on the stove".
        def pot_said(form)
          "#{form.kit.pot&.name || 'A usual pot'}: #{form.method.name}"
        end

        # The cup, and the cook's own water where they told it: "jam glass, yours: 2 parts by cup".
        def cup_said(form)
          [form.kit.cup&.name || "US cup", own_water(form)].compact.join(", ")
        end

        def front_words(form, key)
          send(THINGS.fetch(key)[1], form)
        end

        def washing(form)
          drain = PotWords::DRAINS.to_h.fetch(form[:drain], form[:drain])
          "#{rinsed(form)}, #{soaked(form)}, drained #{drain}"
        end

        def rinsed(form)
          changes = form[:rinse].to_s.empty? ? form.method.rinse_changes.to_s : form[:rinse].to_s
          { "0" => "not rinsed", "1" => "rinsed once" }.fetch(changes) { "rinsed #{changes} times" }
        end

        def soaked(form)
          soak = form[:soak].to_s.empty? ? plain(form.method.soak_min(form.grain)) : form[:soak]
          return "not soaked" if soak == "0"

          min = Float(soak, exception: false)
          "soaked #{min&.finite? ? minutes(min) : "#{soak} min"}"
        end

        def heating(form)
          burner = form.shelves.burners.find { |one| one.id.to_s == form[:burner].to_s }
          cover = "a #{form[:cover]} under the lid" unless form[:cover] == "lid"
          [burner ? burner.name : "the heat that suits", form[:onion] && "onion #{form[:onion]}",
           form[:stir] == "at-boil" ? "stirred once" : "never stirred", cover,
           ("a crust" if form[:crust] == "yes"), *wet(form)].compact.join(", ")
        end

        def wet(form)
          [("#{form[:sauce_g]} g sauce left" unless form.method.parts || form[:sauce_g].to_s.empty?),
           ("#{form[:parts]} parts of water" unless form.method.parts.nil? || form[:parts].to_s.empty?)]
        end

        def lying_beside(form)
          names = form.beside.lines.map { |line| [line.g && grams(line.g), line.name].compact.join(" ") }
          return "nothing beside it" if names.empty?

          if names.size > MOST_NAMED
            "#{names.take(MOST_NAMED).join(', ')} and #{names.size - MOST_NAMED} more"
          else
            names.join(", ")
          end
        end

        # Nothing where a way has no layers: then the drawer is not there.
        def layering(form)
          return "" unless form.method.layered?

          base = form[:under_g].to_s.empty? ? "base as usual" : "#{form[:under_g]} g base"
          return base unless form.method.sealed?

          [base,
           (form[:done].to_s.empty? ? "par-cooked as it comes right" : "par-cooked to #{form[:done]} %"),
           (form[:programme].to_s.empty? ? nil : form[:programme])].compact.join(", ")
        end

        def own_water(form)
          return if form[:own].to_s.empty?

          "yours: #{form[:own]} #{Methods::OwnRule::KINDS.fetch(form[:own_kind], '')}"
        end
      end
    end
  end
end
