#include "store/store_url.h"

#include <QUrl>
#include <QUrlQuery>

namespace haybale::store {

namespace {

bool onThisMachine(const QString& host) {
  return host.isEmpty() || host.startsWith(QLatin1Char('/')) ||
         host == QStringLiteral("localhost") || host == QStringLiteral("127.0.0.1") ||
         host == QStringLiteral("::1");
}

}  // namespace

QString StoreUrl::shown() const {
  if (engine == Engine::sqlite) {
    return QStringLiteral("sqlite:") + path;
  }
  return QStringLiteral("postgresql://%1%2:%3/%4")
      .arg(user.isEmpty() ? QString() : user + QLatin1Char('@'), host)
      .arg(port)
      .arg(database);
}

Result<StoreUrl> parseStoreUrl(const QString& text) {
  const Error wrong{text.left(80).toStdString(), std::nullopt, "is no place of a logbook",
                    "sqlite:PATH or postgresql://user@host:5432/database"};
  StoreUrl out;
  if (text.startsWith(QStringLiteral("sqlite:"))) {
    out.path = text.mid(7);
    return out.path.isEmpty() || out.path.contains(QChar(0)) ? Result<StoreUrl>(wrong) : out;
  }
  const QUrl url(text, QUrl::StrictMode);
  if (!url.isValid() || (url.scheme() != QStringLiteral("postgresql") &&
                         url.scheme() != QStringLiteral("postgres"))) {
    return wrong;
  }
  out.engine = Engine::postgres;
  const QUrlQuery query(url);
  // A socket's folder is given as ?host=/path.
  out.host = query.hasQueryItem(QStringLiteral("host"))
                 ? query.queryItemValue(QStringLiteral("host"), QUrl::FullyDecoded)
                 : url.host(QUrl::FullyDecoded);
  out.port = url.port(5432);
  out.user = url.userName(QUrl::FullyDecoded);
  out.password = url.password(QUrl::FullyDecoded);
  out.database = url.path(QUrl::FullyDecoded).mid(1);
  out.sslMode = query.queryItemValue(QStringLiteral("sslmode"));
  if (out.database.isEmpty()) {
    return wrong;
  }
  if (out.sslMode.isEmpty()) {
    out.sslMode = onThisMachine(out.host) ? QStringLiteral("prefer") : QStringLiteral("require");
  }
  return out;
}

}  // namespace haybale::store
