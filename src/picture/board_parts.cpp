#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "core/base/say.h"
#include "picture/board_frame.h"

namespace haybale::picture {

using circuit::Circuit;
using circuit::Element;
using circuit::ElementKind;
using circuit::Zone;
using namespace board;

namespace {

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

void wire(BoardFrame& frame, circuit::WireId id, double y, double from, double to) {
  const auto paint = wirePaint(frame.circuit.wire(id).colour);
  frame.line({from, y}, {to, y}, Role::ink, 7);
  frame.line({from, y}, {to, y}, paint ? Paint::fixed(paint->base) : Paint(Role::faint), 5);
  if (paint && paint->stripe) {
    frame.line({from, y}, {to, y}, Paint::fixed(*paint->stripe), 2, Dash::dashed);
  }
}

// Colours and what the wires are for, in words, over the first leg that has the room; where none
// has, the colours alone over the longest.
void wireNames(BoardFrame& frame) {
  constexpr double kSize = 13;
  using circuit::WireId;
  const auto label = [&](WireId id, bool role) {
    const auto& w = frame.circuit.wire(id);
    const auto letter = circuit::kWireNames[static_cast<std::size_t>(id)];
    return role ? fmt::format("{} {} {}", letter, w.colour, sayName(w.role))
                : fmt::format("{} {}", letter, w.colour);
  };
  const double needed = 8 + std::max(frame.measure(label(WireId::a, true), kSize, false),
                                     frame.measure(label(WireId::b, true), kSize, false));
  const Span* over = nullptr;
  for (std::size_t i = 0; i < frame.circuit.path.size(); ++i) {
    if (frame.circuit.path[i].kind == ElementKind::leg &&
        (!over || (over->width() < needed && frame.spans[i].width() > over->width()))) {
      over = &frame.spans[i];
    }
  }
  if (!over) {
    return;
  }
  for (const auto& [id, y] :
       {std::pair{WireId::a, kWireA - 9}, std::pair{WireId::b, kWireB + 19}}) {
    const std::string text = label(id, over->width() >= needed);
    frame.text(over->left + 6, y, frame.fit(text, kSize, false, over->width() - 8), kSize,
               Role::ink);
  }
}

void wires(BoardFrame& frame) {
  double end = frame.in.width;
  for (std::size_t i = 0; i < frame.circuit.path.size(); ++i) {
    if (frame.circuit.path[i].kind == ElementKind::sensor) {
      end = frame.spans[i].middle();
    }
  }
  const double start = frame.spans.front().middle();
  wire(frame, circuit::WireId::a, kWireA, start, end);
  wire(frame, circuit::WireId::b, kWireB, start, end);
  wireNames(frame);
}

void under(BoardFrame& frame, const Element& e, const Span& span) {
  frame.text(span.middle(), kLineFoot + 16, sayf("{:.0f} min", e.accessMinutes), 12, Role::faint,
             false, Anchor::middle);
}

void module(BoardFrame& frame, const Element& e, const Span& span) {
  frame.scene.add(Box{{span.left + 6, kLineTop + 8, span.width() - 30, kLineFoot - kLineTop - 12},
                      5,
                      Role::rail,
                      std::nullopt,
                      1,
                      std::nullopt});
  // A longer word is set smaller.
  const double room = span.width() - 36;
  const std::string word = sayName("module");
  const double size = 12 * std::min(1.0, room / std::max(1.0, frame.measure(word, 12, true)));
  frame.text(span.left + 6 + (span.width() - 30) / 2, (kWireA + kWireB) / 2 + 5, word, size,
             Role::railInk, true, Anchor::middle);
  under(frame, e, span);
}

bool unpluggedForSelection(BoardFrame& frame, const Element& e) {
  return frame.in.selected && frame.in.selected->element == e.id;
}

void connector(BoardFrame& frame, const Element& e, const Span& span) {
  const double half = 15;
  const double gap = unpluggedForSelection(frame, e) ? 5 : 2;
  for (const double x : {span.middle() - gap - half, span.middle() + gap}) {
    frame.scene.add(Box{{x, kLineTop + 12, half, kLineFoot - kLineTop - 20},
                        3,
                        Role::panel,
                        Role::ink,
                        1.6,
                        std::nullopt});
  }
  frame.text(span.middle(), kLineTop + 4, e.id, 14, Role::ink, true, Anchor::middle);
  under(frame, e, span);
}

void splice(BoardFrame& frame, const Element& e, const Span& span) {
  for (const double y : {kWireA, kWireB}) {
    frame.scene.add(Box{{span.left + 4, y - 11, span.width() - 8, 22},
                        4,
                        Role::doubtTint,
                        Role::strawLine,
                        1.4,
                        std::nullopt});
  }
  frame.text(span.middle(), kLineTop + 4, frame.fit(e.id, 13, true, span.width() + 10), 13,
             Role::ink, true, Anchor::middle);
}

void sensor(BoardFrame& frame, const Element& e, const Span& span) {
  const Rect body{span.left + 8, kLineTop + 14, span.width() - 16, kLineFoot - kLineTop - 24};
  frame.scene.add(Box{body, 10, Role::panel, Role::ink, 1.8, std::nullopt});
  const double x = span.middle();
  for (int turn = 0; turn < 3; ++turn) {
    const double y = body.y + 19 + turn * 20;
    frame.scene.add(Path{{{x - 9, y},
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
  const std::string kind =
      sayName(circuit::kSensorKindNames[static_cast<std::size_t>(frame.circuit.sensor.kind)]);
  frame.text(x, kLineTop + 4, frame.fit(kind, 12.5, true, span.width() + 24), 12.5, Role::ink, true,
             Anchor::middle);
  under(frame, e, span);
}

// A few teeth of the ring, as seen end on.
void ring(BoardFrame& frame, const Span& span) {
  const double cx = span.left - 26;
  const double cy = (kWireA + kWireB) / 2;
  for (int i = -4; i <= 4; ++i) {
    const double angle = i * 0.19;
    const double c = std::cos(angle);
    const double s = std::sin(angle);
    frame.line({cx + 58 * c, cy + 58 * s}, {cx + 70 * c, cy + 70 * s}, Role::ink, 6);
  }
  if (frame.circuit.sensor.teeth) {
    frame.text(span.left + span.width() - 4, kLineFoot + 16,
               sayf("{} teeth", *frame.circuit.sensor.teeth), 12, Role::faint, false, Anchor::end);
  }
}

void leg(BoardFrame& frame, const Element& e, const Span& span) {
  const auto& repaired = frame.in.job->complaint.earlierRepair;
  const bool joint = std::find(repaired.begin(), repaired.end(), e.id) != repaired.end();
  std::string length = e.lengthM ? sayf("{}, {:.2g} m", e.id, *e.lengthM) : e.id;
  if (frame.measure(length, 13, false) > span.width() - 4) {
    length = e.id;
  }
  frame.text(span.middle(), (kWireA + kWireB) / 2 + 5,
             frame.fit(length, 13, false, span.width() - 4), 13, Role::ink, false, Anchor::middle);
  if (joint) {
    // On the left: on the right stands how much the return is suspected.
    const double wide = std::max(66.0, frame.measure(say("old joint"), 12, false) + 12);
    const double left = std::min(span.left + 10, span.middle() - wide / 2);
    frame.scene.add(Box{
        {left, kLineFoot - 8, wide, 19}, 4, Role::doubtTint, Role::strawLine, 1.2, std::nullopt});
    frame.text(left + wide / 2, kLineFoot + 6, say("old joint"), 12, Role::ink, false,
               Anchor::middle);
  }
}

void part(BoardFrame& frame, const Element& e, const Span& span) {
  switch (e.kind) {
    case ElementKind::module:
      module(frame, e, span);
      break;
    case ElementKind::connector:
      connector(frame, e, span);
      break;
    case ElementKind::splice:
      splice(frame, e, span);
      break;
    case ElementKind::sensor:
      sensor(frame, e, span);
      break;
    case ElementKind::ring:
      ring(frame, span);
      break;
    case ElementKind::leg:
      leg(frame, e, span);
      break;
  }
}

}  // namespace

std::string zoneText(Zone zone) {
  switch (zone) {
    case Zone::cabin:
      return say("cabin");
    case Zone::engineBay:
      return say("engine bay");
    case Zone::underbody:
      return say("underbody, splash");
    case Zone::wheelhouse:
      return say("wheelhouse");
    case Zone::flex:
      return say("bend, flexes");
    case Zone::unknown:
      break;
  }
  return "";
}

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

void drawZones(BoardFrame& frame) {
  frame.scene.add(
      Box{{0, 0, frame.in.width, frame.in.height}, 0, Role::panel, std::nullopt, 1, std::nullopt});
  for (std::size_t i = 0; i < frame.circuit.path.size();) {
    std::size_t j = i;
    while (j + 1 < frame.circuit.path.size() &&
           frame.circuit.path[j + 1].zone == frame.circuit.path[i].zone) {
      ++j;
    }
    const Span span{frame.spans[i].left, frame.spans[j].right};
    frame.scene.add(Box{{span.left, 0, span.width(), frame.in.height},
                        0,
                        zoneRole(frame.circuit.path[i].zone),
                        std::nullopt,
                        1,
                        std::nullopt});
    // The first word alone where there is no room for both.
    std::string name = zoneText(frame.circuit.path[i].zone);
    if (frame.measure(name, 12.5, false) > span.width() - 8) {
      name.resize(std::min(name.find(','), name.size()));
    }
    // Nothing where it has none: the ground tells it, and so does the part under the pointer.
    if (frame.measure(name, 12.5, false) <= span.width() - 8) {
      frame.text(span.left + 6, kZoneText, name, 12.5, Role::faint);
    }
    i = j + 1;
  }
}

void drawLine(BoardFrame& frame) {
  wires(frame);
  for (std::size_t i = 0; i < frame.circuit.path.size(); ++i) {
    part(frame, frame.circuit.path[i], frame.spans[i]);
  }
}

}  // namespace haybale::picture
