#include "core/job/search_text.h"

#include <algorithm>

namespace haybale::job {

namespace {

class Words {
 public:
  void add(const std::string& text) {
    if (!text.empty()) {
      out_ += text;
      out_ += ' ';
    }
  }
  void add(const std::vector<std::string>& texts) {
    for (const auto& text : texts) {
      add(text);
    }
  }
  void add(const Evidence& e) {
    add(e.note);
    add(e.reading.file);
    if (e.reading.value) {
      // Found by its digits whatever the language on this desk.
      std::string shown = units::format(*e.reading.value);
      std::replace(shown.begin(), shown.end(), ',', '.');
      add(shown);
    }
    if (e.reading.sight) {
      add(std::string(kSightNames[static_cast<std::size_t>(*e.reading.sight)]));
    }
    add(e.attachments);
  }
  [[nodiscard]] std::string take() { return std::move(out_); }

 private:
  std::string out_;
};

}  // namespace

std::string searchText(const Case& c) {
  Words words;
  words.add({c.tyre, c.owner, c.plate});
  words.add(c.complaint.text);
  words.add(c.complaint.when);
  words.add(c.complaint.earlierRepair);
  words.add(c.intake.module);
  words.add(c.intake.sensorPart);
  words.add(c.intake.lamps);
  for (const auto& code : c.intake.codes) {
    words.add({code.code, code.circuit, code.meaning, code.status, code.freeze});
  }
  for (const auto& circuit : c.circuits) {
    words.add({circuit.name, circuit.location});
    for (const auto& wire : circuit.wires) {
      words.add(wire.colour);
    }
    for (const auto& e : circuit.path) {
      words.add(e.label);
    }
  }
  for (const auto* list : {&c.evidence, &c.proof}) {
    for (const auto& e : *list) {
      words.add(e);
    }
  }
  words.add(c.repair.decision);
  for (const auto& [step, note] : c.repair.notes) {
    words.add(note);
  }
  words.add({c.closing.element, c.closing.fault, c.closing.zone, c.closing.kind});
  return words.take();
}

}  // namespace haybale::job
