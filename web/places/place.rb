# frozen_string_literal: true

require "rack/protection"
require "sinatra/base"
require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../../lib/fond_kettle/ground/paths"
require_relative "../helpers/pages"
require_relative "../helpers/numbers"
require_relative "../helpers/device_settings"
require_relative "../json/answering"

module FondKettle
  module Web
    # The base of all places: household and clock, escaped ERB, and a page in words for every error.
    class Place < Sinatra::Base
      set :environment, :production
      set :reload_templates, false
      set :views, File.expand_path("../views", __dir__)
      set :erb, escape_html: true, trim: "-"
      set :show_exceptions, false
      set :raise_errors, false
      set :dump_errors, false
      set :protection, false # Application puts one set of protections before all places
      set :sessions, false
      set :host_authorization, permitted_hosts: []
      set :strict_paths, false
      set :static, false

      # What Rack makes of a query that is cut short, damaged or too deep.
      UNREADABLE = [Rack::QueryParser::InvalidParameterError, Rack::QueryParser::ParameterTypeError,
                    Rack::QueryParser::ParamsTooDeepError].freeze

      helpers Helpers::Pages
      helpers Helpers::Numbers
      helpers Helpers::DeviceSettings
      helpers Json::Answering

      # `follow_ups`: App::FollowUps, which works out what follows from what is told at the stove.
      def initialize(household, clock, follow_ups)
        super()
        @household = household
        @clock = clock
        @follow_ups = follow_ups
      end

      attr_reader :household, :follow_ups

      # The reading of a device (Kit::Device) now, as it is typed, or nil when it is off.
      def reading(key)
        shown = household.stand_ins.read(key, now)
        shown && plain(shown.value)
      end

      # The kitchen's record, read once a page.
      def kitchen
        @kitchen ||= household.kitchen
      end

      def household_is_demo?
        kitchen[:demo]
      rescue StoreUnavailable
        false
      end

      before do
        headers "cache-control" => "no-store"
        # A part that was only read must not put an older session over what was sent meanwhile.
        request.session_options[:skip] = true if part_only? && request.get?
        check_encoding
        take_json
      end

      after { read_as_set }

      error NotFound, Sinatra::NotFound do
        trouble 404, "Not here",
                env["sinatra.error"].is_a?(NotFound) ? env["sinatra.error"].message : "There is no such page."
      end

      error Conflict do
        trouble 409, "Somebody was first", env["sinatra.error"].message
      end

      error SystemCallError do
        trouble 503, "Nothing was saved", "The disk does not answer (#{env['sinatra.error'].message}). " \
                                          "Make room, or look whether the folder can be written in."
      end

      error StoreUnavailable do
        trouble 503, "Nothing was saved", env["sinatra.error"].message
      end

      error InvalidInput do
        problems = env["sinatra.error"].problems
        trouble 422, "That could not be used",
                problems.map { |p| "#{p[:field]} #{p[:message]}" }.join("; "), problems
      end

      error Sinatra::BadRequest, *UNREADABLE do
        trouble 400, "This address cannot be read", "It is cut short or damaged. Start again from the table."
      end

      error do
        error = env["sinatra.error"]
        # Its message may hold what somebody typed.
        env["rack.errors"].puts("#{error.class} at #{request.script_name}", *error.backtrace.first(12))
        trouble 500, "Something broke on our side",
                "What you typed is still in the page before this one: go back and try again."
      end

      # The Store::Journal::Entry that the bar of a page offers to take back, or nil.
      def to_take_back
        id = session["take_back"]
        return unless id

        household.journal.fresh(id, now).tap { |entry| session.delete("take_back") unless entry }
      end

      private

      # What an act of App returned ([what there is then, the id of its entry in the journal]): it can be
      # taken back from the pages that follow. Returns what there is then.
      def done((result, entry))
        can_take_back(entry)
        result
      end

      # Of an entry's id, nil where nothing was changed.
      def can_take_back(entry)
        session["take_back"] = entry if entry
      end

      def now
        @clock.call
      end

      def part_only?
        request.env.key?("HTTP_X_KETTLE_PART")
      end

      # A page that says what is wrong; a form that was sent can be gone back to. `problems`: for a program.
      def trouble(code, title, text, problems = [])
        status code
        @title = title
        erb :trouble, layout: layout, locals: { text: text, problems: problems }
      end

      # The frame of a page of trouble.
      def layout
        :layout
      end

      def check_encoding
        readable = texts(params).all? { |text| text.valid_encoding? && !text.include?("\0") }
        raise Sinatra::BadRequest unless readable
      end

      def texts(value)
        case value
        when Hash then value.flat_map { |key, inner| texts(key) + texts(inner) }
        when Array then value.flat_map { |inner| texts(inner) }
        else [value.to_s]
        end
      end

      # What a form that makes something is known by (Household#once); `what` it makes with this
      # button of several.
      def form_key(what)
        key = text_param("key")
        "#{what} #{key}" unless key.empty?
      end

      # The version that a form was made from; nil where none was sent.
      def sent_version
        Integer(params["lock_version"].to_s, 10, exception: false)
      end

      # A parameter that is a text, else an empty one.
      def text_param(name)
        params[name].is_a?(String) ? params[name] : ""
      end

      # A record's number from the address. Raises NotFound.
      def id_from(text)
        Integer(text, 10, exception: false) || raise(NotFound, "There is no such page.")
      end
    end
  end
end
