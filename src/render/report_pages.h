// A report set on A4 pages: into a PDF file, or onto the screen for a look before.
#pragma once

#include <QImage>
#include <QString>
#include <functional>
#include <vector>

#include "core/base/result.h"
#include "picture/report.h"

class QPainter;

namespace haybale::render {

/// How many A4 pages it takes.
[[nodiscard]] int pagesOf(const picture::Report& report);

/// Sets it on a painter whose page is 794 x 1123 (A4 at 96 dpi), with the foot of each page;
/// `newPage` is called between two. A printer's painter is scaled to that before.
void print(const picture::Report& report, QPainter& painter, int pages,
           const std::function<void()>& newPage);

/// Bytes of a PDF of the report.
[[nodiscard]] Result<QByteArray> toPdf(const picture::Report& report);

/// Writes the report to `path` atomically: PDF when it ends in ".pdf", HTML when in ".html" or
/// ".htm", else an error.
Status saveReport(const picture::Report& report, const QString& path);

/// The pages as pictures, `width` pixels wide.
[[nodiscard]] std::vector<QImage> toImages(const picture::Report& report, int width);

}  // namespace haybale::render
