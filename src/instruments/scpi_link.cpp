#include "instruments/scpi_link.h"

#include <fmt/format.h>

#include <algorithm>

#include "core/base/text.h"

namespace haybale::instruments {

namespace {
using AnswerClock = std::chrono::steady_clock;
constexpr Milliseconds kSlice{50};  // how long a wait may ignore being cancelled
constexpr std::size_t kMostAnswer = 1U << 28;
}  // namespace

ScpiLink::ScpiLink(Address address, LinkTimes times)
    : name_(nameOf(address)),
      opener_([address](Milliseconds within) { return open(address, within); }),
      times_(times) {}

ScpiLink::ScpiLink(std::string name, Opener opener, LinkTimes times)
    : name_(std::move(name)), opener_(std::move(opener)), times_(times) {}

Error ScpiLink::lost(const char* what) const {
  return {name_, std::nullopt, what,
          "check the cable and that it is switched on; it is tried again "
          "at the next reading"};
}

Status ScpiLink::openLine() {
  if (line_) {
    return Done{};
  }
  buffer_.clear();
  auto line = opener_(times_.connect);
  if (!line) {
    return line.error();
  }
  line_ = std::move(*line);
  reconnections_ += everOpen_ ? 1 : 0;
  everOpen_ = true;
  return preparation_.empty() ? Status(Done{}) : send(preparation_);
}

Status ScpiLink::send(const std::string& text) {
  auto sent = line_->write(text + "\n", times_.answer);
  if (!sent) {
    line_.reset();
  }
  return sent;
}

Result<Identity> ScpiLink::connect() {
  if (auto opened = openLine(); !opened) {
    return opened.error();
  }
  if (auto cleared = send("*CLS"); !cleared) {
    return cleared.error();
  }
  const auto answer = ask("*IDN?");
  if (!answer) {
    return answer.error();
  }
  return parseIdentity(*answer);
}

Result<std::string> ScpiLink::receive() {
  // Silence ends the wait, not the length of the answer: a long record over a slow line comes
  // steadily.
  auto end = AnswerClock::now() + times_.answer;
  begun_ = !buffer_.empty();
  while (true) {
    const auto whole = answerEnd(buffer_);
    if (!whole) {
      line_.reset();
      return Error{name_, std::nullopt, whole.error().what, whole.error().wanted};
    }
    if (*whole) {
      std::string answer = buffer_.substr(0, **whole);
      buffer_.erase(0, **whole);
      while (!answer.empty() && (answer.back() == '\n' || answer.back() == '\r')) {
        answer.pop_back();
      }
      return answer;
    }
    if (cancelled_.exchange(false)) {
      line_.reset();  // its answer, come late, would be taken for the next one's
      return Error{name_, std::nullopt, "the reading was stopped", ""};
    }
    if (AnswerClock::now() >= end || buffer_.size() > kMostAnswer) {
      line_.reset();
      return lost("gave no whole answer in time");
    }
    const auto left = std::chrono::duration_cast<Milliseconds>(end - AnswerClock::now());
    const auto loss = line_->read(buffer_, std::clamp(left, Milliseconds(1), kSlice));
    if (!loss) {
      end = AnswerClock::now() + times_.answer;
    }
    begun_ = begun_ || !buffer_.empty();
    if (loss == Loss::closed) {
      line_.reset();
      return lost("closed the line");
    }
  }
}

Result<std::string> ScpiLink::askOnce(const std::string& question) {
  begun_ = false;
  if (auto opened = openLine(); !opened) {
    return opened.error();
  }
  if (auto sent = send(question); !sent) {
    return sent.error();
  }
  return receive();
}

Result<std::string> ScpiLink::ask(const std::string& question) {
  const bool open = connected();
  auto answer = askOnce(question);
  if (!answer && !connected() && open && !begun_ && answer.error().what == "closed the line") {
    answer = askOnce(question);
  }
  return answer;
}

Result<double> ScpiLink::askNumber(const std::string& question) {
  const auto answer = ask(question);
  if (!answer) {
    return answer.error();
  }
  auto number = parseNumber(*answer);
  if (!number) {
    number.error().where = name_;
  }
  return number;
}

Status ScpiLink::command(const std::string& text) {
  if (auto opened = openLine(); !opened) {
    return opened;
  }
  if (auto sent = send(text); !sent) {
    return sent;
  }
  const int before = reconnections_;
  auto queue = ask("SYST:ERR?");
  if (queue && reconnections_ != before) {
    // Whether it was carried out on the line that was lost nobody knows; settings may be repeated.
    if (auto sent = send(text); !sent) {
      return sent;
    }
    queue = ask("SYST:ERR?");
  }
  if (!queue) {
    return queue.error();
  }
  // "0,"No error"" or "-113,"Undefined header"".
  const auto number = parseNumber(std::string_view(*queue).substr(0, queue->find(',')));
  if (!number || *number != 0) {
    return Error{name_, std::nullopt,
                 fmt::format("refuses \"{}\": {}", text, text::shortened(text::toUtf8(*queue), 80)),
                 "an instrument that knows this SCPI command"};
  }
  return Done{};
}

Status ScpiLink::prepare(const std::string& commands) {
  preparation_.clear();
  auto done = command(commands);
  if (done) {
    preparation_ = commands;
  }
  return done;
}

}  // namespace haybale::instruments
