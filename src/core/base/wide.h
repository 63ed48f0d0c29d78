// Loops over many values, compiled twice: for processors with 256-bit vectors and for all others.
// Which one runs is settled once. Vectors are those of GCC and clang, so that no processor is named
// in the loops.
//
//   HAYBALE_INLINE int sumBody(...) { ... }             the loop
//   int sumPlain(...) { return sumBody(...); }          compiled for any processor
//   HAYBALE_WIDE int sumWide(...) { return sumBody(...); }
//   int sum(...) { return hasWideVectors() ? sumWide(...) : sumPlain(...); }
#pragma once

#if defined(__x86_64__) && defined(__GNUC__)
#define HAYBALE_WIDE __attribute__((target("avx2,fma")))
#else
#define HAYBALE_WIDE
#endif
#define HAYBALE_INLINE inline __attribute__((always_inline))

namespace haybale {

/// Whether functions marked HAYBALE_WIDE may be called here.
[[nodiscard]] inline bool hasWideVectors() {
#if defined(__x86_64__) && defined(__GNUC__)
  static const bool has = __builtin_cpu_supports("avx2") && __builtin_cpu_supports("fma");
  return has;
#else
  return false;
#endif
}

}  // namespace haybale
