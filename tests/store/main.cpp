#include <gtest/gtest.h>

#include <QCoreApplication>
#include <cstring>

#include "keeper.h"

int main(int argc, char** argv) {
  QCoreApplication application(argc, argv);
  if (argc == 3 && std::strcmp(argv[1], "--keeper") == 0) {
    return haybale::store::keeper(QString::fromLocal8Bit(argv[2]));
  }
  testing::InitGoogleTest(&argc, argv);
  return RUN_ALL_TESTS();
}
