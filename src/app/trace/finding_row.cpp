#include "app/trace/finding_row.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QMouseEvent>

#include "app/style/theme.h"
#include "app/style/words.h"

namespace haybale::app {

using picture::Role;

namespace {

Role toneOf(trace::Severity severity) {
  return severity == trace::Severity::fault     ? Role::alarm
         : severity == trace::Severity::suspect ? Role::doubt
                                                : Role::good;
}

QString wordOf(const trace::Finding& finding) {
  return finding.severity == trace::Severity::fault     ? QObject::tr("fault")
         : finding.severity == trace::Severity::suspect ? QObject::tr("suspect")
         : finding.code == trace::Code::healthy         ? QObject::tr("good")
                                                        : QObject::tr("note");
}

}  // namespace

FindingRow::FindingRow(const QString& wheel, const trace::Finding& finding, QWidget* parent)
    : QFrame(parent), place_(finding.place) {
  setObjectName(QStringLiteral("findingRow.") + q(std::string(nameOf(finding.code))));
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(10, 5, 10, 5);
  auto* words =
      new QLabel(QStringLiteral("%1, %2: %3").arg(wheel, wordOf(finding), q(finding.text)), this);
  words->setTextFormat(Qt::PlainText);
  words->setWordWrap(true);
  words->setObjectName(QStringLiteral("finding.") + q(std::string(nameOf(finding.code))));
  words->setStyleSheet(QStringLiteral("border: none; font-size: 15px;"));
  row->addWidget(words, 1);
  if (place_) {
    setFocusPolicy(Qt::StrongFocus);
    setCursor(Qt::PointingHandCursor);
    auto* show = new QLabel(tr("show"), this);
    show->setStyleSheet(
        QStringLiteral("border: none; font-size: 14px; text-decoration: underline;"));
    row->addWidget(show);
  }
  setStyleSheet(
      QStringLiteral("QFrame { background: %1; border: 1px solid %2; "
                     "border-left: 7px solid %3; border-radius: 4px; }"
                     "QFrame:focus { border-color: %4; }")
          .arg(css(Role::panel), css(Role::rule), css(toneOf(finding.severity)), css(Role::ink)));
}

void FindingRow::go() {
  if (place_) {
    emit spanWanted(place_->first, place_->second);
  }
}

void FindingRow::mousePressEvent(QMouseEvent*) {
  go();
}

void FindingRow::keyPressEvent(QKeyEvent* event) {
  if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Space) {
    go();
  } else {
    QFrame::keyPressEvent(event);
  }
}

}  // namespace haybale::app
