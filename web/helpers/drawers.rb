# frozen_string_literal: true

require_relative "../../lib/fond_kettle/methods/request/own_rule"
require_relative "../../lib/fond_kettle/pot/water/wash"
require_relative "../../app/forms/making_form"
require_relative "../html/markup"
require_relative "made_words"
require_relative "pot_words"

module FondKettle
  module Web
    module Helpers
      # The drawers of the Pot page: what is seldom changed lies in one, and its front
      # says what is in it.
      module Drawers
        include MadeWords

        FOR = PotWords::FOR
        # By key: its name, what its front says, and the fields that lie in it.
        DRAWERS = { "wash" => ["Rinse and soak", :washing, %w[rinse soak water_c drain]],
                    "heat" => ["Heat and lid", :heating,
                               %w[burner oven oven_c onion first stir lid cover crust sauce_g parts]],
                    "beside" => ["Beside the rice", :lying_beside, %w[beside]],
                    "layers" => ["Layers, seal and steam", :layering,
                                 %w[under_g under_water under_meat under_raw under_mm under_shape under_c
                                    under_gravy layer done steam programme]],
                    "made" => ["Steamer, pieces, dressing", :making, Forms::MakingForm::FIELDS.map(&:to_s)],
                    "own" => ["Your own water", :own_water, %w[own own_kind]] }.freeze
        MOST_NAMED = 3

        # A drawer, its fields made by the block; open when one of them is wrong.
        def drawer(form, key)
          name, _, fields = DRAWERS.fetch(key)
          wrong = fields.any? { |field| problem_for(form.problems, field) }
          words = Html::Markup.escape(front_words(form, key))
          front = %(<b>#{name}</b> <span class="said" data-swap="said-#{key}">#{words}</span>)
          Html::Markup.tag("details", "<summary>#{front}</summary>#{yield}",
                           class: "drawer", id: "drawer-#{key}", **(wrong ? { open: "open" } : {}))
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
          fronts = DRAWERS.keys.to_h { |key| ["said-#{key}", front_words(form, key)] }
          fronts.update("said-rice" => rice_said(form), "said-kit" => kit_said(form))
          hints = hints(form).transform_keys { |name| "hint-#{name}" }
          problems = form.problems.to_h do |problem|
            ["problem-#{problem[:field]}", problem_text(problem[:message])]
          end
          { **hints.merge(fronts).transform_values { |words| Html::Markup.escape(words) },
            "method-choices" => part(:pot_choices, form: form),
            "made-fields" => part(:pot_made_fields, form: form), **problems }
        end

        # The rice and its amount: "basmati, 540 g".
        def rice_said(form)
          amount = { "amount" => "#{form[:amount]} #{form[:unit]}", "people" => "for #{form.heads}" }
          [form.grain.name, amount.fetch(form[:for], FOR[form[:for]])].compact.join(", ")
        end

        # The method, the pot and the cup: "covered pot, steel pot, jam glass".
        def kit_said(form)
          [form.method.name, form.kit.pot&.name, form.kit.cup&.name].compact.join(", ")
        end

        private

        def cloudiness(form)
          changes = Integer(form[:rinse].to_s, 10, exception: false)
          return "" unless changes&.between?(1, 20)

          "#{changes}: #{(Pot::Wash.cloudiness(form.grain, changes) * 100).round} " \
            "% of the cloudiness is left."
        end

        def front_words(form, key)
          send(DRAWERS.fetch(key)[1], form)
        end

        def washing(form)
          drain = PotWords::DRAINS.to_h.fetch(form[:drain], form[:drain])
          "#{rinsed(form)}, #{soaked(form)}, drained #{drain}"
        end

        def rinsed(form)
          changes = form[:rinse].to_s.empty? ? form.method.rinse_changes.to_s : form[:rinse].to_s
          { "0" => "not rinsed", "1" => "1 change of water" }.fetch(changes) { "#{changes} changes of water" }
        end

        def soaked(form)
          soak = form[:soak].to_s.empty? ? plain(form.method.soak_min(form.grain)) : form[:soak]
          soak == "0" ? "not soaked" : "soaked #{soak} min"
        end

        def heating(form)
          burner = form.shelves.burners.find { |one| one.id.to_s == form[:burner].to_s }
          cover = "a #{form[:cover]} under the lid" unless form[:cover] == "lid"
          [burner ? burner.name : "what suits", form[:onion] && "onion #{form[:onion]}",
           form[:stir] == "at-boil" ? "stirred once" : "never stirred", cover,
           ("a crust" if form[:crust] == "yes"), *wet(form)].compact.join(", ")
        end

        def wet(form)
          [("#{form[:sauce_g]} g sauce left" unless form.method.parts || form[:sauce_g].to_s.empty?),
           ("#{form[:parts]} parts of water" unless form.method.parts.nil? || form[:parts].to_s.empty?)]
        end

        def lying_beside(form)
          names = form.beside.lines.map { |line| [line.g && grams(line.g), line.name].compact.join(" ") }
          return "nothing" if names.empty?

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
          return "as planned" if form[:own].to_s.empty?

          "#{form[:own]} #{Methods::OwnRule::KINDS.fetch(form[:own_kind], '')}"
        end
      end
    end
  end
end
