// A stretch of one or more records side by side.
#pragma once

#include <span>
#include <string>

#include "core/capture/record.h"

namespace haybale::capture {

struct ExcerptSource {
  const Record* record = nullptr;
  std::size_t channel = 0;
  std::string name;  ///< of the column
};

/// The samples of [fromS, toS] of every source on the time of the one sampled most often; of the
/// others the sample that was on the line at that moment, lost where they have none. Empty (no
/// channel) when no source has a sample there.
[[nodiscard]] Record excerpt(std::span<const ExcerptSource> sources, double fromS, double toS);

}  // namespace haybale::capture
