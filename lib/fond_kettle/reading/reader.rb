# frozen_string_literal: true

require_relative "../ground/errors"
require_relative "../larder/names"
require_relative "barred/barred_dish"
require_relative "rows/asides"
require_relative "rows/barred_text"
require_relative "words/certainty"
require_relative "words/clauses"
require_relative "steps/course"
require_relative "rows/head_rows"
require_relative "rows/jotted_text"
require_relative "rows/labelled_food"
require_relative "steps/layers_told"
require_relative "words/learned_weights"
require_relative "words/measures_told"
require_relative "words/past_tense"
require_relative "words/third_person"
require_relative "lines/broth_given"
require_relative "lines/line_json"
require_relative "dish/questions"
require_relative "lines/read_line"
require_relative "dish/remarks"
require_relative "dish/rinse_told"
require_relative "dish/soak_told"
require_relative "dish/step_json"
require_relative "lines/text_lines"
require_relative "dish/way_reader"
require_relative "lines/rice_line"

module FondKettle
  module Reading
    # Makes a dish of schema 2 (data/dish.schema.json) of what a cook jots down or pastes: a title, what goes
    # in, what is done. What it is not sure of stands in `asked`; what is no part of the dish in `not_read`.
    class Reader
      # Letters of a text that is read.
      MOST = 100_000
      EMPTY = "is empty: write a title, what goes in, what is done"
      LONG = "must have at most #{MOST} letters".freeze
      # Rinsed rice that nobody spreads out to dry.
      SHAKEN = "shaken"
      # What rice soaks in is what it is cooked in.
      COOKED_IN = "cooked-in"
      RICE = /\brice\b/i
      # What turned a sentence, and turns the words of its steps back as they were written.
      TURNED = [PastTense, ThirdPerson, LabelledFood, Asides].freeze
      # The way of a text with bars that names none.
      UNSAID_WAY = "covered-pot"

      # `text`: as the cook wrote it; `names`: Larder::Names; `cups`: the house's own (Measure::Cup);
      # `library`: the methods; `weights`: LearnedWeights of the house. Raises InvalidInput where it is empty,
      # too long or not UTF-8.
      def initialize(text, names: Larder::Names.ours, cups: [], library: Methods::Library.ours,
                     weights: LearnedWeights.new)
        raise InvalidInput.at("text", "must be UTF-8 text") unless text.valid_encoding?
        raise InvalidInput.at("text", EMPTY) if text.strip.empty?
        raise InvalidInput.at("text", LONG, received: text.size) if text.size > MOST

        @names = names
        @cups = [*MeasuresTold.all(text), *cups]
        @weights = weights
        @library = library
        @head = HeadRows.new(text, library: library)
        @text = JottedText.new(@head.rest.join("\n"))
        @barred = BarredText.new(@text.rows)
      end

      # The dish, with string keys.
      #
      #   Reader.new("Plain rice\n300 g basmati\n450 g water\nBoil the rice …").dish["rice_g"] # => 300.0
      def dish
        @dish ||= @barred.barred? ? barred : told
      end

      private

      def told
        head.merge(body, "asked" => asked, "remarks" => remarks,
                         "not_read" => [*@head.notes, *@text.not_read, *course.idle]).compact
      end

      def head
        { "schema" => 2, "title" => @text.title, "serves" => @text.serves, "grain" => rice&.grain,
          "rice_g" => rice&.g&.round(1), "method" => (way.first unless side?) }
      end

      # What has words between bars says itself what goes in where.
      def barred
        head = { title: @text.title, serves: @text.serves, grain: nil, rice_g: nil,
                 method: @head.method || UNSAID_WAY, pan_mm: @head.pan_mm }
        lines = @barred.lines.lines.reject { |row| ServingCount.only?(row.strip) }.join
        dish = BarredDish.new(head, lines: lines, steps: @barred.steps, names: @names, cups: @cups,
                                    library: @library).call
        dish.merge("asked" => [*Questions.of_head(dish, sure: !@head.method.nil?), *dish["asked"]],
                   "not_read" => @head.notes)
      end

      # True where no rice is spoken of: a side.
      def side?
        rice.nil? && !@text.whole.match?(RICE)
      end

      def body
        { "lines" => lines.map { |line| LineJson.call(line) }, "vessels" => vessels,
          "steps" => steps, **own_way }
      end

      # What of its way no step says.
      def own_way
        layers = LayersTold.new(course.steps, lines, course.rice_vessel, way.first).all
        steps = course.steps
        own = { "rinse" => rinse,
                "soak" => SoakTold.minutes(rice, steps, way.first, course.rice_vessel), "layers" => layers,
                "drain" => drain }.compact
        own.empty? ? {} : { "way" => own }
      end

      def rinse
        return @rinse if defined?(@rinse)

        @rinse = RinseTold.changes(rice, course.steps, @library.fetch(way.first))
      end

      def drain
        return COOKED_IN if SoakTold.in_its_liquid?(course.steps, course.rice_vessel)

        SHAKEN if RinseTold.in_passing?(rinse, course.steps)
      end

      def remarks
        Remarks.new(lines, course.steps, (way.first unless side?)).all
      end

      def lines
        reader = ReadLines.new(names: @names, cups: @cups, weights: @weights)
        @lines ||= TextLines.new(@text, @names, reader).all
      end

      def rice
        RiceLine.of(lines)
      end

      def course
        @course ||= Course.new(Clauses.new(@text.sentences, @text.listed_above).all, lines)
      end

      def way
        @way ||= named_way || begin
          kinds = course.vessels.to_h { |one| [one.key, one.kind] }
          WayReader.new(course.steps, lines, kinds, course.rice_vessel).method
        end
      end

      def named_way
        [@head.method, Certainty::SAID] if @head.method
      end

      def asked
        Questions.new(@text.serves, (way.first unless side?), lines, course, certainty: way.last).all
      end

      def vessels
        own = course.rice_vessel unless side?
        course.vessels.map do |one|
          { "key" => one.key, "kind" => one.kind, "name" => one.name, "rice" => one.key == own,
            "diameter_mm" => (@head.pan_mm if one.key == own) }.compact
        end
      end

      def steps
        listed_g = @text.made.filter_map { |text| BrothGiven.weight_g(text) }.first
        whole = @text.whole
        StepJson.new(course.steps, lines, way.first, course.rice_vessel, broth_g: listed_g).all.map do |step|
          step.merge("say" => TURNED.reduce(step["say"]) { |say, words| words.as_written(say, whole) })
        end
      end
    end
  end
end
