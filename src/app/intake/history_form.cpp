#include "app/intake/history_form.h"

#include <fmt/format.h>

#include <QComboBox>
#include <QGridLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>

#include "app/style/form.h"
#include "app/style/words.h"

namespace haybale::app {

namespace {

// What can have been worked on: the suspect's line, and the tyre.
QStringList worked(const job::Case& c) {
  QStringList out;
  if (const auto* suspect = c.suspectCircuit()) {
    for (const auto& e : suspect->path) {
      out << q(e.id);
    }
  }
  return out << QStringLiteral("tyre");
}

int indexOf(const std::optional<bool>& cured) {
  return !cured ? 0 : *cured ? 2 : 1;
}

}  // namespace

HistoryForm::HistoryForm(JobModel& model, QWidget* parent)
    : QWidget(parent), model_(model), grid_(new QGridLayout(this)) {
  grid_->setContentsMargins(0, 0, 0, 0);
  grid_->setSpacing(5);
  connect(&model_, &JobModel::changed, this, &HistoryForm::rebuild);
  rebuild();
}

void HistoryForm::rebuild() {
  QString key = worked(model_.job()).join(QLatin1Char('|'));
  for (const auto& h : model_.job().history) {
    key += q(fmt::format("\n{}/{}/{}/{}/{}", h.element, static_cast<int>(h.what), h.part,
                         h.before ? 1 : 0, indexOf(h.cured)));
  }
  if (key == shown_) {
    return;
  }
  shown_ = key;
  empty(*grid_);
  for (std::size_t i = 0; i < model_.job().history.size(); ++i) {
    addRow(i);
  }
  auto* add = new QPushButton(tr("Add a work done"), this);
  add->setObjectName(QStringLiteral("intake.history.add"));
  connect(add, &QPushButton::clicked, this, [this] {
    model_.change(tr("add a work done"), [](job::Case& c) {
      job::History h;
      h.element = "sensor";
      h.cured = false;
      c.history.push_back(h);
    });
  });
  grid_->addWidget(add, static_cast<int>(model_.job().history.size()), 0, 1, 3);
}

void HistoryForm::addRow(std::size_t index) {
  const auto& h = model_.job().history[index];
  const int row = static_cast<int>(index);
  const QStringList elements = worked(model_.job());
  choice(index, 0, QStringLiteral("element"), elements,
         static_cast<int>(elements.indexOf(q(h.element))),
         [elements](job::History& one, int k) { one.element = elements[k].toStdString(); });
  QStringList works;
  for (const auto name : job::kWorkNames) {
    works << tr("was %1").arg(q(name));
  }
  choice(index, 1, QStringLiteral("what"), works, static_cast<int>(h.what),
         [](job::History& one, int k) { one.what = static_cast<job::Work>(k); });
  choice(index, 2, QStringLiteral("when"), {tr("for this complaint"), tr("before it began")},
         h.before ? 1 : 0, [](job::History& one, int k) { one.before = k == 1; });
  choice(
      index, 3, QStringLiteral("cured"),
      {tr("result not known"), tr("did not cure it"), tr("cured it")}, indexOf(h.cured),
      [](job::History& one, int k) { one.cured = k == 0 ? std::nullopt : std::optional(k == 2); });
  auto* part = new QLineEdit(q(h.part), this);
  part->setObjectName(QStringLiteral("intake.history%1.part").arg(index));
  part->setPlaceholderText(tr("part: hub, bearing..."));
  part->setProperty("tight", true);
  part->setMinimumWidth(90);
  connect(part, &QLineEdit::editingFinished, this, [this, index, part] {
    if (index < model_.job().history.size() &&
        q(model_.job().history[index].part) != part->text()) {
      const std::string text = part->text().toStdString();
      model_.change(tr("work done"), [&](job::Case& c) { c.history[index].part = text; });
    }
  });
  grid_->addWidget(part, row, 4);
  auto* remove = new QPushButton(tr("Remove"), this);
  remove->setObjectName(QStringLiteral("intake.history%1.remove").arg(index));
  connect(remove, &QPushButton::clicked, this, [this, index] {
    model_.change(tr("remove a work done"), [&](job::Case& c) {
      if (index < c.history.size()) {
        c.history.erase(c.history.begin() + static_cast<std::ptrdiff_t>(index));
      }
    });
  });
  grid_->addWidget(remove, row, 5);
}

void HistoryForm::choice(std::size_t index, int column, const QString& field,
                         const QStringList& items, int now,
                         const std::function<void(job::History&, int)>& set) {
  auto* box = new QComboBox(this);
  box->setObjectName(QStringLiteral("intake.history%1.%2").arg(index).arg(field));
  box->setProperty("tight", true);
  box->addItems(items);
  box->setCurrentIndex(std::max(0, now));
  connect(box, &QComboBox::activated, this, [this, index, set](int k) {
    model_.change(tr("work done"), [&](job::Case& c) {
      if (index < c.history.size()) {
        set(c.history[index], k);
      }
    });
  });
  grid_->addWidget(box, static_cast<int>(index), column);
}

}  // namespace haybale::app
