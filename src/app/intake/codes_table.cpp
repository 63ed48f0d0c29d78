#include "app/intake/codes_table.h"

#include <QComboBox>
#include <QGridLayout>
#include <QLabel>
#include <QPushButton>

#include "app/parts/spoken_names.h"
#include "app/style/form.h"
#include "core/base/say.h"

namespace haybale::app {

using job::StoredCode;

namespace {

QString codeBoxName(std::size_t index, const char* field) {
  return QStringLiteral("intake.code%1.%2").arg(index).arg(QLatin1String(field));
}

// A text of one code, wherever it stands when the edit ends.
TextField codeField(std::size_t index, const char* field, std::string StoredCode::*member) {
  return {codeBoxName(index, field), QObject::tr("stored code"),
          [index, member](const job::Case& c) {
            return index < c.intake.codes.size() ? c.intake.codes[index].*member : std::string();
          },
          [index, member](job::Case& c, const std::string& text) -> Status {
            if (index < c.intake.codes.size()) {
              c.intake.codes[index].*member = text;
            }
            return Done{};
          }};
}

TextField countField(std::size_t index) {
  return {codeBoxName(index, "count"), QObject::tr("stored code"),
          [index](const job::Case& c) {
            const bool there = index < c.intake.codes.size() && c.intake.codes[index].count;
            return there ? std::to_string(static_cast<long long>(*c.intake.codes[index].count))
                         : std::string();
          },
          [index](job::Case& c, const std::string& text) -> Status {
            if (index >= c.intake.codes.size()) {
              return Done{};
            }
            if (text.empty()) {
              c.intake.codes[index].count.reset();
              return Done{};
            }
            const auto entry = units::parseEntry(text, units::Unit::none);
            if (!entry || entry->overload || entry->value < 0 || entry->value > 1e9) {
              return Error{"count", std::nullopt, "\"" + text + haybale::say("\" is no count"),
                           haybale::say("how often it was set, as 3")};
            }
            c.intake.codes[index].count = std::floor(entry->value);
            return Done{};
          }};
}

}  // namespace

CodesTable::CodesTable(JobModel& model, QWidget* parent)
    : QWidget(parent), model_(model), grid_(new QGridLayout(this)) {
  grid_->setContentsMargins(0, 0, 0, 0);
  grid_->setSpacing(5);
  connect(&model_, &JobModel::changed, this, &CodesTable::rebuild);
  rebuild();
}

void CodesTable::rebuild() {
  QString key = QString::number(model_.job().intake.codes.size());
  for (const auto& c : model_.job().circuits) {
    key += QLatin1Char('\n') + q(c.name);
  }
  if (key == shown_) {
    return;
  }
  shown_ = key;
  empty(*grid_);
  int column = 0;
  for (const auto& text : {tr("code"), tr("circuit"), tr("means"), tr("status"), tr("times"),
                           tr("freeze values, as shown")}) {
    auto* label = new QLabel(text, this);
    label->setProperty("faint", true);
    grid_->addWidget(label, 0, column++);
  }
  grid_->setColumnStretch(5, 1);
  for (std::size_t i = 0; i < model_.job().intake.codes.size(); ++i) {
    addRow(i);
  }
  // Nobody may be looking at this page yet.
  SpokenNames::nameAll(*this);
}

void CodesTable::choice(int row, int column, std::size_t index, const char* field,
                        const QStringList& items, std::string StoredCode::*member) {
  auto* box = new QComboBox(this);
  box->setObjectName(codeBoxName(index, field));
  box->setProperty("tight", true);
  box->addItems(items);
  const auto show = [this, box, index, member] {
    const QSignalBlocker quiet(box);
    const auto& codes = model_.job().intake.codes;
    box->setCurrentText(index < codes.size() ? q(codes[index].*member) : QString());
  };
  connect(box, &QComboBox::activated, this, [this, box, index, member] {
    model_.change(tr("stored code"), [&](job::Case& c) {
      if (index < c.intake.codes.size()) {
        c.intake.codes[index].*member = box->currentText().toStdString();
      }
    });
  });
  connect(&model_, &JobModel::changed, box, show);
  show();
  grid_->addWidget(box, row, column);
}

void CodesTable::addRow(std::size_t index) {
  const int row = static_cast<int>(index) + 1;
  const auto edit = [&](int column, const TextField& field, int width) {
    auto* box = new QLineEdit(this);
    box->setProperty("tight", true);
    box->setMinimumWidth(width);
    bind(box, model_, field, [this](const QString& bad) {
      if (!bad.isEmpty()) {
        emit model_.said(bad, true);
      }
    });
    grid_->addWidget(box, row, column);
  };
  edit(0, codeField(index, "code", &StoredCode::code), 92);
  QStringList circuits{QString()};
  for (const auto& c : model_.job().circuits) {
    circuits << q(c.name);
  }
  choice(row, 1, index, "circuit", circuits, &StoredCode::circuit);
  QStringList meanings{QString()};
  for (const auto& name : job::kCodeTypeNames) {
    meanings << q(name);
  }
  choice(row, 2, index, "means", meanings, &StoredCode::meaning);
  choice(row, 3, index, "status", {QStringLiteral("active"), QStringLiteral("history")},
         &StoredCode::status);
  edit(4, countField(index), 44);
  edit(5, codeField(index, "freeze", &StoredCode::freeze), 120);
  auto* away = new QPushButton(tr("Take out"), this);
  away->setObjectName(codeBoxName(index, "remove"));
  away->setProperty("flat", true);
  connect(away, &QPushButton::clicked, this, [this, index] {
    model_.change(tr("take out a stored code"), [&](job::Case& c) {
      if (index < c.intake.codes.size()) {
        c.intake.codes.erase(c.intake.codes.begin() + static_cast<std::ptrdiff_t>(index));
      }
    });
  });
  grid_->addWidget(away, row, 6);
}

}  // namespace haybale::app
