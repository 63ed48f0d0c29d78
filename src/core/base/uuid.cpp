#include "core/base/uuid.h"

#include <fmt/format.h>

#include <algorithm>
#include <cstdint>
#include <random>

namespace haybale {

namespace {

std::string inForm(std::uint64_t high, std::uint64_t low, unsigned version) {
  high = (high & ~0xF000ULL) | (static_cast<std::uint64_t>(version) << 12U);
  low = (low & ~(3ULL << 62U)) | (2ULL << 62U);
  return fmt::format("{:08x}-{:04x}-{:04x}-{:04x}-{:012x}", high >> 32U, (high >> 16U) & 0xFFFFU,
                     high & 0xFFFFU, low >> 48U, low & 0xFFFFFFFFFFFFULL);
}

// FNV-1a over 64 bits, then the finaliser of splitmix64 to spread it.
std::uint64_t hashOf(std::string_view text, std::uint64_t start) {
  std::uint64_t h = start;
  for (const char c : text) {
    h = (h ^ static_cast<unsigned char>(c)) * 0x100000001B3ULL;
  }
  h = (h ^ (h >> 30U)) * 0xBF58476D1CE4E5B9ULL;
  h = (h ^ (h >> 27U)) * 0x94D049BB133111EBULL;
  return h ^ (h >> 31U);
}

}  // namespace

std::string newUuid() {
  thread_local std::random_device random;
  const auto word = [&] {
    return (static_cast<std::uint64_t>(random()) << 32U) | static_cast<std::uint64_t>(random());
  };
  const std::uint64_t high = word();
  return inForm(high, word(), 4);
}

std::string uuidOf(std::string_view text) {
  return inForm(hashOf(text, 0xCBF29CE484222325ULL), hashOf(text, 0x9E3779B97F4A7C15ULL), 8);
}

bool isPlainName(std::string_view text) {
  return !text.empty() && text.size() <= 64 && text.front() != '-' &&
         std::all_of(text.begin(), text.end(), [](char c) {
           return (c >= '0' && c <= '9') || (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z') ||
                  c == '-' || c == '_';
         });
}

}  // namespace haybale
