# frozen_string_literal: true

require "json"
require_relative "../lib/fond_kettle/ground/errors"

module FondKettle
  module Cli
    # Runs one command; returns the exit status. What cannot be used is told as
    # JSON on standard error with status 2.
    module Commands
      # What a plan or a run needs of the core.
      CORE = %w[formats/plan_json formats/request/request_reader formats/run_json methods/planning/planner
                methods/planning/trial].freeze

      # What is done with a kitchen as a whole.
      SAFEKEEPING = %w[backup restore check export import].freeze

      module_function

      def call(options)
        SAFEKEEPING.include?(options.command) ? keep_safe(options) : public_send(options.command, options)
      rescue InvalidInput => e
        refuse(e.problems)
      rescue UserError => e
        refuse([{ field: options.command, message: e.message }])
      end

      def refuse(problems)
        warn JSON.generate(errors: problems)
        2
      end

      def serve(options)
        require_relative "serve"
        Serve.new(options.settings).call
      end

      def plan(options)
        answer(options, dish: method(:plan_dish)) do |reader|
          Formats::PlanJson.call(Methods::Planner.plan(reader.request))
        end
      end

      def run(options)
        answer(options, dish: method(:run_dish)) do |reader|
          Formats::RunJson.call(Methods::Trying.run(reader.request, reader.liquid_g, stages: reader.stages,
                                                                                     kitchen: reader.kitchen))
        end
      end

      # What a history of cooks has taught, and the next plan by it.
      def learn(options)
        load_core
        %w[history_reader learn_json].each do |file|
          require_relative "../lib/fond_kettle/formats/history/#{file}"
        end
        known = library(options.settings[:methods])
        answer_json(options) { |data| Formats::LearnJson.new(Formats::HistoryReader.new(data, library: known)).call }
      end

      # What to do now with a pot as it stands.
      def rescue(options)
        load_core
        require_relative "../lib/fond_kettle/formats/history/rescue_reader"
        known = library(options.settings[:methods])
        answer_json(options) { |data| Formats::RescueReader.new(data, library: known).answer }
      end

      # A dish laid for an evening.
      def plan_dish(request)
        require_relative "../lib/fond_kettle/formats/supper_json"
        Formats::SupperJson.new(request).call
      end

      # What comes of a dish's pot with the liquid that the cook poured.
      def run_dish(request)
        Formats::RunJson.call(Methods::Trying.run(request.supper.plan.request, request.liquid_g))
      end

      # Reads a dish as a cook wrote it. The kitchen needs nothing for it but the larder.
      def read(options)
        require_relative "../lib/fond_kettle/ground/schema"
        require_relative "../lib/fond_kettle/reading/reader"
        puts JSON.pretty_generate(Reading::Reader.new(text(options.arguments.first)).dish)
        0
      end

      def clock(options)
        require_relative "../lib/fond_kettle/formats/clock_reader"
        answer_json(options) { |data| Formats::ClockReader.new(data).answer }
      end

      def keep(options)
        require_relative "../lib/fond_kettle/formats/keep_reader"
        answer_json(options) { |data| Formats::KeepReader.new(data).answer }
      end

      def convert(options)
        require_relative "convert"
        puts Convert.call(*options.arguments, of: options.settings[:of])
        0
      end

      # In words, for whoever looks after the machine; status 1 where something is odd.
      def doctor(options)
        require_relative "doctor"
        findings = Doctor.new(options.settings).call
        findings.each { |one| puts "#{one.odd ? 'odd ' : 'fine'}  #{one.place} #{one.odd}".rstrip }
        findings.any?(&:odd) ? 1 : 0
      end

      def keep_safe(options)
        require_relative "safekeeping"
        answer = Safekeeping.new(options.settings).public_send(options.command, *options.arguments)
        puts JSON.pretty_generate(answer)
        0
      rescue SystemCallError => e
        refuse([{ field: options.command, message: "cannot read or write: #{e.message}" }])
      end

      def answer_json(options)
        require_relative "../lib/fond_kettle/formats/request/request_reader"
        puts JSON.pretty_generate(yield(Formats::RequestReader.parse(text(options.arguments.first))))
        0
      end

      # The block answers a Formats::RequestReader; `dish` a Formats::DishRequest, where the request has one.
      def answer(options, dish:)
        load_core
        data = Formats::RequestReader.parse(text(options.arguments.first))
        known = library(options.settings[:methods])
        found = of_dish(data, known, &dish) if data.key?("dish")
        found ||= yield(Formats::RequestReader.new(data, library: known))
        puts JSON.pretty_generate(found)
        0
      end

      # The block answers a Formats::DishRequest; a dish without rice has neither water nor a run.
      def of_dish(data, library)
        require_relative "../lib/fond_kettle/formats/dish_forward"
        require_relative "../lib/fond_kettle/formats/request/dish_request"
        require_relative "../lib/fond_kettle/formats/side_json"
        data = Formats::DishForward.in(data)
        return Formats::SideJson.new(data).call if Formats::SideJson.side?(data)

        yield Formats::DishRequest.new(data, library: library)
      end

      # Loads the core without garbage collection: none of it is thrown away, and collecting would take a
      # tenth of the time.
      def load_core
        GC.disable
        CORE.each { |file| require_relative "../lib/fond_kettle/#{file}" }
        require Schema::TYPES_FILE
      ensure
        GC.enable
      end

      # Ours, and those of a folder; a file of it that is broken is told and left out.
      def library(folder)
        return Methods::Library.ours unless folder
        raise InvalidInput.at("methods", "must be a folder", received: folder) unless File.directory?(folder)

        Methods::Library.with(folder).tap { |library| library.problems.each { |problem| warn problem } }
      end

      def text(path)
        path == "-" ? $stdin.read : File.read(path, encoding: "UTF-8")
      rescue SystemCallError => e
        raise InvalidInput.at("request", "cannot be read: #{e.class.name.split('::').last}", received: path)
      end

      private_class_method :refuse, :keep_safe, :answer_json, :answer, :of_dish, :plan_dish, :run_dish,
                           :load_core, :library, :text
    end
  end
end
