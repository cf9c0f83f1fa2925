# frozen_string_literal: true

require "json"
require "optparse"

module FondKettle
  module Cli
    # Reads the command line. Uses nothing but Ruby's own library: it runs before
    # the gems are there.
    class Arguments
      # How many words each takes.
      COMMANDS = { "serve" => 0..0, "plan" => 1..1, "run" => 1..1, "learn" => 1..1, "rescue" => 1..1,
                   "clock" => 1..1, "read" => 1..1, "keep" => 1..1, "convert" => 3..3, "doctor" => 0..0,
                   "backup" => 0..1, "restore" => 1..1, "check" => 0..1, "export" => 1..1,
                   "import" => 1..1 }.freeze
      HELP = <<~TEXT
        Usage: bin/kettle [serve] [--port N] [--host H] [--name NAME] [--tls] [--jit] [--data DIR] [--empty]
               bin/kettle plan REQUEST.json [--methods DIR]
               bin/kettle run REQUEST.json [--methods DIR]
               bin/kettle learn HISTORY.json [--methods DIR]
               bin/kettle rescue REQUEST.json [--methods DIR]
               bin/kettle clock REQUEST.json
               bin/kettle read TEXT
               bin/kettle keep REQUEST.json
               bin/kettle convert AMOUNT UNIT TO [--of GRAIN-OR-INGREDIENT]
               bin/kettle doctor
               bin/kettle backup [FILE] | restore FILE | check [FILE]
               bin/kettle export FILE.zip [--only PART] | import FILE.zip

          serve     set up if needed and start the application (the default)
          plan      liquid, steps, cues and cautions for a request; - reads standard input
          run       what comes of the liquid that was poured
          learn     what cooks have taught of a kitchen, and the next plan by it
          rescue    what to do now with a pot, by what stands in it and what a bite shows
          read      a dish as JSON, of what a cook jots down or pastes, with what it is not sure of
          clock     when each task starts, for a serving time
          keep      how what is put away cools, until when it keeps, and how it is reheated
          convert   kitchen units: bin/kettle convert 200 C F
          doctor    what is odd about machine, folder, port, clock, certificate and fonts, in words
          backup    your kitchen as one file, while it is used too
          restore   puts such a file in the kitchen's place; what stood there is kept beside it
          check     looks a kitchen or a copy through, and changes nothing
          export    your kitchen as a zip of open formats; --only log, pots, dish:12 … a part of it
          import    takes such a zip in: a whole kitchen into an empty one, a part beside what is there
                    (all five: your own kitchen where there is one, else the demo's; --data, --empty, --demo)

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
        @settings = { port: 4567, host: "127.0.0.1", data: nil, empty: false, demo: false, of: nil,
                      methods: nil, only: nil, names: [], tls: false, jit: false }
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
        return if wanted.cover?(@arguments.size)

        words = wanted.minmax.uniq.join(" to ")
        raise OptionParser::InvalidArgument, "#{@command} takes #{words} words, got #{@arguments.size}"
      end

      def parser
        OptionParser.new(HELP) do |options|
          serving(options)
          choosing(options)
          options.on("-h", "--help", "this text") { puts(options) || exit }
        end
      end

      def serving(options)
        options.on("--port N", Integer, "port to listen on (4567)") { |port| @settings[:port] = port(port) }
        options.on("--host H", "address to listen on (127.0.0.1)") { |host| @settings[:host] = host }
        options.on("--name NAME", "another name that the kitchen is reached by") do |name|
          @settings[:names] << name
        end
        options.on("--tls", "https, with a certificate of the household's own") { @settings[:tls] = true }
        options.on("--jit", "Ruby's own compiler: some pages a quarter sooner, for 40 MB") do
          @settings[:jit] = true
        end
      end

      def choosing(options)
        options.on("--data DIR", "where the kitchens are kept (var)") { |dir| @settings[:data] = dir }
        options.on("--empty", "your own kitchen, without demo data") { @settings[:empty] = true }
        options.on("--demo", "the demo's kitchen") { @settings[:demo] = true }
        options.on("--only PART", "log, a shelf (pots, cups …) or dish:NUMBER") do |part|
          @settings[:only] = part
        end
        options.on("--methods DIR", "methods of your own, as in var/kitchen/methods") do |dir|
          @settings[:methods] = dir
        end
        options.on("--of WHAT", "the grain or ingredient to convert") { |what| @settings[:of] = what }
      end

      def port(number)
        raise OptionParser::InvalidArgument, "must be between 1 and 65535" unless number.between?(1, 65_535)

        number
      end
    end
  end
end
