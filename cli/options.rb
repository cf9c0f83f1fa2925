# frozen_string_literal: true

require "json"
require "optparse"

module FondKettle
  module Cli
    # Reads the command line. Uses nothing but Ruby's own library: it runs before
    # the gems are there.
    class Options
      COMMANDS = { "serve" => 0, "plan" => 1, "run" => 1, "clock" => 1, "keep" => 1, "convert" => 3 }.freeze
      HELP = <<~TEXT
        Usage: bin/kettle [serve] [--port N] [--host H] [--name NAME] [--data DIR] [--empty]
               bin/kettle plan REQUEST.json [--methods DIR]
               bin/kettle run REQUEST.json [--methods DIR]
               bin/kettle clock REQUEST.json
               bin/kettle keep REQUEST.json
               bin/kettle convert AMOUNT UNIT TO [--of GRAIN-OR-INGREDIENT]

          serve     set up if needed and start the application (the default)
          plan      liquid, steps, cues and cautions for a request; - reads standard input
          run       what comes of the liquid that was poured
          clock     when each task starts, for a serving time
          keep      how what is put away cools, until when it keeps, and how it is reheated
          convert   kitchen units: bin/kettle convert 200 C F

      TEXT

      attr_reader :command, :arguments, :settings

      # Prints and exits for --help; words it cannot use are told as JSON (exit 2).
      def self.parse(argv)
        new(argv)
      rescue OptionParser::ParseError => e
        warn JSON.generate(errors: [{ field: "command",
                                      message: "#{e.message}; bin/kettle --help says how" }])
        exit 2
      end

      def initialize(argv)
        @settings = { port: 4567, host: "127.0.0.1", data: nil, empty: false, of: nil, methods: nil,
                      names: [] }
        raise OptionParser::InvalidArgument, "must be UTF-8 text" unless argv.all?(&:valid_encoding?)

        # An amount may be negative (-40 C): only letters make an option.
        numbers = argv.map { |word| word.match?(/\A-[\d.]/) ? "\0#{word}" : word }
        words = parser.permute(numbers).map { |word| word.delete_prefix("\0") }
        @command = COMMANDS.key?(words.first) ? words.shift : "serve"
        @arguments = words
        check
      end

      private

      def check
        wanted = COMMANDS.fetch(@command)
        return if @arguments.size == wanted

        raise OptionParser::InvalidArgument, "#{@command} takes #{wanted} words, got #{@arguments.size}"
      end

      def parser
        OptionParser.new(HELP) do |options|
          options.on("--port N", Integer, "port to listen on (4567)") { |port| @settings[:port] = port(port) }
          options.on("--host H", "address to listen on (127.0.0.1)") { |host| @settings[:host] = host }
          options.on("--name NAME", "another name that the kitchen is reached by") do |name|
            @settings[:names] << name
          end
          options.on("--data DIR", "where the kitchens are kept (var)") { |dir| @settings[:data] = dir }
          options.on("--empty", "your own kitchen, without demo data") { @settings[:empty] = true }
          options.on("--methods DIR", "methods of your own, as in var/kitchen/methods") do |dir|
            @settings[:methods] = dir
          end
          options.on("--of WHAT", "the grain or ingredient to convert") { |what| @settings[:of] = what }
          options.on("-h", "--help", "this text") { puts(options) || exit }
        end
      end

      def port(number)
        raise OptionParser::InvalidArgument, "must be between 1 and 65535" unless number.between?(1, 65_535)

        number
      end
    end
  end
end
