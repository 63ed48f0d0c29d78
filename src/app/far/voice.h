// Speaks a sentence through the desktop's speech service.
#pragma once

#include <QObject>
#include <functional>

namespace haybale::app {

class Voice : public QObject {
  Q_OBJECT

 public:
  explicit Voice(QObject* parent = nullptr);
  /// Says it, and drops what was being said. Nothing where the system has no speech: the program
  /// spd-say (Debian: speech-dispatcher).
  void say(const QString& sentence);
  void stop();
  [[nodiscard]] static bool available();

  /// Takes the sentences in place of the system's speech; for tests.
  std::function<void(const QString&)> instead;
};

}  // namespace haybale::app
