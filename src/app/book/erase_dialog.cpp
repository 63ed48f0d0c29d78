#include "app/book/erase_dialog.h"

#include <QHBoxLayout>
#include <QPushButton>
#include <QVBoxLayout>

#include "app/style/labels.h"
#include "app/style/words.h"

namespace haybale::app {

namespace {

// Whose it is, as far as the job says.
QString whose(store::Logbook& book, const QString& job) {
  const auto c = book.load(job);
  QStringList parts;
  if (c && !c->owner.empty()) {
    parts << q(c->owner);
  }
  if (c && !c->plate.empty()) {
    parts << q(c->plate);
  }
  return parts.isEmpty() ? QObject::tr(
                               "The state that is shown names no owner and no plate; earlier "
                               "ones may.")
                         : parts.join(QStringLiteral(", "));
}

}  // namespace

EraseDialog::EraseDialog(JobBook& book, const QString& job, QWidget* parent) : QDialog(parent) {
  setObjectName(QStringLiteral("erase"));
  setWindowTitle(tr("Erase owner and plate"));
  resize(560, 320);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(20, 16, 20, 16);
  column->setSpacing(10);
  const auto row = book.logbook()->row(job);
  column->addWidget(textLabel(this, "head", row ? row->title : job));
  column->addWidget(textLabel(this, nullptr, whose(*book.logbook(), job)));
  const auto states = book.logbook()->revisions(job);
  column->addWidget(
      textLabel(this, nullptr,
                tr("Goes: owner, plate, what the owner decided, and both names "
                   "wherever they stand in notes and "
                   "titles, in every kept state (%1), in the job's file, in the copies "
                   "of the logbook on this bench, "
                   "in the shop's logbook and, once it is brought over, on every "
                   "bench. Files that were brought "
                   "along into the shop's logbook are taken off there.")
                    .arg(states ? states->size() : 0)));
  column->addWidget(
      textLabel(this, nullptr,
                tr("Stays: all that was measured, found and repaired. Photos, captures "
                   "and bundles on disk are not looked into.")));
  column->addWidget(textLabel(this, "caution", tr("This cannot be undone.")));
  column->addStretch();
  auto* buttons = new QHBoxLayout;
  auto* erase = new QPushButton(tr("Erase"), this);
  erase->setObjectName(QStringLiteral("erase.yes"));
  auto* leave = new QPushButton(tr("Leave it"), this);
  leave->setObjectName(QStringLiteral("erase.no"));
  leave->setDefault(true);
  buttons->addWidget(erase);
  buttons->addStretch();
  buttons->addWidget(leave);
  column->addLayout(buttons);
  connect(leave, &QPushButton::clicked, this, &QDialog::reject);
  connect(erase, &QPushButton::clicked, this, [this, &book, job] {
    book.erasePersonal(job);
    accept();
  });
}

}  // namespace haybale::app
