#include "picture/line_board.h"

#include <fmt/format.h>

#include <algorithm>

#include "core/base/say.h"
#include "picture/board_frame.h"
#include "picture/profile_strip.h"
#include "picture/reading_cards.h"

namespace haybale::picture {

using circuit::Circuit;
using circuit::ElementKind;
using circuit::Place;
using circuit::Zone;
using namespace board;

namespace {

class Board {
 public:
  Board(const BoardInput& input, const Measure& measure, const Circuit& circuit)
      : frame_{input, measure, circuit, spansOf(circuit, input.width)} {
    frame_.scene.width = input.width;
    frame_.scene.height = input.height;
  }

  Scene draw() {
    drawZones(frame_);
    drawSuspicion(frame_);
    drawLine(frame_);
    if (frame_.in.editing) {
      partsToEdit();
    } else {
      places();
      cards();
    }
    return std::move(frame_.scene);
  }

 private:
  [[nodiscard]] double xOf(const Place& place) const {
    const auto index = frame_.circuit.indexOf(place.element);
    if (!index) {
      return 0;
    }
    const Span& span = frame_.spans[*index];
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
    for (const auto& place : circuit::reachablePlaces(frame_.circuit)) {
      const double x = xOf(place);
      const bool chosen = frame_.in.selected && *frame_.in.selected == place;
      for (const auto wire : {circuit::WireId::a, circuit::WireId::b}) {
        const double y = wire == circuit::WireId::a ? kWireA : kWireB;
        const bool lit = chosen && wire == frame_.in.wire;
        const double r = lit ? 9 : 5.5;
        frame_.scene.add(Box{{x - r, y - r, 2 * r, 2 * r},
                             r,
                             lit ? Paint(Role::straw) : Paint(Role::panel),
                             Role::ink,
                             lit ? 2.4 : 1.6,
                             std::nullopt});
        const std::string name(circuit::kWireNames[static_cast<std::size_t>(wire)]);
        frame_.scene.spots.push_back({{x - kTarget / 2, y - 20, kTarget, 40},
                                      "place:" + toText(place) + ":" + name,
                                      spoken(place) + say(", wire ") + name});
      }
      if (chosen) {
        frame_.line({x, kWireB + 12}, {x, kLineFoot + 24}, Role::ink, 1.4);
        const std::string name = spoken(place);
        const double w = frame_.measure(name, 13, true) + 18;
        const double left = std::clamp(x - w / 2, 2.0, frame_.in.width - w - 2);
        frame_.scene.add(
            Box{{left, kLineFoot + 24, w, 24}, 12, Role::straw, Role::ink, 1.4, std::nullopt});
        frame_.text(left + w / 2, kLineFoot + 41, name, 13, Paint::fixed(0x1F2A30), true,
                    Anchor::middle);
      }
    }
  }

  // While the line is edited every part of it is one target; the chosen one is framed.
  void partsToEdit() {
    for (std::size_t i = 0; i < frame_.circuit.path.size(); ++i) {
      const Rect rect{frame_.spans[i].left + 1, kLineTop - 14, frame_.spans[i].width() - 2,
                      kLineFoot - kLineTop + 40};
      if (frame_.circuit.path[i].id == *frame_.in.editing) {
        frame_.scene.add(Box{rect, 8, std::nullopt, Role::strawLine, 3, std::nullopt});
      }
      frame_.scene.spots.push_back(
          {rect, "part:" + frame_.circuit.path[i].id, frame_.circuit.path[i].id});
    }
    legend();
  }

  // What each part is, in words: zone, length, section, minutes; under the line while it is edited.
  void legend() {
    double y = kCardsTop;
    for (const auto& e : frame_.circuit.path) {
      if (y > frame_.in.height - 8) {
        return;
      }
      std::string words = sayName(circuit::kElementKindNames[static_cast<std::size_t>(e.kind)]);
      words += e.zone == Zone::unknown ? "" : ", " + zoneText(e.zone);
      if (e.kind == ElementKind::leg) {
        words +=
            sayf(", {:.3g} m of {:.3g} mm\xC2\xB2", e.lengthM.value_or(1), e.areaMm2.value_or(0.5));
      }
      words += sayf(", {:.0f} min to reach", e.accessMinutes);
      const bool chosen = e.id == *frame_.in.editing;
      frame_.text(16, y, e.id, 13.5, Role::ink, true);
      frame_.text(100, y, words, 13.5, chosen ? Role::ink : Role::faint, chosen);
      y += 21;
    }
  }

  // What one row of cards leaves.
  [[nodiscard]] double profileHeight() const {
    return std::min(kProfile, frame_.in.height - kCardsTop - kCardH - kCardGap);
  }

  [[nodiscard]] std::optional<diagnosis::Profile> profile() const {
    if (!frame_.in.profileOf || profileHeight() < kLeastProfile) {
      return std::nullopt;
    }
    return diagnosis::profileOf(*frame_.in.job, *frame_.in.profileOf, frame_.in.assessment->views,
                                frame_.in.assessment->knowledge);
  }

  [[nodiscard]] std::vector<ReadingCard> cardsOf(const std::string& name) const {
    std::vector<ReadingCard> all;
    for (std::size_t i = 0;
         i < frame_.in.job->evidence.size() && i < frame_.in.assessment->views.size(); ++i) {
      const auto& e = frame_.in.job->evidence[i];
      if (e.test.circuit == name) {
        all.push_back({&frame_.in.assessment->views[i], e.test.red ? xOf(e.test.red->place) : 0});
      }
    }
    return all;
  }

  // Own readings first; one row at the foot is kept for what the good wheel showed at the same
  // places.
  void cards() {
    const Circuit* peer = circuit::peerOf(frame_.in.job->circuits, frame_.circuit);
    auto good = peer && frame_.circuit.name == frame_.in.job->suspect ? cardsOf(peer->name)
                                                                      : std::vector<ReadingCard>{};
    std::erase_if(good, [](const ReadingCard& card) { return card.view->withdrawn; });
    auto own = cardsOf(frame_.circuit.name);
    if (own.empty() && !frame_.in.printed) {
      frame_.text(frame_.in.width / 2, kCardsTop + 40,
                  say("No reading yet. Click a place on the line, then type what the meter shows."),
                  15, Role::faint, false, Anchor::middle);
    }
    CardHanger hanger{frame_.scene, frame_.measure, frame_.in.selectedEvidence, frame_.in.width};
    if (const auto below = profile()) {
      const double top = frame_.in.height - profileHeight();
      hanger.hang(std::move(own), kCardsTop, top - kCardGap, kLineFoot + 20);
      drawProfile(frame_.scene,
                  {*below,
                   [this](const Place& place) { return xOf(place); },
                   peer ? peer->name : std::string(),
                   {0, top, frame_.in.width, profileHeight()}},
                  frame_.measure);
      return;
    }
    const double foot = frame_.in.height - kCardH - kCardGap;
    const bool room = !good.empty() && foot - kGoodTitle > kCardsTop + kCardH;
    hanger.hang(std::move(own), kCardsTop, room ? foot - kGoodTitle : frame_.in.height,
                kLineFoot + 20);
    if (room) {
      frame_.text(8, foot - 8, say("The good wheel, ") + peer->name, 13, Role::faint, true);
      hanger.hang(std::move(good), foot, frame_.in.height, std::nullopt);
    }
  }

  BoardFrame frame_;
};

void lift(Item& item, double by) {
  if (auto* box = std::get_if<Box>(&item)) {
    box->rect.y -= by;
  } else if (auto* path = std::get_if<Path>(&item)) {
    for (auto& point : path->points) {
      point.y -= by;
    }
  } else if (auto* text = std::get_if<Text>(&item)) {
    text->at.y -= by;
  }
}

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

Scene lineAlone(const Circuit& circuit, double width, const Measure& measure) {
  job::Case job;
  job.circuits = {circuit};
  job.suspect = circuit.name;
  const diagnosis::Assessment nothing;
  BoardInput input;
  input.job = &job;
  input.assessment = &nothing;
  input.circuit = circuit.name;
  input.printed = true;
  input.width = width;
  input.height = kLineAloneH;
  BoardFrame frame{input, measure, job.circuits.front(), spansOf(circuit, width)};
  frame.scene.width = width;
  frame.scene.height = kLineAloneH;
  drawZones(frame);
  const std::size_t zones = frame.scene.items.size();
  drawLine(frame);
  // The room for the suspicion is not needed.
  for (std::size_t i = zones; i < frame.scene.items.size(); ++i) {
    lift(frame.scene.items[i], kLineTop - kZoneText - 20);
  }
  frame.scene.spots.clear();
  return std::move(frame.scene);
}

}  // namespace haybale::picture
