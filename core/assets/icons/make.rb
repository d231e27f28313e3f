# frozen_string_literal: true

# Makes icons.tsv.gz: one line an icon and set, "set, name, group, tags, paths", tabs between, "|" between paths.
#   npm pack @tabler/icons@3.51.0 @phosphor-icons/core@2.1.1, unpack each, then
#   ruby make.rb TABLER_PACKAGE PHOSPHOR_PACKAGE
# Both are under the MIT licence (LICENSE-*.txt beside this file). Marks of companies are left out.
require "json"
require "zlib"

tabler, phosphor = ARGV.first(2)
rows = []

# What is meant for screens and signs, not for things one tells of.
# A thing with a small sign beside it.
SMALL_SIGN = /-(?:off|plus|minus|x|check|cancel|down|up|share|search|pin|pause|code|bolt|exclamation|question|star|heart|cog|dollar|edit|[2-6])\z/
SIGNS = ["System", "Arrows", "Letters", "Numbers", "Text", "Design", "Math", "Logic", "Version control", "Extensions", "Laundry", "Shapes", "Development", "Database", "Badges"].freeze

paths = ->(file) { File.read(file).scan(/\sd="([^"]+)"/).flatten.reject { |d| d == "M0 0h24v24H0z" } }
group = ->(names) { names.intersect?(SIGNS) || names.intersect?(%w[arrows editor development system]) ? "sign" : "thing" }

JSON.parse(File.read(File.join(tabler, "icons.json"))).each_value do |icon|
  next if icon["category"] == "Brand"

  tags = icon["tags"].map { |t| t.to_s.downcase }.uniq.reject { |t| t.length < 2 }
  { "outline" => "fine", "filled" => "fine full" }.each do |folder, set|
    file = File.join(tabler, "icons", folder, "#{icon['name']}.svg")
    next unless File.file?(file)

    name = icon["name"]
    kind = name.match?(SMALL_SIGN) ? "sign" : group[[icon["category"].to_s]]
    rows << [set, name, kind, tags.first(14).join(" "), paths[file].join("|")]
  end
end

told = File.read(File.join(phosphor, "dist", "index.mjs"))
told.scan(/name:\s*"([a-z0-9-]+)",[^{}]*?categories:\s*\[([^\]]*)\][^{}]*?tags:\s*\[([^\]]*)\]/m).each do |name, categories, tags|
  next if categories.include?("BRAND") || name.end_with?("-logo")

  words = tags.scan(/"([^"]+)"/).flatten.map(&:downcase).reject { |t| t.start_with?("*") }.uniq
  kind = categories.match?(/ARROWS|EDITOR|DEVELOPMENT|SYSTEM/) && !categories.match?(/OBJECTS|NATURE|PEOPLE|WEATHER|MAP/) ? "sign" : "thing"
  { "regular" => ["round", ""], "light" => ["round light", "-light"], "bold" => ["round bold", "-bold"], "fill" => ["round full", "-fill"] }.each do |folder, (set, suffix)|
    file = File.join(phosphor, "assets", folder, "#{name}#{suffix}.svg")
    rows << [set, name, kind, words.first(14).join(" "), paths[file].join("|")] if File.file?(file)
  end
end

rows.reject! { |row| row[4].empty? || row.any? { |field| field.include?("\t") } }
target = File.join(__dir__, "icons.tsv.gz")
Zlib::GzipWriter.open(target, Zlib::BEST_COMPRESSION) do |gz|
  gz.mtime = 1
  gz.write(rows.sort_by { |r| [r[0], r[1]] }.map { |r| r.join("\t") }.join("\n"))
end
%w[tabler phosphor].zip([tabler, phosphor]) { |name, folder| File.write(File.join(__dir__, "LICENSE-#{name}.txt"), File.read(File.join(folder, "LICENSE"))) }
puts rows.map(&:first).tally, File.size(target)
