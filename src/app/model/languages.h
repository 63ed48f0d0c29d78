// The program in other languages: files of Qt Linguist, which ship inside the program.
#pragma once

#include <QByteArray>
#include <QHash>
#include <QString>
#include <QStringList>
#include <QTranslator>

namespace haybale::app {

/// Reads a .ts file as it is; every sentence is one, whatever class says it.
class Linguist : public QTranslator {
 public:
  using QTranslator::QTranslator;
  /// False when the file cannot be read; then nothing is translated.
  bool read(const QString& file);
  [[nodiscard]] QString translate(const char* context, const char* source,
                                  const char* disambiguation = nullptr, int n = -1) const override;
  [[nodiscard]] bool isEmpty() const override { return forms_.isEmpty(); }
  /// As UTF-8, for the core; nullptr where there is none. Lives as long as this.
  [[nodiscard]] const char* plain(const char* source) const;

 private:
  QHash<QByteArray, QStringList> forms_;  ///< one, or singular and plural
  QHash<QByteArray, QByteArray> plain_;
};

struct Language {
  QString code;  ///< "de"
  QString name;  ///< in the language itself
};
/// Those the program speaks, English first.
[[nodiscard]] const QList<Language>& languages();

/// The code for a choice: of the desktop for "" (system), English where that is none of ours.
[[nodiscard]] QString languageFor(const QString& choice);

/// From now on window, core and numbers speak that language; before anything is said. Asked again
/// it changes what is said from then on.
void useLanguage(const QString& code);

}  // namespace haybale::app
