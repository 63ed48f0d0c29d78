#include "app/parts/preferences_dialog.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDialogButtonBox>
#include <QDoubleSpinBox>
#include <QFormLayout>
#include <QGridLayout>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>

#include "app/style/labels.h"
#include "app/style/words.h"

namespace haybale::app {

namespace {

constexpr double job::Case::Costs::*kPrices[] = {&job::Case::Costs::hour, &job::Case::Costs::sensor,
                                                 &job::Case::Costs::ring, &job::Case::Costs::jumper,
                                                 &job::Case::Costs::module};

QString plain(std::string_view name) {
  QString text = q(name);
  return text.replace(QLatin1Char('-'), QLatin1Char(' '));
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

PreferencesDialog::PreferencesDialog(const Preferences& now, QWidget* parent)
    : QDialog(parent), now_(now) {
  setObjectName(QStringLiteral("preferences"));
  setWindowTitle(tr("Preferences"));
  resize(620, 520);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(20, 16, 20, 16);
  column->addWidget(
      textLabel(this, "faint", tr("What a new job begins with; each job may differ.")));
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
  auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel, this);
  connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
  connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
  column->addWidget(buttons);
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

KeysDialog::KeysDialog(QWidget* parent) : QDialog(parent) {
  setObjectName(QStringLiteral("keys"));
  setWindowTitle(tr("Keys"));
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(24, 18, 24, 18);
  auto* grid = new QGridLayout;
  const std::pair<QString, QString> keys[] = {
      {QStringLiteral("Ctrl+1 ... Ctrl+7"), tr("the views of the rail")},
      {tr("arrows"), tr("along the line and between its wires; along the trace")},
      {tr("any digit"), tr("begins a reading at the place that is chosen")},
      {QStringLiteral("Ctrl+L"), tr("type a reading")},
      {QStringLiteral("Ctrl+Return"), tr("answer the next move")},
      {QStringLiteral("Ctrl+M"), tr("read the connected meter")},
      {QStringLiteral("Ctrl+R"), tr("list the readings")},
      {QStringLiteral("Ctrl+E"), tr("edit the line")},
      {QStringLiteral("Ctrl+F"), tr("find a job")},
      {QStringLiteral("Ctrl+N, Ctrl+O, Ctrl+S"), tr("new, open, save")},
      {QStringLiteral("Ctrl+Z, Ctrl+Shift+Z"), tr("undo, redo")},
      {QStringLiteral("1 ... 9, 0"), tr("wiggle watch: which leg is being moved, hands off")},
      {QStringLiteral("F1"), tr("these keys")},
  };
  int row = 0;
  for (const auto& [key, what] : keys) {
    grid->addWidget(partHead(key, this), row, 0);
    grid->addWidget(textLabel(this, nullptr, what), row++, 1);
  }
  grid->setColumnMinimumWidth(1, 360);
  column->addLayout(grid);
  auto* close = new QPushButton(tr("Close"), this);
  connect(close, &QPushButton::clicked, this, &QDialog::accept);
  column->addWidget(close, 0, Qt::AlignRight);
}

AboutDialog::AboutDialog(QWidget* parent) : QDialog(parent) {
  setObjectName(QStringLiteral("about"));
  setWindowTitle(tr("About Hay Bale"));
  resize(520, 300);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(24, 18, 24, 18);
  column->addWidget(textLabel(this, "head", tr("Hay Bale %1").arg(QLatin1String(HAYBALE_VERSION))));
  column->addWidget(textLabel(this, nullptr,
                              tr("Where is the fault, how sure, what to test next. Free software "
                                 "under the GNU General Public "
                                 "License, version 3 or later, without any warranty.")));
  column->addWidget(textLabel(this, "faint",
                              tr("It is built on Qt 6 (LGPL-3), Eigen (MPL-2.0), fmt, "
                                 "nlohmann-json, fast_float and CLI11 (MIT and "
                                 "alike), libsndfile (LGPL-2.1), libzip (BSD), SQLite (public "
                                 "domain) and PostgreSQL's client library "
                                 "(PostgreSQL licence). Local rules, the maker's procedure and "
                                 "licensed practice come before "
                                 "anything it says.")));
  column->addStretch();
  auto* close = new QPushButton(tr("Close"), this);
  connect(close, &QPushButton::clicked, this, &QDialog::accept);
  column->addWidget(close, 0, Qt::AlignRight);
}

}  // namespace haybale::app
