"""Situations in which a rule of the trade decides that is easily forgotten: the maker's limits, the chart, polarity,
work done before, a supply that is low everywhere. Facts: common practice, no published source."""
import math
import random

from lib import Situation, case, flat, sine, square, telegrams


def worked(s, element, what, before=True, part=None):
    entry = {"circuit": s.case["suspect"], "element": element, "what": what, "cured": False,
             "when": "before" if before else "after"}
    s.case.setdefault("history", []).append({**entry, **({"part": part} if part else {})})
    return s


def makers_limits(s, low, high):
    s.circuit(s.case["suspect"])["limits"] = {"coil_ohm": {"min": low, "max": high, "source": "service information"}}
    return s


@case(harm=True)
def makers_limits_beat_the_good_wheel():
    s = makers_limits(Situation("RL"), 950, 1100)
    a = s.pair("RL", 1240, celsius=20).pair("RR", 1235, celsius=20).ask()
    yield a.p("sensor") > 0.5, a.told()
    yield a.state != "isolated", a.state


@case()
def within_the_makers_limits():
    s = makers_limits(Situation("RL"), 950, 1300)
    a = s.pair("RL", 1240, celsius=20).ask()
    yield a.p("sensor", "wrong-sensor") < 0.1, a.told()


@case()
def beyond_them_without_a_temperature():
    a = makers_limits(Situation("RL"), 950, 1100).pair("RL", 1240).ask()
    yield "hot-coil" in a.traps, a.traps
    yield a.state != "isolated", a.told()


@case(harm=True)
def low_feed_on_both_is_the_car():
    a = Situation("RL", kind="active").volts("RL", "a", 6.4).volts("RR", "a", 6.5).ask()
    yield "chart-not-car" in a.traps, a.traps
    yield a.p("sensor") < 0.3 and a.p("module") < 0.3, a.told()


@case()
def coil_of_another_chart():
    a = Situation("FR").pair("FR", 3400).pair("FL", 3350).ask()
    yield "chart-not-car" in a.traps, a.traps
    yield a.p("sensor", "wrong-sensor") < 0.15, a.told()


@case(harm=True)
def five_volts_on_all_four():
    s = Situation("RL", kind="active")
    for circuit, volt in (("RL", 5.2), ("RR", 5.1), ("FL", 5.3), ("FR", 5.2)):
        s.volts(circuit, "a", volt)
    a = s.ask()
    yield a.p("module", "module-power") > 0.3, a.told()
    yield "ghost-voltage" not in a.traps, a.traps
    s.codes([("RL", "open"), ("RR", "open"), ("FL", "no-signal"), ("FR", "open")], wheel="driven")
    a = s.ask()
    yield a.p("module", "module-power") > 0.8, a.told()
    yield a.cure("fit", "sensor") < 0.1, a.options


@case()
def low_on_one_is_that_line():
    s = Situation("RL", kind="active")
    for circuit, volt in (("RL", 5.2), ("RR", 10.1), ("FL", 10.3), ("FR", 10.2)):
        s.volts(circuit, "a", volt, plugged=True)
    a = s.ask()
    yield a.p("module", "module-power") < 0.05 and a.wiring() > 0.6, a.told()


@case(harm=True)
def both_circuits_coded_in_a_swap():
    s = Situation("RL", kind="active")
    a = s.codes([("RL", "open"), ("RR", "open")], swap={"sensor_of": "RR", "into": "RL"}).ask()
    yield "reversed-polarity" in a.traps, a.traps
    yield a.state != "isolated", a.state
    s.codes([("RL", "open"), ("RR", "open")], swap={"sensor_of": "RR", "into": "RL", "reversed": True})
    yield "reversed-polarity" not in s.ask().traps, "swapped once already"


@case()
def coils_do_not_mind_their_polarity():
    s = Situation("RL")
    a = s.codes([("RL", "open"), ("RR", "open")], swap={"sensor_of": "RR", "into": "RL"}).ask()
    yield "reversed-polarity" not in a.traps, a.traps


@case(harm=True)
def feed_on_the_return_after_a_repair():
    s = worked(Situation("FL", kind="active"), "L2", "repaired")
    s.volts("FL", "a", 0.0).volts("FL", "b", 11.7).volts("FR", "a", 11.7).volts("FR", "b", 0.0)
    a = s.ask()
    yield "reversed-polarity" in a.traps, a.traps
    yield a.p("L2", "reversed") > 0.4, a.told()
    yield a.cure("fit") < 0.1, a.options


@case()
def new_sensor_draws_nothing():
    s = worked(Situation("RL", kind="active"), "sensor", "replaced", before=False)
    s.volts("RL", "a", 11.1, plugged=True).volts("RL", "b", 11.1, plugged=True)
    a = s.ask()
    yield "reversed-polarity" in a.traps, a.traps
    yield a.p("sensor") < 0.2, a.told()


@case()
def exchanged_where_it_was_mended():
    s = worked(Situation("FL"), "C1", "repaired")
    a = s.speeds({"FL": 0, "FR": 5.0, "RL": 0, "RR": 0}, wheel="spun").ask()
    yield a.p("C1", "circuits-exchanged") > 2 * a.p("module", "circuits-exchanged"), a.told()
    yield a.first_work()["kind"] == "mend" and a.first_work()["element"] == "C1", a.options


@case()
def erratic_at_walking_pace_is_a_weak_signal():
    s = Situation("RL", when=("creep",)).pair("RL", 1190).pair("RR", 1205)
    a = s.codes([("RL", "erratic")], wheel="driven", speed_kmh=5).ask()
    weak = a.p("sensor", "wide-gap") + a.p("sensor", "debris") + a.p("sensor", "sensor-weak")
    yield weak > 0.35 and a.wiring() < 0.2, a.told()
    yield a.first_work()["kind"] == "clean", a.options


@case()
def erratic_at_speed_is_the_ring():
    s = Situation("RL", when=("at-speed",)).pair("RL", 1190).pair("RR", 1205)
    a = s.codes([("RL", "erratic")], wheel="driven", speed_kmh=60).ask()
    yield a.p("ring") > 0.6, a.told()


@case()
def what_was_looked_at_is_not_looked_at_again():
    a = Situation("RL", when=("wet",)).look("C2", "corroded").ask()
    looks = [t["test"] for t in a.tests if t["test"]["kind"] == "inspect"]
    yield all(t.get("element") != "C2" or t["state"].get("disturb") for t in looks), looks
    yield a.p("C2") > 0.5, a.told()


@case()
def ohms_with_the_key_on_are_void_wherever():
    s = Situation("RL")
    before = s.ask().p("sensor")
    s.add("resistance", "RL", {"ohm": 130}, "C2.wheel-side a", "C2.wheel-side b", key="on", unplugged=["C2"])
    a = s.ask()
    yield "void-set-up" in a.traps, a.traps
    yield abs(a.p("sensor") - before) < 0.01, (before, a.told())


@case()
def supply_gone_for_good():
    s = Situation("FL", kind="active")
    s.volts("FL", "a", 0.0).volts("FR", "a", 11.5).codes([("FL", "open")]).volts("FL", "a", 0.0)
    a = s.ask()
    yield a.p("module", "latched-off") < 0.05, a.told()
    yield a.p(fault="open", wire="a") > 0.4, a.told()


@case(harm=True)
def drop_over_the_plug():
    s = Situation("RL", kind="active")
    s.add("dc-voltage", "RL", {"volt": 3.4}, "C2.module-side a", "C2.wheel-side a", key="on", unplugged=[])
    a = s.ask()
    yield a.p("C2", "resistive", "a") > 0.4 and a.p("sensor") < 0.15, a.told()


@case()
def spare_wheel_reads_fast():
    a = Situation("RR").speeds({"FL": 50, "FR": 50, "RL": 50.1, "RR": 52.3}).ask()
    yield a.p(fault="wrong-tyre") > a.p("ring") > a.p("sensor"), a.told()
    yield a.cure("fit") < 0.2, a.options


@case()
def bearing_renewed_and_dead_at_key_on():
    s = worked(Situation("FL", kind="active"), "ring", "replaced", part="wheel bearing")
    a = s.codes([("FL", "open")]).ask()
    yield a.p("ring", "encoder-reversed") < 0.05 and a.wiring() > 0.5, a.told()


@case()
def levels_beside_the_peer():
    s = Situation("RL", kind="active")
    for circuit, low, high in (("RL", 0.30, 0.62), ("RR", 0.62, 1.25)):
        s.trace(circuit, square(low, high, 60, 2, 5000), 5000, red="module b")
    a = s.ask()
    yield a.p(fault="leak", wire="b") > 0.5 and a.p("sensor") < 0.1, a.told()


@case()
def parts_to_where_no_signal_lies():
    r = random.Random(5)
    wave = [2.5 if 0.9 < i / 5000 < 0.96 or 1.4 < i / 5000 < 1.43
            else 0.3 + 0.4 * math.sin(2 * math.pi * 80 * i / 5000) + r.gauss(0, 0.003) for i in range(10000)]
    a = Situation("RL").trace("RL", wave, 5000, red="module a").ask()
    parts = a.p(fault="intermittent-open")
    yield parts > 0.25 and parts > 3 * (a.p("sensor", "wide-gap") + a.p("sensor", "debris")), a.told()
    a = Situation("RL", when=("bump",)).trace("RL", wave, 5000, red="module a").ask()
    yield a.p(fault="intermittent-open") > 0.75, a.told()


@case(harm=True)
def says_it_stands_while_it_is_turned():
    s = Situation("RL", kind="active-pwm")
    s.trace("RL", telegrams(1440e-6, 0.63, 1.26, 1.35, 4, 100000), 100000, red="module b")
    s.trace("RR", telegrams(90e-6, 0.63, 1.26, 40, 4, 100000), 100000, red="module b")
    a = s.ask()
    yield a.p("sensor", "wide-gap") + a.p("sensor", "debris") + a.p("ring") > 0.5, a.told()
    yield a.p("sensor", "sensor-dead") < 0.05 and a.p(fault="open") < 0.1, a.told()
    yield a.state != "isolated", a.state


@case()
def no_reserve_is_the_gap_before_the_ring():
    s = Situation("RL", kind="active-pwm")
    for circuit in ("RL", "RR"):
        s.trace(circuit, telegrams(45e-6, 0.63, 1.26, 40, 1, 200000), 200000, red="module b")
    a = s.ask()
    yield a.p("sensor", "wide-gap") + a.p("sensor", "debris") > a.p("ring", "ring-tooth"), a.told()
    yield a.wiring() < 0.2, a.told()


@case(harm=True)
def a_code_on_the_lift_is_of_no_circuit():
    s = Situation("RL")
    s.case["complaint"]["lift"] = True
    a = s.codes([("RL", "no-signal")], wheel="driven").ask()
    yield a.none() > 0.3 and a.p("sensor") < 0.2, a.told()
    a = Situation("RL").codes([("RL", "no-signal")], wheel="driven").ask()
    yield a.none() < 0.02, a.told()


@case()
def the_injected_speed_is_shown():
    s = Situation("RL", kind="active", tools=("multimeter", "scan-tool", "jumper-leads", "signal-source"))
    s.speeds({"RL": 10.0}, wheel="still", unplugged=["C2"],
             inject={"place": "C2.module-side", "hz": 68.4, "volts": 2})  # 68.4 / 48 * 1.95 m = 10 km/h
    a = s.ask()
    beyond = a.p("L1") + a.p("L2") + a.p("C1") + a.p("module", "input-dead") + a.p("module", "no-supply")
    yield beyond < 0.3, a.told()


@case()
def flat_at_the_high_current_is_a_living_sensor():
    s = Situation("RL", kind="active")
    s.trace("RL", flat(1.26, 2, 5000), 5000, red="module b")
    s.trace("RR", square(0.63, 1.26, 60, 2, 5000), 5000, red="module b")
    a = s.ask()
    yield a.p(fault="open") < 0.1 and a.p("sensor", "sensor-dead") < 0.1, a.told()
    yield a.cure("fit", "sensor") < 0.2, a.options


def kinds_of(a):
    return {k["kind"]: k["share"] for k in a.out["kinds"]}


@case()
def a_third_wire_is_a_hall_sensors():
    a = Situation("RL", kind="unknown").volts("RL", "c", 11.9).ask()
    yield kinds_of(a)["hall"] > 0.8, kinds_of(a)


@case()
def shown_at_a_crawl_is_no_coil():
    s = Situation("RL", kind="unknown")
    a = s.speeds({"FL": 1.0, "FR": 1.1, "RL": 0, "RR": 1.0}, speed_kmh=1).ask()
    yield kinds_of(a)["passive"] < 0.3, kinds_of(a)


def live(fr, others=40.0):
    return Situation("FR").speeds({"FL": others, "FR": fr, "RL": others, "RR": others})


@case(harm=True)
def a_steady_ratio_is_a_count():
    for kmh in (20, 24, 30, 33.3, 50):
        a = live(kmh).ask()
        yield a.p("ring", "ring-wrong-count") > 0.4, (kmh, a.told())
        yield a.cure("fit", "sensor") < 0.1, (kmh, a.options)


@case()
def within_reach_of_a_tyre_it_may_be_the_tyre():
    for kmh in (37.0, 43.4):
        a = live(kmh).ask()
        yield a.p(fault="wrong-tyre") > a.p("ring", "ring-wrong-count") > 0.15, (kmh, a.told())


def active_ohms_of(own, good, kind="active"):
    return Situation("RL", kind=kind).pair("RL", own).pair("RR", good).ask()


@case(harm=True)
def active_ohms_differ_from_an_identical_one():
    alike = active_ohms_of(4.7e6, 4.9e6)
    differs = active_ohms_of(2.2e5, 4.9e6)
    yield differs.p("sensor", "sensor-dead") > 1.6 * alike.p("sensor", "sensor-dead"), (alike.told(), differs.told())
    yield differs.p("sensor") < 0.5 and differs.state != "isolated", differs.told()
    yield "active-ohms" in differs.traps, differs.traps


@case()
def half_a_coil_is_not_its_temperature():
    a = Situation("RR").pair("RR", 640).pair("RL", 1300).ask()
    yield "hot-coil" not in a.traps, a.traps


@case(harm=True)
def weak_at_the_frequency_of_the_mains():
    s = Situation("FL")
    for circuit, volts in (("FR", 0.6), ("FL", 0.1)):
        s.trace(circuit, sine(volts, 60, 2, 5000), 5000, red="C2.wheel-side a", black="C2.wheel-side b",
                plugged=False, key="off")
    a = s.ask()
    yield a.p("sensor", "wide-gap") + a.p("sensor", "debris") > 0.5, a.told()
    yield a.p("sensor", "sensor-open") < 0.1, a.told()


@case()
def both_currents_step_up():
    s = Situation("RL", kind="active")
    s.trace("RR", square(0.7, 1.4, 90, 3, 10000), 10000, red="C2.module-side b")
    wave = [v + (0.5 if i > 15000 else 0) for i, v in enumerate(square(0.7, 1.4, 90, 3, 10000))]
    a = s.trace("RL", wave, 10000, red="C2.module-side b").ask()
    yield a.p("ring") + a.p("sensor") < 0.25, a.told()


def clamped(values):
    """A current clamp round wire a of the suspect, beside sound currents of its peer."""
    s = Situation("RR", kind="active")
    for circuit, amperes in (("RL", square(0.007, 0.014, 60, 2, 5000, noise=3e-5)), ("RR", values)):
        s.trace(circuit, amperes, 5000, unit="A", red="C2.module-side a")
    return s.ask()


@case(harm=True)
def a_clamp_tells_where_a_current_stays():
    for level in (0.007, -0.007):  # whichever way round it was put
        stays = clamped(flat(level, 2, 5000, noise=3e-5))
        yield stays.p("sensor") + stays.p("ring") > 0.6, stays.told()
        yield stays.p(fault="open") < 0.1, stays.told()
    parted = clamped(flat(0, 2, 5000, noise=3e-5))
    yield parted.p(fault="open") + parted.p("module") > 0.3, parted.told()
    # Or the clamp shows changes only, and the current stays.
    yield 0.005 < parted.p("sensor", "wide-gap") < 0.15, parted.told()


@case(harm=True)
def whole_currents_are_whole_whatever_the_clamp_shows_of_them():
    for low, high in ((0.007, 0.014), (-0.014, -0.007), (-0.0035, 0.0035)):
        a = clamped(square(low, high, 60, 2, 5000, noise=3e-5))
        yield a.p("sensor", "sensor-dead") < 0.05, ((low, high), a.told())
        yield a.p(fault="open") < 0.1, ((low, high), a.told())


@case(harm=True)
def the_supply_came_back_with_the_clearing():
    s = Situation("RR", kind="active").volts("RR", "a", 0.0).codes([]).volts("RR", "a", 12.2)
    a = s.ask()
    yield "probe-contact" not in a.traps, a.traps
    yield a.cure("fit", "module") < 0.05, a.options


@case(harm=True)
def an_amplitude_too_small_is_a_gap_before_a_wire():
    s = Situation("FL", teeth=100).codes([("FL", "low-amplitude")], wheel="driven").pair("FL", 1750).pair("FR", 1790)
    a = s.ask()
    weak = a.p("sensor", "wide-gap") + a.p("sensor", "debris") + a.p("sensor", "sensor-weak")
    yield weak > 2 * a.p(fault="open"), a.told()
    yield a.first_work()["kind"] == "clean", a.options
    for circuit, volt in (("FL", 0.14), ("FR", 0.62)):
        spun = {"volt_rms": volt, "hz": 88}
        s.add("ac-voltage", circuit, spun, "C2.wheel-side a", "C2.wheel-side b", wheel="spun", unplugged=["C2"])
    a = s.ask()
    yield a.p("sensor") > 0.6, a.told()


@case()
def what_was_repeated_and_was_nothing_is_not_asked_for_again():
    s = Situation("FL").pair("FL", "OL").pair("FL", 1100).pair("FL", 1102).loop("FL", 1104)
    a = s.ask()
    yield a.state != "contradictory" and "OL" not in a.verdict["action"], a.verdict
    yield a.p("sensor", "sensor-open") < 0.05, a.told()


@case()
def the_same_code_again_is_no_news():
    s = Situation("FL").codes([("FL", "open")]).pair("FL", 1100).loop("FL", 1101)
    once = s.ask().p("module", "input-dead")
    again = s.codes([("FL", "open")]).codes([("FL", "open")]).ask()
    yield again.p("module", "input-dead") >= once, (once, again.told())


@case()
def warmth_at_the_sensor_alone_is_the_sensor():
    s = Situation("FR", when=("sometimes",)).pair("FR", 1150, celsius=20)
    s.add("wiggle", "FR", {"reacts": True, "dropouts": 4}, "C2.wheel-side a", "C2.wheel-side b", key="off",
          unplugged=["C2"], disturb={"kind": "heat", "element": "sensor"})
    a = s.ask()
    yield a.p("sensor") > 0.3 and a.p("sensor") > a.p("L2"), a.told()


@case()
def a_current_that_steps_too_little():
    """Sense resistor in the return: weak itself, or starved behind a resistance."""
    s = Situation("RR", kind="active").codes([("RR", "no-signal")], wheel="driven")
    for circuit, high in (("RR", 0.95), ("RL", 1.26)):
        s.trace(circuit, square(0.63, high, 60, 1, 10000, noise=0.004), 10000, red="C2.module-side b")
    a = s.ask()
    yield a.p("sensor", "sensor-weak") + a.p(fault="resistive") > 0.7, a.told()
    yield a.p("sensor", "sensor-weak") > 0.1 and a.p("ring") < 0.1, a.told()


@case()
def a_supply_code_is_a_wire_on_a_supply():
    """SAE J2012-DA failure type 12, circuit short to battery (from memory)."""
    for kind in ("active", "passive"):
        a = Situation("RR", kind=kind).codes([("RR", "short-supply")]).ask()
        shorts = a.p(fault="short-to-supply")
        yield shorts > 1.5 * max(a.p(fault="open"), a.p("sensor"), a.p("ring"), a.p("module")), (kind, a.told())


@case()
def what_feeds_all_is_looked_at_first():
    s = Situation("RR", kind="active").codes([(wheel, "open") for wheel in ("RR", "RL", "FL", "FR")])
    a = s.ask()
    yield a.p(fault="module-power") > 0.3, a.told()
    yield "fuses" in a.verdict["action"], a.verdict


@case()
def ohms_of_two_active_sensors_tell_by_their_ratio():
    """Hundreds of kilo-ohms new, several mega-ohms dead: of identical ones, by the same meter."""
    dead = [active_ohms_of(own, 3e5).p("sensor", "sensor-dead") for own in (3.2e5, 1.15e7)]
    yield dead[1] > 3 * dead[0], dead
    yield dead[1] < 0.5, dead


@case(harm=True)
def a_split_ring_that_was_seen_is_not_a_sensor():
    s = Situation("FR").codes([("FR", "no-signal")], wheel="driven").pair("FR", 1120).loop("FR", 1121)
    a = s.look("ring", "cracked").ask()
    yield a.p("ring", "ring-cracked") > 2 * a.p("sensor"), a.told()


@case()
def a_tyre_is_compared_before_anything_is_unplugged():
    a = Situation("FR").speeds({"FL": 40, "FR": 38, "RL": 40, "RR": 40}).ask()
    yield a.p(fault="wrong-tyre") > 0.4 and "tyres" in a.verdict["action"], (a.told(), a.verdict)


@case()
def both_of_an_axle_share_a_plug():
    alone = Situation("RL").codes([("RL", "open")]).ask()
    both = Situation("RL").codes([("RL", "open"), ("RR", "open")]).ask()
    far = Situation("RL").codes([("RL", "open"), ("FR", "open")]).ask()
    yield both.p("C1") > 2 * alone.p("C1"), both.told()  # the plug under the body; C2 is the wheel's own
    yield both.p("C2") < alone.p("C2"), both.told()
    yield abs(far.p("C1") - alone.p("C1")) < 0.03, far.told()  # no axle has both


@case()
def the_sensors_own_lead_lies_on_the_body():
    s = Situation("RR").pair("RR", 1105).pair("RL", 1100)
    s.add("resistance", "RR", {"ohm": 12.0}, "C2.wheel-side a", "ground", key="off", unplugged=["C2"])
    a = s.ask()
    yield a.p("sensor", "short-to-ground") > 0.4, a.told()
    yield a.first_work()["kind"] == "fit" or a.out["options"][0]["kind"] == "measure", a.told()
