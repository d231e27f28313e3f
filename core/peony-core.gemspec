# frozen_string_literal: true

Gem::Specification.new do |spec|
  spec.name = "peony-core"
  spec.version = "0.1.0"
  spec.summary = "Reads notes, draws figures of them, lays out, proofs and paints pieces"
  spec.authors = ["The makers of Peony"]
  spec.license = "MIT"
  spec.required_ruby_version = ">= 3.1"
  spec.files = Dir["lib/**/*", "assets/**/*"]
  spec.add_dependency "commonmarker", "~> 0.23.10"
  spec.add_dependency "engtagger", "~> 0.4.5"
  spec.add_dependency "ffi", "~> 1.16"
  spec.add_dependency "json_schemer", "~> 2.1"
  spec.add_dependency "nokogiri", "~> 1.18.0"
  spec.add_dependency "numo-narray", "~> 0.9.2"
  spec.add_dependency "pdf-reader", "~> 2.12"
  spec.add_dependency "roo", "~> 3.0.0"
  spec.add_dependency "ruby-vips", "~> 2.2"
  spec.add_dependency "rubyzip", "~> 3.0"
  spec.add_dependency "thor", "~> 1.3"
  spec.add_dependency "zeitwerk", "~> 2.6.0"
end
