#include <fmt/format.h>

#include "picture/report.h"
#include "picture/svg.h"

namespace haybale::picture {

namespace {

constexpr std::string_view kStyle = R"(
body{font:16px/1.45 'Atkinson Hyperlegible',Verdana,sans-serif;color:#1f2a30;background:#fcf9f2;max-width:900px;margin:2em auto;padding:0 1em}
h1{font-size:1.7em;margin-bottom:.1em}h2{font-size:1.2em;margin-top:1.6em;border-bottom:1px solid #d6cdb8}
table{border-collapse:collapse;width:100%;font-size:.86em}th,td{text-align:left;vertical-align:top;padding:.35em .5em;border-bottom:1px solid #d6cdb8}
.faint{color:#625d52}.caution{background:#f8eccb;border:1px solid #b07a12;border-radius:5px;padding:.5em .8em;margin:.5em 0}
figure{margin:1em 0}figcaption{color:#625d52;font-size:.9em}svg,img{max-width:100%;height:auto}
.mark{float:right;max-height:60px;max-width:220px;margin-left:1em}
@media print{body{background:#fff;margin:0}figure,tr,.caution{break-inside:avoid}}
)";

class Html {
 public:
  void operator()(const Heading& h) {
    out_ += fmt::format("<h{0}>{1}</h{0}>\n", h.level, escaped(h.text));
  }
  void operator()(const Paragraph& p) {
    const std::string text =
        p.strong ? "<strong>" + escaped(p.text) + "</strong>" : escaped(p.text);
    out_ += fmt::format("<p{}>{}</p>\n", p.faint ? " class=\"faint\"" : "", text);
  }
  void operator()(const Bullets& b) {
    out_ += "<ul>\n";
    for (const auto& item : b.items) {
      out_ += "<li>" + escaped(item) + "</li>\n";
    }
    out_ += "</ul>\n";
  }
  void operator()(const Table& t) {
    out_ += "<table><thead><tr>";
    for (const auto& head : t.head) {
      out_ += "<th>" + escaped(head) + "</th>";
    }
    out_ += "</tr></thead><tbody>\n";
    for (const auto& row : t.rows) {
      out_ += "<tr>";
      for (const auto& cell : row) {
        const std::string text =
            cell.strong ? "<strong>" + escaped(cell.text) + "</strong>" : escaped(cell.text);
        out_ += cell.role == Role::ink ? "<td>" + text + "</td>"
                                       : fmt::format("<td style=\"color:#{:06x}\">{}</td>",
                                                     rgb(cell.role, Theme::day), text);
      }
      out_ += "</tr>\n";
    }
    out_ += "</tbody></table>\n";
  }
  void operator()(const Figure& f) {
    out_ += "<figure>" + toSvg(f.scene, Theme::day) + "<figcaption>" + escaped(f.caption) +
            "</figcaption></figure>\n";
  }
  void operator()(const Caution& c) {
    out_ += "<div class=\"caution\">" + escaped(c.text) + "</div>\n";
  }

  void operator()(const Photo& p) {
    const std::string data = photos_ ? photos_(p.path) : std::string();
    const std::string picture =
        data.empty() ? "" : "<img alt=\"" + escaped(p.caption) + "\" src=\"" + data + "\">";
    out_ += "<figure>" + picture + "<figcaption>" + escaped(p.caption) + "</figcaption></figure>\n";
  }

  void operator()(const ShopMark& m) {
    const std::string data = photos_ ? photos_(m.path) : std::string();
    out_ += data.empty() ? "" : "<img class=\"mark\" alt=\"\" src=\"" + data + "\">\n";
  }

  explicit Html(const PhotoSource& photos) : photos_(photos) {}
  std::string take() { return std::move(out_); }

 private:
  const PhotoSource& photos_;
  std::string out_;
};

}  // namespace

std::string toHtml(const Report& report, const PhotoSource& photos) {
  Html html(photos);
  for (const auto& block : report.blocks) {
    std::visit(html, block);
  }
  return fmt::format(
      "<!doctype html>\n<html lang=\"en\"><head><meta "
      "charset=\"utf-8\"><title>{}</title><style>{}</style></head>\n<body>\n{}</body></html>\n",
      escaped(report.title), kStyle, html.take());
}

}  // namespace haybale::picture
