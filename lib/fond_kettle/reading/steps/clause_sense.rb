# frozen_string_literal: true

require_relative "../../ground/value"
require_relative "../lines/broth_given"
require_relative "clause_words"
require_relative "rice_course"

module FondKettle
  module Reading
    # What is known of a Clause when its kind is asked for.
    #   puts     it names lines beside the rice; `several`: more than one
    #   liquid   one of them is poured; `fat`: one is fat; `steeped`: they are a spice and a liquid
    #   rice     it is about the rice; `drained`: the text drains the rice later on
    #   stage    how far the rice is (RiceCourse)
    #   last     the kind by which something is cooked; `previous`: the kind of the clause before
    #   goes_on  it stands in the sentence of the clause before
    #   cold     the rice is in its pot, and is brought to the boil soon; `oven`: the oven is hot
    #   garnish  all that it names is strewn on rice, and eaten with nothing else
    #   apart    it goes on in another vessel than the rice's
    #   dried    it names dried food; `off`: the rice's pot stands off the fire; `later`: the rice
    #            goes into its pot later on
    #   waits    the clause before, of its sentence, says no minutes
    #   wrapped  one of the next clauses wraps it; `rubbed`: the next lets it marinate
    #   boils    the next clause brings it to the boil; `strewn`: one of the next puts it on the rice
    ClauseSense = Value.define(:clause, :puts, :several, :liquid, :fat, :steeped, :rice, :drained, :stage,
                               :last, :previous, :goes_on, :cold, :oven, :boils, :strewn,
                               :garnish, :apart, :wrapped, :rubbed, :dried, :off, :waits, :later) do
      # True where its words say one of ClauseWords.
      def says?(key)
        clause.say.match?(ClauseWords::ALL.fetch(key))
      end

      # True where it pours some broth, and not only until that is gone.
      def broth?
        clause.doing.match?(BrothGiven::WORD)
      end

      # Minutes that it says, or nil.
      def minutes
        clause.minutes
      end

      # True where it says for how long, or what is to be seen.
      def ends?
        !minutes.nil? || !clause.until.nil?
      end

      # "Blanch the spinach, squeeze", while the rice cooks.
      def boiled_apart?
        goes_on && previous == "simmer"
      end

      # True once the rice is in its vessel.
      def in?
        stage != RiceCourse::BEFORE
      end

      # True once the rice is off the fire.
      def done?
        [RiceCourse::REST, RiceCourse::AFTER].include?(stage)
      end
    end
  end
end
