#include "core/capture/vcd.h"

#include <fast_float/fast_float.h>
#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <limits>
#include <map>

#include "core/base/say.h"
#include "core/base/text.h"

namespace haybale::capture {

namespace {

constexpr std::size_t kMostChannels = 64;
constexpr std::size_t kLeftOut = kMostChannels;  // index of a signal that is not kept
constexpr std::size_t kMostSamples = 400'000'000;
constexpr std::size_t kTellEvery = 1U << 18;  // bytes

bool isSpace(char c) {
  return c == ' ' || c == '\t' || c == '\n' || c == '\r' || c == '\f' || c == '\v';
}

// Words of the text with their line.
class Words {
 public:
  explicit Words(std::string_view text) : text_(text) {}
  // Empty at the end.
  std::string_view next() {
    while (at_ < text_.size() && isSpace(text_[at_])) {
      line_ += text_[at_] == '\n' ? 1 : 0;
      ++at_;
    }
    const std::size_t from = at_;
    while (at_ < text_.size() && !isSpace(text_[at_])) {
      ++at_;
    }
    return text_.substr(from, at_ - from);
  }
  [[nodiscard]] std::size_t line() const { return line_; }
  [[nodiscard]] std::size_t at() const { return at_; }

 private:
  std::string_view text_;
  std::size_t at_ = 0;
  std::size_t line_ = 1;
};

class VcdReader {
 public:
  VcdReader(std::string_view bytes, std::string name, Progress* progress)
      : words_(bytes), name_(std::move(name)), progress_(progress) {
    if (progress_) {
      progress_->begin(bytes.size());
    }
  }

  Result<Record> read() {
    for (auto word = words_.next(); !word.empty(); word = words_.next()) {
      if (progress_ && words_.at() > told_ + kTellEvery) {
        progress_->advance(words_.at() - told_);
        told_ = words_.at();
        if (progress_->cancelled()) {
          return cancelledReading(name_);
        }
      }
      if (const auto status = take(word); !status) {
        return status.error();
      }
    }
    flush();
    if (record_.size() < 2) {
      return fail(say("records no change"),
                  say("variables declared by $var and changes behind #times"));
    }
    record_.file = name_;
    if (left_ > 0) {
      record_.remarks.push_back(
          sayf("has {} signals; the first {} are read", kMostChannels + left_, kMostChannels));
    }
    finishTime();
    return std::move(record_);
  }

 private:
  Error fail(std::string what, std::string wanted) const {
    return {name_, words_.line(), std::move(what), std::move(wanted)};
  }

  Status take(std::string_view word) {
    switch (word.front()) {
      case '$':
        return keyword(word);
      case '#':
        return time(word.substr(1));
      case 'b':
      case 'B':
      case 'r':
      case 'R':
        return change(words_.next(), valueOf(word));
      default:
        return change(word.substr(1), valueOf(word.substr(0, 1)));
    }
  }

  Status keyword(std::string_view word) {
    if (word == "$timescale") {
      return timescale();
    }
    if (word == "$var") {
      return defined_ ? Status(fail(say("a variable is declared behind $enddefinitions"),
                                    say("all of $var before it")))
                      : variable();
    }
    if (word == "$enddefinitions") {
      defined_ = true;
      return skip();
    }
    // Value changes stand within these like anywhere else.
    if (word == "$dumpvars" || word == "$dumpall" || word == "$dumpon" || word == "$dumpoff" ||
        word == "$end") {
      return Done{};
    }
    return skip();
  }

  Status skip() {
    for (auto word = words_.next(); word != "$end"; word = words_.next()) {
      if (word.empty()) {
        return fail(say("ends within a declaration"), say("$end behind it"));
      }
    }
    return Done{};
  }

  Status timescale() {
    std::string text;
    for (auto word = words_.next(); word != "$end"; word = words_.next()) {
      if (word.empty() || text.size() > 30) {
        return fail(say("ends within $timescale"), say("as $timescale 1 us $end"));
      }
      text += word;
    }
    double number = 0;
    const auto [end, status] =
        fast_float::from_chars(text.data(), text.data() + text.size(), number);
    const std::string unit = text.substr(static_cast<std::size_t>(end - text.data()));
    static const std::map<std::string, double> kTimeUnits{
        {"s", 1}, {"ms", 1e-3}, {"us", 1e-6}, {"ns", 1e-9}, {"ps", 1e-12}, {"fs", 1e-15}};
    const auto scale = kTimeUnits.find(unit);
    if (status != std::errc() || scale == kTimeUnits.end() ||
        !(number == 1 || number == 10 || number == 100)) {
      return fail("\"" + text::shortened(text, 20) + say("\" is no timescale"),
                  say("1, 10 or 100 and s, ms, us, ns, ps or fs"));
    }
    unitS_ = number * scale->second;
    return Done{};
  }

  Status variable() {
    const auto kind = words_.next();
    words_.next();  // bits
    const std::string code(words_.next());
    const std::string label(words_.next());
    if (label.empty()) {
      return fail(say("ends within $var"), say("as $var wire 1 ! RR $end"));
    }
    const bool counts = kind != "event" && kind != "parameter" && !codes_.contains(code);
    if (counts && record_.channels.size() >= kMostChannels) {
      ++left_;
      codes_.emplace(code, kLeftOut);
    } else if (counts && codes_.emplace(code, record_.channels.size()).second) {
      record_.channels.push_back({text::toUtf8(label), units::Unit::volt, {}});
      now_.push_back(std::numeric_limits<float>::quiet_NaN());
    }
    return skip();
  }

  Status time(std::string_view digits) {
    if (!defined_) {
      return fail(say("has a time before its definitions end"),
                  say("$enddefinitions $end before the first"));
    }
    constexpr std::size_t kMostDigits = 19;  // of a whole number of 64 bits
    if (digits.size() > kMostDigits ||
        !std::all_of(digits.begin(), digits.end(), [](char c) { return c >= '0' && c <= '9'; })) {
      return fail("\"#" + text::shortened(std::string(digits), 24) + say("\" is no time"),
                  say("# and a whole number below 2^63"));
    }
    double ticks = 0;
    const auto [end, status] =
        fast_float::from_chars(digits.data(), digits.data() + digits.size(), ticks);
    if (status != std::errc() || end != digits.data() + digits.size() || !std::isfinite(ticks)) {
      return fail("\"#" + text::shortened(std::string(digits), 20) + say("\" is no time"),
                  say("# and a whole number"));
    }
    if (unitS_ <= 0) {
      return fail(say("has no $timescale before its first time"), say("as $timescale 1 us $end"));
    }
    if (started_ && ticks < ticks_) {
      return fail(say("time runs backwards"), say("times that rise"));
    }
    if (!started_ || ticks > ticks_) {
      flush();
      ticks_ = ticks;
      started_ = true;
    }
    return Done{};
  }

  static float valueOf(std::string_view word) {
    constexpr float kUnknownValue = std::numeric_limits<float>::quiet_NaN();
    const char kind = word.front();
    if (kind == 'r' || kind == 'R') {
      double value = 0;
      const auto [end, status] =
          fast_float::from_chars(word.data() + 1, word.data() + word.size(), value);
      return status == std::errc() ? sampleOf(value) : kUnknownValue;
    }
    const auto bits = kind == 'b' || kind == 'B' ? word.substr(1) : word;
    double value = 0;
    for (const char c : bits) {
      if (c != '0' && c != '1') {
        return kUnknownValue;
      }
      value = 2 * value + (c == '1' ? 1 : 0);
    }
    return bits.empty() ? kUnknownValue : sampleOf(value);
  }

  Status change(std::string_view code, float value) {
    const auto it = codes_.find(std::string(code));
    if (it == codes_.end()) {
      return fail("\"" + text::shortened(std::string(code), 20) + say("\" was not declared"),
                  say("a code named by $var"));
    }
    if (it->second == kLeftOut) {
      return Done{};
    }
    if (record_.size() * record_.channels.size() > kMostSamples) {
      return fail(say("holds more changes than can be kept"), say("a shorter record"));
    }
    now_[it->second] = value;
    changed_ = true;
    return Done{};
  }

  // The changes of one time are over: a sample just before them, and one at them.
  void flush() {
    if (!started_) {
      return;
    }
    const double s = ticks_ * unitS_;
    auto& times = record_.time.timesS;
    if (!times.empty() && changed_) {
      const double before = s - std::min(1e-3 * (s - times.back()), unitS_);
      if (before > times.back() && before < s) {
        times.push_back(before);
        for (auto& channel : record_.channels) {
          channel.samples.push_back(channel.samples.back());
        }
      }
    }
    if (times.empty() || s > times.back()) {
      times.push_back(s);
      for (std::size_t i = 0; i < now_.size(); ++i) {
        record_.channels[i].samples.push_back(now_[i]);
      }
    }
    changed_ = false;
  }

  void finishTime() {
    const auto& times = record_.time.timesS;
    record_.time.startS = times.front();
    record_.time.stepS = (times.back() - times.front()) / static_cast<double>(times.size() - 1);
  }

  Words words_;
  std::string name_;
  Progress* progress_;
  std::size_t told_ = 0;  // bytes of progress
  Record record_;
  std::map<std::string, std::size_t> codes_;
  std::vector<float> now_;
  double unitS_ = 0;
  double ticks_ = 0;
  bool defined_ = false;  // $enddefinitions was read
  std::size_t left_ = 0;  // signals beyond those that are kept
  bool started_ = false;
  bool changed_ = false;
};

}  // namespace

bool looksLikeVcd(std::string_view bytes) {
  Words words(bytes.substr(0, 4096));
  const auto first = words.next();
  for (const std::string_view word :
       {"$date", "$version", "$comment", "$timescale", "$scope", "$var", "$enddefinitions"}) {
    if (first == word) {
      return true;
    }
  }
  return false;
}

Result<Record> readVcd(std::string_view bytes, const std::string& name, Progress* progress) {
  return VcdReader(bytes, name, progress).read();
}

}  // namespace haybale::capture
