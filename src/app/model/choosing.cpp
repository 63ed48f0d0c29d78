#include "app/model/choosing.h"

#include "app/model/job_model.h"

namespace haybale::app {

using circuit::Place;
using circuit::TestKind;

void Choosing::circuit(const QString& name) {
  const auto* circuit = model_.job_.find(name.toStdString());
  if (!circuit || name == model_.selection_.circuit) {
    return;
  }
  model_.selection_.circuit = name;
  model_.selection_.evidence.clear();
  model_.selection_.test = job::defaultTest(
      *circuit, {Place::Kind::modulePlug, circuit->path.front().id}, TestKind::resistance);
  keepOnTheLine();
  emit model_.selectionChanged();
}

void Choosing::place(const Place& place, circuit::WireId wire) {
  const auto* circuit = model_.selectedCircuit();
  if (!circuit) {
    return;
  }
  const TestKind kind = model_.selection_.test.kind;
  model_.selection_.test = job::defaultTest(*circuit, place, kind);
  if (wire != circuit::WireId::a && kind == TestKind::dcVoltage) {
    model_.selection_.test.red->wire = wire;
  }
  model_.selection_.evidence.clear();
  emit model_.selectionChanged();
}

void Choosing::editing(bool editing) {
  const auto* circuit = model_.selectedCircuit();
  if (editing == model_.selection_.editing || !circuit) {
    return;
  }
  model_.selection_.editing = editing;
  if (!circuit->find(model_.selection_.part.toStdString())) {
    model_.selection_.part = QString::fromStdString(circuit->path.front().id);
  }
  emit model_.selectionChanged();
}

void Choosing::part(const QString& id) {
  model_.selection_.part = id;
  emit model_.selectionChanged();
}

void Choosing::test(const circuit::Test& test) {
  model_.selection_.circuit = QString::fromStdString(test.circuit);
  model_.selection_.test = test;
  model_.selection_.evidence.clear();
  emit model_.selectionChanged();
}

void Choosing::kind(TestKind kind) {
  const auto* circuit = model_.selectedCircuit();
  if (!circuit || !model_.selection_.test.red) {
    return;
  }
  test(job::defaultTest(*circuit, model_.selection_.test.red->place, kind));
}

void Choosing::evidence(const QString& id) {
  if (const auto* e = model_.job_.evidenceById(id.toStdString())) {
    model_.selection_.circuit = QString::fromStdString(e->test.circuit);
    model_.selection_.evidence = id;
    if (circuit::unitOf(e->test.kind) != units::Unit::none) {
      model_.selection_.test = e->test;  // a bare value typed now repeats that test
    }
    emit model_.selectionChanged();
  }
}

// A job is taken up where it was left: at the last number measured on the line in question.
void Choosing::takeUp() {
  Selection& now = model_.selection_;
  now = {};
  const auto* suspect = model_.job_.suspectCircuit();
  if (!suspect) {
    return;
  }
  now.circuit = QString::fromStdString(suspect->name);
  now.test = job::defaultTest(*suspect, {Place::Kind::modulePlug, suspect->path.front().id},
                              TestKind::resistance);
  for (const auto& e : model_.job_.evidence) {
    if (e.test.circuit == suspect->name && e.test.red && !e.withdrawn &&
        (e.test.kind == TestKind::dcVoltage || e.test.kind == TestKind::resistance)) {
      now.test = e.test;
    }
  }
}

void Choosing::afterAnEdit() {
  Selection& now = model_.selection_;
  if (!model_.selectedCircuit()) {
    const auto* suspect = model_.job_.suspectCircuit();
    now.circuit = suspect ? QString::fromStdString(suspect->name) : QString();
  }
  if (!model_.job_.evidenceById(now.evidence.toStdString())) {
    now.evidence.clear();
  }
  keepOnTheLine();
}

// An edit of the line may have taken away what was chosen on it.
void Choosing::keepOnTheLine() {
  const auto* circuit = model_.selectedCircuit();
  if (!circuit) {
    return;
  }
  const auto gone = [&](const std::string& id) { return !id.empty() && !circuit->find(id); };
  const auto& test = model_.selection_.test;
  bool lost = test.circuit != circuit->name || !test.red;
  for (const auto* probe : {&test.red, &test.black}) {
    lost = lost || (*probe && gone((*probe)->place.element));
  }
  for (const auto& id : test.state.unplugged) {
    lost = lost || gone(id);
  }
  if (lost) {
    model_.selection_.test = job::defaultTest(
        *circuit, {Place::Kind::modulePlug, circuit->path.front().id}, TestKind::resistance);
  }
  if (gone(model_.selection_.part.toStdString())) {
    model_.selection_.part = QString::fromStdString(circuit->path.front().id);
  }
}

}  // namespace haybale::app
