// What the accessibility bus is told: every control has a name and a role, the boards have children
// that can be chosen, and a whole entry is made by names alone.
#include <QAccessible>
#include <QAccessibleActionInterface>
#include <QAction>
#include <QDialog>
#include <set>

#include "app/parts/spoken_names.h"
#include "app/practice/practice_view.h"
#include "window_fixture.h"

namespace haybale::app {
namespace {

class Access : public Window {
 protected:
  // Presses a page's tab, if it is there.
  void tab(const char* name) {
    if (auto* button = window->findChild<QAbstractButton*>(QString::fromLatin1(name))) {
      button->click();
      QApplication::processEvents();
    }
  }
  void expectAllNamed(const std::string& where) {
    QApplication::processEvents();
    int seen = 0;
    for (auto* widget : window->findChildren<QWidget*>()) {
      if (!widget->isVisible() || !needsAName(*widget)) {
        continue;
      }
      ++seen;
      EXPECT_FALSE(spokenName(*widget).isEmpty())
          << where << ": " << widget->metaObject()->className() << " "
          << widget->objectName().toStdString();
      auto* interface = QAccessible::queryAccessibleInterface(widget);
      ASSERT_NE(interface, nullptr);
      EXPECT_NE(interface->role(), QAccessible::NoRole) << widget->objectName().toStdString();
    }
    EXPECT_GT(seen, 8) << where;
  }
  static QAccessibleInterface* childNamed(QWidget* widget, const QString& name) {
    auto* interface = QAccessible::queryAccessibleInterface(widget);
    for (int i = 0; interface && i < interface->childCount(); ++i) {
      if (interface->child(i)->text(QAccessible::Name) == name) {
        return interface->child(i);
      }
    }
    return nullptr;
  }
};

TEST_F(Access, EveryControlOfEveryViewHasANameAndARole) {
  window->openDemo();
  const struct {
    MainWindow::View view;
    std::vector<const char*> tabs;
  } views[] = {{MainWindow::kIntake, {"intake.page.vehicle", "intake.page.counter"}},
               {MainWindow::kLine, {"line.list", "line.list", "line.edit", "line.edit"}},
               {MainWindow::kTrace, {"trace.turns", "trace.turns"}},
               {MainWindow::kSwap, {"swap.page.swap", "swap.page.inject", "swap.page.wiggle"}},
               {MainWindow::kClose, {"close.page.repair", "close.page.proof", "close.page.report"}},
               {MainWindow::kBook, {"book.page.jobs", "book.page.goods"}},
               {MainWindow::kPractice, {"practice.start"}}};
  for (const auto& [view, tabs] : views) {
    window->showView(view);
    expectAllNamed("view " + std::to_string(view));
    for (const char* name : tabs) {
      tab(name);
      expectAllNamed(name);
    }
  }
}

// A screen reader presses; what waits for the press has to hear of it.
TEST_F(Access, ButtonsThatStayDownArePressedOnTheBus) {
  window->openDemo();
  settle();
  for (const auto& [name, done] :
       std::initializer_list<std::pair<const char*, std::function<bool()>>>{
           {"rail.trace", [&] { return window->view() == MainWindow::kTrace; }},
           {"rail.line", [&] { return window->view() == MainWindow::kLine; }},
           {"line.edit", [&] { return window->model().selection().editing; }}}) {
    auto* interface = QAccessible::queryAccessibleInterface(find<QAbstractButton>(name));
    ASSERT_NE(interface, nullptr);
    ASSERT_NE(interface->actionInterface(), nullptr);
    interface->actionInterface()->doAction(QAccessibleActionInterface::pressAction());
    EXPECT_TRUE(done()) << name;
    EXPECT_TRUE(interface->state().checked) << name;
  }
}

// What scans the bus sees pages nobody has opened yet, and dialogs.
TEST_F(Access, ControlsOfPagesNobodyOpenedHaveNamesToo) {
  window->openDemo();
  settle();
  int seen = 0;
  for (auto* widget : window->findChildren<QWidget*>()) {
    if (needsAName(*widget)) {
      ++seen;
      EXPECT_FALSE(spokenName(*widget).isEmpty())
          << widget->metaObject()->className() << " " << widget->objectName().toStdString()
          << " in " << widget->parentWidget()->metaObject()->className();
    }
  }
  EXPECT_GT(seen, 150);
  EXPECT_EQ(find<QLineEdit>("intake.circuit3.teeth")->accessibleName(),
            QStringLiteral("RR, teeth"));
  // Dialogs as they are opened.
  for (const char* name : {"action.preferences", "action.keys", "action.about", "action.help"}) {
    window->findChild<QAction*>(QString::fromLatin1(name))->trigger();
    QApplication::processEvents();
    expectAllNamed(name);
    for (auto* dialog : window->findChildren<QDialog*>()) {
      dialog->close();
    }
    settle();
  }
}

TEST_F(Access, ThePlacesOfTheLineAreChildrenThatCanBeChosen) {
  window->openDemo();
  window->showView(MainWindow::kLine);
  QApplication::processEvents();
  auto* board = find<BoardWidget>("board");
  auto* interface = QAccessible::queryAccessibleInterface(board);
  ASSERT_NE(interface, nullptr);
  std::set<QString> names;
  for (int i = 0; i < interface->childCount(); ++i) {
    auto* child = interface->child(i);
    EXPECT_FALSE(child->text(QAccessible::Name).isEmpty());
    EXPECT_TRUE(child->isValid());
    EXPECT_EQ(interface->indexOfChild(child), i);
    names.insert(child->text(QAccessible::Name));
  }
  auto* place = childNamed(board, QStringLiteral("C2, module half, wire b"));
  ASSERT_NE(place, nullptr);
  EXPECT_EQ(place->role(), QAccessible::Button);
  place->actionInterface()->doAction(QAccessibleActionInterface::pressAction());
  const auto& test = window->model().selection().test;
  ASSERT_TRUE(test.red);
  EXPECT_EQ(circuit::toText(test.red->place), "C2.module-side");
  // Suspects and readings have values.
  auto* suspect = childNamed(board, QStringLiteral("suspicion of L2"));
  ASSERT_NE(suspect, nullptr);
  EXPECT_FALSE(suspect->text(QAccessible::Value).isEmpty());
  int readings = 0;
  for (int i = 0; i < interface->childCount(); ++i) {
    const QString value = interface->child(i)->text(QAccessible::Value);
    readings += value.contains(QStringLiteral("4.97 V")) ? 1 : 0;
  }
  EXPECT_GT(readings, 0) << "what was read in volts is told";
}

TEST_F(Access, LanesAndTeethAreChildren) {
  window->openDemo();
  window->showView(MainWindow::kTrace);
  settle();
  QApplication::processEvents();
  int lanes = 0;
  int teeth = 0;
  for (auto* widget : window->findChildren<QWidget*>()) {
    auto* interface = widget->isVisible() ? QAccessible::queryAccessibleInterface(widget) : nullptr;
    for (int i = 0; interface && i < interface->childCount(); ++i) {
      const QString name =
          interface->child(i) ? interface->child(i)->text(QAccessible::Name) : QString();
      lanes += name.startsWith(QStringLiteral("trace of ")) ? 1 : 0;
      teeth += name.startsWith(QStringLiteral("tooth ")) ? 1 : 0;
    }
  }
  EXPECT_GE(lanes, 2);
  EXPECT_GE(teeth, 40);
}

}  // namespace
}  // namespace haybale::app
