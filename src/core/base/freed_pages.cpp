#include "core/base/freed_pages.h"

#include <cstdlib>

#ifdef __GLIBC__
#include <malloc.h>
#endif

namespace haybale {

void keepFreedPages() {
#ifdef __GLIBC__
  constexpr int kMega = 1 << 20;
  mallopt(M_TRIM_THRESHOLD, 128 * kMega);
  mallopt(M_MMAP_THRESHOLD, 32 * kMega);
#endif
}

}  // namespace haybale
