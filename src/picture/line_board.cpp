#include "picture/line_board.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "picture/profile_strip.h"
#include "picture/reading_cards.h"

namespace haybale::picture {

using circuit::Circuit;
using circuit::Element;
using circuit::ElementKind;
using circuit::Place;
using circuit::Zone;

namespace {

constexpr double kZoneText = 20;  // zone names
constexpr double kSuspicionTop = 36;
constexpr double kSuspicionFoot = 112;
constexpr double kLineTop = 136;
constexpr double kWireA = 167;
constexpr double kWireB = 207;
constexpr double kLineFoot = 238;
constexpr double kCardsTop = 292;
constexpr double kGoodTitle = 22;     // line over the good wheel's row
constexpr double kProfile = 150;      // height of the profile with its title
constexpr double kLeastProfile = 90;  // below this it is left out
constexpr double kTarget = 36;        // smallest side of a click target

Role zoneRole(Zone zone) {
  switch (zone) {
    case Zone::cabin:
      return Role::zoneCabin;
    case Zone::engineBay:
      return Role::zoneEngine;
    case Zone::underbody:
      return Role::zoneUnder;
    case Zone::wheelhouse:
      return Role::zoneWheel;
    case Zone::flex:
      return Role::zoneFlex;
    case Zone::unknown:
      break;
  }
  return Role::ground;
}

std::string zoneText(Zone zone) {
  switch (zone) {
    case Zone::cabin:
      return "cabin";
    case Zone::engineBay:
      return "engine bay";
    case Zone::underbody:
      return "underbody, splash";
    case Zone::wheelhouse:
      return "wheelhouse";
    case Zone::flex:
      return "bend, flexes";
    case Zone::unknown:
      break;
  }
  return "";
}

struct Span {
  double left;
  double right;
  [[nodiscard]] double middle() const { return (left + right) / 2; }
  [[nodiscard]] double width() const { return right - left; }
};

// Fixed widths for parts, the rest shared by the legs after the square root of their length, so
// that a short leg stays wide enough to be touched.
std::vector<Span> spansOf(const Circuit& circuit, double width) {
  const auto fixed = [](ElementKind kind) {
    switch (kind) {
      case ElementKind::module:
      case ElementKind::connector:
        return 84.0;
      case ElementKind::splice:
        return 40.0;
      case ElementKind::sensor:
        return 66.0;
      case ElementKind::ring:
        return 62.0;
      case ElementKind::leg:
        break;
    }
    return 0.0;
  };
  double taken = 0;
  double share = 0;
  for (const auto& e : circuit.path) {
    taken += fixed(e.kind);
    share += e.kind == ElementKind::leg ? std::sqrt(e.lengthM.value_or(1) + 0.3) : 0;
  }
  const double free = std::max(60.0, width - taken);
  std::vector<Span> spans;
  double x = 0;
  for (const auto& e : circuit.path) {
    const double w = e.kind == ElementKind::leg
                         ? free * std::sqrt(e.lengthM.value_or(1) + 0.3) / share
                         : fixed(e.kind);
    spans.push_back({x, x + w});
    x += w;
  }
  return spans;
}

class Board {
 public:
  Board(const BoardInput& input, const Measure& measure, const Circuit& circuit)
      : in_(input), measure_(measure), circuit_(circuit), spans_(spansOf(circuit, input.width)) {
    scene_.width = input.width;
    scene_.height = input.height;
  }

  Scene draw() {
    zones();
    suspicion();
    wires();
    for (std::size_t i = 0; i < circuit_.path.size(); ++i) {
      part(circuit_.path[i], spans_[i]);
    }
    if (in_.editing) {
      partsToEdit();
    } else {
      places();
      cards();
    }
    return std::move(scene_);
  }

 private:
  void text(double x, double y, std::string words, double size, Paint paint, bool bold = false,
            Anchor anchor = Anchor::start) {
    scene_.add(Text{{x, y}, std::move(words), size, bold, paint, anchor});
  }
  void line(Point a, Point b, Paint paint, double width, Dash dash = Dash::solid) {
    scene_.add(Path{{a, b}, paint, width, dash, false});
  }
  [[nodiscard]] std::string fit(std::string_view words, double size, bool bold,
                                double width) const {
    return fitted(measure_, words, size, bold, width);
  }

  void zones() {
    scene_.add(Box{{0, 0, in_.width, in_.height}, 0, Role::panel, std::nullopt, 1, std::nullopt});
    for (std::size_t i = 0; i < circuit_.path.size();) {
      std::size_t j = i;
      while (j + 1 < circuit_.path.size() && circuit_.path[j + 1].zone == circuit_.path[i].zone) {
        ++j;
      }
      const Span span{spans_[i].left, spans_[j].right};
      scene_.add(Box{{span.left, 0, span.width(), in_.height},
                     0,
                     zoneRole(circuit_.path[i].zone),
                     std::nullopt,
                     1,
                     std::nullopt});
      text(span.left + 6, kZoneText,
           fit(zoneText(circuit_.path[i].zone), 12.5, false, span.width() - 8), 12.5, Role::faint);
      i = j + 1;
    }
  }

  void suspicion() {
    line({0, kSuspicionFoot}, {in_.width, kSuspicionFoot}, Role::ink, 1.2);
    const auto& conclusion = in_.assessment->conclusion;
    const bool own = circuit_.name == in_.job->suspectCircuit()->name;
    if (!own || conclusion.elementShares.size() != circuit_.path.size()) {
      text(8, kSuspicionFoot - 12,
           own ? "" : circuit_.name + " serves as the measure for " + in_.job->suspect + ".", 13,
           Role::faint);
      return;
    }
    for (std::size_t i = 0; i < circuit_.path.size(); ++i) {
      bar(circuit_.path[i], spans_[i], conclusion.elementShares[i].second);
    }
  }

  void bar(const Element& e, const Span& span, double share) {
    const double full = kSuspicionFoot - kSuspicionTop;
    const double height = std::max(share > 0 ? 2.0 : 0.0, full * share);
    const Rect rect{span.left + 5, kSuspicionFoot - height, span.width() - 10, height};
    if (height > 0) {
      scene_.add(Box{rect, 0, Role::straw, Role::strawLine, 1.2,
                     height > 5 ? std::optional<Paint>(Role::strawLine) : std::nullopt});
    }
    const std::string percent = share <= 0     ? "cleared"
                                : share < 0.01 ? "under 1 %"
                                               : fmt::format("{:.0f} %", 100 * share);
    text(span.middle(), rect.y - 6, fit(percent, 13, share > 0.15, span.width()), 13,
         share <= 0 ? Role::faint : Role::ink, share > 0.15, Anchor::middle);
    scene_.spots.push_back({{span.left, kZoneText, span.width(), kSuspicionFoot - kZoneText},
                            "element:" + e.id,
                            topFault(e)});
  }

  [[nodiscard]] std::string topFault(const Element& e) const {
    for (const auto& s : in_.assessment->conclusion.suspects) {
      if (s.element == e.id) {
        return spoken(s, circuit_);
      }
    }
    return e.id + ": nothing left that would explain the readings";
  }

  void wires() {
    double end = in_.width;
    for (std::size_t i = 0; i < circuit_.path.size(); ++i) {
      if (circuit_.path[i].kind == ElementKind::sensor) {
        end = spans_[i].middle();
      }
    }
    const double start = spans_.front().middle();
    wire(circuit::WireId::a, kWireA, start, end);
    wire(circuit::WireId::b, kWireB, start, end);
    wireNames();
  }

  void wire(circuit::WireId id, double y, double from, double to) {
    const auto paint = wirePaint(circuit_.wire(id).colour);
    line({from, y}, {to, y}, Role::ink, 7);
    line({from, y}, {to, y}, paint ? Paint::fixed(paint->base) : Paint(Role::faint), 5);
    if (paint && paint->stripe) {
      line({from, y}, {to, y}, Paint::fixed(*paint->stripe), 2, Dash::dashed);
    }
  }

  // Colours in words over the first leg that has the room.
  void wireNames() {
    for (std::size_t i = 0; i < circuit_.path.size(); ++i) {
      if (circuit_.path[i].kind != ElementKind::leg || spans_[i].width() < 90) {
        continue;
      }
      const auto label = [&](circuit::WireId id) {
        const auto& w = circuit_.wire(id);
        return fmt::format("{} {} {}", circuit::kWireNames[static_cast<std::size_t>(id)], w.colour,
                           w.role);
      };
      text(spans_[i].left + 6, kWireA - 9,
           fit(label(circuit::WireId::a), 13, false, spans_[i].width() - 8), 13, Role::ink);
      text(spans_[i].left + 6, kWireB + 19,
           fit(label(circuit::WireId::b), 13, false, spans_[i].width() - 8), 13, Role::ink);
      return;
    }
  }

  void part(const Element& e, const Span& span) {
    switch (e.kind) {
      case ElementKind::module:
        module(e, span);
        break;
      case ElementKind::connector:
        connector(e, span);
        break;
      case ElementKind::splice:
        splice(e, span);
        break;
      case ElementKind::sensor:
        sensor(e, span);
        break;
      case ElementKind::ring:
        ring(span);
        break;
      case ElementKind::leg:
        leg(e, span);
        break;
    }
  }

  void under(const Element& e, const Span& span) {
    text(span.middle(), kLineFoot + 16, fmt::format("{:.0f} min", e.accessMinutes), 12, Role::faint,
         false, Anchor::middle);
  }

  void module(const Element& e, const Span& span) {
    scene_.add(Box{{span.left + 6, kLineTop + 8, span.width() - 30, kLineFoot - kLineTop - 12},
                   5,
                   Role::rail,
                   std::nullopt,
                   1,
                   std::nullopt});
    text(span.left + 6 + (span.width() - 30) / 2, (kWireA + kWireB) / 2 + 5, "module", 13,
         Role::railInk, true, Anchor::middle);
    under(e, span);
  }

  [[nodiscard]] bool unpluggedForSelection(const Element& e) const {
    return in_.selected && in_.selected->element == e.id;
  }

  void connector(const Element& e, const Span& span) {
    const double half = 15;
    const double gap = unpluggedForSelection(e) ? 5 : 2;
    for (const double x : {span.middle() - gap - half, span.middle() + gap}) {
      scene_.add(Box{{x, kLineTop + 12, half, kLineFoot - kLineTop - 20},
                     3,
                     Role::panel,
                     Role::ink,
                     1.6,
                     std::nullopt});
    }
    text(span.middle(), kLineTop + 4, e.id, 14, Role::ink, true, Anchor::middle);
    under(e, span);
  }

  void splice(const Element& e, const Span& span) {
    for (const double y : {kWireA, kWireB}) {
      scene_.add(Box{{span.left + 4, y - 11, span.width() - 8, 22},
                     4,
                     Role::doubtTint,
                     Role::strawLine,
                     1.4,
                     std::nullopt});
    }
    text(span.middle(), kLineTop + 4, fit(e.id, 13, true, span.width() + 10), 13, Role::ink, true,
         Anchor::middle);
  }

  void sensor(const Element& e, const Span& span) {
    const Rect body{span.left + 8, kLineTop + 14, span.width() - 16, kLineFoot - kLineTop - 24};
    scene_.add(Box{body, 10, Role::panel, Role::ink, 1.8, std::nullopt});
    const double x = span.middle();
    for (int turn = 0; turn < 3; ++turn) {
      const double y = body.y + 19 + turn * 20;
      scene_.add(Path{{{x - 9, y},
                       {x - 4, y - 5},
                       {x + 4, y - 5},
                       {x + 9, y},
                       {x + 4, y + 5},
                       {x - 4, y + 5},
                       {x - 9, y}},
                      Role::ink,
                      1.4,
                      Dash::solid,
                      false});
    }
    const std::string kind(
        circuit::kSensorKindNames[static_cast<std::size_t>(circuit_.sensor.kind)]);
    text(x, kLineTop + 4, fit(kind, 12.5, true, span.width() + 24), 12.5, Role::ink, true,
         Anchor::middle);
    under(e, span);
  }

  // A few teeth of the ring, as seen end on.
  void ring(const Span& span) {
    const double cx = span.left - 26;
    const double cy = (kWireA + kWireB) / 2;
    for (int i = -4; i <= 4; ++i) {
      const double angle = i * 0.19;
      const double c = std::cos(angle);
      const double s = std::sin(angle);
      line({cx + 58 * c, cy + 58 * s}, {cx + 70 * c, cy + 70 * s}, Role::ink, 6);
    }
    if (circuit_.sensor.teeth) {
      text(span.left + span.width() - 4, kLineFoot + 16,
           fmt::format("{} teeth", *circuit_.sensor.teeth), 12, Role::faint, false, Anchor::end);
    }
  }

  void leg(const Element& e, const Span& span) {
    const auto& repaired = in_.job->complaint.earlierRepair;
    const bool joint = std::find(repaired.begin(), repaired.end(), e.id) != repaired.end();
    const std::string length = e.lengthM ? fmt::format("{}, {:.2g} m", e.id, *e.lengthM) : e.id;
    text(span.middle(), (kWireA + kWireB) / 2 + 5, fit(length, 13, false, span.width() - 4), 13,
         Role::ink, false, Anchor::middle);
    if (joint) {
      scene_.add(Box{{span.middle() - 33, kLineFoot - 8, 66, 19},
                     4,
                     Role::doubtTint,
                     Role::strawLine,
                     1.2,
                     std::nullopt});
      text(span.middle(), kLineFoot + 6, "old joint", 12, Role::ink, false, Anchor::middle);
    }
  }

  [[nodiscard]] double xOf(const Place& place) const {
    const auto index = circuit_.indexOf(place.element);
    if (!index) {
      return 0;
    }
    const Span& span = spans_[*index];
    switch (place.kind) {
      case Place::Kind::modulePins:
        return span.left + 20;
      case Place::Kind::modulePlug:
        return span.right - 12;
      case Place::Kind::moduleSide:
        return span.middle() - kTarget / 2 - 2;
      case Place::Kind::wheelSide:
        return span.middle() + kTarget / 2 + 2;
      case Place::Kind::sensor:
        return span.left + 4;
      case Place::Kind::along:
        return span.left + place.along * span.width();
      case Place::Kind::ground:
      case Place::Kind::battery:
        break;
    }
    return 0;
  }

  // A dot on each wire at each place that can be reached; both wires of a place are one click
  // target.
  void places() {
    for (const auto& place : circuit::reachablePlaces(circuit_)) {
      const double x = xOf(place);
      const bool chosen = in_.selected && *in_.selected == place;
      for (const auto wire : {circuit::WireId::a, circuit::WireId::b}) {
        const double y = wire == circuit::WireId::a ? kWireA : kWireB;
        const bool lit = chosen && wire == in_.wire;
        const double r = lit ? 9 : 5.5;
        scene_.add(Box{{x - r, y - r, 2 * r, 2 * r},
                       r,
                       lit ? Paint(Role::straw) : Paint(Role::panel),
                       Role::ink,
                       lit ? 2.4 : 1.6,
                       std::nullopt});
        const std::string name(circuit::kWireNames[static_cast<std::size_t>(wire)]);
        scene_.spots.push_back({{x - kTarget / 2, y - 20, kTarget, 40},
                                "place:" + toText(place) + ":" + name,
                                spoken(place) + ", wire " + name});
      }
      if (chosen) {
        line({x, kWireB + 12}, {x, kLineFoot + 24}, Role::ink, 1.4);
        const std::string name = spoken(place);
        const double w = measure_(name, 13, true) + 18;
        const double left = std::clamp(x - w / 2, 2.0, in_.width - w - 2);
        scene_.add(
            Box{{left, kLineFoot + 24, w, 24}, 12, Role::straw, Role::ink, 1.4, std::nullopt});
        text(left + w / 2, kLineFoot + 41, name, 13, Paint::fixed(0x1F2A30), true, Anchor::middle);
      }
    }
  }

  // While the line is edited every part of it is one target; the chosen one is framed.
  void partsToEdit() {
    for (std::size_t i = 0; i < circuit_.path.size(); ++i) {
      const Rect rect{spans_[i].left + 1, kLineTop - 14, spans_[i].width() - 2,
                      kLineFoot - kLineTop + 40};
      if (circuit_.path[i].id == *in_.editing) {
        scene_.add(Box{rect, 8, std::nullopt, Role::strawLine, 3, std::nullopt});
      }
      scene_.spots.push_back({rect, "part:" + circuit_.path[i].id, circuit_.path[i].id});
    }
    legend();
  }

  // What each part is, in words: zone, length, section, minutes; under the line while it is edited.
  void legend() {
    double y = kCardsTop;
    for (const auto& e : circuit_.path) {
      if (y > in_.height - 8) {
        return;
      }
      std::string words = std::string(circuit::kElementKindNames[static_cast<std::size_t>(e.kind)]);
      words += e.zone == Zone::unknown ? "" : ", " + zoneText(e.zone);
      if (e.kind == ElementKind::leg) {
        words += fmt::format(", {:.3g} m of {:.3g} mm\xC2\xB2", e.lengthM.value_or(1),
                             e.areaMm2.value_or(0.5));
      }
      words += fmt::format(", {:.0f} min to reach", e.accessMinutes);
      const bool chosen = e.id == *in_.editing;
      text(16, y, e.id, 13.5, Role::ink, true);
      text(100, y, words, 13.5, chosen ? Role::ink : Role::faint, chosen);
      y += 21;
    }
  }

  // What one row of cards leaves.
  [[nodiscard]] double profileHeight() const {
    return std::min(kProfile, in_.height - kCardsTop - kCardH - kCardGap);
  }

  [[nodiscard]] std::optional<diagnosis::Profile> profile() const {
    if (!in_.profileOf || profileHeight() < kLeastProfile) {
      return std::nullopt;
    }
    return diagnosis::profileOf(*in_.job, *in_.profileOf, in_.assessment->views,
                                in_.assessment->knowledge);
  }

  [[nodiscard]] std::vector<ReadingCard> cardsOf(const std::string& name) const {
    std::vector<ReadingCard> all;
    for (std::size_t i = 0; i < in_.job->evidence.size() && i < in_.assessment->views.size(); ++i) {
      const auto& e = in_.job->evidence[i];
      if (e.test.circuit == name) {
        all.push_back({&in_.assessment->views[i], e.test.red ? xOf(e.test.red->place) : 0});
      }
    }
    return all;
  }

  // Own readings first; one row at the foot is kept for what the good wheel showed at the same
  // places.
  void cards() {
    const Circuit* peer = circuit::peerOf(in_.job->circuits, circuit_);
    auto good = peer && circuit_.name == in_.job->suspect ? cardsOf(peer->name)
                                                          : std::vector<ReadingCard>{};
    std::erase_if(good, [](const ReadingCard& card) { return card.view->withdrawn; });
    auto own = cardsOf(circuit_.name);
    if (own.empty() && !in_.printed) {
      text(in_.width / 2, kCardsTop + 40,
           "No reading yet. Click a place on the line, then type what the meter shows.", 15,
           Role::faint, false, Anchor::middle);
    }
    CardHanger hanger{scene_, measure_, in_.selectedEvidence, in_.width};
    if (const auto below = profile()) {
      const double top = in_.height - profileHeight();
      hanger.hang(std::move(own), kCardsTop, top - kCardGap, kLineFoot + 20);
      drawProfile(scene_,
                  {*below,
                   [this](const Place& place) { return xOf(place); },
                   peer ? peer->name : std::string(),
                   {0, top, in_.width, profileHeight()}},
                  measure_);
      return;
    }
    const double foot = in_.height - kCardH - kCardGap;
    const bool room = !good.empty() && foot - kGoodTitle > kCardsTop + kCardH;
    hanger.hang(std::move(own), kCardsTop, room ? foot - kGoodTitle : in_.height, kLineFoot + 20);
    if (room) {
      text(8, foot - 8, "The good wheel, " + peer->name, 13, Role::faint, true);
      hanger.hang(std::move(good), foot, in_.height, std::nullopt);
    }
  }

  const BoardInput& in_;
  const Measure& measure_;
  const Circuit& circuit_;
  std::vector<Span> spans_;
  Scene scene_;
};

}  // namespace

Scene lineBoard(const BoardInput& input, const Measure& measure) {
  const Circuit* circuit = input.job->find(input.circuit);
  if (!circuit) {
    Scene empty;
    empty.width = input.width;
    empty.height = input.height;
    return empty;
  }
  return Board(input, measure, *circuit).draw();
}

}  // namespace haybale::picture
