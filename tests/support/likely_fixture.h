// The likelihoods themselves, on a job with four typical circuits and RR in question.
#pragma once

#include "core/belief/learn.h"
#include "core/belief/likelihood.h"
#include "support/job_fixture.h"

namespace haybale::diagnosis {

class Likely : public Job {
 protected:
  Likely() : vehicle_(c), model_(vehicle_), values_(learnParameters(c, *c.find("RR")).central) {}

  [[nodiscard]] circuit::Test test(circuit::TestKind kind) const {
    circuit::Test t;
    t.kind = kind;
    t.circuit = "RR";
    t.state.key = circuit::defaultKey(kind);
    return t;
  }
  [[nodiscard]] double look(const Hypothesis& h, const std::string& at, job::Sight sight,
                            bool pulled = false) const {
    auto t = test(circuit::TestKind::inspect);
    t.looked = at;
    if (pulled) {
      t.state.disturb = circuit::Disturb{circuit::DisturbKind::pull, at};
    }
    job::Reading r;
    r.sight = sight;
    return model_.inspect(t, r, h);
  }
  [[nodiscard]] double waved(const Hypothesis& h, const TraceFacts& facts,
                             double severity = 1) const {
    auto t = test(circuit::TestKind::waveform);
    t.state.wheel = circuit::WheelMotion::spun;
    t.state.unplugged = {"module"};
    t.red = circuit::Probe{{circuit::Place::Kind::modulePlug, "module"}, circuit::WireId::a};
    t.black = circuit::Probe{{circuit::Place::Kind::modulePlug, "module"}, circuit::WireId::b};
    return model_.waveform(t, facts, worldOf(h, severity, values_), values_);
  }
  static TraceFacts sound(std::size_t pulses = 200) {
    TraceFacts f;
    f.pulses = pulses;
    f.outputRatio = 1;
    return f;
  }

  Vehicle vehicle_;
  ReadingModel model_;
  circuit::ParameterPoint values_;
};

}  // namespace haybale::diagnosis
