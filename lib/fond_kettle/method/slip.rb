# frozen_string_literal: true

require_relative "../catalogue"
require_relative "../measure/gas_mark"
require_relative "../measure/rounding"
require_relative "../measure/units"
require_relative "../paths"
require_relative "../pot/depth"
require_relative "../template"
require_relative "amounts"
require_relative "charging"
require_relative "plan"

module FondKettle
  module Method
    # Writes the steps of a plan, in order: wash, fill, the method's stages, fluff.
    class Slip
      SCHEMA = Schema.json(strict: true) do
        required(:key).filled(:string)
        optional(:minutes).filled(Schema::Number, gteq?: 0)
        required(:hands_on).filled(:bool)
        required(:say).filled(:string)
        required(:cue).filled(:string)
        required(:why).filled(:string)
      end
      DRAIN = { "quick" => ["tip the water off", 1, true], "shaken" => ["shake the sieve well", 1, true],
                "long" => ["leave it 10 min in the sieve", 10, false],
                "air-dried" => ["spread it out and leave it an hour", 60, false],
                "cooked-in" => ["not at all, its soaking water cooks it", 0, true] }.freeze

      # Less than this over the rice looks level with it.
      SEEN_MM = 1.5
      OVER_LEVEL = "the liquid stands %d mm over the rice; the lid lets that out later"

      def self.texts
        @texts ||= Catalogue.read(File.join(DATA, "steps.yml"), SCHEMA).to_h { |entry| [entry[:key], entry] }.freeze
      end

      # Returns the list of Step.
      def self.write(request, charge, balance, stage_minutes)
        new(request, charge, balance).steps(stage_minutes)
      end

      def initialize(request, charge, balance)
        @request = request
        @charge = charge
        @balance = balance
      end

      def steps(stage_minutes)
        stages = @request.school.stretches.zip(stage_minutes).map { |stretch, minutes| stage(stretch, minutes) }
        stages.insert(1, common("stir")) if Charging.stirred?(@request)
        [*wash, (common("base") if beside.any?), *base, common("fill"), *stages, common(@request.school.finish),
         *@request.school.after.map { |step| own_step(step, nil) }].compact
      end

      private

      def wash
        rinsed = @request.rinse_changes.positive?
        soaked = @request.soak_min.positive?
        _, drain_min, drain_hands_on = DRAIN.fetch(@request.drain)
        [(common("rinse") if rinsed), (common("soak", minutes: @request.soak_min) if soaked),
         (common("drain", minutes: drain_min, hands_on: drain_hands_on) if rinsed || soaked)].compact
      end

      # The base, meat or onion first as chosen; the washed rice waits meanwhile.
      def base
        steps = @request.school.base.map { |step| own_step(step, "medium") }
        return steps unless @request.choices.first == "onion" && @request.school.order?

        steps.partition { |step| step.key == "onion" }.flatten(1)
      end

      # A step of the school's or the dish's own; `heat` is what it stands on.
      def own_step(step, heat)
        colour = [@request.choices.onion&.to_sym, *step.colours.keys].find { |name| step.colours.key?(name) }
        named = words.merge(colour: colour)
        Step.new(key: step.key, minutes: step.colours.fetch(colour, step.minutes), heat: heat,
                 hands_on: step.hands_on, watch: [],
                 **%i[say cue why].to_h { |part| [part, Template.fill(step.public_send(part), named)] })
      end

      def common(key, **changes)
        text = self.class.texts.fetch(key)
        Step.new(key: key, minutes: text[:minutes], hands_on: text[:hands_on], heat: nil, watch: [],
                 **%i[say cue why].to_h { |part| [part, Template.fill(text[part], words)] }, **changes)
      end

      def stage(stretch, minutes)
        Step.new(key: stretch.key, say: Template.fill(stretch.say, oven: oven(stretch)), cue: cue(stretch), why: stretch.why,
                 minutes: minutes, hands_on: stretch.hands_on, heat: stretch.oven_c ? "oven" : stretch.heat, watch: stretch.watch)
      end

      # Level with the rice, unless a leaky lid needs more to stand over it.
      def cue(stretch)
        over_mm = stretch.until == "level" ? @request.vessel.depth_mm(@balance.run.level_ml.to_f) : 0.0
        over_mm < SEEN_MM ? stretch.cue : format(OVER_LEVEL, over_mm.round)
      end

      # "190 °C (374 °F; gas mark 5; turn Small oven to 180)"
      def oven(stretch)
        return unless stretch.oven_c

        heat_c = Charging.oven_c(stretch, @request)
        dial_c = @request.oven.dial_c(heat_c)
        also = ["#{Measure::Units.convert(heat_c, 'C', 'F').round} °F", "gas mark #{Measure::GasMark.said(heat_c)}"]
        also << "turn #{@request.oven.name} to #{dial_c}" unless dial_c == heat_c.round
        "#{heat_c.round} °C (#{also.join('; ')})"
      end

      def words
        @words ||= { rice: Amounts.rice(@charge.rice_g, @charge.grain, @request.measures),
                     liquid: Amounts.liquid(@balance.liquid_g, @charge, @request.measures), changes: changes,
                     soak: soak, drain: DRAIN.fetch(@request.drain).first, snap: @charge.grain.snap,
                     surface: "#{@charge.surface_g.round} g", depth: depth, balance: balance,
                     beside: beside.join(", "), beside_water: beside_water }
      end

      # What goes in beside the rice and no dish names.
      def beside
        @beside ||= @request.additions.filter_map(&:said)
      end

      def beside_water
        brings, drinks = [@charge.brought_g, @charge.drink_g].map(&:round)
        [("It brings #{brings} g of water to the rice; so much less is poured." if brings.positive?),
         ("Dry food drinks #{drinks} g; so much more is poured." if drinks.positive?),
         ("It brings no water worth counting." unless brings.positive? || drinks.positive?)].compact.join(" ")
      end

      def changes
        @request.rinse_changes == 1 ? "one change of water" : "#{@request.rinse_changes} changes of water"
      end

      def soak
        water = @request.water_c <= 25 ? "cold water" : "water at #{Measure::Rounding.plain(@request.water_c)} °C"
        water = "the measured liquid" if @charge.washed.in_pot
        "#{Measure::Rounding.duration(@request.soak_min)} in #{water}"
      end

      def depth
        Pot::Depth.words(Pot::Depth.over_rice_mm(@balance.liquid_g, @charge, @request.vessel))
      end

      def balance
        parts = [[@balance.uptake_g, "taken up"], [@balance.loss_g, "lost as steam"],
                 [@balance.taken_g, "drunk by dry food"], [@balance.residue_g, "left as sauce"],
                 [@balance.drained_g, "poured off"], [@balance.cloth_g, "into the cloth"],
                 [-@balance.soak_gain_g, "already in the grain"],
                 [-@balance.surface_g, "clinging to it"], [-@balance.brought_g, "brought by the rest"]]
        worth_saying = parts.reject { |grams, _| grams.abs < 0.5 }
        worth_saying.map { |grams, what| "#{grams.negative? ? '−' : '+'} #{grams.abs.round} g #{what}" }
                    .join(" ").delete_prefix("+ ")
      end
    end
  end
end
