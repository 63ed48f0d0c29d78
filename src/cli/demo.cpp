#include "core/demo/demo.h"

#include <filesystem>
#include <memory>
#include <ostream>

#include "cli/options.h"
#include "core/base/atomic_file.h"

namespace haybale::cli {

namespace {

int writeDemo(const std::string& folder, Streams streams) {
  std::error_code problem;
  std::filesystem::create_directories(folder, problem);
  for (const auto& file : job::demoFiles()) {
    const std::string path = (std::filesystem::path(folder) / file.name).string();
    if (const auto status = job::writeFileAtomically(path, file.bytes); !status) {
      return fail(streams, status.error(), kCannot);
    }
    streams.out << path << "\n";
  }
  return kDone;
}

}  // namespace

void addDemo(CLI::App& app, Action& chosen) {
  auto folder = std::make_shared<std::string>();
  auto* command = app.add_subcommand("demo", "Make the demo job and its captures again");
  command->add_option("FOLDER", *folder, "where to write them")->required();
  command->callback([folder, &chosen] {
    chosen = [folder](Streams streams) { return writeDemo(*folder, streams); };
  });
}

}  // namespace haybale::cli
