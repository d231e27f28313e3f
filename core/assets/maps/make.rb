# frozen_string_literal: true

# Makes world.json.gz from two npm packages, unpacked: world-atlas (ISC; shapes made from public domain data) and
# i18n-iso-countries (MIT; names).
#   ruby make.rb WORLD_ATLAS_DIR COUNTRY_NAMES_DIR
# A country is [number, two letters, three letters, name, other names, shapes]; a shape is a ring of points on a map 2,000 wide
# in the Equal Earth projection (Šavrič, Patterson and Jenny 2018), each point as steps from the one before.
require "json"
require "zlib"

A = [1.340264, -0.081106, 0.000893, 0.003796].freeze
WIDE = 2000.0
LANGUAGES = %w[en de fr es it nl].freeze
LEAST = 6.0

def project(lon, lat)
  t = Math.asin(Math.sqrt(3) / 2 * Math.sin(lat * Math::PI / 180))
  t2 = t * t
  t6 = t2**3
  x = 2 * Math.sqrt(3) * (lon * Math::PI / 180) * Math.cos(t) / (3 * ((9 * A[3] * t6 * t2) + (7 * A[2] * t6) + (3 * A[1] * t2) + A[0]))
  y = t * (A[0] + (A[1] * t2) + (t6 * (A[2] + (A[3] * t2))))
  half = 2.70663
  [(x / half * WIDE / 2) + (WIDE / 2), (WIDE * 0.2432) - (y / half * WIDE / 2)]
end

def area(ring) = ring.each_cons(2).sum { |(x1, y1), (x2, y2)| (x1 * y2) - (x2 * y1) }.abs / 2

# Visvalingam: the point that spans the smallest triangle goes first.
def simple(ring, least)
  points = ring.dup
  loop do
    return points if points.size <= 5

    sizes = (1..(points.size - 2)).map { |i| area([points[i - 1], points[i], points[i + 1], points[i - 1]]) }
    smallest = sizes.min
    return points if smallest > least

    drop = []
    sizes.each_with_index { |s, i| drop << (i + 1) if s <= [smallest * 2, least].min && drop.last != i }
    drop.reverse_each { |i| points.delete_at(i) if points.size > 5 }
  end
end

atlas = JSON.parse(File.read(File.join(ARGV[0], "countries-50m.json")))
scale, shift = atlas["transform"].values_at("scale", "translate")
arcs = atlas["arcs"].map do |arc|
  x = y = 0
  arc.map { |dx, dy| [((x += dx) * scale[0]) + shift[0], ((y += dy) * scale[1]) + shift[1]] }
end
ring_of = lambda do |list|
  before = nil
  list.flat_map { |i| i.negative? ? arcs[~i].reverse : arcs[i] }.map do |lon, lat|
    # A shape that crosses the date line goes on over the edge of the map in place of jumping to the other one.
    lon += 360 while before && lon - before < -180
    lon -= 360 while before && lon - before > 180
    before = lon
    project(lon, lat)
  end
end

names = LANGUAGES.map { |l| JSON.parse(File.read(File.join(ARGV[1], "langs", "#{l}.json")))["countries"] }
codes = JSON.parse(File.read(File.join(ARGV[1], "codes.json"))).to_h { |two, three, number| [number.to_s.rjust(3, "0"), [two, three]] }
shapes = atlas["objects"]["countries"]["geometries"].group_by { |g| g["id"] }

countries = codes.filter_map do |number, (two, three)|
  all = names.flat_map { |list| list[two] }.compact.uniq
  next if all.empty?

  rings = (shapes[number] || []).flat_map { |g| g["type"] == "Polygon" ? [g["arcs"].first] : g["arcs"].map(&:first) }.map { |r| ring_of[r] }
  largest = rings.map { |r| area(r) }.max
  kept = rings.select { |r| area(r) == largest || area(r) > LEAST }.map { |r| simple(r, 0.6).map { |x, y| [x.round(1), y.round(1)] } }
  steps = kept.map do |r|
    r.each_with_index.map do |(x, y), i|
      i.zero? ? [(x * 10).round, (y * 10).round] : [(x * 10).round - (r[i - 1][0] * 10).round, (y * 10).round - (r[i - 1][1] * 10).round]
    end.flatten
  end
  atlas_name = shapes[number]&.first&.dig("properties", "name")
  main = [names.first[two]].flatten.min_by(&:size)
  [number, two, three, main, (all + [atlas_name]).compact.uniq - [main], steps]
end
Zlib::GzipWriter.open(File.join(__dir__, "world.json.gz"), 9) do |gz|
  gz.mtime = 1
  gz.write(JSON.generate(countries))
end
puts "#{countries.size} countries, #{countries.count { |c| c[5].any? }} with a shape, #{File.size(File.join(__dir__, 'world.json.gz'))} bytes"
