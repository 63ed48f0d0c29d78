// One reading entered into the demo job: everything that follows from it worked out anew.
#include <fmt/format.h>

#include "core/diagnosis/assessment.h"
#include "core/job/case_json.h"
#include "timing.h"

using namespace haybale;

int main() {
  const std::string folder = std::string(HAYBALE_SOURCE_DIR) + "/demo";
  const auto job = job::loadCase(folder + "/bale-cart-7.haybale.json");
  if (!job) {
    fmt::print("{}\n", job.error().sentence());
    return 1;
  }
  diagnosis::CaptureShelf shelf;
  (void)diagnosis::assessCase(*job, folder, shelf);
  const auto knowledge = diagnosis::learnAll(*job);
  const auto learning = bench::timed(20, 1, [&] { (void)diagnosis::learnAll(*job); });
  const auto whole = bench::timed(30, 1, [&] { (void)diagnosis::assessCase(*job, folder, shelf); });
  fmt::print("learning from good wheels {:7.2f} ms median\n", learning.median * 1e3);
  fmt::print("whole assessment          {:7.2f} ms median, {:.2f} ms p95\n", whole.median * 1e3,
             whole.p95 * 1e3);
  return 0;
}
