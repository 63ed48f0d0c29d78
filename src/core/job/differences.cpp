#include <fmt/format.h>

#include <algorithm>

#include "core/base/json.h"
#include "core/base/say.h"
#include "core/job/case_json.h"

namespace haybale::job {

namespace {

std::string readings(std::size_t n) {
  return n == 1 ? say("one reading") : sayf("{} readings", n);
}

// How many entries of `list` are not in `other` as they stand.
std::size_t onlyIn(const std::vector<Evidence>& list, const std::vector<Evidence>& other) {
  return static_cast<std::size_t>(std::count_if(list.begin(), list.end(), [&](const Evidence& e) {
    return std::find(other.begin(), other.end(), e) == other.end();
  }));
}

void compareLists(std::vector<std::string>& out, const char* name,
                  const std::vector<Evidence>& ours, const std::vector<Evidence>& theirs) {
  const std::size_t mine = onlyIn(ours, theirs);
  const std::size_t other = onlyIn(theirs, ours);
  if (mine > 0 || other > 0) {
    out.push_back(sayf("{}: {} only here, {} only there", name, readings(mine), readings(other)));
  }
}

}  // namespace

std::vector<std::string> differences(const Case& ours, const Case& theirs) {
  std::vector<std::string> out;
  compareLists(out, say("evidence"), ours.evidence, theirs.evidence);
  compareLists(out, say("proof of the repair"), ours.proof, theirs.proof);
  const std::pair<const char*, bool> rest[] = {
      {say("title, vehicle or tyre"),
       ours.title == theirs.title && ours.vehicle == theirs.vehicle && ours.tyre == theirs.tyre &&
           ours.owner == theirs.owner && ours.plate == theirs.plate &&
           ours.circumferenceM == theirs.circumferenceM},
      {say("the lines"), ours.circuits == theirs.circuits},
      {say("the circuit in question"), ours.suspect == theirs.suspect},
      {say("the complaint and its history"),
       ours.complaint == theirs.complaint && ours.history == theirs.history},
      {say("tools, prices, meter or limits"),
       ours.toolbox == theirs.toolbox && ours.allowed == theirs.allowed &&
           ours.costs == theirs.costs && ours.limits == theirs.limits &&
           ours.meter == theirs.meter},
      {say("the intake"), ours.intake == theirs.intake},
      {say("the repair and how it was closed"),
       ours.repair == theirs.repair && ours.closing == theirs.closing},
  };
  for (const auto& [name, same] : rest) {
    if (!same) {
      out.emplace_back(sayf("{}: not the same", name));
    }
  }
  if (out.empty() && toJson(ours) != toJson(theirs)) {
    out.emplace_back(say("details that are not shown here: not the same"));
  }
  return out;
}

}  // namespace haybale::job
