#include "app/intake/text_binding.h"

#include <QEvent>
#include <QStyle>

namespace haybale::app {

namespace {

void mark(QWidget* widget, bool bad) {
  if (widget->property("bad").toBool() != bad) {
    widget->setProperty("bad", bad);
    widget->style()->unpolish(widget);
    widget->style()->polish(widget);
  }
}

// Tries the text on a copy first, so that an error makes no step of undo.
Status commit(JobModel& model, const TextField& field, const QString& text) {
  job::Case trial = model.job();
  if (auto status = field.write(trial, text.toStdString()); !status) {
    return status;
  }
  model.change(field.what, [&](job::Case& c) { (void)field.write(c, text.toStdString()); });
  return Done{};
}

// Calls `leave` when the watched box loses the focus.
class FocusOut : public QObject {
 public:
  FocusOut(QObject* parent, std::function<void()> leave)
      : QObject(parent), leave_(std::move(leave)) {}

 protected:
  bool eventFilter(QObject* watched, QEvent* event) override {
    if (event->type() == QEvent::FocusOut) {
      leave_();
    }
    return QObject::eventFilter(watched, event);
  }

 private:
  std::function<void()> leave_;
};

}  // namespace

void bind(QLineEdit* edit, JobModel& model, const TextField& field,
          const std::function<void(const QString&)>& said) {
  edit->setObjectName(field.name);
  const auto show = [edit, &model, field] {
    const QString draft = model.draft(field.name);
    const QString text = draft.isEmpty() ? QString::fromStdString(field.read(model.job())) : draft;
    if (edit->text() != text) {
      const QSignalBlocker quiet(edit);
      edit->setText(text);
      if (!edit->hasFocus()) {
        edit->setCursorPosition(0);  // a long text shows its beginning
      }
      if (!edit->hasFocus()) {
        edit->setCursorPosition(0);
      }
    }
    mark(edit, false);
  };
  QObject::connect(edit, &QLineEdit::textEdited, edit, [edit, &model, field](const QString& text) {
    mark(edit, false);
    model.setDraft(field.name, text);
  });
  QObject::connect(edit, &QLineEdit::editingFinished, edit, [edit, &model, field, said] {
    const auto status = commit(model, field, edit->text());
    mark(edit, !status);
    if (status) {
      model.setDraft(field.name, {});
    }
    if (said) {
      said(status ? QString() : QString::fromStdString(status.error().sentence()));
    }
  });
  QObject::connect(&model, &JobModel::changed, edit, show);
  QObject::connect(&model, &JobModel::reopened, edit, show);
  show();
}

void bind(QPlainTextEdit* edit, JobModel& model, const TextField& field) {
  edit->setObjectName(field.name);
  const auto show = [edit, &model, field] {
    const QString draft = model.draft(field.name);
    const QString text = draft.isEmpty() ? QString::fromStdString(field.read(model.job())) : draft;
    if (edit->toPlainText() != text) {
      const QSignalBlocker quiet(edit);
      edit->setPlainText(text);
    }
  };
  QObject::connect(edit, &QPlainTextEdit::textChanged, edit,
                   [edit, &model, field] { model.setDraft(field.name, edit->toPlainText()); });
  edit->installEventFilter(new FocusOut(edit, [edit, &model, field] {
    if (commit(model, field, edit->toPlainText())) {
      model.setDraft(field.name, {});
    }
  }));
  QObject::connect(&model, &JobModel::changed, edit, show);
  QObject::connect(&model, &JobModel::reopened, edit, show);
  show();
}

}  // namespace haybale::app
