#include "app/live/output_guard.h"

#include <QCoreApplication>
#include <iostream>
#include <string>

#include "instruments/drivers.h"

namespace haybale::app {

OutputGuard::~OutputGuard() {
  done();
  process_.closeWriteChannel();
  process_.waitForFinished(1000);
}

void OutputGuard::watch(const QString& address) {
  if (process_.state() == QProcess::NotRunning || address_ != address) {
    process_.closeWriteChannel();
    process_.waitForFinished(500);
    process_.setProcessChannelMode(QProcess::ForwardedErrorChannel);
    process_.start(QCoreApplication::applicationFilePath(), {QStringLiteral("--guard"), address});
    address_ = address;
  }
  process_.write("on\n");
  process_.waitForBytesWritten(500);
}

void OutputGuard::done() {
  if (process_.state() != QProcess::NotRunning) {
    process_.write("off\n");
    process_.waitForBytesWritten(500);
  }
}

int guardOutput(const char* text) {
  const auto address = instruments::parseAddress(text);
  if (!address) {
    return 2;
  }
  bool on = false;
  for (std::string line; std::getline(std::cin, line);) {
    on = line == "on" || (on && line != "off");
  }
  if (!on) {
    return 0;
  }
  // The line may still be closing; it is tried for some seconds.
  constexpr int kTries = 10;
  for (int n = 0; n < kTries; ++n) {
    instruments::ScpiLink link(*address);
    if (instruments::Generator(link).stop()) {
      return 0;
    }
  }
  return 1;
}

}  // namespace haybale::app
