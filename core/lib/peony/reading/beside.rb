# frozen_string_literal: true

require "etc"
require "io/wait"

module Peony
  module Reading
    # Reads many passages at once: half of them here, the other half in a process beside this one, which hands its readings over and ends.
    # Passages do not know of each other, so it is the same reading; whatever goes wrong over there is read here.
    module Beside
      # Fewer characters are read before the other process has begun.
      LEAST = 3_000
      # Seconds to wait for the other process once the own half is done.
      PATIENCE = 30

      module_function

      # @param passages [Array<Notes::Passage>]
      # @return [Array<Result>] in the same order
      def of(passages)
        return passages.map { |p| Reading.of(p) } unless worth_it?(passages)

        own, other = halves(passages)
        # What both need is made once, before they part.
        Tokens.of("Warm.")
        asked = ask(other)
        read = own.map { |p| Reading.of(p) }
        read + ((asked && handed_over(asked.first, other)) || other.map { |p| Reading.of(p) })
      ensure
        leave(*asked) if asked
      end

      def worth_it?(passages) = Process.respond_to?(:fork) && Etc.nprocessors > 1 && passages.size > 1 && passages.sum { |p| p.text.length } >= LEAST

      # About as much to read in each.
      def halves(passages)
        total = passages.sum { |p| p.text.length }
        read = 0
        at = passages.index { |p| (read += p.text.length) * 2 >= total }
        [passages.first(at + 1), passages.drop(at + 1)]
      end

      # @return [Array(IO, Integer), nil] where the readings come from, and who reads; nil where there is no room for another process
      def ask(passages)
        from, to = IO.pipe(binmode: true)
        pid = fork do
          from.close
          to.write(Marshal.dump(passages.map { |p| whole(Reading.of(p)) }))
          to.close
          # Nothing of the parent is to be closed or finished here.
          exit!(0)
        rescue StandardError
          exit!(1)
        end
        to.close
        [from, pid]
      rescue SystemCallError
        [from, to].each { |io| io&.close }
        nil
      end

      # Whether it has answered or not, nothing of it stays.
      def leave(from, pid)
        from.close
        Process.kill(:KILL, pid)
        Process.wait(pid)
      end

      # Items are worked out and named when somebody asks; what does so cannot be handed over.
      def whole(result) = result.tap { result.findings.each(&:named) }

      # @return [Array<Result>, nil] nil where they did not arrive whole
      def handed_over(from, passages)
        told = read_all(from, Process.clock_gettime(Process::CLOCK_MONOTONIC) + PATIENCE)
        results = told && !told.empty? ? Marshal.load(told) : [] # rubocop:disable Security/MarshalLoad -- it was written by this program a moment ago
        # Threads and corrections go by the passage that was asked for, not by its copy.
        results.zip(passages).map { |result, passage| result.tap { result.passage = passage } } if results.size == passages.size
      rescue ArgumentError, TypeError
        nil
      end

      # @return [String, nil] nil where it takes too long
      def read_all(from, deadline)
        told = +""
        loop do
          left = deadline - Process.clock_gettime(Process::CLOCK_MONOTONIC)
          return nil unless left.positive? && from.wait_readable(left)

          told << from.readpartial(1 << 20)
        end
      rescue EOFError
        told
      end
    end
  end
end
