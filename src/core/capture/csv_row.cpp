#include "core/capture/csv_row.h"

#include <fast_float/fast_float.h>

#include <algorithm>
#include <array>
#include <bit>
#include <cmath>
#include <cstdint>
#include <cstring>
#include <limits>

#if defined(__x86_64__)
#include <immintrin.h>
#endif

#include "core/base/text.h"

namespace haybale::capture::csv {

RowReader::RowReader(const Dialect& dialect)
    : dialect_(dialect),
      values_(dialect.columns.size() * kMostAlike),
      layouts_(dialect.columns.size()),
      sound_(dialect.columns.size()) {
#if defined(__x86_64__)
  shuffles_ = __builtin_cpu_supports("ssse3");
#endif
}

namespace {

constexpr std::array<double, 9> kTenths{1e0, 1e-1, 1e-2, 1e-3, 1e-4, 1e-5, 1e-6, 1e-7, 1e-8};

constexpr std::array<std::uint64_t, 9> kPower{1,      10,      100,      1000,     10000,
                                              100000, 1000000, 10000000, 100000000};

// Value of the digits that 8 bytes begin with, and how many there are: all at once, for loops over
// single digits are mostly mispredicted ends. Little-endian: the first byte is the lowest.
struct Digits {
  std::uint64_t value;
  unsigned count;
};
inline Digits digitsOf8(const char* at) {
  std::uint64_t x = 0;
  std::memcpy(&x, at, 8);
  x ^= 0x3030303030303030U;  // digits become 0 to 9, all other bytes more
  const std::uint64_t others = ((x + 0x7676767676767676U) | x) & 0x8080808080808080U;
  const auto bits = static_cast<unsigned>(std::countr_zero(others)) & ~7U;  // 64 when all are
  x = bits == 0 ? 0 : x << (64 - bits);                                     // leading zeros
  x = (x * 10 + (x >> 8)) & 0x00FF00FF00FF00FFU;                            // pairs
  x = (x * 100 + (x >> 16)) & 0x0000FFFF0000FFFFU;
  x = (x * 10000 + (x >> 32)) & 0x00000000FFFFFFFFU;
  return {x, bits >> 3};
}

constexpr std::ptrdiff_t kRoom = 40;  // bytes that may be looked at from a number's first on

// Digits that stand before and `behind` the point as a double. The digits, at most 14, are exact;
// the product is within one unit in the last place, far below what a sample's float keeps.
inline double scaled(std::uint64_t digits, unsigned behind, bool minus) {
  const double size = static_cast<double>(static_cast<std::int64_t>(digits)) * kTenths[behind];
  return minus ? -size : size;
}

}  // namespace

#if defined(__x86_64__)

// A shuffle sets the digits of a cell in order and three multiplications make two numbers of eight
// digits of them; where the next cell begins is known, but for a sign, before this one is read.
__attribute__((target("ssse3"))) std::size_t RowReader::alike(const char*& at, const char* end,
                                                              std::size_t most) {
  if (!shuffles_ || std::any_of(layouts_.begin(), layouts_.end(),
                                [](const Layout& above) { return above.behind == 0; })) {
    return 0;
  }
  const char point = dialect_.decimalComma ? ',' : '.';
  const std::size_t columns = layouts_.size();
  const __m128i zero = _mm_set1_epi8('0');
  const __m128i nine = _mm_set1_epi8(9);
  const __m128i tens = _mm_set1_epi16(0x010A);          // 10, 1
  const __m128i hundreds = _mm_set1_epi32(0x00010064);  // 100, 1
  const __m128i myriads = _mm_set1_epi32(0x00012710);   // 10000, 1
  most = std::min(most, kMostAlike);
  std::size_t row = 0;
  for (const char* next = at; row < most; ++row, at = next) {
    for (std::size_t c = 0; c < columns; ++c) {
      const Layout& above = layouts_[c];
      if (end - next <= kRoom) {
        return row;
      }
      const bool minus = *next == '-';
      const char* const start = next + static_cast<int>(minus);
      const char* const stop = start + above.size;
      const __m128i raw =
          _mm_sub_epi8(_mm_loadu_si128(reinterpret_cast<const __m128i*>(start)), zero);
      const __m128i digits =
          _mm_shuffle_epi8(raw, _mm_load_si128(reinterpret_cast<const __m128i*>(above.order)));
      const __m128i sound = _mm_cmpeq_epi8(_mm_max_epu8(digits, nine), nine);
      const bool asAbove = _mm_movemask_epi8(sound) == 0xFFFF && start[above.whole] == point &&
                           (c + 1 < columns ? *stop == dialect_.separator
                                            : *stop == dialect_.lineEnd || *stop == '\r');
      if (!asAbove) {
        return row;
      }
      const __m128i pairs = _mm_maddubs_epi16(digits, tens);
      const __m128i fours = _mm_madd_epi16(pairs, hundreds);
      const __m128i eights = _mm_madd_epi16(_mm_packs_epi32(fours, fours), myriads);
      const __m128d both =
          _mm_mul_pd(_mm_cvtepi32_pd(eights), _mm_load_pd(above.unit[static_cast<int>(minus)]));
      _mm_store_sd(&values_[c * kMostAlike + row], _mm_add_sd(both, _mm_unpackhi_pd(both, both)));
      next = stop + 1;
    }
    // A carriage return stands before the line's end, or is it.
    if (next[-1] == '\r' && dialect_.lineEnd == '\n' && *next++ != '\n') {
      return row;
    }
  }
  return row;
}

#else

std::size_t RowReader::alike(const char*&, const char*, std::size_t) {
  return 0;
}

#endif

RowReader::Layout RowReader::layoutOf(unsigned whole, unsigned behind) {
  const double last = kTenths[behind];
  const auto upper = static_cast<double>(kPower[8 - behind]);
  Layout layout{whole, behind, whole + 1 + behind, {}, {{upper, last}, {-upper, -last}}};
  // Byte i of the number that the lane holds; 0x80 makes a zero.
  for (unsigned lane = 0; lane < 16; ++lane) {
    const unsigned fromEnd = 15 - lane;
    const unsigned byte = fromEnd < behind           ? whole + behind - fromEnd
                          : fromEnd < whole + behind ? whole + behind - 1 - fromEnd
                                                     : 0x80;
    layout.order[lane] = static_cast<unsigned char>(byte);
  }
  return layout;
}

// A plain decimal number of at most 7 digits before the point and 7 behind it; null for anything
// else, which goes to the library.
inline const char* RowReader::plain(const char* at, Layout& layout, char point, double& value) {
  const bool minus = *at == '-';
  const char* const start = at + (minus ? 1 : 0);
  const Digits whole = digitsOf8(start);
  at = start + whole.count;
  Digits behind{0, 0};
  layout = {};
  if (*at == point) {
    ++at;
    behind = digitsOf8(at);
    at += behind.count;
  }
  if (whole.count > 7 || behind.count > 7 || whole.count + behind.count == 0 ||
      (*at | 0x20) == 'e') {
    return nullptr;
  }
  if (behind.count > 0) {
    layout = layoutOf(whole.count, behind.count);
  }
  value = scaled(whole.value * kPower[behind.count] + behind.value, behind.count, minus);
  return at;
}

const char* RowReader::anyNumber(const char* at, const char* end, std::size_t column) {
  const char point = dialect_.decimalComma ? ',' : '.';
  while (at != end && *at == ' ') {
    ++at;
  }
  double& value = values_[column * kMostAlike];
  const char* after = end - at > kRoom ? plain(at, layouts_[column], point, value) : nullptr;
  if (after == nullptr) {
    const auto [stop, status] = fast_float::from_chars_advanced(
        at, end, value, fast_float::parse_options(fast_float::chars_format::general, point));
    if (status != std::errc() || !std::isfinite(value)) {
      return nullptr;
    }
    after = stop;
  }
  while (after != end && *after == ' ') {
    ++after;
  }
  return after;
}

const char* RowReader::quick(const char* at, const char* end) {
  const std::size_t last = layouts_.size() - 1;
  for (std::size_t c = 0; c <= last; ++c) {
    at = anyNumber(at, end, c);
    if (at == nullptr) {
      return nullptr;
    }
    if (c < last) {
      if (at == end || *at != dialect_.separator) {
        return nullptr;
      }
      ++at;
    }
  }
  if (at != end && *at == '\r' && dialect_.lineEnd == '\n') {
    ++at;
  }
  if (at == end) {
    return at;
  }
  return *at == dialect_.lineEnd ? at + 1 : nullptr;
}

void RowReader::take(std::size_t column, std::string_view cell) {
  if (column >= layouts_.size()) {
    surplus_ = surplus_ || !text::trimmed(cell).empty();
  } else if (const auto number = cellNumber(cell, dialect_.decimalComma)) {
    values_[column * kMostAlike] = *number;
    sound_[column] = true;
    good_ += std::isfinite(*number) ? 1 : 0;
  }
}

std::size_t RowReader::careful(std::string_view line) {
  for (std::size_t c = 0; c < layouts_.size(); ++c) {
    values_[c * kMostAlike] = std::numeric_limits<double>::quiet_NaN();
  }
  std::fill(sound_.begin(), sound_.end(), false);
  surplus_ = false;
  good_ = 0;
  std::size_t column = 0;
  if (line.find('"') != std::string_view::npos) {
    for (const auto& field : split(line, dialect_.separator)) {
      take(column++, field);
    }
    return good_;
  }
  std::size_t from = 0;
  for (std::size_t end = line.find(dialect_.separator); end != std::string_view::npos;
       end = line.find(dialect_.separator, from)) {
    take(column++, line.substr(from, end - from));
    from = end + 1;
  }
  take(column, line.substr(from));
  return good_;
}

bool RowReader::allSound() const {
  return !surplus_ && std::all_of(sound_.begin(), sound_.end(), [](bool s) { return s; });
}

}  // namespace haybale::capture::csv
