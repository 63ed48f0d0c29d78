// Every ink on every ground it stands on, in both themes: WCAG 2.1, success criterion 1.4.3, asks
// for 4.5 to 1 (https://www.w3.org/TR/WCAG21/#contrast-minimum); the formula is its definition of
// relative luminance.
#include <cmath>

#include "picture/scene.h"
#include "support/haybale_test.h"

namespace haybale::picture {
namespace {

double linear(std::uint32_t channel) {
  const double c = channel / 255.0;
  return c <= 0.03928 ? c / 12.92 : std::pow((c + 0.055) / 1.055, 2.4);
}

double luminance(std::uint32_t rgb) {
  return 0.2126 * linear(rgb >> 16 & 0xFF) + 0.7152 * linear(rgb >> 8 & 0xFF) +
         0.0722 * linear(rgb & 0xFF);
}

double contrast(std::uint32_t a, std::uint32_t b) {
  const double high = std::max(luminance(a), luminance(b));
  const double low = std::min(luminance(a), luminance(b));
  return (high + 0.05) / (low + 0.05);
}

TEST(Contrast, TheFormulaIsTheStandards) {
  EXPECT_NEAR(contrast(0x000000, 0xFFFFFF), 21, 1e-9);
  // A grey that is known to be just enough on white.
  EXPECT_NEAR(contrast(0x767676, 0xFFFFFF), 4.54, 0.005);
}

TEST(Contrast, TextIsReadOnEveryGroundInBothThemes) {
  const Role inks[] = {Role::ink, Role::faint, Role::alarm, Role::good, Role::doubt};
  const Role grounds[] = {Role::ground,    Role::panel,     Role::alarmTint,  Role::doubtTint,
                          Role::goodTint,  Role::zoneCabin, Role::zoneEngine, Role::zoneUnder,
                          Role::zoneWheel, Role::zoneFlex};
  for (const auto theme : {Theme::day, Theme::night}) {
    for (const Role ink : inks) {
      for (const Role ground : grounds) {
        const double ratio = contrast(rgb(ink, theme), rgb(ground, theme));
        EXPECT_GE(ratio, 4.5) << "ink " << static_cast<int>(ink) << " on "
                              << static_cast<int>(ground)
                              << (theme == Theme::day ? " by day" : " by night");
      }
    }
    EXPECT_GE(contrast(rgb(Role::railInk, theme), rgb(Role::rail, theme)), 4.5);
    EXPECT_GE(contrast(0x1F2A30, rgb(Role::straw, theme)), 4.5) << "what is chosen";
  }
}

}  // namespace
}  // namespace haybale::picture
