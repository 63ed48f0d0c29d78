// Any bytes as an exported logbook: taken in, or said what is wrong; what was taken in can be
// written out again.
#include <QCoreApplication>
#include <cstdlib>

#include "core/job/case_json.h"
#include "store/logbook_file.h"
#include "temp_file.h"

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
  using namespace haybale;
  static int argc = 1;
  static char name[] = "fuzz";
  static char* argv[] = {name, nullptr};
  static const QCoreApplication application(argc, argv);
  static auto book = store::Logbook::open(QString::fromStdString(fuzz::scratch() + "/b.sqlite"));
  if (!book) {
    std::abort();
  }
  const auto path = QString::fromStdString(fuzz::asFile(data, size, "f.jsonl"));
  const auto done = store::importLogbook(**book, path);
  if (done && done->jobs > 0) {
    const auto out = QString::fromStdString(fuzz::scratch() + "/out.jsonl");
    const auto written = store::exportLogbook(**book, out);
    if (!written || !written->leftOut.isEmpty()) {
      std::abort();
    }
    // A fresh one, so that it stays small.
    (*book)->database().run(QStringLiteral("DELETE FROM revisions"));
    (*book)->database().run(QStringLiteral("DELETE FROM jobs"));
  }
  return 0;
}
