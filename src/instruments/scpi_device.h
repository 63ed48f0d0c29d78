// The instrument's side of SCPI: a table of commands, the error queue and the status registers of
// IEEE 488.2. The simulated instruments are made of it.
#pragma once

#include <deque>
#include <functional>
#include <string>
#include <string_view>
#include <vector>

#include "instruments/scpi_text.h"

namespace haybale::instruments {

/// A numbered error of SCPI-1999 (from memory): -113 undefined header, -222 data out of range, ...
struct ScpiError {
  int number = 0;
  std::string text;
};

class ScpiDevice {
 public:
  /// What a command answers; empty for none. Throws nothing; errors go through `refuse`.
  using Handler = std::function<std::string(const std::vector<std::string>& arguments)>;

  explicit ScpiDevice(Identity identity);
  virtual ~ScpiDevice() = default;
  ScpiDevice(const ScpiDevice&) = delete;
  ScpiDevice& operator=(const ScpiDevice&) = delete;

  /// Carries out one message, without its line feed: commands between semicolons, each beginning
  /// where the one before stood in the tree unless it begins with a colon or an asterisk. The
  /// answers of its questions, joined by semicolons; empty when it asked nothing.
  [[nodiscard]] std::string execute(std::string_view message);

 protected:
  void on(std::string pattern, Handler handler);
  /// Puts an error into the queue.
  void refuse(int number, const std::string& text);
  /// A number within a range from the argument, or nothing and an error in the queue.
  [[nodiscard]] std::optional<double> numberIn(const std::vector<std::string>& arguments,
                                               double low, double high);
  virtual void reset() {}

 private:
  [[nodiscard]] std::string common(std::string_view header,
                                   const std::vector<std::string>& arguments, bool& known);
  [[nodiscard]] std::string run(const std::string& header,
                                const std::vector<std::string>& arguments);

  struct Row {
    std::string pattern;
    Handler handler;
  };
  Identity identity_;
  std::vector<Row> table_;
  std::deque<ScpiError> errors_;
  int events_ = 128;  // power on
  int eventMask_ = 0;
  int serviceMask_ = 0;
};

}  // namespace haybale::instruments
