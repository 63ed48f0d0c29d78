#include "picture/svg.h"

#include <fmt/format.h>

#include "core/base/text.h"

namespace haybale::picture {

std::string escaped(std::string_view text) {
  std::string out;
  for (const char c : text::toUtf8(text)) {
    switch (c) {
      case '&':
        out += "&amp;";
        break;
      case '<':
        out += "&lt;";
        break;
      case '>':
        out += "&gt;";
        break;
      case '"':
        out += "&quot;";
        break;
      case '\'':
        out += "&#39;";
        break;
      default:
        // Control characters are not allowed in XML at all.
        out += static_cast<unsigned char>(c) < 0x20 && c != '\n' && c != '\t' ? ' ' : c;
    }
  }
  return out;
}

namespace {

class Writer {
 public:
  explicit Writer(Theme theme) : theme_(theme) {}

  void operator()(const Box& box) {
    out_ += fmt::format(
        "<rect x=\"{:.1f}\" y=\"{:.1f}\" width=\"{:.1f}\" height=\"{:.1f}\" rx=\"{:.1f}\" "
        "fill=\"{}\"{}/>\n",
        box.rect.x, box.rect.y, box.rect.w, box.rect.h, box.radius,
        box.fill ? colour(*box.fill) : "none", stroke(box));
    if (box.hatch) {
      hatch(box);
    }
  }

  void operator()(const Path& path) {
    std::string points;
    for (const auto& p : path.points) {
      points += fmt::format("{:.1f},{:.1f} ", p.x, p.y);
    }
    if (path.filled) {
      out_ += fmt::format("<polygon points=\"{}\" fill=\"{}\"/>\n", points, colour(path.paint));
      return;
    }
    out_ += fmt::format(
        "<polyline points=\"{}\" fill=\"none\" stroke=\"{}\" stroke-width=\"{:.2f}\"{} "
        "stroke-linejoin=\"round\"/>\n",
        points, colour(path.paint), path.width, dashes(path));
  }

  void operator()(const Columns& columns) {
    std::string points;
    double x = columns.x;
    for (const auto& span : columns.spans) {
      points += fmt::format("{:.1f},{:.1f} {:.1f},{:.1f} ", x, span.top, x + 1, span.top);
      x += 1;
    }
    for (auto span = columns.spans.rbegin(); span != columns.spans.rend(); ++span) {
      points += fmt::format("{:.1f},{:.1f} {:.1f},{:.1f} ", x, span->bottom, x - 1, span->bottom);
      x -= 1;
    }
    out_ += fmt::format("<polygon points=\"{}\" fill=\"{}\"/>\n", points, colour(columns.paint));
  }

  void operator()(const Text& text) {
    const char* anchor = text.anchor == Anchor::start    ? "start"
                         : text.anchor == Anchor::middle ? "middle"
                                                         : "end";
    out_ += fmt::format(
        "<text x=\"{:.1f}\" y=\"{:.1f}\" font-size=\"{:.1f}\"{} fill=\"{}\" "
        "text-anchor=\"{}\">{}</text>\n",
        text.at.x, text.at.y, text.size, text.bold ? " font-weight=\"bold\"" : "",
        colour(text.paint), anchor, escaped(text.text));
  }

  std::string take() { return std::move(out_); }

 private:
  [[nodiscard]] std::string colour(const Paint& paint) const {
    return fmt::format("#{:06x}", rgb(paint, theme_));
  }

  [[nodiscard]] std::string stroke(const Box& box) const {
    return box.stroke ? fmt::format(" stroke=\"{}\" stroke-width=\"{:.1f}\"", colour(*box.stroke),
                                    box.strokeWidth)
                      : "";
  }

  static std::string dashes(const Path& path) {
    switch (path.dash) {
      case Dash::solid:
        return "";
      case Dash::dashed:
        return " stroke-dasharray=\"6 4\"";
      case Dash::dotted:
        return " stroke-dasharray=\"2 3\"";
      case Dash::dashDot:
        return " stroke-dasharray=\"7 3 2 3\"";
    }
    return "";
  }

  void hatch(const Box& box) {
    for (const auto& line : hatchLines(box.rect)) {
      out_ += fmt::format(
          "<line x1=\"{:.1f}\" y1=\"{:.1f}\" x2=\"{:.1f}\" y2=\"{:.1f}\" stroke=\"{}\" "
          "stroke-width=\"1.2\"/>\n",
          line.first.x, line.first.y, line.second.x, line.second.y, colour(*box.hatch));
    }
  }

  // Lines rising to the right, clipped to the box.
  static std::vector<std::pair<Point, Point>> hatchLines(const Rect& r) {
    std::vector<std::pair<Point, Point>> lines;
    const int count = static_cast<int>((r.w + r.h) / 7);
    for (int i = 1; i <= count; ++i) {
      const double c = 7.0 * i;
      const double x1 = std::max(0.0, c - r.h);
      const double x2 = std::min(r.w, c);
      lines.push_back({{r.x + x1, r.y + c - x1}, {r.x + x2, r.y + c - x2}});
    }
    return lines;
  }

  Theme theme_;
  std::string out_;
};

}  // namespace

std::string toSvg(const Scene& scene, Theme theme) {
  Writer writer(theme);
  for (const auto& item : scene.items) {
    std::visit(writer, item);
  }
  return fmt::format(
      "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 {0:.0f} {1:.0f}\" width=\"{0:.0f}\" "
      "height=\"{1:.0f}\" "
      "font-family=\"'Atkinson Hyperlegible',sans-serif\">\n{2}</svg>",
      scene.width, scene.height, writer.take());
}

}  // namespace haybale::picture
