#include "core/job/personal.h"

#include <algorithm>
#include <array>
#include <cctype>
#include <string_view>

#include "core/base/json.h"

namespace haybale::job {

namespace {

constexpr std::size_t kShortestPart = 4;
constexpr std::string_view kErased = "...";

// What ties a case together or is one of a fixed list of words: never a person's.
constexpr std::array<std::string_view, 17> kStructure{
    "id",   "format",  "circuit", "suspect", "element", "kind", "place", "wire",       "file",
    "name", "channel", "fault",   "zone",    "time",    "date", "asked", "attachments"};

bool isWordByte(char c) {
  const auto byte = static_cast<unsigned char>(c);
  return std::isalnum(byte) != 0 || byte >= 0x80;  // a part of a letter beyond ASCII
}

bool isBetween(char c) {
  return c == ' ' || c == '-' || c == '.' || c == '_' || c == '/';
}

char folded(char c) {
  return static_cast<char>(std::tolower(static_cast<unsigned char>(c)));
}

// Where a word that begins at `at` ends in the text; npos when it is another one.
std::size_t endOf(std::string_view text, std::size_t at, std::string_view word) {
  std::size_t w = 0;
  while (w < word.size()) {
    if (isBetween(word[w])) {
      ++w;
    } else if (at < text.size() && folded(text[at]) == folded(word[w])) {
      ++w;
      ++at;
    } else if (at < text.size() && w > 0 && isBetween(text[at])) {
      ++at;
    } else {
      return std::string_view::npos;
    }
  }
  return at < text.size() && isWordByte(text[at]) ? std::string_view::npos : at;
}

std::string without(std::string_view text, std::string_view word) {
  std::string out;
  std::size_t at = 0;
  while (at < text.size()) {
    const bool begins = at == 0 || !isWordByte(text[at - 1]);
    const std::size_t end = begins ? endOf(text, at, word) : std::string_view::npos;
    if (end != std::string_view::npos && end > at) {
      out += kErased;
      at = end;
    } else {
      out += text[at++];
    }
  }
  return out;
}

std::string withoutPart(std::string text, std::string_view part) {
  std::size_t at = 0;
  while ((at = text.find(part, at)) != std::string::npos) {
    const std::size_t end = at + part.size();
    if ((at > 0 && isWordByte(text[at - 1])) || (end < text.size() && isWordByte(text[end]))) {
      at = end;
      continue;
    }
    text.replace(at, part.size(), kErased);
    at += kErased.size();
  }
  return text;
}

// "Anna-Lena Bergmann" -> Anna, Lena, Bergmann.
std::vector<std::string> partsOf(std::string_view name) {
  std::vector<std::string> out;
  std::string part;
  const auto take = [&] {
    if (part.size() >= kShortestPart && std::isupper(static_cast<unsigned char>(part[0])) != 0) {
      out.push_back(part);
    }
    part.clear();
  };
  for (const char c : name) {
    if (isWordByte(c)) {
      part += c;
    } else {
      take();
    }
  }
  take();
  return out;
}

void scrub(Json& json, const std::vector<std::string>& words) {
  if (json.is_string()) {
    json = withoutWords(json.get<std::string>(), words);
  } else if (json.is_array()) {
    for (auto& item : json) {
      scrub(item, words);
    }
  } else if (json.is_object()) {
    for (auto& [key, value] : json.items()) {
      if (std::find(kStructure.begin(), kStructure.end(), key) == kStructure.end() ||
          value.is_object()) {
        scrub(value, words);
      }
    }
  }
}

bool holdsText(const Json& object, const char* key) {
  return object.is_object() && object.contains(key) && object[key].is_string();
}

}  // namespace

std::vector<std::string> personalWords(const Json& written) {
  std::vector<std::string> out;
  if (written.is_object() && written.contains("job")) {
    for (const char* key : {"owner", "plate"}) {
      if (holdsText(written["job"], key) && !written["job"][key].get<std::string>().empty()) {
        out.push_back(written["job"][key].get<std::string>());
      }
    }
  }
  return out;
}

std::string withoutWords(const std::string& text, const std::vector<std::string>& words) {
  std::string out = text;
  for (const auto& word : words) {
    if (std::any_of(word.begin(), word.end(), isWordByte)) {
      out = without(out, word);
      for (const auto& part : partsOf(word)) {
        out = withoutPart(std::move(out), part);
      }
    }
  }
  return out;
}

Json withoutPersonal(Json written, const std::vector<std::string>& words) {
  if (!written.is_object()) {
    return written;
  }
  if (written.contains("job") && written["job"].is_object()) {
    written["job"].erase("owner");
    written["job"].erase("plate");
  }
  if (written.contains("repair") && holdsText(written["repair"], "decision")) {
    written["repair"].erase("decision");
  }
  scrub(written, words);
  return written;
}

}  // namespace haybale::job
