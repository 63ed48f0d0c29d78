// Nothing clipped, nothing on top of another thing: walks all labels, buttons, boxes, tables and
// painted texts of every view at the sizes of small and large screens, and with text scaled up (a
// screen of 1280 x 800 at 150 % is laid out as one of 853 x 533).
#include <QCheckBox>
#include <QComboBox>
#include <QHeaderView>
#include <QScrollArea>
#include <QStyle>
#include <QTabWidget>
#include <QTableWidget>
#include <QTimer>

#include "app/model/languages.h"
#include "app/style/scene_widget.h"
#include "app/trace/lanes_widget.h"
#include "render/scene_painter.h"
#include "window_fixture.h"

namespace haybale::app {
namespace {

struct Step {
  MainWindow::View view;
  const char* press;  ///< a button that brings the page up; nullptr: none
};
constexpr Step kWalk[] = {{MainWindow::kIntake, "intake.page.vehicle"},
                          {MainWindow::kIntake, "intake.page.counter"},
                          {MainWindow::kIntake, "intake.page.history"},
                          {MainWindow::kLine, nullptr},
                          {MainWindow::kLine, "line.list"},
                          {MainWindow::kLine, "line.list"},
                          {MainWindow::kLine, "line.edit"},
                          {MainWindow::kLine, "line.edit"},
                          {MainWindow::kTrace, nullptr},
                          {MainWindow::kTrace, "trace.turns"},
                          {MainWindow::kTrace, "trace.turns"},
                          {MainWindow::kSwap, "swap.page.swap"},
                          {MainWindow::kSwap, "swap.page.inject"},
                          {MainWindow::kSwap, "swap.page.wiggle"},
                          {MainWindow::kClose, "close.page.repair"},
                          {MainWindow::kClose, "close.page.proof"},
                          {MainWindow::kClose, "close.page.report"},
                          {MainWindow::kBook, "book.page.jobs"},
                          {MainWindow::kBook, "book.page.goods"},
                          {MainWindow::kBook, "book.page.shop"},
                          {MainWindow::kPractice, nullptr},
                          {MainWindow::kPractice, "practice.start"}};

constexpr int kFrame = 10;

class Fit : public Window {
 protected:
  void expectFits(const std::string& where) { expectFits(*window, where); }
  static void expectFits(const QWidget& root, const std::string& where) {
    QList<QWidget*> seen;
    for (auto* widget : root.findChildren<QWidget*>()) {
      if (widget->isVisible()) {
        seen << widget;
      }
    }
    for (auto* widget : seen) {
      expectWhole(*widget, where);
    }
    for (auto* widget : seen) {
      expectApart(*widget, where);
    }
  }

 private:
  static std::string nameOf(const QWidget& w, const QString& text) {
    return std::string(w.metaObject()->className()) + " " + w.objectName().toStdString() + " \"" +
           text.left(60).toStdString() + "\"";
  }

  static void expectWhole(QWidget& widget, const std::string& where) {
    if (auto* label = qobject_cast<QLabel*>(&widget); label && !label->text().isEmpty()) {
      expectLabel(*label, where);
    } else if (auto* button = qobject_cast<QAbstractButton*>(&widget)) {
      // A button of its own painting is fitted to what it paints.
      if (qobject_cast<QPushButton*>(button) || qobject_cast<QCheckBox*>(button)) {
        // Frame and padding are the style's; a letter at either side is the least of it.
        const int beside = qobject_cast<QPushButton*>(button) ? kFrame : 0;
        const QSize needed = button->fontMetrics().size(0, button->text()) + QSize(beside, 0);
        EXPECT_GE(button->width(), needed.width())
            << where << ": " << nameOf(*button, button->text());
        EXPECT_GE(button->height(), needed.height())
            << where << ": " << nameOf(*button, button->text());
        EXPECT_FALSE(button->text().endsWith(QChar(0x2026)))
            << where << ": cut " << nameOf(*button, button->text());
      }
    } else if (auto* edit = qobject_cast<QLineEdit*>(&widget)) {
      constexpr int kInside = 18;  // frame and padding
      if (edit->isEnabled() && edit->text().isEmpty()) {
        EXPECT_GE(edit->width() - kInside,
                  edit->fontMetrics().horizontalAdvance(edit->placeholderText()))
            << where << ": " << nameOf(*edit, edit->placeholderText());
      }
    } else if (auto* box = qobject_cast<QComboBox*>(&widget)) {
      if (!box->isEditable()) {
        constexpr int kArrow = 20;
        EXPECT_GE(box->width() - kArrow, box->fontMetrics().horizontalAdvance(box->currentText()))
            << where << ": " << nameOf(*box, box->currentText());
      }
    } else if (auto* table = qobject_cast<QTableWidget*>(&widget)) {
      expectHeads(*table, where);
      expectCells(*table, where);
    } else if (const auto* scene = sceneOf(widget)) {
      expectScene(*scene, where);
    }
  }

  static void expectLabel(const QLabel& label, const std::string& where) {
    // Words that are there to be cut: titles and complaints as somebody typed them.
    if (label.sizePolicy().horizontalPolicy() == QSizePolicy::Ignored || !label.pixmap().isNull()) {
      return;
    }
    const QRect room = label.contentsRect();
    const int flags = label.wordWrap() ? Qt::TextWordWrap : 0;
    const QRect needed = label.fontMetrics().boundingRect(
        QRect(0, 0, room.width(), 10000), flags | Qt::AlignLeft | Qt::AlignTop, label.text());
    EXPECT_LE(needed.width(), room.width() + 1) << where << ": " << nameOf(label, label.text());
    EXPECT_LE(needed.height(), room.height() + 2) << where << ": " << nameOf(label, label.text());
  }

  static void expectHeads(const QTableWidget& table, const std::string& where) {
    for (int i = 0; i < table.columnCount(); ++i) {
      const auto* item = table.horizontalHeaderItem(i);
      if (item && table.horizontalHeader()->isVisible() && !table.isColumnHidden(i)) {
        EXPECT_GE(table.columnWidth(i),
                  table.horizontalHeader()->fontMetrics().horizontalAdvance(item->text()))
            << where << ": " << nameOf(table, item->text());
      }
    }
  }

  // Every cell's words have room, in as many lines as its row is high.
  static void expectCells(const QTableWidget& table, const std::string& where) {
    constexpr int kMargins = 6;  // the item delegate's own
    for (int row = 0; row < table.rowCount(); ++row) {
      for (int i = 0; i < table.columnCount(); ++i) {
        const auto* item = table.item(row, i);
        if (!item || item->text().isEmpty() || table.isColumnHidden(i) || table.isRowHidden(row) ||
            table.cellWidget(row, i)) {
          continue;
        }
        const QFontMetrics metrics(item->font().resolve(table.font()));
        const int room = table.columnWidth(i) - kMargins;
        const int flags = table.wordWrap() ? Qt::TextWordWrap : 0;
        const QRect needed =
            metrics.boundingRect(QRect(0, 0, room, 10000), flags | Qt::AlignLeft, item->text());
        EXPECT_LE(needed.width(), room + 2) << where << ": " << nameOf(table, item->text());
        EXPECT_LE(needed.height(), table.rowHeight(row) + 4)
            << where << ": " << nameOf(table, item->text());
      }
    }
  }

  static const picture::Scene* sceneOf(const QWidget& widget) {
    if (const auto* board = qobject_cast<const BoardWidget*>(&widget)) {
      return &board->scene();
    }
    if (const auto* lanes = qobject_cast<const LanesWidget*>(&widget)) {
      return &lanes->scene();
    }
    const auto* other = qobject_cast<const SceneWidget*>(&widget);
    return other ? &other->scene() : nullptr;
  }

  static void expectScene(const picture::Scene& scene, const std::string& where) {
    const auto measure = render::measure();
    for (const auto& item : scene.items) {
      const auto* text = std::get_if<picture::Text>(&item);
      if (!text || text->text.empty()) {
        continue;
      }
      const double w = measure(text->text, text->size, text->bold);
      const double left = text->anchor == picture::Anchor::start    ? text->at.x
                          : text->anchor == picture::Anchor::middle ? text->at.x - w / 2
                                                                    : text->at.x - w;
      EXPECT_GE(left, -1) << where << ": " << text->text;
      EXPECT_LE(left + w, scene.width + 1) << where << ": " << text->text;
      EXPECT_GE(text->at.y, text->size * 0.6) << where << ": " << text->text;
      EXPECT_LE(text->at.y, scene.height + 1) << where << ": " << text->text;
      EXPECT_FALSE(text->text.ends_with("\xE2\x80\xA6")) << where << ": cut " << text->text;
    }
  }

  // Siblings of a layout that stand on each other, or out of what holds them.
  static void expectApart(const QWidget& widget, const std::string& where) {
    const auto* parent = widget.parentWidget();
    if (!parent || !parent->layout() || parent->layout()->indexOf(&widget) < 0) {
      return;
    }
    EXPECT_TRUE(parent->rect().adjusted(-1, -1, 1, 1).contains(widget.geometry()))
        << where << ": " << nameOf(widget, {}) << " leaves " << nameOf(*parent, {});
    for (int i = 0; i < parent->layout()->count(); ++i) {
      const auto* other = parent->layout()->itemAt(i)->widget();
      if (!other || other <= &widget || !other->isVisible()) {
        continue;
      }
      const QRect shared = widget.geometry() & other->geometry();
      EXPECT_TRUE(shared.width() < 2 || shared.height() < 2)
          << where << ": " << nameOf(widget, {}) << " on " << nameOf(*other, {});
    }
  }

 public:
  void walk(QSize size) {
    window->openDemo();
    walkThrough(size, "demo");
    // Nothing measured, nothing said: other moves, other panels.
    window->model().files().startNew();
    walkThrough(size, "new job");
  }

  // What opens on top of the window; each is looked at, tab by tab, and closed again.
  void walkDialogs(QSize size) {
    window->openDemo();
    window->resize(size);
    window->showView(MainWindow::kLine);
    settle();
    const std::string at = std::to_string(size.width()) + " wide, ";
    for (const char* name : {"action.preferences", "action.keys", "action.about"}) {
      find<QAction>(name)->trigger();
      lookAtDialog(at + name);
    }
    click(find<QPushButton>("line.list"));
    find<QTableWidget>("readings")->selectRow(1);
    for (const char* name :
         {"line.meter", "side.steps", "side.why", "readings.camera", "editor.start"}) {
      if (QLatin1String(name) == QLatin1String("editor.start")) {
        click(find<QPushButton>("line.edit"));
        settle();
      }
      auto* button = find<QAbstractButton>(name);
      QTimer::singleShot(300, window.get(), [&, name] { lookAtDialog(at + name); });
      button->click();
      QTest::qWait(400);
    }
  }

  void lookAtDialog(const std::string& where) {
    for (int layer = 0; layer < 4; ++layer) {
      QApplication::processEvents();
    }
    int seen = 0;
    for (auto* dialog : window->findChildren<QDialog*>()) {
      if (!dialog->isVisible()) {
        continue;
      }
      ++seen;
      EXPECT_LE(dialog->width(), window->width()) << where;
      EXPECT_LE(dialog->height(), window->height()) << where;
      auto* tabs = dialog->findChild<QTabWidget*>();
      for (int tab = 0; tab < (tabs ? tabs->count() : 1); ++tab) {
        if (tabs) {
          tabs->setCurrentIndex(tab);
          QApplication::processEvents();
        }
        expectFits(*dialog, where + " tab " + std::to_string(tab));
      }
      dialog->close();
    }
    EXPECT_EQ(seen, 1) << where;
    QApplication::processEvents();
  }

  void walkThrough(QSize size, const std::string& job) {
    window->resize(size);
    for (const auto& [view, press] : kWalk) {
      window->showView(view);
      if (press) {
        if (auto* button = window->findChild<QAbstractButton*>(QString::fromLatin1(press))) {
          button->click();
        } else {
          ADD_FAILURE() << press;
        }
      }
      // What is laid out asks to be laid out again, layer by layer.
      for (int layer = 0; layer < 4; ++layer) {
        settle();
        QApplication::processEvents();
      }
      expectFits(job + " " + std::to_string(size.width()) + "x" + std::to_string(size.height()) +
                 " view " + std::to_string(view) + " " + (press ? press : ""));
    }
  }
};

TEST_F(Fit, ASmallLaptop) {
  walk({1024, 700});
}
// 700 high with a title bar on it.
TEST_F(Fit, ASmallLaptopBelowATitleBar) {
  walk({1024, 664});
}
TEST_F(Fit, ATablet) {
  walk({1280, 800});
}
TEST_F(Fit, AWorkshopScreen) {
  walk({1920, 1080});
}
TEST_F(Fit, ASmallLaptopScaledUp) {
  walk({683, 467});
}
TEST_F(Fit, ATabletScaledUp) {
  walk({853, 533});
}
TEST_F(Fit, AWorkshopScreenScaledUp) {
  walk({1280, 720});
}

TEST_F(Fit, Dialogs) {
  walkDialogs({1024, 664});
}

// Other languages have longer words.
class FitIn : public Fit, public testing::WithParamInterface<const char*> {
 protected:
  void SetUp() override {
    useLanguage(QLatin1String(GetParam()));
    Fit::SetUp();
  }
  void TearDown() override {
    window.reset();
    useLanguage(QStringLiteral("en"));
  }
};

TEST_P(FitIn, ASmallLaptop) {
  walk({1024, 700});
}
TEST_P(FitIn, ATablet) {
  walk({1280, 800});
}
TEST_P(FitIn, AWorkshopScreen) {
  walk({1920, 1080});
}
TEST_P(FitIn, ATabletScaledUp) {
  walk({853, 533});
}
TEST_P(FitIn, Dialogs) {
  walkDialogs({1024, 664});
}
INSTANTIATE_TEST_SUITE_P(Languages, FitIn, testing::Values("de", "es"));

}  // namespace
}  // namespace haybale::app
