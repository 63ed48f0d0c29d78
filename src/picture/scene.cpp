#include "picture/scene.h"

#include <array>

namespace haybale::picture {

const Spot* Scene::spotAt(Point p) const {
  const Spot* best = nullptr;
  for (const auto& spot : spots) {
    if (spot.rect.contains(p) &&
        (!best || spot.rect.w * spot.rect.h < best->rect.w * best->rect.h)) {
      best = &spot;
    }
  }
  return best;
}

const Spot* Scene::spot(std::string_view id) const {
  for (const auto& spot : spots) {
    if (spot.id == id) {
      return &spot;
    }
  }
  return nullptr;
}

double roughWidth(std::string_view text, double size, bool bold) {
  std::size_t letters = 0;
  for (const char c : text) {
    letters += (static_cast<unsigned char>(c) & 0xC0) != 0x80 ? 1 : 0;
  }
  return static_cast<double>(letters) * size * (bold ? 0.58 : 0.54);
}

std::string fitted(const Measure& measure, std::string_view text, double size, bool bold,
                   double width) {
  if (measure(text, size, bold) <= width) {
    return std::string(text);
  }
  std::string cut(text);
  while (!cut.empty()) {
    do {
      const bool middle = (static_cast<unsigned char>(cut.back()) & 0xC0) == 0x80;
      cut.pop_back();
      if (!middle) {
        break;
      }
    } while (!cut.empty());
    if (measure(cut + "\xE2\x80\xA6", size, bold) <= width) {
      break;
    }
  }
  while (!cut.empty() && cut.back() == ' ') {
    cut.pop_back();
  }
  return cut + "\xE2\x80\xA6";
}

std::vector<std::string> wrapped(const Measure& measure, std::string_view text, double size,
                                 bool bold, double width, std::size_t lines) {
  std::vector<std::string> out;
  std::string line;
  std::size_t at = 0;
  while (at < text.size()) {
    const std::size_t blank = std::min(text.find(' ', at), text.size());
    const std::string word(text.substr(at, blank - at));
    const std::string longer = line.empty() ? word : line + " " + word;
    if (!line.empty() && measure(longer, size, bold) > width) {
      if (out.size() + 1 == lines) {
        out.push_back(
            fitted(measure, line + " " + std::string(text.substr(at)), size, bold, width));
        return out;
      }
      out.push_back(line);
      line = word;
    } else {
      line = longer;
    }
    at = blank + 1;
  }
  if (!line.empty()) {
    out.push_back(fitted(measure, line, size, bold, width));
  }
  return out;
}

std::vector<std::string> wrappedThought(const Measure& measure, std::string_view text, double size,
                                        bool bold, double width, std::size_t lines) {
  const auto fits = [&](std::string_view part) {
    const auto out = wrapped(measure, part, size, bold, width, lines + 1);
    return out.size() <= lines && (out.empty() || !out.back().ends_with("\xE2\x80\xA6"));
  };
  for (std::size_t end = text.size(); end != std::string_view::npos && end > 0;) {
    if (fits(text.substr(0, end))) {
      return wrapped(measure, text.substr(0, end), size, bold, width, lines);
    }
    // The mark before this one; a figure's point is none.
    do {
      end = text.find_last_of(",;:.", end - 1);
    } while (end != std::string_view::npos && end > 0 && end + 1 < text.size() &&
             text[end + 1] != ' ');
  }
  return wrapped(measure, text, size, bold, width, lines);
}

std::uint32_t rgb(const Paint& paint, Theme theme) {
  if (paint.rgb) {
    return *paint.rgb;
  }
  struct Pair {
    std::uint32_t day;
    std::uint32_t night;
  };
  static constexpr std::array<Pair, 26> kColours{{
      {0xF3EDDF, 0x1B1916}, {0xFCF9F2, 0x262320}, {0x1F2A30, 0xEFE6D4}, {0x625D52, 0xADA390},
      {0xD6CDB8, 0x403A32}, {0xE9BE5A, 0xC9962F}, {0xB07A12, 0xE9C063}, {0x3B6B33, 0x9CC488},
      {0x7A5600, 0xE6BC58}, {0xA0302A, 0xF09584}, {0xE6EEDD, 0x28331F}, {0xF8ECCB, 0x3A2F14},
      {0xF6DFDA, 0x44231D}, {0x1F2A30, 0x0F0E0C}, {0xE9E1CE, 0xD8CDB8}, {0xF8F3E7, 0x211F1B},
      {0xEFE5CB, 0x2A2517}, {0xE7DFCF, 0x1D1C19}, {0xE0E6DA, 0x1B211B}, {0xF2DED3, 0x2B1E19},
      {0x005F96, 0x56B4E9}, {0xB34A00, 0xF08A3C}, {0x00755A, 0x2FC49B}, {0x8A3F73, 0xDE96C0},
      {0x7A5C00, 0xF0C75E}, {0x4A4A4A, 0xBBBBBB},
  }};
  const auto& pair = kColours[static_cast<std::size_t>(paint.role)];
  return theme == Theme::day ? pair.day : pair.night;
}

}  // namespace haybale::picture
