#include "app/trace/finding_row.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QMouseEvent>
#include <QPushButton>

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

FindingRow::FindingRow(const QString& wheel, const trace::Finding& finding,
                       const trace::Grounds& grounds, QWidget* parent)
    : QFrame(parent), place_(finding.place) {
  setObjectName(QStringLiteral("findingRow.") + q(std::string(nameOf(finding.code))));
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(10, 5, 10, 5);
  column->setSpacing(4);
  auto* row = new QHBoxLayout;
  column->addLayout(row);
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
  addWhy(grounds, *column, *row);
  setStyleSheet(
      QStringLiteral("QFrame { background: %1; border: 1px solid %2; "
                     "border-left: 7px solid %3; border-radius: 4px; }"
                     "QFrame:focus { border-color: %4; }")
          .arg(css(Role::panel), css(Role::rule), css(toneOf(finding.severity)), css(Role::ink)));
}

void FindingRow::addWhy(const trace::Grounds& grounds, QVBoxLayout& column, QLayout& row) {
  const auto list = [](const QString& head, const std::vector<std::string>& sentences) {
    QStringList lines{head};
    for (const auto& s : sentences) {
      lines << QStringLiteral("\u2022 ") + q(s);
    }
    return lines.join(QLatin1Char('\n'));
  };
  auto* both = new QWidget(this);
  auto* sides = new QHBoxLayout(both);
  sides->setContentsMargins(0, 0, 0, 0);
  sides->setSpacing(24);
  const auto side = [&](const QString& head, const std::vector<std::string>& sentences,
                        const char* name) {
    if (sentences.empty()) {
      return;
    }
    auto* words = new QLabel(list(head, sentences), both);
    words->setTextFormat(Qt::PlainText);
    words->setWordWrap(true);
    words->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    words->setObjectName(QString::fromLatin1(name));
    words->setStyleSheet(QStringLiteral("border: none; font-size: 14px;"));
    sides->addWidget(words, 1);
  };
  side(tr("Speaks for it:"), grounds.speaksFor, "finding.for");
  side(tr("Speaks against it, or is left open:"), grounds.speaksAgainst, "finding.against");
  both->hide();
  column.addWidget(both);
  auto* why = new QPushButton(tr("Why"), this);
  why->setObjectName(QStringLiteral("finding.why"));
  why->setProperty("flat", true);
  why->setCheckable(true);
  why->setFocusPolicy(Qt::TabFocus);
  why->setToolTip(tr("What speaks for this finding, and what against it"));
  connect(why, &QPushButton::toggled, this, [this, both](bool on) {
    both->setVisible(on);
    emit opened();
  });
  row.addWidget(why);
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
