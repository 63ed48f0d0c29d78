// Memory that is touched as a whole, and for the first time, costs a fault a page.
#pragma once

#include <cstddef>

namespace haybale {

/// Asks the system for large pages under [at, at + bytes), where it has them and the stretch holds
/// some. Changes nothing that is stored there; what it is called for works without, only slower.
void preferLargePages(void* at, std::size_t bytes);

}  // namespace haybale
