// The report of a job: what it says, independent of how it is set. HTML is made here, PDF by the
// print library.
#pragma once

#include <functional>
#include <string>
#include <variant>
#include <vector>

#include "core/session/assessment.h"
#include "picture/scene.h"

namespace haybale::picture {

struct Heading {
  int level = 1;  ///< 1 title, 2 section
  std::string text;
};
struct Paragraph {
  std::string text;
  bool strong = false;
  bool faint = false;
};
struct Bullets {
  std::vector<std::string> items;
};
struct Cell {
  std::string text;
  Role role = Role::ink;
  bool strong = false;
};
struct Table {
  std::vector<std::string> head;
  std::vector<double> widths;  ///< shares of the page width, sum 1
  std::vector<std::vector<Cell>> rows;
};
struct Figure {
  Scene scene;
  std::string caption;
};
struct Caution {
  std::string text;
};
/// A picture in a file, as it was taken or marked.
struct Photo {
  std::string path;
  std::string caption;
};
/// The shop's own mark, small, at the right edge beside what follows.
struct ShopMark {
  std::string path;
};
using Block = std::variant<Heading, Paragraph, Bullets, Table, Figure, Caution, Photo, ShopMark>;

struct Report {
  std::string title;
  std::string foot;  ///< stands at the foot of every page: whose report, of what; empty: the title
  std::vector<Block> blocks;
};

/// Whom a report is for: the shop's file has everything, the owner one plain page.
enum class Reader { file, owner };

struct ReportInput {
  const job::Case* job = nullptr;
  const diagnosis::Assessment* assessment = nullptr;
  const diagnosis::Proof* proof = nullptr;  ///< null: nothing was said of the proof yet
  std::string when;                         ///< the date printed, "2026-11-24 10:12"
  Reader reader = Reader::file;
  std::string shop = {};        ///< whose report it is; may be empty
  std::string technician = {};  ///< who made it; may be empty
  std::string mark = {};        ///< a picture file for the head; may be empty
  std::string folder = {};      ///< where relative attachments start
};
[[nodiscard]] Report reportOf(const ReportInput& input, const Measure& measure);

/// The bytes of a photo as a data URI, "" where it cannot be read.
using PhotoSource = std::function<std::string(const std::string& path)>;

/// One self-contained page; everything typed is escaped. Without a source photos are named only.
[[nodiscard]] std::string toHtml(const Report& report, const PhotoSource& photos = {});

}  // namespace haybale::picture
