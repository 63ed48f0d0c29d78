#include <QApplication>
#include <QCommandLineParser>
#include <QTemporaryDir>
#include <cstdio>

#include "app/frame/main_window.h"
#include "app/frame/pictures.h"
#include "app/style/theme.h"
#include "core/priors/priors.h"
#include "render/scene_painter.h"

using namespace haybale::app;

int main(int argc, char** argv) {
  QApplication application(argc, argv);
  QApplication::setApplicationName(QStringLiteral("haybale"));
  QApplication::setApplicationVersion(QStringLiteral(HAYBALE_VERSION));
  QApplication::setStyle(QStringLiteral("Fusion"));
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
