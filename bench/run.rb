# frozen_string_literal: true

# Measures what the hand waits for, beside a general-purpose reference on the same file in the same run.
#   bundle exec ruby bench/run.rb
# As the server runs, for Peony and for the references alike.
exec("bash", "-c", '. "$1"; exec ruby "${@:2}"', "bench", File.expand_path("../bin/ruby.sh", __dir__), __FILE__, *ARGV) unless ENV["RUBY_GC_HEAP_INIT_SLOTS"]

require_relative "support"
require_relative "server"

cpu = File.read("/proc/cpuinfo")[/model name\s*:\s*(.+)/, 1]
puts "Machine: #{cpu}, #{`nproc`.strip} cores; Ruby #{RUBY_VERSION}#{' with YJIT' if defined?(RubyVM::YJIT) && RubyVM::YJIT.enabled?}; #{Time.now.strftime('%Y-%m-%d')}. Times in ms.\n\n"
puts "| what | best | p50 | p95 | worst | must be |\n|---|---|---|---|---|---|"

piece = Bench.piece
picture = Peony::Scene::Pages.all(piece).first
Dir.mktmpdir do |dir|
  svg = File.join(dir, "page.svg")
  File.write(svg, Peony::Paint::SVG.paint(picture))
  Peony::Paint::Raster.prepare
  rsvg = ->(*args) { Open3.capture3("rsvg-convert", *args, svg, binmode: true) }

  Bench::Server.run(piece) do |server|
    Bench.row("change of a figure on a page of 6, over HTTP, journalled and redrawn (300)", server.changes(300), "p95 60")
    Bench.row("first proposals for a passage, over HTTP (40)", server.proposals(40), "400")
    Bench.row("page opened: whole state over HTTP (40)", server.opens(40), "1000")
  end
  Bench.row("PNG 2 × of the page", Bench.runs(12) { Peony::Paint.file([picture], "png", scale: 2) }, "400")
  Bench.row("reference: rsvg-convert, PNG 2 × of the same SVG", Bench.runs(12) { rsvg.call("-z", "2") })
  Bench.row("PDF of the page", Bench.runs(12) { Peony::Paint.file([picture], "pdf") }, "400")
  Bench.row("reference: rsvg-convert, PDF of the same SVG", Bench.runs(12) { rsvg.call("-f", "pdf") })
  Bench.row("SVG of the page, letters embedded", Bench.runs(40) { Peony::Paint.file([picture], "svg") })
end

lists = Array.new(200) do |n|
  Array.new(2 + (n % 7)) do |i|
    { "title" => "Step #{n} number #{i}", "detail" => "what to do here #{n}, and why it matters", "value" => 10 + i, "unit" => "%",
      "date" => (2000 + i).to_s }
  end
end
forms = Peony::Figures::Form.members.values
house = Peony::Style.fetch("Dome")
drawn = lists.each_with_index.filter_map do |list, i|
  form = forms[i % forms.size]
  next if form.objection(Peony::Figures.items(list))

  Bench.time { Peony::Figures.draw(form.facts.form, list, house: house, width: 900, height: 700) }
end
Bench.row("one figure drawn, words never seen before (#{drawn.size})", Bench.spread(drawn), "10")
finishes = Peony::Figures::Finish.members.keys
everywhere = forms.product(finishes).map { |form, finish| Bench.time { Peony::Figures::Specimen.sample(form.facts, house, finish, 900, 700, "") } }
Bench.row("one figure drawn, every form in every finish (#{everywhere.size})", Bench.spread(everywhere), "10")
things = %w[ferry teapot judge happiness orchard locksmith drummer bakery glacier passport wheelbarrow carnival]
Peony::Icons::Search.find("warm")
Bench.row("icons by meaning, words never asked for before (#{things.size})", Bench.spread(things.map { |word| Bench.time { Peony::Icons::Search.find(word) } }), "50")
asked = ["stairs", "who reports to whom", "pros and cons", "how people feel", "goal", "circles"]
Bench.row("forms by words (#{asked.size})", Bench.spread(asked.map { |words| Bench.time { Peony::Figures::Search.forms(words) } }), "50")
require_relative "reading"
Bench::Reading.run
require_relative "tables"
Bench::Tables.run
Bench.row("start: bin/peony forms, whole process", Bench.runs(5) { Open3.capture2(File.join(Bench::ROOT, "bin/peony"), "forms", "--json") })
