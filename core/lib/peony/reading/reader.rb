# frozen_string_literal: true

require "io/wait"

module Peony
  module Reading
    # A process beside this one that reads passages. It begins with all that is in memory here, stays, and ends with this one or when nothing can be asked of it any more.
    # What is asked and answered goes through two pipes, each message behind its length.
    class Reader
      # Answers that were asked for do not come.
      class Lost < StandardError; end

      LENGTH = "N"
      CHUNK = 1 << 16
      # What every process has open.
      STANDARD = 3

      # @raise [SystemCallError] where there is no room for another process
      def initialize
        asked, @to = IO.pipe(binmode: true)
        @from, answers = IO.pipe(binmode: true)
        @owner = Process.pid
        @pid = fork { serve(asked, answers) }
        [asked, answers].each(&:close)
        @told = +"".b
      rescue SystemCallError
        [asked, answers, @to, @from].each { |io| io&.close }
        raise
      end

      # @return [Boolean] false in a process that was forked off later: the pipes are another's
      def own? = @owner == Process.pid

      # Takes in what has been answered meanwhile: the other process may be unable to listen until that is taken.
      # @param passages [Array<Notes::Passage>]
      # @param patience [Numeric] seconds to wait for it to listen
      # @raise [Lost]
      def ask(passages, patience)
        message = pack(passages)
        until message.empty?
          sent = @to.write_nonblock(message, exception: false)
          next message = message.byteslice(sent..) unless sent == :wait_writable

          ready, = IO.select([@from], [@to], nil, patience)
          raise Lost unless ready

          @told << @from.readpartial(CHUNK) if ready.any?
        end
      rescue SystemCallError, IOError
        raise Lost
      end

      # @param patience [Numeric] seconds to wait for it
      # @return [Array<Result>, nil] the next answer, nil where none has come yet
      # @raise [Lost] where it has ended, or fails at one of the passages
      def answer(patience)
        deadline = now + patience
        until (message = take)
          left = deadline - now
          return nil unless @from.wait_readable([left, 0].max)

          @told << @from.readpartial(CHUNK)
        end
        Marshal.load(message) || raise(Lost) # rubocop:disable Security/MarshalLoad -- it was written by this program a moment ago
      rescue EOFError, SystemCallError, ArgumentError, TypeError
        raise Lost
      end

      # Ends it, whatever it is doing.
      # @return [void]
      def stop
        [@to, @from].each(&:close)
        Process.kill(:KILL, @pid)
        Process.wait(@pid)
      rescue Errno::ESRCH, Errno::ECHILD
        nil
      end

      private

      def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)

      def pack(object) = Marshal.dump(object).then { |message| [message.bytesize].pack(LENGTH) << message }

      # @return [String, nil] the next message, once it has come whole
      def take
        return nil if @told.bytesize < 4

        size = @told.unpack1(LENGTH)
        @told.slice!(0, size + 4).byteslice(4..) if @told.bytesize >= size + 4
      end

      # What the other process does. It closes its copies of what is open here, for a connection must end when it is ended here; files it leaves alone:
      # they may hold what is still to be written.
      def serve(asked, answers)
        %w[INT TERM].each { |signal| trap(signal) { exit!(0) } }
        ObjectSpace.each_object(IO) { |io| close(io) unless io.is_a?(File) || io == asked || io == answers }
        while (head = asked.read(4))
          answers.write(pack(read(Marshal.load(asked.read(head.unpack1(LENGTH)))))) # rubocop:disable Security/MarshalLoad -- as above
        end
      ensure
        exit!(0)
      end

      def close(io)
        io.close unless io.closed? || io.fileno < STANDARD
      rescue IOError, SystemCallError
        nil
      end

      # Items are worked out and named when somebody asks; what does so cannot be handed over. Threads and corrections go by the passage there, not by its copy.
      def read(passages)
        passages.map { |passage| Reading.of(passage).tap { |result| result.findings.each(&:named) }.tap { |result| result.passage = nil } }
      rescue StandardError
        nil
      end
    end
  end
end
