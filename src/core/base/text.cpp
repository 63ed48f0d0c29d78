#include "core/base/text.h"

namespace haybale::text {

namespace {

bool isBlank(char c) {
  return c == ' ' || c == '\t' || c == '\r' || c == '\n' || c == '\v' || c == '\f';
}

// Bytes of the well-formed character at the front of `text`, 0 when malformed (RFC 3629).
std::size_t characterLength(std::string_view text) {
  const auto byte = [&](std::size_t i) { return static_cast<unsigned char>(text[i]); };
  const unsigned char first = byte(0);
  if (first < 0x80) {
    return 1;
  }
  const std::size_t length = first >= 0xF0 && first <= 0xF4  ? 4
                             : first >= 0xE0 && first < 0xF0 ? 3
                             : first >= 0xC2 && first < 0xE0 ? 2
                                                             : 0;
  if (length == 0 || text.size() < length) {
    return 0;
  }
  for (std::size_t i = 1; i < length; ++i) {
    if ((byte(i) & 0xC0) != 0x80) {
      return 0;
    }
  }
  const bool overlong = (first == 0xE0 && byte(1) < 0xA0) || (first == 0xF0 && byte(1) < 0x90);
  const bool surrogate = first == 0xED && byte(1) >= 0xA0;
  const bool tooHigh = first == 0xF4 && byte(1) >= 0x90;
  return overlong || surrogate || tooHigh ? 0 : length;
}

}  // namespace

std::string_view trimmed(std::string_view text) {
  constexpr std::string_view kNoBreakSpace = "\xC2\xA0";
  bool changed = true;
  while (changed) {
    changed = false;
    while (!text.empty() && isBlank(text.front())) {
      text.remove_prefix(1);
      changed = true;
    }
    while (!text.empty() && isBlank(text.back())) {
      text.remove_suffix(1);
      changed = true;
    }
    if (text.starts_with(kNoBreakSpace)) {
      text.remove_prefix(2);
      changed = true;
    }
    if (text.ends_with(kNoBreakSpace)) {
      text.remove_suffix(2);
      changed = true;
    }
  }
  return text;
}

std::string lower(std::string_view text) {
  std::string out(text);
  for (char& c : out) {
    if (c >= 'A' && c <= 'Z') {
      c = static_cast<char>(c - 'A' + 'a');
    }
  }
  return out;
}

std::vector<std::string> words(std::string_view text) {
  std::vector<std::string> out;
  std::size_t at = 0;
  while (at < text.size()) {
    while (at < text.size() && isBlank(text[at])) {
      ++at;
    }
    const std::size_t from = at;
    while (at < text.size() && !isBlank(text[at])) {
      ++at;
    }
    if (at > from) {
      out.emplace_back(text.substr(from, at - from));
    }
  }
  return out;
}

bool isUtf8(std::string_view text) {
  while (!text.empty()) {
    const std::size_t length = characterLength(text);
    if (length == 0) {
      return false;
    }
    text.remove_prefix(length);
  }
  return true;
}

std::string toUtf8(std::string_view text) {
  std::string out;
  out.reserve(text.size());
  while (!text.empty()) {
    const std::size_t length = characterLength(text);
    if (length == 0) {
      out += "\xEF\xBF\xBD";
      text.remove_prefix(1);
    } else {
      out += text.substr(0, length);
      text.remove_prefix(length);
    }
  }
  return out;
}

std::string shortened(std::string_view text, std::size_t most) {
  std::string sound = toUtf8(text);
  if (sound.size() <= most) {
    return sound;
  }
  std::size_t cut = most;
  while (cut > 0 && (static_cast<unsigned char>(sound[cut]) & 0xC0) == 0x80) {
    --cut;
  }
  return sound.substr(0, cut) + "...";
}

}  // namespace haybale::text
