#include "core/session/session.h"

#include <algorithm>

namespace haybale::diagnosis {

Session::Session(job::Case c, std::string folder, std::shared_ptr<Workroom> room)
    : job_(std::move(c)), folder_(std::move(folder)), room_(std::move(room)) {}

Session::Session(job::Case c, std::string folder)
    : Session(std::move(c), std::move(folder), std::make_shared<Workroom>()) {}

const Assessment& Session::assessed() const {
  if (!assessment_) {
    assessment_ = assessCase(job_, folder_, room_->shelf, {}, &room_->memory);
    assessed_.store(&*assessment_);
  }
  return *assessment_;
}

const Assessment& Session::assessment() const {
  if (const auto* known = knownAssessment()) {
    return *known;
  }
  const std::lock_guard working(room_->busy);
  return assessed();
}

const Proof& Session::proof() const {
  if (const auto* known = knownProof()) {
    return *known;
  }
  const std::lock_guard working(room_->busy);
  if (!proof_) {
    const auto& beliefs = assessed().beliefs;
    proof_ =
        beliefs ? proofOf(beliefs->job(), beliefs->leading(), folder_, room_->shelf, &room_->memory)
                : Proof{};
    proved_.store(&*proof_);
  }
  return *proof_;
}

const SwapOutlook* Session::knownOutlook(const circuit::Test& test) const {
  const std::lock_guard reading(listed_);
  const auto it = std::find_if(outlooks_.begin(), outlooks_.end(),
                               [&](const auto& known) { return known.first == test; });
  return it == outlooks_.end() ? nullptr : &it->second;
}

const SwapOutlook& Session::outlook(const circuit::Test& test) const {
  if (const auto* known = knownOutlook(test)) {
    return *known;
  }
  const std::lock_guard working(room_->busy);
  if (const auto* known = knownOutlook(test)) {
    return *known;
  }
  const auto& beliefs = assessed().beliefs;
  auto made = beliefs ? outlookOf(beliefs->leading(), test) : SwapOutlook{};
  const std::lock_guard writing(listed_);
  return outlooks_.emplace_back(test, std::move(made)).second;
}

std::shared_ptr<const Session> Session::supposing(job::Evidence more) const {
  job::Case supposed = job_;
  supposed.evidence.push_back(std::move(more));
  return std::make_shared<const Session>(std::move(supposed), folder_, room_);
}

}  // namespace haybale::diagnosis
