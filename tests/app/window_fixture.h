// A real window with a state folder of its own; events as a user makes them.
#pragma once

#include <QApplication>
#include <QDropEvent>
#include <QLabel>
#include <QLineEdit>
#include <QMimeData>
#include <QPushButton>
#include <QTest>
#include <QUrl>

#include "app/frame/main_window.h"
#include "app/line/board_widget.h"
#include "app/parts/dialogs.h"
#include "app/style/theme.h"
#include "support/haybale_test.h"

namespace haybale::app {

inline void click(QWidget* widget, QPoint at = {}) {
  QTest::mouseClick(widget, Qt::LeftButton, {}, at.isNull() ? widget->rect().center() : at);
}

inline void dropFile(QWidget* target, const QString& file, QPoint at = {}) {
  QMimeData data;
  data.setUrls({QUrl::fromLocalFile(file)});
  const QPointF where = at.isNull() ? QPointF(target->rect().center()) : QPointF(at);
  QDragEnterEvent enter(where.toPoint(), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
  QApplication::sendEvent(target, &enter);
  ASSERT_TRUE(enter.isAccepted());
  QDropEvent drop(where, Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
  QApplication::sendEvent(target, &drop);
}

class Window : public testing::Test {
 protected:
  void SetUp() override {
    qputenv("HAYBALE_STATE_DIR", QByteArray::fromStdString(folder.file("state")));
    ThemeHub::instance().apply(picture::Theme::day);
    dialogs().saveFile = [this](QWidget*, const QString&, const QString&, const QString&) {
      return nextSave;
    };
    dialogs().openFolder = [this](QWidget*, const QString&) { return nextOpen; };
    dialogs().openFile = [this](QWidget*, const QString&, const QString&) { return nextOpen; };
    reopen();
  }

  /// A fresh window, as after a start of the program.
  void reopen() {
    if (window) {
      settle();
    }
    window = std::make_unique<MainWindow>();
    window->resize(1280, 800);
    window->show();
    ASSERT_TRUE(QTest::qWaitForWindowExposed(window.get()));
    window->activateWindow();
    QApplication::setActiveWindow(window.get());
  }

  /// What follows from the last edit is worked out, shown and kept.
  void settle() {
    window->model().settle();
    window->book().settle();
    QApplication::sendPostedEvents(nullptr, QEvent::LayoutRequest);
    QApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
  }

  template <class T>
  T* find(const char* name) {
    settle();
    T* found = window->findChild<T*>(QString::fromLatin1(name));
    EXPECT_NE(found, nullptr) << name;
    return found;
  }

  void clickPlace(const char* place) {
    auto* board = find<BoardWidget>("board");
    const auto* spot = board->scene().spot(std::string("place:") + place);
    ASSERT_NE(spot, nullptr) << place;
    click(board, QPoint(static_cast<int>(spot->rect.x + spot->rect.w / 2),
                        static_cast<int>(spot->rect.y + 6)));
  }

  void typeReading(const char* text) {
    auto* entry = find<QLineEdit>("line.entry");
    entry->setFocus();
    QTest::keyClicks(entry, QString::fromUtf8(text));
    QTest::keyClick(entry, Qt::Key_Return);
  }

  /// The same without waiting for anything before or after it.
  void typeUnsettled(const char* text) {
    auto* entry = window->findChild<QLineEdit*>(QStringLiteral("line.entry"));
    entry->setFocus();
    QTest::keyClicks(entry, QString::fromUtf8(text));
    QTest::keyClick(entry, Qt::Key_Return);
  }

  [[nodiscard]] const job::Case& job() const { return window->model().job(); }
  [[nodiscard]] const diagnosis::Assessment& assessment() {
    settle();
    return window->model().assessment();
  }
  [[nodiscard]] JobBook& book() {
    settle();
    return window->book();
  }
  [[nodiscard]] const diagnosis::Proof& proof() {
    window->model().settle(true);
    return *window->model().proof();
  }
  [[nodiscard]] std::string label(const char* name) {
    return find<QLabel>(name)->text().toStdString();
  }

  test::Folder folder;
  QString nextSave;
  QString nextOpen;
  std::unique_ptr<MainWindow> window;
};

}  // namespace haybale::app
