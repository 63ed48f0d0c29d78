// Fonts and PDF need an application object of the toolkit, but never a display.
#pragma once

#include <QGuiApplication>
#include <memory>

#include "render/scene_painter.h"

namespace haybale::cli {

class Offscreen {
 public:
  Offscreen() {
    if (!QCoreApplication::instance()) {
      qputenv("QT_QPA_PLATFORM", "offscreen");
      // The toolkit's own remarks are no messages of this program.
      qInstallMessageHandler([](QtMsgType, const QMessageLogContext&, const QString&) {});
      app_ = std::make_unique<QGuiApplication>(argc_, argv_);
      render::loadFonts();
    }
  }

 private:
  int argc_ = 1;
  char name_[12] = "haybale-cli";
  char* argv_[2] = {name_, nullptr};
  std::unique_ptr<QGuiApplication> app_;
};

}  // namespace haybale::cli
