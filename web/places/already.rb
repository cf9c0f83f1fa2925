# frozen_string_literal: true

require_relative "../../lib/fond_kettle/care/signs"
require_relative "../../app/cooks/take_over"
require_relative "../../app/forms/stove/already_form"
require_relative "../../app/forms/plan_form"
require_relative "../helpers/fields"
require_relative "../helpers/pot_words"
require_relative "place"

module FondKettle
  module Web
    # Page for a pot that is on the stove already, without a plan, and with something wrong: it gives a
    # remedy, and from there it is a cook like any other.
    class AlreadyPlace < Place
      helpers Helpers::Fields
      helpers Helpers::PotWords

      # What can be wrong with a pot of rice that has boiled.
      AT = "low"

      # Where a pot is told that is on the stove already.
      get "/" do
        show(Forms::AlreadyForm.new({}, household), problems: [])
      end

      # Takes over a pot that is on the stove already.
      post "/" do
        form = Forms::AlreadyForm.new(params, household)
        next show(form, code: 422) unless form.ok?

        plan_form = Forms::PlanForm.new(form.plan_fields, household)
        next show(form, code: 422, problems: plan_form.problems) unless plan_form.ok?

        path = household.once(form_key("already"), now) do
          "/stove/#{App::TakeOver.new(household, follow_ups, now).call(plan_form, form.values)}"
        end
        redirect path, 303
      end

      private

      def show(form, code: 200, problems: form.problems)
        status code
        @title = "On the stove already"
        @body_class = "at-stove"
        signs = Care::Signs.at(AT, share: 1.0, boiled: true)
        erb :already, locals: { form: form, problems: problems, signs: signs,
                                pots: household.shelf(:pots).all }
      end
    end
  end
end
