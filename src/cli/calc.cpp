#include <fmt/format.h>

#include <memory>
#include <ostream>

#include "cli/options.h"
#include "core/base/json.h"
#include "core/physics/copper.h"
#include "core/physics/substitution.h"
#include "core/physics/tyre.h"
#include "core/units/quantity.h"

namespace haybale::cli {

namespace {

using physics::Tyre;
using units::Unit;

// One result line: a name, a value in its base unit, how it reads.
struct Answer {
  std::string name;
  double value;
  std::string text;
};

int print(Streams streams, bool json, const std::vector<Answer>& answers) {
  Json object = Json::object();
  for (const auto& a : answers) {
    object[a.name] = a.value;
    if (!json) {
      streams.out << a.text << "\n";
    }
  }
  if (json) {
    streams.out << object.dump(2) << "\n";
  }
  return kDone;
}

// What the calculations share: how far the wheel rolls in a turn, and the ring.
struct Wheel {
  double teeth = 0;
  double circumference = 0;
  std::string tyre;
  bool json = false;

  [[nodiscard]] Result<double> rolling() const {
    if (circumference > 0) {
      return circumference;
    }
    if (tyre.empty()) {
      return Error{"calc", std::nullopt, "the wheel is not known",
                   "give --circumference 1.93 or --tyre 205/55R16"};
    }
    const auto parsed = physics::parseTyre(tyre);
    return parsed ? Result<double>(parsed->circumferenceM()) : Result<double>(parsed.error());
  }
};

void addWheel(CLI::App& command, Wheel& wheel, bool teeth) {
  if (teeth) {
    command.add_option("--teeth", wheel.teeth, "teeth of the ring")
        ->required()
        ->check(within(1.0, 2000.0));
  }
  auto* circumference = command.add_option("--circumference", wheel.circumference, "metres")
                            ->check(within(0.05, 20.0));
  command.add_option("--tyre", wheel.tyre, "tyre size")->check(notEmpty())->excludes(circumference);
  command.add_flag("--json", wheel.json);
}

using WheelSum =
    std::function<Answer(const Wheel& wheel, double circumference, double x, double y)>;

// A calculation of one or two numbers and the wheel.
void addWheelSum(CLI::App& calc, Action& chosen, const char* name, const char* help,
                 const char* first, const char* second, bool teeth, const WheelSum& sum) {
  struct State {
    Wheel wheel;
    double x = 0;
    double y = 0;
  };
  auto s = std::make_shared<State>();
  auto* command = calc.add_subcommand(name, help);
  command->add_option(first, s->x)->required()->check(within(0.0, 1e9));
  if (second) {
    command->add_option(second, s->y)->required()->check(within(1e-9, 1e9));
  }
  addWheel(*command, s->wheel, teeth);
  command->callback([s, sum, &chosen] {
    chosen = [s, sum](Streams streams) {
      const auto circumference = s->wheel.rolling();
      if (!circumference) {
        return fail(streams, circumference.error(), kUsage);
      }
      return print(streams, s->wheel.json, {sum(s->wheel, *circumference, s->x, s->y)});
    };
  });
}

void addTyre(CLI::App& calc, Action& chosen) {
  struct State {
    std::string size;
    bool json = false;
  };
  auto s = std::make_shared<State>();
  auto* command = calc.add_subcommand("tyre", "Diameter and rolling circumference of a tyre size");
  command->add_option("SIZE", s->size, "as on the sidewall: 205/55R16")->required();
  command->add_flag("--json", s->json);
  command->callback([s, &chosen] {
    chosen = [s](Streams streams) {
      const auto tyre = physics::parseTyre(s->size);
      if (!tyre) {
        return fail(streams, tyre.error(), kUsage);
      }
      return print(
          streams, s->json,
          {{"diameter_m", tyre->diameterM(), fmt::format("diameter {:.3f} m", tyre->diameterM())},
           {"circumference_m", tyre->circumferenceM(),
            fmt::format("rolling circumference {:.3f} m (3.05 x diameter)",
                        tyre->circumferenceM())}});
    };
  });
}

void addWire(CLI::App& calc, Action& chosen) {
  struct State {
    double length = 0;
    double area = 0;
    int awg = 0;
    double celsius = 20;
    bool json = false;
  };
  auto s = std::make_shared<State>();
  auto* command = calc.add_subcommand("wire", "Resistance of a copper wire");
  command->add_option("--length", s->length, "metres")->required()->check(within(0.0, 1e6));
  auto* area = command->add_option("--area", s->area, "mm2")->check(within(1e-4, 1e4));
  auto* awg = command->add_option("--awg", s->awg, "gauge, in place of the area")
                  ->check(within(0, 40))
                  ->excludes(area);
  command->add_option("--celsius", s->celsius)->check(within(-60.0, 250.0));
  command->add_flag("--json", s->json);
  command->callback([s, area, awg, &chosen] {
    const bool known = area->count() + awg->count() > 0;
    const bool byGauge = awg->count() > 0;
    chosen = [s, known, byGauge](Streams streams) {
      if (!known) {
        return fail(streams,
                    {"calc wire", std::nullopt, "the cross-section is not known",
                     "give --area 0.5 or --awg 20"},
                    kUsage);
      }
      const double mm2 = byGauge ? physics::awgAreaMm2(s->awg) : s->area;
      const double ohm = physics::wireOhm(s->length, mm2, s->celsius);
      return print(streams, s->json,
                   {{"area_mm2", mm2, fmt::format("cross-section {:.4g} mm\xC2\xB2", mm2)},
                    {"ohm", ohm, "resistance " + units::format(ohm, Unit::ohm, 4)}});
    };
  });
}

void addCoil(CLI::App& calc, Action& chosen) {
  struct State {
    double ohm = 0;
    double from = 20;
    double to = 20;
    bool json = false;
  };
  auto s = std::make_shared<State>();
  auto* command = calc.add_subcommand("coil", "A copper coil's resistance at another temperature");
  command->add_option("--ohm", s->ohm, "measured resistance")->required()->check(within(0.0, 1e9));
  command->add_option("--from", s->from, "degrees Celsius it was measured at")
      ->check(within(-60.0, 250.0));
  command->add_option("--to", s->to, "degrees Celsius wanted")->check(within(-60.0, 250.0));
  command->add_flag("--json", s->json);
  command->callback([s, &chosen] {
    chosen = [s](Streams streams) {
      const double ohm = physics::copperOhmAt(s->ohm, s->from, s->to);
      return print(streams, s->json,
                   {{"ohm", ohm,
                     fmt::format("{} at {:g} \xC2\xB0"
                                 "C",
                                 units::format(ohm, Unit::ohm, 4), s->to)}});
    };
  });
}

void addInjection(CLI::App& calc, Action& chosen) {
  struct State {
    double supply = 12;
    double milliampere = 0;
    double sense = 0;
    bool json = false;
  };
  auto s = std::make_shared<State>();
  auto* command = calc.add_subcommand(
      "injection", "Resistor that draws a sensor's current from an active input");
  command->add_option("--supply", s->supply, "volts at the open input")
      ->required()
      ->check(within(0.1, 60.0));
  command->add_option("--milliampere", s->milliampere, "7 or 14")
      ->required()
      ->check(within(0.1, 100.0));
  command->add_option("--sense", s->sense, "the module's sense resistor in ohm")
      ->check(within(0.0, 10000.0));
  command->add_flag("--json", s->json);
  command->callback([s, &chosen] {
    chosen = [s](Streams streams) {
      const double ampere = s->milliampere / 1000;
      const double ohm = physics::injectionOhm(s->supply, ampere, s->sense);
      if (ohm <= 0) {
        return fail(streams,
                    {"calc injection", std::nullopt,
                     "that current cannot be reached through this sense resistor",
                     "a higher supply or a lower current"},
                    kCannot);
      }
      const double watt = ampere * ampere * ohm;
      return print(streams, s->json,
                   {{"ohm", ohm, "resistor " + units::format(ohm, Unit::ohm, 3)},
                    {"watt", watt, fmt::format("it turns {:.2f} W into heat", watt)}});
    };
  });
}

void addSalt(CLI::App& calc, Action& chosen) {
  struct State {
    double water = 355;
    double percent = 5;
    bool json = false;
  };
  auto s = std::make_shared<State>();
  auto* command = calc.add_subcommand("salt", "Salt water for reproducing a wet fault");
  command->add_option("--water", s->water, "grams of water (12 US fl oz are 355)")
      ->check(within(1.0, 1e6));
  command->add_option("--percent", s->percent, "by mass")->check(within(0.1, 26.0));
  command->add_flag("--json", s->json);
  command->callback([s, &chosen] {
    chosen = [s](Streams streams) {
      const double grams = physics::saltGrams(s->water, s->percent);
      // The trade's recipe is two teaspoons, about 6 g each, in 12 US fl oz, whatever it is called.
      const double recipe = physics::saltPercent(12 * s->water / 355, s->water);
      return print(
          streams, s->json,
          {{"salt_g", grams,
            fmt::format("{:.1f} g salt in {:.0f} g water make {:g} % by mass", grams, s->water,
                        s->percent)},
           {"recipe_percent", recipe,
            fmt::format("two teaspoons (12 g) in 12 US fl oz make {:.1f} %, not 5 %: weigh it",
                        recipe)}});
    };
  });
}

}  // namespace

void addCalc(CLI::App& app, Action& chosen) {
  auto* calc = app.add_subcommand("calc", "Sums of the trade");
  calc->require_subcommand(1);
  addWheelSum(*calc, chosen, "speed", "Road speed from tooth frequency", "--hz", nullptr, true,
              [](const Wheel& w, double c, double hz, double) {
                const double kmh = physics::speedKmh(hz, w.teeth, c);
                return Answer{"kmh", kmh, units::format(kmh, Unit::kmh, 4)};
              });
  addWheelSum(*calc, chosen, "frequency", "Tooth frequency from road speed", "--kmh", nullptr, true,
              [](const Wheel& w, double c, double kmh, double) {
                const double hz = physics::toothHz(kmh, w.teeth, c);
                return Answer{"hz", hz, units::format(hz, Unit::hertz, 4)};
              });
  addWheelSum(*calc, chosen, "teeth", "Teeth of a ring from frequency and speed", "--hz", "--kmh",
              false, [](const Wheel&, double c, double hz, double kmh) {
                const double teeth = hz * c / (kmh / 3.6);
                return Answer{"teeth", teeth, fmt::format("{:.1f} teeth", teeth)};
              });
  addTyre(*calc, chosen);
  addWire(*calc, chosen);
  addCoil(*calc, chosen);
  addInjection(*calc, chosen);
  addSalt(*calc, chosen);
}

}  // namespace haybale::cli
