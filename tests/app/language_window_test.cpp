// The window in German and Spanish: what is seen is translated, what is kept is not.
#include <QAction>

#include "app/help/help_pages.h"
#include "app/model/languages.h"
#include "app/parts/preferences_dialog.h"
#include "core/base/json.h"
#include "core/job/case_json.h"
#include "core/practice/practice_case.h"
#include "core/units/quantity.h"
#include "window_fixture.h"

namespace haybale::app {
namespace {

class In : public Window, public testing::WithParamInterface<const char*> {
 protected:
  void SetUp() override {
    useLanguage(QLatin1String(GetParam()));
    Window::SetUp();
  }
  void TearDown() override {
    window.reset();
    useLanguage(QStringLiteral("en"));
  }
  [[nodiscard]] bool german() const { return GetParam() == std::string("de"); }
};

TEST_P(In, TheVerdictAndTheNextMoveAreSaidInIt) {
  window->openDemo();
  settle();
  EXPECT_TRUE(label("side.headline").starts_with(german() ? "Noch offen" : "A\xC3\xBAn abierto"));
  EXPECT_NE(label("side.title").find(german() ? "Ohm am Paar" : "Ohmios del par"),
            std::string::npos);
  EXPECT_EQ(find<QPushButton>("strip.undo")->text(),
            german() ? QStringLiteral("Zurück") : QStringLiteral("Deshacer"));
}

// A comma is typed and shown; the file has a point, English names and no word of this language.
TEST_P(In, WhatIsKeptKnowsNoLanguage) {
  window->openDemo();
  typeReading("C2 a gnd 4,91V key on unplugged");
  settle();
  ASSERT_EQ(job().evidence.size(), 6U);
  EXPECT_DOUBLE_EQ(job().evidence.back().reading.value->value, 4.91);
  EXPECT_EQ(assessment().views.back().shown, "4,91 V");
  const std::string kept = job::toJson(job()).dump();
  EXPECT_NE(kept.find("4.91"), std::string::npos);
  for (const char* word : {"Ader", "Radhaus", "Masse", "cable ", "paso de rueda", "masa"}) {
    EXPECT_EQ(kept.find(word), std::string::npos) << word;
  }
}

TEST_P(In, TheOwnersPageIsSaidInIt) {
  window->openDemo();
  window->showView(MainWindow::kClose);
  nextSave = QString::fromStdString(folder.file("owner.html"));
  click(find<QPushButton>("close.page.report"));
  find<QPushButton>("report.owner")->setChecked(true);
  click(find<QPushButton>("report.html"));
  const auto html = test::read(folder.file("owner.html"));
  EXPECT_NE(html.find(german() ? "Was falsch war" : "Qu\xC3\xA9 estaba mal"), std::string::npos);
  EXPECT_EQ(html.find("What was wrong"), std::string::npos);
  EXPECT_EQ(html.find("anti-lock"), std::string::npos);
}
// Also what is wrong with an entry or a file, and the cases of practice.
TEST_P(In, ErrorsAndPracticeAreSaidInIt) {
  const auto entry = units::parseEntry("4.8m", units::Unit::ohm);
  ASSERT_FALSE(entry.ok());
  EXPECT_NE(entry.error().sentence().find(german() ? "Milliohm oder Megohm" : "miliohmio"),
            std::string::npos)
      << entry.error().sentence();
  const auto file = parseJson("{ hay", "hay.json");
  ASSERT_FALSE(file.ok());
  EXPECT_NE(file.error().sentence().find(german() ? "ist kein g\xC3\xBCltiges JSON"
                                                  : "no es JSON v\xC3\xA1lido"),
            std::string::npos)
      << file.error().sentence();
  for (const auto& p : practice::shelf()) {
    const auto said = practice::inLanguage(p);
    EXPECT_NE(said.debrief, p.debrief) << p.id;
    EXPECT_NE(said.shown.complaint.text, p.shown.complaint.text) << p.id;
    EXPECT_EQ(said.truth.size(), p.truth.size());
  }
}
TEST_P(In, TheHelpIsWholeInIt) {
  const auto pages = helpPages();
  ASSERT_EQ(pages.size(), 16U);
  for (const auto& page : pages) {
    EXPECT_TRUE(
        QFile::exists(QStringLiteral(":/help/%1/%2.md").arg(QLatin1String(GetParam()), page.id)))
        << page.id.toStdString();
    EXPECT_GT(page.text.size(), 300) << page.id.toStdString();
  }
  EXPECT_EQ(
      findHelp(german() ? QStringLiteral("geisterspannung") : QStringLiteral("fantasma")).size(),
      1U);
}
INSTANTIATE_TEST_SUITE_P(Languages, In, testing::Values("de", "es"));

TEST_F(Window, TheLanguageIsChosenInThePreferences) {
  PreferencesDialog dialog(preferences(), programSettings(), window.get());
  auto* box = dialog.findChild<QComboBox*>(QStringLiteral("preferences.language"));
  box->setCurrentIndex(box->findData(QStringLiteral("es")));
  int fresh = 0;
  QObject::connect(window.get(), &MainWindow::freshStartWanted, [&] { ++fresh; });
  window->useSettings(dialog.program());
  EXPECT_EQ(programSettings().language, QStringLiteral("es"));
  EXPECT_EQ(fresh, 1);
  EXPECT_EQ(languageFor(QStringLiteral("es")), QStringLiteral("es"));
  EXPECT_EQ(languageFor(QStringLiteral("xx")), QStringLiteral("en"));
}

TEST(Languages, HaveTwoFormsWhereANumberIsInASentence) {
  for (const char* code : {"de", "es"}) {
    Linguist linguist;
    ASSERT_TRUE(
        linguist.read(QStringLiteral(":/translations/haybale_%1.ts").arg(QLatin1String(code))));
    const char* sentence =
        "The program did not end by itself last time. Brought back: \"%1\" with %n readings, as it "
        "stood.";
    const auto one = linguist.translate("", sentence, nullptr, 1);
    const auto many = linguist.translate("", sentence, nullptr, 4);
    EXPECT_FALSE(one.isEmpty());
    EXPECT_NE(one, many);
  }
}

}  // namespace
}  // namespace haybale::app
