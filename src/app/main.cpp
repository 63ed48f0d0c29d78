#include <QApplication>
#include <QCommandLineParser>
#include <QTemporaryDir>
#include <cstdio>
#include <cstring>

#include "app/frame/main_window.h"
#include "app/frame/pictures.h"
#include "app/live/output_guard.h"
#include "app/style/theme.h"
#include "core/priors/priors.h"
#include "render/scene_painter.h"

using namespace haybale::app;

namespace {

// What needs no window is answered without a display; gives back whether that was all.
bool answeredWithoutWindow(int argc, char** argv, QCommandLineParser& options) {
  const QCoreApplication application(argc, argv);
  options.parse(QCoreApplication::arguments());
  if (options.isSet(QStringLiteral("version"))) {
    std::printf("haybale %s\n", HAYBALE_VERSION);
    return true;
  }
  if (options.isSet(QStringLiteral("help"))) {
    std::fputs(qPrintable(options.helpText()), stdout);
    return true;
  }
  return false;
}

bool hasDisplay(int argc, char** argv) {
  bool named = qEnvironmentVariableIsSet("QT_QPA_PLATFORM");
  for (int i = 1; i < argc; ++i) {
    named = named || std::strcmp(argv[i], "-platform") == 0;
  }
  return named || qEnvironmentVariableIsSet("DISPLAY") ||
         qEnvironmentVariableIsSet("WAYLAND_DISPLAY");
}

}  // namespace

int main(int argc, char** argv) {
  if (argc == 3 && std::strcmp(argv[1], "--guard") == 0) {
    return guardOutput(argv[2]);
  }
  QCoreApplication::setApplicationName(QStringLiteral("haybale"));
  QCoreApplication::setApplicationVersion(QStringLiteral(HAYBALE_VERSION));
  QCommandLineParser options;
  options.setApplicationDescription(QStringLiteral(
      "Hay Bale: where is the fault, how sure, what to test next. Wheel speed sensor circuits."));
  options.addHelpOption();
  options.addVersionOption();
  options.addPositionalArgument(QStringLiteral("FILE"), QStringLiteral("a case file or a capture"),
                                QStringLiteral("[FILE]"));
  const QCommandLineOption demo(QStringLiteral("demo"), QStringLiteral("Open the demo job."));
  const QCommandLineOption picture(QStringLiteral("picture"),
                                   QStringLiteral("Render the window into a PNG and end."),
                                   QStringLiteral("FILE"));
  const QCommandLineOption screenshots(
      QStringLiteral("screenshots"),
      QStringLiteral("Render all views, day and night, into a folder and end."),
      QStringLiteral("FOLDER"));
  const QCommandLineOption theme(QStringLiteral("theme"), QStringLiteral("day or night"),
                                 QStringLiteral("THEME"));
  options.addOptions({demo, picture, screenshots, theme});
  if (answeredWithoutWindow(argc, argv, options)) {
    return 0;
  }
  if (!hasDisplay(argc, argv)) {
    std::fputs(
        "haybale: there is no display to open a window on; start it in a desktop session, or "
        "use haybale-cli\n",
        stderr);
    return 1;
  }
  QApplication application(argc, argv);
  QApplication::setStyle(QStringLiteral("Fusion"));
  QGuiApplication::setDesktopFileName(QStringLiteral("haybale"));
  options.process(application);

  // Pictures are made from a clean state and leave none behind.
  QTemporaryDir clean;
  if (options.isSet(screenshots) || options.isSet(picture)) {
    qputenv("HAYBALE_STATE_DIR", clean.path().toUtf8());
  }
  if (!haybale::render::loadFonts()) {
    std::fputs("haybale: the font that ships with the program could not be loaded\n", stderr);
  }
  const auto wanted = options.isSet(theme) ? (options.value(theme) == QStringLiteral("night")
                                                  ? haybale::picture::Theme::night
                                                  : haybale::picture::Theme::day)
                                           : ThemeHub::remembered();
  ThemeHub::instance().apply(wanted);

  // The shop's own values, before anything is worked out.
  const auto wrongPriors = haybale::priors::useNamedFile();
  MainWindow window;
  if (wrongPriors) {
    window.say(QString::fromStdString(wrongPriors->sentence()), true);
  }
  if (options.isSet(demo)) {
    window.openDemo();
  } else if (!options.positionalArguments().isEmpty()) {
    window.openPath(options.positionalArguments().first());
  } else {
    window.openLast();
  }
  window.show();
  if (options.isSet(screenshots)) {
    return saveAllPictures(window, options.value(screenshots)) ? 0 : 1;
  }
  if (options.isSet(picture)) {
    return savePicture(window, options.value(picture)) ? 0 : 1;
  }
  return QApplication::exec();
}
