#include "deeds.h"

#include <QFileInfo>
#include <QLineEdit>
#include <cstdio>

#include "core/capture/open.h"
#include "core/job/case_json.h"
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

void tellTold(const Status& status, const std::string& otherwise) {
  tell(status ? otherwise : "told " + status.error().sentence());
}

void work(const QString& file) {
  MainWindow window;
  auto& model = window.model();
  QObject::connect(&model, &JobModel::said, &window, [](const QString& sentence, bool bad) {
    if (bad) {
      tell("told " + sentence.toStdString());
    }
  });
  window.resize(1280, 800);
  window.show();
  window.openPath(file);
  auto* notice = window.findChild<QLabel*>(QStringLiteral("notice"));
  if (window.book().logbook() == nullptr || model.path().isEmpty()) {
    tell("told " + notice->text().toStdString());
  }
  auto* entry = window.findChild<QLineEdit*>(QStringLiteral("line.entry"));
  QTest::keyClicks(entry, QStringLiteral("C1 pair 7777k unplugged"));
  QTest::keyClick(entry, Qt::Key_Return);
  model.waitUntilKept();
  if (model.trouble().isEmpty() && !model.isReadOnly()) {
    tell("kept");
  }
  window.book().settle();
  if (window.book().logbook() != nullptr && model.trouble().isEmpty()) {
    tell("booked");
  }
  const bool saved = window.save();
  tell(saved ? "saved" : "told " + notice->text().toStdString());
}

Status writeWav(const std::string& path) {
  signal::Substitute wanted;
  wanted.kmh = [](double) { return 12.0; };
  wanted.topKmh = 12;
  return capture::saveCapture(path, *signal::substitute(wanted));
}

void import(const std::string& folder) {
  auto book = store::Logbook::open(QString::fromStdString(folder + "/state/logbook.sqlite"));
  if (!book) {
    tell("told " + book.error().sentence());
    return;
  }
  const auto done =
      store::importLogbook(**book, QString::fromStdString(folder + "/other-bench.jsonl"));
  if (!done) {
    tell("told " + done.error().sentence());
  } else if (!done->bad.isEmpty()) {
    tell("told " + done->bad.join(QLatin1Char(' ')).toStdString());
  } else {
    tell("imported");
  }
}

}  // namespace

int deed(const QString& name, const QString& file) {
  const std::string folder = QFileInfo(file).absolutePath().toStdString();
  if (name == QLatin1String("work")) {
    work(file);
  } else if (name == QLatin1String("bundle")) {
    const auto c = job::loadCase(file.toStdString());
    tellTold(c ? store::writeBundle(*c, folder, folder + "/made.zip") : Status(c.error()),
             "written");
  } else if (name == QLatin1String("wav")) {
    tellTold(writeWav(folder + "/made.wav"), "written");
  } else {
    import(folder);
  }
  return 0;
}

}  // namespace haybale::app
