#include "core/verdict/hinge.h"

#include <algorithm>

#include "core/base/say.h"
#include "core/priors/priors.h"
#include "core/verdict/clash.h"

namespace haybale::diagnosis {

using priors::Id;
using priors::of;

namespace {

bool takenOnce(const job::Case& c, const job::Evidence& e) {
  return std::count_if(c.evidence.begin(), c.evidence.end(), [&](const job::Evidence& other) {
           return !other.withdrawn && circuit::sameTest(other.test, e.test);
         }) == 1;
}

// Share of the cells marked in `leads` had the k-th reading not been taken.
double shareWithout(const Belief& belief, std::size_t k, const std::vector<char>& leads) {
  double lead = 0, all = 0;
  const auto& cells = belief.cells();
  const auto& weighed = belief.weighed(k);
  for (std::size_t i = 0; i < cells.size(); ++i) {
    const double weight = cells[i].weight / weighed[i];
    all += weight;
    lead += leads[cells[i].hypothesis] ? weight : 0;
  }
  return all > 0 ? lead / all : 1;
}

std::optional<std::size_t> hingeOf(const Conclusion& out, const Belief& belief) {
  const double top = leadingShare(out);
  const auto& first = out.suspects.front();
  if (first.element.empty() || top < of(Id::settled) || top > of(Id::hingeSettled)) {
    return std::nullopt;
  }
  std::vector<char> leads;
  for (const auto& h : belief.hypotheses()) {
    leads.push_back(h.element == first.element && h.fault != Fault::other ? 1 : 0);
  }
  std::optional<std::size_t> hinge;
  double most = of(Id::hingeSlip);
  const auto& c = belief.vehicle().job();
  for (std::size_t k = 0; k < belief.weighings().size(); ++k) {
    const auto& w = belief.weighings()[k];
    const auto& e = c.evidence[w.evidence];
    const bool own = e.reading.value && e.test.circuit == c.suspect && takenOnce(c, e);
    if (own && w.mistake > most && shareWithout(belief, k, leads) < of(Id::hinge)) {
      most = w.mistake;
      hinge = w.evidence;
    }
  }
  return hinge;
}

}  // namespace

void sayHinge(Conclusion& out, const Belief& belief, const std::vector<ReadingView>& views) {
  out.hinge = hingeOf(out, belief);
  if (out.hinge) {
    const auto& test = belief.vehicle().job().evidence[*out.hinge].test;
    out.reasons.push_back(sayf(
        "All hangs on {} ({}): take it once more, at a second contact, before anything is opened.",
        *out.hinge < views.size() ? views[*out.hinge].shown : say("it"), whereTaken(test)));
  }
}

}  // namespace haybale::diagnosis
