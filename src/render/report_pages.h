// A report set on A4 pages: into a PDF file, or onto the screen for a look before.
#pragma once

#include <QImage>
#include <QString>
#include <vector>

#include "core/base/result.h"
#include "picture/report.h"

namespace haybale::render {

/// Bytes of a PDF of the report.
[[nodiscard]] Result<QByteArray> toPdf(const picture::Report& report);

/// Writes the report to `path` atomically: PDF when it ends in ".pdf", HTML when in ".html" or
/// ".htm", else an error.
Status saveReport(const picture::Report& report, const QString& path);

/// The pages as pictures, `width` pixels wide.
[[nodiscard]] std::vector<QImage> toImages(const picture::Report& report, int width);

}  // namespace haybale::render
