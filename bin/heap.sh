# Tables are many small strings: a heap that begins large is walked less often (docs/decisions/0015). Sourced by what serves pieces; bench/run.rb measures with it too.
export RUBY_GC_HEAP_INIT_SLOTS=2000000 RUBY_GC_MALLOC_LIMIT=128000000 RUBY_GC_OLDMALLOC_LIMIT=256000000
