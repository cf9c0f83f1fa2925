# frozen_string_literal: true

require_relative "../../../lib/fond_kettle/care/kind"
require_relative "../../../lib/fond_kettle/ground/remembered"
require_relative "../../../lib/fond_kettle/ground/value"
require_relative "../../../lib/fond_kettle/measure/rounding"
require_relative "../../drawings/vessel_picture"

module FondKettle
  module Web
    module Presenters
      # A vessel of a bench as it stands after so many steps (`from`) and until its next BenchFrame: drawn, in
      # words, and how much is in it.
      BenchFrame = Value.define(:from, :drawing, :words, :mass_g)

      # The frames of one vessel of a bench: a new one wherever something is done in it or taken from it.
      class BenchFrames
        # Kinds whose vessel is closed, where no lid is said, and the lid that is drawn then.
        COVERED = %w[low rest].freeze
        ON_LOW = %w[low simmer broth].freeze
        LEAST_SALT_G = 0.1
        # [markup, contents in words] of a VesselView, by the id of its drawing and the
        # Measure::House: most of a bench stays as it was when one word changes.
        DRAWN = Remembered.new(1000) do |(view, id, measures)|
          picture = Drawings::VesselPicture.new(view, id, small: true, weighed: measures.method(:weighed))
          [picture.to_s.freeze, picture.contents.freeze]
        end
        private_constant :DRAWN

        # `bench`: a Dishes::Bench; `vessel`: a Methods::MadeInVessel; `source`: what heats it (of
        # Kit::BURNER_HIGH_W); `look`: of the house's lid (PotLid::WORDS); `measures`: the Measure::House that
        # weighs; `id`: of the vessel on its page.
        def initialize(bench, vessel, source, look, measures, id)
          @bench = bench
          @vessel = vessel
          @source = source
          @look = look
          @measures = measures
          @id = id
        end

        # BenchFrames, in the order of time; the first is before all steps.
        def all
          last = nil
          states.each_with_index.filter_map do |(contents, step), number|
            next if contents.equal?(last) && step.nil?

            last = contents
            frame(number, contents, step)
          end
        end

        private

        # [Contents, the BenchStep that was done in it or nil] before all and after each step.
        def states
          [[@bench.empty.fetch(@vessel.key), nil]] + @bench.steps.map do |step|
            [@bench.in_one(@vessel.key, step.after.fetch(@vessel.key)), (step if step.vessel == @vessel.key)]
          end
        end

        def frame(number, contents, step)
          drawing, words = DRAWN[[view(contents, step && told(step)), "#{@id}-#{number}", @measures]]
          BenchFrame.new(from: number, drawing: drawing, mass_g: contents.mass_g,
                         words: [words, *salt(contents)].join(", "))
        end

        # The Dishes::DishGraphStep of a BenchStep, or nil for the way's own.
        def told(step)
          @bench.dish.steps.find { |one| one.id == step.id }
        end

        def view(contents, told)
          Drawings::VesselView.of(name: @vessel.called, kind: @vessel.kind, vessel: @vessel.pot,
                                  contents: contents, **heated(told), lid: lid(told))
        end

        def heated(told)
          kind = told && Care::Kinds.fetch(told.kind)
          return {} unless kind&.heats?

          { source: kind.oven? ? "oven" : @source,
            heat: told.heat || (ON_LOW.include?(told.kind) ? "low" : "medium") }
        end

        def lid(told)
          return if told.nil?

          said = told.lid || ("ordinary" if COVERED.include?(told.kind))
          Drawings::PotLid.look(said, @look) if said && said != "none"
        end

        def salt(contents)
          salt_g = contents.salt_g
          ["#{Measure::Rounding.plain(salt_g.round(1))} g salt in it"] if salt_g >= LEAST_SALT_G
        end
      end
    end
  end
end
