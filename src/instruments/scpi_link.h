// One instrument that speaks SCPI: asks, waits for the whole answer, and connects again when the
// line was lost.
//
// Not thread-safe: one thread owns a link. Every call ends within its time.
#pragma once

#include <atomic>
#include <functional>
#include <memory>
#include <optional>
#include <string>

#include "instruments/scpi_text.h"
#include "instruments/transport.h"

namespace haybale::instruments {

struct LinkTimes {
  Milliseconds connect{2000};
  Milliseconds answer{3000};  ///< of silence while an answer is waited for
};

class ScpiLink {
 public:
  using Opener = std::function<Result<std::unique_ptr<Transport>>(Milliseconds)>;

  explicit ScpiLink(Address address, LinkTimes times = {});
  /// For tests: `opener` makes the line instead.
  ScpiLink(std::string name, Opener opener, LinkTimes times);

  /// Connects, clears what the instrument held and asks who it is. Done by the first question
  /// otherwise.
  [[nodiscard]] Result<Identity> connect();
  [[nodiscard]] bool connected() const { return line_ != nullptr; }
  [[nodiscard]] const std::string& name() const { return name_; }

  /// Sends commands that have no answer, then asks for the error queue: what the instrument
  /// refused is an error.
  Status command(const std::string& text);
  /// The answer, without its line feed. A line lost before anything of the answer came is opened
  /// again and the question asked once more: a question may be repeated, half an answer may not be
  /// believed.
  [[nodiscard]] Result<std::string> ask(const std::string& question);
  /// The same, sure that the answer is this question's: it is asked between two identities, and
  /// what came late, twice or unasked is thrown away and counted. For a reading that is written
  /// down.
  [[nodiscard]] Result<std::string> askSurely(const std::string& question);
  /// Answers that belonged to no question.
  [[nodiscard]] int strays() const { return strays_; }
  /// Takes back `cancel`.
  void resume() { cancelled_ = false; }
  /// `ask` for one number.
  [[nodiscard]] Result<double> askNumber(const std::string& question, bool surely = false);

  /// Makes the question that is waited for give up; from any thread.
  void cancel() { cancelled_ = true; }
  /// How often the line was opened again.
  [[nodiscard]] int reconnections() const { return reconnections_; }

 private:
  Status openLine();
  Status send(const std::string& text);
  [[nodiscard]] Result<std::string> receive();
  [[nodiscard]] Result<std::string> askOnce(const std::string& question);
  [[nodiscard]] Result<std::optional<std::string>> askTagged(const std::string& question);
  [[nodiscard]] Result<std::string> askAlone(const std::string& question);
  void dropWhatCameUnasked();
  [[nodiscard]] Error lost(const char* what) const;

  std::string name_;
  Opener opener_;
  LinkTimes times_;
  std::unique_ptr<Transport> line_;
  std::string buffer_;
  std::string preparation_;   // sent again after a reconnection
  bool begun_ = false;        // something of the answer came
  bool owed_ = false;         // an answer never came: it may come yet
  int tag_ = 0;               // of the last question
  std::optional<bool> tags_;  // whether several questions are answered in one message
  int strays_ = 0;
  int reconnections_ = 0;
  bool everOpen_ = false;
  std::atomic<bool> cancelled_{false};

 public:
  /// Commands that bring the instrument into the state the driver counts on; sent again when the
  /// line had to be opened anew.
  Status prepare(const std::string& commands);
};

}  // namespace haybale::instruments
