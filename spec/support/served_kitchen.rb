# frozen_string_literal: true

require "rack/test"
require "tmpdir"
require_relative "../../web/application"
require_relative "demo_kitchen"

module Support
  # A household in a folder of its own, served by the whole application.
  module ServedKitchen
    include Rack::Test::Methods

    attr_reader :household
    # What the kitchen's clock shows (nil: the time that it is).
    attr_writer :now

    def self.included(group)
      group.before { header "Host", "localhost" }
      group.around do |example|
        Dir.mktmpdir do |folder|
          @household = DemoKitchen.open(folder, empty: example.metadata[:empty], busy_ms: 50)
          example.run
          @household.close
        end
      end
    end

    def app
      @app ||= FondKettle::Web::Application.build(household, clock: -> { @now || Time.now })
    end

    # A page with a form that takes no time.
    FORM = "/dishes/import"

    # Posts a form as a browser would: with the token of a page seen before.
    def send_form(path, fields = {})
      get FORM
      post path, { "authenticity_token" => last_response.body[/name="authenticity_token" value="([^"]+)"/,
                                                              1] }.merge(fields)
    end

    def page
      Nokogiri::HTML5(last_response.body)
    end
  end
end
