#include "core/capture/csv_text.h"

#include <fast_float/fast_float.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <limits>

#include "core/base/say.h"
#include "core/base/text.h"

namespace haybale::capture::csv {

namespace {

void appendUtf8(std::string& out, char32_t c) {
  if (c < 0x80) {
    out += static_cast<char>(c);
  } else if (c < 0x800) {
    out += static_cast<char>(0xC0 | (c >> 6));
    out += static_cast<char>(0x80 | (c & 0x3F));
  } else if (c < 0x10000) {
    out += static_cast<char>(0xE0 | (c >> 12));
    out += static_cast<char>(0x80 | ((c >> 6) & 0x3F));
    out += static_cast<char>(0x80 | (c & 0x3F));
  } else {
    out += static_cast<char>(0xF0 | (c >> 18));
    out += static_cast<char>(0x80 | ((c >> 12) & 0x3F));
    out += static_cast<char>(0x80 | ((c >> 6) & 0x3F));
    out += static_cast<char>(0x80 | (c & 0x3F));
  }
}

std::string fromUtf16(std::string_view bytes, bool bigEndian) {
  const auto unit = [&](std::size_t i) {
    const auto first = static_cast<unsigned char>(bytes[i]);
    const auto second = static_cast<unsigned char>(bytes[i + 1]);
    return static_cast<char32_t>(bigEndian ? first << 8 | second : second << 8 | first);
  };
  std::string out;
  out.reserve(bytes.size() / 2);
  for (std::size_t i = 0; i + 1 < bytes.size(); i += 2) {
    char32_t c = unit(i);
    if (c >= 0xD800 && c < 0xDC00 && i + 3 < bytes.size()) {
      const char32_t low = unit(i + 2);
      if (low >= 0xDC00 && low < 0xE000) {
        c = 0x10000 + ((c - 0xD800) << 10) + (low - 0xDC00);
        i += 2;
      }
    }
    appendUtf8(out, c >= 0xD800 && c < 0xE000 ? 0xFFFD : c);
  }
  return out;
}

}  // namespace

Result<std::string_view> decode(std::string_view bytes, const std::string& name,
                                std::string& storage) {
  if (bytes.starts_with("\xFF\xFE") || bytes.starts_with("\xFE\xFF")) {
    storage = fromUtf16(bytes.substr(2), bytes.front() == '\xFE');
    return std::string_view(storage);
  }
  if (bytes.starts_with("\xEF\xBB\xBF")) {
    bytes.remove_prefix(3);
  }
  const std::string_view head = bytes.substr(0, 4096);
  if (head.find('\0') != std::string_view::npos) {
    return Error{name, std::nullopt, say("is not a text file"),
                 say("a capture as CSV in UTF-8, or in UTF-16 with its byte order mark")};
  }
  return bytes;
}

Line takeLine(std::string_view text) {
  const std::size_t end = text.find_first_of("\r\n");
  if (end == std::string_view::npos) {
    return {text, {}};
  }
  const bool crlf = text[end] == '\r' && end + 1 < text.size() && text[end + 1] == '\n';
  return {text.substr(0, end), text.substr(end + (crlf ? 2 : 1))};
}

std::vector<std::string> split(std::string_view line, char separator) {
  std::vector<std::string> fields;
  std::string field;
  bool quoted = false;
  for (std::size_t i = 0; i < line.size(); ++i) {
    const char c = line[i];
    if (quoted) {
      if (c != '"') {
        field += c;
      } else if (i + 1 < line.size() && line[i + 1] == '"') {
        field += '"';
        ++i;
      } else {
        quoted = false;
      }
    } else if (c == '"') {
      quoted = true;
    } else if (c == separator) {
      fields.emplace_back(text::trimmed(field));
      field.clear();
    } else {
      field += c;
    }
  }
  fields.emplace_back(text::trimmed(field));
  return fields;
}

std::optional<double> cellNumber(std::string_view cell, bool decimalComma) {
  constexpr double kNoNumber = std::numeric_limits<double>::quiet_NaN();
  cell = text::trimmed(cell);
  if (cell.empty()) {
    return kNoNumber;
  }
  std::array<char, 64> buffer;
  std::string_view number = cell;
  if (decimalComma && cell.size() <= buffer.size() && cell.find(',') != std::string_view::npos) {
    std::replace_copy(cell.begin(), cell.end(), buffer.begin(), ',', '.');
    number = {buffer.data(), cell.size()};
  }
  if (number.front() == '+') {
    number.remove_prefix(1);
  }
  double value = 0;
  const auto [end, status] =
      fast_float::from_chars(number.data(), number.data() + number.size(), value);
  if (status == std::errc() && end == number.data() + number.size()) {
    return std::isfinite(value) ? value : kNoNumber;
  }
  std::string word = text::lower(cell);
  if (!word.empty() && (word[0] == '-' || word[0] == '+') && word != "---" && word != "--" &&
      word != "-") {
    word.erase(0, 1);
  }
  for (const std::string_view marker :
       {"inf", "infinity", "ol", "0l", "o.l", "overload", "overrange", "over", "over-range", "---",
        "--", "-", "nan", "n/a", "#n/a", "*", "***", "\xE2\x88\x9E", "\xE2\x88\x92\xE2\x88\x9E"}) {
    if (word == marker) {
      return kNoNumber;
    }
  }
  return std::nullopt;
}

}  // namespace haybale::capture::csv
