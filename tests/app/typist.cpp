#include "typist.h"

#include <QFileInfo>
#include <QLineEdit>
#include <cstdio>

#include "core/capture/open.h"
#include "core/signal/substitute.h"
#include "store/bundle.h"
#include "store/logbook_file.h"
#include "window_fixture.h"

namespace haybale::app {

namespace {

void tell(const std::string& what) {
  std::puts(what.c_str());
  std::fflush(stdout);
}

class Typist {
 public:
  Typist(const QString& file, bool rival)
      : folder_(QFileInfo(file).absolutePath().toStdString()), rival_(rival) {
    window_.resize(1280, 800);
    window_.show();
    window_.openPath(file);
    entry_ = window_.findChild<QLineEdit*>(QStringLiteral("line.entry"));
    // What was typed before the last kill is back in the box; this typist begins afresh.
    entry_->selectAll();
    QTest::keyClick(entry_, Qt::Key_Delete);
    window_.book().settle();
    tell("open " + std::to_string(window_.model().job().evidence.size()));
  }

  void work(int n, int kiloohm) {
    if (window_.model().isReadOnly()) {
      window_.model().files().takeOver();
    }
    enter(n, kiloohm);
    if (n % 5 == 4) {
      window_.save();
    }
    if (n % 3 == 2) {
      window_.book().settle();
      if (!rival_) {
        tell("booked " + std::to_string(window_.model().job().evidence.size()));
      }
    }
    const std::string name = folder_ + "/made-" + std::to_string(kiloohm);
    if (n % 4 == 1) {
      writeWav(name + ".wav");
    }
    if (n % 4 == 3) {
      writeBundle(name + ".zip");
    }
    if (n % 6 == 2) {
      take();
    }
  }

 private:
  void enter(int n, int kiloohm) {
    auto& model = window_.model();
    const QString text = QStringLiteral("C%1 pair %2k unplugged").arg(1 + n % 2).arg(kiloohm);
    for (const QChar c : text) {
      QTest::keyClick(entry_, c.toLatin1());
      model.waitUntilKept();
      if (!rival_) {
        tell("draft " + entry_->text().toStdString());
      }
    }
    QTest::keyClick(entry_, Qt::Key_Return);
    model.waitUntilKept();
    const auto& evidence = model.job().evidence;
    // Refused where the other window had the job, and then it says so.
    if (model.trouble().isEmpty() && !model.isReadOnly() && !evidence.empty() &&
        evidence.back().reading.value &&
        std::lround(evidence.back().reading.value->value) == 1000L * kiloohm) {
      tell("entered " + std::to_string(kiloohm));
    }
  }

  void writeWav(const std::string& path) {
    signal::Substitute wanted;
    wanted.kmh = [](double) { return 12.0; };
    wanted.topKmh = 12;
    if (capture::saveCapture(path, *signal::substitute(wanted))) {
      tell("wav " + path);
    }
  }

  void writeBundle(const std::string& path) {
    if (store::writeBundle(window_.model().job(), folder_, path)) {
      tell("bundle " + path);
    }
  }

  void take() {
    const auto done = store::importLogbook(*window_.book().logbook(),
                                           QString::fromStdString(folder_ + "/other-bench.jsonl"));
    if (done && done->bad.isEmpty()) {
      tell("imported");
    }
  }

  MainWindow window_;
  QLineEdit* entry_;
  std::string folder_;
  bool rival_;
};

}  // namespace

int typist(const QString& file, bool rival, int from) {
  Typist typist(file, rival);
  for (int n = 0; n < 100000; ++n) {
    typist.work(n, from + n);
  }
  return 0;
}

}  // namespace haybale::app
