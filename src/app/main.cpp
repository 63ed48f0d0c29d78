#include <unistd.h>

#include <QApplication>
#include <QCommandLineParser>
#include <QTemporaryDir>
#include <QTimer>
#include <cstdio>
#include <cstring>
#include <optional>
#include <string>

#include "app/frame/main_window.h"
#include "app/frame/pictures.h"
#include "app/live/output_guard.h"
#include "app/model/languages.h"
#include "app/model/program_log.h"
#include "app/model/program_settings.h"
#include "app/model/running_mark.h"
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

// The program's exit status when it is to begin anew; no status of a run that ended.
constexpr int kFreshStart = 75;

// In the order of the rail.
constexpr const char* kViewNames[] = {"intake",    "line",    "trace",   "swap",
                                      "close-out", "logbook", "practice"};

MainWindow::View viewNamed(const QString& name) {
  for (int i = 0; i < MainWindow::kViews; ++i) {
    if (name == QLatin1String(kViewNames[i])) {
      return static_cast<MainWindow::View>(i);
    }
  }
  return MainWindow::kLine;
}

// Of "1024x700"; invalid where it is no size.
QSize sizeOf(const QString& text) {
  const int width = text.section(QLatin1Char('x'), 0, 0).toInt();
  const int height = text.section(QLatin1Char('x'), 1, 1).toInt();
  return width > 0 && height > 0 ? QSize(width, height) : QSize();
}

// Asked for on the command line, else as kept; pictures are made at the usual size. Empty: no
// scale.
std::optional<int> wantedScale(int argc, char** argv, QCommandLineParser& options,
                               const QCommandLineOption& scale) {
  QStringList arguments;
  for (int i = 0; i < argc; ++i) {
    arguments << QString::fromLocal8Bit(argv[i]);
  }
  options.parse(arguments);
  if (options.isSet(scale)) {
    bool number = false;
    const int percent = options.value(scale).toInt(&number);
    return number && percent >= kLeastScale && percent <= kMostScale ? std::optional(percent)
                                                                     : std::nullopt;
  }
  const bool pictures =
      options.isSet(QStringLiteral("picture")) || options.isSet(QStringLiteral("screenshots"));
  return pictures ? 100 : programSettings().scalePercent;
}

// From the first line to the last of a window's life; `shownLast` is the view it ended at.
int run(int argc, char** argv, int& shownLast) {
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
  const QCommandLineOption size(QStringLiteral("size"),
                                QStringLiteral("Size of the window, in pixels before scaling."),
                                QStringLiteral("WIDTHxHEIGHT"));
  const QCommandLineOption scale(QStringLiteral("scale"),
                                 QStringLiteral("Size of everything in percent, 80 to 200."),
                                 QStringLiteral("PERCENT"));
  const QCommandLineOption language(
      QStringLiteral("language"),
      QStringLiteral("en, de or es; as kept in the preferences without it."),
      QStringLiteral("CODE"));
  const QCommandLineOption view(
      QStringLiteral("view"),
      QStringLiteral("Begin at intake, line, trace, swap, close-out, logbook or practice."),
      QStringLiteral("NAME"));
  options.addOptions({demo, picture, screenshots, theme, size, scale, language, view});
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
  // Before there is an application: the toolkit takes its scale when it begins.
  if (const auto wanted = wantedScale(argc, argv, options, scale); !wanted) {
    std::fprintf(stderr, "haybale: --scale is a number of percent, %d to %d\n", kLeastScale,
                 kMostScale);
    return 2;
  } else {
    applyScale(*wanted);
  }
  QApplication application(argc, argv);
  QApplication::setStyle(QStringLiteral("Fusion"));
  QGuiApplication::setDesktopFileName(QStringLiteral("haybale"));
  options.process(application);

  // Pictures are made from a clean state and leave none behind.
  QTemporaryDir clean;
  const bool pictures = options.isSet(screenshots) || options.isSet(picture);
  if (pictures) {
    qputenv("HAYBALE_STATE_DIR", clean.path().toUtf8());
  }
  useLanguage(options.isSet(language) ? languageFor(options.value(language))
              : pictures              ? QStringLiteral("en")
                                      : languageFor(programSettings().language));
  useUnits(pictures ? UnitChoice::kmhCelsius : programSettings().units);
  logToolkitMessages();
  logLine(QStringLiteral("started, version ") + QStringLiteral(HAYBALE_VERSION));
  if (!haybale::render::loadFonts()) {
    std::fputs("haybale: the font that ships with the program could not be loaded\n", stderr);
  }
  ThemeHub::instance().apply(options.isSet(theme) ? (options.value(theme) == QStringLiteral("night")
                                                         ? haybale::picture::Theme::night
                                                         : haybale::picture::Theme::day)
                                                  : ThemeHub::themeOf(programSettings().theme));

  // The shop's own values, before anything is worked out.
  const auto wrongPriors = haybale::priors::useNamedFile();
  const RunningMark mark;
  MainWindow window;
  QObject::connect(&window, &MainWindow::freshStartWanted, &window, [] {
    // Not from within the key that asked for it.
    QTimer::singleShot(0, qApp, [] { QApplication::exit(kFreshStart); });
  });
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
  if (mark.crashedBefore() && !pictures) {
    window.tellBroughtBack();
  }
  if (options.isSet(view)) {
    window.showView(viewNamed(options.value(view)));
  }
  const QSize asked = sizeOf(options.value(size));
  if (asked.isValid()) {
    window.resize(asked);
  }
  window.show();
  if (options.isSet(screenshots)) {
    return saveAllPictures(window, options.value(screenshots)) ? 0 : 1;
  }
  if (options.isSet(picture)) {
    return savePicture(window, options.value(picture), asked.isValid() ? asked : kPictureSize) ? 0
                                                                                               : 1;
  }
  const int status = QApplication::exec();
  shownLast = window.view();
  return status;
}

}  // namespace

int main(int argc, char** argv) {
  if (argc == 3 && std::strcmp(argv[1], "--guard") == 0) {
    return guardOutput(argv[2]);
  }
  int shownLast = MainWindow::kLine;
  const int status = run(argc, argv, shownLast);
  logLine(QStringLiteral("ended"));
  if (status == kFreshStart) {
    // All is kept, so the job worked on last is the one that was open.
    const std::string at = kViewNames[static_cast<std::size_t>(shownLast)];
    ::execl("/proc/self/exe", argv[0], "--view", at.c_str(), static_cast<char*>(nullptr));
    std::perror("haybale: could not be started anew");
    return 1;
  }
  return status;
}
