#include "core/capture/excerpt.h"

#include <limits>

namespace haybale::capture {

Record excerpt(std::span<const ExcerptSource> sources, double fromS, double toS) {
  Record out;
  const Record* finest = nullptr;
  for (const auto& source : sources) {
    if (!finest || source.record->time.stepS < finest->time.stepS) {
      finest = source.record;
    }
  }
  if (!finest || finest->size() == 0) {
    return out;
  }
  std::size_t first = finest->time.indexAt(fromS);
  first += first < finest->size() && finest->time.at(first) < fromS ? 1 : 0;
  const std::size_t last = std::min(finest->size(), finest->time.indexAt(toS) + 1);
  if (first >= last) {
    return out;
  }
  out.file = finest->file;
  out.time.startS = finest->time.at(first);
  out.time.stepS = finest->time.stepS;
  if (!finest->time.uniform()) {
    out.time.timesS.assign(finest->time.timesS.begin() + static_cast<std::ptrdiff_t>(first),
                           finest->time.timesS.begin() + static_cast<std::ptrdiff_t>(last));
  }
  for (const auto& source : sources) {
    const Channel& from = source.record->channels[source.channel];
    const TimeBase& time = source.record->time;
    Channel channel{source.name, from.unit, {}};
    channel.samples.reserve(last - first);
    for (std::size_t i = first; i < last; ++i) {
      const double s = finest->time.at(i);
      const std::size_t k = time.indexAt(s);
      const bool has = k < from.samples.size() && s >= time.at(0) - 1e-9;
      channel.samples.push_back(has ? from.samples[k] : std::numeric_limits<float>::quiet_NaN());
    }
    out.channels.push_back(std::move(channel));
  }
  return out;
}

}  // namespace haybale::capture
