#include "app/parts/reading_box.h"

#include <QGridLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QStyle>

namespace haybale::app {

ReadingBox::ReadingBox(JobModel& model, const QString& name, std::function<circuit::Test()> test,
                       QWidget* parent)
    : QWidget(parent), model_(model), name_(name), test_(std::move(test)) {
  auto* grid = new QGridLayout(this);
  grid->setContentsMargins(0, 0, 0, 0);
  grid->setVerticalSpacing(3);
  edit_ = new QLineEdit(this);
  edit_->setObjectName(name + QStringLiteral(".entry"));
  edit_->setMinimumHeight(42);
  button_ = new QPushButton(tr("Enter"), this);
  button_->setProperty("main", true);
  button_->setObjectName(name + QStringLiteral(".enter"));
  button_->setMinimumSize(84, 44);
  button_->setFocusPolicy(Qt::NoFocus);
  echo_ = new QLabel(this);
  echo_->setObjectName(name + QStringLiteral(".echo"));
  echo_->setWordWrap(true);
  echo_->setTextFormat(Qt::PlainText);
  grid->addWidget(edit_, 0, 0);
  grid->addWidget(button_, 0, 1);
  grid->addWidget(echo_, 1, 0, 1, 2);
  grid->setColumnStretch(0, 1);
  connect(edit_, &QLineEdit::textChanged, this, [this](const QString& text) {
    model_.setDraft(name_, text);
    echo();
  });
  connect(edit_, &QLineEdit::returnPressed, this, &ReadingBox::enter);
  connect(button_, &QPushButton::clicked, this, &ReadingBox::enter);
  connect(&model_, &JobModel::reopened, this, [this] {
    const QSignalBlocker quiet(edit_);
    edit_->setText(model_.draft(name_));
    echo();
  });
  edit_->setText(model_.draft(name_));
  echo();
}

void ReadingBox::setPlaceholder(const QString& text) {
  edit_->setPlaceholderText(text);
}
void ReadingBox::focusEntry() {
  edit_->setFocus(Qt::ShortcutFocusReason);
}
void ReadingBox::refreshEcho() {
  echo();
}

void ReadingBox::enter() {
  const auto status =
      target_ ? target_(edit_->text(), test_()) : model_.entries().enter(edit_->text(), test_());
  if (status) {
    edit_->clear();
    emit entered();
    return;
  }
  edit_->setProperty("bad", true);
  edit_->style()->unpolish(edit_);
  edit_->style()->polish(edit_);
  echo_->setText(QString::fromStdString(status.error().sentence()));
  echo_->setVisible(true);
  echo_->setProperty("bad", true);
  echo_->style()->unpolish(echo_);
  echo_->style()->polish(echo_);
}

void ReadingBox::echo() {
  const auto test = test_();
  const auto* circuit = model_.job().find(test.circuit);
  QString text;
  if (circuit && !edit_->text().trimmed().isEmpty()) {
    const auto typed = job::parseReadingLine(edit_->text().toStdString(), *circuit, test);
    text = typed ? tr("reads as: %1").arg(QString::fromStdString(job::readsAs(*typed)))
                 : QString::fromStdString(typed.error().what);
  }
  echo_->setText(text);
  echo_->setVisible(!text.isEmpty());
  for (QWidget* widget : {static_cast<QWidget*>(edit_), static_cast<QWidget*>(echo_)}) {
    if (widget->property("bad").toBool()) {
      widget->setProperty("bad", false);
      widget->style()->unpolish(widget);
      widget->style()->polish(widget);
    }
  }
}

}  // namespace haybale::app
