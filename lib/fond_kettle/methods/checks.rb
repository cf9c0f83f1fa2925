# frozen_string_literal: true

require_relative "../care/cautions"
require_relative "../care/kind"
require_relative "../ground/errors"
require_relative "../ground/template"
require_relative "method"

module FondKettle
  module Methods
    # Checks of a method that no schema can make: whether its parts fit together, and whether the model can
    # compute them. Each fault is a BadCatalogue.
    class Checks
      # What a text may have filled in: of the base's stages, and of those with the rice.
      BASE_WORDS = %i[rice liquid pour changes soak drain snap surface depth balance fat salted pot
                      colour].freeze
      # Where the base is a broth.
      BROTH_WORDS = %i[start standing standing_mm simmered].freeze
      STAGE_WORDS = %i[oven heat level].freeze
      # Where rice lies under a seal, where it is steamed (the last while it is), and where it is divided.
      SEALED_WORDS = %i[bite par_cook save programme rounds].freeze
      STEAMED_WORDS = %i[below tiers steamed].freeze
      TOP_UP = :top_up
      DIVIDED_WORDS = %i[each count pieces folds cooling dressing serving heart tray leaf].freeze
      SEALS = %w[dough foil].freeze
      COOKS = %w[fry simmer broth].freeze
      SPRINKLINGS = "sprinklings"

      # `method`: Method; `path`: its file, for the message. Raises BadCatalogue.
      def self.call(method, path)
        new(method, path).call
      end

      # The arguments are those of `call`.
      def initialize(method, path)
        @method = method
        @path = path
      end

      # Raises BadCatalogue at the first fault.
      def call
        sections.each_value { |stages| unique(stages) }
        @method.phases.each { |phase| phase(phase) }
        @method.base.each { |stage| words(stage, stage.texts, base_words) }
        @method.after.each { |stage| words(stage, stage.texts, BASE_WORDS + own_words) }
        raw_food
        chained
      end

      private

      def sections
        by_phase = @method.phases.flat_map do |phase|
          [[[phase.key, "base"], phase.base], [[phase.key, "stages"], phase.stages]]
        end
        [*by_phase, ["after", @method.after]].to_h
      end

      def refuse(what)
        raise BadCatalogue, "#{@path}, #{what}"
      end

      # A task is known by its key within its part.
      def unique(stages)
        twice = stages.map(&:key).tally.find { |_, count| count > 1 }
        refuse("key #{twice.first}: must not be there twice in #{stages.first.section}") if twice
      end

      def base_words
        [*BASE_WORDS, *(BROTH_WORDS if @method.broth), *own_words]
      end

      # What only some methods have to say.
      def own_words
        [*(SEALED_WORDS if @method.sealed?), *(STEAMED_WORDS if @method.phases.any?(&:steamed)),
         *(DIVIDED_WORDS if @method.pieces && !@method.layered?)]
      end

      def words(stage, texts, known)
        Template.check(texts, known, "#{@path}, #{stage.key}")
      end

      def phase(phase)
        refuse("stages must have at least one") if phase.stages.empty?
        phase.stages.each { |stage| stage(stage, phase) }
        seals(phase)
        steams(phase)
      end

      def stage(stage, phase)
        unless stage.until.nil? ^ stage.minutes.nil?
          refuse("stage #{stage.key}: must have either until or minutes")
        end
        kind = Care::Kinds.fetch(stage.kind)
        refuse("stage #{stage.key}: kind #{kind.key} cannot be computed yet") unless computed?(kind, phase)
        if stage.drain && phase.parts.nil?
          refuse("stage #{stage.key}: can be drained only in plenty of water (parts)")
        end
        words(stage, stage.texts, [*STAGE_WORDS, *own_words, *(TOP_UP if phase.steamed)])
      end

      def computed?(kind, phase)
        kind.computed || (phase.sealed && kind.under_seal) || (phase.steamed && kind.in_steamer)
      end

      # What is steamed says what a round of steam is like, a sprinkling, and the last of the steam.
      def steams(phase)
        return unless phase.steamed

        refuse("phase #{phase.key}: what is steamed asks for #{SPRINKLINGS}") if phase.unknown != SPRINKLINGS
        said = phase.stages.map { |stage| stage.ready? ? :ready : stage.sprinkle }
        return if said == [false, true, false, :ready]

        refuse("phase #{phase.key}: must say the first steam, a sprinkling, the steam after it, and the " \
               "last with minutes: #{Vocabulary::READY}")
      end

      # Nothing is poured off from under a seal.
      def seals(phase)
        return unless phase.parts && sealed?(phase)

        refuse("parts: water cannot be poured off from a pot sealed with dough or foil")
      end

      def sealed?(phase)
        own = (phase.vessel || @method.vessel)[:lid]
        phase.stages.any? { |stage| SEALS.include?(stage.lid || own) }
      end

      # A sealed pot over a raw base is more than one soup of one temperature.
      def raw_food
        raw = [*@method.food, *@method.base.reject { |stage| COOKS.include?(stage.kind) }.flat_map(&:food)] &
              Care::Cautions.raw
        return if raw.empty? || @method.sealed? || @method.base.any? { |stage| COOKS.include?(stage.kind) }

        sealed = @method.phases.any? { |phase| sealed?(phase) }
        refuse("food #{raw.first}: raw in a sealed pot cannot be computed yet; cook it in the base") if sealed
      end

      # Rice goes on from every phase but the last in plenty of water.
      def chained
        *before, last = @method.phases
        open = before.find { |phase| phase.parts.nil? || phase.unknown != "minutes" }
        if open
          refuse("phase #{open.key}: only rice boiled in plenty of water (parts, unknown minutes) can go on")
        end
        refuse("phase #{last.key}: must end done") if last.done < 1
        twice = @method.phases.map(&:key).tally.find { |_, count| count > 1 }
        refuse("phase #{twice.first}: must not be there twice") if twice
      end
    end
  end
end
