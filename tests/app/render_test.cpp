// A described picture painted, and a report set on pages. PDF: a page is an object of /Type /Page
// (ISO 32000-1, 7.7.3.3, from memory); PNG and its size: what the toolkit's own reader says.
#include <QImage>
#include <QRegularExpression>

#include "render/report_pages.h"
#include "render/scene_file.h"
#include "render/scene_painter.h"
#include "support/haybale_test.h"

namespace haybale::render {
namespace {

using picture::Role;
using picture::Theme;

picture::Scene twoBoxes() {
  picture::Scene scene;
  scene.width = 120;
  scene.height = 60;
  scene.add(picture::Box{{10, 10, 40, 40}, 0, Role::wheel0, std::nullopt, 1, std::nullopt});
  scene.add(picture::Box{
      {70, 10, 40, 40}, 0, picture::Paint::fixed(0x123456), std::nullopt, 1, std::nullopt});
  return scene;
}

QImage painted(const picture::Scene& scene, Theme theme) {
  QImage image(qRound(scene.width), qRound(scene.height), QImage::Format_RGB32);
  image.fill(colour(Role::ground, theme));
  QPainter painter(&image);
  paint(painter, scene, theme);
  return image;
}

TEST(Render, ABoxHasTheColourOfItsRoleByDayAndNight) {
  for (const auto theme : {Theme::day, Theme::night}) {
    const auto image = painted(twoBoxes(), theme);
    EXPECT_EQ(image.pixelColor(30, 30), colour(Role::wheel0, theme));
    EXPECT_EQ(image.pixelColor(60, 30), colour(Role::ground, theme));
    EXPECT_EQ(image.pixelColor(90, 30), QColor(0x12, 0x34, 0x56)) << "a wire's own colour";
  }
  EXPECT_NE(colour(Role::ground, Theme::day), colour(Role::ground, Theme::night));
}

TEST(Render, APictureFileIsWhatItsNameSays) {
  const test::Folder folder;
  const auto at = [&](const char* name) { return QString::fromStdString(folder.file(name)); };
  ASSERT_HB_OK(writePicture(twoBoxes(), at("line.png")));
  const QImage png(at("line.png"));
  EXPECT_EQ(png.size(), QSize(240, 120)) << "twice the size";
  EXPECT_EQ(png.pixelColor(60, 60), colour(Role::wheel0, Theme::day));
  ASSERT_HB_OK(writePicture(twoBoxes(), at("line.SVG")));
  EXPECT_NE(test::read(folder.file("line.SVG")).find("<svg"), std::string::npos);
  const auto odd = writePicture(twoBoxes(), at("line.bmp"));
  ASSERT_FALSE(odd.ok());
  EXPECT_NE(odd.error().sentence().find(".png"), std::string::npos);
  EXPECT_FALSE(writePicture(twoBoxes(), at("no/such/line.png")).ok());
}

picture::Report longReport(int paragraphs) {
  picture::Report report;
  report.title = "Bale cart 7";
  report.blocks.emplace_back(picture::Heading{1, "Bale cart 7"});
  for (int i = 0; i < paragraphs; ++i) {
    if (i % 8 == 0) {
      report.blocks.emplace_back(picture::Heading{2, "Part " + std::to_string(i / 8)});
    }
    report.blocks.emplace_back(picture::Paragraph{std::string(300, 'n') + " " + std::to_string(i)});
  }
  return report;
}

int pagesInPdf(const QByteArray& pdf) {
  static const QRegularExpression page(QStringLiteral("/Type */Page(?!s)"));
  int count = 0;
  auto it = page.globalMatch(QString::fromLatin1(pdf));
  while (it.hasNext()) {
    it.next();
    ++count;
  }
  return count;
}

TEST(Render, AReportHasAsManyPagesInEveryForm) {
  for (const int paragraphs : {0, 3, 60, 200}) {
    const auto report = longReport(paragraphs);
    const int pages = pagesOf(report);
    EXPECT_EQ(pages > 1, paragraphs > 30) << paragraphs;
    EXPECT_EQ(toImages(report, 400).size(), static_cast<std::size_t>(pages));
    const auto pdf = toPdf(report);
    ASSERT_HB_OK(pdf);
    EXPECT_TRUE(pdf->startsWith("%PDF-"));
    EXPECT_EQ(pagesInPdf(*pdf), pages);
  }
}

// A4 is 210 by 297 (ISO 216), and something stands on every page of it.
TEST(Render, PagesAreA4AndNoneIsEmpty) {
  for (const QImage& page : toImages(longReport(60), 420)) {
    EXPECT_EQ(page.width(), 420);
    EXPECT_NEAR(page.height(), 420 * 297.0 / 210, 1);
    bool ink = false;
    for (int y = 40; y < page.height() / 2 && !ink; ++y) {
      for (int x = 30; x < page.width() - 30 && !ink; ++x) {
        ink = qGray(page.pixel(x, y)) < 128;
      }
    }
    EXPECT_TRUE(ink);
    for (int y = 0; y < page.height(); ++y) {
      EXPECT_GT(qGray(page.pixel(2, y)), 200) << "nothing runs into the margin";
    }
  }
}

TEST(Render, AReportIsSavedUnderItsEndingOrRefused) {
  const test::Folder folder;
  const auto at = [&](const char* name) { return QString::fromStdString(folder.file(name)); };
  const auto report = longReport(3);
  ASSERT_HB_OK(saveReport(report, at("r.pdf")));
  EXPECT_TRUE(test::read(folder.file("r.pdf")).starts_with("%PDF-"));
  ASSERT_HB_OK(saveReport(report, at("r.htm")));
  EXPECT_NE(test::read(folder.file("r.htm")).find("Bale cart 7"), std::string::npos);
  EXPECT_FALSE(saveReport(report, at("r.doc")).ok());
  EXPECT_FALSE(std::filesystem::exists(folder.file("r.doc")));
}

TEST(Render, WiderWordsMeasureWider) {
  const auto width = measure();
  EXPECT_GT(width("module plug", 14, false), width("plug", 14, false));
  EXPECT_GT(width("plug", 28, false), 1.8 * width("plug", 14, false));
  EXPECT_EQ(width("", 14, false), 0);
}

}  // namespace
}  // namespace haybale::render
