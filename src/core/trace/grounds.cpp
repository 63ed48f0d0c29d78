#include "core/trace/grounds.h"

#include <algorithm>
#include <cmath>

#include "core/base/say.h"
#include "core/trace/findings.h"

namespace haybale::trace {

namespace {

// Beyond these a figure of the record is worth a word. Common practice, no source.
constexpr double kWorthUneven = 5;
constexpr double kWorthNoise = 0.05;
constexpr double kWorthSteps = 20;
constexpr double kSureRing = 0.95;

class Weigher {
 public:
  Weigher(const ChannelAnalysis& a, const Finding& f) : a_(a), f_(f) {}

  Grounds weigh() {
    switch (f_.code) {
      case Code::healthy:
        sound();
        break;
      case Code::missingTooth:
      case Code::damagedTooth:
      case Code::crackedRing:
      case Code::ringRunout:
        ofTheRing();
        break;
      case Code::intermittentOpen:
      case Code::intermittentShort:
      case Code::noisy:
        ofTheLine();
        break;
      case Code::biasShift:
        step();
        break;
      case Code::noSignal:
        silence();
        break;
      case Code::wideGap:
      case Code::weakOutput:
        weak();
        break;
      default:
        speaksFor(f_.text);
    }
    ofTheRecord();
    if (out_.speaksFor.empty()) {
      speaksFor(f_.text);
    }
    return std::move(out_);
  }

 private:
  void speaksFor(std::string text) { out_.speaksFor.push_back(std::move(text)); }
  void speaksAgainst(std::string text) { out_.speaksAgainst.push_back(std::move(text)); }
  [[nodiscard]] std::string level(double value) const { return units::format(value, a_.unit); }

  void sound() {
    speaksFor(sayf("{} pulses followed each other without one missing.", a_.pulseCount));
    speaksFor(sayf("Their distances scatter by {:.1f} %.", std::max(0.1, a_.unevenPercent)));
    if (a_.ring && a_.ring->turns >= 2) {
      speaksFor(sayf("The ring passed {:.1f} times, every tooth as the others.", a_.ring->turns));
    }
    speaksAgainst(
        say("What only shows wet, warm, or when the loom is moved is not in this record."));
  }

  // Of the ring: what comes again at the same place is bound to it.
  void ofTheRing() {
    if (!a_.ring || a_.ring->turns < 2) {
      speaksFor(say("It came once, at even speed, the pulses before and behind it as the others."));
      speaksAgainst(
          say("The ring did not pass twice: nobody saw whether it comes again at that place."));
      return;
    }
    speaksFor(sayf("The ring passed {:.1f} times.", a_.ring->turns));
    if (f_.code == Code::ringRunout) {
      swell();
      return;
    }
    for (const auto& t : a_.ring->irregular) {
      if (isMeant(t)) {
        tooth(t);
      }
    }
    if (a_.dropouts.empty()) {
      speaksFor(say("Nowhere else is a pulse missing, as a loose contact would have it."));
    }
  }

  void swell() {
    speaksFor(
        sayf("The output swells by {:.0f} % once a turn; that explains {:.0f} % of how it "
             "varies.",
             a_.ring->runoutPercent.value_or(0), 100 * a_.ring->runoutShare));
    speaksAgainst(say("A hand that turns unevenly once a turn swells the output, too."));
  }

  // Whether the finding is of this tooth: of its kind, and shown at its first pass.
  [[nodiscard]] bool isMeant(const IrregularTooth& t) const {
    const bool missing = t.kind == ToothKind::missing;
    return missing == (f_.code == Code::missingTooth) && f_.place == firstPass(a_, t.position);
  }

  void tooth(const IrregularTooth& t) {
    if (t.seen < t.of) {
      speaksAgainst(sayf("Tooth {} showed it in only {} of {} turns.", t.position, t.seen, t.of));
    }
    speaksFor(
        sayf("Tooth {} showed it in {} of {} turns, at the same place.", t.position, t.seen, t.of));
  }

  // Of the line: what follows no tooth is none of the ring.
  void ofTheLine() {
    std::size_t same = 0;
    double least = 1e300, most = -1e300, shortest = 1e300;
    for (const auto& d : a_.dropouts) {
      const Code code = d.kind == DropoutKind::noise ? Code::noisy
                        : d.pulled                   ? Code::intermittentShort
                                                     : Code::intermittentOpen;
      if (code == f_.code) {
        ++same;
        least = std::min(least, d.level);
        most = std::max(most, d.level);
        shortest = std::min(shortest, d.endS - d.startS);
      }
    }
    if (same == 0) {
      speaksFor(sayf("The distances of the pulses scatter by {:.0f} %.", a_.unevenPercent));
      speaksAgainst(say("A wheel turned by jerks scatters them as well."));
      return;
    }
    speaksFor(same == 1 ? say("It happened once.") : sayf("It happened {} times.", same));
    if (f_.code != Code::noisy) {
      speaksFor(least == most ? sayf("The line stood at {} meanwhile; it rests at {}.",
                                     level(least), level(a_.levels.bias))
                              : sayf("The line stood between {} and {} meanwhile; it rests at {}.",
                                     level(least), level(most), level(a_.levels.bias)));
    }
    if (a_.frequencyHz && shortest < 1e300) {
      speaksFor(
          sayf("The shortest lasted as long as {:.1f} teeth.", shortest * a_.frequencyHz->median));
    }
    if (same == 1) {
      speaksAgainst(say("A knock on the probe looks the same: record it once more."));
    }
    if (f_.code == Code::intermittentOpen && !a_.lineOnly) {
      speaksAgainst(say("A wheel stopped by hand within a tooth looks the same."));
    }
  }

  void step() {
    speaksFor(a_.levelSteps > 0
                  ? sayf("The level went from {} to {} within a cycle or two and stayed.",
                         level(a_.levelFrom), level(a_.levelTo))
                  : sayf("The line was seen at {} and at {} while no wheel turned.",
                         level(a_.levels.min), level(a_.levels.max)));
    speaksAgainst(say("A change of the instrument's range or coupling moves the level, too."));
  }

  void silence() {
    speaksFor(sayf("In {} the line moved by {} at most.",
                   units::format(a_.durationS, units::Unit::second),
                   level(a_.levels.max - a_.levels.min)));
    speaksAgainst(say("A wheel that stands, or a probe that is off, looks the same."));
  }

  void weak() {
    if (a_.fluxSwingMwb) {
      speaksFor(
          sayf("The output is {:.2g} mWb of flux swing, whatever the speed.", *a_.fluxSwingMwb));
    }
    if (a_.ring && a_.ring->irregular.empty()) {
      speaksFor(
          say("All teeth are as weak as each other: it is not the ring's doing at one place."));
    }
    speaksAgainst(
        say("The good wheel tells what is weak on this vehicle; a probe at ten to one that is read "
            "at one to one makes any output small."));
  }

  // What the record itself leaves open, whatever is found.
  void ofTheRecord() {
    if (a_.ring && a_.ring->estimated && a_.ring->sureness < kSureRing) {
      speaksAgainst(sayf("That the ring has {} teeth is guessed from the record, {:.0f} % sure.",
                         a_.ring->teeth, 100 * a_.ring->sureness));
    }
    if (f_.code != Code::noisy && f_.code != Code::healthy && a_.unevenPercent > kWorthUneven) {
      speaksAgainst(
          sayf("The wheel was turned unevenly: distances scatter by {:.0f} %.", a_.unevenPercent));
    }
    if (a_.levels.peakToPeak > 0 && a_.levels.noiseRms > kWorthNoise * a_.levels.peakToPeak) {
      speaksAgainst(sayf("Noise is {:.0f} % of the signal.",
                         100 * a_.levels.noiseRms / a_.levels.peakToPeak));
    }
    if (a_.converterStep > 0 && a_.levels.peakToPeak < kWorthSteps * a_.converterStep &&
        a_.levels.peakToPeak > 0) {
      speaksAgainst(sayf("The signal is only {:.0f} steps of the instrument high.",
                         a_.levels.peakToPeak / a_.converterStep));
    }
    if (a_.gaps > 0) {
      speaksAgainst(sayf("Samples are lost at {} places.", a_.gaps));
    }
  }

  const ChannelAnalysis& a_;
  const Finding& f_;
  Grounds out_;
};

}  // namespace

Grounds groundsOf(const ChannelAnalysis& analysis, const Finding& finding) {
  return Weigher(analysis, finding).weigh();
}

}  // namespace haybale::trace
