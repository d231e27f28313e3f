# frozen_string_literal: true

require "lightgbm"

# Fits trees that are summed up (gradient boosting) and writes them down as {Peony::Reading::Trees} reads them.
# Beside a regression they see signs together: a question that opens a passage is a frame, one among questions is not.
module Boosting
  # Found on longer notes, each lot weighed by trees that had not seen it: twice as many trees did no better, half as many leaves worse.
  TREES = 100
  KNOBS = { objective: "binary", num_leaves: 31, learning_rate: 0.1, min_data_in_leaf: 20, lambda_l2: 10.0, seed: 1, deterministic: true, force_row_wise: true, verbosity: -1 }.freeze

  module_function

  # @param rows [Array<Array(Hash{String => Numeric}, Boolean)>] signs, and whether it is so
  # @return [Hash] signs in their order, and for each tree its branches (sign, limit, and the place of what follows up to the limit and above it) and leaves
  def fit(rows)
    signs = rows.flat_map { |told, _| told.keys }.uniq.sort
    table = rows.map { |told, _| signs.map { |name| told.fetch(name, 0).to_f } }
    set = LightGBM::Dataset.new(table, label: rows.map { |_, so| so ? 1 : 0 })
    trees = JSON.parse(LightGBM.train(KNOBS, set, num_boost_round: TREES).dump_model).fetch("tree_info")
    { "signs" => signs, "trees" => trees.map { |tree| flat(tree.fetch("tree_structure")) } }
  end

  # Branches are numbered from 0, leaves from -1 down.
  def flat(root)
    branches = []
    leaves = []
    number = lambda do |node|
      next -(leaves << node.fetch("leaf_value").round(4)).size if node.key?("leaf_value")

      at = branches.size
      branches << nil
      branches[at] = [node.fetch("split_feature"), node.fetch("threshold").round(6), number.call(node.fetch("left_child")), number.call(node.fetch("right_child"))]
      at
    end
    number.call(root)
    { "branches" => branches, "leaves" => leaves }
  end
end
