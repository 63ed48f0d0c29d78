#include "app/parts/preferences_dialog.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDialogButtonBox>
#include <QDoubleSpinBox>
#include <QFileInfo>
#include <QFormLayout>
#include <QGridLayout>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QScrollArea>
#include <QTabWidget>
#include <QVBoxLayout>

#include "app/line/meter_dialog.h"
#include "app/model/known_meters.h"
#include "app/model/languages.h"
#include "app/parts/dialogs.h"
#include "app/style/labels.h"
#include "app/style/words.h"
#include "core/base/say.h"

namespace haybale::app {

namespace {

constexpr double job::Case::Costs::*kPrices[] = {&job::Case::Costs::hour, &job::Case::Costs::sensor,
                                                 &job::Case::Costs::ring, &job::Case::Costs::jumper,
                                                 &job::Case::Costs::module};

constexpr QSize kMarkSize(200, 56);

QString plain(std::string_view name) {
  return q(sayName(name));
}

template <std::size_t N>
QWidget* marks(QWidget* parent, const std::array<std::string_view, N>& names,
               const std::vector<std::string>& on, const char* prefix, QList<QCheckBox*>& boxes) {
  auto* box = new QWidget(parent);
  auto* grid = new QGridLayout(box);
  grid->setContentsMargins(0, 0, 0, 0);
  int at = 0;
  for (const auto name : names) {
    auto* mark = new QCheckBox(plain(name), box);
    mark->setObjectName(QLatin1String(prefix) + q(name));
    mark->setChecked(std::find(on.begin(), on.end(), name) != on.end());
    grid->addWidget(mark, at / 3, at % 3);
    boxes << mark;
    ++at;
  }
  return box;
}

template <std::size_t N>
std::vector<std::string> marked(const std::array<std::string_view, N>& names,
                                const QList<QCheckBox*>& boxes) {
  std::vector<std::string> out;
  for (std::size_t i = 0; i < N; ++i) {
    if (boxes[static_cast<qsizetype>(i)]->isChecked()) {
      out.emplace_back(names[i]);
    }
  }
  return out;
}

}  // namespace

PreferencesDialog::PreferencesDialog(const Preferences& now, const ProgramSettings& program,
                                     QWidget* parent)
    : QDialog(parent), now_(now) {
  setObjectName(QStringLiteral("preferences"));
  setWindowTitle(tr("Preferences"));
  resize(660, 560);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(14, 12, 14, 14);
  auto* tabs = new QTabWidget(this);
  tabs->setObjectName(QStringLiteral("preferences.tabs"));
  const std::pair<QString, QWidget*> pages[] = {{tr("New jobs"), jobPage()},
                                                {tr("Reports"), reportPage()},
                                                {tr("Meters owned"), meterPage()},
                                                {tr("This program"), programPage(program)}};
  for (const auto& [title, page] : pages) {
    auto* scroll = new QScrollArea(this);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setWidgetResizable(true);
    scroll->setWidget(page);
    tabs->addTab(scroll, title);
  }
  column->addWidget(tabs, 1);
  auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel, this);
  connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
  connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
  column->addWidget(buttons);
}

QWidget* PreferencesDialog::programPage(const ProgramSettings& now) {
  auto* page = new QWidget(this);
  auto* form = new QFormLayout(page);
  form->setContentsMargins(10, 12, 10, 12);
  theme_ = new QComboBox(page);
  theme_->setObjectName(QStringLiteral("preferences.theme"));
  theme_->addItems({tr("as the desktop"), tr("day"), tr("night")});
  theme_->setCurrentIndex(static_cast<int>(now.theme));
  form->addRow(tr("Colours"), theme_);
  scale_ = new QComboBox(page);
  scale_->setObjectName(QStringLiteral("preferences.scale"));
  for (int percent = kLeastScale; percent <= kMostScale; percent += kScaleStep) {
    scale_->addItem(QStringLiteral("%1 %").arg(percent), percent);
  }
  scale_->setCurrentIndex(scale_->findData(now.scalePercent));
  form->addRow(tr("Size of everything"), scale_);
  language_ = new QComboBox(page);
  language_->setObjectName(QStringLiteral("preferences.language"));
  language_->addItem(tr("as the desktop"), QString());
  for (const auto& language : languages()) {
    language_->addItem(language.name, language.code);
  }
  language_->setCurrentIndex(std::max(0, language_->findData(now.language)));
  form->addRow(tr("Language"), language_);
  units_ = new QComboBox(page);
  units_->setObjectName(QStringLiteral("preferences.units"));
  units_->addItems({tr("as the desktop's region"), tr("km/h and \u00B0C"), tr("mph and \u00B0C"),
                    tr("mph and \u00B0F")});
  units_->setCurrentIndex(static_cast<int>(now.units));
  form->addRow(tr("Speed and temperature"), units_);
  sound_ = new QCheckBox(tr("the wiggle watch may be heard"), page);
  sound_->setObjectName(QStringLiteral("preferences.sound"));
  sound_->setChecked(now.sound);
  form->addRow(tr("Sound"), sound_);
  voice_ = new QCheckBox(tr("the page to be read from afar (F11) speaks"), page);
  voice_->setObjectName(QStringLiteral("preferences.voice"));
  voice_->setChecked(now.voice);
  form->addRow(tr("Voice"), voice_);
  return page;
}

QWidget* PreferencesDialog::jobPage() {
  const auto& now = now_;
  auto* page = new QWidget(this);
  auto* column = new QVBoxLayout(page);
  column->setContentsMargins(10, 12, 10, 12);
  column->addWidget(
      textLabel(page, "faint", tr("What a new job begins with; each job may differ.")));
  auto* form = new QFormLayout;
  form->addRow(tr("Tool box"),
               marks(this, job::kToolNames, now.toolbox, "preferences.tool.", tools_));
  form->addRow(tr("Usually allowed"),
               marks(this, job::kAllowedNames, now.allowed, "preferences.allowed.", allowed_));
  const QString labels[] = {tr("An hour costs"), tr("A sensor costs"),
                            tr("A ring or bearing costs"), tr("A repair lead costs"),
                            tr("A module costs")};
  for (std::size_t i = 0; i < std::size(kPrices); ++i) {
    auto* price = new QDoubleSpinBox(this);
    price->setObjectName(QStringLiteral("preferences.price%1").arg(i));
    price->setRange(0, 1e6);
    price->setDecimals(2);
    price->setButtonSymbols(QAbstractSpinBox::NoButtons);
    price->setValue(now.costs.*kPrices[i]);
    form->addRow(labels[i], price);
    prices_ << price;
  }
  school_ = new QComboBox(this);
  school_->setObjectName(QStringLiteral("preferences.school"));
  for (const auto school : job::kSpliceSchools) {
    school_->addItem(plain(school), q(school));
  }
  school_->setCurrentIndex(std::max(0, school_->findData(q(now.school))));
  form->addRow(tr("Wires are joined by"), school_);
  column->addLayout(form);
  column->addStretch();
  return page;
}

QWidget* PreferencesDialog::reportPage() {
  auto* page = new QWidget(this);
  auto* form = new QFormLayout(page);
  form->setContentsMargins(10, 12, 10, 12);
  shop_ = new QLineEdit(now_.shop, page);
  shop_->setObjectName(QStringLiteral("preferences.shop"));
  technician_ = new QLineEdit(now_.technician, page);
  technician_->setObjectName(QStringLiteral("preferences.technician"));
  form->addRow(tr("Shop"), shop_);
  form->addRow(tr("Technician"), technician_);
  auto* row = new QHBoxLayout;
  markShown_ = new QLabel(page);
  markShown_->setObjectName(QStringLiteral("preferences.mark"));
  markShown_->setMinimumHeight(kMarkSize.height());
  auto* choose = new QPushButton(tr("Choose a picture..."), page);
  choose->setObjectName(QStringLiteral("preferences.mark.choose"));
  auto* none = new QPushButton(tr("None"), page);
  none->setObjectName(QStringLiteral("preferences.mark.none"));
  for (auto* button : {choose, none}) {
    button->setAutoDefault(false);
  }
  connect(choose, &QPushButton::clicked, this, [this] {
    const QString file = dialogs().openFile(this, tr("The shop's mark"),
                                            tr("Pictures (*.png *.jpg *.jpeg *.bmp *.gif)"));
    if (!file.isEmpty()) {
      showMark(file);
    }
  });
  connect(none, &QPushButton::clicked, this, [this] { showMark({}); });
  row->addWidget(markShown_, 1);
  row->addWidget(choose);
  row->addWidget(none);
  form->addRow(tr("Mark, at the head"), row);
  showMark(now_.mark);
  return page;
}

void PreferencesDialog::showMark(const QString& file) {
  const QPixmap picture(file);
  now_.mark = picture.isNull() ? QString() : file;
  if (!picture.isNull()) {
    markShown_->setPixmap(picture.scaled(kMarkSize, Qt::KeepAspectRatio, Qt::SmoothTransformation));
  } else {
    markShown_->setText(
        file.isEmpty() ? tr("no mark")
                       : tr("%1 is no picture that can be read.").arg(QFileInfo(file).fileName()));
  }
}

QWidget* PreferencesDialog::meterPage() {
  auto* page = new QWidget(this);
  auto* column = new QVBoxLayout(page);
  column->setContentsMargins(10, 12, 10, 12);
  column->addWidget(textLabel(page, "faint",
                              tr("Mark those that lie in this shop: a job offers them first. A "
                                 "scope is marked in the tool box.")));
  meters_ = new QListWidget(page);
  meters_->setObjectName(QStringLiteral("preferences.meters"));
  meters_->setSpacing(4);
  column->addWidget(meters_, 1);
  auto* add = new QPushButton(tr("Describe another meter..."), page);
  add->setObjectName(QStringLiteral("preferences.meters.add"));
  add->setAutoDefault(false);
  column->addWidget(add, 0, Qt::AlignLeft);
  auto* form = new QFormLayout;
  meter_ = new QComboBox(page);
  meter_->setObjectName(QStringLiteral("preferences.meter"));
  form->addRow(tr("A new job begins with"), meter_);
  column->addLayout(form);
  connect(meters_, &QListWidget::itemChanged, this, [this] {
    now_.ownedMeters = owned();
    fillUsualMeter();
  });
  connect(add, &QPushButton::clicked, this, [this] { describeMeter(); });
  fillMeters();
  return page;
}

std::vector<std::string> PreferencesDialog::owned() const {
  std::vector<std::string> out;
  for (int row = 0; row < meters_->count(); ++row) {
    if (meters_->item(row)->checkState() == Qt::Checked) {
      out.push_back(meters_->item(row)->text().toStdString());
    }
  }
  return out;
}

void PreferencesDialog::fillMeters() {
  const QSignalBlocker quiet(meters_);
  meters_->clear();
  for (const auto& meter : ownedFirst(now_.ownedMeters)) {
    auto* item = new QListWidgetItem(q(meter.name), meters_);
    const auto& marked = now_.ownedMeters;
    const bool mine = std::find(marked.begin(), marked.end(), meter.name) != marked.end();
    item->setCheckState(mine ? Qt::Checked : Qt::Unchecked);
  }
  fillUsualMeter();
}

// The one in force, then those owned; all where none is marked.
void PreferencesDialog::fillUsualMeter() {
  QString chosen = meter_->currentText();
  chosen = chosen.isEmpty() ? q(now_.meter.name) : chosen;
  meter_->clear();
  meter_->addItem(chosen);
  const auto& marked = now_.ownedMeters;
  for (const auto& meter : ownedFirst(marked)) {
    const bool offered =
        marked.empty() || std::find(marked.begin(), marked.end(), meter.name) != marked.end();
    if (offered && q(meter.name) != chosen) {
      meter_->addItem(q(meter.name));
    }
  }
}

void PreferencesDialog::describeMeter() {
  auto* dialog = new MeterDialog(now_.meter, this);
  dialog->setAttribute(Qt::WA_DeleteOnClose);
  connect(dialog, &QDialog::accepted, this, [this, dialog] {
    if (const auto status = keepMeter(dialog->meter()); !status) {
      emit said(q(status.error().sentence()), true);
      return;
    }
    now_.ownedMeters = owned();
    now_.ownedMeters.push_back(dialog->meter().name);
    fillMeters();
  });
  dialog->open();
}

ProgramSettings PreferencesDialog::program() const {
  ProgramSettings out;
  out.theme = static_cast<ThemeChoice>(theme_->currentIndex());
  out.scalePercent = scale_->currentData().toInt();
  out.language = language_->currentData().toString();
  out.sound = sound_->isChecked();
  out.units = static_cast<UnitChoice>(units_->currentIndex());
  out.voice = voice_->isChecked();
  return out;
}

Preferences PreferencesDialog::chosen() const {
  Preferences out = now_;
  out.shop = shop_->text().trimmed();
  out.technician = technician_->text().trimmed();
  out.toolbox = marked(job::kToolNames, tools_);
  out.allowed = marked(job::kAllowedNames, allowed_);
  for (std::size_t i = 0; i < std::size(kPrices); ++i) {
    out.costs.*kPrices[i] = prices_[static_cast<qsizetype>(i)]->value();
  }
  for (const auto& meter : knownMeters()) {
    if (q(meter.name) == meter_->currentText() && meter.name != now_.meter.name) {
      out.meter = meter;
    }
  }
  out.school = school_->currentData().toString().toStdString();
  return out;
}

}  // namespace haybale::app
