# frozen_string_literal: true

require "rack/attack"

module PeonyServer
  # Slows down guessing of passwords, through Rack::Attack.
  module Throttle
    # Counters in memory, enough for one server process.
    class Memory
      def initialize
        @lock = Mutex.new
        @kept = {}
      end

      def read(key, _options = nil) = @lock.synchronize { alive(key)&.first }

      def write(key, value, options = {})
        @lock.synchronize { @kept[key] = [value, Time.now.to_f + (options[:expires_in] || 60)] }
      end

      def increment(key, amount, options = {})
        @lock.synchronize do
          @kept.delete_if { |_, (_, till)| till < Time.now.to_f } if @kept.size > 5000
          value = (alive(key)&.first || 0) + amount
          @kept[key] = [value, @kept.dig(key, 1) || (Time.now.to_f + (options[:expires_in] || 60))]
          value
        end
      end

      def delete(key, _options = nil) = @lock.synchronize { @kept.delete(key) }

      private

      def alive(key)
        entry = @kept[key]
        entry if entry && entry[1] >= Time.now.to_f
      end
    end

    def self.install
      Rack::Attack.cache.store = Memory.new
      Rack::Attack.throttle("sign-in", limit: 12, period: 60) do |request|
        request.ip if request.post? && %w[/login /create-account].include?(request.path)
      end
      Rack::Attack.throttled_responder = lambda do |_request|
        [429, { "content-type" => "text/plain; charset=utf-8", "retry-after" => "60" }, ["Too many tries. Wait a minute and sign in again.\n"]]
      end
    end
  end
end
