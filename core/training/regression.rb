# frozen_string_literal: true

# Logistic regression with a quadratic penalty, by gradient descent with a step of its own for every weight (Adagrad).
# Signs are brought to about the same spread first, so that the penalty weighs on a sign that seldom stands as on one that often does;
# the weights that come out are those of the signs as they are.
module Regression
  module_function

  # How far a sign's spread is evened out: 0 not at all, 1 to the same. Found with five fits on four fifths.
  EVEN = 0.75

  # @param rows [Array(Hash{String => Numeric}, Hash{String => Float})] signs and the wanted likelihoods
  # @param names [Array<String>]
  # @param penalty [Float]
  # @return [Hash{String => Hash{String => Float}}] for each name its weights by sign
  def multinomial(rows, names, penalty:, rounds: 300, step: 0.3)
    signs = rows.flat_map { |r| r[0].keys }.uniq
    scale = signs.map { |s| spread(rows.map { |r| r[0][s].to_f })**EVEN }
    at = signs.each_with_index.to_h
    sparse = rows.map { |r| [r[0].map { |k, v| [at[k], v.to_f / scale[at[k]]] }, names.map { |n| r[1][n] || 0.0 }] }
    weights = Array.new(names.size) { Array.new(signs.size, 0.0) }
    free = at["bias"]
    squares = Array.new(names.size) { Array.new(signs.size, 1e-8) }
    rounds.times do
      slopes = Array.new(names.size) { Array.new(signs.size, 0.0) }
      sparse.each { |list, wanted| add(slopes, list, wanted, weights) }
      weights.each_with_index do |row, c|
        row.each_index do |j|
          slope = (slopes[c][j] / rows.size) + (j == free ? 0.0 : penalty * row[j])
          squares[c][j] += slope * slope
          row[j] -= step * slope / Math.sqrt(squares[c][j])
        end
      end
    end
    names.each_with_index.to_h { |n, c| [n, signs.each_with_index.to_h { |s, j| [s, weights[c][j] / scale[j]] }] }
  end

  # @return [Float] the standard deviation, 1 for a sign that never changes
  def spread(values)
    mean = values.sum / values.size
    deviation = Math.sqrt(values.sum { |v| (v - mean)**2 } / values.size)
    deviation < 1e-6 ? 1.0 : deviation
  end

  def add(slopes, list, wanted, weights)
    scores = weights.map { |row| list.sum { |j, v| row[j] * v } }
    top = scores.max
    raised = scores.map { |s| Math.exp(s - top) }
    sum = raised.sum
    raised.each_with_index do |r, c|
      error = (r / sum) - wanted[c]
      next if error.abs < 1e-4

      row = slopes[c]
      list.each { |j, v| row[j] += error * v }
    end
  end

  # Weights by which one of several is chosen: the right ones of a choice together are to be as likely as can be (a conditional logit).
  # @param choices [Array<Array<Array(Hash{String => Numeric}, Boolean)>>] for each choice the signs of what there is, and whether it is right
  # @return [Hash{String => Float}]
  def choice(choices, penalty:, rounds: 250, step: 0.3)
    names = choices.flatten(1).flat_map { |signs, _| signs.keys }.uniq
    at = names.each_with_index.to_h
    sparse = choices.map { |list| list.map { |signs, right| [signs.map { |k, v| [at[k], v.to_f] }, right] } }
    weights = Array.new(names.size, 0.0)
    squares = Array.new(names.size, 1e-8)
    rounds.times do
      slopes = Array.new(names.size, 0.0)
      sparse.each { |list| lean(slopes, list, weights) }
      names.each_index do |j|
        slope = (slopes[j] / choices.size) + (penalty * weights[j])
        squares[j] += slope * slope
        weights[j] -= step * slope / Math.sqrt(squares[j])
      end
    end
    names.zip(weights).to_h
  end

  # Adds how a choice changes with the weights: what is likely, less what is likely among the right ones.
  def lean(slopes, list, weights)
    raised = list.map { |signs, _| Math.exp(signs.sum { |j, v| weights[j] * v }) }
    all = raised.sum
    right = list.each_index.sum { |i| list[i][1] ? raised[i] : 0.0 }
    list.each_with_index do |(signs, is), i|
      error = (raised[i] / all) - (is ? raised[i] / right : 0)
      signs.each { |j, v| slopes[j] += error * v } if error.abs > 1e-5
    end
  end

  # @return [Hash{String => Float}] weights for yes against no
  def binary(rows, penalty:)
    twofold = rows.map { |signs, wanted| [signs, { "yes" => wanted["yes"], "no" => 1 - wanted["yes"] }] }
    fitted = multinomial(twofold, %w[yes no], penalty: penalty, rounds: 400)
    fitted["yes"].to_h { |sign, weight| [sign, weight - fitted["no"][sign]] }
  end
end
