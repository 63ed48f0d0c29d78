#include "app/model/languages.h"

#include <QCoreApplication>
#include <QFile>
#include <QLocale>
#include <QXmlStreamReader>
#include <atomic>

#include "core/base/say.h"

namespace haybale::app {

namespace {

std::atomic<const Linguist*> spoken = nullptr;

const char* ofTheCore(const char* pattern) {
  const auto* linguist = spoken.load();
  return linguist ? linguist->plain(pattern) : nullptr;
}

// One <message>: its source and its translations.
void readMessage(QXmlStreamReader& in, QByteArray& source, QStringList& forms) {
  while (in.readNextStartElement()) {
    if (in.name() == QLatin1String("source")) {
      source = in.readElementText().toUtf8();
    } else if (in.name() == QLatin1String("translation")) {
      QString text;
      while (!in.atEnd()) {
        in.readNext();
        if (in.isEndElement() && in.name() == QLatin1String("translation")) {
          break;
        }
        if (in.isStartElement() && in.name() == QLatin1String("numerusform")) {
          forms << in.readElementText();
        } else if (in.isCharacters()) {
          text += in.text();
        }
      }
      if (forms.isEmpty() && !text.isEmpty()) {
        forms << text;
      }
    } else {
      in.skipCurrentElement();
    }
  }
}

}  // namespace

bool Linguist::read(const QString& file) {
  QFile from(file);
  if (!from.open(QIODevice::ReadOnly)) {
    return false;
  }
  QXmlStreamReader in(&from);
  while (!in.atEnd()) {
    in.readNext();
    if (in.isStartElement() && in.name() == QLatin1String("message")) {
      QByteArray source;
      QStringList forms;
      readMessage(in, source, forms);
      if (!forms.isEmpty() && !forms[0].isEmpty()) {
        plain_.insert(source, forms[0].toUtf8());
        forms_.insert(source, forms);
      }
    }
  }
  return !in.hasError();
}

// German and Spanish have one form for one and another for the rest, as English has.
QString Linguist::translate(const char*, const char* source, const char*, int n) const {
  const auto found = forms_.constFind(QByteArray::fromRawData(source, qstrlen(source)));
  if (found == forms_.constEnd()) {
    return {};
  }
  return n >= 0 && n != 1 ? found->last() : found->first();
}

const char* Linguist::plain(const char* source) const {
  const auto found = plain_.constFind(QByteArray::fromRawData(source, qstrlen(source)));
  return found == plain_.constEnd() ? nullptr : found->constData();
}

const QList<Language>& languages() {
  static const QList<Language> all{{QStringLiteral("en"), QStringLiteral("English")},
                                   {QStringLiteral("de"), QStringLiteral("Deutsch")},
                                   {QStringLiteral("es"), QStringLiteral("Español")}};
  return all;
}

QString languageFor(const QString& choice) {
  const QString wanted = choice.isEmpty() ? QLocale::system().name().left(2) : choice;
  for (const auto& language : languages()) {
    if (language.code == wanted) {
      return wanted;
    }
  }
  return QStringLiteral("en");
}

void useLanguage(const QString& code) {
  // Kept for good, as is the list: the core holds on to what they said.
  static auto& known = *new QHash<QString, Linguist*>;
  if (auto* former = const_cast<Linguist*>(spoken.exchange(nullptr))) {
    QCoreApplication::removeTranslator(former);
  }
  setTranslator(nullptr);
  setDecimalComma(code != QLatin1String("en"));
  QLocale::setDefault(QLocale(code));
  if (code == QLatin1String("en")) {
    return;
  }
  auto*& linguist = known[code];
  if (!linguist) {
    linguist = new Linguist;
    linguist->read(QStringLiteral(":/translations/haybale_%1.ts").arg(code));
  }
  spoken = linguist;
  QCoreApplication::installTranslator(linguist);
  setTranslator(ofTheCore);
}

}  // namespace haybale::app
