# frozen_string_literal: true

require_relative "../../../lib/fond_kettle/belief/unknown"
require_relative "../../../lib/fond_kettle/methods/request/own_rule"
require_relative "../../drawings/balance_drawing"
require_relative "../../drawings/pot_drawing"
require_relative "../../drawings/pot_picture"
require_relative "../kept_things"
require_relative "../pot_views"
require_relative "../presenter"
require_relative "pot_figures"

module FondKettle
  module Web
    module Presenters
      # Result of a plan, for the Pot page.
      class PotAnswer < Presenter
        include PotFigures

        PICTURE_SCALE = 0.8
        # A warning, and where a tap mends it (nil: nowhere).
        Warned = Value.define(:say, :address, :link)

        attr_reader :form, :plan, :answer, :layers, :made

        # `answer`: the plan as Formats::PlanJson has it; `own`: what comes of the cook's own
        # water (Methods::Trial) and how much that is, g; `rule`: a judged rule of depth.
        # `layers`: a LayeredPot. `made`: a MadePot. The last five may be nil.
        def initialize(household, form, plan, answer, now:, own: nil, own_g: nil, rule: nil, layers: nil,
                       made: nil)
          super(household)
          @form = form
          @plan = plan
          @answer = answer
          @own = own
          @own_g = own_g
          @rule = rule
          @layers = layers
          @made = made
          @now = now
        end

        # True while nothing is known of this kitchen's pots.
        def usual_kitchen?
          form.shelves.pots.empty?
        end

        # The link back to what is right, [address, words], or nil.
        def take_right
          [form.address(own: nil, own_kind: nil), "Take #{weighed(answer[:liquid][:g])} instead"] if @own_g
        end

        def rice_line
          said = "for **#{rice}** rice, **#{rice_measured}**"
          form[:for] == "people" ? "#{said}, #{form.heads} at the table" : said
        end

        def time_line
          total, hands_on = answer[:minutes].values_at(:total, :hands_on)
          "**#{minutes(total)}** in all, #{minutes(hands_on)} hands on#{start_at(form[:serve], total)}"
        end

        def comes_out
          "Comes out #{outcome_words(@own || plan)}"
        end

        # Outcome in one word.
        def verdict
          (@own || plan).comes_out
        end

        def range
          low, high = answer[:liquid].values_at(:low_g, :high_g)
          "#{between(low, high, form).sub('b', 'B')}: what we do not know is " \
            "#{Belief::Unknowns.fetch(plan.spread.largest).name}."
        end

        # The knowledge that would narrow the range: [address or nil, words, the range then], or nil.
        def narrowing
          link, words = narrower(plan.spread)
          return unless words

          least, most = plan.spread.then_g
          [link, words, ", and it is **#{weighed(least)}** to **#{weighed(most)}**."]
        end

        # The ingredients of a broth at its start, or nil when the method has none.
        def ledger
          ledger = plan.ledger
          return unless ledger

          start = "**#{weighed(ledger.start_g)}** (#{spoken(ledger.start_g, form)})"
          "#{start} go in when the broth starts. #{weighed(ledger.lost_g)} simmer away and its food brings " \
            "#{grams(ledger.brought_g)}: #{weighed(ledger.standing_g)} should stand there for the rice."
        end

        # The range as an act, or nil: what to pour, what to keep hot, when to look.
        def act
          answer[:act] && act_words(answer[:act], form, plan)
        end

        # Food beside the rice that is not counted yet.
        def not_counted
          form.beside.asked
        end

        def warnings
          answer[:warnings].map do |warning|
            address, link = way_out(warning)
            Warned.new(say: warning[:say], address: address, link: link)
          end
        end

        # Stored boxes of the same rice that can still be eaten, a line each.
        def stored_boxes
          KeptThings.new(household, @now).of_grain(plan.request.grain.key)
                    .map { |one| "#{one.record[:what]}: #{one.where}. #{one.say}" }
        end

        # The lessons of the kitchen, or nil.
        def learned
          form.lesson.because && "**Learned here.** #{form.lesson.because}"
        end

        def learning_left?
          form[:lesson] == "leave"
        end

        # Verdict on the cook's own water, and its sentence, or nil.
        def own_verdict
          @own&.comes_out
        end

        def own_way
          "**Your way:** #{weighed(@own_g)} (#{spoken(@own_g, form)}) comes out #{outcome_words(@own)} " \
            "here. Right is #{weighed(answer[:liquid][:g])}, " \
            "#{parts(answer[:liquid][:ratio_by_volume])} to 1 by cup."
        end

        # The rule of depth that the way goes by, judged in this pot, or nil.
        def rule
          return unless @rule

          name = "A finger joint, #{plain(@rule.depth_mm)} mm over the rice,"
          name = "Level with the rice" if @rule.depth_mm.zero?
          outcome = Methods::ComesOut.words(@rule.comes_out)
          "**#{name}** is #{weighed(@rule.liquid_g)} here and comes out **#{outcome}**. #{rule_holds}"
        end

        # Address of the door card for this rice in this pot.
        def card_address
          typed = { grain: form[:grain], method: form.method.key, pot: form.kit.pot&.id, cup: form[:cup] }
          Rack::Utils.build_query(typed.compact.reject { |_, value| value.to_s.empty? })
        end

        # The pot cut open, with the cook's own water where it is given.
        def drawing
          look = household.lid_look(plan.request.vessel.id)
          comes_out = (@own || plan).comes_out
          Drawings::PotDrawing.new(plan, @own_g || plan.liquid_g, look: look, comes_out: comes_out).to_s
        end

        # The pot as it stands before it is cooked, to look at.
        def picture
          look = household.lid_look(plan.request.vessel.id)
          Drawings::PotPicture.new(PotViews.plan(plan, look), "pot-#{plan.method.key}", scale: PICTURE_SCALE)
        end

        # The drawing of where the water goes (Drawings::BalanceDrawing).
        def balance
          @balance ||= Drawings::BalanceDrawing.new(answer, form.kit.measures)
        end

        # The same water by other rules, as a text, or nil for a steamer, in which none stands over the rice.
        def same_water
          return if plan.load.steamed?

          "**The same water:** #{said_otherwise(plan, form).join(' · ')}, for this batch in this pot."
        end

        def boils_at
          "Water boils at #{plain(answer[:boil_c].round(1))} °C here."
        end

        # How full the pot is.
        def filled
          answer[:fit][:say]
        end

        # Names of food that nobody knows.
        def unknown
          plan.request.unknown
        end

        # The steps of the answer, each with the cautions that no earlier one has given.
        def told_steps
          told = []
          answer[:steps].map do |step|
            codes = step[:cautions] - told
            told |= codes
            [step, answer[:cautions].select { |caution| codes.include?(caution[:code]) }]
          end
        end

        private

        def weighed(amount_g)
          form.kit.measures.weighed(amount_g)
        end

        # [address, words of the link] of what a tap would mend, or nil.
        def way_out(warning)
          return unless Pot::Fitting::TOO_MUCH.include?(warning[:code])

          other = smallest_fitting(form.shelves.pots, plan.request.vessel, plan.load, plan.liquid_g)
          return [form.address(pot: other.id), "Take #{other.name} instead"] if other
          return unless plan.fit.batches > 1 && form.batches == 1

          [form.address(batches: plan.fit.batches), "Plan one of #{plan.fit.batches} equal pots"]
        end

        def rule_holds
          return "In this pot it holds for no amount of rice." unless @rule.holds

          least, most = @rule.holds.minmax
          where = least == most ? "near #{grams(least)}" : "from #{grams(least)} to #{grams(most)}"
          "In this pot the rule holds #{where} of rice; below that it drowns, above it starves."
        end
      end
    end
  end
end
