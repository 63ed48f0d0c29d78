// Readings as cards hung below the place where they were taken.
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/verdict/assess.h"
#include "picture/scene.h"

namespace haybale::picture {

inline constexpr double kCardW = 178;
inline constexpr double kCardH = 94;
inline constexpr double kCardGap = 10;

struct ReadingCard {
  const diagnosis::ReadingView* view;
  double anchor;    ///< x of its place
  double left = 0;  ///< where it was hung
  int row = 0;
};

/// Hangs each card as near below its place as those already hung allow, within `width` x `height`;
/// cards never overlap. When there is no room the earliest in the list are dropped; returns how
/// many.
int arrangeCards(std::vector<ReadingCard>& cards, double width, double height);

/// Draws cards into a scene, each with a spot "evidence:ID".
struct CardHanger {
  Scene& scene;
  const Measure& measure;
  const std::string& lit;  ///< evidence id of the card that is lit up
  double width;

  /// Between `top` and `bottom`; `leaderFrom` is where a dotted line to the place begins, if it is
  /// drawn.
  void hang(std::vector<ReadingCard> cards, double top, double bottom,
            std::optional<double> leaderFrom);

 private:
  void draw(const ReadingCard& card, double y, double top, std::optional<double> leaderFrom);
  void words(const diagnosis::ReadingView& view, double x, double y);
};

}  // namespace haybale::picture
