#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "core/base/say.h"
#include "picture/board_frame.h"

namespace haybale::picture {

using circuit::Element;
using circuit::ElementKind;
using circuit::WireId;
using namespace board;

namespace {

constexpr double kLeastBand = 0.02;  // a wire's share from which on it is shown
constexpr double kLeastSaid = 0.05;  // and said
constexpr double kBandRest = 5;      // half the height of a band of no share
constexpr double kBandFull = 11;     // what a whole share adds
constexpr double kLeastNamed = 96;   // width of a leg that has room for the words

// Share of a wire of an element; a fault of both wires counts for each.
double shareOf(const diagnosis::Conclusion& conclusion, const std::string& id, WireId wire) {
  double sum = 0;
  for (const auto& s : conclusion.suspects) {
    sum += s.element == id && (!s.wire || *s.wire == wire) ? s.share : 0;
  }
  return sum;
}

bool hasWires(const Element& e) {
  return e.kind == ElementKind::leg || e.kind == ElementKind::connector ||
         e.kind == ElementKind::splice;
}

std::string percentOf(double share) {
  return share < 0.01 ? say("under 1 %") : fmt::format("{:.0f} %", 100 * share);
}

std::string likeliest(const BoardFrame& frame, const Element& e) {
  const auto& conclusion = frame.in.assessment->conclusion;
  const auto first = std::find_if(conclusion.suspects.begin(), conclusion.suspects.end(),
                                  [&](const auto& s) { return s.element == e.id; });
  if (first == conclusion.suspects.end()) {
    return e.id + say(": nothing left that would explain the readings");
  }
  std::string words = spoken(*first, frame.circuit);
  if (hasWires(e)) {
    words += sayf("; wire a {}, wire b {}", percentOf(shareOf(conclusion, e.id, WireId::a)),
                  percentOf(shareOf(conclusion, e.id, WireId::b)));
  }
  return words;
}

void bar(BoardFrame& frame, const Element& e, const Span& span, double share) {
  const double full = kSuspicionFoot - kSuspicionTop;
  const double height = std::max(share > 0 ? 2.0 : 0.0, full * share);
  const Rect rect{span.left + 5, kSuspicionFoot - height, span.width() - 10, height};
  if (height > 0) {
    frame.scene.add(Box{rect, 0, Role::straw, Role::strawLine, 1.2,
                        height > 5 ? std::optional<Paint>(Role::strawLine) : std::nullopt});
  }
  const std::string percent = share <= 0     ? say("cleared")
                              : share < 0.01 ? say("under 1 %")
                                             : fmt::format("{:.0f} %", 100 * share);
  frame.text(span.middle(), rect.y - 6, frame.fit(percent, 13, share > 0.15, span.width()), 13,
             share <= 0 ? Role::faint : Role::ink, share > 0.15, Anchor::middle);
  frame.scene.spots.push_back({{span.left, kZoneText, span.width(), kSuspicionFoot - kZoneText},
                               "element:" + e.id,
                               likeliest(frame, e),
                               say("suspicion of ") + e.id,
                               percent});
}

// The band a suspected wire runs in, the higher the more; and how much, where the wires differ.
void bands(BoardFrame& frame, const Element& e, const Span& span) {
  const auto& conclusion = frame.in.assessment->conclusion;
  const double a = shareOf(conclusion, e.id, WireId::a);
  const double b = shareOf(conclusion, e.id, WireId::b);
  for (const auto& [share, y] : {std::pair{a, kWireA}, std::pair{b, kWireB}}) {
    if (share < kLeastBand) {
      continue;
    }
    const double half = kBandRest + kBandFull * share;
    frame.scene.add(Box{{span.left + 3, y - half, span.width() - 6, 2 * half},
                        3,
                        Role::doubtTint,
                        Role::strawLine,
                        0.8,
                        Role::strawLine});
  }
  const bool said = std::max(a, b) >= kLeastSaid && std::abs(a - b) >= kLeastBand;
  if (said && e.kind == ElementKind::leg && span.width() > kLeastNamed) {
    const double x = span.right - 16;
    frame.text(x, kWireA - kBandRest - kBandFull * a - 5, "a " + percentOf(a), 12.5, Role::ink,
               a > b, Anchor::end);
    frame.text(x, kWireB + kBandRest + kBandFull * b + 14, "b " + percentOf(b), 12.5, Role::ink,
               b > a, Anchor::end);
  }
}

}  // namespace

void drawSuspicion(BoardFrame& frame) {
  frame.line({0, kSuspicionFoot}, {frame.in.width, kSuspicionFoot}, Role::ink, 1.2);
  const auto& conclusion = frame.in.assessment->conclusion;
  const bool own = frame.circuit.name == frame.in.job->suspectCircuit()->name;
  if (!own || conclusion.elementShares.size() != frame.circuit.path.size()) {
    frame.text(
        8, kSuspicionFoot - 12,
        own ? ""
            : frame.circuit.name + say(" serves as the measure for ") + frame.in.job->suspect + ".",
        13, Role::faint);
    return;
  }
  for (std::size_t i = 0; i < frame.circuit.path.size(); ++i) {
    bar(frame, frame.circuit.path[i], frame.spans[i], conclusion.elementShares[i].second);
    if (hasWires(frame.circuit.path[i])) {
      bands(frame, frame.circuit.path[i], frame.spans[i]);
    }
  }
}

}  // namespace haybale::picture
