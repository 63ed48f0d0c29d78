#include "core/belief/circumstance.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <map>

#include "core/base/text.h"
#include "core/priors/priors.h"

namespace haybale::diagnosis {

using circuit::ElementKind;
using job::When;
using priors::Id;
using priors::of;

std::string_view showClass(Fault fault) {
  switch (fault) {
    case Fault::open:
    case Fault::sensorOpen:
      return fault == Fault::open ? "open" : "coil";
    case Fault::resistive:
      return "resistive";
    case Fault::wiresTouching:
      return "touching";
    case Fault::shortToGround:
    case Fault::shortToSupply:
      return "short";
    case Fault::leak:
      return "leak";
    case Fault::intermittentOpen:
    case Fault::intermittentShort:
      return "comes-and-goes";
    case Fault::sensorShorted:
    case Fault::wrongSensor:
    case Fault::sensorWeak:
      return "weak";
    case Fault::sensorDead:
    case Fault::reversed:
      return "dead";
    case Fault::wideGap:
    case Fault::debris:
      return "gap";
    case Fault::ringTooth:
    case Fault::ringCracked:
    case Fault::ringRunout:
      return "ring";
    case Fault::ringWrongCount:
      return "count";
    case Fault::encoderReversed:
      return "encoder";
    case Fault::noSupply:
    case Fault::latchedOff:
    case Fault::inputDead:
    case Fault::modulePower:
      return "module";
    case Fault::circuitsExchanged:
      return "exchanged";
    case Fault::wrongTyre:
      return "tyre";
    case Fault::none:
    case Fault::other:
      break;
  }
  return "sound";
}

namespace {

double shows(std::string_view kind, std::string_view when) {
  const Id id = priors::idOf(fmt::format("shows-{}-{}", kind, when));
  return id == Id::count ? 1 : of(id);
}

bool isWiring(ElementKind kind) {
  return kind == ElementKind::leg || kind == ElementKind::connector || kind == ElementKind::splice;
}

bool ofTheBearing(const job::History& h, const circuit::Element& element) {
  const std::string part = text::lower(h.part);
  return element.kind == ElementKind::ring || part.find("bearing") != std::string::npos ||
         part.find("hub") != std::string::npos || part.find("ring") != std::string::npos ||
         part.find("encoder") != std::string::npos;
}

bool ofTheTyre(const job::History& h) {
  const std::string part = text::lower(h.part);
  return h.element == "tyre" || h.element == "wheel" || part.find("tyre") != std::string::npos ||
         part.find("tire") != std::string::npos || part == "wheel";
}

// After work that went before the complaint: it sits at the repair.
double sinceThen(const job::History& h, const circuit::Element& worked,
                 const circuit::Element& element, Fault fault) {
  const bool wheelEnd = worked.kind == ElementKind::sensor || worked.kind == ElementKind::ring;
  if (wheelEnd && ofTheBearing(h, worked)) {
    if (fault == Fault::encoderReversed) {
      return of(Id::beforeEncoder);
    }
    if (fault == Fault::ringWrongCount) {
      return of(Id::beforeCount);
    }
  }
  if (wheelEnd && (fault == Fault::wideGap || fault == Fault::reversed)) {
    return of(Id::beforeSeat);
  }
  if (fault == Fault::circuitsExchanged && !isWiring(worked.kind)) {
    return of(Id::beforeExchange);
  }
  if (fault == Fault::circuitsExchanged && element.id == worked.id) {
    return of(Id::beforeExchange) * of(Id::beforePiece);
  }
  if (element.id != worked.id) {
    return 1;
  }
  if (fault == Fault::wrongSensor && h.what == job::Work::replaced) {
    return of(Id::newPartWrong) * of(Id::beforePart);
  }
  return isWiring(worked.kind) ? of(Id::beforePiece)
                               : (h.what == job::Work::replaced ? of(Id::beforePart) : 1);
}

// After work that did not cure it.
double inVain(const job::History& h, const circuit::Element& worked,
              const circuit::Element& element, Fault fault) {
  if (element.id != worked.id) {
    return 1;
  }
  switch (h.what) {
    case job::Work::replaced:
      if (fault == Fault::wrongSensor) {
        return of(Id::newPartWrong);
      }
      if (fault == Fault::wideGap || fault == Fault::circuitsExchanged ||
          fault == Fault::modulePower) {
        return 1;
      }
      return of(Id::replacedNotCured);
    case job::Work::repaired:
      return of(Id::repairedNotCured);
    case job::Work::cleaned:
      return fault == Fault::debris || fault == Fault::resistive || fault == Fault::leak
                 ? of(Id::cleanedNotCured)
                 : 1;
    case job::Work::unplugged:
      break;
  }
  return 1;
}

}  // namespace

double circumstanceFactor(const job::Complaint& complaint, Fault fault) {
  const auto kind = showClass(fault);
  if (kind == "sound") {
    return complaint.lift && fault == Fault::none ? of(Id::soundLift) : 1;
  }
  double factor = 1;
  for (std::size_t i = 0; i < job::kWhenNames.size(); ++i) {
    const auto when = static_cast<When>(i);
    if (when != When::always && complaint.shows(when)) {
      factor *= shows(kind, job::kWhenNames[i]);
    }
  }
  return complaint.lift ? factor * shows(kind, "lift") : factor;
}

double historyFactor(const job::Case& c, const circuit::Circuit& circuit,
                     const circuit::Element* element, Fault fault) {
  double factor = 1;
  for (const auto& h : c.history) {
    const bool here = h.circuit.empty() ? circuit.name == c.suspect : h.circuit == circuit.name;
    // A wheel or tyre put on since: it turns at another rate, and nothing of the circuit was
    // touched.
    if (here && ofTheTyre(h)) {
      factor *= h.before && fault == Fault::wrongTyre ? of(Id::beforeTyre) : 1;
      continue;
    }
    const auto* worked = here ? circuit.find(h.element) : nullptr;
    if (!worked || !element) {
      continue;
    }
    if (h.before) {
      factor *= sinceThen(h, *worked, *element, fault);
    } else if (!h.cured.value_or(false)) {
      factor *= inVain(h, *worked, *element, fault);
    }
  }
  return factor;
}

}  // namespace haybale::diagnosis
