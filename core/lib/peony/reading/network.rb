# frozen_string_literal: true

require "numo/narray"

module Peony
  module Reading
    # What the words of a passage sound like, whatever the finders saw in them: small neural networks with one hidden layer, taught by training/fit.rb
    # (assets/reading/network.bin). A finder sees what somebody thought of; these heed a few hundred signs together.
    module Network
      PATH = File.join(ASSETS, "reading", "network.bin")
      @lock = Mutex.new

      module_function

      # @return [Array<String>] the signs that are heeded, each at its place
      def signs = loaded[:signs]

      # @param places [Array<Integer>] of the signs that stand, among {signs}
      # @param values [Array<Numeric>] of each
      # @param net [Hash] as {read}
      # @return [Hash{String => Float}] for each family, and for none, adding up to 1: what the networks say on average
      def chances(places, values, net = loaded)
        inner = net[:bias]
        inner += Numo::SFloat.cast(values).dot(net[:inner][places, true]) if places.any?
        scores = inner.clip(0, nil).dot(net[:outer]) + net[:last]
        told = scores.to_a.each_slice(net[:names].size).map { |list| Weights.evened(list) }
        net[:names].zip(told.transpose.map { |list| list.sum / list.size }).to_h
      end

      def loaded = @loaded || @lock.synchronize { @loaded ||= read(File.binread(PATH)) }

      # @param bytes [String] see {pack}
      def read(bytes)
        head, rest = bytes.split("\n", 2)
        facts = JSON.parse(head)
        signs, names, times, hidden = facts.values_at("signs", "names", "times", "hidden")
        width = times * hidden
        inner = Numo::SFloat.cast(Numo::Int8.from_binary(rest.byteslice(0, signs.size * width), [signs.size, width]))
        floats = Numo::SFloat.from_binary(rest.byteslice((signs.size * width)..))
        sizes, bias, outer, last = cut(floats, [signs.size, width, width * names.size, times * names.size])
        { signs: signs, names: names, inner: inner * sizes.reshape(signs.size, 1), bias: bias, outer: beside(outer.reshape(times, hidden, names.size)), last: last }
      end

      # One table for all of them, in which none heeds the hidden units of another.
      # @param outer [Numo::SFloat] networks × hidden units × names
      def beside(outer)
        times, hidden, names = outer.shape
        times.times.with_object(Numo::SFloat.zeros(times * hidden, times * names)) { |i, all| all[(i * hidden)...((i + 1) * hidden), (i * names)...((i + 1) * names)] = outer[i, true, true] }
      end

      def cut(floats, sizes)
        at = 0
        sizes.map { |size| floats[at...(at += size)] }
      end

      # A line of JSON that names signs and families, what each sign weighs for each hidden unit in 8 bits, then numbers of 32 bits: how large the weights of each sign are,
      # and the other layers.
      # @param signs [Array<String>]
      # @param names [Array<String>]
      # @param layers [Array<Hash{Symbol => Numo::SFloat}>] of each network: inner (signs × hidden), bias, outer (hidden × names), last
      # @return [String] bytes for {PATH}
      def pack(signs, names, layers)
        inner = Numo::SFloat.hstack(layers.map { |l| l[:inner] })
        sizes = inner.abs.max(axis: 1).clip(1e-9, nil) / 127
        small = Numo::Int8.cast((inner / sizes.reshape(signs.size, 1)).round)
        floats = [sizes, *%i[bias outer last].flat_map { |part| layers.map { |l| l[part] } }]
        head = { signs: signs, names: names, times: layers.size, hidden: layers.first[:bias].size }
        "#{JSON.generate(head)}\n".b + small.to_binary + floats.map { |list| Numo::SFloat.cast(list).to_binary }.join
      end
    end
  end
end
