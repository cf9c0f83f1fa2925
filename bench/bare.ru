# frozen_string_literal: true

# What the Pot page is measured against: nothing but Sinatra and an ERB template,
# a page of the size given in BYTES.
require "erubi"
require "sinatra/base"

run(Class.new(Sinatra::Base) do
  set :erb, escape_html: true
  set :host_authorization, permitted_hosts: []
  rows = (ENV.fetch("BYTES").to_i / 100).times.to_a
  template(:page) do
    "<html><body><% rows.each do |row| %><p><%= row %> #{'x' * 85}</p>\n<% end %></body></html>"
  end
  get("/") { erb :page, locals: { rows: rows } }
end)
