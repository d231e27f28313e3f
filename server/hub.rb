# frozen_string_literal: true

module PeonyServer
  # Tells other open tabs of a piece what changed. One queue a listener; a silent beat now and then finds those that went away.
  class Hub
    BEAT = 15

    class << self
      # @param piece [String]
      # @return [Queue]
      def join(piece)
        queue = Queue.new
        LOCK.synchronize { LISTENERS[piece] << queue }
        beat
        queue
      end

      def leave(piece, queue) = LOCK.synchronize { LISTENERS[piece].delete(queue) }

      # @param event [Hash]
      def tell(piece, event)
        queues = LOCK.synchronize { LISTENERS[piece].dup }
        return if queues.empty?

        line = "data: #{JSON.generate(event)}\n\n"
        queues.each { |queue| queue << line }
      end

      private

      def beat
        LOCK.synchronize do
          @beat ||= Thread.new do
            loop do
              sleep BEAT
              LOCK.synchronize { LISTENERS.values.flatten }.each { |queue| queue << ":\n\n" }
            end
          end
        end
      end
    end

    LOCK = Mutex.new
    LISTENERS = Hash.new { |hash, key| hash[key] = [] }
  end
end
