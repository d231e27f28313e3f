# frozen_string_literal: true

require "net/http"
require "socket"

module Bench
  # A real server process on a data folder of its own, and one signed-in connection to it.
  class Server
    def self.run(piece)
      Dir.mktmpdir do |data|
        server = new(data, piece)
        yield server
      ensure
        server&.stop
      end
    end

    def initialize(data, piece)
      port = TCPServer.open("127.0.0.1", 0) { |socket| socket.addr[1] }
      env = { "PEONY_DATA" => data, "PEONY_DEMO" => "1", "PORT" => port.to_s }
      @pid = spawn(env, "bundle", "exec", "puma", "-C", "server/puma.rb", "config.ru", chdir: ROOT, out: File::NULL, err: File::NULL)
      @http = Net::HTTP.new("127.0.0.1", port)
      wait
      me = request(Net::HTTP::Get, "/api/me")
      @token = JSON.parse(me.body)["token"]
      @id = JSON.parse(request(Net::HTTP::Post, "/api/pieces", { title: "Bench" }).body)["id"]
      fill(piece)
    end

    def stop = Process.kill("TERM", @pid)

    def changes(count)
      Bench.spread(Array.new(count) do |n|
        operation = { op: "item.change", id: "f#{n % 6}", item: "i1", set: { title: "Change number #{n}" } }
        Bench.time { request(Net::HTTP::Post, "/api/pieces/#{@id}/changes", { operation: operation, tab: "bench" }) }
      end)
    end

    def proposals(count)
      passages = JSON.parse(request(Net::HTTP::Get, "/api/pieces/#{@id}/passages").body)["passages"]
      Bench.spread(Array.new(count) do |n|
        Bench.time do
          request(Net::HTTP::Post, "/api/pieces/#{@id}/proposals", { passage: passages[n % 6]["id"], width: 330 + n, height: 300 })
        end
      end)
    end

    def opens(count) = Bench.spread(Array.new(count) { Bench.time { request(Net::HTTP::Get, "/api/pieces/#{@id}") } })

    private

    def wait
      200.times do
        @http.start unless @http.started?
        return if @http.get("/fonts.css").is_a?(Net::HTTPSuccess)
      rescue SystemCallError
        sleep 0.1
      end
      raise "The server did not start."
    end

    def fill(piece)
      request(Net::HTTP::Post, "/api/pieces/#{@id}/changes", { operation: { op: "notes.splice", at: 0, remove: 0, insert: piece.data["notes"] } })
      piece.objects.each { |object| request(Net::HTTP::Post, "/api/pieces/#{@id}/changes", { operation: { op: "object.add", page: "p1", object: object } }) }
    end

    def request(kind, path, body = nil)
      message = kind.new(path, "content-type" => "application/json", "cookie" => @cookie.to_s, "x-csrf-token" => @token.to_s)
      message.body = JSON.generate(body) if body
      answer = @http.request(message)
      @cookie = answer["set-cookie"].split(";").first if answer["set-cookie"]
      raise "#{path}: #{answer.code} #{answer.body[0, 200]}" unless answer.is_a?(Net::HTTPSuccess)

      answer
    end
  end
end
