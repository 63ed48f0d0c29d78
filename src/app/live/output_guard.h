// A process of its own that switches a signal source off when this program dies while it is on.
//
// It is this very program, started as `--guard ADDRESS`, with a pipe for its standard input: "on"
// and "off" lines say how things stand; when the pipe closes after "on" without "off", our end is
// gone, and the guard connects to the instrument and says OUTP OFF.
#pragma once

#include <QProcess>
#include <QString>

namespace haybale::app {

class OutputGuard {
 public:
  OutputGuard() = default;
  ~OutputGuard();
  OutputGuard(const OutputGuard&) = delete;
  OutputGuard& operator=(const OutputGuard&) = delete;

  /// From now on the source there is on.
  void watch(const QString& address);
  /// It is off.
  void done();

 private:
  QProcess process_;
  QString address_;
};

/// The guard itself: waits for the end of standard input. Exit status of the process.
int guardOutput(const char* address);

}  // namespace haybale::app
