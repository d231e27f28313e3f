# frozen_string_literal: true

# How well the reading does on labelled passages, and where it fails.
module Judge
  module_function

  # @param passage [Corpus::Passage]
  # @return [Hash] whether the first, and one of the first three families is right, and the items are as many as they should be
  def passage(passage)
    findings = Peony::Reading.of(Peony::Notes::Text.read(passage.text)).findings
    names = findings.empty? ? ["none"] : findings.map(&:family)
    { first: passage.families.include?(names.first), third: names.first(3).intersect?(passage.families),
      wrong: passage.wrong.empty? ? nil : names.first(3).intersect?(passage.wrong), count: passage.items.empty? ? nil : (findings.first&.items&.size == passage.items.size),
      names: names.first(3), items: findings.first&.items.to_a.map(&:title), finding: findings.find { |f| passage.families.include?(f.family) } }
  end

  # Prints the passages that are read wrongly, then the shares of those that are read rightly.
  def report(told)
    told.reject { |_, t| t[:first] && t[:count] != false }.each { |p, t| puts line(p, t) }
    puts "#{told.size} passages: on top #{share(told, :first)} %, in the first three #{share(told, :third)} %, items #{share(told, :count)} %, plainly wrong #{share(told, :wrong)} %"
  end

  def line(passage, told)
    right = told[:finding]
    own = right && right.family != told[:names].first ? " (#{right.family}: #{right.items.size})" : ""
    "#{passage.id} (#{passage.style}) #{passage.families.join('/')} -> #{told[:names].join(', ')}; #{passage.items.size} items, read #{told[:items].size}#{own}: #{told[:items].join(' | ')}"
  end

  def share(told, key)
    list = told.map { |_, t| t[key] }.compact
    list.empty? ? "-" : (100.0 * list.count(true) / list.size).round(1)
  end
end

# ruby training/judge.rb FILE...   judges passages in the notation of corpus.rb, whoever wrote them
if $PROGRAM_NAME == __FILE__
  require_relative "../lib/peony"
  require_relative "corpus"
  Judge.report(ARGV.flat_map { |file| Corpus.read(file) }.map { |passage| [passage, Judge.passage(passage)] })
end
