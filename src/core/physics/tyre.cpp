#include "core/physics/tyre.h"

#include <fast_float/fast_float.h>
#include <fmt/format.h>

#include <optional>

#include "core/base/say.h"
#include "core/base/text.h"

namespace haybale::physics {

namespace {

std::optional<double> takeNumber(std::string_view& text) {
  text = text::trimmed(text);
  double value = 0;
  const auto [end, status] = fast_float::from_chars(text.data(), text.data() + text.size(), value,
                                                    fast_float::chars_format::fixed);
  if (status != std::errc()) {
    return std::nullopt;
  }
  text.remove_prefix(static_cast<std::size_t>(end - text.data()));
  text = text::trimmed(text);
  return value;
}

}  // namespace

double Tyre::diameterM() const {
  return (rimInch * 25.4 + 2 * widthMm * aspectPercent / 100) / 1000;
}
double Tyre::circumferenceM() const {
  return 3.05 * diameterM();
}

Result<Tyre> parseTyre(std::string_view typed) {
  const Error error{"", std::nullopt, sayf("\"{}\" is not a tyre size", text::shortened(typed, 40)),
                    say("type it as on the sidewall: 205/55R16")};
  std::string_view text = typed;
  Tyre tyre;
  tyre.aspectPercent = 82;
  const auto width = takeNumber(text);
  if (!width) {
    return error;
  }
  tyre.widthMm = *width;
  if (text.starts_with('/')) {
    text.remove_prefix(1);
    const auto aspect = takeNumber(text);
    if (!aspect) {
      return error;
    }
    tyre.aspectPercent = *aspect;
  }
  if (text.starts_with('Z') || text.starts_with('z')) {
    text.remove_prefix(1);
  }
  if (!text.starts_with('R') && !text.starts_with('r') && !text.starts_with('-')) {
    return error;
  }
  text.remove_prefix(1);
  const auto rim = takeNumber(text);
  if (!rim) {
    return error;
  }
  tyre.rimInch = *rim;
  const auto within = [](double v, double low, double high) { return v >= low && v <= high; };
  if (!within(tyre.widthMm, 80, 600) || !within(tyre.aspectPercent, 20, 100) ||
      !within(tyre.rimInch, 8, 30)) {
    return error;
  }
  return tyre;
}

double toothHz(double kmh, double teeth, double circumferenceM) {
  return kmh / 3.6 * teeth / circumferenceM;
}
double speedKmh(double hz, double teeth, double circumferenceM) {
  return hz * circumferenceM / teeth * 3.6;
}

}  // namespace haybale::physics
