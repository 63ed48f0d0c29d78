#include "app/frame/pictures.h"

#include <QAbstractButton>
#include <QApplication>
#include <QDir>
#include <QElapsedTimer>
#include <QPixmap>
#include <functional>
#include <vector>

#include "app/frame/main_window.h"
#include "app/style/theme.h"

namespace haybale::app {

bool savePicture(MainWindow& window, const QString& path) {
  window.resize(1280, 800);
  for (int i = 0; i < 4; ++i) {
    QApplication::processEvents();
  }
  return window.grab().save(path, "PNG");
}

namespace {

// A picture and how the window is brought to it.
struct Shot {
  const char* name;
  std::function<void(MainWindow&)> prepare;
  bool night = true;  // kept by night too
};

void press(MainWindow& window, const char* name) {
  if (auto* button = window.findChild<QAbstractButton*>(QLatin1String(name))) {
    button->click();
  }
}

void wait(int ms) {
  QElapsedTimer timer;
  timer.start();
  while (timer.elapsed() < ms) {
    QApplication::processEvents(QEventLoop::AllEvents, 20);
  }
}

// A few seconds at the yard's multimeter: two legs are moved, the second drops out.
void watchTheYard(MainWindow& w) {
  press(w, "swap.page.wiggle");
  const auto fault =
      sim::chosenFault(w.model().job(), "intermittent-open", "L2", "a", std::nullopt);
  if (!fault || !w.instruments().openYard(w.model().job(), *fault, 4)) {
    return;
  }
  wait(500);
  press(w, "wiggle.start");
  for (const char* leg : {"wiggle.leg1", "wiggle.leg3", "wiggle.leg2"}) {
    press(w, leg);
    wait(2500);
  }
}

std::vector<Shot> shots() {
  return {
      {"intake", [](MainWindow& w) { w.showView(MainWindow::kIntake); }},
      {"line", [](MainWindow& w) { w.showView(MainWindow::kLine); }},
      {"readings", [](MainWindow& w) { press(w, "line.list"); }},
      {"line-editor",
       [](MainWindow& w) {
         press(w, "line.list");
         press(w, "line.edit");
       }},
      {"trace",
       [](MainWindow& w) {
         press(w, "line.edit");
         w.showView(MainWindow::kTrace);
       }},
      {"turns", [](MainWindow& w) { press(w, "trace.turns"); }},
      {"swap",
       [](MainWindow& w) {
         press(w, "trace.turns");
         w.showView(MainWindow::kSwap);
         press(w, "swap.page.swap");
       }},
      {"inject", [](MainWindow& w) { press(w, "swap.page.inject"); }, false},
      {"wiggle", [](MainWindow& w) { watchTheYard(w); }, false},
      {"report",
       [](MainWindow& w) {
         w.instruments().closeYard();
         w.showView(MainWindow::kReport);
       }},
  };
}

}  // namespace

bool saveAllPictures(MainWindow& window, const QString& folder) {
  QDir().mkpath(folder);
  const auto before = ThemeHub::instance().theme();
  bool all = true;
  for (const auto theme : {picture::Theme::day, picture::Theme::night}) {
    ThemeHub::instance().apply(theme);
    const QString suffix =
        theme == picture::Theme::day ? QStringLiteral("day") : QStringLiteral("night");
    for (const auto& shot : shots()) {
      if (theme == picture::Theme::night && !shot.night) {
        continue;
      }
      shot.prepare(window);
      const QString file =
          QStringLiteral("%1/%2-%3.png").arg(folder, QString::fromLatin1(shot.name), suffix);
      all = savePicture(window, file) && all;
    }
  }
  ThemeHub::instance().apply(before);
  return all;
}

}  // namespace haybale::app
