#include "instruments/scpi_link.h"

#include <fmt/format.h>

#include <algorithm>

#include "core/base/say.h"
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

// What lies in the line before a question is no answer to it.
void ScpiLink::dropWhatCameUnasked() {
  if (!line_) {
    return;
  }
  constexpr std::size_t kMost = 1U << 20;
  std::size_t dropped = buffer_.size();
  for (std::size_t before = 0; dropped < kMost; before = dropped) {
    std::string more;
    (void)line_->read(more, Milliseconds(0));
    dropped += more.size();
    if (dropped == before || more.empty()) {
      break;
    }
  }
  strays_ += dropped > 0 ? 1 : 0;
  buffer_.clear();
}

// The question with a number of its own: IEEE 488.2's event status enable register, which every
// instrument has, is set to it before and asked for behind the question, all in one message, so
// that the answer ends in it. What ends in another number was another question's.
Result<std::optional<std::string>> ScpiLink::askTagged(const std::string& question) {
  constexpr std::size_t kMostStrays = 100;
  if (auto opened = openLine(); !opened) {
    return opened.error();
  }
  dropWhatCameUnasked();
  tag_ = tag_ % 255 + 1;
  const std::string tag = std::to_string(tag_);
  if (auto sent = send("*ESE " + tag + ";" + question + ";*ESE?"); !sent) {
    return sent.error();
  }
  for (std::size_t n = 0; n < kMostStrays; ++n) {
    auto answer = receive();
    if (!answer) {
      return answer.error();
    }
    const auto cut = answer->rfind(';');
    const auto number =
        cut == std::string::npos ? Result<double>(Error{}) : parseNumber(answer->substr(cut + 1));
    if (number && *number == tag_) {
      tags_ = true;
      return std::optional(answer->substr(0, cut));
    }
    ++strays_;
    if (!tags_ && cut == std::string::npos) {
      return std::optional<std::string>();  // perhaps it does not know how
    }
  }
  line_.reset();
  return lost("speaks without being asked");
}

// For an instrument that answers no message of several questions: nothing is asked while an answer
// may still be on its way, and only one that came alone is believed.
Result<std::string> ScpiLink::askAlone(const std::string& question) {
  if (auto opened = openLine(); !opened) {
    return opened.error();
  }
  for (auto quiet = AnswerClock::now() + times_.answer; owed_ && AnswerClock::now() < quiet;) {
    std::string stray;
    const auto loss = line_->read(stray, std::min(times_.answer, kSlice));
    if (loss == Loss::closed) {
      line_.reset();
      return lost("closed the line");
    }
    if (!stray.empty()) {
      ++strays_;
      quiet = AnswerClock::now() + times_.answer;
    }
  }
  dropWhatCameUnasked();
  if (auto sent = send(question); !sent) {
    return sent.error();
  }
  owed_ = true;
  auto answer = receive();
  owed_ = !answer.ok();
  return answer;
}

Result<std::string> ScpiLink::askSurely(const std::string& question) {
  for (int n = 0; n < 2; ++n) {
    if (tags_ == false) {
      return askAlone(question);
    }
    const bool open = connected();
    begun_ = false;
    auto answer = askTagged(question);
    if (answer && *answer) {
      return **answer;
    }
    if (answer) {
      tags_ = false;
      owed_ = true;  // the rest of that answer may be on its way
      continue;
    }
    // A line that was lost while nothing was asked is opened again, once.
    if (n > 0 || !open || connected() || begun_ || answer.error().what != "closed the line") {
      return answer.error();
    }
  }
  return askAlone(question);
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
      return Error{name_, std::nullopt, say("the reading was stopped"), ""};
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
  dropWhatCameUnasked();
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

Result<double> ScpiLink::askNumber(const std::string& question, bool surely) {
  const auto answer = surely ? askSurely(question) : ask(question);
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
                 sayf("refuses \"{}\": {}", text, text::shortened(text::toUtf8(*queue), 80)),
                 say("an instrument that knows this SCPI command")};
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
