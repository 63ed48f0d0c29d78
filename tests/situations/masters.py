"""Worked situations over all kinds of circuit, and what a master of the trade concludes from them.

Facts of the trade: common practice, no published source, unless a line says otherwise. Copper 0.393 % a kelvin:
IEC 60028, from memory. Pulse widths 45/90 us: makers' PWM-protocol datasheets, from memory.

Usage: masters.py [NAME...]; exit 1 when one is not as a master has it."""
import sys

import corners  # noqa: F401 -- rules that are easily forgotten
import further  # noqa: F401 -- more of them, by the same rules
from lib import CASES, Situation, WHEELS, case, flat, sine, square, telegrams

def part_cures(a):
    """Odds that the options give to buying a sensor, ring or module."""
    return max([o["cures"] for o in a.options if o["kind"] == "fit"] or [0])


@case(harm=True)
def unloaded_volts():
    s = Situation("FL", connectors=1)
    s.volts("FL", "a", 4.7).volts("FR", "a", 4.7)
    a = s.ask()
    yield a.state != "isolated", a.told()
    yield "unloaded-volts" in a.traps, a.traps
    t = a.tests[0]["test"]
    yield t["kind"] in ("codes", "live-speed", "resistance", "inspect") or not t["state"].get("unplugged"), t


@case(harm=True)
def hot_coil_typed():
    s = Situation("RL")
    for c, ohm, celsius in (("RL", 1620, 95), ("RR", 1258, 20)):
        s.add("resistance", c, {"ohm": ohm, "celsius": celsius}, "module a", "module b", key="off",
              unplugged=["module"])
    a = s.ask()
    yield a.p(fault="resistive") < 0.2 and a.p("sensor", "wrong-sensor") < 0.2, a.told()


@case(harm=True)
def hot_coil_unknown():
    s = Situation("RL")
    s.pair("RL", 1620).pair("RR", 1258)
    a = s.ask()
    yield a.state != "isolated", a.told()
    yield "hot-coil" in a.traps, a.traps


def spins(with_hz):
    s = Situation("RL")
    s.pair("RL", 1190).pair("RR", 1205)
    for c, v, hz in (("RR", 0.61, 90), ("RL", 0.20, 30)):
        reading = {"volt_rms": v, **({"hz": hz} if with_hz else {})}
        s.add("ac-voltage", c, reading, "C2.wheel-side a", "C2.wheel-side b", wheel="spun", unplugged=["C2"])
    return s.ask()


@case(harm=True)
def unequal_spin():
    a = spins(True)
    yield a.p("sensor", "sensor-weak") + a.p("sensor", "wide-gap") + a.p("sensor", "debris") < 0.35, a.told()
    yield "unequal-spin" in a.traps, a.traps


@case(harm=True)
def unknown_spin():
    a = spins(False)
    yield a.state != "isolated", a.told()
    yield "unequal-spin" in a.traps, a.traps


@case(harm=True)
def debris_seen():
    s = Situation("FL", when=("creep",))
    s.pair("FL", 1190).pair("FR", 1205)
    for c, v in (("FR", 0.60), ("FL", 0.132)):
        s.add("ac-voltage", c, {"volt_rms": v, "hz": 60}, "C2.wheel-side a", "C2.wheel-side b", wheel="spun",
              unplugged=["C2"])
    s.look("sensor", "debris")
    a = s.ask()
    yield a.p("sensor", "debris") > 0.5, a.told()
    yield a.first_work()["kind"] == "clean", a.options
    yield a.options[0]["kind"] in ("clean", "measure"), a.options


@case()
def cracked_ring_is_no_wire():
    s = Situation("RR", teeth=50)
    rate, hz = 20000, 60.0
    period = 1 / hz
    values, t, turn = [], 0.0, []
    import math
    for tooth in range(50 * 4):
        length = period * (1.6 if tooth % 50 == 49 else 1.0)
        n = int(round(length * rate))
        values += [0.5 * math.sin(2 * math.pi * i / n) if length == period else
                   (0.5 * math.sin(2 * math.pi * i / (period * rate)) if i < period * rate else 0.0) for i in range(n)]
    s.trace("RR", values, rate, plugged=False, red="C2.wheel-side a", black="C2.wheel-side b")
    s.pair("RR", 1200).pair("RL", 1210)
    a = s.ask()
    yield a.p("ring") > 0.6, a.told()
    yield a.p(fault="intermittent-open") < 0.2, a.told()


@case(harm=True)
def return_open():
    s = Situation("RL", kind="active")
    for c, va, vb in (("RL", 10.8, 10.8), ("RR", 9.9, 0.0)):
        s.volts(c, "a", va, plugged=True).volts(c, "b", vb, plugged=True)
    a = s.ask()
    yield a.p(fault="open", wire="b") > 0.6, a.told()
    yield a.p("sensor") < 0.1, a.told()


@case(harm=True)
def reversed_at_the_splice():
    s = Situation("RR", kind="active", splice=True)
    s.case["complaint"]["earlier_repair"] = ["S1"]
    s.case["history"] = [{"element": "S1", "what": "repaired", "when": "before"}]
    s.volts("RL", "a", 9.6).volts("RL", "b", 0.0)
    s.volts("RR", "b", 9.6).volts("RR", "a", 0.0)
    s.add("dc-voltage", "RR", {"volt": 9.6}, "L2@0.5 a", "ground", unplugged=["C2"])
    s.add("dc-voltage", "RR", {"volt": 0.0}, "L2@0.5 b", "ground", unplugged=["C2"])
    s.case["allowed"].append("pierce")
    a = s.ask()
    yield a.p(fault="reversed") > 0.6, a.told()
    yield a.p("S1", "reversed") > 0.3, a.told()
    yield "wires back" in a.verdict["action"] and "no part" in a.verdict["action"], a.verdict


@case(harm=True)
def active_ohms():
    s = Situation("RR", kind="active")
    s.pair("RR", "OL")
    s.add("resistance", "RR", {"ohm": 3.4e6}, "C2.wheel-side b", "C2.wheel-side a", key="off", unplugged=["C2"])
    a = s.ask()
    yield "active-ohms" in a.traps, a.traps
    yield a.state != "isolated", a.told()
    yield a.p("sensor") < 0.65, a.told()


def active_trace(values, history=None):
    s = Situation("RR", kind="active")
    s.trace("RL", square(0.63, 1.26, 66, 2, 4000), 4000, red="C2.module-side b")
    s.trace("RR", values, 4000, red="C2.module-side b")
    if history:
        s.case["history"] = history
    return s.ask()


@case()
def flat_at_the_low_current():
    a = active_trace(flat(0.63, 2, 4000))
    yield a.p("ring") + a.p("sensor") > 0.7, a.told()
    yield a.p(fault="open") < 0.15, a.told()


@case(harm=True)
def flat_at_nothing():
    a = active_trace(flat(0.0, 2, 4000))
    yield a.p("ring") + a.p(fault="wide-gap") + a.p(fault="debris") < 0.15, a.told()


@case(harm=True)
def current_beside_the_sensor():
    a = active_trace(square(1.0, 1.63, 66, 2, 4000))
    yield a.p(fault="wires-touching") + a.p(fault="leak") + a.p(fault="short-to-supply") > 0.5, a.told()


@case(harm=True)
def bearing_the_wrong_way_round():
    a = active_trace(flat(0.63, 2, 4000),
                     [{"element": "ring", "what": "replaced", "part": "wheel bearing", "when": "before"}])
    top = sorted(a.out["suspects"], key=lambda s: -s["probability"])[:3]
    yield any(s["fault"] == "encoder-reversed" for s in top), a.told()
    yield not (a.state == "isolated" and a.verdict["element"] == "sensor"), a.verdict
    yield a.cure("fit", "sensor") < 0.8, a.options


@case(harm=True)
def coded_at_hand_speed():
    s = Situation("RR", kind="active-pwm")
    s.trace("RR", telegrams(90e-6, 0.7, 1.4, 48, 1.0, 200000, noise=0.005), 200000, red="C2.module-side b")
    a = s.ask()
    yield a.p(fault="intermittent-open") + a.p(fault="intermittent-short") < 0.3, a.told()
    yield a.state != "contradictory", a.verdict


@case()
def reserve_used_up():
    s = Situation("RR", kind="active-pwm")
    s.trace("RL", telegrams(90e-6, 0.7, 1.4, 82, 0.6, 200000), 200000, red="C2.module-side b")
    s.trace("RR", telegrams(45e-6, 0.7, 1.4, 82, 0.6, 200000), 200000, red="C2.module-side b")
    a = s.ask()
    gap = a.p(fault="wide-gap") + a.p(fault="debris") + a.p("ring")
    yield gap > a.wiring(), a.told()


@case(harm=True)
def hall_without_supply():
    s = Situation("RR", kind="hall")
    for c in s.case["circuits"]:
        c["wires"] = {"a": {"role": "signal"}, "b": {"role": "return"}, "c": {"role": "supply"}}
    s.volts("RL", "c", 8.4).volts("RR", "c", 0.1)
    s.codes([("RR", "open")])
    a = s.ask()
    good = a.p(fault="open", wire="c") + a.p(fault="short-to-ground", wire="c") + a.p("module", "no-supply") + \
        a.p("module", "latched-off") + a.p(fault="leak", wire="c")
    yield good > 0.5, a.told()
    yield a.cure("fit", "module") < 0.5, a.options


@case(harm=True)
def all_four_dead():
    s = Situation("FR")
    s.codes([(w, "no-signal") for w in WHEELS], wheel="driven", speed_kmh=35)
    s.speeds({w: 0.0 for w in WHEELS}, speed_kmh=35)
    a = s.ask()
    yield a.p("module", "module-power") > 0.5, a.told()
    yield a.p("sensor") < 0.2, a.told()


@case()
def only_one_dead():
    s = Situation("FR")
    s.codes([("FR", "no-signal")], wheel="driven", speed_kmh=35)
    s.speeds({w: 0.0 if w == "FR" else 35.0 for w in WHEELS}, speed_kmh=35)
    a = s.ask()
    yield a.p("module", "module-power") < 0.1, a.told()
    yield a.p("sensor") + a.wiring() + a.p("ring") > 0.7, a.told()


@case(harm=True)
def another_wheel_moves():
    s = Situation("FR")
    s.speeds({"FL": 4.4, "FR": 0.0, "RL": 0.0, "RR": 0.0}, wheel="spun")
    a = s.ask()
    yield a.p(fault="circuits-exchanged") > 0.5, a.told()
    yield a.first_work()["kind"] != "fit", a.options


@case(harm=True)
def only_on_the_lift():
    s = Situation("RR")
    s.case["complaint"]["lift"] = True
    s.speeds({"RR": 0.0, "RL": 24.0, "FL": 0.0, "FR": 0.0})
    a = s.ask()
    yield a.state != "isolated", a.told()
    yield a.none() > 0.1, a.told()


@case()
def the_same_on_the_road():
    s = Situation("RR")
    s.speeds({"RR": 0.0, "RL": 24.0, "FL": 24.0, "FR": 24.0})
    a = s.ask()
    yield a.none() < 0.1, a.told()


@case()
def forty_teeth_for_48():
    s = Situation("RR")
    s.case["history"] = [{"element": "ring", "what": "replaced", "part": "hub", "when": "before"}]
    s.speeds({"RR": 33.3, "RL": 40.0, "FL": 40.0, "FR": 40.0}, speed_kmh=40)
    a = s.ask()
    yield a.p("ring", "ring-wrong-count") > 0.5, a.told()


@case(harm=True)
def both_rears_low():
    s = Situation("RR")
    s.speeds({"RR": 38.0, "RL": 38.0, "FL": 40.0, "FR": 40.0}, speed_kmh=40)
    a = s.ask()
    yield a.p(fault="wrong-tyre") > a.p("ring") and a.p(fault="wrong-tyre") > a.p("sensor"), a.told()


def differential(ohm):
    wheels = {"FL": "front left", "FR": "front right", "DIFF": "rear differential"}
    s = Situation("DIFF", wheels=wheels)
    s.circuit("DIFF")["limits"] = {"coil_ohm": {"min": 1900, "max": 2300, "source": "service information"}}
    s.pair("FL", 1150).pair("FR", 1150).pair("DIFF", ohm)
    return s.ask()


@case(harm=True)
def differential_is_sound():
    a = differential(2050)
    yield a.p("sensor") < 0.4 and a.state != "isolated", a.told()


@case()
def differential_like_the_fronts():
    a = differential(1160)
    yield a.p("sensor") > max(a.p("C2"), a.p("L2"), a.p("ring"), a.none()), a.told()


@case(harm=True)
def shaft_is_no_specification():
    wheels = {"SH": "propeller shaft", "RL": "rear left", "RR": "rear right"}
    s = Situation("RR", wheels=wheels)
    for c, ohm, v in (("SH", 620, 2.5), ("RL", 1310, 5.0), ("RR", 1300, 5.0)):
        s.pair(c, ohm).volts(c, "a", v)
    a = s.ask()
    yield a.wiring() + a.p("sensor", "wrong-sensor") + a.p("module") < 0.75, a.told()
    yield a.state != "isolated", a.told()


@case(harm=True)
def replaced_in_vain():
    def odds(history):
        s = Situation("RR", when=("key-on",))
        s.codes([("RR", "open")])
        if history:
            s.case["history"] = [{"element": "sensor", "what": "replaced", "cured": False, "when": "after"}]
        return s.ask().p("sensor")
    before, after = odds(False), odds(True)
    yield after <= before / 2, (before, after)


@case()
def when_it_shows():
    def gap(when):
        a = Situation("RR", when=(when,)).codes([("RR", "no-signal")], wheel="driven").ask()
        return a.p("ring") + a.p(fault="wide-gap") + a.p(fault="debris")
    key, turn, creep = gap("key-on"), gap("after-first-turn"), gap("creep")
    yield turn > 1.5 * key and creep > 1.5 * key, (key, turn, creep)


@case(harm=True)
def void_set_ups():
    def base():
        return Situation("RR").pair("RL", 1200)
    plain = base().ask()
    for add in (lambda s: s.add("resistance", "RR", {"ohm": 130}, "C2.module-side a", "C2.module-side b", key="on",
                                unplugged=["C2"]),
                lambda s: s.add("ac-voltage", "RR", {"volt_rms": 0.0}, "C2.wheel-side a", "C2.wheel-side b",
                                wheel="still", unplugged=["C2"]),
                lambda s: s.volts("RR", "a", 0.0, key="off")):
        a = add(base()).ask()
        yield any(t["code"] == "void-set-up" and t["evidence"] == 1 for t in a.out["traps"]), a.out["traps"]
        yield abs(a.p("sensor") - plain.p("sensor")) < 0.01, (a.told(), plain.told())


@case()
def round_numbers():
    s = Situation("RR")
    s.volts("RL", "a", 3.0, digits="3.00").volts("RL", "b", 3.0, digits="3.00")
    s.volts("RR", "a", 3.0, digits="3.00").volts("RR", "b", 0.0, digits="0.00")
    a = s.ask()
    yield a.p(wire="b") + a.p("module") > 0.6, a.told()
    yield a.p(wire="b") > 5 * a.p(wire="a"), a.told()


@case(harm=True)
def free_first():
    s = Situation("RR", tools=("multimeter", "scope", "scan-tool", "jumper-leads", "test-lamp", "signal-source"))
    a = s.ask()
    yield a.tests[0]["test"]["kind"] in ("codes", "live-speed", "inspect"), a.tests[0]["test"]
    for t in a.tests:
        test = t["test"]
        pins = [l for l in ("red", "black") if (test.get(l) or {}).get("place") == "module.pins"]
        yield not (pins and test["kind"] == "dc-voltage"), test
        yield len(t["steps"]) >= 2 and len(t["cautions"]) >= 1, t
        harms = bool(test["state"].get("jumper") and test["kind"] == "codes") or test["kind"] == "lamp" or \
            test["state"].get("wheel") in ("spun", "driven") or bool(test["state"].get("inject")) or \
            (test["state"].get("disturb") or {}).get("kind") in ("wet", "heat")
        yield not harms or len(t["cautions"]) >= 2, t


@case(harm=True)
def wet_untouched():
    a = Situation("RR", when=("wet",)).ask()
    for t in a.tests[:3]:
        yield t["intrusion"] == "none", t["test"]


@case(harm=True)
def cleared_and_back():
    s = Situation("RR", kind="active")
    s.volts("RL", "a", 12.4).volts("RR", "a", 0.0)
    s.codes([])
    s.volts("RR", "a", 12.4)
    a = s.ask()
    cured = a.p("module", "latched-off") + a.none()
    yield cured > max(a.p("sensor"), a.p("ring"), a.p("C2"), a.p("L2")) and cured > 0.35, a.told()
    yield a.cure("fit", "module") < 0.1, a.options


@case(harm=True)
def everything_right():
    s = Situation("RR")
    s.pair("RR", 1200).pair("RL", 1205).volts("RR", "a", 5.0).volts("RL", "a", 5.0)
    s.codes([], wheel="driven").speeds({w: 30.0 for w in WHEELS})
    a = s.ask()
    yield part_cures(a) <= 0.3, a.options


def main():
    wanted = set(sys.argv[1:])
    bad, harmed = [], []
    for name, make, harm in CASES:
        if wanted and name not in wanted:
            continue
        try:
            wrong = [str(why)[:600] for right, why in make() if not right]
        except Exception as problem:  # noqa: BLE001 -- told, and counted as wrong
            wrong = [repr(problem)[:600]]
        if wrong:
            bad.append(name)
            harmed += [name] if harm else []
            print(f"WRONG {name}{' (harm)' if harm else ''}")
            for why in wrong[:3]:
                print("   ", why)
    print(f"{len(CASES) - len(bad)} of {len(CASES)} as a master has it; of those that would harm {len(harmed)} wrong")
    return 1 if bad else 0


if __name__ == "__main__":
    sys.exit(main())
