#include "picture/reading_cards.h"

#include <fmt/format.h>

#include <algorithm>

#include "core/base/say.h"
#include "picture/line_board.h"

namespace haybale::picture {

namespace {

constexpr double kEdge = 5;

// A row that ran past the right edge is pushed back to the left as a whole.
void pullBack(std::vector<ReadingCard>& cards, std::size_t rows, double width) {
  for (std::size_t r = 0; r < rows; ++r) {
    double limit = width - kEdge;
    for (auto it = cards.rbegin(); it != cards.rend(); ++it) {
      if (it->row == static_cast<int>(r)) {
        it->left = std::min(it->left, limit - kCardW);
        limit = it->left - kCardGap;
      }
    }
  }
}

std::string verdictLine(const diagnosis::ReadingView& view) {
  const bool little = view.verdict && !view.traps.empty() &&
                      view.traps.front().kind == diagnosis::TrapKind::unloaded;
  return little ? say("pass, but proves little") : verdictWord(view.verdict);
}

}  // namespace

int arrangeCards(std::vector<ReadingCard>& cards, double width, double height) {
  const auto fit = [](double space, double size) {
    return std::max(1, static_cast<int>((space + kCardGap) / (size + kCardGap)));
  };
  const int rows = fit(height, kCardH);
  const int perRow = fit(width - 2 * kEdge, kCardW);
  const auto room = static_cast<std::size_t>(rows) * static_cast<std::size_t>(perRow);
  const int dropped = static_cast<int>(cards.size() > room ? cards.size() - room : 0);
  cards.erase(cards.begin(), cards.begin() + dropped);
  std::stable_sort(cards.begin(), cards.end(),
                   [](const auto& a, const auto& b) { return a.anchor < b.anchor; });
  // One row more than the least, so that a few cards may stand right below their places.
  const int least = (static_cast<int>(cards.size()) + perRow - 1) / perRow;
  std::vector<double> end(
      static_cast<std::size_t>(std::min(rows, least + (cards.size() > 2 ? 1 : 0))), 0.0);
  for (auto& card : cards) {
    const double wanted = std::clamp(card.anchor - kCardW / 2, kEdge, width - kCardW - kEdge);
    std::size_t best = 0;
    for (std::size_t r = 0; r < end.size(); ++r) {
      if (std::max(end[r], wanted) < std::max(end[best], wanted) - 1) {
        best = r;
      }
    }
    card.row = static_cast<int>(best);
    card.left = std::max(end[best], wanted);
    end[best] = card.left + kCardW + kCardGap;
  }
  pullBack(cards, end.size(), width);
  return dropped;
}

void CardHanger::hang(std::vector<ReadingCard> cards, double top, double bottom,
                      std::optional<double> leaderFrom) {
  if (cards.empty()) {
    return;
  }
  const int dropped = arrangeCards(cards, width, bottom - top);
  for (const auto& card : cards) {
    draw(card, top + card.row * (kCardH + kCardGap), top, leaderFrom);
  }
  if (dropped > 0) {
    scene.add(Text{{width - 8, top - 8},
                   sayf("and {} more, under Readings", dropped),
                   13,
                   false,
                   Role::faint,
                   Anchor::end});
  }
}

void CardHanger::draw(const ReadingCard& card, double y, double top,
                      std::optional<double> leaderFrom) {
  const auto& view = *card.view;
  const Role tone = view.withdrawn ? Role::faint : verdictRole(view.verdict);
  // What was seen and not measured has no place to point to.
  if (leaderFrom && card.anchor > 0) {
    const double foot = std::clamp(card.anchor, card.left + 8, card.left + kCardW - 8);
    scene.add(Path{{{card.anchor, *leaderFrom}, {card.anchor, top - 14}, {foot, y}},
                   Role::faint,
                   1.2,
                   Dash::dotted,
                   false});
  }
  const Rect rect{card.left, y, kCardW, kCardH};
  scene.add(Box{rect, 5, Role::panel, tone, lit == view.evidenceId ? 3.0 : 1.6, std::nullopt});
  scene.add(Box{{card.left, y + 4, 5, kCardH - 8}, 2, tone, std::nullopt, 1, std::nullopt});
  words(view, card.left + 13, y);
  scene.spots.push_back({rect, "evidence:" + view.evidenceId, view.reason, view.title,
                         view.shown + ", " + verdictWord(view.verdict)});
}

void CardHanger::words(const diagnosis::ReadingView& view, double x, double y) {
  const double w = kCardW - 20;
  const auto text = [&](double at, std::string_view line, double size, bool bold, Role role) {
    scene.add(
        Text{{x, y + at}, fitted(measure, line, size, bold, w), size, bold, role, Anchor::start});
  };
  text(18, view.title, 12.5, false, Role::faint);
  text(40, view.shown, 18, true, view.withdrawn ? Role::faint : Role::ink);
  if (view.withdrawn) {
    const double length = std::min(w, measure(view.shown, 18, true));
    scene.add(Path{{{x, y + 34}, {x + length, y + 34}}, Role::faint, 2, Dash::solid, false});
    text(58, say("withdrawn, kept"), 12.5, false, Role::faint);
    return;
  }
  text(58, verdictLine(view), 12.5, true, verdictRole(view.verdict));
  const std::string& more = !view.traps.empty()         ? view.traps.front().text
                            : view.expectedText.empty() ? view.reason
                                                        : view.expectedText;
  double at = 74;
  for (const auto& line : wrappedThought(measure, more, 12, false, w, 2)) {
    text(at, line, 12, false, Role::faint);
    at += 15;
  }
}

}  // namespace haybale::picture
