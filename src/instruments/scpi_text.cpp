#include "instruments/scpi_text.h"

#include <fast_float/fast_float.h>
#include <fmt/format.h>

#include <array>
#include <cctype>
#include <charconv>
#include <cmath>
#include <limits>

#include "core/base/say.h"
#include "core/base/text.h"

namespace haybale::instruments {

namespace {

constexpr double kInfinity = 9.9e37;
constexpr double kNotANumber = 9.91e37;

std::string upper(std::string_view text) {
  std::string out(text);
  for (char& c : out) {
    c = static_cast<char>(std::toupper(static_cast<unsigned char>(c)));
  }
  return out;
}

std::optional<double> inBase(std::string_view digits, int base) {
  unsigned long long value = 0;
  const char* end = digits.data() + digits.size();
  const auto [stop, bad] = std::from_chars(digits.data(), end, value, base);
  return bad == std::errc{} && stop == end && !digits.empty()
             ? std::optional(static_cast<double>(value))
             : std::nullopt;
}

std::optional<double> decimal(std::string_view t) {
  if (!t.empty() && t.front() == '+') {
    t.remove_prefix(1);
  }
  double value = 0;
  const auto [stop, bad] = fast_float::from_chars(t.data(), t.data() + t.size(), value);
  if (bad != std::errc{} || stop != t.data() + t.size() || std::isnan(value) || std::isinf(value)) {
    return std::nullopt;
  }
  return value;
}

}  // namespace

Result<double> parseNumber(std::string_view text) {
  const std::string t = upper(text::trimmed(text));
  std::optional<double> value;
  if (t == "INF" || t == "+INF" || t == "INFINITY") {
    value = std::numeric_limits<double>::infinity();
  } else if (t == "NINF" || t == "-INF") {
    value = -std::numeric_limits<double>::infinity();
  } else if (t == "NAN") {
    value = std::numeric_limits<double>::quiet_NaN();
  } else if (t.size() > 2 && t[0] == '#') {
    const int base = t[1] == 'H' ? 16 : t[1] == 'Q' ? 8 : t[1] == 'B' ? 2 : 0;
    value = base > 0 ? inBase(std::string_view(t).substr(2), base) : std::nullopt;
  } else {
    value = decimal(t);
    if (value && std::abs(*value - kNotANumber) < 1e33) {
      value = std::numeric_limits<double>::quiet_NaN();
    } else if (value && std::abs(*value) >= kInfinity * 0.9999) {
      value = std::copysign(std::numeric_limits<double>::infinity(), *value);
    }
  }
  if (!value) {
    return Error{"answer", std::nullopt,
                 "\"" + text::shortened(text::toUtf8(text), 40) + say("\" is no number"),
                 say("a number such as 1.25E+01")};
  }
  return *value;
}

Result<std::vector<double>> parseNumbers(std::string_view text) {
  std::vector<double> out;
  while (true) {
    const auto comma = text.find(',');
    const auto number = parseNumber(text.substr(0, comma));
    if (!number) {
      return number.error();
    }
    out.push_back(*number);
    if (comma == std::string_view::npos) {
      return out;
    }
    text.remove_prefix(comma + 1);
  }
}

namespace {

// One keyword of a pattern, "VOLTage" or "TRACe#", against what was given.
bool isKeyword(std::string_view given, std::string_view pattern) {
  bool numbered = false;
  if (!pattern.empty() && pattern.back() == '#') {
    numbered = true;
    pattern.remove_suffix(1);
  }
  if (numbered) {
    while (!given.empty() && std::isdigit(static_cast<unsigned char>(given.back())) != 0) {
      given.remove_suffix(1);
    }
  }
  std::string brief;
  for (const char c : pattern) {
    if (std::islower(static_cast<unsigned char>(c)) == 0) {
      brief += c;
    }
  }
  const std::string g = upper(given);
  return g == brief || g == upper(pattern);
}

std::string_view nextWord(std::string_view& rest) {
  const auto colon = rest.find(':');
  const auto word = rest.substr(0, colon);
  rest = colon == std::string_view::npos ? std::string_view() : rest.substr(colon + 1);
  return word;
}

bool matches(std::string_view given, std::string_view pattern) {
  if (pattern.empty()) {
    return given.empty();
  }
  if (pattern.front() == '[') {
    const auto close = pattern.find(']');
    std::string with(pattern.substr(1, close - 1));
    const auto after = pattern.substr(close + 1);
    const auto without = !after.empty() && after.front() == ':' ? after.substr(1) : after;
    return matches(given, with + std::string(after)) || matches(given, without);
  }
  // An optional part within comes with its own colon: "VOLTage[:DC]".
  const auto open = pattern.find('[');
  const auto colon = pattern.find(':');
  if (open != std::string_view::npos && (colon == std::string_view::npos || open < colon)) {
    const auto close = pattern.find(']');
    const std::string head(pattern.substr(0, open));
    const std::string inside(pattern.substr(open + 1, close - open - 1));
    const std::string tail(pattern.substr(close + 1));
    return matches(given, head + inside + tail) || matches(given, head + tail);
  }
  if (given.empty()) {
    return false;
  }
  const auto word = nextWord(given);
  const auto wanted = nextWord(pattern);
  return isKeyword(word, wanted) && matches(given, pattern);
}

}  // namespace

bool isCommand(std::string_view given, std::string_view pattern) {
  if (!given.empty() && given.front() == ':') {
    given.remove_prefix(1);
  }
  const bool asks = !given.empty() && given.back() == '?';
  if (asks != (!pattern.empty() && pattern.back() == '?')) {
    return false;
  }
  if (asks) {
    given.remove_suffix(1);
    pattern.remove_suffix(1);
  }
  return matches(given, pattern);
}

namespace {

// Size of a definite block's head and content; 0 when it has not come wholly, or its end is the
// line feed (indefinite).
struct Head {
  std::size_t head = 0;
  std::size_t content = 0;
  bool whole = false;
  bool endless = false;
};
Result<Head> headOf(std::string_view bytes) {
  Head out;
  if (bytes.size() < 2) {
    return out;
  }
  if (bytes[1] == '0') {
    return Head{2, 0, true, true};
  }
  const int digits = bytes[1] - '0';
  if (digits < 1 || digits > 9) {
    return Error{"answer", std::nullopt,
                 say("a block of data begins with \"") + text::toUtf8(bytes.substr(0, 2)) + "\"",
                 say("# and the number of digits of its length")};
  }
  out.head = 2 + static_cast<std::size_t>(digits);
  if (bytes.size() < out.head) {
    return out;
  }
  const char* end = bytes.data() + out.head;
  const auto [stop, bad] = std::from_chars(bytes.data() + 2, end, out.content);
  if (bad != std::errc{} || stop != end) {
    return Error{"answer", std::nullopt, say("the length of a block of data is no number"),
                 say("digits only")};
  }
  out.whole = true;
  return out;
}

// '#' begins a block unless it is "#H", "#Q" or "#B".
bool beginsBlock(std::string_view bytes) {
  return bytes.front() == '#' &&
         (bytes.size() < 2 || std::isdigit(static_cast<unsigned char>(bytes[1])) != 0);
}

}  // namespace

Result<std::optional<std::size_t>> answerEnd(std::string_view bytes) {
  using Answer = std::optional<std::size_t>;
  char quote = 0;
  for (std::size_t i = 0; i < bytes.size(); ++i) {
    const char c = bytes[i];
    if (quote != 0) {
      quote = c == quote ? '\0' : quote;
    } else if (c == '"' || c == '\'') {
      quote = c;
    } else if (c == '\n') {
      return Answer(i + 1);
    } else if (beginsBlock(bytes.substr(i))) {
      const auto head = headOf(bytes.substr(i));
      if (!head) {
        return head.error();
      }
      if (!head->whole) {
        return Answer();
      }
      if (head->endless) {
        // Its end is the line feed that came last; binary content may hold others.
        return bytes.back() == '\n' && bytes.size() > i + 2 ? Answer(bytes.size()) : Answer();
      }
      i += head->head + head->content - 1;
    }
  }
  return Answer();
}

Result<std::string_view> blockContent(std::string_view answer) {
  while (!answer.empty() && std::isspace(static_cast<unsigned char>(answer.front())) != 0) {
    answer.remove_prefix(1);
  }
  const Error none{"answer", std::nullopt, "holds no block of data",
                   "#, its length, and the bytes"};
  if (answer.empty() || answer.front() != '#') {
    return none;
  }
  const auto head = headOf(answer);
  if (!head) {
    return head.error();
  }
  if (!head->whole) {
    return none;
  }
  if (head->endless) {
    auto content = answer.substr(2);
    if (!content.empty() && content.back() == '\n') {
      content.remove_suffix(1);
    }
    return content;
  }
  if (answer.size() - head->head < head->content) {
    return Error{
        "answer", std::nullopt,
        sayf("a block of {} bytes ends after {}", head->content, answer.size() - head->head),
        say("all of it")};
  }
  return answer.substr(head->head, head->content);
}

std::string definiteBlock(std::string_view content) {
  const std::string length = std::to_string(content.size());
  return "#" + std::to_string(length.size()) + length + std::string(content);
}

std::string Identity::spoken() const {
  std::string out = model.empty() ? "unnamed instrument" : model;
  out += maker.empty() ? "" : " (" + maker + ")";
  return out + (serial.empty() || serial == "0" ? "" : ", serial " + serial);
}

Identity parseIdentity(std::string_view answer) {
  Identity out;
  for (std::string* field : {&out.maker, &out.model, &out.serial, &out.firmware}) {
    const auto comma = answer.find(',');
    *field = std::string(text::trimmed(answer.substr(0, comma)));
    answer = comma == std::string_view::npos ? std::string_view() : answer.substr(comma + 1);
  }
  return out;
}

}  // namespace haybale::instruments
