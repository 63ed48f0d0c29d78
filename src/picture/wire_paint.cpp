#include <array>

#include "core/base/say.h"
#include "core/base/text.h"
#include "picture/line_board.h"

namespace haybale::picture {

namespace {

struct ColourName {
  std::string_view code;  // IEC 60757
  std::string_view word;
  std::uint32_t rgb;
};

constexpr std::array kColours{
    ColourName{"bk", "black", 0x2B2B2B},  ColourName{"bn", "brown", 0x7A4A24},
    ColourName{"rd", "red", 0xB3261E},    ColourName{"og", "orange", 0xE0771A},
    ColourName{"ye", "yellow", 0xE5C100}, ColourName{"gn", "green", 0x3C7F3A},
    ColourName{"bu", "blue", 0x2F5FA8},   ColourName{"vt", "violet", 0x7A4C9C},
    ColourName{"gy", "grey", 0x8A8A86},   ColourName{"wh", "white", 0xF2F0EA},
    ColourName{"pk", "pink", 0xE29AAE},   ColourName{"tq", "turquoise", 0x2FA7A0},
};

std::optional<std::uint32_t> colourOf(std::string_view name) {
  const std::string word = text::lower(text::trimmed(name));
  for (const auto& c : kColours) {
    if (word == c.code || word == c.word) {
      return c.rgb;
    }
  }
  return std::nullopt;
}

}  // namespace

std::optional<WirePaint> wirePaint(std::string_view colour) {
  const std::size_t cut = colour.find_first_of("/- ");
  const auto base = colourOf(colour.substr(0, cut));
  if (!base) {
    return std::nullopt;
  }
  WirePaint paint{*base, std::nullopt};
  if (cut != std::string_view::npos) {
    paint.stripe = colourOf(colour.substr(cut + 1));
  }
  return paint;
}

Role wheelRole(const job::Case& job, std::string_view circuit) {
  for (std::size_t i = 0; i < job.circuits.size(); ++i) {
    if (job.circuits[i].name == circuit) {
      return static_cast<Role>(static_cast<int>(Role::wheel0) + static_cast<int>(i % 6));
    }
  }
  return Role::wheel5;
}

Dash wheelDash(const job::Case& job, std::string_view circuit) {
  for (std::size_t i = 0; i < job.circuits.size(); ++i) {
    if (job.circuits[i].name == circuit) {
      return static_cast<Dash>(i % 4);
    }
  }
  return Dash::solid;
}

Role verdictRole(const std::optional<judging::Verdict>& verdict) {
  if (!verdict) {
    return Role::faint;
  }
  return *verdict == judging::Verdict::pass   ? Role::good
         : *verdict == judging::Verdict::fail ? Role::alarm
                                              : Role::doubt;
}

std::string verdictWord(const std::optional<judging::Verdict>& verdict) {
  if (!verdict) {
    return say("not judged");
  }
  return *verdict == judging::Verdict::pass   ? say("pass")
         : *verdict == judging::Verdict::fail ? say("fail")
                                              : say("cannot tell");
}

}  // namespace haybale::picture
