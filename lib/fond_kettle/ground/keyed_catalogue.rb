# frozen_string_literal: true

require_relative "catalogue"
require_relative "errors"
require_relative "paths"

module FondKettle
  # Makes a module a catalogue: the rows of a data file as values by key, read and checked on first use.
  #
  #   module Looks
  #     extend KeyedCatalogue
  #     rows("looks.yml", SCHEMA) { |row| Look.new(**BLANK, **row) }
  #   end
  #   Looks.fetch("no-steam").say # => "No steam yet"
  module KeyedCatalogue
    # All values by key. Raises BadCatalogue.
    def all
      @all ||= @files.flat_map { |name| Dir[File.join(DATA, name)].sort }
                     .reduce({}) { |all, path| joined(all, load_file(path), path) }.freeze
    end

    # Raises KeyError for an unknown key; InvalidInput where the key is a field of a request.
    def fetch(key)
      return all.fetch(key) unless @field

      all[key] || raise(InvalidInput.at(@field, "must be one of: #{all.keys.join(', ')}", received: key))
    end

    # Reads and checks another file like the catalogue's own; returns its values by key. Raises BadCatalogue.
    def load_file(path)
      Catalogue.read(path, @schema).to_h do |row|
        [row[@key], @build.call(row, "#{path}, #{row[@key]}")]
      end.freeze
    end

    private

    def joined(all, more, path)
      twice = all.keys & more.keys
      raise BadCatalogue, "#{path}: #{twice.first} is in another file too" if twice.any?

      all.merge(more)
    end

    # `files`: the file in DATA, or several, `*` for any; `schema`: of a row; `key`: the column with the key;
    # `field`: the field of a request that holds such a key, or nil. The block makes the value of a row; its
    # second parameter is the place of the row, for messages.
    def rows(files, schema, key: :key, field: nil, &build)
      @files = [*files]
      @schema = schema
      @key = key
      @field = field
      @build = build
    end
  end
end
