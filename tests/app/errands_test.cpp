// From the window's thread to another and back: where things run, in which order, and not for what
// is gone. Common practice, no source.
#include "app/parts/errands.h"

#include <gtest/gtest.h>

#include <QObject>
#include <QThread>
#include <QtTest>
#include <atomic>
#include <vector>

namespace haybale::app {
namespace {

TEST(Errand, GoesOutAndComesHome) {
  std::atomic<QThread*> out = nullptr;
  QThread* home = nullptr;
  sendOut([&] {
    out = QThread::currentThread();
    sendHome([&] { home = QThread::currentThread(); });
  });
  ASSERT_TRUE(QTest::qWaitFor([&] { return home != nullptr; }));
  EXPECT_NE(out.load(), QThread::currentThread());
  EXPECT_EQ(home, QThread::currentThread());
}

TEST(Errand, ComesHomeInTheOrderInWhichItWasSentAndNeverAtOnce) {
  std::vector<int> came;
  for (int i = 0; i < 3; ++i) {
    sendHome([&came, i] {
      came.push_back(i);
      if (i == 0) {
        sendHome([&came] { came.push_back(3); });
      }
    });
  }
  EXPECT_TRUE(came.empty());
  ASSERT_TRUE(QTest::qWaitFor([&] { return came.size() == 4; }));
  EXPECT_EQ(came, (std::vector{0, 1, 2, 3}));
}

// A hundred threads' worth of errands at once: none is lost, each is done once.
TEST(Errand, NoneIsLostWhereManyAreSent) {
  constexpr int kMany = 100;
  std::atomic<int> worked = 0;
  int done = 0;
  for (int i = 0; i < kMany; ++i) {
    sendOut([&] {
      ++worked;
      sendHome([&done] { ++done; });
    });
  }
  ASSERT_TRUE(QTest::qWaitFor([&] { return done >= kMany; }));
  QTest::qWait(20);
  EXPECT_EQ(done, kMany);
  EXPECT_EQ(worked, kMany);
}

TEST(Errand, IsNotDoneForWhatIsGone) {
  bool forTheGone = false;
  bool forTheOther = false;
  auto gone = std::make_unique<QObject>();
  QObject other;
  backHome(QPointer<QObject>(gone.get()), [&] { forTheGone = true; });
  backHome(QPointer<QObject>(&other), [&] { forTheOther = true; });
  gone.reset();  // after it was sent, before it came
  ASSERT_TRUE(QTest::qWaitFor([&] { return forTheOther; }));
  EXPECT_FALSE(forTheGone);
}

}  // namespace
}  // namespace haybale::app
