#include "core/capture/csv_table.h"

#include <fmt/format.h>

#include <algorithm>
#include <atomic>
#include <cmath>
#include <cstring>
#include <limits>

#include "core/base/large_pages.h"
#include "core/base/parallel.h"
#include "core/base/say.h"
#include "core/base/text.h"
#include "core/capture/csv_row.h"
#include "core/capture/csv_time.h"
#include "core/capture/line_count.h"

namespace haybale::capture::csv {

namespace {

constexpr double kLost = std::numeric_limits<double>::quiet_NaN();
constexpr std::size_t kPiece = 4U << 20;  // bytes; a few milliseconds of work
constexpr std::size_t kLook = 1U << 18;   // bytes after which the wish to cancel is looked at
constexpr std::size_t kNamed = 3;         // broken rows that are named

// A run of whole lines, and what was found in it.
struct Piece {
  std::size_t from = 0, to = 0;  // bytes
  std::size_t lines = 0, rows = 0;
  std::size_t firstLine = 0, firstRow = 0;
  std::size_t broken = 0;      // rows with an unsound cell
  std::size_t lastNumber = 0;  // row after the last one with a number in it; 0: none
  struct Named {
    std::size_t row, line;
    std::string what;
  };
  std::vector<Named> named;
  // Of the time: how far it strays from a straight line.
  double worst = 0;
  bool timesLost = false;
  bool changed = false;  // it has other rows than were counted
};

class Reader {
 public:
  explicit Reader(const TableInput& in) : in_(in) {}

  Result<Table> run() {
    cut();
    if (in_.progress) {
      in_.progress->begin(2 * in_.data.size());
    }
    parallelFor(pieces_.size(), [&](std::size_t i) { count(pieces_[i]); });
    for (std::size_t i = 0; i + 1 < pieces_.size(); ++i) {
      pieces_[i + 1].firstRow = pieces_[i].firstRow + pieces_[i].rows;
      pieces_[i + 1].firstLine = pieces_[i].firstLine + pieces_[i].lines;
    }
    if (cancelled()) {
      return stopped();
    }
    const std::size_t rows = pieces_.back().firstRow + pieces_.back().rows;
    table_.columns.resize(in_.dialect.columns.size());
    std::atomic<bool> room = true;
    parallelFor(table_.columns.size(), [&](std::size_t c) {
      if (c != in_.timeColumn && !makeRoom(table_.columns[c], rows)) {
        room = false;
      }
    });
    if (!room) {
      return stopped();
    }
    for (std::size_t c = 0; c < table_.columns.size(); ++c) {
      outlets_.push_back(
          {c == in_.timeColumn ? nullptr : table_.columns[c].data(), in_.dialect.columns[c].scale});
    }
    guessTimes(rows);
    parallelFor(pieces_.size(), [&](std::size_t i) { fill(pieces_[i]); });
    if (cancelled()) {
      return stopped();
    }
    if (std::any_of(pieces_.begin(), pieces_.end(), [](const Piece& p) { return p.changed; })) {
      return changedWhileRead();
    }
    const std::size_t kept = keep();
    complain(kept);
    if (in_.timeColumn) {
      if (auto status = settleTime(kept); !status) {
        return status.error();
      }
    }
    return std::move(table_);
  }

 private:
  [[nodiscard]] bool cancelled() const { return in_.progress && in_.progress->cancelled(); }
  [[nodiscard]] Error stopped() const { return cancelledReading(in_.name); }
  [[nodiscard]] Error changedWhileRead() const {
    return {in_.name, std::nullopt, say("was written to by another program while it was read"),
            say("a capture that is written to its end")};
  }

  // Memory is touched for the first time here, which takes its time: in steps, so that one may
  // cancel. False when it was.
  [[nodiscard]] bool makeRoom(std::vector<float>& column, std::size_t rows) const {
    constexpr std::size_t kStep = 2U << 20;
    column.reserve(rows);
    preferLargePages(column.data(), rows * sizeof(float));
    while (column.size() < rows && !cancelled()) {
      column.resize(std::min(rows, column.size() + kStep));
    }
    return column.size() == rows;
  }

  // Pieces end behind a line's end.
  void cut() {
    const std::size_t size = in_.data.size();
    for (std::size_t from = 0; from < size;) {
      std::size_t to = std::min(size, from + kPiece);
      if (to < size) {
        const std::size_t end = in_.data.find(in_.dialect.lineEnd, to);
        to = end == std::string_view::npos ? size : end + 1;
      }
      Piece piece;
      piece.from = from;
      piece.to = to;
      pieces_.push_back(piece);
      from = to;
    }
    if (pieces_.empty()) {
      pieces_.emplace_back();
    }
    pieces_.front().firstLine = in_.dialect.firstRow;
  }

  // Calls f(line) for each line; a line that is blank is no row.
  template <class F>
  void eachLine(const Piece& piece, const F& f) const {
    const char* at = in_.data.data() + piece.from;
    const char* const end = in_.data.data() + piece.to;
    const char* look = at + kLook;
    while (at != end) {
      if (at > look) {
        if (cancelled()) {
          return;
        }
        look = at + kLook;
      }
      const auto* stop = static_cast<const char*>(
          std::memchr(at, in_.dialect.lineEnd, static_cast<std::size_t>(end - at)));
      const char* const close = stop ? stop : end;
      f(std::string_view(at, static_cast<std::size_t>(close - at)));
      at = stop ? stop + 1 : end;
    }
  }

  static bool blank(std::string_view line) {
    return line.empty() ||
           (static_cast<unsigned char>(line.front()) <= ' ' && text::trimmed(line).empty());
  }

  void count(Piece& piece) {
    if (cancelled()) {
      return;
    }
    const auto text = in_.data.substr(piece.from, piece.to - piece.from);
    const auto counted = countLines(text, in_.dialect.lineEnd);
    piece.lines = piece.rows = counted.lines;
    if (counted.anyBlank) {
      piece.rows = 0;
      eachLine(piece, [&](std::string_view line) { piece.rows += blank(line) ? 0 : 1; });
    }
    finished(piece);
  }

  void finished(const Piece& piece) const {
    if (in_.progress) {
      in_.progress->advance(piece.to - piece.from);
    }
    if (in_.forget) {
      in_.forget(piece.from, piece.to);
    }
  }

  // The straight line through the first and the last time, when both rows have one.
  void guessTimes(std::size_t rows) {
    if (!in_.timeColumn || rows < 2) {
      return;
    }
    RowReader row(in_.dialect);
    const double scale = in_.dialect.columns[*in_.timeColumn].scale;
    const auto timeOf = [&](std::string_view line) {
      row.careful(line);
      return row.value(*in_.timeColumn) * scale;
    };
    firstS_ = timeOf(in_.data.substr(0, in_.data.find(in_.dialect.lineEnd)));
    std::string_view rest = in_.data;
    double lastS = kLost;
    std::size_t lastRow = rows;
    for (int back = 0; back < 200 && lastRow > 1 && !std::isfinite(lastS); ++back) {
      if (!rest.empty() && rest.back() == in_.dialect.lineEnd) {
        rest.remove_suffix(1);
      }
      const std::size_t end = rest.rfind(in_.dialect.lineEnd);
      const std::string_view line = end == std::string_view::npos ? rest : rest.substr(end + 1);
      rest = end == std::string_view::npos ? std::string_view{} : rest.substr(0, end + 1);
      if (!blank(line)) {
        lastS = timeOf(line);
        --lastRow;
      }
    }
    stepS_ = (lastS - firstS_) / static_cast<double>(lastRow);
  }

  void fill(Piece& piece) {
    if (cancelled()) {
      return;
    }
    RowReader row(in_.dialect);
    const char* at = in_.data.data() + piece.from;
    const char* const end = in_.data.data() + piece.to;
    std::size_t r = piece.firstRow;
    // Another program may write to a mapped file: room was made for the rows that were counted.
    const std::size_t room = piece.firstRow + piece.rows;
    std::size_t line = piece.firstLine;
    const char* look = at + kLook;
    while (at != end && r < room) {
      if (at > look) {
        if (cancelled()) {
          return;
        }
        look = at + kLook;
      }
      if (const std::size_t alike = row.alike(at, end, room - r)) {
        store(piece, row, r, alike);
        r += alike;
        line += alike;
        piece.lastNumber = r;
        continue;
      }
      if (const char* next = row.quick(at, end)) {
        at = next;
        piece.lastNumber = r + 1;
        store(piece, row, r++, 1);
      } else {
        const auto* stop = static_cast<const char*>(
            std::memchr(at, in_.dialect.lineEnd, static_cast<std::size_t>(end - at)));
        const std::string_view words(at, static_cast<std::size_t>((stop ? stop : end) - at));
        at = stop ? stop + 1 : end;
        if (!blank(words)) {
          readOdd(piece, row, words, r, line);
          store(piece, row, r++, 1);
        }
      }
      ++line;
    }
    piece.changed = r != room || !restIsBlank({at, static_cast<std::size_t>(end - at)});
    finished(piece);
  }

  [[nodiscard]] bool restIsBlank(std::string_view rest) const {
    return rest.find_first_not_of(" \t\r\n") == std::string_view::npos;
  }

  void readOdd(Piece& piece, RowReader& row, std::string_view words, std::size_t r,
               std::size_t line) const {
    const std::size_t good = row.careful(words);
    const bool sound = row.allSound();
    if (good > 0 || sound) {
      piece.lastNumber = r + 1;
    }
    if (sound) {
      return;
    }
    if (piece.broken++ < kNamed) {
      piece.named.push_back({r, line,
                             good == 0 ? std::string("is not a row of numbers")
                                       : fmt::format("a cell is missing or not a number: \"{}\"",
                                                     text::shortened(words, 40))});
    }
  }

  // The first rows that `row` holds, as rows r, r + 1, ...
  void store(Piece& piece, const RowReader& row, std::size_t r, std::size_t rows) {
    for (std::size_t c = 0; c < outlets_.size(); ++c) {
      const double* const values = row.values(c);
      const double scale = outlets_[c].scale;
      if (float* const to = outlets_[c].to) {
        for (std::size_t i = 0; i < rows; ++i) {
          to[r + i] = sampleOf(values[i] * scale);
        }
        continue;
      }
      for (std::size_t i = 0; i < rows; ++i) {
        const double straight = firstS_ + stepS_ * static_cast<double>(r + i);
        const double off = std::abs(values[i] * scale - straight);
        piece.timesLost |= std::isnan(off);
        piece.worst = std::max(piece.worst, off);
      }
    }
  }

  // Rows up to the last one with a number; text behind it is no part of the table.
  std::size_t keep() {
    std::size_t kept = 0;
    for (const auto& piece : pieces_) {
      kept = std::max(kept, piece.lastNumber);
    }
    for (std::size_t c = 0; c < table_.columns.size(); ++c) {
      table_.columns[c].resize(c == in_.timeColumn ? 0 : kept);
    }
    return kept;
  }

  void complain(std::size_t kept) {
    std::size_t total = 0;
    std::optional<std::size_t> behind;
    std::size_t named = 0;
    const std::size_t rows = pieces_.back().firstRow + pieces_.back().rows;
    for (const auto& piece : pieces_) {
      total += piece.broken;
      for (const auto& n : piece.named) {
        if (n.row >= kept) {
          behind = behind ? behind : std::optional(n.line);
        } else if (named < kNamed) {
          table_.remarks.push_back(sayf("line {}: {}", n.line, n.what));
          ++named;
        }
      }
    }
    total -= std::min(total, rows - kept);
    if (total > named) {
      table_.remarks.push_back(sayf("and {} more broken places, kept as gaps", total - named));
    }
    if (behind) {
      table_.remarks.push_back(
          sayf("line {}: text after the last row of numbers was left out", *behind));
    } else if (rows > kept) {
      table_.remarks.emplace_back(say("text after the last row of numbers was left out"));
    }
  }

  // --- time

  Status settleTime(std::size_t kept) {
    double worst = 0;
    bool lost = false;
    for (const auto& piece : pieces_) {
      worst = std::max(worst, piece.worst);
      lost = lost || piece.timesLost;
    }
    if (!lost && kept >= 2 && stepS_ > 0 && worst <= 0.1 * stepS_) {
      table_.time = TimeBase{firstS_, stepS_, {}};
      return Done{};
    }
    std::vector<double> times(kept);
    parallelFor(pieces_.size(), [&](std::size_t i) { fillTimes(pieces_[i], times); });
    if (cancelled()) {
      return stopped();
    }
    auto settled =
        settleTimes(std::move(times), in_.name, [&](std::size_t row) { return lineOf(row); });
    if (!settled) {
      return settled.error();
    }
    for (std::size_t c = 0; c < table_.columns.size(); ++c) {
      auto& values = table_.columns[c];
      if (c != in_.timeColumn) {
        values.resize(settled->last + 1);
        values.erase(values.begin(), values.begin() + static_cast<std::ptrdiff_t>(settled->first));
      }
    }
    table_.time = std::move(settled->base);
    for (auto& remark : settled->remarks) {
      table_.remarks.push_back(std::move(remark));
    }
    return Done{};
  }

  void fillTimes(const Piece& piece, std::vector<double>& times) const {
    RowReader row(in_.dialect);
    std::size_t r = piece.firstRow;
    const double scale = in_.dialect.columns[*in_.timeColumn].scale;
    eachLine(piece, [&](std::string_view line) {
      if (!blank(line) && r < times.size()) {
        row.careful(line);
        times[r++] = row.value(*in_.timeColumn) * scale;
      }
    });
  }

  [[nodiscard]] std::size_t lineOf(std::size_t wanted) const {
    std::size_t r = 0;
    std::size_t line = in_.dialect.firstRow;
    std::size_t found = line;
    for (const auto& piece : pieces_) {
      eachLine(piece, [&](std::string_view text) {
        const bool is = !blank(text);
        found = is && r == wanted ? line : found;
        r += is ? 1 : 0;
        ++line;
      });
    }
    return found;
  }

  const TableInput& in_;
  std::vector<Piece> pieces_;
  Table table_;
  struct Outlet {
    float* to;  // null: the time
    double scale;
  };
  std::vector<Outlet> outlets_;
  double firstS_ = kLost;
  double stepS_ = kLost;
};

}  // namespace

Result<Table> readTable(const TableInput& input) {
  return Reader(input).run();
}

}  // namespace haybale::capture::csv
