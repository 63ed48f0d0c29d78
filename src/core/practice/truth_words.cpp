#include "core/practice/truth_words.h"

#include <algorithm>

#include "core/base/say.h"

namespace haybale::practice {

std::vector<std::pair<std::string, std::string>> faultsInWords() {
  return {
      {say("broken, parted"), "open"},
      {say("bad contact, resistance"), "resistive"},
      {say("comes and goes: parts"), "intermittent-open"},
      {say("comes and goes: touches"), "intermittent-short"},
      {say("both wires touch"), "wires-touching"},
      {say("touches ground"), "short-to-ground"},
      {say("touches a supply"), "short-to-supply"},
      {say("leaks, wet or salty"), "leak"},
      {say("coil or sensor open"), "sensor-open"},
      {say("coil or sensor shorted"), "sensor-shorted"},
      {say("sensor dead"), "sensor-dead"},
      {say("sensor weak"), "sensor-weak"},
      {say("wrong sensor fitted"), "wrong-sensor"},
      {say("metal or dirt on the tip"), "debris"},
      {say("gap too wide"), "wide-gap"},
      {say("tooth missing or damaged"), "ring-tooth"},
      {say("ring cracked"), "ring-cracked"},
      {say("ring out of round"), "ring-runout"},
      {say("ring with another count"), "ring-wrong-count"},
      {say("encoder the wrong way round"), "encoder-reversed"},
      {say("wires crossed"), "reversed"},
      {say("circuits exchanged"), "circuits-exchanged"},
      {say("input switched off, wants clearing"), "latched-off"},
      {say("no supply from the module"), "no-supply"},
      {say("input of the module dead"), "input-dead"},
      {say("module's own power or ground"), "module-power"},
      {say("tyre of another size"), "wrong-tyre"},
      {say("nothing is wrong"), "none"},
  };
}

std::string faultInWords(std::string_view name) {
  const auto all = faultsInWords();
  const auto it =
      std::find_if(all.begin(), all.end(), [&](const auto& entry) { return entry.second == name; });
  return it == all.end() ? std::string(name) : it->first;
}

std::string truthInWords(const Truth& t) {
  const std::string fault = faultInWords(t.fault);
  if (t.element.empty()) {
    return fault;
  }
  return t.element + (t.wire.empty() ? "" : sayf(", wire {}", t.wire)) + ": " + fault;
}

std::string truthInWords(const PracticeCase& p) {
  std::string out;
  for (const auto& t : p.truth) {
    out += (out.empty() ? "" : say(", and behind it ")) + truthInWords(t);
  }
  return out;
}

}  // namespace haybale::practice
