#include "store/bundle.h"

#include <fmt/format.h>
#include <zip.h>

#include <algorithm>
#include <filesystem>
#include <fstream>
#include <memory>
#include <set>

#include "core/base/atomic_file.h"
#include "core/base/json.h"
#include "core/base/say.h"
#include "core/base/text.h"
#include "core/evidence/waveforms.h"
#include "core/job/case_json.h"

namespace haybale::store {

namespace fs = std::filesystem;

namespace {

constexpr const char* kCaseName = "case.haybale.json";
constexpr const char* kManifest = "manifest.json";
constexpr zip_uint64_t kMostCase = 64ULL << 20;
constexpr std::size_t kBlock = 1 << 20;
// Text packs some ten times; what packs a thousand times is meant to fill a disk.
constexpr zip_uint64_t kMostRatio = 1000;
constexpr zip_uint64_t kSmall = 10ULL << 20;  // of any ratio

struct Discard {
  void operator()(zip_t* zip) const { zip_discard(zip); }
};
using Zip = std::unique_ptr<zip_t, Discard>;

Error refused(const std::string& path, const std::string& what) {
  return Error{path, std::nullopt, what,
               say("a bundle saved by this program; nothing was unpacked")};
}

Result<Zip> openZip(const std::string& path, int flags) {
  int code = 0;
  if (zip_t* zip = zip_open(path.c_str(), flags, &code)) {
    return Zip(zip);
  }
  zip_error_t error;
  zip_error_init_with_code(&error, code);
  const std::string why = zip_error_strerror(&error);
  zip_error_fini(&error);
  return Error{path, std::nullopt, say("is no zip that can be opened (") + why + ")",
               say("a bundle saved by this program")};
}

// Gathers the files a case names and gives each a plain name in the bundle.
class Packer {
 public:
  Packer(job::Case c, std::string folder, WasAdded added)
      : case_(std::move(c)), folder_(std::move(folder)), added_(std::move(added)) {}

  Status gather() {
    for (auto* list : {&case_.evidence, &case_.proof}) {
      for (auto& e : *list) {
        if (!e.reading.file.empty()) {
          if (auto status = take(e.reading.file, "captures"); !status) {
            return status;
          }
        }
        for (auto& attachment : e.attachments) {
          if (auto status = take(attachment, "files"); !status) {
            return status;
          }
        }
      }
    }
    return Done{};
  }

  Status write(const std::string& path) {
    auto zip = openZip(path, ZIP_CREATE | ZIP_TRUNCATE);
    if (!zip) {
      return zip.error();
    }
    const std::string text = job::caseText(case_);
    Json manifest{{"format", "haybale-bundle"}, {"version", 1}, {"case", kCaseName}};
    manifest["files"] = Json::array();
    for (const auto& [from, name] : files_) {
      manifest["files"].push_back({{"name", name}, {"bytes", fs::file_size(from)}});
    }
    const std::string manifestText = manifest.dump(2) + "\n";
    bool ok = addText(zip->get(), kManifest, manifestText) && addText(zip->get(), kCaseName, text);
    for (const auto& [from, name] : files_) {
      zip_source_t* source = zip_source_file(zip->get(), from.c_str(), 0, -1);
      ok = ok && source && zip_file_add(zip->get(), name.c_str(), source, ZIP_FL_ENC_UTF_8) >= 0;
    }
    if (!ok || zip_close(zip->get()) != 0) {
      return Error{path, std::nullopt, sayf("could not be written ({})", zip_strerror(zip->get())),
                   say("free some space or choose another place")};
    }
    (void)zip->release();  // closed
    return Done{};
  }

 private:
  static bool addText(zip_t* zip, const char* name, const std::string& text) {
    zip_source_t* source = zip_source_buffer(zip, text.data(), text.size(), 0);
    return source && zip_file_add(zip, name, source, ZIP_FL_ENC_UTF_8) >= 0;
  }

  // By what the names mean, links followed.
  [[nodiscard]] bool liesWithin(const std::string& file) const {
    std::error_code bad;
    const auto inside =
        fs::weakly_canonical(file, bad).lexically_relative(fs::weakly_canonical(folder_, bad));
    return !inside.empty() && *inside.begin() != "..";
  }

  // The same file twice is one in the bundle; two of the same name are told apart.
  Status take(std::string& file, const std::string& into) {
    const std::string from = diagnosis::capturePath(file, folder_);
    std::error_code bad;
    if (!fs::is_regular_file(from, bad)) {
      return Error{from, std::nullopt, say("is named in the job but is not there"),
                   say("put it back, or take that reading out of the job")};
    }
    if (!liesWithin(from) && !(added_ && added_(from))) {
      return Error{from, std::nullopt, say("lies outside the job's folder and was not added here"),
                   say("add it to the reading anew, or copy it beside the job")};
    }
    const auto known = names_.find(from);
    if (known != names_.end()) {
      file = known->second;
      return Done{};
    }
    const fs::path plain = fs::path(from).filename();
    std::string name = into + "/" + plain.string();
    for (int n = 2; taken_.contains(name); ++n) {
      name = fmt::format("{}/{}-{}{}", into, plain.stem().string(), n, plain.extension().string());
    }
    taken_.insert(name);
    names_[from] = name;
    files_.emplace_back(from, name);
    // What tells the volts of a WAV goes with it.
    if (const std::string side = from + ".json"; fs::is_regular_file(side, bad)) {
      taken_.insert(name + ".json");
      files_.emplace_back(side, name + ".json");
    }
    file = name;
    return Done{};
  }

  job::Case case_;
  std::string folder_;
  WasAdded added_;
  std::vector<std::pair<std::string, std::string>> files_;  // from, name in the bundle
  std::map<std::string, std::string> names_;
  std::set<std::string> taken_;
};

// "captures/a.csv": one folder of ours and a plain name.
bool plainName(const std::string& name) {
  if (name == kCaseName || name == kManifest) {
    return true;
  }
  const auto slash = name.find('/');
  if (slash == std::string::npos || !text::isUtf8(name)) {
    return false;
  }
  const std::string folder = name.substr(0, slash);
  const std::string file = name.substr(slash + 1);
  const bool odd = file.empty() || file == "." || file == ".." || file.size() > 200 ||
                   file.find_first_of("/\\:") != std::string::npos ||
                   std::any_of(file.begin(), file.end(),
                               [](char c) { return static_cast<unsigned char>(c) < 0x20; });
  return (folder == "captures" || folder == "files") && !odd;
}

struct Entry {
  zip_uint64_t index;
  std::string name;
  zip_uint64_t bytes;
};

Result<std::vector<Entry>> entriesOf(zip_t* zip, const std::string& path) {
  const zip_int64_t count = zip_get_num_entries(zip, 0);
  if (count < 0 || static_cast<zip_uint64_t>(count) > kMostFiles) {
    return refused(path, fmt::format("holds {} files, more than {}", count, kMostFiles));
  }
  std::vector<Entry> out;
  std::set<std::string> names;
  zip_uint64_t total = 0;
  for (zip_uint64_t i = 0; i < static_cast<zip_uint64_t>(count); ++i) {
    zip_stat_t stat;
    if (zip_stat_index(zip, i, 0, &stat) != 0 || !stat.name) {
      return refused(path, "has an entry without a name");
    }
    const std::string name = stat.name;
    if (!plainName(name)) {
      return refused(path, "names a file outside its own folders (\"" +
                               text::shortened(text::toUtf8(name), 60) + "\")");
    }
    if (!names.insert(name).second) {
      return refused(path, "holds \"" + name + "\" twice");
    }
    total += stat.size;
    if (total > kMostBytes || (stat.size > kSmall && stat.size / kMostRatio > stat.comp_size) ||
        (name == kCaseName && stat.size > kMostCase)) {
      return refused(path, "would unpack to far more than a job holds (\"" + name + "\")");
    }
    out.push_back({i, name, stat.size});
  }
  if (!names.contains(kCaseName)) {
    return refused(path, "holds no case");
  }
  return out;
}

// One entry into its file: no more bytes than were promised.
Status unpackEntry(zip_t* zip, const Entry& entry, const fs::path& to, const std::string& path) {
  const std::unique_ptr<zip_file_t, int (*)(zip_file_t*)> in(zip_fopen_index(zip, entry.index, 0),
                                                             zip_fclose);
  std::ofstream out(to, std::ios::binary);
  if (!in || !out) {
    return refused(path, "holds \"" + entry.name + "\", which cannot be read or written");
  }
  std::vector<char> block(kBlock);
  zip_uint64_t done = 0;
  for (;;) {
    const zip_int64_t n = zip_fread(in.get(), block.data(), block.size());
    if (n < 0) {
      return refused(path, "is damaged at \"" + entry.name + "\"");
    }
    if (n == 0) {
      break;
    }
    done += static_cast<zip_uint64_t>(n);
    if (done > entry.bytes || !out.write(block.data(), n)) {
      return refused(path, done > entry.bytes ? "holds more in \"" + entry.name + "\" than it says"
                                              : "does not fit on the disk");
    }
  }
  out.close();
  return done == entry.bytes && out ? Status(Done{})
                                    : refused(path, "is cut short at \"" + entry.name + "\"");
}

// Every file the case names is one of the bundle's own.
Status namesItsOwn(const job::Case& c, const std::vector<Entry>& entries, const std::string& path) {
  const auto own = [&](const std::string& file) {
    return std::any_of(entries.begin(), entries.end(),
                       [&](const Entry& e) { return e.name == file; });
  };
  for (const auto* list : {&c.evidence, &c.proof}) {
    for (const auto& e : *list) {
      std::vector<std::string> files = e.attachments;
      if (!e.reading.file.empty()) {
        files.push_back(e.reading.file);
      }
      for (const auto& file : files) {
        if (!own(file)) {
          return refused(path, "names a file it does not hold (\"" +
                                   text::shortened(text::toUtf8(file), 60) + "\")");
        }
      }
    }
  }
  return Done{};
}

Status unpackInto(zip_t* zip, const std::string& path, const fs::path& folder) {
  auto entries = entriesOf(zip, path);
  if (!entries) {
    return entries.error();
  }
  std::error_code bad;
  for (const char* part : {"captures", "files"}) {
    fs::create_directories(folder / part, bad);
  }
  for (const auto& entry : *entries) {
    if (auto status = unpackEntry(zip, entry, folder / entry.name, path); !status) {
      return status;
    }
  }
  const auto text = job::readFile((folder / kCaseName).string());
  if (!text) {
    return text.error();
  }
  const auto c = job::parseCase(*text, path + ": " + kCaseName);
  if (!c) {
    return c.error();
  }
  return namesItsOwn(*c, *entries, path);
}

}  // namespace

Status writeBundle(const job::Case& c, const std::string& folder, const std::string& path,
                   const WasAdded& added) {
  Packer packer(c, folder, added);
  if (auto status = packer.gather(); !status) {
    return status;
  }
  return job::replaceFile(path, [&](const std::string& beside) {
    auto status = packer.write(beside);
    if (!status) {
      Error error = status.error();
      error.where = path;
      return Status(error);
    }
    return status;
  });
}

Result<std::string> unpackBundle(const std::string& path, const std::string& folder) {
  auto zip = openZip(path, ZIP_RDONLY);
  if (!zip) {
    return zip.error();
  }
  std::error_code bad;
  if (fs::exists(folder, bad)) {
    return Error{folder, std::nullopt, say("is there already"), say("choose a folder that is new")};
  }
  if (auto status = unpackInto(zip->get(), path, folder); !status) {
    fs::remove_all(folder, bad);
    return status.error();
  }
  return (fs::path(folder) / kCaseName).string();
}

}  // namespace haybale::store
