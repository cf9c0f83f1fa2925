# frozen_string_literal: true

require_relative "../catalogue"
require_relative "../paths"
require_relative "../template"
require_relative "school"
require_relative "school_schema"

module FondKettle
  module Method
    # A shelf of methods: those of data/methods and, for a household, its own. A
    # household's file that does not hold together is refused with its reason and
    # leaves the rest alone; one of ours stops the start.
    class Schools
      FOLDER = File.join(DATA, "methods")
      BLANK_STRETCH = { lid: nil, until: nil, minutes: nil, oven_c: nil, parchment: false, cloth: false, drain: false,
                        hands_on: false, watch: [] }.freeze
      BLANK = { liquid_c: nil, residue_per_g: 0.0, parts: nil, crust: false, rule: nil, stir: "never", finish: "fluff",
                base: [] }.freeze

      # What a text may have filled in: of the base's steps, and of the stages.
      STEP_WORDS = %i[rice liquid changes soak drain snap surface depth balance colour].freeze
      STAGE_WORDS = %i[oven].freeze
      # Steps of a base that heat no fat; any other may.
      WITHOUT_FAT = %w[water broth roots taste].freeze

      # Ours alone, read once.
      def self.ours
        @ours ||= new(texts_in(FOLDER)).tap { |schools| raise BadCatalogue, schools.problems.first if schools.problems.any? }
      end

      # File names and texts of the methods in a folder, by name.
      def self.texts_in(folder)
        Dir[File.join(folder, "*.yml")].to_h { |path| [path, Catalogue.text_of(path)] }
      end

      # Ours and those of `folder`.
      def self.with(folder)
        new(ours.texts.merge(texts_in(folder)))
      end

      attr_reader :texts, :all, :problems

      # `texts`: path to YAML text.
      def initialize(texts)
        @texts = texts.freeze
        @problems = []
        @entries = texts.filter_map { |path, text| entry(path, text) }.to_h { |entry| [entry[:data]["key"], entry] }
        @all = @entries.each_value.filter_map { |entry| attempt { school(entry) } }.to_h { |school| [school.key, school] }.freeze
        @problems.freeze
      end

      # Raises InvalidInput for a key without a file.
      def fetch(key)
        all[key] || raise(InvalidInput.at("method", "must be one of: #{all.keys.join(', ')}", received: key))
      end

      # What a method's file says over what it is like, or nil: names and values as in
      # the file.
      def data(key)
        @entries.key?(key) ? whole(@entries.fetch(key)) : nil
      end

      # What its own file says.
      def own_data(key)
        @entries.fetch(key)[:data]
      end

      # The text of a method's own file.
      def text(key)
        @entries.fetch(key)[:text]
      end

      # The same shelf with `text` in the place of the file KEY.yml; its problems call it
      # `as`.
      def trying(key, text, as:)
        Schools.new(texts.reject { |path, _| File.basename(path, ".yml") == key }.merge(as => text))
      end

      private

      def attempt
        yield
      rescue BadCatalogue => e
        @problems << e.message
        nil
      end

      def entry(path, text)
        attempt do
          data = Catalogue.parse(text, path)
          raise BadCatalogue, "#{path}: must be a list of names and values" unless data.is_a?(Hash)

          { path: path, text: text, data: data }
        end
      end

      # What the file says over what the method it is like says; the cautions of both.
      def whole(entry, seen = [])
        like = entry[:data]["like"]
        return entry[:data] unless like
        raise BadCatalogue, "#{entry[:path]}: a cycle of likes: #{[*seen, like].join(', ')}" if seen.include?(like)

        parent = @entries[like] || raise(BadCatalogue, "#{entry[:path]}: like names no method: #{like}")
        above = whole(parent, [*seen, like])
        above.merge(entry[:data], "tags" => Array(above["tags"]) | Array(entry[:data]["tags"]))
      end

      def school(entry)
        data = Catalogue.check(whole(entry), SCHOOL_SCHEMA, path: entry[:path], text: entry[:text])
        stretches = data.delete(:stages).map { |stage| stretch(entry, stage) }
        base, after = %i[base after].map { |part| own_steps(data.delete(part)) }
        raise BadCatalogue, "#{entry[:path]}: stages must have at least one" if stretches.empty?

        [*base, *after].each { |step| check_words(entry, step.key, [step.say, step.cue, step.why], STEP_WORDS) }
        stretches.each { |stage| check_words(entry, stage.key, [stage.say], STAGE_WORDS) }

        School.new(**BLANK, **data.except(:like), tags: data[:tags] | cautioned(base, stretches, data[:parts]),
                                                  base: base, stretches: stretches.freeze, after: after)
      end

      # Tags that stand whatever a file says of them: a file can add a caution to
      # what it does, not take one away.
      def cautioned(base, stretches, parts)
        fat = base.any? { |step| !WITHOUT_FAT.include?(step.key) }
        [*("lid" if stretches.any? { |stage| stage.lid != "none" }), *("hot-fat" if fat), *("boil-and-drain" if parts)]
      end

      def own_steps(list)
        (list || []).map { |step| BaseStep.new(minutes: 0.0, colours: {}, **step) }.freeze
      end

      # %{...} may only name what the slip can fill in.
      def check_words(entry, key, texts, known)
        unknown = texts.flat_map { |text| Template.names(text) } - known
        return if unknown.empty?

        raise BadCatalogue, "#{entry[:path]}, #{key}: %{#{unknown.first}} is not known here; " \
                            "known: #{known.map { |name| "%{#{name}}" }.join(', ')}"
      end

      def stretch(entry, stage)
        unless stage.key?(:until) ^ stage.key?(:minutes)
          raise BadCatalogue, "#{entry[:path]}, stage #{stage[:key]}: must have either until or minutes"
        end

        Stretch.new(**BLANK_STRETCH, **stage)
      end
    end
  end
end
