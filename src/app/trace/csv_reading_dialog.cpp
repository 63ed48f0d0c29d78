#include "app/trace/csv_reading_dialog.h"

#include <QComboBox>
#include <QFileInfo>
#include <QGridLayout>
#include <QHeaderView>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QTableWidget>

#include "app/style/labels.h"
#include "app/style/plain_table.h"
#include "app/style/words.h"

namespace haybale::app {

namespace {

constexpr int kDialogWidth = 820;
constexpr int kRowHeight = 27;
constexpr int kTableHeight = 290;
constexpr int kMostStretched = 6;  // columns that share the width
constexpr int kPairs = 4;          // boxes side by side
const char* const kSeparators = ",;\t";
const char* const kDecimals = ".,";

// The first entry of every list leaves it to the program.
std::optional<std::string> chosen(const QComboBox* box) {
  return box->currentIndex() > 0 ? std::optional(box->currentText().toStdString()) : std::nullopt;
}

std::optional<char> chosenOf(const QComboBox* box, const char* marks) {
  const int at = box->currentIndex();
  return at > 0 ? std::optional(marks[at - 1]) : std::nullopt;
}

int placeOf(const char* marks, std::optional<char> mark) {
  const auto at = mark ? std::string_view(marks).find(*mark) : std::string_view::npos;
  return at == std::string_view::npos ? 0 : static_cast<int>(at) + 1;
}

// A count or a rate as typed; a decimal comma is a point.
std::optional<double> numberIn(const QLineEdit* box) {
  bool ok = false;
  const double value =
      box->text().trimmed().replace(QLatin1Char(','), QLatin1Char('.')).toDouble(&ok);
  return ok && value > 0 ? std::optional(value) : std::nullopt;
}

QString separatorName(char separator) {
  return separator == '\t'  ? QObject::tr("tabs")
         : separator == ';' ? QObject::tr("semicolons")
                            : QObject::tr("commas");
}

}  // namespace

CsvReadingDialog::CsvReadingDialog(const QString& file, const capture::CsvHints& hints,
                                   const QString& why, QWidget* parent)
    : QDialog(parent), file_(file), why_(why), form_(new QGridLayout) {
  setObjectName(QStringLiteral("csvReading"));
  setWindowTitle(tr("How the file is read"));
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(22, 16, 22, 16);
  column->setSpacing(8);
  column->addWidget(textLabel(this, "head", tr("How %1 is read").arg(QFileInfo(file).fileName())));
  table_ = plainTable(this, "csvReading.table", {}, false);
  table_->setFixedHeight(kTableHeight);
  table_->setWordWrap(false);
  table_->setCornerButtonEnabled(false);
  table_->verticalHeader()->setMinimumSectionSize(kRowHeight);
  table_->verticalHeader()->setDefaultSectionSize(kRowHeight);
  column->addWidget(table_);
  told_ = textLabel(this, nullptr, QString());
  told_->setObjectName(QStringLiteral("csvReading.told"));
  column->addWidget(told_);
  makeForm();
  column->addLayout(form_);
  column->addWidget(textLabel(
      this, "faint",
      tr("What is set here is kept next to the capture, in %1; \"as recognised\" everywhere takes "
         "that file away.")
          .arg(QFileInfo(q(capture::sideFileOf(file.toStdString()))).fileName())));
  makeKeys();
  resize(kDialogWidth, 10);
  show(hints);
}

void CsvReadingDialog::place(const QString& label, QWidget* box) {
  const int at = form_->count() / 2;
  form_->addWidget(textLabel(this, "sub", label), 2 * (at / kPairs), at % kPairs);
  form_->addWidget(box, 2 * (at / kPairs) + 1, at % kPairs);
}

QComboBox* CsvReadingDialog::choice(const char* name, const QString& label,
                                    const QStringList& items) {
  auto* box = new QComboBox(this);
  box->setObjectName(QStringLiteral("csvReading.") + QLatin1String(name));
  box->addItem(tr("as recognised"));
  box->addItems(items);
  place(label, box);
  connect(box, &QComboBox::activated, this, &CsvReadingDialog::refresh);
  return box;
}

QLineEdit* CsvReadingDialog::box(const char* name, const QString& label, const QString& hint) {
  auto* box = new QLineEdit(this);
  box->setObjectName(QStringLiteral("csvReading.") + QLatin1String(name));
  box->setPlaceholderText(hint);
  place(label, box);
  connect(box, &QLineEdit::textChanged, this, &CsvReadingDialog::refresh);
  return box;
}

void CsvReadingDialog::makeForm() {
  form_->setHorizontalSpacing(14);
  form_->setVerticalSpacing(4);
  for (int k = 0; k < kPairs; ++k) {
    form_->setColumnStretch(k, 1);
  }
  separator_ =
      choice("separator", tr("Between columns"), {tr("comma ,"), tr("semicolon ;"), tr("tab")});
  decimal_ = choice("decimal", tr("Decimal mark"), {tr("point ."), tr("comma ,")});
  firstRow_ = box("firstRow", tr("First line of data"), tr("as recognised"));
  time_ = choice("time", tr("Time column"), {});
  timeUnit_ = choice(
      "timeUnit", tr("Unit of the time"),
      {QStringLiteral("s"), QStringLiteral("ms"), QStringLiteral("us"), QStringLiteral("ns")});
  rate_ = box("rate", tr("Samples a second, Hz"), tr("only without a time"));
  unit_ = choice(
      "unit", tr("Unit of the channels"),
      {QStringLiteral("V"), QStringLiteral("mV"), QStringLiteral("A"), QStringLiteral("mA")});
}

void CsvReadingDialog::makeKeys() {
  auto* keys = new QHBoxLayout;
  auto* cancel = new QPushButton(tr("Cancel"), this);
  use_ = new QPushButton(tr("Read it like this"), this);
  use_->setObjectName(QStringLiteral("csvReading.use"));
  use_->setProperty("main", true);
  use_->setDefault(true);
  keys->addStretch();
  keys->addWidget(cancel);
  keys->addWidget(use_);
  static_cast<QVBoxLayout*>(layout())->addLayout(keys);
  connect(cancel, &QPushButton::clicked, this, &QDialog::reject);
  connect(use_, &QPushButton::clicked, this, &QDialog::accept);
}

void CsvReadingDialog::show(const capture::CsvHints& hints) {
  separator_->setCurrentIndex(placeOf(kSeparators, hints.separator));
  decimal_->setCurrentIndex(placeOf(kDecimals, hints.decimal));
  const auto put = [](QComboBox* box, const std::optional<std::string>& text) {
    box->setCurrentIndex(text ? std::max(0, box->findText(q(*text), Qt::MatchFixedString)) : 0);
  };
  put(timeUnit_, hints.timeUnit);
  put(unit_, hints.channelUnit);
  firstRow_->setText(hints.firstRow ? QString::number(*hints.firstRow) : QString());
  rate_->setText(hints.sampleRateHz ? QString::number(*hints.sampleRateHz, 'g', 10) : QString());
  refresh();
  if (hints.timeColumn) {
    time_->setCurrentIndex(std::min(static_cast<int>(*hints.timeColumn) + 1, time_->count() - 1));
    refresh();
  }
}

capture::CsvHints CsvReadingDialog::hints() const {
  capture::CsvHints out;
  out.separator = chosenOf(separator_, kSeparators);
  out.decimal = chosenOf(decimal_, kDecimals);
  const auto row = numberIn(firstRow_);
  if (row && *row >= 1) {
    out.firstRow = static_cast<std::size_t>(*row);
  }
  if (time_->currentIndex() > 0) {
    out.timeColumn = static_cast<std::size_t>(time_->currentIndex() - 1);
  }
  out.timeUnit = chosen(timeUnit_);
  out.sampleRateHz = numberIn(rate_);
  out.channelUnit = chosen(unit_);
  return out;
}

void CsvReadingDialog::fillTable(const capture::CsvPreview& preview) {
  std::size_t columns = 1;
  for (const auto& row : preview.rows) {
    columns = std::max(columns, row.cells.size());
  }
  table_->setColumnCount(static_cast<int>(columns));
  table_->setRowCount(static_cast<int>(preview.rows.size()));
  QStringList head, lines, times{tr("none: even steps")};
  for (std::size_t c = 0; c < columns; ++c) {
    const auto* column = preview.dialect && c < preview.dialect->columns.size()
                             ? &preview.dialect->columns[c]
                             : nullptr;
    const QString name = tr("column %1").arg(c + 1);
    head << (column && column->isTime                            ? name + tr(": time")
             : column && capture::csv::isIndexName(column->name) ? name + tr(": counts only")
                                                                 : name);
    times << name;
  }
  for (std::size_t r = 0; r < preview.rows.size(); ++r) {
    const auto& row = preview.rows[r];
    QStringList cells;
    for (const auto& cell : row.cells) {
      cells << q(cell);
    }
    putRow(table_, static_cast<int>(r), cells);
    const bool isData = preview.dialect && row.number >= preview.dialect->firstRow;
    lines << tr("line %1%2").arg(row.number).arg(isData ? tr(", data") : QString());
  }
  table_->setHorizontalHeaderLabels(head);
  table_->setVerticalHeaderLabels(lines);
  table_->verticalHeader()->show();
  table_->horizontalHeader()->setSectionResizeMode(
      columns <= kMostStretched ? QHeaderView::Stretch : QHeaderView::ResizeToContents);
  const int was = time_->currentIndex();
  time_->clear();
  time_->addItem(tr("as recognised"));
  time_->addItems(times);
  time_->setCurrentIndex(std::min(was, time_->count() - 1));
}

QString CsvReadingDialog::said(const capture::CsvPreview& preview) const {
  if (!preview.dialect) {
    return q(preview.dialect.error().sentence());
  }
  const auto& d = *preview.dialect;
  QStringList out{tr("%1 columns between %2, decimal %3, data from line %4.")
                      .arg(d.columns.size())
                      .arg(separatorName(d.separator), d.decimalComma ? tr("comma") : tr("point"))
                      .arg(d.firstRow)};
  for (const auto& doubt : d.doubts) {
    out << tr("In doubt: %1.").arg(q(doubt));
  }
  if (preview.needsRate) {
    out << tr(
        "Nothing says when the samples were taken: choose the time column, or type the "
        "samples a second.");
  }
  return out.join(QLatin1Char(' '));
}

void CsvReadingDialog::refresh() {
  const auto preview = capture::previewCsv(file_.toStdString(), hints());
  if (!preview) {
    told_->setText(q(preview.error().sentence()));
    use_->setEnabled(false);
    return;
  }
  fillTable(*preview);
  // Why it was asked at all is said until it is answered.
  const bool readable = preview->dialect.ok() && !preview->needsRate;
  told_->setText(why_.isEmpty() || readable ? said(*preview)
                                            : why_ + QLatin1Char('\n') + said(*preview));
  use_->setEnabled(readable);
  resize(width(), sizeHint().height());
}

}  // namespace haybale::app
