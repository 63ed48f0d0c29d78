// From the start of the program to a window that can be used, with the logbook of a given folder.
// Usage: bench_start [FOLDER]; the folder is one bench_logbook kept. Reference: the same window
// with an empty logbook.
#include <fmt/format.h>

#include <QApplication>
#include <QTemporaryDir>

#include "app/frame/main_window.h"
#include "app/style/theme.h"
#include "render/scene_painter.h"
#include "timing.h"

using namespace haybale;

namespace {

bench::Times started(const QString& folder) {
  qputenv("HAYBALE_STATE_DIR", folder.toUtf8());
  return bench::timed(7, 1, [] {
    app::MainWindow window;
    window.openLast();
    window.show();
    for (int i = 0; i < 4; ++i) {
      QApplication::processEvents();
    }
  });
}

}  // namespace

int main(int argc, char** argv) {
  qputenv("QT_QPA_PLATFORM", "offscreen");
  const auto begun = std::chrono::steady_clock::now();
  QApplication application(argc, argv);
  QApplication::setStyle(QStringLiteral("Fusion"));
  render::loadFonts();
  const QTemporaryDir none;
  qputenv("HAYBALE_STATE_DIR", none.path().toUtf8());
  app::ThemeHub::instance().apply(picture::Theme::day);
  const std::chrono::duration<double> toolkit = std::chrono::steady_clock::now() - begun;
  const auto empty = started(none.path());
  const auto full = argc > 1 ? started(QString::fromLocal8Bit(argv[1])) : empty;
  fmt::print("toolkit, fonts and style {:.0f} ms\n", 1e3 * toolkit.count());
  fmt::print("window with an empty logbook {:.0f} ms median, {:.0f} ms p95\n", 1e3 * empty.median,
             1e3 * empty.p95);
  fmt::print(
      "window with the logbook given {:.0f} ms median, {:.0f} ms p95: {:.2f} times; start in all "
      "{:.0f} ms (bar 500)\n",
      1e3 * full.median, 1e3 * full.p95, full.median / empty.median,
      1e3 * (toolkit.count() + full.median));
  return 0;
}
