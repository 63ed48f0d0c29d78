#include "app/book/shared_page.h"

#include <QDateTime>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QPushButton>
#include <QTableWidget>
#include <QTimer>
#include <QVBoxLayout>

#include "app/parts/dialogs.h"
#include "app/parts/progress_strip.h"
#include "app/style/labels.h"
#include "app/style/plain_table.h"
#include "app/style/words.h"
#include "core/base/atomic_file.h"
#include "core/judging/limits_sheet.h"
#include "store/shared_files.h"

namespace haybale::app {

namespace {

constexpr int kLookMs = 200;

QString kindInWords(const QString& kind) {
  return kind == QLatin1String(store::shelf_kind::limits) ? QObject::tr("limits")
                                                          : QObject::tr("scan map");
}

}  // namespace

SharedPage::SharedPage(JobModel& model, JobBook& book, QWidget* parent)
    : QWidget(parent), model_(model), book_(book), luggage_(model, book) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 6, 0, 0);
  column->setSpacing(8);
  column->addWidget(sharedPart(), 1);
  column->addSpacing(8);
  column->addWidget(filesPart());
  connect(&book_, &JobBook::changed, this, [this] {
    if (isVisible()) {
      refresh();
    }
  });
  connect(&book_.carrier(), &Carrier::standingChanged, this, &SharedPage::fillFiles);
  connect(&model_, &JobModel::changed, this, [this] {
    if (isVisible()) {
      fillFiles();
    }
  });
  connect(&luggage_, &Luggage::said, this, &SharedPage::said);
  connect(&luggage_, &Luggage::busyChanged, this, &SharedPage::fillFiles);
}

QWidget* SharedPage::sharedPart() {
  auto* part = new QWidget(this);
  auto* column = new QVBoxLayout(part);
  column->setContentsMargins(0, 0, 0, 0);
  column->addWidget(partHead(tr("Sheets and maps for all benches"), part));
  things_ = plainTable(part, "shelf.things", {tr("what"), tr("name"), tr("put there"), tr("on")});
  things_->setAccessibleName(tr("Sheets and maps for all benches"));
  things_->setColumnWidth(0, 110);
  things_->setColumnWidth(2, 150);
  things_->setColumnWidth(3, 160);
  things_->horizontalHeader()->setSectionResizeMode(1, QHeaderView::Stretch);
  connect(things_, &QTableWidget::currentCellChanged, this, [this] { fillFiles(); });
  column->addWidget(things_, 1);
  empty_ =
      textLabel(part, "faint",
                tr("Nothing yet. A limits sheet or a map of a control unit that one bench puts "
                   "here is there on every other, like the readings kept as good."));
  column->addWidget(empty_);
  auto* buttons = new QHBoxLayout;
  const auto button = [&](const QString& text, const char* name, void (SharedPage::*slot)()) {
    auto* made = new QPushButton(text, part);
    made->setObjectName(QString::fromLatin1(name));
    connect(made, &QPushButton::clicked, this, slot);
    buttons->addWidget(made);
    return made;
  };
  button(tr("Put a file there..."), "shelf.put", &SharedPage::put);
  use_ = button(tr("Use its limits for this job"), "shelf.use", &SharedPage::useLimits);
  save_ = button(tr("Save a copy..."), "shelf.save", &SharedPage::saveCopy);
  off_ = button(tr("Take it off"), "shelf.off", &SharedPage::takeOff);
  buttons->addStretch();
  column->addLayout(buttons);
  return part;
}

QWidget* SharedPage::filesPart() {
  auto* part = new QWidget(this);
  auto* column = new QVBoxLayout(part);
  column->setContentsMargins(0, 0, 0, 0);
  column->addWidget(partHead(tr("Captures and photos of the open job"), part));
  files_ = textLabel(part, nullptr, {}, QStringLiteral("shelf.files"));
  column->addWidget(files_);
  auto* buttons = new QHBoxLayout;
  bring_ = new QPushButton(tr("Bring them along into the shop's logbook"), part);
  bring_->setObjectName(QStringLiteral("shelf.bring"));
  fetch_ = new QPushButton(tr("Fetch what other benches brought"), part);
  fetch_->setObjectName(QStringLiteral("shelf.fetch"));
  buttons->addWidget(bring_);
  buttons->addWidget(fetch_);
  buttons->addStretch();
  column->addLayout(buttons);
  progress_ = new ProgressStrip(part);
  column->addWidget(progress_);
  connect(bring_, &QPushButton::clicked, &luggage_, &Luggage::bringAlong);
  connect(fetch_, &QPushButton::clicked, &luggage_, &Luggage::fetch);
  connect(progress_, &ProgressStrip::cancelled, &luggage_, &Luggage::stop);
  return part;
}

void SharedPage::showEvent(QShowEvent*) {
  refresh();
}

QString SharedPage::chosen() const {
  const auto* item = things_->item(things_->currentRow(), 1);
  return item ? item->text() : QString();
}

void SharedPage::refresh() {
  const QString before = chosen();
  things_->setRowCount(0);
  const auto all = book_.logbook()
                       ? store::sharedFiles(book_.logbook()->database())
                       : Result<std::vector<store::Shelved>>(std::vector<store::Shelved>{});
  for (const auto& thing : all ? *all : std::vector<store::Shelved>{}) {
    const int row = things_->rowCount();
    things_->setRowCount(row + 1);
    const auto moment = QDateTime::fromString(thing.changed, Qt::ISODateWithMs).toLocalTime();
    putRow(things_, row,
           {kindInWords(thing.kind), thing.name,
            moment.isValid() ? moment.toString(QStringLiteral("yyyy-MM-dd HH:mm")) : thing.changed,
            thing.origin});
    things_->item(row, 0)->setData(Qt::UserRole, thing.kind);
    if (thing.name == before || row == 0) {
      things_->setCurrentCell(row, 0);
    }
  }
  empty_->setVisible(things_->rowCount() == 0);
  fillFiles();
}

void SharedPage::fillFiles() {
  const auto* kind = things_->item(things_->currentRow(), 0);
  use_->setEnabled(kind && kind->data(Qt::UserRole) == QLatin1String(store::shelf_kind::limits));
  save_->setEnabled(kind);
  off_->setEnabled(kind);
  const bool shop = !book_.carrier().shop().isEmpty();
  const auto here = luggage_.files().size();
  const int missing = luggage_.missing();
  files_->setText(
      !shop ? tr("They stay on this bench. Once a shop's logbook is used (Where it lives), they "
                 "can be "
                 "brought along there when asked for.")
      : missing > 0
          ? tr("%1 are on this bench, %2 are not: the bench that has them can bring them along.")
                .arg(here)
                .arg(missing)
          : tr("%1 are on this bench. They stay here until they are brought along.").arg(here));
  bring_->setEnabled(shop && here > 0 && !luggage_.isBusy());
  fetch_->setEnabled(shop && !luggage_.isBusy());
  showProgress();
}

void SharedPage::showProgress() {
  progress_->setVisible(luggage_.isBusy());
  if (luggage_.isBusy()) {
    progress_->show(tr("bringing files over"), luggage_.share());
    QTimer::singleShot(kLookMs, this, &SharedPage::showProgress);
  }
}

void SharedPage::put() {
  const QString path = dialogs().openFile(this, tr("Put a limits sheet or scan map on the shelf"),
                                          QStringLiteral("*.json *.csv"));
  if (path.isEmpty() || !book_.logbook()) {
    return;
  }
  const auto kind = store::shareFile(book_.logbook()->database(), path);
  emit said(kind ? tr("It lies there for all benches.") : q(kind.error().sentence()), !kind);
  book_.carrier().nudge();
  refresh();
}

void SharedPage::useLimits() {
  const auto thing = store::sharedFile(book_.logbook()->database(), chosen());
  const auto sheet =
      thing ? judging::parseLimitsSheet(thing->content.toStdString(), thing->name.toStdString())
            : Result<judging::LimitsSheet>(thing.error());
  if (!sheet) {
    emit said(q(sheet.error().sentence()), true);
    return;
  }
  model_.change(tr("limits of a sheet"),
                [&](job::Case& c) { judging::applySheet(*sheet, c.limits); });
  emit said(tr("%1 limits taken from %2.").arg(sheet->limits.size()).arg(thing->name), false);
}

void SharedPage::saveCopy() {
  const QString path =
      dialogs().saveFile(this, tr("Save a copy"), chosen(), QStringLiteral("*.json *.csv"));
  const auto thing = store::sharedFile(book_.logbook()->database(), chosen());
  if (path.isEmpty() || !thing) {
    return;
  }
  const auto done = job::writeFileAtomically(path.toStdString(), thing->content.toStdString());
  emit said(done ? tr("Saved in %1.").arg(path) : q(done.error().sentence()), !done);
}

void SharedPage::takeOff() {
  auto& db = book_.logbook()->database();
  const auto thing = store::sharedFile(db, chosen());
  const auto done =
      thing ? store::Shelf(db).remove(thing->kind, thing->name) : Status(thing.error());
  if (!done) {
    emit said(q(done.error().sentence()), true);
  }
  book_.carrier().nudge();
  refresh();
}

}  // namespace haybale::app
