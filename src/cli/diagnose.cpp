#include <filesystem>
#include <iostream>
#include <memory>
#include <ostream>

#include "cli/options.h"
#include "core/base/atomic_file.h"
#include "core/base/json.h"
#include "core/base/text.h"
#include "core/job/case_json.h"
#include "core/job/test_json.h"
#include "core/job/unheeded.h"
#include "core/session/diagnosis_json.h"
#include "core/session/guide.h"

namespace haybale::cli {

namespace {

struct DiagnoseOptions {
  std::string file;
  bool json = false;
  int mostTests = 40;
  double mostMinutes = 1e9;
  std::string record;  ///< where the session is kept as it goes; empty: nowhere
};

// Texts of the case may be anything; what is printed is valid.
std::string oneLine(const Json& json) {
  return json.dump(-1, ' ', false, Json::error_handler_t::replace);
}

std::string folderOf(const std::string& file) {
  return std::filesystem::absolute(file).parent_path().string();
}

Result<job::Case> open(const DiagnoseOptions& o, std::ostream& remarks) {
  auto c = job::loadCase(o.file);
  if (c && !c->suspectCircuit()) {
    return Error{o.file, std::nullopt, "has no circuit in question", "name one in \"suspect\""};
  }
  for (const auto& sentence : c ? job::unheeded(*c) : std::vector<std::string>{}) {
    remarks << o.file << ": " << sentence << "\n";
  }
  return c;
}

void printDiagnosis(std::ostream& out, const job::Case& c, const diagnosis::Assessment& a) {
  out << a.conclusion.headline << "\n" << a.conclusion.action << "\n";
  for (const auto& s : a.conclusion.suspects) {
    if (s.share >= 0.02) {
      out << "  " << static_cast<int>(100 * s.share + 0.5) << " %  "
          << diagnosis::spoken(s, *c.suspectCircuit()) << "\n";
    }
  }
  for (std::size_t i = 0; i < a.proposals.size() && i < 3; ++i) {
    out << (i == 0 ? "Next: " : "  or: ") << a.proposals[i].instructions << "\n";
  }
}

int diagnose(const DiagnoseOptions& o, Streams streams) {
  const auto c = open(o, streams.err);
  if (!c) {
    return fail(streams, c.error(), kMalformed);
  }
  diagnosis::CaptureShelf shelf;
  const auto a =
      diagnosis::assessCase(*c, folderOf(o.file), shelf, diagnosis::testsOfTheWindow(*c));
  for (const auto& [id, waveform] : a.waveforms.waveforms) {
    if (!waveform.error.empty()) {
      streams.err << waveform.error << "\n";
    }
  }
  if (o.json) {
    streams.out << diagnosis::diagnosisJson(*c, a).dump(2, ' ', false,
                                                        Json::error_handler_t::replace)
                << "\n";
  } else {
    printDiagnosis(streams.out, *c, a);
  }
  return kDone;
}

// The case with every answer so far, whole on the disk before the next question.
Status keepRecord(const DiagnoseOptions& o, const diagnosis::Guide& guide) {
  return o.record.empty() ? Status(Done{})
                          : job::writeFileAtomically(o.record, job::caseText(guide.job()));
}

// Answers that cannot be read are asked for again, with a line on stderr.
int session(const DiagnoseOptions& o, Streams streams) {
  std::istream& in = streams.in ? *streams.in : std::cin;
  auto c = open(o, streams.err);
  if (!c) {
    return fail(streams, c.error(), kMalformed);
  }
  diagnosis::Guide guide(std::move(*c), folderOf(o.file), {o.mostTests, o.mostMinutes});
  std::size_t number = 0;
  for (const auto* asked = guide.ask(); asked; asked = guide.ask()) {
    streams.out << oneLine({{"ask", diagnosis::proposalJson(*asked)}}) << "\n" << std::flush;
    bool answered = false;
    bool over = false;
    std::string line;
    while (!answered && !over) {
      if (!std::getline(in, line)) {
        over = true;
        break;
      }
      ++number;
      if (text::trimmed(line).empty()) {
        continue;
      }
      const auto json = parseJson(line, "answer");
      const auto complain = [&](const std::string& sentence) {
        streams.err << "answer " << number << ": " << sentence << "\n" << std::flush;
      };
      if (!json || !json->is_object()) {
        complain(json ? "is not an object; {\"reading\": {...}}, {\"cannot\": \"why\"} or "
                        "{\"quit\": true}"
                      : json.error().sentence());
      } else if (const auto quit = json->find("quit"); quit != json->end() && *quit == true) {
        over = true;
      } else if (json->contains("cannot")) {
        guide.cannot();
        answered = true;
      } else if (const auto reading = json->find("reading"); reading != json->end()) {
        const auto read = job::readReadingJson(*reading, "reading", asked->test.kind);
        if (read) {
          guide.answer(*read);
          answered = true;
          if (const auto kept = keepRecord(o, guide); !kept) {
            return fail(streams, kept.error(), kCannot);
          }
        } else {
          complain(read.error().sentence());
        }
      } else {
        complain("has no reading; {\"reading\": {...}}, {\"cannot\": \"why\"} or {\"quit\": true}");
      }
    }
    if (over) {
      break;
    }
  }
  streams.out << oneLine({{"verdict", diagnosis::verdictJson(guide.job(), guide.conclusion())}})
              << "\n"
              << std::flush;
  return kDone;
}

}  // namespace

void addDiagnose(CLI::App& app, Action& chosen) {
  auto o = std::make_shared<DiagnoseOptions>();
  auto* command = app.add_subcommand(
      "diagnose", "Say where the fault of a case is, how sure that is, and what to test next");
  command->add_option("CASE", o->file, "case file")->required();
  command->add_flag("--json", o->json, "print the diagnosis as JSON");
  command->callback(
      [o, &chosen] { chosen = [o](Streams streams) { return diagnose(*o, streams); }; });
  auto* guided = app.add_subcommand(
      "session",
      "A guided diagnosis: asks on stdout, reads answers on stdin, one JSON object a line");
  guided->add_option("CASE", o->file, "case file")->required();
  guided->add_option("--max-tests", o->mostTests, "most tests to ask for")->check(within(0, 10000));
  guided->add_option("--max-minutes", o->mostMinutes, "most minutes they may take")
      ->check(within(0.0, 1e9));
  guided->add_option("--record", o->record, "case file that gets every answer as it comes");
  guided->callback(
      [o, &chosen] { chosen = [o](Streams streams) { return session(*o, streams); }; });
}

}  // namespace haybale::cli
