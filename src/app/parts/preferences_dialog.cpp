#include "app/parts/preferences_dialog.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDialogButtonBox>
#include <QDoubleSpinBox>
#include <QFormLayout>
#include <QGridLayout>
#include <QLineEdit>
#include <QScrollArea>
#include <QTabWidget>
#include <QVBoxLayout>

#include "app/model/languages.h"
#include "app/style/labels.h"
#include "app/style/words.h"
#include "core/base/say.h"

namespace haybale::app {

namespace {

constexpr double job::Case::Costs::*kPrices[] = {&job::Case::Costs::hour, &job::Case::Costs::sensor,
                                                 &job::Case::Costs::ring, &job::Case::Costs::jumper,
                                                 &job::Case::Costs::module};

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
  shop_ = new QLineEdit(now.shop, this);
  shop_->setObjectName(QStringLiteral("preferences.shop"));
  technician_ = new QLineEdit(now.technician, this);
  technician_->setObjectName(QStringLiteral("preferences.technician"));
  form->addRow(tr("Shop, for reports"), shop_);
  form->addRow(tr("Technician, for reports"), technician_);
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
  meter_ = new QComboBox(this);
  meter_->setObjectName(QStringLiteral("preferences.meter"));
  meter_->addItem(q(now.meter.name));
  for (const auto& meter : circuit::genericMeters()) {
    if (meter.name != now.meter.name) {
      meter_->addItem(q(meter.name));
    }
  }
  form->addRow(tr("Meter"), meter_);
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

ProgramSettings PreferencesDialog::program() const {
  ProgramSettings out;
  out.theme = static_cast<ThemeChoice>(theme_->currentIndex());
  out.scalePercent = scale_->currentData().toInt();
  out.language = language_->currentData().toString();
  out.sound = sound_->isChecked();
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
  for (const auto& meter : circuit::genericMeters()) {
    if (q(meter.name) == meter_->currentText() && meter.name != now_.meter.name) {
      out.meter = meter;
    }
  }
  out.school = school_->currentData().toString().toStdString();
  return out;
}

}  // namespace haybale::app
