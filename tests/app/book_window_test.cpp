// The logbook in the real window: jobs kept as they are worked on, found, bundled, known good.
#include <signal.h>
#include <sys/resource.h>

#include <QFile>
#include <QTableWidget>

#include "app/book/book_view.h"
#include "app/intake/intake_view.h"
#include "core/base/json.h"
#include "core/job/case_json.h"
#include "window_fixture.h"

namespace haybale::app {
namespace {

class BookWindow : public Window {
 protected:
  void startJob(const char* title, const char* vehicle) {
    window->model().files().startNew();
    window->model().change(QStringLiteral("x"), [&](job::Case& c) {
      c.title = title;
      c.vehicle = vehicle;
    });
  }
  void search(const char* text) {
    auto* edit = find<QLineEdit>("book.search");
    edit->setFocus();
    edit->selectAll();
    QTest::keyClicks(edit, QString::fromUtf8(text));
  }
  [[nodiscard]] int rows(const char* table) { return find<QTableWidget>(table)->rowCount(); }
};

TEST_F(BookWindow, AJobIsKeptAsItIsWorkedOnAndFoundByAnyWord) {
  startJob("Lamp at the gate", "Straw carrier 4");
  window->showView(MainWindow::kLine);
  typeReading("C2.w pair 4.83M unplugged");
  startJob("Pedal pulses", "Hay rake 9");
  ASSERT_EQ(book().logbook()->count(), 2);
  QTest::keyClick(window.get(), Qt::Key_F, Qt::ControlModifier);
  ASSERT_EQ(window->view(), MainWindow::kBook);
  EXPECT_EQ(rows("book.jobs"), 2);
  search("straw gat");
  EXPECT_EQ(rows("book.jobs"), 1);
  search("4.83");
  EXPECT_EQ(rows("book.jobs"), 1) << "a reading is a word too";
  search("tractor");
  EXPECT_EQ(rows("book.jobs"), 0);
  EXPECT_NE(label("book.count").find("try fewer"), std::string::npos);
  search("gate");
  QTest::keyClick(find<QLineEdit>("book.search"), Qt::Key_Return);
  EXPECT_EQ(job().title, "Lamp at the gate");
  EXPECT_EQ(job().evidence.size(), 1U);
  EXPECT_EQ(window->view(), MainWindow::kLine);
}

TEST_F(BookWindow, ASavedJobStaysOneRowAndOpensFromItsFileOrWithoutIt) {
  startJob("Lamp at the gate", "Straw carrier 4");
  nextSave = QString::fromStdString(folder.file("gate.haybale.json"));
  ASSERT_TRUE(window->save());
  EXPECT_EQ(book().logbook()->count(), 1);
  startJob("Other", "Other");
  const auto found = book().logbook()->search({QStringLiteral("gate"), {}, {}, {}, {}, {}});
  ASSERT_TRUE(found.ok());
  ASSERT_EQ(found->size(), 1U);
  ASSERT_TRUE(book().show(found->front().id).ok());
  EXPECT_EQ(window->model().path(), nextSave);
  // The file is gone: the logbook has it still.
  window->model().files().startNew();
  ASSERT_TRUE(QFile::remove(nextSave));
  ASSERT_TRUE(book().show(found->front().id).ok());
  EXPECT_EQ(job().title, "Lamp at the gate");
  EXPECT_NE(label("notice").find("is gone"), std::string::npos);
  reopen();
  EXPECT_EQ(book().logbook()->count(), 2) << "still there after a restart";
}

TEST_F(BookWindow, WhatClosedJobsTaughtGoesIntoTheNextOne) {
  for (int n = 0; n < 3; ++n) {
    startJob("Closed", "Straw carrier");
    window->model().change(QStringLiteral("x"), [&](job::Case& c) {
      c.closing.date = "2026-11-20";
      c.closing.circuit = "RR";
      c.closing.element = "sensor";
      c.closing.proved = true;
    });
  }
  reopen();
  window->model().files().startNew();
  EXPECT_EQ(job().learnt.jobs, 3);
  EXPECT_EQ(job().learnt.counts.at("sensor"), 3);
  window->showView(MainWindow::kBook);
  ASSERT_EQ(rows("book.tallies"), 1);
  EXPECT_EQ(find<QTableWidget>("book.tallies")->item(0, 1)->text().toStdString(), "3");
}

TEST_F(BookWindow, ABundleGoesOutAndComesInOnAnotherProfile) {
  window->openDemo();
  const auto before = job::toJson(job());
  nextSave = QString::fromStdString(folder.file("cart.haybale.zip"));
  window->showView(MainWindow::kBook);
  click(find<QPushButton>("book.bundleOut"));
  ASSERT_TRUE(QFile::exists(nextSave));
  qputenv("HAYBALE_STATE_DIR", QByteArray::fromStdString(folder.file("state2")));
  reopen();
  nextOpen = nextSave;
  window->showView(MainWindow::kBook);
  click(find<QPushButton>("book.bundleIn"));
  EXPECT_EQ(job().title, before["job"]["title"]);
  EXPECT_EQ(job().evidence.size(), before["evidence"].size());
  for (const auto& [id, waveform] : assessment().waveforms.waveforms) {
    EXPECT_TRUE(waveform.error.empty()) << waveform.error;
    EXPECT_NE(waveform.record, nullptr);
  }
  // Opened like any job, it comes into a folder of its own once more.
  window->openPath(nextSave);
  EXPECT_TRUE(window->model().path().contains(QStringLiteral("cart-2")))
      << window->model().path().toStdString();
  test::write(folder.file("evil.zip"), "PK no zip at all");
  nextOpen = QString::fromStdString(folder.file("evil.zip"));
  window->showView(MainWindow::kBook);
  click(find<QPushButton>("book.bundleIn"));
  EXPECT_NE(label("notice").find("no zip"), std::string::npos);
}

TEST_F(BookWindow, TheWholeLogbookGoesOutAndComesInElsewhere) {
  startJob("Lamp at the gate", "Straw carrier 4");
  nextSave = QString::fromStdString(folder.file("all.jsonl"));
  window->showView(MainWindow::kBook);
  click(find<QPushButton>("book.out"));
  qputenv("HAYBALE_STATE_DIR", QByteArray::fromStdString(folder.file("state2")));
  reopen();
  nextOpen = nextSave;
  window->showView(MainWindow::kBook);
  EXPECT_EQ(rows("book.jobs"), 0);
  click(find<QPushButton>("book.in"));
  EXPECT_EQ(rows("book.jobs"), 1);
}

// Another program holds the logbook for as long as it likes: what is typed is taken, judged, ranked
// and kept in the autosave meanwhile, and goes into the logbook afterwards.
TEST_F(BookWindow, TheWindowGoesOnWhileAnotherProgramHoldsTheLogbook) {
  startJob("Lamp at the gate", "Straw carrier 4");
  settle();
  const QString id = window->model().jobId();
  {
    store::StoreUrl url;
    url.path = window->book().logbook()->database().file();
    store::Database other;
    ASSERT_HB_OK(other.open(url));
    ASSERT_TRUE(other.run(QStringLiteral("BEGIN EXCLUSIVE")).ok());
    typeUnsettled("C2.w pair 4.83M unplugged");
    EXPECT_EQ(job().evidence.size(), 1U);
    EXPECT_EQ(window->model().assessment().views.size(), 1U) << "judged at once";
    window->model().waitUntilKept();
    EXPECT_EQ(readAutosave(id)->job.evidence.size(), 1U);
    constexpr int kHangsMs = 60000;  // a sanitizer's build beside other work takes its time
    ASSERT_TRUE(QTest::qWaitFor([&] { return !window->model().isThinking(); }, kHangsMs));
    EXPECT_FALSE(window->model().assessment().proposals.empty());
    EXPECT_EQ(window->model().trouble(), QString());
    ASSERT_TRUE(other.run(QStringLiteral("COMMIT")).ok());
  }
  EXPECT_EQ(book().logbook()->load(id)->evidence.size(), 1U);
}

// No file may grow any more: what was kept stays, what cannot be kept is said.
TEST_F(BookWindow, AFullDiskIsToldAtOnceAndWhatWasKeptStays) {
  startJob("Lamp at the gate", "Straw carrier 4");
  window->showView(MainWindow::kLine);
  typeReading("C2.w pair 4.83M unplugged");
  settle();
  ::signal(SIGXFSZ, SIG_IGN);
  rlimit before{};
  ASSERT_EQ(::getrlimit(RLIMIT_FSIZE, &before), 0);
  const rlimit tight{64, before.rlim_max};
  ASSERT_EQ(::setrlimit(RLIMIT_FSIZE, &tight), 0);
  typeReading("C2.w pair 4.91M unplugged");
  settle();
  ASSERT_EQ(::setrlimit(RLIMIT_FSIZE, &before), 0);
  const auto kept = window->book().logbook()->search({});
  ASSERT_TRUE(kept.ok());
  ASSERT_EQ(kept->size(), 1U);
  EXPECT_EQ(window->book().logbook()->load(kept->front().id)->evidence.size(), 1U);
  EXPECT_NE(label("notice").find("could not"), std::string::npos) << label("notice");
  EXPECT_EQ(job().evidence.size(), 2U) << "it is still in the window";
  typeReading("C2.w pair 4.85M unplugged");
  EXPECT_EQ(book().logbook()->load(kept->front().id)->evidence.size(), 3U)
      << "room again: all of it is kept";
}

TEST_F(BookWindow, GoodReadingsBecomeTheLimit) {
  startJob("Good wheels", "Straw carrier 4");
  // What a good reading is of hangs on the kind.
  window->model().change(QStringLiteral("kind"), [](job::Case& c) {
    for (auto& circuit : c.circuits) {
      circuit.sensor.kind = circuit::SensorKind::passive;
    }
  });
  window->showView(MainWindow::kLine);
  for (const char* reading : {"module pair 1.10k", "module pair 1.11k", "module pair 1.12k"}) {
    typeReading(reading);
  }
  window->showView(MainWindow::kBook);
  click(find<QPushButton>("book.page.goods"));
  for (const char* id : {"e1", "e2"}) {
    click(find<QPushButton>((std::string("goods.keep.") + id).c_str()));
  }
  auto* spreads = find<QTableWidget>("goods.spreads");
  ASSERT_EQ(spreads->rowCount(), 1);
  EXPECT_NE(spreads->item(0, 4)->text().indexOf(QStringLiteral("too few")), -1);
  click(find<QPushButton>("goods.keep.e3"));
  EXPECT_EQ(rows("goods.samples"), 3);
  click(find<QPushButton>("goods.use.coil-resistance"));
  const auto limit = std::find_if(job().limits.begin(), job().limits.end(), [](const auto& l) {
    return l.quantity == judging::Quantity::coilResistance;
  });
  ASSERT_NE(limit, job().limits.end());
  EXPECT_EQ(limit->provenance, judging::Provenance::goodPart);
  EXPECT_NE(limit->source.find("3 good readings"), std::string::npos);
  QTest::keyClick(window.get(), Qt::Key_Z, Qt::ControlModifier);
  EXPECT_EQ(
      std::count_if(job().limits.begin(), job().limits.end(),
                    [](const auto& l) { return l.provenance == judging::Provenance::goodPart; }),
      0);
}

// A trace is kept with its output per hertz, which does not hang on how fast it was spun.
TEST_F(BookWindow, GoodTracesMakeALimitOfTheirOutputPerHertz) {
  window->openDemo();
  const auto vehicle = job().vehicle;
  window->showView(MainWindow::kBook);
  click(find<QPushButton>("book.page.goods"));
  std::string trace;
  for (const auto& e : job().evidence) {
    trace = !e.reading.file.empty() && e.test.circuit == "RL" ? e.id : trace;
  }
  ASSERT_FALSE(trace.empty());
  for (int n = 0; n < 3; ++n) {
    click(find<QPushButton>(("goods.keep." + trace).c_str()));
  }
  const auto kept =
      book().goods({QString::fromStdString(vehicle), {}, {}, judging::Quantity::fluxSwing});
  ASSERT_TRUE(kept.ok());
  ASSERT_EQ(kept->size(), 3U);
  // The demo's good wheel is made with 2 mWb.
  EXPECT_NEAR((*kept)[0].sample.value, 2e-3, 4e-5);
  EXPECT_TRUE(QFile::exists(QString::fromStdString((*kept)[0].sample.trace)));
  EXPECT_EQ(window->findChild<QPushButton*>(QStringLiteral("goods.use.flux-swing")), nullptr)
      << "three times the same trace is no spread";
  window->model().change(QStringLiteral("x"), [](job::Case& c) {
    judging::Limit limit;
    limit.quantity = judging::Quantity::fluxSwing;
    limit.min = 1.7e-3;
    limit.max = 2.3e-3;
    limit.provenance = judging::Provenance::goodPart;
    c.limits.push_back(limit);
  });
  int judged = 0;
  for (const auto& view : assessment().views) {
    for (const auto& check : view.checks) {
      if (check.reason.find("output per hertz") != std::string::npos) {
        EXPECT_EQ(check.verdict == judging::Verdict::pass, view.circuit == "RL") << check.reason;
        ++judged;
      }
    }
  }
  EXPECT_EQ(judged, 2);
}

TEST_F(BookWindow, LimitsGoOutAndComeInAsASheet) {
  nextSave = QString::fromStdString(folder.file("limits.csv"));
  window->showView(MainWindow::kIntake);
  click(find<QPushButton>("intake.page.vehicle"));
  click(find<QPushButton>("intake.saveSheet"));
  EXPECT_NE(test::read(folder.file("limits.csv")).find("coil-resistance,800,2500"),
            std::string::npos);
  test::write(folder.file("mine.csv"),
              "quantity,min,max,source\ncoil-resistance,950,1100,\"workshop folder, page 3\"\n");
  nextOpen = QString::fromStdString(folder.file("mine.csv"));
  emit window->findChild<IntakeView*>()->sheetWanted(false);
  EXPECT_EQ(job().limits.front().max, 1100);
  EXPECT_EQ(job().limits.front().source, "workshop folder, page 3");
  test::write(folder.file("mine.csv"), "quantity,min\ncoil-resistance,soon\n");
  emit window->findChild<IntakeView*>()->sheetWanted(false);
  EXPECT_NE(label("notice").find("mine.csv:2"), std::string::npos) << label("notice");
}

TEST_F(BookWindow, FiguresAreChartsAndAFleetReport) {
  for (int n = 0; n < 3; ++n) {
    startJob("Closed", n == 0 ? "Hay wagon" : "Straw carrier");
    window->model().change(QStringLiteral("x"), [&](job::Case& c) {
      c.closing.date = "2026-11-20";
      c.closing.circuit = "RR";
      c.closing.element = "sensor";
      c.closing.fault = "sensor-open";
      c.closing.minutes = 20;
      c.closing.proved = true;
    });
  }
  settle();
  window->showView(MainWindow::kBook);
  click(find<QPushButton>("book.page.figures"));
  EXPECT_NE(label("figures.totals").find("3 jobs, 3 of them closed"), std::string::npos)
      << label("figures.totals");
  QTest::keyClicks(find<QLineEdit>("figures.vehicle"), QStringLiteral("straw"));
  EXPECT_NE(label("figures.totals").find("2 jobs, 2 of them closed"), std::string::npos)
      << label("figures.totals");
  nextSave = QString::fromStdString(folder.file("fleet.html"));
  click(find<QPushButton>("figures.report"));
  const std::string report = test::read(nextSave.toStdString());
  EXPECT_NE(report.find("Wheel speed circuits of straw"), std::string::npos);
  EXPECT_NE(report.find("coil or sensor open"), std::string::npos);
  EXPECT_NE(report.find("<svg"), std::string::npos);
  nextSave = QString::fromStdString(folder.file("fleet.pdf"));
  click(find<QPushButton>("figures.report"));
  EXPECT_TRUE(test::read(nextSave.toStdString()).starts_with("%PDF"));
  nextSave = QString::fromStdString(folder.file("figures.csv"));
  click(find<QPushButton>("figures.csv"));
  EXPECT_NE(test::read(nextSave.toStdString()).find("vehicle,\"Straw carrier\",2,20.0,0"),
            std::string::npos);
}

}  // namespace
}  // namespace haybale::app
