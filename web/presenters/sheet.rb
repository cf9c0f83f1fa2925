# frozen_string_literal: true

require_relative "../../lib/fond_kettle/methods/solved/range_act"
require_relative "../drawings/pot_drawing"
require_relative "../../lib/fond_kettle/table/contains"
require_relative "supper_words"

module FondKettle
  module Web
    module Presenters
      # One sheet of paper: what to do when, each amount at the step where it goes in, and the cautions.
      class Sheet < SupperWords
        # From so many letters on, the type gets smaller.
        SIZES = { 4000 => "sheet-tiny", 3000 => "sheet-smallest", 2200 => "sheet-small",
                  1400 => "sheet-medium",
                  0 => "sheet-large" }.freeze

        # The size of the type, by how much stands on the sheet.
        def size
          letters = texts.sum(&:length)
          SIZES.find { |from, _| letters >= from }.last
        end

        # The sign of a step that comes again in another round is told once on paper.
        def starts
          return super unless plan.request.rounds?

          told = []
          super.map do |start|
            again = told.include?([start.say, start.cue])
            told << [start.say, start.cue]
            again ? start.with(cue: nil) : start
          end
        end

        # Page that the sheet came from.
        def back
          "/#{supper ? 'evening' : 'pot'}?#{form.address}"
        end

        def lead
          eat = "eat at **#{form[:serve]}**" unless form[:serve].to_s.empty?
          ["#{rice_said}, #{plan.method.name.downcase}, #{plan.request.vessel.name}. " \
           "**#{minutes(plan.total_min)}** in all", *eat].join(", ").concat(".")
        end

        # Text about the servings, or nil for plain rice.
        def eaten
          return unless supper

          known = Table::Contains.say(supper.allergens, supper.not_checked)
          "**#{known}** #{plain(supper.salt.serving_g.round(1))} g salt a portion."
        end

        # The range as an act, for one pot, or nil.
        def act
          act = Methods::Pouring.of(plan)
          act && act_words(act.to_h, form, plan)
        end

        def drawing
          Drawings::PotDrawing.new(plan, plan.liquid_g, look: household.lid_look(plan.request.vessel.id)).to_s
        end

        def warnings
          supper ? supper_warnings : plan.warnings.map(&:say)
        end

        private

        def texts
          plan.tasks.flat_map { |task| [task.say, task.puts_in, task.cue] } + plan.cautions.keys.map(&:say)
        end

        def rice_said
          said = plan.request.grain.name
          return said unless supper

          "#{said} for #{portions} portions#{" in **#{supper.batches}** #{equal}" if supper.batches > 1}"
        end
      end
    end
  end
end
