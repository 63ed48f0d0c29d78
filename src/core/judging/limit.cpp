#include "core/judging/limit.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <numbers>

#include "core/base/say.h"

namespace haybale::judging {

std::string_view spoken(Provenance provenance) {
  switch (provenance) {
    case Provenance::serviceInformation:
      return say("service information");
    case Provenance::goodPart:
      return say("measured on a good part");
    case Provenance::commonPractice:
      return say("common practice");
  }
  return "";
}

units::Unit unitOf(Quantity quantity) {
  switch (quantity) {
    case Quantity::acOutput:
    case Quantity::biasUnplugged:
      return units::Unit::volt;
    case Quantity::fluxSwing:
      return units::Unit::weber;
    case Quantity::coilResistance:
    case Quantity::wireInsulation:
    case Quantity::wireContinuity:
      break;
  }
  return units::Unit::ohm;
}

std::string_view spoken(Quantity quantity) {
  switch (quantity) {
    case Quantity::coilResistance:
      return say("coil resistance");
    case Quantity::wireInsulation:
      return say("insulation of a wire");
    case Quantity::wireContinuity:
      return say("continuity of the wires");
    case Quantity::acOutput:
      return say("AC output, spun");
    case Quantity::biasUnplugged:
      return say("bias, unplugged");
    case Quantity::fluxSwing:
      return say("output per hertz");
  }
  return "";
}

double Accuracy::halfWidth(double value, double resolution) const {
  return std::isfinite(value) ? std::abs(value) * percent / 100 + counts * resolution : 0;
}

double rectangularU(double halfWidth) {
  return halfWidth / std::numbers::sqrt3;
}

namespace {

double normalBelow(double z) {
  return 0.5 * std::erfc(-z / std::numbers::sqrt2);
}

double conformance(double value, double u, double low, double high) {
  if (std::isinf(value)) {
    return std::isinf(high) ? 1 : 0;
  }
  if (u <= 0) {
    return value >= low && value <= high ? 1 : 0;
  }
  return normalBelow((high - value) / u) - normalBelow((low - value) / u);
}

}  // namespace

Judgement judge(double value, double u, std::optional<double> min, std::optional<double> max) {
  constexpr double kInfinity = std::numeric_limits<double>::infinity();
  const double low = min.value_or(-kInfinity);
  const double high = max.value_or(kInfinity);
  Judgement out;
  if (std::isnan(value)) {
    return out;
  }
  out.guard = 2 * u;
  out.conformance = conformance(value, u, low, high);
  if (std::isinf(value)) {
    out.verdict = std::isinf(high) ? Verdict::pass : Verdict::fail;
  } else if (value >= low + out.guard && value <= high - out.guard) {
    out.verdict = Verdict::pass;
  } else if (value < low - out.guard || value > high + out.guard) {
    out.verdict = Verdict::fail;
  }
  return out;
}

std::string limitText(const Limit& limit) {
  const units::Unit unit = unitOf(limit.quantity);
  if (limit.min && limit.max) {
    return units::formatBand(*limit.min, *limit.max, unit);
  }
  if (limit.min) {
    return say("at least ") + units::format(*limit.min, unit);
  }
  if (limit.max) {
    return say("at most ") + units::format(*limit.max, unit);
  }
  return say("no limit");
}

}  // namespace haybale::judging
