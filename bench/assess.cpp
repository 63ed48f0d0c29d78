// One reading entered into the demo job: suspicion and the ranking of all tests worked out anew.
#include <fmt/format.h>

#include "core/base/freed_pages.h"
#include "core/job/case_json.h"
#include "core/plan/test_list.h"
#include "core/session/assessment.h"
#include "timing.h"

using namespace haybale;

int main() {
  haybale::keepFreedPages();
  const std::string folder = std::string(HAYBALE_SOURCE_DIR) + "/demo";
  auto job = job::loadCase(folder + "/bale-cart-7.haybale.json");
  if (!job) {
    fmt::print("{}\n", job.error().sentence());
    return 1;
  }
  job->toolbox = {"multimeter", "scope", "scan-tool", "jumper-leads", "test-lamp", "signal-source"};
  job->allowed = {"unplug", "back-probe", "pierce"};
  diagnosis::CaptureShelf shelf;
  const auto first = bench::timed(15, 1, [&] {
    diagnosis::LikelihoodMemory fresh;
    (void)diagnosis::assessCase(*job, folder, shelf, {}, &fresh);
  });
  // A new reading each time, so that nothing of it is remembered.
  diagnosis::LikelihoodMemory memory;
  (void)diagnosis::assessCase(*job, folder, shelf, {}, &memory);
  job::Evidence e;
  e.id = "new";
  e.test.kind = circuit::TestKind::resistance;
  e.test.circuit = job->suspect;
  const circuit::Place plug{circuit::Place::Kind::modulePlug, "module"};
  e.test.red = circuit::Probe{plug, circuit::WireId::a};
  e.test.black = circuit::Probe{plug, circuit::WireId::b};
  e.test.state.key = circuit::Key::off;
  e.test.state.unplugged = {"module"};
  e.reading.value = units::Entry{4.8e6, false, units::Unit::ohm, false, 1e4};
  job->evidence.push_back(e);
  double ohm = 4.8e6;
  std::size_t proposals = 0;
  const auto entered = bench::timed(60, 1, [&] {
    job->evidence.back().reading.value->value = ohm += 1000;
    proposals = diagnosis::assessCase(*job, folder, shelf, {}, &memory).proposals.size();
  });
  // Twenty readings of the circuit in question, of one severity.
  for (int k = 0; k < 15; ++k) {
    auto more = e;
    more.id = "more" + std::to_string(k);
    more.reading.value->value = 4.8e6 + 500 * k;
    job->evidence.insert(job->evidence.end() - 1, more);
  }
  const auto twenty = bench::timed(40, 1, [&] {
    job->evidence.back().reading.value->value = ohm += 1000;
    proposals = diagnosis::assessCase(*job, folder, shelf, {}, &memory).proposals.size();
  });
  const auto waveforms = diagnosis::analyseWaveforms(*job, folder, shelf);
  const auto knowledge = diagnosis::learnAll(*job);
  const diagnosis::Belief belief(*job, waveforms, knowledge);
  fmt::print(
      "{} cells (bar 10000) of {} hypotheses, {} tests ranked (bar 150), {} worth proposing\n",
      belief.cells().size(), belief.hypotheses().size(), diagnosis::possibleTests(*job).size(),
      proposals);
  fmt::print("first build    {:6.1f} ms median, {:6.1f} ms p95 (bar 500)\n", first.median * 1e3,
             first.p95 * 1e3);
  fmt::print("reading entered{:6.1f} ms median, {:6.1f} ms p95 (bar 60)\n", entered.median * 1e3,
             entered.p95 * 1e3);
  fmt::print("the same as one of twenty{:6.1f} ms median, {:6.1f} ms p95 (bar 60)\n",
             twenty.median * 1e3, twenty.p95 * 1e3);
  return 0;
}
