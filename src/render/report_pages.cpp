#include "render/report_pages.h"

#include <QBuffer>
#include <QCoreApplication>
#include <QImageReader>
#include <QPainter>
#include <QPdfWriter>
#include <QPicture>
#include <QTextLayout>
#include <functional>

#include "core/base/atomic_file.h"
#include "core/base/say.h"
#include "render/scene_painter.h"

namespace haybale::render {

using picture::Role;
using picture::Theme;

namespace {

// Page in pixels at 96 dpi (A4), and its margins.
constexpr double kPageW = 794;
constexpr double kPageH = 1123;
constexpr double kMargin = 56;
constexpr double kWidth = kPageW - 2 * kMargin;
constexpr double kLine = 1.35;
constexpr double kPhotoH = 300;  // at most

QString q(const std::string& text) {
  return QString::fromStdString(text);
}

// As it was held when it was taken; a null image where it cannot be read.
QImage photoOf(const std::string& path) {
  QImageReader reader(q(path));
  reader.setAutoTransform(true);
  return reader.read();
}

// The photo no wider than a page needs, for a page that carries it along.
std::string dataOf(const std::string& path) {
  constexpr int kMostWidth = 1400;
  QImage photo = photoOf(path);
  if (photo.isNull()) {
    return "";
  }
  if (photo.width() > kMostWidth) {
    photo = photo.scaledToWidth(kMostWidth, Qt::SmoothTransformation);
  }
  QByteArray bytes;
  QBuffer buffer(&bytes);
  buffer.open(QIODevice::WriteOnly);
  photo.save(&buffer, "PNG");
  return "data:image/png;base64," + bytes.toBase64().toStdString();
}

// Sets blocks one below the other; asks for a new page when the next thing does not fit.
class Setter {
 public:
  Setter(QPainter& painter, std::function<void()> newPage)
      : painter_(painter), newPage_(std::move(newPage)) {}

  /// A block, and what may not be parted from it: a heading never stands alone at the foot of a
  /// page.
  void set(const picture::Block& block, const picture::Block* next) {
    if (const auto* h = std::get_if<picture::Heading>(&block)) {
      need(above(*h) + sizeOf(*h) * kLine + 8 + (next ? beginning(*next) : 0));
    }
    std::visit(*this, block);
  }

  void operator()(const picture::Heading& h) {
    const double size = sizeOf(h);
    y_ += y_ > kMargin ? above(h) : 0;
    y_ += text(h.text, kMargin, kWidth - (h.level == 1 ? beside_ : 0), size, true, Role::ink);
    if (h.level > 1) {
      painter_.setPen(QPen(colour(Role::rule, Theme::day), 1));
      painter_.drawLine(QPointF(kMargin, y_ + 1), QPointF(kMargin + kWidth, y_ + 1));
    }
    y_ += 6;
  }

  void operator()(const picture::Paragraph& p) {
    need(height(p.text, kWidth, 13, p.strong));
    y_ += text(p.text, kMargin, kWidth, 13, p.strong, p.faint ? Role::faint : Role::ink) + 4;
  }

  void operator()(const picture::Bullets& b) {
    for (const auto& item : b.items) {
      need(height(item, kWidth - 16, 13, false));
      painter_.setPen(Qt::NoPen);
      painter_.setBrush(colour(Role::ink, Theme::day));
      painter_.drawEllipse(QPointF(kMargin + 5, y_ + 9), 2.2, 2.2);
      y_ += text(item, kMargin + 16, kWidth - 16, 13, false, Role::ink) + 3;
    }
  }

  void operator()(const picture::Table& t) {
    std::vector<picture::Cell> head;
    for (const auto& name : t.head) {
      head.push_back({name, Role::faint, true});
    }
    need(rowHeight(head, t.widths) + (t.rows.empty() ? 0 : rowHeight(t.rows[0], t.widths)));
    row(head, t.widths);
    for (const auto& cells : t.rows) {
      if (y_ + rowHeight(cells, t.widths) > kPageH - kMargin) {
        turn();
        row(head, t.widths);
      }
      row(cells, t.widths);
    }
    y_ += 6;
  }

  void operator()(const picture::Figure& f) {
    const double scale = kWidth / f.scene.width;
    need(f.scene.height * scale + 26);
    painter_.save();
    painter_.translate(kMargin, y_);
    painter_.scale(scale, scale);
    paint(painter_, f.scene, Theme::day);
    painter_.restore();
    y_ += f.scene.height * scale + 4;
    y_ += text(f.caption, kMargin, kWidth, 11.5, false, Role::faint) + 6;
  }

  void operator()(const picture::Photo& p) {
    const QImage photo = photoOf(p.path);
    const QSizeF size = QSizeF(photo.size()).scaled(kWidth, kPhotoH, Qt::KeepAspectRatio);
    const double h = photo.isNull() ? 0 : size.height();
    need(h + 26);
    if (!photo.isNull()) {
      painter_.drawImage(QRectF(QPointF(kMargin, y_), size), photo);
    }
    y_ += h + 4;
    const std::string caption =
        photo.isNull() ? p.caption + say(": the photo is missing") : p.caption;
    y_ += text(caption, kMargin, kWidth, 11.5, false, Role::faint) + 6;
  }

  // Beside the title, which keeps clear of it.
  void operator()(const picture::ShopMark& m) {
    constexpr QSizeF kMost(200, 56);
    const QImage mark = photoOf(m.path);
    if (!mark.isNull()) {
      const QSizeF size = QSizeF(mark.size()).scaled(kMost, Qt::KeepAspectRatio);
      painter_.drawImage(QRectF(QPointF(kMargin + kWidth - size.width(), y_), size), mark);
      beside_ = size.width() + 16;
    }
  }

  void operator()(const picture::Caution& c) {
    const double h = height(c.text, kWidth - 24, 13, false) + 12;
    need(h + 6);
    painter_.setPen(QPen(colour(Role::strawLine, Theme::day), 1));
    painter_.setBrush(colour(Role::doubtTint, Theme::day));
    painter_.drawRoundedRect(QRectF(kMargin, y_, kWidth, h), 4, 4);
    y_ += 6;
    text(c.text, kMargin + 12, kWidth - 24, 13, false, Role::ink);
    y_ += h;
  }

 private:
  static double sizeOf(const picture::Heading& h) { return h.level == 1 ? 24 : 16; }
  static double above(const picture::Heading& h) { return h.level == 1 ? 0 : 14; }

  // The least of a block that has to stand under its heading.
  [[nodiscard]] static double beginning(const picture::Block& block) {
    struct {
      double operator()(const picture::Heading& h) const { return sizeOf(h) * kLine; }
      double operator()(const picture::Paragraph& p) const {
        return height(p.text, kWidth, 13, p.strong);
      }
      double operator()(const picture::Bullets& b) const {
        return b.items.empty() ? 0 : height(b.items[0], kWidth - 16, 13, false);
      }
      double operator()(const picture::Table& t) const {
        // The head is one line; a tall first row turns with it.
        return t.rows.empty() ? 0 : 24 + rowHeight(t.rows[0], t.widths);
      }
      double operator()(const picture::Figure& f) const {
        return f.scene.height * kWidth / f.scene.width + 26;
      }
      double operator()(const picture::Photo&) const { return kPhotoH + 26; }
      double operator()(const picture::ShopMark&) const { return 0; }
      double operator()(const picture::Caution& c) const {
        return height(c.text, kWidth - 24, 13, false) + 18;
      }
    } least;
    return std::visit(least, block);
  }

  void turn() {
    newPage_();
    y_ = kMargin;
  }

  void need(double height) {
    if (y_ + height > kPageH - kMargin && y_ > kMargin) {
      turn();
    }
  }

  static double lay(QTextLayout& layout, double width) {
    double y = 0;
    layout.beginLayout();
    for (QTextLine line = layout.createLine(); line.isValid(); line = layout.createLine()) {
      line.setLineWidth(width);
      line.setPosition(QPointF(0, y));
      y += line.height() * 1.08;
    }
    layout.endLayout();
    return y;
  }

  [[nodiscard]] static double height(const std::string& words, double width, double size,
                                     bool bold) {
    QTextLayout layout(q(words), font(size, bold));
    return lay(layout, width);
  }

  double text(const std::string& words, double x, double width, double size, bool bold, Role role) {
    QTextLayout layout(q(words), font(size, bold));
    const double h = lay(layout, width);
    painter_.setPen(colour(role, Theme::day));
    layout.draw(&painter_, QPointF(x, y_));
    return h;
  }

  [[nodiscard]] static double rowHeight(const std::vector<picture::Cell>& cells,
                                        const std::vector<double>& widths) {
    double tallest = 0;
    for (std::size_t i = 0; i < cells.size() && i < widths.size(); ++i) {
      tallest =
          std::max(tallest, height(cells[i].text, widths[i] * kWidth - 8, 11.5, cells[i].strong));
    }
    return tallest + 8;
  }

  void row(const std::vector<picture::Cell>& cells, const std::vector<double>& widths) {
    double x = kMargin;
    for (std::size_t i = 0; i < cells.size() && i < widths.size(); ++i) {
      text(cells[i].text, x, widths[i] * kWidth - 8, 11.5, cells[i].strong, cells[i].role);
      x += widths[i] * kWidth;
    }
    y_ += rowHeight(cells, widths);
    painter_.setPen(QPen(colour(Role::rule, Theme::day), 0.8));
    painter_.drawLine(QPointF(kMargin, y_ - 4), QPointF(kMargin + kWidth, y_ - 4));
  }

  QPainter& painter_;
  std::function<void()> newPage_;
  double y_ = kMargin;
  double beside_ = 0;  // taken by the shop's mark
};

// At the foot of every page: whose report, which page of how many.
void foot(QPainter& painter, const picture::Report& report, int page, int pages) {
  painter.setFont(font(11, false));
  painter.setPen(colour(Role::faint, Theme::day));
  const QRectF line(kMargin, kPageH - 38, kWidth, 18);
  const QString of = QCoreApplication::translate("report", "page %1 of %2").arg(page).arg(pages);
  const QString whose = q(report.foot.empty() ? report.title : report.foot);
  painter.drawText(line, Qt::AlignRight | Qt::AlignVCenter, of);
  painter.drawText(line, Qt::AlignLeft | Qt::AlignVCenter,
                   painter.fontMetrics().elidedText(whose, Qt::ElideRight, qRound(kWidth - 110)));
}

// `newPage` is called between pages; gives back how many there are.
int setAll(const picture::Report& report, QPainter& painter, const std::function<void()>& newPage) {
  int pages = 1;
  Setter setter(painter, [&] {
    newPage();
    ++pages;
  });
  for (std::size_t i = 0; i < report.blocks.size(); ++i) {
    setter.set(report.blocks[i], i + 1 < report.blocks.size() ? &report.blocks[i + 1] : nullptr);
  }
  return pages;
}

}  // namespace

void print(const picture::Report& report, QPainter& painter, int pages,
           const std::function<void()>& newPage) {
  int page = 1;
  foot(painter, report, page, pages);
  setAll(report, painter, [&] {
    newPage();
    foot(painter, report, ++page, pages);
  });
}

int pagesOf(const picture::Report& report) {
  // Set once where nobody sees it.
  QPicture nowhere;
  QPainter painter(&nowhere);
  return setAll(report, painter, [] {});
}

Result<QByteArray> toPdf(const picture::Report& report) {
  const int pages = pagesOf(report);
  QByteArray bytes;
  QBuffer buffer(&bytes);
  buffer.open(QIODevice::WriteOnly);
  QPdfWriter writer(&buffer);
  writer.setResolution(96);
  writer.setPageSize(QPageSize(QPageSize::A4));
  writer.setPageMargins(QMarginsF(0, 0, 0, 0));
  writer.setTitle(q(report.title));
  writer.setCreator(QStringLiteral("Hay Bale " HAYBALE_VERSION));
  QPainter painter;
  if (!painter.begin(&writer)) {
    return Error{"", std::nullopt, say("the PDF could not be begun"), say("try HTML")};
  }
  print(report, painter, pages, [&] { writer.newPage(); });
  painter.end();
  return bytes;
}

Status saveReport(const picture::Report& report, const QString& path) {
  const std::string to = path.toStdString();
  if (path.endsWith(QStringLiteral(".pdf"), Qt::CaseInsensitive)) {
    const auto pdf = toPdf(report);
    if (!pdf) {
      return pdf.error();
    }
    return job::writeFileAtomically(
        to, std::string_view(pdf->constData(), static_cast<std::size_t>(pdf->size())));
  }
  if (path.endsWith(QStringLiteral(".html"), Qt::CaseInsensitive) ||
      path.endsWith(QStringLiteral(".htm"), Qt::CaseInsensitive)) {
    return job::writeFileAtomically(to, picture::toHtml(report, dataOf));
  }
  return Error{to, std::nullopt, say("is neither PDF nor HTML"),
               say("a name that ends in .pdf or .html")};
}

std::vector<QImage> toImages(const picture::Report& report, int width) {
  std::vector<QImage> pages;
  const int count = pagesOf(report);
  pages.reserve(static_cast<std::size_t>(count));
  const double scale = width / kPageW;
  QPainter painter;
  const auto newPage = [&] {
    if (painter.isActive()) {
      painter.end();
    }
    pages.emplace_back(width, qRound(kPageH * scale), QImage::Format_RGB32);
    pages.back().fill(Qt::white);
    painter.begin(&pages.back());
    painter.setRenderHint(QPainter::Antialiasing);
    painter.scale(scale, scale);
  };
  newPage();
  print(report, painter, count, newPage);
  painter.end();
  return pages;
}

}  // namespace haybale::render
