#include <fmt/format.h>

#include <ostream>

#include "cli/options.h"
#include "core/priors/priors.h"

namespace haybale::cli {

int fail(Streams streams, const Error& error, int exit) {
  streams.err << error.sentence() << "\n";
  return exit;
}

CLI::Validator within(double least, double most) {
  return CLI::Validator(
      [least, most](std::string& text) {
        double value = 0;
        const bool number = CLI::detail::lexical_cast(text, value);
        return number && value >= least && value <= most
                   ? std::string()
                   : fmt::format("{} is not a number from {:g} to {:g}", text, least, most);
      },
      fmt::format("in [{:g} - {:g}]", least, most));
}

CLI::Validator notEmpty() {
  return CLI::Validator(
      [](std::string& text) { return text.empty() ? std::string("is empty") : std::string(); },
      "TEXT");
}

int run(const std::vector<std::string>& arguments, Streams streams) {
  CLI::App app("Hay Bale: wheel speed sensor circuits, measured and judged", "haybale-cli");
  app.set_version_flag("--version", "haybale-cli " HAYBALE_VERSION);
  app.require_subcommand(1);
  Action chosen;
  addAnalyse(app, chosen);
  addCalc(app, chosen);
  addSynth(app, chosen);
  addReport(app, chosen);
  addDiagnose(app, chosen);
  addSimulate(app, chosen);
  addDemo(app, chosen);
  addLogbook(app, chosen);
  addPractice(app, chosen);
  addScan(app, chosen);
  try {
    std::vector<std::string> reversed(arguments.rbegin(), arguments.rend());
    app.parse(reversed);
  } catch (const CLI::Success& asked) {
    app.exit(asked, streams.out, streams.err);
    return kDone;
  } catch (const CLI::ParseError& wrong) {
    std::string text = wrong.what();
    for (char& c : text) {
      c = c == '\n' ? ' ' : c;
    }
    streams.err << "haybale-cli: " << text << "; see haybale-cli --help\n";
    return kUsage;
  }
  if (const auto wrong = priors::useNamedFile()) {
    streams.err << "haybale-cli: " << wrong->sentence() << "\n";
    return kCannot;
  }
  try {
    const int exit = chosen(streams);
    // A full disk is no success.
    streams.out.flush();
    if (!streams.out) {
      streams.err << "haybale-cli: not everything could be written; is the disk full?\n";
      return kCannot;
    }
    return exit;
  } catch (const std::exception& problem) {
    streams.err << "haybale-cli: " << problem.what() << "\n";
    return kCannot;
  }
}

}  // namespace haybale::cli
