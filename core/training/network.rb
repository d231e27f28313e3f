# frozen_string_literal: true

require "numo/narray"
require_relative "regression"

# Small neural networks with one hidden layer, each taught from a beginning of its own; what they say is averaged.
# Gradient descent in small batches with decoupled weight decay (AdamW: Loshchilov and Hutter, 2019), hidden units left out at random meanwhile (dropout).
class Network
  HIDDEN = 64
  TIMES = 3
  EPOCHS = 8
  BATCH = 64
  RATE = 0.002
  DECAY = 0.2
  DROPPED = 0.5
  # The rate falls from one part of the epochs to the next.
  FALLING = [[0.6, 1], [0.85, 0.3], [1, 0.1]].freeze
  # A sign that fewer passages show teaches nothing.
  SELDOM = 3

  # @param rows [Array(Hash{String => Numeric}, Hash{String => Float})] signs and the wanted likelihoods
  # @param names [Array<String>] of what is to be told apart
  # @param times [Integer] how many networks
  # @return [Array(Array<String>, Array<Hash{Symbol => Numo::SFloat}>)] the signs in order, and the layers of each network as {Peony::Reading::Network} takes them
  def self.fit(rows, names, times = TIMES)
    seen = rows.flat_map { |signs, _| signs.keys }.tally
    signs = seen.keys.select { |name| seen[name] >= SELDOM }
    [signs, Array.new(times) { |time| new(rows, signs, names, time).layers }]
  end

  def initialize(rows, signs, names, seed)
    @random = Random.new(seed)
    Numo::NArray.srand(seed + 1)
    @wanted = Numo::SFloat[*rows.map { |_, target| names.map { |n| target[n] || 0.0 } }]
    @scale = spreads(rows, signs)
    at = signs.each_with_index.to_h
    @rows = rows.map { |row, _| row.filter_map { |name, value| (place = at[name]) && [place, value.to_f / @scale[place]] }.transpose }
    @layers = [evenly(0.05, signs.size, HIDDEN), Numo::SFloat.zeros(HIDDEN), evenly(0.15, HIDDEN, names.size), Numo::SFloat.zeros(names.size)]
    @first = @layers.map { |layer| Numo::SFloat.zeros(*layer.shape) }
    @second = @layers.map { |layer| Numo::SFloat.zeros(*layer.shape) }
    @steps = 0
    EPOCHS.times { |epoch| learn(RATE * FALLING.find { |share, _| epoch < EPOCHS * share }.last) }
  end

  # @return [Hash{Symbol => Numo::SFloat}] for signs as they are, not evened out
  def layers
    inner, bias, outer, last = @layers
    { inner: inner / Numo::SFloat[*@scale].reshape(@scale.size, 1), bias: bias, outer: outer, last: last }
  end

  private

  def evenly(most, *shape) = ((Numo::SFloat.new(*shape).rand * 2) - 1) * most

  # As in {Regression}: signs are brought to about the same spread.
  def spreads(rows, signs)
    sums = Hash.new(0.0)
    squares = Hash.new(0.0)
    rows.map(&:first).each { |row| row.each { |name, value| (sums[name] += value) && squares[name] += value.to_f**2 } }
    signs.map { |name| Regression.scale_of(name, Math.sqrt([(squares[name] / rows.size) - ((sums[name] / rows.size)**2), 0].max)) }
  end

  def learn(rate)
    (0...@rows.size).to_a.shuffle(random: @random).each_slice(BATCH) { |list| step(list, rate) }
  end

  def step(list, rate)
    x = Numo::SFloat.zeros(list.size, @scale.size)
    list.each_with_index { |row, i| x[i, @rows[row].first] = @rows[row].last }
    inner, bias, outer, last = @layers
    kept = Numo::SFloat.cast(Numo::SFloat.new(list.size, HIDDEN).rand >= DROPPED) / (1 - DROPPED)
    hidden = x.dot(inner) + bias
    open = Numo::SFloat.cast(hidden > 0) * kept
    hidden *= open
    error = (likely(hidden.dot(outer) + last) - @wanted[list, true]) / list.size
    back = error.dot(outer.transpose) * open
    change([x.transpose.dot(back), back.sum(axis: 0), hidden.transpose.dot(error), error.sum(axis: 0)], rate)
  end

  def likely(scores)
    raised = Numo::NMath.exp(scores - scores.max(axis: 1, keepdims: true))
    raised / raised.sum(axis: 1, keepdims: true)
  end

  def change(slopes, rate)
    @steps += 1
    slopes.each_with_index do |slope, i|
      @first[i] = (@first[i] * 0.9) + (slope * 0.1)
      @second[i] = (@second[i] * 0.999) + ((slope**2) * 0.001)
      moved = (@first[i] / (1 - (0.9**@steps))) / (Numo::NMath.sqrt(@second[i] / (1 - (0.999**@steps))) + 1e-8)
      @layers[i] -= (moved + (@layers[i] * DECAY)) * rate
    end
  end
end
