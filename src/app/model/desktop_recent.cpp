#include "app/model/desktop_recent.h"

#include <QDateTime>
#include <QDir>
#include <QStandardPaths>
#include <QUrl>

#include "core/base/atomic_file.h"

namespace haybale::app {

namespace {

constexpr const char* kEmpty =
    "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<xbel version=\"1.0\"\n"
    "      xmlns:bookmark=\"http://www.freedesktop.org/standards/desktop-bookmarks\"\n"
    "      xmlns:mime=\"http://www.freedesktop.org/standards/shared-mime-info\">\n</xbel>\n";

// It names its own vocabularies: not every program that writes the list does so at its head.
QString entry(const QString& href, const QString& now) {
  return QStringLiteral(R"(  <bookmark href="%1" added="%2" modified="%2" visited="%2">
    <info>
      <metadata owner="http://freedesktop.org"
                xmlns:bookmark="http://www.freedesktop.org/standards/desktop-bookmarks"
                xmlns:mime="http://www.freedesktop.org/standards/shared-mime-info">
        <mime:mime-type type="application/x-haybale-case"/>
        <bookmark:applications>
          <bookmark:application name="Hay Bale" exec="&apos;haybale %u&apos;" modified="%2" count="1"/>
        </bookmark:applications>
      </metadata>
    </info>
  </bookmark>
)")
      .arg(href, now);
}

}  // namespace

void noteForDesktop(const QString& path) {
  // A profile of its own keeps to itself.
  if (qEnvironmentVariableIsSet("HAYBALE_STATE_DIR") &&
      !qEnvironmentVariableIsSet("XDG_DATA_HOME")) {
    return;
  }
  const QString folder = QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation);
  const std::string list = (folder + QStringLiteral("/recently-used.xbel")).toStdString();
  const auto kept = job::readFile(list);
  QString text = QString::fromStdString(kept ? *kept : std::string(kEmpty));
  const auto end = text.lastIndexOf(QLatin1String("</xbel>"));
  if (end < 0 || !QDir().mkpath(folder)) {
    return;
  }
  const QString href = QString::fromLatin1(QUrl::fromLocalFile(path).toEncoded()).toHtmlEscaped();
  const QString now =
      QDateTime::currentDateTimeUtc().toString(QStringLiteral("yyyy-MM-ddTHH:mm:ssZ"));
  // An entry of the same file is taken out; it comes in again as the latest.
  const auto from = text.indexOf(QStringLiteral("<bookmark href=\"%1\"").arg(href));
  if (from >= 0) {
    const auto to = text.indexOf(QLatin1String("</bookmark>"), from);
    if (to < 0) {
      return;
    }
    text.remove(from, to + 11 - from);
  }
  text.insert(text.lastIndexOf(QLatin1String("</xbel>")), entry(href, now));
  (void)job::writeFileAtomically(list, text.toStdString(), false);
}

}  // namespace haybale::app
