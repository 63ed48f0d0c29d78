#include "app/frame/pictures.h"

#include <QApplication>
#include <QDir>
#include <QPixmap>

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

bool saveAllPictures(MainWindow& window, const QString& folder) {
  QDir().mkpath(folder);
  const auto before = ThemeHub::instance().theme();
  bool all = true;
  const std::pair<MainWindow::View, const char*> views[] = {{MainWindow::kIntake, "intake"},
                                                            {MainWindow::kLine, "line"},
                                                            {MainWindow::kTrace, "trace"},
                                                            {MainWindow::kReport, "report"}};
  for (const auto theme : {picture::Theme::day, picture::Theme::night}) {
    ThemeHub::instance().apply(theme);
    for (const auto& [view, name] : views) {
      window.showView(view);
      const QString suffix =
          theme == picture::Theme::day ? QStringLiteral("day") : QStringLiteral("night");
      all = savePicture(
                window,
                QStringLiteral("%1/%2-%3.png").arg(folder, QString::fromLatin1(name), suffix)) &&
            all;
    }
  }
  ThemeHub::instance().apply(before);
  return all;
}

}  // namespace haybale::app
