// The line board: one circuit from module to ring along one axis; above it what is still possible,
// on it wires, connectors and places, below it every reading under the place where it was taken.
#pragma once

#include <optional>

#include "core/session/assessment.h"
#include "picture/scene.h"

namespace haybale::picture {

struct BoardInput {
  const job::Case* job = nullptr;
  const diagnosis::Assessment* assessment = nullptr;
  std::string circuit;                        ///< the one drawn
  std::optional<circuit::Place> selected;     ///< place chosen for the next reading
  circuit::WireId wire = circuit::WireId::a;  ///< wire chosen
  std::string selectedEvidence;               ///< card that is lit up
  std::optional<circuit::Test> profileOf;     ///< the profile of this test is drawn below
  std::optional<std::string> editing;         ///< the line is edited; id of the element chosen
  bool printed = false;                       ///< on paper: nothing asks to be clicked
  double width = 860;
  double height = 560;
};

/// Spots: "place:C1.module-side", "evidence:e3", "element:L2", "cliff"; while the line is edited
/// "part:L2" instead of places. Draws nothing when the circuit does not exist.
[[nodiscard]] Scene lineBoard(const BoardInput& input, const Measure& measure);

/// The line itself and nothing else, `kLineAloneH` high: zones, wires, parts. For a choice of
/// lines.
inline constexpr double kLineAloneH = 168;
/// The least height of a board that shows one row of readings whole.
inline constexpr int kLeastBoardH = 380;
[[nodiscard]] Scene lineAlone(const circuit::Circuit& circuit, double width,
                              const Measure& measure);

/// Paint of the insulation from colour letters (IEC 60757) or English colour words; empty when not
/// understood.
struct WirePaint {
  std::uint32_t base = 0;
  std::optional<std::uint32_t> stripe;
};
[[nodiscard]] std::optional<WirePaint> wirePaint(std::string_view colour);

/// The fixed colour of a circuit, by its place in the case.
[[nodiscard]] Role wheelRole(const job::Case& job, std::string_view circuit);
[[nodiscard]] Dash wheelDash(const job::Case& job, std::string_view circuit);

/// Words of a verdict as the cards use them.
[[nodiscard]] Role verdictRole(const std::optional<judging::Verdict>& verdict);
[[nodiscard]] std::string verdictWord(const std::optional<judging::Verdict>& verdict);

}  // namespace haybale::picture
