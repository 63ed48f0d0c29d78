// One instrument that speaks SCPI: asks, waits for the whole answer, and connects again when the
// line was lost.
//
// Not thread-safe: one thread owns a link. Every call ends within its time.
#pragma once

#include <atomic>
#include <functional>
#include <memory>
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
  /// `ask` for one number.
  [[nodiscard]] Result<double> askNumber(const std::string& question);

  /// Makes the question that is waited for give up; from any thread.
  void cancel() { cancelled_ = true; }
  /// How often the line was opened again.
  [[nodiscard]] int reconnections() const { return reconnections_; }

 private:
  Status openLine();
  Status send(const std::string& text);
  [[nodiscard]] Result<std::string> receive();
  [[nodiscard]] Result<std::string> askOnce(const std::string& question);
  [[nodiscard]] Error lost(const char* what) const;

  std::string name_;
  Opener opener_;
  LinkTimes times_;
  std::unique_ptr<Transport> line_;
  std::string buffer_;
  std::string preparation_;  // sent again after a reconnection
  bool begun_ = false;       // something of the answer came
  int reconnections_ = 0;
  bool everOpen_ = false;
  std::atomic<bool> cancelled_{false};

 public:
  /// Commands that bring the instrument into the state the driver counts on; sent again when the
  /// line had to be opened anew.
  Status prepare(const std::string& commands);
};

}  // namespace haybale::instruments
