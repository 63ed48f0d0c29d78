#include "core/capture/line_count.h"

#include <cstdint>
#include <cstring>

#include "core/base/wide.h"

namespace haybale::capture {

namespace {

using Bytes = std::uint8_t __attribute__((vector_size(32)));
constexpr std::size_t kBytesWide = 32;
constexpr std::size_t kMostSums = 255;  // that a byte holds

bool isBlank(char c) {
  return static_cast<unsigned char>(c) <= ' ';
}

// `last` is the last byte that has one behind it.
HAYBALE_INLINE LineCount countBody(const char* at, const char* last, char lineEnd) {
  const Bytes ends = Bytes{} + static_cast<std::uint8_t>(lineEnd);
  const Bytes space = Bytes{} + static_cast<std::uint8_t>(' ');
  Bytes odd{};
  LineCount out;
  while (static_cast<std::size_t>(last - at) >= kBytesWide) {
    Bytes sum{};
    for (std::size_t k = 0; k < kMostSums && static_cast<std::size_t>(last - at) >= kBytesWide;
         ++k) {
      Bytes here, next;
      std::memcpy(&here, at, sizeof here);
      std::memcpy(&next, at + 1, sizeof next);
      const auto is = reinterpret_cast<Bytes>(here == ends);  // 255 where a line ends
      sum -= is;
      odd |= is & reinterpret_cast<Bytes>(next <= space);
      at += kBytesWide;
    }
    for (std::size_t k = 0; k < kBytesWide; ++k) {
      out.lines += sum[k];
    }
  }
  for (std::size_t k = 0; k < kBytesWide; ++k) {
    out.anyBlank = out.anyBlank || odd[k] != 0;
  }
  for (; at < last; ++at) {
    out.lines += *at == lineEnd ? 1 : 0;
    out.anyBlank = out.anyBlank || (*at == lineEnd && isBlank(at[1]));
  }
  return out;
}

LineCount countPlain(const char* at, const char* last, char lineEnd) {
  return countBody(at, last, lineEnd);
}
HAYBALE_WIDE LineCount countWide(const char* at, const char* last, char lineEnd) {
  return countBody(at, last, lineEnd);
}

}  // namespace

LineCount countLines(std::string_view text, char lineEnd) {
  if (text.empty()) {
    return {};
  }
  const char* const last = text.data() + text.size() - 1;
  auto out = hasWideVectors() ? countWide(text.data(), last, lineEnd)
                              : countPlain(text.data(), last, lineEnd);
  out.lines += 1;  // the last one, ended or not
  out.anyBlank = out.anyBlank || isBlank(text.front());
  return out;
}

}  // namespace haybale::capture
