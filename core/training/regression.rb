# frozen_string_literal: true

# Logistic regression with a quadratic penalty, by gradient descent with a step of its own for every weight (Adagrad).
module Regression
  module_function

  # @param rows [Array(Hash{String => Numeric}, Hash{String => Float})] signs and the wanted likelihoods
  # @param names [Array<String>]
  # @param penalty [Float]
  # @return [Hash{String => Hash{String => Float}}] for each name its weights by sign
  # @param prior [Hash{String => Hash{String => Float}}] weights to start from and to be drawn back to
  def multinomial(rows, names, penalty:, prior: {}, rounds: 200, step: 0.3)
    signs = rows.flat_map { |r| r[0].keys }.uniq
    at = signs.each_with_index.to_h
    sparse = rows.map { |r| [r[0].map { |k, v| [at[k], v.to_f] }, names.map { |n| r[1][n] || 0.0 }] }
    start = names.map { |n| signs.map { |s| prior.dig(n, s) || 0.0 } }
    weights = start.map(&:dup)
    squares = Array.new(names.size) { Array.new(signs.size, 1e-8) }
    rounds.times do
      slopes = Array.new(names.size) { Array.new(signs.size, 0.0) }
      sparse.each { |list, wanted| add(slopes, list, wanted, weights) }
      weights.each_with_index do |row, c|
        row.each_index do |j|
          slope = (slopes[c][j] / rows.size) + (penalty * (row[j] - start[c][j]))
          squares[c][j] += slope * slope
          row[j] -= step * slope / Math.sqrt(squares[c][j])
        end
      end
    end
    names.each_with_index.to_h { |n, c| [n, signs.each_with_index.to_h { |s, j| [s, weights[c][j]] }] }
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

  # @return [Hash{String => Float}] weights for yes against no
  def binary(rows, penalty:)
    twofold = rows.map { |signs, wanted| [signs, { "yes" => wanted["yes"], "no" => 1 - wanted["yes"] }] }
    fitted = multinomial(twofold, %w[yes no], penalty: penalty, rounds: 400)
    fitted["yes"].to_h { |sign, weight| [sign, weight - fitted["no"][sign]] }
  end

  def chances(weights, signs)
    scores = weights.transform_values { |row| signs.sum { |k, v| (row[k] || 0) * v } }
    top = scores.values.max
    scores.transform_values { |s| Math.exp(s - top) }
  end
end
