# frozen_string_literal: true

require_relative "../../../app/forms/first_form"
require_relative "../../../app/forms/plan_form"
require_relative "../../../app/forms/told_kitchen"
require_relative "../../../app/lessons/mine"
require_relative "../../../app/plans/look"
require_relative "../../drawings/plates_drawing"
require_relative "pot_answer"

module FondKettle
  module Web
    module Presenters
      # The first page of a kitchen in which nothing stands yet: what its rice wants, by what is told of it so
      # far.
      class FirstPage
        # What is taken where nothing is told, by the keys of FirstForm#values.
        USUAL = { pot: "a usual pot", cup: "a US cup", kitchen: "sea level" }.freeze

        # Forms of what is typed: how much of which rice, and the kitchen's first things.
        attr_reader :form, :first

        # `typed`: the parameters as they came; `now`: the time.
        def initialize(household, typed, now)
          @household = household
          @now = now
          things = typed["new_kitchen"]
          @first = Forms::FirstForm.new(things.respond_to?(:to_h) ? things.to_h : {})
          told = Forms::ToldKitchen.new(household, first.values, own_lessons(typed))
          @form = Forms::PlanForm.new({ **typed.slice("guests", "grain"), "for" => "people" }, told)
        end

        # Messages by the id of their field.
        def problems
          told = [*first.problems, *own_problems]
          { "" => form.problems, "new_kitchen-" => told }.flat_map do |group, found|
            found.map { |problem| ["#{group}#{problem[:field]}", problem[:message]] }
          end
        end

        # What comes of it (PotAnswer), or nil where the people or the grain are wrong.
        def answer
          return unless form.ok?

          @answer ||= begin
            look = App::LookAtPlan.new(form, @household.kitchen)
            plan = look.plan
            PotAnswer.new(@household, form, plan, look.json(plan, nil), now: @now)
          end
        end

        # The plates to be filled (Drawings::PlatesDrawing).
        def plates
          Drawings::PlatesDrawing.new(form.heads)
        end

        # A sentence on what is usual still, or guessed.
        def taken
          usual = USUAL.except(*first.values.keys).values
          said = ["Taken for now: #{usual.join(', ')}."] if usual.any?
          guessed = "The pot's height, #{first.guessed_mm} mm, is a guess from its width." if first.guessed_mm
          [*said, *guessed].join(" ")
        end

        # A sentence on the cook's own way, or nil where none is told.
        def own_way
          @own_form && form.lesson.because && "**Learned here.** #{form.lesson.because}"
        end

        private

        def own_problems
          @own_form ? Forms::FirstForm.own_problems(@own_form) : []
        end

        # Lessons of the cook's own way; nil where none is told, or none that can be cooked.
        def own_lessons(typed)
          return unless first.own_way

          @own_form = Forms::PlanForm.new({ **typed.slice("grain"), **first.own_way },
                                          Forms::ToldKitchen.new(@household, first.values))
          App::TellMine.lessons(@own_form, @household.kitchen) if @own_form.ok?
        end
      end
    end
  end
end
