// A photo of a plug: attached to a reading, marked on a copy, in the report and in the bundle.
#include <zip.h>

#include <QTableWidget>
#include <QVideoFrame>
#include <QVideoSink>
#include <cstring>

#include "app/photo/camera_dialog.h"
#include "app/photo/photo_dialog.h"
#include "window_fixture.h"

namespace haybale::app {
namespace {

class Photos : public Window {
 protected:
  void SetUp() override {
    Window::SetUp();
    photo = folder.file("plug.png");
    QImage image(800, 600, QImage::Format_RGB32);
    image.fill(QColor(90, 130, 80));
    ASSERT_TRUE(image.save(QString::fromStdString(photo)));
    window->openDemo();
    settle();
    window->showView(MainWindow::kLine);
    click(find<QPushButton>("line.list"));
    find<QTableWidget>("readings")->selectRow(2);
    nextOpen = QString::fromStdString(photo);
    click(find<QPushButton>("readings.attach"));
    settle();
  }
  PhotoDialog* open() {
    find<QTableWidget>("readings")->selectRow(2);
    click(find<QPushButton>("readings.photo"));
    QApplication::processEvents();
    return window->findChild<PhotoDialog*>();
  }
  static void drag(QWidget* canvas, QPoint from, QPoint to) {
    QTest::mousePress(canvas, Qt::LeftButton, {}, from);
    QTest::mouseMove(canvas, to);
    QTest::mouseRelease(canvas, Qt::LeftButton, {}, to);
  }
  std::string photo;
};

TEST_F(Photos, AMarkedCopyIsKeptBesideTheOriginal) {
  const auto original = test::read(photo);
  ASSERT_EQ(job().evidence[2].attachments.size(), 1U);
  auto* dialog = open();
  ASSERT_NE(dialog, nullptr);
  auto* canvas = dialog->findChild<PhotoCanvas*>();
  auto* keep = dialog->findChild<QPushButton*>(QStringLiteral("photo.keep"));
  EXPECT_FALSE(keep->isEnabled()) << "nothing is marked yet";
  drag(canvas, {40, 40}, {200, 160});
  click(dialog->findChild<QPushButton*>(QStringLiteral("photo.ring")));
  drag(canvas, {220, 160}, {260, 190});
  drag(canvas, {300, 160}, {301, 160});
  EXPECT_EQ(canvas->marks().size(), 2U) << "a click is no ring";
  QTest::keyClicks(dialog->findChild<QLineEdit*>(QStringLiteral("photo.text")),
                   QStringLiteral("green crust"));
  QTest::mouseClick(canvas, Qt::LeftButton, {}, {60, 220});
  ASSERT_EQ(canvas->marks().size(), 3U);
  EXPECT_EQ(canvas->marks()[2].words, QStringLiteral("green crust"));
  click(dialog->findChild<QPushButton*>(QStringLiteral("photo.back")));
  ASSERT_EQ(canvas->marks().size(), 2U);
  const auto ring = canvas->marks()[1];  // the dialog goes with its canvas when it has kept
  click(keep);
  settle();
  ASSERT_EQ(job().evidence[2].attachments.size(), 2U);
  EXPECT_EQ(test::read(photo), original) << "the photo itself stays as it is";
  const QImage marked(QString::fromStdString(folder.file("plug.marked.png")));
  ASSERT_EQ(marked.size(), QSize(800, 600));
  // The ring's edge is where it was drawn: pixels of the photo, not of the window.
  const QPointF edge = ring.from + QPointF(QLineF(ring.from, ring.to).length(), 0);
  EXPECT_GT(marked.pixelColor(edge.toPoint()).red(), 120);
  EXPECT_EQ(marked.pixelColor(5, 595), QColor(90, 130, 80));
  // One step of undo takes the copy out of the job again.
  window->model().undoStack()->undo();
  EXPECT_EQ(job().evidence[2].attachments.size(), 1U);
}

// Frames put into the dialog's own sink stand in for a camera.
TEST_F(Photos, APhotoIsTakenWithACameraAndAttached) {
  find<QTableWidget>("readings")->selectRow(1);
  click(find<QPushButton>("readings.camera"));
  auto* dialog = window->findChild<CameraDialog*>();
  ASSERT_NE(dialog, nullptr);
  auto* take = dialog->findChild<QPushButton*>(QStringLiteral("camera.take"));
  EXPECT_FALSE(take->isEnabled()) << "nothing is seen yet";
  QVideoFrame frame(QVideoFrameFormat(QSize(320, 240), QVideoFrameFormat::Format_BGRX8888));
  ASSERT_TRUE(frame.map(QVideoFrame::WriteOnly));
  std::memset(frame.bits(0), 0x50, static_cast<std::size_t>(frame.mappedBytes(0)));
  frame.unmap();
  dialog->sink()->setVideoFrame(frame);
  QApplication::processEvents();
  ASSERT_TRUE(take->isEnabled());
  click(take);
  settle();
  ASSERT_EQ(job().evidence[1].attachments.size(), 1U);
  const QString file =
      QDir(window->model().folder())
          .absoluteFilePath(QString::fromStdString(job().evidence[1].attachments[0]));
  const QImage taken(file);
  ASSERT_EQ(taken.size(), QSize(320, 240)) << file.toStdString();
  EXPECT_NEAR(taken.pixelColor(160, 120).green(), 0x50, 3);
}

TEST_F(Photos, TheReportShowsTheMarkedCopyAlone) {
  auto* dialog = open();
  drag(dialog->findChild<PhotoCanvas*>(), {40, 40}, {200, 160});
  click(dialog->findChild<QPushButton*>(QStringLiteral("photo.keep")));
  settle();
  window->showView(MainWindow::kClose);
  click(find<QPushButton>("close.page.report"));
  nextSave = QString::fromStdString(folder.file("r.html"));
  click(find<QPushButton>("report.html"));
  const auto html = test::read(folder.file("r.html"));
  const auto first = html.find("data:image/png;base64,");
  ASSERT_NE(first, std::string::npos);
  EXPECT_EQ(html.find("data:image/png;base64,", first + 1), std::string::npos);
  nextSave = QString::fromStdString(folder.file("r.pdf"));
  click(find<QPushButton>("report.pdf"));
  // By what another program (poppler) finds in it.
  const std::string list = folder.file("images.txt");
  ASSERT_EQ(std::system(("pdfimages -list " + folder.file("r.pdf") + " > " + list).c_str()), 0);
  EXPECT_NE(test::read(list).find("800   600"), std::string::npos) << test::read(list);
}

TEST_F(Photos, ABundleCarriesBothAndAMissingPhotoIsSaid) {
  auto* dialog = open();
  drag(dialog->findChild<PhotoCanvas*>(), {40, 40}, {200, 160});
  click(dialog->findChild<QPushButton*>(QStringLiteral("photo.keep")));
  settle();
  window->showView(MainWindow::kBook);
  nextSave = QString::fromStdString(folder.file("job.zip"));
  click(find<QPushButton>("book.bundleOut"));
  int error = 0;
  auto* zip = zip_open(folder.file("job.zip").c_str(), ZIP_RDONLY, &error);
  ASSERT_NE(zip, nullptr);
  int photos = 0;
  for (zip_int64_t i = 0; i < zip_get_num_entries(zip, 0); ++i) {
    photos += std::string(zip_get_name(zip, static_cast<zip_uint64_t>(i), 0)).find("plug.") !=
                      std::string::npos
                  ? 1
                  : 0;
  }
  zip_close(zip);
  EXPECT_EQ(photos, 2);
  test::write(folder.file("plug.marked.png"), "no picture");
  window->showView(MainWindow::kLine);
  find<QTableWidget>("readings")->selectRow(2);
  click(find<QPushButton>("readings.photo"));
  EXPECT_EQ(window->findChild<PhotoDialog*>(), nullptr);
  EXPECT_NE(label("notice").find("plug.marked.png"), std::string::npos);
}

}  // namespace
}  // namespace haybale::app
