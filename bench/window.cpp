// The window at work on a large job: eight wheels, sixty readings, eight captures of five million
// samples. How long a key takes to be answered on screen, how long the window's thread is held up
// at the most, and when a new ranking stands. Reference: the ranking alone, worked out in one go.
// Usage: bench_window [ENTRIES]
#include <fmt/format.h>

#include <QApplication>
#include <QLineEdit>
#include <QTemporaryDir>
#include <QTest>
#include <cstdlib>
#include <thread>

#include "app/frame/main_window.h"
#include "app/style/theme.h"
#include "core/base/freed_pages.h"
#include "core/capture/open.h"
#include "core/job/reading_line.h"
#include "core/signal/synth.h"
#include "render/scene_painter.h"
#include "timing.h"

using namespace haybale;

namespace {

constexpr std::size_t kSamples = 5'000'000;
constexpr int kReadings = 60;
const char* const kWheels[] = {"FL", "FR", "RL", "RR", "A3L", "A3R", "A4L", "A4R"};

using Clock = std::chrono::steady_clock;
double msSince(Clock::time_point begun) {
  return std::chrono::duration<double, std::milli>(Clock::now() - begun).count();
}

std::string captureOf(const std::string& folder, const std::string& wheel, double fluxMwb) {
  signal::PassiveWheel passive;
  passive.fluxSwingMwb = fluxMwb;
  passive.noiseRmsV = 0.003;
  const double rate = 1e6;
  capture::Record record;
  record.time.stepS = 1 / rate;
  record.channels.push_back(signal::passiveSignal(
      passive, [](double) { return 20.0; }, rate, static_cast<double>(kSamples) / rate));
  record.channels.back().name = wheel;
  std::string file = folder + "/" + wheel + ".wav";
  (void)capture::saveCapture(file, record);
  return file;
}

job::Case largeJob(const std::string& folder) {
  job::Case c = job::newCase();
  c.title = "Eight wheels";
  c.suspect = "RR";
  c.circumferenceM = 1.95;
  c.toolbox = {"multimeter", "scope", "scan-tool", "jumper-leads", "test-lamp", "signal-source"};
  for (const char* name : kWheels) {
    if (!c.find(name)) {
      auto more = c.circuits.front();
      more.name = name;
      more.location = std::string("axle ") + name[1] + (name[2] == 'L' ? " left" : " right");
      c.circuits.push_back(more);
    }
  }
  for (auto& circuit : c.circuits) {
    circuit.sensor.kind = circuit::SensorKind::passive;
    circuit.sensor.teeth = 48;
  }
  for (const char* name : kWheels) {
    job::Evidence e;
    e.id = c.nextEvidenceId();
    e.test = job::defaultTest(*c.find(name), {circuit::Place::Kind::modulePlug, "module"},
                              circuit::TestKind::waveform);
    e.test.state.key = circuit::Key::off;
    e.test.state.unplugged = {"module"};
    e.reading.file = captureOf(folder, name, std::string(name) == "RR" ? 0.4 : 1.5);
    c.evidence.push_back(e);
  }
  for (int n = 0; n < kReadings; ++n) {
    const auto& circuit = *c.find(kWheels[n % 8]);
    const auto start = job::defaultTest(circuit, {circuit::Place::Kind::modulePlug, "module"},
                                        circuit::TestKind::resistance);
    const auto typed =
        job::parseReadingLine(fmt::format("{} pair {}",
                                          n % 3 == 0   ? "module"
                                          : n % 3 == 1 ? "C1.w"
                                                       : "C2.w",
                                          circuit.name == "RR" ? 4800000 + 500 * n : 1100 + n),
                              circuit, start);
    if (typed) {
      job::Evidence e;
      e.id = c.nextEvidenceId();
      e.test = typed->test;
      e.reading = typed->reading;
      c.evidence.push_back(e);
    }
  }
  return c;
}

// What the window's thread was held up, in milliseconds, call by call.
class Heart {
 public:
  void beat() {
    const auto begun = Clock::now();
    QApplication::processEvents();
    held_.push_back(msSince(begun));
    std::this_thread::sleep_for(std::chrono::milliseconds(1));  // between two events of a person
  }
  void note(double ms) { held_.push_back(ms); }
  [[nodiscard]] double worst() const { return *std::max_element(held_.begin(), held_.end()); }

 private:
  std::vector<double> held_{0};
};

double p95(std::vector<double> v) {
  std::sort(v.begin(), v.end());
  return v.empty() ? 0 : v[static_cast<std::size_t>(0.95 * static_cast<double>(v.size() - 1))];
}

}  // namespace

int main(int argc, char** argv) {
  haybale::keepFreedPages();
  qputenv("QT_QPA_PLATFORM", "offscreen");
  const QTemporaryDir state;
  qputenv("HAYBALE_STATE_DIR", state.path().toUtf8());
  QApplication application(argc, argv);
  QApplication::setStyle(QStringLiteral("Fusion"));
  render::loadFonts();
  app::ThemeHub::instance().apply(picture::Theme::day);
  const int entries = argc > 1 ? std::atoi(argv[1]) : 40;
  const QTemporaryDir folder;
  app::MainWindow window;
  window.resize(1280, 800);
  window.show();
  window.model().files().openRecord(largeJob(folder.path().toStdString()), QStringLiteral("large"),
                                    {}, folder.path());
  const auto opened = Clock::now();
  Heart opening;
  while (msSince(opened) < 120e3 && (window.model().isThinking() ||
                                     window.model().assessment().waveforms.analyses.size() < 8)) {
    opening.beat();
  }
  fmt::print(
      "{} readings, {} captures read and analysed {:.1f} s after opening; window held up {:.0f} "
      "ms at most meanwhile\n",
      window.model().job().evidence.size(), window.model().assessment().waveforms.analyses.size(),
      1e-3 * msSince(opened), opening.worst());
  auto* entry = window.findChild<QLineEdit*>(QStringLiteral("line.entry"));
  entry->setFocus();
  std::vector<double> keys, entered, ranked;
  Heart heart;
  for (int n = 0; n < entries; ++n) {
    for (const char c : fmt::format("C1.w pair {}", 4810000 + 1000 * n)) {
      const auto begun = Clock::now();
      QTest::keyClick(entry, c);
      QApplication::processEvents();
      keys.push_back(msSince(begun));
    }
    const auto begun = Clock::now();
    QTest::keyClick(entry, Qt::Key_Return);
    QApplication::processEvents();
    entered.push_back(msSince(begun));
    heart.note(entered.back());
    while (window.model().isThinking()) {
      heart.beat();
    }
    ranked.push_back(msSince(begun));
    for (int i = 0; i < 20; ++i) {
      heart.beat();
    }
    // Back to sixty; what that costs the window counts too.
    window.model().undoStack()->undo();
    while (window.model().isThinking() || !window.model().isKept()) {
      heart.beat();
    }
  }
  // The reference: the same ranking with nothing beside it.
  job::Case c = window.model().job();
  const auto room = std::make_shared<diagnosis::Workroom>();
  (void)diagnosis::Session(c, {}, room).assessment();
  double ohm = 5e6;
  const auto alone = bench::timed(20, 1, [&] {
    c.evidence.back().reading.value->value = ohm += 1000;
    (void)diagnosis::Session(c, {}, room).assessment();
  });
  fmt::print("a key answered     {:6.1f} ms p95 (bar 16), return {:.1f} ms p95\n", p95(keys),
             p95(entered));
  fmt::print("window held up     {:6.1f} ms at most (bar 30)\n", heart.worst());
  fmt::print(
      "new ranking stands {:6.1f} ms p95 (bar 80), {:.2f} times the ranking alone ({:.1f} ms)\n",
      p95(ranked), p95(ranked) / (1e3 * alone.p95), 1e3 * alone.p95);
  return 0;
}
