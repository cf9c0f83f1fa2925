# frozen_string_literal: true

source "https://rubygems.org"

ruby ">= 3.1"

# Running. bigdecimal and json are pinned to the versions that ship with
# Debian's Ruby 3.1, so that nothing is compiled for them; sqlite3 1.7.3 is the
# last release with a ready-built gem that RubyGems 3.3 can use.
gem "bcrypt", "~> 3.1"
gem "bigdecimal", "3.1.1"
gem "dry-schema", "1.13.4" # 1.14 does not parse on Ruby 3.1.2
gem "erubi", "~> 1.13"
gem "icalendar", "~> 2.13"
gem "json", "2.6.1"
gem "json_schemer", "~> 2.3"
gem "nokogiri", "1.17.2" # ready-built for RubyGems 3.3
gem "puma", "~> 6.6"
gem "racc", "1.6.0"
gem "rack-attack", "~> 6.7"
gem "rackup", "~> 2.2"
gem "rqrcode", "2.2.0"
gem "ruby-units", "~> 4.1"
gem "rubyzip", "~> 2.4"
gem "sequel", "~> 5.110"
gem "sinatra", "~> 4.2"
gem "sqlite3", "1.7.3"

group :test do
  gem "axe-core-capybara", "~> 4.10"
  gem "axe-core-rspec", "~> 4.10"
  gem "capybara", "~> 3.40"
  gem "parallel_tests", "~> 4.7"
  gem "prop_check", "~> 1.0"
  gem "rack-test", "~> 2.1"
  gem "rake", "~> 13.0"
  gem "ri_cal", "0.8.8" # a second reader of calendar files, in specs only
  gem "rspec", "~> 3.13"
  gem "rubocop", "~> 1.60"
  gem "rubocop-rspec", "~> 3.0"
  gem "selenium-webdriver", "~> 4.20"
end
