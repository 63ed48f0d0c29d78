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
#include "core/base/freed_pages.h"
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

// What may be said on the command line.
struct Options {
  QCommandLineParser parser;
  QCommandLineOption demo{QStringLiteral("demo"), QStringLiteral("Open the demo job.")};
  QCommandLineOption picture{QStringLiteral("picture"),
                             QStringLiteral("Render the window into a PNG and end."),
                             QStringLiteral("FILE")};
  QCommandLineOption screenshots{
      QStringLiteral("screenshots"),
      QStringLiteral("Render all views, day and night, into a folder and end."),
      QStringLiteral("FOLDER")};
  QCommandLineOption theme{QStringLiteral("theme"), QStringLiteral("day or night"),
                           QStringLiteral("THEME")};
  QCommandLineOption size{QStringLiteral("size"),
                          QStringLiteral("Size of the window, in pixels before scaling."),
                          QStringLiteral("WIDTHxHEIGHT")};
  QCommandLineOption scale{QStringLiteral("scale"),
                           QStringLiteral("Size of everything in percent, 80 to 200."),
                           QStringLiteral("PERCENT")};
  QCommandLineOption language{
      QStringLiteral("language"),
      QStringLiteral("en, de or es; as kept in the preferences without it."),
      QStringLiteral("CODE")};
  QCommandLineOption view{
      QStringLiteral("view"),
      QStringLiteral("Begin at intake, line, trace, swap, close-out, logbook or practice."),
      QStringLiteral("NAME")};

  Options() {
    parser.setApplicationDescription(
        QStringLiteral("Hay Bale: where is the fault, how sure, what to test next. Wheel speed "
                       "sensor circuits."));
    parser.addHelpOption();
    parser.addVersionOption();
    parser.addPositionalArgument(QStringLiteral("FILE"), QStringLiteral("a case file or a capture"),
                                 QStringLiteral("[FILE]"));
    parser.addOptions({demo, picture, screenshots, theme, size, scale, language, view});
  }

  [[nodiscard]] bool isSet(const QCommandLineOption& option) const { return parser.isSet(option); }
  [[nodiscard]] QString value(const QCommandLineOption& option) const {
    return parser.value(option);
  }
  [[nodiscard]] bool makesPictures() const { return isSet(screenshots) || isSet(picture); }
};

// Asked for on the command line, else as kept; pictures are made at the usual size. Empty: no
// scale.
std::optional<int> wantedScale(int argc, char** argv, Options& options) {
  QStringList arguments;
  for (int i = 0; i < argc; ++i) {
    arguments << QString::fromLocal8Bit(argv[i]);
  }
  options.parser.parse(arguments);
  if (options.isSet(options.scale)) {
    bool number = false;
    const int percent = options.value(options.scale).toInt(&number);
    return number && percent >= kLeastScale && percent <= kMostScale ? std::optional(percent)
                                                                     : std::nullopt;
  }
  return options.makesPictures() ? 100 : programSettings().scalePercent;
}

// Language, units, fonts and colours, before there is a window.
void dressUp(const Options& options) {
  const bool pictures = options.makesPictures();
  useLanguage(options.isSet(options.language) ? languageFor(options.value(options.language))
              : pictures                      ? QStringLiteral("en")
                                              : languageFor(programSettings().language));
  useUnits(pictures ? UnitChoice::kmhCelsius : programSettings().units);
  logToolkitMessages();
  logLine(QStringLiteral("started, version ") + QStringLiteral(HAYBALE_VERSION));
  if (!haybale::render::loadFonts()) {
    std::fputs("haybale: the font that ships with the program could not be loaded\n", stderr);
  }
  const bool night = options.value(options.theme) == QStringLiteral("night");
  ThemeHub::instance().apply(!options.isSet(options.theme)
                                 ? ThemeHub::themeOf(programSettings().theme)
                             : night ? haybale::picture::Theme::night
                                     : haybale::picture::Theme::day);
}

// The job asked for, at the view asked for.
void openAsAsked(MainWindow& window, const Options& options) {
  if (options.isSet(options.demo)) {
    window.openDemo();
  } else if (!options.parser.positionalArguments().isEmpty()) {
    window.openPath(options.parser.positionalArguments().first());
  } else {
    window.openLast();
  }
  if (options.isSet(options.view)) {
    window.showView(viewNamed(options.value(options.view)));
  }
}

// A window's life, or the pictures that were asked for; `shownLast` is the view it ended at.
int live(const Options& options, int& shownLast) {
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
  openAsAsked(window, options);
  if (mark.crashedBefore() && !options.makesPictures()) {
    window.tellBroughtBack();
  }
  const QSize asked = sizeOf(options.value(options.size));
  if (asked.isValid()) {
    window.resize(asked);
  }
  window.show();
  if (options.isSet(options.screenshots)) {
    return saveAllPictures(window, options.value(options.screenshots)) ? 0 : 1;
  }
  if (options.isSet(options.picture)) {
    const QSize size = asked.isValid() ? asked : kPictureSize;
    return savePicture(window, options.value(options.picture), size) ? 0 : 1;
  }
  const int status = QApplication::exec();
  shownLast = window.view();
  return status;
}

// From the first line to the last; gives back the exit status.
int run(int argc, char** argv, int& shownLast) {
  QCoreApplication::setApplicationName(QStringLiteral("haybale"));
  QCoreApplication::setApplicationVersion(QStringLiteral(HAYBALE_VERSION));
  Options options;
  if (answeredWithoutWindow(argc, argv, options.parser)) {
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
  const auto scale = wantedScale(argc, argv, options);
  if (!scale) {
    std::fprintf(stderr, "haybale: --scale is a number of percent, %d to %d\n", kLeastScale,
                 kMostScale);
    return 2;
  }
  applyScale(*scale);
  QApplication application(argc, argv);
  QApplication::setStyle(QStringLiteral("Fusion"));
  QGuiApplication::setDesktopFileName(QStringLiteral("haybale"));
  options.parser.process(application);
  // Pictures are made from a clean state and leave none behind.
  QTemporaryDir clean;
  if (options.makesPictures()) {
    qputenv("HAYBALE_STATE_DIR", clean.path().toUtf8());
  }
  dressUp(options);
  return live(options, shownLast);
}

}  // namespace

int main(int argc, char** argv) {
  if (argc == 3 && std::strcmp(argv[1], "--guard") == 0) {
    return guardOutput(argv[2]);
  }
  haybale::keepFreedPages();
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
