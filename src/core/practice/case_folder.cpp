#include "core/practice/case_folder.h"

#include <algorithm>
#include <filesystem>
#include <tuple>

#include "core/base/atomic_file.h"
#include "core/base/say.h"

namespace haybale::practice {

namespace fs = std::filesystem;

Result<CaseFolder> casesIn(const std::string& folder) {
  std::error_code error;
  std::vector<fs::path> files;
  for (fs::directory_iterator it(folder, error), end; !error && it != end; it.increment(error)) {
    std::error_code ignored;
    if (it->path().extension() == ".json" && it->is_regular_file(ignored)) {
      files.push_back(it->path());
    }
  }
  if (error) {
    return Error{folder, std::nullopt, say("cannot be read as a folder"),
                 say("a folder of practice cases (*.json)")};
  }
  std::sort(files.begin(), files.end());
  files.resize(std::min(files.size(), kMostCases));
  CaseFolder out;
  for (const auto& file : files) {
    const auto text = job::readFile(file.string());
    if (!text) {
      out.refused.push_back(text.error().sentence());
      continue;
    }
    if (text->find("haybale-practice") == std::string::npos) {
      continue;  // of another format
    }
    auto p = parsePractice(*text, file.filename().string());
    if (!p) {
      out.refused.push_back(p.error().sentence());
      continue;
    }
    p->id = p->id.empty() ? file.stem().string() : p->id;
    out.cases.push_back(std::move(*p));
  }
  std::stable_sort(out.cases.begin(), out.cases.end(), [](const auto& a, const auto& b) {
    return std::tie(a.level, a.title) < std::tie(b.level, b.title);
  });
  return out;
}

}  // namespace haybale::practice
