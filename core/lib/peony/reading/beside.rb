# frozen_string_literal: true

require "etc"

module Peony
  module Reading
    # Reads many passages at once: from the first on here, from the last on in a process beside this one, until they meet.
    # Passages do not know of each other, so it is the same reading; whatever goes wrong over there is read here.
    module Beside
      # Fewer characters are read before the other process has begun to.
      LEAST = 1_500
      # Which part of what is left is handed over at once, and how many characters at most: less and less, so that both end together.
      PART = 8
      MOST = 4_000
      # The other process has the next in hand while it reads, so that it never waits.
      AHEAD = 2
      # Seconds to wait for the other process once nothing is left to do here.
      PATIENCE = 30
      # A text of all kinds, and how often it is read: what is called often enough is compiled, here and in the other process (docs/decisions/0028).
      WARM = File.join(ASSETS, "reading", "warm.md")
      ROUNDS = 2

      @lock = Mutex.new

      module_function

      # @param passages [Array<Notes::Passage>]
      # @return [Array<Result>] in the same order
      def of(passages)
        return passages.map { |p| Reading.of(p) } unless worth_it?(passages) && @lock.try_lock

        begin
          shared(passages, reader)
        ensure
          @lock.unlock
        end
      end

      # What the first to come would wait for is done before: words and weights are loaded, some of everything is read once, and the other process is begun.
      # @return [void]
      def ready
        @lock.synchronize do
          warm = Passages.of(Notes.parse(File.read(WARM), ".md"))
          ROUNDS.times { warm.each { |passage| Reading.of(passage).findings.each(&:named) } }
          # Words and weights are walked now, in place of in the middle of a page that somebody waits for (0.2 s).
          GC.start
          reader if able?
        end
      end

      # Ends the other process. The next long document begins another.
      # @return [void]
      def stop
        @reader&.stop if @reader&.own?
        @reader = nil
      end

      def able? = Process.respond_to?(:fork) && Etc.nprocessors > 1
      def worth_it?(passages) = able? && passages.size > 1 && passages.sum { |p| p.text.length } >= LEAST

      # @return [Reader, nil] nil where there is no room for another process
      def reader
        return @reader if @reader&.own?

        # What both need is made once, before they part.
        Reading.of(Notes::Passage.whole(Notes.parse("Warm 2 of the 3 words.", ".txt")))
        @reader = Reader.new
      rescue SystemCallError
        @reader = nil
      end

      def shared(passages, reader)
        results = {}
        left = passages.each_index.to_a
        asked = []
        until results.size == passages.size
          reader = nil if reader && !share(reader, passages, left, asked, results)
          index = left.shift
          results[index] = Reading.of(passages[index]) if index
        end
        results.values_at(*passages.each_index)
      ensure
        # Nobody is there for its answers any more.
        stop if asked&.any?
      end

      # Hands over what the other process can have, and takes what it has read.
      # @return [Boolean] false where it is lost: what it had in hand is to be read here
      def share(reader, passages, left, asked, results)
        while (read = asked.any? && reader.answer(left.empty? ? PATIENCE : 0))
          asked.shift.zip(read) { |index, result| results[index] = result.tap { result.passage = passages[index] } }
        end
        raise Reader::Lost if left.empty? && asked.any?

        while asked.size < AHEAD && left.size > 1
          asked << cut(passages, left)
          reader.ask(passages.values_at(*asked.last), PATIENCE)
        end
        true
      rescue Reader::Lost
        left.concat(asked.flatten)
        asked.clear
        stop
        false
      end

      # @return [Array<Integer>] the last of those that are left
      def cut(passages, left)
        room = [left.sum { |i| passages[i].text.length } / PART, MOST].min
        batch = [left.pop]
        room -= passages[batch.last].text.length
        while left.size > 1 && (room -= passages[left.last].text.length).positive?
          batch << left.pop
        end
        batch
      end
    end
  end
end
