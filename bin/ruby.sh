# How Ruby runs here. Sourced by what serves pieces; bench/run.rb measures with it too.
# Tables are many small strings: a heap that begins large is walked less often (docs/decisions/0015).
export RUBY_GC_HEAP_INIT_SLOTS=2000000 RUBY_GC_MALLOC_LIMIT=128000000 RUBY_GC_OLDMALLOC_LIMIT=256000000
# Ruby's own compiler to machine code, where this Ruby was built with it (docs/decisions/0028).
yjit="--yjit --yjit-exec-mem-size=64"
if [[ "${RUBYOPT:-}" != *--yjit* ]] && ruby $yjit -e 0 2>/dev/null; then export RUBYOPT="${RUBYOPT:+$RUBYOPT }$yjit"; fi
