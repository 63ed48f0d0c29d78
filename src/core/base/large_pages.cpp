#include "core/base/large_pages.h"

#include <sys/mman.h>

#include <cstdint>

namespace haybale {

void preferLargePages(void* at, std::size_t bytes) {
  constexpr std::uintptr_t kLarge = 2U << 20;
  const auto start = reinterpret_cast<std::uintptr_t>(at);
  const std::uintptr_t from = (start + kLarge - 1) / kLarge * kLarge;
  const std::uintptr_t to = (start + bytes) / kLarge * kLarge;
  if (to > from) {
    madvise(reinterpret_cast<void*>(from), to - from, MADV_HUGEPAGE);
  }
}

}  // namespace haybale
