#include <gtest/gtest.h>

#include <QApplication>

#include "app/live/output_guard.h"
#include "deeds.h"
#include "output_child.h"
#include "render/scene_painter.h"
#include "typist.h"

int main(int argc, char** argv) {
  if (argc == 3 && qstrcmp(argv[1], "--guard") == 0) {
    return haybale::app::guardOutput(argv[2]);
  }
  if (qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM")) {
    qputenv("QT_QPA_PLATFORM", "offscreen");
  }
  QApplication application(argc, argv);
  QApplication::setStyle(QStringLiteral("Fusion"));
  haybale::render::loadFonts();
  if (argc == 5 && qstrcmp(argv[1], "--typist") == 0) {
    return haybale::app::typist(QString::fromLocal8Bit(argv[2]), qstrcmp(argv[3], "rival") == 0,
                                std::atoi(argv[4]));
  }
  if (argc == 4 && qstrcmp(argv[1], "--deed") == 0) {
    return haybale::app::deed(QString::fromLocal8Bit(argv[2]), QString::fromLocal8Bit(argv[3]));
  }
  if (argc == 4 && qstrcmp(argv[1], "--source") == 0) {
    return haybale::app::sourceHolder(QString::fromLocal8Bit(argv[2]),
                                      QString::fromLocal8Bit(argv[3]));
  }
  testing::InitGoogleTest(&argc, argv);
  return RUN_ALL_TESTS();
}
