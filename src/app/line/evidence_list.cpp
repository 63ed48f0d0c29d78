#include "app/line/evidence_list.h"

#include <QDesktopServices>
#include <QDir>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QImageReader>
#include <QLineEdit>
#include <QPushButton>
#include <QTableWidget>
#include <QUrl>
#include <QVBoxLayout>

#include "app/model/autosave.h"
#include "app/parts/dialogs.h"
#include "app/parts/when_seen.h"
#include "app/photo/camera_dialog.h"
#include "app/photo/photo_dialog.h"
#include "app/style/flow_layout.h"
#include "app/style/theme.h"
#include "app/style/words.h"
#include "core/base/say.h"
#include "picture/line_board.h"
#include "picture/photo_files.h"
#include "render/scene_painter.h"

namespace haybale::app {

namespace {

enum Column { kTime, kCircuit, kTest, kReading, kExpected, kMeaning, kColumns };
constexpr int kWidths[] = {54, 46, 156, 98, 100, 0};

QString meaningOf(const job::Evidence& e, const diagnosis::ReadingView& view) {
  QString text =
      e.withdrawn ? QObject::tr("withdrawn, kept") : q(picture::verdictWord(view.verdict));
  if (!view.reason.empty()) {
    text += QStringLiteral(": ") + q(view.reason);
  }
  for (const auto& trap : view.traps) {
    text += QLatin1Char(' ') + q(trap.text);
  }
  if (!e.note.empty()) {
    text += QLatin1Char(' ') + q(e.note);
  }
  for (const auto& file : e.attachments) {
    text += QObject::tr(" File: %1.").arg(q(file.substr(file.find_last_of('/') + 1)));
  }
  return text;
}

// The heading says "expected" already, in whatever language.
std::string_view withoutLead(std::string_view text) {
  const std::string_view lead = haybale::say("expected ");
  return text.starts_with(lead) ? text.substr(lead.size()) : text;
}

// The hour of "2026-11-20T08:16"; the day stands in the report.
QString timeOf(const job::Evidence& e) {
  const auto t = e.time.find('T');
  return q(t == std::string::npos ? e.time : e.time.substr(t + 1, 5));
}

}  // namespace

EvidenceList::EvidenceList(JobModel& model, QWidget* parent)
    : QWidget(parent), model_(model), table_(new QTableWidget(0, kColumns, this)) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  table_->setObjectName(QStringLiteral("readings"));
  table_->setHorizontalHeaderLabels({tr("time"), tr("wheel"), tr("test, place, state"),
                                     tr("reading"), tr("expected"), tr("what it means")});
  table_->verticalHeader()->hide();
  table_->setSelectionBehavior(QAbstractItemView::SelectRows);
  table_->setSelectionMode(QAbstractItemView::SingleSelection);
  table_->setEditTriggers(QAbstractItemView::NoEditTriggers);
  table_->setWordWrap(true);
  table_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  table_->horizontalHeader()->setStretchLastSection(true);
  table_->horizontalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
  table_->verticalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
  for (int i = 0; i < kMeaning; ++i) {
    table_->setColumnWidth(i, kWidths[i]);
  }
  column->addWidget(table_, 1);
  addKeys();
  connect(table_, &QTableWidget::itemSelectionChanged, this, [this] {
    if (!chosen().isEmpty()) {
      model_.choose().evidence(chosen());
      keysFor(model_.job().evidenceById(chosen().toStdString()));
    }
  });
  auto* seen = new WhenSeen(this, [this] { refresh(); });
  connect(&model_, &JobModel::changed, seen, &WhenSeen::due);
  connect(&model_, &JobModel::assessed, seen, &WhenSeen::due);
  connect(&ThemeHub::instance(), &ThemeHub::changed, seen, &WhenSeen::due);
}

void EvidenceList::addKeys() {
  auto* row = new QHBoxLayout;
  retype_ = new QLineEdit(this);
  retype_->setObjectName(QStringLiteral("readings.retype"));
  retype_->setPlaceholderText(tr("a value, or any word of its line"));
  connect(retype_, &QLineEdit::returnPressed, this, &EvidenceList::correct);
  row->addWidget(retype_, 1);
  auto* keys = new QWidget(this);
  auto* below = new FlowLayout(keys, 8);
  const auto key = [&](const QString& text, const char* name, const std::function<void()>& run) {
    auto* button = new QPushButton(text, this);
    button->setObjectName(QLatin1String(name));
    connect(button, &QPushButton::clicked, this, run);
    below->addWidget(button);
    needRow_ << button;
    return button;
  };
  row->addWidget(key(tr("Correct"), "readings.correct", [this] { correct(); }));
  withdraw_ = key(tr("Withdraw"), "readings.withdraw", [this] {
    if (const auto* e = model_.job().evidenceById(chosen().toStdString())) {
      model_.entries().setWithdrawn(chosen(), !e->withdrawn);
    }
  });
  key(tr("Remove"), "readings.remove", [this] { model_.entries().remove(chosen()); });
  key(tr("Attach a file"), "readings.attach", [this] { attach(); });
  key(tr("Take a photo"), "readings.camera", [this] { takePhoto(); });
  photo_ = key(tr("Mark the photo"), "readings.photo", [this] { markPhoto(); });
  auto* column = static_cast<QVBoxLayout*>(layout());
  column->addLayout(row);
  column->addWidget(keys);
}

QString EvidenceList::chosen() const {
  const auto* item =
      table_->currentRow() >= 0 ? table_->item(table_->currentRow(), kTime) : nullptr;
  return item ? item->data(Qt::UserRole).toString() : QString();
}

void EvidenceList::correct() {
  const auto status = model_.entries().retype(chosen(), retype_->text());
  if (status) {
    retype_->clear();
  } else {
    emit model_.said(q(status.error().sentence()), true);
  }
}

void EvidenceList::attach() {
  model_.entries().attach(
      chosen(), dialogs().openFile(this, tr("Attach a photo or file"), tr("All files (*)")));
}

// The photo attached last, as a file; empty where there is none.
QString EvidenceList::photoOf(const job::Evidence* e) const {
  for (std::size_t i = e ? e->attachments.size() : 0; i-- > 0;) {
    if (picture::isPhoto(e->attachments[i])) {
      return QDir(model_.folder()).absoluteFilePath(q(e->attachments[i]));
    }
  }
  return {};
}

void EvidenceList::markPhoto() {
  const QString id = chosen();
  const QString file = photoOf(model_.job().evidenceById(id.toStdString()));
  if (QImageReader(file).size().isEmpty()) {
    emit model_.said(tr("%1 is no picture that can be read.").arg(QFileInfo(file).fileName()),
                     true);
    return;
  }
  auto* dialog = new PhotoDialog(file, this);
  dialog->setAttribute(Qt::WA_DeleteOnClose);
  connect(dialog, &PhotoDialog::said, &model_, &JobModel::said);
  connect(dialog, &QDialog::accepted, this,
          [this, dialog, id] { model_.entries().attach(id, dialog->kept()); });
  dialog->open();
}

// Beside the job; before it has a file, where the program keeps its own.
void EvidenceList::takePhoto() {
  const QString folder =
      model_.path().isEmpty() ? stateFolder() + QStringLiteral("/photos") : model_.folder();
  auto* dialog = new CameraDialog(folder, this);
  dialog->setAttribute(Qt::WA_DeleteOnClose);
  connect(dialog, &CameraDialog::said, &model_, &JobModel::said);
  connect(dialog, &QDialog::accepted, this,
          [this, dialog, id = chosen()] { model_.entries().attach(id, dialog->taken()); });
  dialog->open();
}

void EvidenceList::fillRow(int row, const job::Evidence& e, const diagnosis::ReadingView& view) {
  const auto theme = ThemeHub::instance().theme();
  const auto& red = e.test.red;
  const QString test =
      q(view.title) + (red ? QLatin1Char('\n') + q(spoken(red->place)) : QString()) +
      QLatin1Char('\n') + q(circuit::stateText(e.test.state)) +
      (e.test.meterName.empty() ? QString() : QLatin1Char('\n') + q(e.test.meterName));
  const QString texts[] = {
      timeOf(e),         q(e.test.circuit), test, q(view.shown), q(withoutLead(view.expectedText)),
      meaningOf(e, view)};
  for (int i = 0; i < kColumns; ++i) {
    auto* item = new QTableWidgetItem(texts[i]);
    item->setTextAlignment(Qt::AlignLeft | Qt::AlignTop);
    item->setData(Qt::UserRole, q(e.id));
    QFont font = item->font();
    font.setStrikeOut(e.withdrawn && i != kMeaning);
    font.setBold(i == kReading);
    item->setFont(font);
    const auto role = e.withdrawn     ? picture::Role::faint
                      : i == kMeaning ? picture::verdictRole(view.verdict)
                                      : picture::Role::ink;
    item->setForeground(render::colour(role, theme));
    table_->setItem(row, i, item);
  }
}

void EvidenceList::refresh() {
  const QSignalBlocker quiet(table_);
  const QString before = model_.selection().evidence;
  const auto& evidence = model_.job().evidence;
  const auto& views = model_.assessment().views;
  table_->setRowCount(static_cast<int>(std::min(evidence.size(), views.size())));
  table_->setCurrentCell(-1, -1);
  for (int row = 0; row < table_->rowCount(); ++row) {
    const auto i = static_cast<std::size_t>(row);
    fillRow(row, evidence[i], views[i]);
    if (q(evidence[i].id) == before) {
      table_->selectRow(row);
    }
  }
  keysFor(model_.job().evidenceById(chosen().toStdString()));
}

void EvidenceList::keysFor(const job::Evidence* e) {
  withdraw_->setText(e && e->withdrawn ? tr("Count again") : tr("Withdraw"));
  for (auto* button : needRow_) {
    button->setEnabled(e != nullptr);
  }
  photo_->setEnabled(!photoOf(e).isEmpty());
}

}  // namespace haybale::app
