# frozen_string_literal: true

require "capybara/rspec"
require "capybara/cuprite"
require "net/http"
require "socket"

# Drives the real screens: a server process of its own with the sample world, and headless Chromium.
module Screens
  ROOT = File.expand_path("../..", __dir__)
  DOWNLOADS = Dir.mktmpdir("peony-downloads")

  # The server under test; it can be killed and started again on the same data.
  class Server
    attr_reader :port, :data

    def initialize
      @port = TCPServer.open("127.0.0.1", 0) { |socket| socket.addr[1] }
      @data = Dir.mktmpdir("peony-feature")
      system(environment, "bundle", "exec", "ruby", "demo/seed.rb", chdir: ROOT, exception: true)
      start
    end

    def start
      @pid = spawn(environment, "bundle", "exec", "puma", "-C", "server/puma.rb", "config.ru", chdir: ROOT, out: File.join(data, "log"),
                                                                                               err: %i[child out])
      120.times do
        return if Net::HTTP.get_response(URI("http://127.0.0.1:#{port}/fonts.css")).is_a?(Net::HTTPSuccess)
      rescue SystemCallError
        sleep 0.1
      end
      raise "The server did not start:\n#{File.read(File.join(data, 'log'))}"
    end

    def kill
      Process.kill("KILL", @pid)
      Process.wait(@pid)
    end

    def environment = { "PEONY_DATA" => data, "PEONY_DEMO" => "1", "PORT" => port.to_s, "PEONY_ALLOW" => "127.0.0.1:#{port}" }
  end

  def self.server
    @server ||= Server.new.tap { |server| at_exit { server.kill } }
  end

  Capybara.register_driver(:chromium) do |app|
    Capybara::Cuprite::Driver.new(app, window_size: [1280, 800], timeout: 40, process_timeout: 60, js_errors: true, save_path: DOWNLOADS,
                                       browser_options: { "no-sandbox" => nil, "disable-gpu" => nil, "disable-background-networking" => nil, "disable-dev-shm-usage" => nil })
  end
  Capybara.default_driver = :chromium
  Capybara.javascript_driver = :chromium
  Capybara.run_server = false
  Capybara.default_max_wait_time = 8
  Capybara.enable_aria_label = true
  Capybara.predicates_wait = true

  def self.included(base)
    base.before { Capybara.app_host = "http://127.0.0.1:#{Screens.server.port}" }
  end

  # Makes a piece through the screens and stays in Gather.
  def new_piece(title, kind: "Portrait infographic")
    visit "/"
    click_on "New piece"
    fill_in "Title", with: title
    find("[role=radio]", text: kind).click
    click_on "Begin"
    expect(page).to have_css("[role=textbox]")
  end

  # Types Markdown-like lines the way a person does.
  def write(text)
    editor = find("[role=textbox]")
    editor.click
    editor.send_keys(text)
  end

  def stage(name)
    find("nav a", text: /\A#{name}/).click
    expect(page).to have_css("nav a.open", text: name)
  end

  # Opens a file in Gather.
  def bring(name, contents)
    Dir.mktmpdir do |dir|
      File.binwrite(File.join(dir, name), contents)
      attach_file("Open a file", File.join(dir, name), make_visible: true)
      yield
    end
  end

  # Waits until everything was acknowledged.
  def kept = expect(page).to(have_css(".kept", text: /\Akept/))

  # Waits until the server holds these words in the notes of the piece that is open.
  def stored(words)
    id = current_path[%r{/piece/(\w+)}, 1]
    80.times do
      notes = page.evaluate_async_script("fetch('/api/pieces/#{id}').then(r => r.json()).then(j => arguments[0](j.piece.notes.map(b => b.text).join(' ')))")
      return if notes.include?(words)

      sleep 0.1
    end
    raise "The server never got “#{words}”."
  end

  # Words on the page of the piece, as drawn.
  def drawn = all(".page text", visible: :all).map { |t| t.text(:all) }.join(" ")

  def press(*keys) = page.driver.browser.keyboard.type(*keys)

  AXE = Gem.loaded_specs["axe-core-api"].full_gem_path.then { |path| Dir[File.join(path, "node_modules/axe-core/axe.min.js")].first }

  # The tool around the pages, checked against WCAG 2 A and AA; what people draw is judged by Proof.
  # @return [Array<String>]
  def axe_faults
    page.execute_script(File.read(AXE))
    page.evaluate_async_script(<<~JS)
      const done = arguments[0];
      axe.run({ exclude: [[".page"], [".picture"]] }, { runOnly: ["wcag2a", "wcag2aa"] }).then(r => done(r.violations.flatMap(v => v.nodes.map(n => v.id + ": " + n.target.join(" ") + " " + (n.any[0] ? n.any[0].message : "")))));
    JS
  end

  # @return [Array(Float, Float)] the middle of an element on the screen
  def middle(selector, index = 0)
    page.evaluate_script("(()=>{const r=document.querySelectorAll(#{selector.to_json})[#{index}].getBoundingClientRect();return [r.x+r.width/2,r.y+r.height/2]})()")
  end

  def mouse = page.driver.browser.mouse

  # @return [String] path of the file a click brings
  def download
    before = Dir.children(DOWNLOADS)
    yield
    60.times do
      fresh = (Dir.children(DOWNLOADS) - before).reject { |name| name.end_with?(".crdownload") }
      return File.join(DOWNLOADS, fresh.first) if fresh.any?

      sleep 0.1
    end
    raise "Nothing was downloaded."
  end
end
