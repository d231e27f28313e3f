# frozen_string_literal: true

source "https://rubygems.org"

gem "peony-core", path: "core"

gem "bcrypt", "~> 3.1"
gem "puma", "~> 6.4"
gem "rack-attack", "~> 6.7"
gem "rack-protection", "~> 4.0"
gem "rackup", "~> 2.1"
gem "roda", "~> 3.80"
gem "rodauth", "~> 2.36"
gem "sequel", "~> 5.80"
gem "sinatra", "~> 4.0"
gem "sqlite3", "~> 1.7"
gem "tilt", "~> 2.3"

group :test do
  gem "axe-core-api", "~> 4.10"
  gem "capybara", "~> 3.40"
  gem "caxlsx", "~> 4.0"
  gem "cuprite", "~> 0.15"
  gem "lbfgsb", "~> 0.6", require: false # fits the weights of the reading (core/training)
  gem "lightgbm", "~> 0.3", require: false # likewise
  gem "rack-test", "~> 2.1"
  gem "rexml", "~> 3.4", require: false # svg-graph needs it
  gem "rspec", "~> 3.13"
  gem "rubocop", "~> 1.60", require: false
  gem "simplecov", "~> 0.22", require: false
  gem "svg-graph", "~> 2.2", require: false # beside our charts in bench/
  gem "yard", "~> 0.9", require: false
end
