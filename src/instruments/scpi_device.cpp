#include "instruments/scpi_device.h"

#include <fmt/format.h>

#include <cmath>

#include "core/base/text.h"

namespace haybale::instruments {

namespace {

constexpr std::size_t kQueue = 20;

// Parts between `separator`, those within quotes left whole.
std::vector<std::string> parts(std::string_view text, char separator) {
  std::vector<std::string> out{""};
  char quote = 0;
  for (const char c : text) {
    if (quote == 0 && c == separator) {
      out.emplace_back();
      continue;
    }
    if (quote != 0) {
      quote = c == quote ? '\0' : quote;
    } else if (c == '"' || c == '\'') {
      quote = c;
    }
    out.back() += c;
  }
  for (auto& part : out) {
    part = std::string(text::trimmed(part));
  }
  return out;
}

// The event register's bit of an error, by its hundreds.
int eventBit(int number) {
  return number <= -400 ? 4 : number <= -300 ? 8 : number <= -200 ? 16 : 32;
}

}  // namespace

ScpiDevice::ScpiDevice(Identity identity) : identity_(std::move(identity)) {
  on("SYSTem:ERRor[:NEXT]?", [this](auto&) -> std::string {
    if (errors_.empty()) {
      return "0,\"No error\"";
    }
    const ScpiError e = errors_.front();
    errors_.pop_front();
    return fmt::format("{},\"{}\"", e.number, e.text);
  });
  on("SYSTem:VERSion?", [](auto&) { return std::string("1999.0"); });
}

void ScpiDevice::on(std::string pattern, Handler handler) {
  table_.push_back({std::move(pattern), std::move(handler)});
}

void ScpiDevice::refuse(int number, const std::string& text) {
  events_ |= eventBit(number);
  if (errors_.size() + 1 >= kQueue) {
    errors_.back() = {-350, "Queue overflow"};
    return;
  }
  errors_.push_back({number, text});
}

std::optional<double> ScpiDevice::numberIn(const std::vector<std::string>& arguments, double low,
                                           double high) {
  if (arguments.empty()) {
    refuse(-109, "Missing parameter");
    return std::nullopt;
  }
  const auto number = parseNumber(arguments.front());
  if (!number) {
    refuse(-104, "Data type error");
    return std::nullopt;
  }
  if (!(*number >= low && *number <= high)) {
    refuse(-222, "Data out of range");
    return std::nullopt;
  }
  return *number;
}

std::string ScpiDevice::common(std::string_view header, const std::vector<std::string>& arguments,
                               bool& known) {
  const std::string h = text::lower(header);
  known = true;
  if (h == "*idn?") {
    return fmt::format("{},{},{},{}", identity_.maker, identity_.model, identity_.serial,
                       identity_.firmware);
  }
  if (h == "*rst") {
    reset();
    return "";
  }
  if (h == "*cls") {
    errors_.clear();
    events_ = 0;
    return "";
  }
  if (h == "*esr?") {
    return std::to_string(std::exchange(events_, 0));
  }
  if (h == "*ese" || h == "*sre") {
    if (const auto mask = numberIn(arguments, 0, 255)) {
      (h == "*ese" ? eventMask_ : serviceMask_) = static_cast<int>(std::lround(*mask));
    }
    return "";
  }
  if (h == "*ese?" || h == "*sre?") {
    return std::to_string(h == "*ese?" ? eventMask_ : serviceMask_);
  }
  if (h == "*stb?") {
    return std::to_string((errors_.empty() ? 0 : 4) | ((events_ & eventMask_) != 0 ? 32 : 0));
  }
  if (h == "*opc?") {
    return "1";
  }
  if (h == "*opc") {
    events_ |= 1;
    return "";
  }
  if (h == "*tst?") {
    return "0";
  }
  if (h == "*wai") {
    return "";
  }
  known = false;
  return "";
}

std::string ScpiDevice::run(const std::string& header, const std::vector<std::string>& arguments) {
  if (header.front() == '*') {
    bool known = false;
    auto answer = common(header, arguments, known);
    if (!known) {
      refuse(-113, "Undefined header");
    }
    return answer;
  }
  for (const auto& row : table_) {
    if (isCommand(header, row.pattern)) {
      return row.handler(arguments);
    }
  }
  refuse(-113, "Undefined header");
  return "";
}

std::string ScpiDevice::execute(std::string_view message) {
  std::string out;
  std::string path;
  for (const auto& unit : parts(message, ';')) {
    if (unit.empty()) {
      continue;
    }
    const auto blank = unit.find_first_of(" \t");
    std::string header = unit.substr(0, blank);
    const auto arguments = blank == std::string::npos ? std::vector<std::string>{}
                                                      : parts(unit.substr(blank + 1), ',');
    if (header.front() != '*') {
      header = header.front() == ':' ? header.substr(1) : path + header;
      const auto colon = header.rfind(':');
      path = colon == std::string::npos ? "" : header.substr(0, colon + 1);
    }
    if (header.empty()) {
      refuse(-102, "Syntax error");
      continue;
    }
    const std::string answer = run(header, arguments);
    if (!answer.empty()) {
      out += (out.empty() ? "" : ";") + answer;
    }
  }
  return out;
}

}  // namespace haybale::instruments
