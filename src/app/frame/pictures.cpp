#include "app/frame/pictures.h"

#include <QAbstractButton>
#include <QApplication>
#include <QDir>
#include <QElapsedTimer>
#include <QLabel>
#include <QPixmap>
#include <functional>
#include <vector>

#include "app/frame/main_window.h"
#include "app/practice/practice_view.h"
#include "app/style/theme.h"
#include "core/belief/ways_to_fail.h"

namespace haybale::app {

bool savePicture(MainWindow& window, const QString& path, QSize size) {
  window.resize(size);
  QApplication::processEvents();
  window.model().settle(true);
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
  const auto fault = sim::chosenFault(diagnosis::waysToFail(w.model().job()), "intermittent-open",
                                      "L2", "a", std::nullopt);
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

// Jobs of the yard's other vehicles, made up, so that the logbook has something to find.
void fillLogbook(MainWindow& w) {
  auto* logbook = w.book().logbook();
  if (!logbook || logbook->count() > 3) {
    return;
  }
  const std::tuple<const char*, const char*, const char*, const char*, double> made[] = {
      {"Lamp after the ford", "Bale wagon 2", "C2", "resistive", 34},
      {"Pedal pulses at the gate", "Grain carrier 5", "sensor", "wide-gap", 21},
      {"Cuts out when steering", "Bale wagon 7", "L2", "intermittent-open", 48},
      {"Dead since the hub was done", "Yard van", "sensor", "sensor-open", 17},
      {"Lamp in every rain", "Straw carrier 1", "C1", "leak", 55},
      {"No speed at rear right", "Bale wagon 2", "L2", "open", 26},
      {"Once a turn a click", "Grain carrier 3", "ring", "ring-tooth", 31},
      {"Lamp above forty", "Straw carrier 4", "sensor", "sensor-weak", 29}};
  int n = 0;
  for (const auto& [title, vehicle, element, fault, minutes] : made) {
    job::Case c = job::newCase();
    c.title = title;
    c.vehicle = vehicle;
    const auto* e = c.find("RR")->find(element);
    c.closing.date = "2026-10-12";
    c.closing.circuit = "RR";
    c.closing.element = element;
    c.closing.fault = fault;
    c.closing.minutes = minutes;
    c.closing.proved = true;
    c.closing.comeback = n == 2;
    c.closing.zone =
        e ? circuit::kZoneNames[static_cast<std::size_t>(e->zone)] : std::string_view();
    store::JobRow row;
    row.id = QStringLiteral("yard%1").arg(n);
    row.headline = QStringLiteral("Isolated: %1: %2")
                       .arg(QLatin1String(element), QLatin1String(fault))
                       .replace(QLatin1Char('-'), QLatin1Char(' '));
    row.changed = QStringLiteral("2026-10-%1T10:30:00").arg(2 + 3 * n++, 2, 10, QLatin1Char('0'));
    (void)logbook->keep(row, c);
  }
  const auto& job = w.model().job();
  judging::GoodSample sample;
  sample.vehicle = job.vehicle;
  sample.place = "module plug";
  sample.circuit = "RL";
  for (const double ohm : {1092.0, 1104.0, 1115.0, 1098.0}) {
    sample.value = ohm;
    sample.celsius = 18;
    sample.date = "2026-10-12";
    (void)store::GoodShelf(logbook->database()).keep(sample);
  }
}

// A made-up vehicle, played by hints for so many moves or to its end.
void practise(MainWindow& w, int moves) {
  w.showView(MainWindow::kPractice);
  auto& desk = w.practice().desk();
  const auto ready = [&] {
    do {
      wait(30);
    } while (desk.busy());
  };
  if (moves > 0 && w.practice().page() == PracticeView::kShelf) {
    press(w, "practice.start");
  }
  for (int n = 0; n < moves && w.practice().page() == PracticeView::kBench; ++n) {
    press(w, "practice.hint");
    ready();
    auto* says = w.findChild<QLabel*>(QStringLiteral("practice.coachSays"));
    press(w, says->text().startsWith(QStringLiteral("Say")) ? "practice.say" : "practice.do");
    ready();
  }
}

std::vector<Shot> shots() {
  return {
      {"intake",
       [](MainWindow& w) {
         w.showView(MainWindow::kIntake);
         press(w, "intake.page.vehicle");
       },
       false},
      {"counter", [](MainWindow& w) { press(w, "intake.page.counter"); }, false},
      {"line", [](MainWindow& w) { w.showView(MainWindow::kLine); }},
      {"far", [](MainWindow& w) { w.toggleFar(); }, false},
      {"readings",
       [](MainWindow& w) {
         w.toggleFar();
         press(w, "line.list");
       },
       false},
      {"trace",
       [](MainWindow& w) {
         press(w, "line.list");
         w.showView(MainWindow::kTrace);
       }},
      {"turns", [](MainWindow& w) { press(w, "trace.turns"); }, false},
      {"swap",
       [](MainWindow& w) {
         press(w, "trace.turns");
         w.showView(MainWindow::kSwap);
         press(w, "swap.page.swap");
       }},
      {"inject", [](MainWindow& w) { press(w, "swap.page.inject"); }, false},
      {"wiggle", [](MainWindow& w) { watchTheYard(w); }, false},
      {"repair",
       [](MainWindow& w) {
         w.instruments().closeYard();
         w.showView(MainWindow::kClose);
         press(w, "close.page.repair");
       },
       false},
      {"proof",
       [](MainWindow& w) {
         w.showView(MainWindow::kClose);
         press(w, "close.page.proof");
       },
       false},
      {"report", [](MainWindow& w) { press(w, "close.page.report"); }, false},
      {"logbook",
       [](MainWindow& w) {
         fillLogbook(w);
         w.showView(MainWindow::kBook);
         press(w, "book.page.jobs");
       },
       false},
      {"practice-bench", [](MainWindow& w) { practise(w, 4); }, false},
      {"practice-debrief", [](MainWindow& w) { practise(w, 60); }, false},
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
