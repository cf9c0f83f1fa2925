# frozen_string_literal: true

require "json"
require "rack/mock_request"
require "sinatra/base"
require_relative "../../lib/fond_kettle/ground/errors"
require_relative "../ground/inward"
require_relative "../ground/visitors"
require_relative "data"

module FondKettle
  module Web
    module Json
      # JSON answers of a place to a program: `Accept: application/json` on a GET gives what the page shows; a
      # POST of `application/json` does what the form does and answers with the new state, or with what is
      # wrong. The routes, and what they do, are the same.
      module Answering
        TYPE = "application/json"
        DEEPEST = 20
        SOMEBODY = "somebody else changed this first: now is how it stands"
        NOT_JSON = "must be JSON, an object"
        # The token of a form, as a header: sent with each answer, wanted with each POST.
        TOKEN = "x-csrf-token"

        # True when the client wants JSON.
        def json?
          !part_only? && (json_sent? || request.env["HTTP_ACCEPT"].to_s.include?(TYPE))
        end

        # Turns a JSON body into parameters as a form sends them: texts, and lists and groups of texts. Raises
        # InvalidInput.
        def take_json
          return unless json_sent?

          sent = JSON.parse(request.body.read, max_nesting: DEEPEST)
          raise InvalidInput.at("body", NOT_JSON) unless sent.is_a?(Hash)

          @sent_json = sent
          params.merge!(typed(sent))
        rescue JSON::ParserError, EncodingError
          raise InvalidInput.at("body", NOT_JSON)
        end

        # A page goes on to another; a program is told what stands there.
        def redirect(path, *more)
          return super unless json?

          halt standing(path)
        end

        # A view is drawn from its locals; a program is told the locals.
        def erb(view, options = {}, locals = {})
          return super unless json?

          content_type TYPE
          headers TOKEN => token
          shown = locals.merge(options.fetch(:locals, {}))
          JSON.generate(response.status < 400 ? Data.of(shown) : wrong(shown))
        end

        private

        def json_sent?
          request.post? && request.media_type == TYPE
        end

        def typed(sent)
          case sent
          when Hash then sent.to_h { |key, one| [key, typed(one)] }.compact
          when Array then sent.map { |one| typed(one) }
          when true then "yes"
          when false, nil then nil
          when Float then plain(sent)
          else sent.to_s
          end
        end

        # The answer of the page that a form would have gone on to.
        def standing(path)
          inner = Rack::MockRequest.env_for(path.sub(/#.*/, ""), "HTTP_ACCEPT" => TYPE,
                                                                 "HTTP_HOST" => request.env["HTTP_HOST"])
          inner["rack.session"] = session
          inner[Inward::KEY] = env[Inward::KEY]
          inner.merge!(env.slice("REMOTE_ADDR", Visitors::KEY))
          status, head, body = env.fetch(Inward::KEY).call(inner)
          text = +""
          body.each { |piece| text << piece }
          body.close if body.respond_to?(:close)
          [status, { "content-type" => head["content-type"], TOKEN => token, "location" => path }, [text]]
        end

        # The problems of all that was typed, and, where somebody was first, what stands there now.
        def wrong(shown)
          problems = problems_in(shown)
          problems = [{ field: "", message: shown.fetch(:text, SOMEBODY) }] if problems.empty?
          { errors: problems, **(response.status == 409 ? { now: Data.of(shown) } : {}) }
        end

        def problems_in(value)
          case value
          when Hash
            return [value.slice(:field, :message)] if value.key?(:field) && value.key?(:message)

            value.values.flat_map { |one| problems_in(one) }.uniq
          when Array then value.flat_map { |one| problems_in(one) }.uniq
          else value.respond_to?(:problems) ? problems_in(value.problems) : []
          end
        end
      end
    end
  end
end
