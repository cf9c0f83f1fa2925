# frozen_string_literal: true

require_relative "../../ground/value"
require_relative "../words/said_share"
require_relative "rice_course"
require_relative "../lines/rice_line"

module FondKettle
  module Reading
    # In which order rice and base are laid into a pot of layers, where a text says another than all of the
    # base below all of the rice: "half the rice, the chicken over it, then the rest of the rice".
    class LayersTold
      METHODS = %w[sealed-cooked-base sealed-raw-base layered-cooked-rice turned-out].freeze
      RICE = "rice"
      BASE = "base"
      LAYS = %w[fill layer lay-in put-back stir].freeze
      HEATS = %w[low bake boil steam seal].freeze
      # Words for what is no line's own name: all that no other name says.
      OTHERS = /\b(?:meat|sauce|gravy|mixture|filling|base|masala|curry|stew)\b/i
      # On this something else is laid, or the rice was mixed with it: it is no layer of its own.
      BELOW = /\b(?:on|over|upon|onto|with)\s+(?:the\s+|them\s+)?(?:[[:alpha:]]+\s+)?\z/i
      # Food of a layer is at least so much of the rice, by weight, and the layer so much of all of its kind:
      # herbs between and onions on top are none.
      LEAST = 0.1
      THIN = 0.2
      # Shares are kept to so many digits.
      DIGITS = 4

      # How much of something, in words.
      PARTS = { nil => "the", "rest" => "the rest of the", 0.5 => "half of the",
                0.25 => "a quarter of the" }.freeze
      THIRD = "a third of the"
      AND = " and "
      PAR_BOIL = "par-boil"

      # What is laid in at one place: RICE or BASE, a `food` (index of a line, OTHERS, nil: rice), how
      # much of that is said (a number, "rest", nil: all), and what it is called.
      Mention = Value.define(:what, :food, :share, :word)

      # `steps`: ReadSteps; `lines`: ReadLines; `own`: key of the rice's vessel; `method`: a key.
      def initialize(steps, lines, own, method)
        @steps = steps
        @lines = lines
        @own = own
        @method = method
      end

      # Hashes of `what` and `share`, from the floor up, as a way has them; nil where it is laid as usual.
      def all
        return unless METHODS.include?(@method)

        told = layers.map { |layer| layer.first.what }
        return if told == [BASE, RICE] || told.uniq.size == 1

        shares = [RICE, BASE].to_h { |what| [what, shares(of(what))] }
        layers.map do |layer|
          what = layer.first.what
          { "what" => what, "share" => shares.fetch(what).shift, "say" => say(layer) }.compact
        end
      end

      private

      # Mentions of each layer, from the floor up.
      def layers
        @layers ||= in_turn(in_turn(mentioned).flat_map { |layer| thin?(layer) ? [] : layer })
      end

      # The words for a layer of the base, where another has other food; or nil.
      def say(layer)
        return if layer.first.what == RICE || of(BASE).map { |one| one.map(&:food) }.uniq.size < 2

        words = layer.uniq.map { |one| "#{PARTS.fetch(one.share, THIRD)} #{one.word}" }
        [words[0...-1].join(", "), words.last].reject(&:empty?).join(AND)
      end

      def mentioned
        @mentioned ||= [*below, *laid.flat_map { |step| mentions(step) }]
      end

      def in_turn(mentions)
        mentions.chunk_while { |one, other| one.what == other.what }.to_a
      end

      def of(what)
        layers.select { |layer| layer.first.what == what }
      end

      # True for what is hardly a layer.
      def thin?(layer)
        all = mentioned.select { |one| one.what == layer.first.what }
        total = all.sum { |mention| weight_g(mention, all) }
        total.positive? && layer.sum { |mention| weight_g(mention, all) } < THIN * total
      end

      # What lies in the pot before the rice.
      def below
        before = @steps.select { |step| step.rice == RiceCourse::BEFORE }
        lifted = before.rindex { |step| step.from.include?(@own) } || -1
        steps = before.drop(lifted + 1).select { |step| step.vessel == @own }
        lines = steps.flat_map { |step| step.takes.map(&:first) } & foods
        found = lines.map { |index| Mention.new(what: BASE, food: index, share: nil, word: called(index)) }
        found + poured_below(steps)
      end

      # What comes from other vessels before the rice.
      def poured_below(steps)
        poured = steps.select { |step| step.from.any? }
        poured.flat_map { |step| mentions(step) }.select { |one| one.what == BASE }
      end

      # All that no other name says.
      def others
        Mention.new(what: BASE, food: OTHERS, share: nil, word: BASE)
      end

      def called(index)
        @lines[index].food.downcase
      end

      # Indexes of the lines that make layers.
      def foods
        @foods ||= begin
          rice_g = RiceLine.of(@lines)&.g.to_f
          (@lines.each_index.to_a - boiled_with_rice).select do |index|
            line = @lines[index]
            !line.runs? && line.grain.nil? && line.g.to_f >= LEAST * rice_g
          end
        end
      end

      # Indexes of lines that boil with the rice before it is laid in.
      def boiled_with_rice
        @boiled_with_rice ||= @steps.select { |step| step.kind == PAR_BOIL }.flat_map(&:takes).map(&:first)
      end

      # Steps by which it is laid in, before anything is heated.
      def laid
        inside = @steps.select { |step| step.vessel == @own && step.rice != RiceCourse::BEFORE }
        inside.take_while { |step| !HEATS.include?(step.kind) }.select { |step| LAYS.include?(step.kind) }
      end

      # Mentions of one step, in the order of its words.
      def mentions(step)
        say = step.clause.say
        found = places(say).sort_by(&:first).map do |place, what, food|
          word = food.is_a?(Integer) ? called(food) : say[place..][/\A[[:alpha:]]+/].downcase
          Mention.new(what: what, food: food, share: share(say[0...place]), word: word)
        end
        found.empty? && step.from.any? ? [others] : found
      end

      # [place in a text, RICE or BASE, the food] of what is laid in.
      def places(say)
        rice = found(say, RiceClauses::RICE).map { |place| [place, RICE, nil] }
        named = foods.filter_map { |index| found(say, words(index)).first&.then { |at| [at, BASE, index] } }
        other = found(say, OTHERS).map { |place| [place, BASE, OTHERS] }
        rice + (named + other).reject { |place, *| say[0...place].match?(BELOW) }
      end

      def found(say, words)
        say.to_enum(:scan, words).map { Regexp.last_match.begin(0) }
      end

      def words(index)
        /\b(?:#{@lines[index].names.map { |word| Regexp.escape(word) }.join('|')})(?:e?s)?\b/i
      end

      def share(before)
        SaidShare.before(before.split(/[,;]|\band\b|\bthen\b/).last.to_s)
      end

      # Shares of some layers of one kind, by weight; they add up to one.
      def shares(layers)
        weights = layers.map { |layer| layer.sum { |mention| weight_g(mention, layers.flatten) } }
        total = weights.sum
        parts = weights.map { |weight| total.positive? ? weight / total : 1.0 / layers.size }
        first = parts[0...-1].map { |part| part.round(DIGITS) }
        [*first, (1 - first.sum).round(DIGITS)]
      end

      # `all`: Mentions of its kind.
      def weight_g(mention, all)
        same = all.select { |one| one.food == mention.food }
        said = same.filter_map { |one| one.share if one.share.is_a?(Float) }
        open = same.size - said.size
        share = mention.share.is_a?(Float) ? mention.share : [1 - said.sum, 0].max / open
        share * whole_g(mention.food, all)
      end

      def whole_g(food, all)
        return 1.0 if food.nil?
        return @lines[food].g.to_f unless food == OTHERS

        (foods - all.map(&:food)).sum { |index| @lines[index].g.to_f }
      end
    end
  end
end
