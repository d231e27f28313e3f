# frozen_string_literal: true

require "numo/narray"
require "lbfgsb"

# Logistic regression with a quadratic penalty, brought to its minimum by L-BFGS.
# Signs are brought to about the same spread first, so that the penalty weighs on a sign that seldom stands as on one that often does;
# the weights that come out are those of the signs as they are. Signs whose name begins with "w:" are words: they are even already.
module Regression
  module_function

  # How far a sign's spread is evened out: 0 not at all, 1 to the same. Found with five fits on four fifths.
  EVEN = 0.75

  # @param rows [Array(Hash{String => Numeric}, Hash{String => Float})] signs and the wanted likelihoods
  # @param names [Array<String>]
  # @param penalty [Float]
  # @return [Hash{String => Hash{String => Float}}] for each name its weights by sign
  def multinomial(rows, names, penalty:)
    signs, scale, x = matrix(rows.map(&:first))
    # Turned round once, not at every step.
    turned = x.transpose.dup
    wanted = Numo::DFloat[*names.map { |n| rows.map { |_, target| target[n] || 0.0 } }]
    free = signs.index("bias")
    weights = minimum(names.size * signs.size) do |flat|
      w = flat.reshape(names.size, signs.size)
      scores = w.dot(turned)
      raised = Numo::NMath.exp(scores - scores.max(axis: 0, keepdims: true))
      likely = raised / raised.sum(axis: 0, keepdims: true)
      loss = -(wanted * Numo::NMath.log(likely + 1e-12)).sum / rows.size
      held = w.dup
      held[true, free] = 0 if free
      [loss + (0.5 * penalty * (held**2).sum), ((likely - wanted).dot(x) / rows.size) + (penalty * held)]
    end.reshape(names.size, signs.size).to_a
    names.zip(weights).to_h { |n, own| [n, signs.each_with_index.to_h { |s, j| [s, own[j] / scale[j]] }] }
  end

  # Weights by which one of several is chosen: the right ones of a choice together are to be as likely as can be (a conditional logit).
  # @param choices [Array<Array<Array(Hash{String => Numeric}, Boolean)>>] for each choice the signs of what there is, and whether it is right
  # @return [Hash{String => Float}]
  def choice(choices, penalty:)
    signs, _, x = matrix(choices.flatten(1).map(&:first), even: 0)
    right = Numo::DFloat[*choices.flatten(1).map { |_, is| is ? 1.0 : 0.0 }]
    ends = choices.map(&:size).inject([0]) { |list, size| list << (list.last + size) }
    weights = minimum(signs.size) do |w|
      raised = Numo::NMath.exp(x.dot(w))
      loss = 0.0
      error = Numo::DFloat.zeros(raised.size)
      ends.each_cons(2) do |from, to|
        all = raised[from...to]
        good = all * right[from...to]
        loss += Math.log(all.sum) - Math.log(good.sum)
        error[from...to] = (all / all.sum) - (good / good.sum)
      end
      [(loss / choices.size) + (0.5 * penalty * (w**2).sum), (x.transpose.dot(error) / choices.size) + (penalty * w)]
    end
    signs.zip(weights.to_a).to_h
  end

  # @return [Hash{String => Float}] weights for yes against no
  def binary(rows, penalty:)
    twofold = rows.map { |signs, wanted| [signs, { "yes" => wanted["yes"], "no" => 1 - wanted["yes"] }] }
    fitted = multinomial(twofold, %w[yes no], penalty: penalty)
    fitted["yes"].to_h { |sign, weight| [sign, weight - fitted["no"][sign]] }
  end

  # @return [Array(Array<String>, Array<Float>, Numo::DFloat)] the names of the signs, what each was divided by, and the rows
  def matrix(list, even: EVEN)
    signs = list.flat_map(&:keys).uniq
    at = signs.each_with_index.to_h
    x = Numo::DFloat.zeros(list.size, signs.size)
    list.each_with_index { |row, i| row.each { |name, value| x[i, at[name]] = value.to_f } }
    spread = Numo::NMath.sqrt([(x**2).mean(axis: 0) - (x.mean(axis: 0)**2), Numo::DFloat.zeros(signs.size)].then { |a, b| Numo::DFloat.maximum(a, b) }).to_a
    scale = signs.zip(spread).map { |name, s| scale_of(name, s, even) }
    [signs, scale, x / Numo::DFloat[*scale]]
  end

  # @param spread [Float] the standard deviation of a sign
  # @return [Float] what it is divided by
  def scale_of(name, spread, even = EVEN) = name.start_with?("w:") || spread < 1e-6 ? 1.0 : spread**even

  # @yieldparam at [Numo::DFloat]
  # @yieldreturn [Array(Float, Numo::DFloat)] the value there and its slopes
  # @return [Numo::DFloat] where the value is least
  def minimum(size, rounds: 400)
    told = {}
    ask = lambda do |at|
      told.clear if told.size > 4
      told[at.to_binary] ||= yield(at)
    end
    Lbfgsb.minimize(fnc: ->(at) { ask[at][0] }, jcb: ->(at) { ask[at][1].flatten }, x_init: Numo::DFloat.zeros(size), maxiter: rounds, factr: 1e8, verbose: nil)[:x]
  end
end
