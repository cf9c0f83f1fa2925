# frozen_string_literal: true

require_relative "../care/kind"
require_relative "../ground/value"
require_relative "../ground/vocabulary"
require_relative "../kit/vessel_kind"
require_relative "../pot/attributes"
require_relative "piece_uses"

module FondKettle
  module Methods
    # What may be done in the end: keys of its texts.
    FINISHES = %w[fluff fold turn tip leave dig upturn spread].freeze

    # What is no broth for the rice only simmers.
    SIMMER = "simmer"

    # A stage of a method as written in its file: what there is to do, and the
    # attributes of Pot::Attributes that a method may set.
    #   key      its name in the file; unique in its section
    #   section  base (before the rice goes in), stages (with it) or after (once it is done)
    #   kind     a key of Care::Kinds: rules, cues and the clock go by it
    #   colours  minutes by colour, where onion is taken to one
    #   slot     what it is for where a choice names it ("meat", "onion")
    #   food     what may be in it, as in an ingredient's care ("raw-meat")
    #   takes    "rice" or "liquid", where that goes in at it whatever its kind
    #   always   it is done, whatever is known to go in at it
    #   moment   when it is done, of a dish's own step beside the rice: Moments
    #   state    to which food is fried or cooked down in it (a key of Vessels::FryStates), or nil
    #   own      it is a dish's own step
    StageText = Value.define(:key, :section, :kind, :say, :cue, :why, :hands_on, :watch, :colours, :slot,
                             :food, :takes, :always, :moment, :state, :own,
                             *Pot::Attributes.set_by(:method).map(&:key)) do
      # Kinds into which the rice or the liquid goes.
      const_set(:TAKES, { "rice" => %w[toast].freeze, "liquid" => %w[heat-liquid broth].freeze }.freeze)

      # True when "rice" or "liquid" goes in at it.
      def takes?(what)
        takes.include?(what) || self.class::TAKES.fetch(what).include?(kind)
      end

      # True for a dish's own step of which its cook says how long it takes.
      def own_minutes?
        own && minutes.to_f.positive?
      end

      # The states of the colours to which onion is taken.
      const_set(:COLOUR_STATES, { translucent: "translucent", gold: "golden", dark: "dark-brown" }.freeze)

      # True for a dish's own step.
      def own?
        own
      end

      # The colour to which onion is taken in it, as chosen (`wanted`) or the first of its own; nil where it
      # has none.
      def colour(wanted)
        return if colours.empty?

        wanted && colours.key?(wanted.to_sym) ? wanted.to_sym : colours.keys.first
      end

      # The state to which food is fried in it, by the colour wanted of onion; nil where none is said.
      def fried_to(wanted)
        state || self.class::COLOUR_STATES[colour(wanted)]
      end

      # Its minutes as its file or its cook says, by the colour wanted of onion.
      def told_min(wanted)
        colours.fetch(colour(wanted)) do
          minutes.to_f.positive? ? minutes.to_f : Care::Kinds.fetch(kind).usual_min
        end.to_f
      end

      # True when it is over as soon as grain and water are ready.
      def ready?
        minutes == Vocabulary::READY
      end

      # Texts in which amounts may be filled in.
      def texts
        [say, cue, why]
      end
    end

    # One vessel of a method: what goes on before its rice goes in (`base`), its
    # `stages`, and what is asked of it (`unknown`, one of Phases::UNKNOWNS). `parts` of
    # water to one of rice where that is poured off, `done` the share of the core's time
    # wanted (1.0: done), `liquid_c` how hot the liquid goes in (nil: cold), `vessel` and
    # `burner` of its own where the plan's are not meant (nil).
    # `sealed`: its rice lies in layers under a seal, and its stages are what a programme may be
    # made of. `steamed`: its rice lies in a steamer, and its stages come as often as it is sprinkled;
    # `file`: then what its file says (nil: `stages` are that).
    # `fill` says how the rice goes in, where it is not under its liquid ("stir-in": into a
    # sauce, "topped": with what lies beside it on top); `between` are a dish's own steps
    # while the rice soaks or cooks.
    PhaseText = Value.define(:key, :unknown, :parts, :done, :liquid_c, :vessel, :burner, :fill, :base,
                             :between,
                             :stages, :sealed, :steamed, :file) do
      # The kind of step whose liquid cooks the rice.
      const_set(:BROTH, "broth")
      # How hot a liquid goes in that was brought to the boil, °C.
      const_set(:BOILING_C, 100.0)
      # How rice goes in, where it is not just put there.
      const_set(:FILLS, %w[stir-in topped].freeze)

      # The stage of its base that is a broth for the rice, or nil.
      def broth
        base.find { |stage| stage.kind == self.class::BROTH }
      end
    end

    # A method of cooking rice, as its file has it; its phases in order, and its own
    # stages once the rice is done (`after`). `dressed`: its rice is dressed; `pieces`: what it is
    # divided into (a key of PieceUses), nil where it is not; `separate`: how far its grains come apart, 0
    # (they cling) to 3 (each by itself).
    Method = Value.define(:key, :name, :family, :gives, :risks, :disagrees, :suits, :unsuited, :dishes,
                          :portion, :separate, :rinse_changes, :rinse_range, :soak, :soak_range, :drain,
                          :residue_per_g, :crust, :rule, :stir, :finish, :food, :usual_base, :layers, :vessel,
                          :burner, :dressed, :pieces, :phases, :after) do
      const_set(:SEPARATE, 0..3)
      # Traits that have a soak of their own: broken grain turns to porridge.
      const_set(:BROKEN, "broken")
      const_set(:BROWN, "brown")
      const_set(:OVERNIGHT_MIN, 1440)
      # The soak this method gives a Larder::Grain, minutes, within its own range.
      def soak_min(grain)
        return 0.0 if grain.traits.include?(self.class::BROKEN)

        wanted = soak == "usual" ? grain.soak_min : soak.to_f
        wanted.clamp(soak_range.min.to_f, soak_range.max.to_f)
      end

      # The least and most minutes that this method soaks a grain: one with its bran on may stand
      # overnight in any of them.
      def soak_range_of(grain)
        return soak_range unless grain.traits.include?(self.class::BROWN)

        [soak_range.min, [soak_range.max, self.class::OVERNIGHT_MIN].max]
      end

      # True when it suits a grain, by the grain's traits or its key.
      def suits?(grain)
        names = [grain.key, *grain.traits]
        suits.intersect?(["all", *names]) && !unsuited.intersect?(names)
      end

      # The phase in which the rice is done.
      def last_phase
        phases.last
      end

      # True when its rice lies in layers under a seal.
      def sealed?
        last_phase.sealed
      end

      # True when its rice is done in a steamer.
      def steamed?
        last_phase.steamed
      end

      # True when its pieces are closed in leaves, to be steamed once more.
      def wrapped?
        !pieces.nil? && PieceUses.fetch(pieces).wrapped
      end

      # The pieces into which its rice may be divided (PieceUse).
      def piece_uses
        pieces ? PieceUses.all.values.select { |use| use.wrapped == wrapped? } : []
      end

      # The one of them with a key, or its usual one (nil: its rice is not divided).
      def piece_use(key)
        piece_uses.find { |use| use.key == key } || (pieces && PieceUses.fetch(pieces))
      end

      # True when it is turned out as a cake in the end.
      def turned_out?
        layered? && !sealed?
      end

      # True where its rice is boiled in plenty of water before it is layered.
      def par_boils?
        sealed? && phases.size > 1
      end

      # True when it holds layers, sealed or turned out in the end.
      def layered?
        !usual_base.nil?
      end

      # The stage of a base that is a broth for the rice, or nil.
      def broth
        phases.filter_map(&:broth).first
      end

      # Stages of the base of all phases.
      def base
        phases.flat_map(&:base)
      end

      # Stages of the last phase.
      def stages
        last_phase.stages
      end

      # Parts of water to one of rice in which the last phase boils, or nil.
      def parts
        last_phase.parts
      end

      # The kind of its vessel (Kit::VesselKind).
      def vessel_kind
        Kit::VesselKinds.by_source(burner[:source])
      end

      # True when one of its stages is in an oven.
      def oven?
        !oven_c.nil?
      end

      # Temperature of its oven, in °C, or nil; under a seal an oven is only one way to heat it.
      def oven_c
        phases.reject(&:sealed).flat_map(&:stages).filter_map(&:oven_c).first
      end

      # The colours that onion may be taken to, or nil where there is none.
      def onion_colours
        base.map(&:colours).find(&:any?)&.keys&.map(&:to_s)
      end

      # True where meat or onion may go first.
      def order?
        (%w[meat onion] - base.map(&:slot)).empty?
      end
    end
  end
end
