# frozen_string_literal: true

require "nokogiri"
require "rack/test"
require_relative "../support/kitchens"
require_relative "../../store/household"
require_relative "../../web/application"

RSpec.describe "A kitchen of an earlier version, in the browser" do
  include Rack::Test::Methods

  attr_reader :app

  it "shows its stove, its log and its table, what older plans do not know left out" do
    Support::Kitchens.old do |folder|
      household = FondKettle::Store::Household.new(folder, demo: true)
      @app = FondKettle::Web::Application.build(household, clock: -> { Time.now })
      header "Host", "localhost"
      stove = "/stove/#{household.cooks.on_the_stove.first[:id]}"
      panels = %w[wrong did amounts].map { |panel| "#{stove}?panel=#{panel}" }
      ["/", "/stove", stove, *panels, "/log", *household.cooks.finished.map { |cook| "/log/#{cook[:id]}" }]
        .each do |path|
        get path
        expect(last_response.status).to be_between(200, 302), "#{path}: #{last_response.errors}"
      end
    ensure
      household&.close
    end
  end
end
