# frozen_string_literal: true

require_relative "../ground/catalogue"
require_relative "../ground/disk_cache"
require_relative "../ground/paths"
require_relative "checks"
require_relative "forward"
require_relative "method"
require_relative "method_schema"

module FondKettle
  module Methods
    # The methods of a kitchen: those of data/methods and, for a household, its own. A
    # household's file that does not hold together is refused with its reason and
    # leaves the rest alone; one of ours stops the start.
    class Library
      FOLDER = File.join(DATA, "methods")
      BLANK_STAGE = { hands_on: false, watch: [].freeze, colours: {}.freeze, slot: nil, food: [].freeze,
                      takes: [].freeze, always: false, moment: nil, state: nil, own: false,
                      **Pot::Attributes.defaults.slice(*Pot::Attributes.set_by(:method).map(&:key)) }.freeze
      BLANK_PHASE = { unknown: "liquid", parts: nil, done: 1.0, liquid_c: nil, vessel: nil,
                      burner: nil, fill: nil, between: [].freeze, sealed: false,
                      steamed: false, file: nil }.freeze
      BLANK = { separate: 1, residue_per_g: 0.0, crust: false, rule: nil, stir: "never", finish: "fluff",
                unsuited: [].freeze, usual_base: nil, layers: nil, dressed: false, pieces: nil,
                food: [].freeze }.freeze
      # Fields of the one phase of a method that names none.
      IN_SHORT = %i[parts liquid_c fill base stages].freeze
      ONLY_PHASE = "cook"
      LISTS = %w[base stages after phases].freeze

      # Ours alone, read once. Raises BadCatalogue.
      def self.ours
        @ours ||= new(texts_in(FOLDER)).tap do |library|
          raise BadCatalogue, library.problems.first if library.problems.any?
        end
      end

      # File names and texts of the methods in a folder, by name.
      def self.texts_in(folder)
        Dir[File.join(folder, "*.yml")].to_h { |path| [path, Catalogue.text_of(path)] }
      end

      # Ours and those of `folder`.
      def self.with(folder)
        new(ours.texts.merge(texts_in(folder)))
      end

      # `texts` by path; `all`: Method by key; `problems`: sentences on files refused.
      attr_reader :texts, :all, :problems

      # `texts`: path to YAML text.
      def initialize(texts)
        @texts = texts.freeze
        @problems = []
        @entries = texts.filter_map { |path, text| entry(path, text) }
                        .to_h { |entry| [entry[:data]["key"], entry] }
        @all = @entries.each_value.filter_map { |entry| attempt { method_of(entry) } }
                       .to_h { |method| [method.key, method] }.freeze
        @problems.freeze
      end

      # Raises InvalidInput for a key without a file.
      def fetch(key)
        all[key] || raise(InvalidInput.at("method", "must be one of: #{all.keys.join(', ')}", received: key))
      end

      # The names and values of a method's file, merged over those of the method it is like, or nil.
      def data(key)
        @entries.key?(key) ? whole(@entries.fetch(key)) : nil
      end

      # The names and values of its own file alone. Raises KeyError.
      def own_data(key)
        @entries.fetch(key)[:data]
      end

      # Text of a method's own file. Raises KeyError.
      def text(key)
        @entries.fetch(key)[:text]
      end

      # The same library with `text` in the place of the file KEY.yml; its problems call it
      # `as`.
      def trying(key, text, as:)
        Library.new(texts.reject { |path, _| File.basename(path, ".yml") == key }.merge(as => text))
      end

      private

      def attempt
        yield
      rescue BadCatalogue => e
        @problems << e.message
        nil
      end

      def entry(path, text)
        attempt { { path: path, text: text, data: once(path, text) { written(path, text) } } }
      end

      def written(path, text)
        data = Catalogue.parse(text, path)
        raise BadCatalogue, "#{path}: must be a list of names and values" unless data.is_a?(Hash)

        lists(data, path)
        Forward.call(data)
      end

      # Our own files are read and checked once.
      def once(path, *made_of, &)
        Catalogue.ours?(path) ? DiskCache.of(path, *made_of, &) : yield
      end

      # What is listed has names and values: a schema does not get that far.
      def lists(data, path)
        LISTS.each do |name|
          list = data.fetch(name, [])
          next if list.is_a?(Array) && list.all?(Hash)

          raise BadCatalogue, "#{path}: #{name} must be a list of names and values"
        end
      end

      # What the file says over what the method it is like says; the food of both.
      def whole(entry, seen = [])
        data = entry[:data]
        like = data["like"]
        return data unless like
        if seen.include?(like)
          raise BadCatalogue, "#{entry[:path]}: a cycle of likes: #{[*seen, like].join(', ')}"
        end

        parent = @entries[like] || raise(BadCatalogue, "#{entry[:path]}: like names no method: #{like}")
        above = in_one_form(whole(parent, [*seen, like]), data)
        food = Array(above["food"]) | Array(data["food"])
        above.merge(data, phases_over(above, data), food.empty? ? {} : { "food" => food })
      end

      # A phase that a file has of its own says only what differs from that of its key above.
      def phases_over(above, data)
        return {} unless data.key?("phases") && above.key?("phases")

        by_key = above["phases"].to_h { |phase| [phase["key"], phase] }
        { "phases" => data["phases"].map { |phase| { **by_key.fetch(phase["key"], {}), **phase } } }
      end

      # Phases in short or in full, as the file itself has them.
      def in_one_form(above, data)
        return above.except(*IN_SHORT.map(&:to_s)) if data.key?("phases")

        data.keys.intersect?(IN_SHORT.map(&:to_s)) ? above.except("phases") : above
      end

      def method_of(entry)
        written = whole(entry)
        data = once(entry[:path], "checked", Marshal.dump(written)) { checked(written, entry) }
        built(data, entry)
      end

      def checked(written, entry)
        data = Catalogue.check(written, METHOD_SCHEMA, path: entry[:path], text: entry[:text])
        Checks.call(built(data, entry), entry[:path])
        data
      end

      def built(data, entry)
        Method.new(**BLANK, **data.except(:like, :phases, *IN_SHORT), phases: phases(data, entry).freeze,
                                                                      after: stages(data[:after], "after"))
      end

      def phases(data, entry)
        named = data[:phases] || [{ key: ONLY_PHASE, **data.slice(*IN_SHORT) }]
        raise BadCatalogue, "#{entry[:path]}: stages must have at least one" if named.empty?

        named.map do |phase|
          PhaseText.new(**BLANK_PHASE, **phase, base: stages(phase[:base], "base"),
                                                stages: stages(phase[:stages], "stages"))
        end
      end

      def stages(list, section)
        (list || []).map { |stage| StageText.new(**BLANK_STAGE, section: section, **stage) }.freeze
      end
    end
  end
end
