# frozen_string_literal: true

require_relative "../../care/kind"
require_relative "vessel_heading"

module FondKettle
  module Reading
    # Food that is lifted out of a broth when it is done: for good, or to be put back at the end.
    class LiftedOut
      BROTH = "broth"
      TABLE = "table"
      BACK = "back-at-end"
      NO_BROTH = "%s is to be lifted out, and there is no broth to lift it from."
      WORDS = "what was lifted out"
      BOWL = VesselHeading.new(name: "For what is lifted out", kind: "bowl")

      # `lines`: Dishes::Lines; `in_broth`: indexes of those that come into a broth.
      def initialize(lines, in_broth)
        @lines = lines
        @in_broth = in_broth
      end

      # The bowl in which waits what is put back.
      def vessels
        @in_broth.any? { |index| @lines[index].out == BACK } ? [BOWL] : []
      end

      # Words for what is put back, by the bowl's key; empty where nothing is.
      def back
        vessels.to_h { |bowl| [bowl.key, WORDS] }
      end

      # The sentence that says what is wrong with it in a dish of steps of some kinds, whose way makes a
      # `broth` or not; nil: nothing. Only from a broth can anything be lifted out.
      def wrong(kinds, broth:)
        out = @lines.select(&:out)
        return if out.empty? || broth || kinds.any? { |kind| Care::Kinds.fetch(kind).boils }

        format(NO_BROTH, out.map(&:name).join(" and "))
      end

      # The steps (hashes) after one of a `kind` in which lines of some `indexes` lie, of an `id`, in a
      # `vessel`.
      def after(kind, indexes, id, vessel)
        return [] unless kind == BROTH

        out = indexes.map { |index| @lines[index] }.select(&:out).group_by { |line| line.out == BACK }
        out.map do |back, lines|
          { "id" => "#{id}-#{back ? 'kept' : 'out'}", "kind" => "take-out", "rice" => "before",
            "say" => "Lift out: #{lines.map(&:name).join(', ')}", **place(back, vessel) }
        end
      end

      private

      # Where it goes: into a bowl, or away.
      def place(back, vessel)
        return { "vessel" => vessel, "to" => TABLE } unless back

        { "vessel" => BOWL.key, "from" => [{ "vessel" => vessel }] }
      end
    end
  end
end
