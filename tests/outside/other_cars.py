"""Made-up cars of another hand: their own wiring, module, meter, eyes and drivers, answering the questions of a guided
diagnosis. Nothing of it comes from the program; it knows only the contract's words for tests and readings.

What it does otherwise than a fleet of the program's own would: faults nearly flat over all that the words can say, no
good wheel read beforehand, a pigtail beyond the last plug, several ways to bias a coil, three wires, a static check by
windows on the pins, no code of a dead wheel that only one wheel was spun for, leaks that conduct only when wet, coils
that open when warm, plugs that will not come apart, drivers who tell it wrongly, meters that are read wrongly.

Physics: Kirchhoff's laws; copper 1.72e-8 ohm metre and 0.393 %/K (IEC 60028, from memory). Thresholds of modules, odds of
what fails and of what is seen: common practice, no source.
"""
import math

import numpy as np

APART = 1e12
SPEC = {"FL": "front left", "FR": "front right", "RL": "rear left", "RR": "rear right"}
COIL, CURRENT = ("passive",), ("active", "active-pwm", "active-ak")

# Class of fault: weight, kinds of sensor it can befall.
ALL = COIL + CURRENT + ("hall",)
FAULTS = {
    "open": (16, ALL), "resistive": (11, ALL), "wires-touching": (5, ALL), "short-to-ground": (5, ALL),
    "short-to-supply": (2, ALL), "leak": (7, ALL), "intermittent-open": (9, ALL), "intermittent-short": (3, ALL),
    "sensor-open": (10, COIL), "sensor-shorted": (3, COIL), "sensor-dead": (8, ALL), "sensor-weak": (3, COIL),
    "wrong-sensor": (2, COIL), "reversed": (2, CURRENT), "wide-gap": (5, ALL), "debris": (4, ALL), "ring-tooth": (6, ALL),
    "ring-cracked": (2, COIL + ("hall",)), "ring-runout": (2, COIL), "ring-wrong-count": (2, ALL), "no-supply": (2, ALL),
    "latched-off": (2, CURRENT), "input-dead": (2, ALL), "circuits-exchanged": (2, ALL), "encoder-reversed": (2, CURRENT),
    "module-power": (2, ALL), "wrong-tyre": (2, ALL), "none": (1, ALL)}
ON_THE_LINE = ("open", "resistive", "wires-touching", "short-to-ground", "short-to-supply", "leak", "intermittent-open",
               "intermittent-short")
AT_THE_SENSOR = ("sensor-open", "sensor-shorted", "sensor-dead", "sensor-weak", "wrong-sensor", "wide-gap", "debris")
COMES_AND_GOES = ("intermittent-open", "intermittent-short")


class Net:
    """Node 0 is ground. At most one part is bent: its state is found by halving, what is around it being a source behind
    a resistance (Thevenin's theorem)."""

    def __init__(self):
        self.n, self.parts, self.bent, self.feed, self.transistor = 1, [], None, None, None

    def node(self):
        self.n += 1
        return self.n - 1

    def resistor(self, a, b, ohm, volts=0.0):
        """`volts` from b to a behind it."""
        self.parts.append((a, b, 1 / max(ohm, 1e-3), volts))

    def sink(self, a, b, amps):
        """Takes `amps` of the voltage across it, never less of more."""
        self.bent = a, b, amps

    def supply(self, a, ohm, volts, most):
        """From ground, with so much current and no more."""
        self.feed = a, ohm, volts, most

    def switch(self, a, b, ohm, gate, volts):
        """Closes while there are so many volts from `gate` to b."""
        self.transistor = a, b, ohm, gate, volts

    def solve(self):
        v = self.limited()
        if self.transistor:
            a, b, ohm, gate, volts = self.transistor
            if v[gate] - v[b] > volts:
                self.resistor(a, b, ohm)
                v = self.limited()
        return v

    def limited(self):
        for limited in (False, True):
            g, i = 1e-13 * np.eye(self.n), np.zeros(self.n)
            parts = list(self.parts)
            if self.feed:
                at, ohm, volts, most = self.feed
                if limited:
                    i[at] += most
                else:
                    parts.append((at, 0, 1 / ohm, volts))
            for a, b, y, e in parts:
                g[a, a] += y
                g[b, b] += y
                g[a, b] -= y
                g[b, a] -= y
                i[a] += y * e
                i[b] -= y * e
            v = self.settled(g[1:, 1:], i[1:])
            if limited or not self.feed or (volts - v[at]) / ohm <= most:
                return v

    def settled(self, g, i):
        if not self.bent:
            return np.concatenate([[0.0], np.linalg.solve(g, i)])
        a, b, amps = self.bent
        out = np.zeros(self.n)
        out[a], out[b] = -1, 1
        both = np.vstack([np.zeros(2), np.linalg.solve(g, np.column_stack([i, out[1:]]))])
        open_volts, ohm = both[a, 0] - both[b, 0], both[b, 1] - both[a, 1]
        low, high = min(0.0, open_volts), max(0.0, open_volts)
        for _ in range(60):
            u = 0.5 * (low + high)
            low, high = (low, u) if u + ohm * amps(u) > open_volts else (u, high)
        return both[:, 0] + amps(u) * both[:, 1]


class Wheel:
    """One sensor and its ring."""

    def __init__(self, rng, kind, coil, flux, low, seen, apart):
        self.kind = kind
        self.ohm = coil * math.exp(rng.normal(0, 0.35 * apart))
        self.celsius = rng.uniform(2, 45)
        self.flux = flux * math.exp(rng.normal(0, apart))
        self.low = low * math.exp(rng.normal(0, 0.03))
        self.high = 2 * self.low * rng.uniform(0.96, 1.04)
        self.seen = seen * math.exp(rng.normal(0, 0.4))  # by an ohmmeter, active kinds
        self.stands_high = rng.random() < 0.5


class Car:
    def __init__(self, seed, folder):
        self.rng = rng = np.random.default_rng(seed)
        self.folder, self.files = folder, 0
        self.kind = str(rng.choice(["passive", "active", "active-pwm", "active-ak", "hall"],
                                   p=[0.45, 0.33, 0.08, 0.04, 0.10]))
        self.wires = "abc" if self.kind == "hall" else "ab"
        self.teeth = int(rng.integers(40, 61)) if rng.random() < 0.8 else int(rng.choice([29, 36, 80, 96]))
        self.metres = rng.uniform(1.75, 2.25)
        self.layout()
        self.module()
        self.fault()
        self.case = self.written()

    # --- what the car is

    def layout(self):
        rng = self.rng
        u = rng.random()
        self.names = dict(SPEC)
        if u < 0.12:
            self.names = {"FL": "front left", "FR": "front right", "DIFF": "rear differential"}
        elif u < 0.22:
            self.names["SHAFT"] = "propeller shaft"
        elif u < 0.30:
            self.names = {"TL": "trailer axle left", "TR": "trailer axle right"}
        self.suspect = str(rng.choice(list(self.names)))
        if self.suspect == "SHAFT" and rng.random() < 0.7:
            self.suspect = "RL"
        plugs = int(rng.integers(1, 4))
        path, k = [("module", "module", "engine-bay", rng.integers(3, 8))], 0
        for i in range(1, plugs + 1):
            last = i == plugs
            k += 1
            zone = "flex" if last and rng.random() < 0.7 else str(rng.choice(["cabin", "underbody", "engine-bay"]))
            path.append((f"L{k}", "leg", zone, rng.integers(3, 16)))
            if rng.random() < 0.15:
                path.append((f"S{k}", "splice", zone, rng.integers(4, 12)))
                k += 1
                path.append((f"L{k}", "leg", zone, rng.integers(3, 12)))
            path.append((f"C{i}", "connector", "wheelhouse" if last else zone, rng.integers(2, 9)))
        self.plug = f"C{plugs}"
        if rng.random() < 0.3:
            path.append((f"L{k + 1}", "leg", "flex", rng.integers(3, 7)))
        path += [("sensor", "sensor", "wheelhouse", rng.integers(5, 12)), ("ring", "ring", "wheelhouse", rng.integers(4, 9))]
        self.path = path
        self.metre = {p[0]: float(rng.uniform(0.3, 4)) for p in path}
        self.ids = [p[0] for p in path]
        coil, flux, low = rng.uniform(650, 2600), math.exp(rng.uniform(math.log(0.5), math.log(4))), rng.uniform(5.9e-3, 8.2e-3)
        seen = math.exp(rng.uniform(math.log(2e5), math.log(4e7)))
        self.wheels = {}
        for name in self.names:
            odd = name in ("DIFF", "SHAFT")
            self.wheels[name] = Wheel(rng, self.kind, coil * (rng.uniform(0.6, 1.6) if odd else 1),
                                      flux * (rng.uniform(0.4, 2) if odd else 1), low, seen, 0.08)

    def module(self):
        rng = self.rng
        self.own_plug = bool(rng.random() < 0.25)
        self.battery = rng.uniform(12.1, 12.9)
        coil = self.kind == "passive"
        self.front = str(rng.choice(["single", "both", "divider"] if coil else ["high", "low"]))
        self.volts = rng.uniform(0.9, 5.2) if coil else rng.uniform(8.2, 12.4)
        self.source = math.exp(rng.uniform(math.log(2e3), math.log(2e4))) if coil else float(rng.choice([75, 100, 120, 150, 200]))
        self.pull = float(rng.choice([5, 8, 12])), math.exp(rng.uniform(math.log(1e3), math.log(1e4)))
        self.most = rng.uniform(0.03, 0.1)
        self.checks = rng.random() < 0.85  # looks at its pins at key-on at all
        self.open_at, self.short_at = rng.uniform(0.8, 0.95), rng.uniform(0.03, 0.12)
        self.low_at, self.high_at = rng.uniform(0.45, 0.75), rng.uniform(2.6, 4)
        self.hears = math.exp(rng.uniform(math.log(0.06), math.log(0.4)))  # volts peak to peak, coil
        self.vague = rng.uniform(0, 0.5)
        self.keeps_off = rng.random() < 0.3  # the supply of a circuit stays off while its code is stored
        self.step = float(rng.choice([0.01, 0.1, 0.25, 0.5, 1]))
        self.off = False

    # --- what is wrong with it

    def fault(self):
        rng = self.rng
        names = [f for f, (_, kinds) in FAULTS.items() if self.kind in kinds]
        if len(self.names) < 4 or self.suspect == "SHAFT":
            names = [f for f in names if f != "circuits-exchanged"]
        if self.suspect in ("SHAFT", "DIFF"):
            names = [f for f in names if f != "wrong-tyre"]
        weight = np.array([FAULTS[f][0] for f in names]) * np.exp(rng.normal(0, 0.8, len(names)))
        self.wrong = f = str(rng.choice(names, p=weight / weight.sum()))
        self.element, self.wire = None, str(rng.choice(list(self.wires)))
        self.early = rng.random() < 0.5
        self.ohm, self.output, self.ratio, self.other = APART, 1.0, 1.0, None
        wheel = self.wheels[self.suspect]
        decades = lambda lo, hi: math.exp(rng.uniform(math.log(lo), math.log(hi)))
        if f in ON_THE_LINE or f == "reversed":
            where = {"flex": 4, "wheelhouse": 3, "underbody": 2, "engine-bay": 1, "cabin": 0.7}
            pieces = [p for p in self.path if p[1] in ("leg", "connector", "splice")]
            if f == "reversed":
                pieces = [p for p in pieces if p[1] != "leg"]
            chafes = f in ("wires-touching", "short-to-ground", "short-to-supply")
            kinds = {"leg": 1, "splice": 0.7, "connector": 0.35 if chafes else 1}
            w = np.array([where[p[2]] * kinds[p[1]] for p in pieces]) * np.exp(rng.normal(0, 0.7, len(pieces)))
            self.element = pieces[int(rng.choice(len(pieces), p=w / w.sum()))][0]
            coil = self.kind == "passive"
            self.ohm = {"open": APART if rng.random() < 0.7 else decades(1e6, 3e7),
                        "resistive": decades(2e3, 5e5) if coil else decades(300, 2e5),
                        "wires-touching": decades(0.1, 300), "short-to-ground": decades(0.05, 20),
                        "short-to-supply": decades(0.1, 50), "leak": decades(100, 1e4) if coil else decades(80, 2e3),
                        "intermittent-open": APART, "intermittent-short": 0.5, "reversed": 0}[f]
            if f in ("short-to-ground", "leak", "intermittent-short") and self.wire == "b" and self.grounded():
                self.wire = "a"  # on a wire that is ground already it would be no fault
        elif f in AT_THE_SENSOR:
            self.element = "sensor"
            self.output = {"sensor-open": 0, "sensor-dead": 0.0, "sensor-weak": rng.uniform(0.06, 0.35),
                           "sensor-shorted": rng.uniform(0.02, 0.35), "wrong-sensor": rng.uniform(0.25, 0.7),
                           "wide-gap": rng.uniform(0.06, 0.3), "debris": rng.uniform(0.08, 0.35)}[f]
            if f == "sensor-open":
                self.ohm = APART if rng.random() < 0.75 else decades(2e5, 2e7)
            elif f == "sensor-shorted":
                self.ohm = self.output * wheel.ohm
            elif f == "wrong-sensor":
                self.ohm = wheel.ohm * (rng.uniform(0.3, 0.6) if rng.random() < 0.5 else rng.uniform(1.7, 3))
        elif f.startswith("ring") or f == "encoder-reversed":
            self.element = "ring"
            if f == "ring-wrong-count":
                self.ratio = float(rng.choice([36, 40, 44, 46, 50, 52, 56, 60])) / 48
        elif f in ("no-supply", "latched-off", "input-dead", "module-power"):
            self.element = "module"
            self.off = f == "latched-off"
        elif f == "circuits-exchanged":
            self.element = str(rng.choice(["module"] + [p[0] for p in self.path if p[1] == "connector"]))
            self.other = {"FL": "FR", "FR": "FL", "RL": "RR", "RR": "RL"}.get(self.suspect)
        elif f == "wrong-tyre":
            self.ratio = rng.uniform(0.93, 0.97) if rng.random() < 0.5 else rng.uniform(1.03, 1.07)
        # A switching sensor too far from its ring hears nothing, or misses one pulse here and one there.
        far = self.kind != "passive" and f in ("wide-gap", "debris")
        self.deaf = far and rng.random() < 0.55
        self.misses = rng.uniform(0.15, 0.6) if far and not self.deaf else 0.0
        self.only_wet = f == "leak" and rng.random() < 0.4
        self.only_warm = f == "sensor-open" and rng.random() < 0.08
        self.bad = [int(self.teeth * rng.random())]
        if f == "ring-tooth" and rng.random() < 0.3:
            self.bad.append((self.bad[0] + 1) % self.teeth)

    def grounded(self):
        return self.front in ("single", "high") or self.kind == "hall"

    def told(self):
        """What the driver says; sometimes not so."""
        rng, f = self.rng, self.wrong
        if rng.random() < 0.1:
            return [str(rng.choice(["always", "sometimes", "at-speed", "bump", "wet"]))]
        if f in COMES_AND_GOES:
            return ["sometimes"] if rng.random() < 0.2 else [str(rng.choice(["bump", "steering", "sometimes"])), "sometimes"]
        if self.only_wet or f == "leak" and rng.random() < 0.3:
            return ["wet"]
        if f in ("wide-gap", "debris", "sensor-weak", "sensor-shorted", "wrong-sensor"):
            return [str(rng.choice(["creep", "after-first-turn", "always"]))]
        if f in ("ring-runout", "ring-cracked", "ring-tooth", "ring-wrong-count", "wrong-tyre"):
            return [str(rng.choice(["at-speed", "after-first-turn", "creep", "always"], p=[0.4, 0.25, 0.2, 0.15]))]
        if f in ("sensor-dead", "encoder-reversed", "input-dead", "circuits-exchanged"):
            return [str(rng.choice(["after-first-turn", "always"]))]
        if self.only_warm:
            return ["sometimes"]
        return [str(rng.choice(["key-on", "always"]))]

    def written(self):
        rng = self.rng
        known = rng.random() < 0.7
        path = []
        for ident, kind, zone, minutes in self.path:
            e = {"id": ident, "kind": kind, "access_min": int(minutes)}
            if kind != "ring":
                e["zone"] = zone
            if kind == "leg" and rng.random() < 0.7:
                e.update(length_m=round(self.metre[ident], 1), area_mm2=0.5)
            path.append(e)
        sensor = {"kind": self.kind if known else "unknown"}
        if rng.random() < 0.6:
            sensor["teeth"] = self.teeth
        # How many wires there are anybody sees.
        colours = {"a": ("signal", "GN"), "b": ("return", "BU"), "c": ("supply", "RD")}
        wires = {w: {"role": colours[w][0], "colour": colours[w][1]} for w in self.wires}
        complaint = {"when": self.told()}
        case = {"format": "haybale-case", "version": 1,
                "job": {"title": "Wheel lamp", "vehicle": "Yard lorry", "circumference_m": round(self.metres, 2)},
                "circuits": [{"name": n, "location": w, "sensor": dict(sensor), "path": path, "wires": wires}
                             for n, w in self.names.items()],
                "suspect": self.suspect, "complaint": complaint,
                "toolbox": ["multimeter"] + [t for t, p in (("scope", 0.8), ("scan-tool", 0.85), ("jumper-leads", 0.6),
                                                            ("test-lamp", 0.5)) if rng.random() < p],
                "allowed": ["unplug"] + [t for t, p in (("back-probe", 0.8), ("pierce", 0.3)) if rng.random() < p],
                "module": {"own_supply_plug": self.own_plug}, "evidence": []}
        history = []
        if rng.random() < 0.25 and (self.element != "sensor" or self.wrong in ("wide-gap", "debris") or rng.random() < 0.06):
            history.append({"circuit": self.suspect, "element": "sensor", "what": "replaced", "cured": False, "when": "after"})
        if self.wrong in ("encoder-reversed", "ring-wrong-count") and rng.random() < 0.5:
            history.append({"circuit": self.suspect, "element": "ring", "what": "replaced", "part": "bearing", "when": "before"})
        if self.wrong in ("reversed", "circuits-exchanged") and self.element != "module" and rng.random() < 0.6:
            complaint["earlier_repair"] = [self.element]
        elif rng.random() < 0.08:
            complaint["earlier_repair"] = [str(rng.choice([p[0] for p in self.path if p[1] == "leg"]))]
        if self.wrong == "none":
            complaint["lift"] = True
        if history:
            case["history"] = history
        if rng.random() < 0.5:
            case["costs"] = {"hour": 80, "parts": {"sensor": int(rng.integers(30, 180)), "ring": int(rng.integers(60, 300)),
                                                   "module": int(rng.integers(300, 1200))}}
        return case

    # --- the line as a network

    def shown(self, test):
        """Whether a fault that comes and goes is there while this is done."""
        rng = self.rng
        d = test.get("state", {}).get("disturb") or {}
        kind, at = d.get("kind"), d.get("element")
        if self.only_wet:
            return kind == "wet" and (at in (None, self.element) and rng.random() < 0.9) or rng.random() < 0.05
        if self.only_warm:
            return kind == "heat" and at in (None, "sensor") and rng.random() < 0.8 or rng.random() < 0.1
        if self.wrong not in COMES_AND_GOES:
            return True
        if kind in ("flex", "shake"):
            if at and at != self.element:
                near = at in self.ids and abs(self.ids.index(at) - self.ids.index(self.element)) == 1
                return rng.random() < (0.12 if near else 0.03)
            return rng.random() < (0.9 if at else 0.7)
        wheel = test.get("state", {}).get("wheel", "still")
        return rng.random() < {"driven": 0.55, "spun": 0.1}.get(wheel, 0.05)

    def owner(self, name, ident, probe_at):
        """Whose sensor and line an element of this chain belongs to, with two circuits exchanged."""
        if self.wrong != "circuits-exchanged" or name not in (self.suspect, self.other):
            return name
        at = self.ids.index(self.element)
        other = self.other if name == self.suspect else self.suspect
        upstream = probe_at <= at  # the probe stands on the module's side of it
        mine = self.ids.index(ident) <= at
        return name if mine == upstream else other

    def probe_index(self, test):
        place = (test.get("red") or {}).get("place", "module")
        ident = place.split(".")[0].split("@")[0]
        if ident not in self.ids:
            return 0
        return self.ids.index(ident) + (1 if place.endswith("wheel-side") else 0)

    def build(self, name, test, shown, high, hz, powered):
        """The network of one circuit: nodes by (element, side, wire)."""
        net, state = Net(), test.get("state", {})
        apart = state.get("unplugged") or [] if test.get("circuit") == name else []
        swap = state.get("swap") or {}
        probe = self.probe_index(test)
        at, nodes = {}, {}
        bat = net.node()
        net.resistor(bat, 0, 0.05, self.battery)
        faulty = self.wrong if shown else "none"
        module_of = self.owner(name, "module", probe)
        dead = (self.wrong == "module-power" or "module" in apart and not self.own_plug
                or module_of == self.suspect and (self.wrong == "no-supply" or self.off))
        v = self.volts if powered and not dead else 0.0
        for w in self.wires:
            at[w] = net.node()
            nodes["module", 0, w] = at[w]
        self.front_end(net, at, v, powered and not dead)
        for w in self.wires:
            out = net.node()
            net.resistor(at[w], out, APART if "module" in apart else 0.02)
            nodes["module", 1, w] = at[w] = out
        passed = False
        for ident, kind, _, _ in self.path[1:]:
            if kind == "ring":
                break
            whose = self.owner(name, ident, probe)
            if passed and swap.get("into") == name:
                whose = swap["sensor_of"]
            here = whose == self.suspect and ident == self.element
            if kind == "sensor":
                for w in self.wires:
                    nodes[ident, 0, w] = nodes[ident, 1, w] = at[w]
                self.sensor(net, at, self.wheels[whose], whose == self.suspect, faulty, high, hz)
                break
            loose = ident in apart or ident == self.plug and (swap.get("sensor_of") == name)
            for w in self.wires:
                mine = here and (w == self.wire)
                series = self.ohm if mine and faulty in ("open", "resistive", "intermittent-open") else 0
                copper = 1.72e-8 * self.metre[ident] / 0.5e-6 if kind == "leg" else 0.008
                middle, out = net.node(), net.node()
                first, second = (copper, copper + series) if kind != "connector" else (copper, copper)
                if kind == "connector":
                    first += series if self.early else 0
                    second += 0 if self.early else series
                    first += APART if loose and self.early is False else 0
                    second += APART if loose and self.early else 0
                net.resistor(at[w], middle, first)
                net.resistor(middle, out, second)
                nodes[ident, 0, w], nodes[ident, 1, w] = at[w], out
                if kind == "leg":  # the break lies at a third or at two
                    nodes[ident, 2, w] = middle
                if mine and faulty in ("leak", "short-to-ground", "intermittent-short"):
                    net.resistor(middle, 0, self.ohm)
                if mine and faulty == "short-to-supply":
                    net.resistor(middle, bat, self.ohm)
                if here and faulty == "wires-touching" and w in "ab":
                    if w == "a":
                        touched = middle
                    else:
                        net.resistor(touched, middle, self.ohm)
                at[w] = out
            if here and faulty == "reversed":
                at["a"], at["b"] = at["b"], at["a"]
                for w in "ab":
                    nodes[ident, 1, w] = at[w]
            if ident == self.plug:
                passed = True
                if swap.get("into") == name and swap.get("reversed"):
                    at["a"], at["b"] = at["b"], at["a"]
        jumper = (state.get("jumper") or {}).get("place") if test.get("circuit") == name else None
        if jumper:
            net.resistor(self.node(nodes, bat, jumper, "a"), self.node(nodes, bat, jumper, "b"), 0.1)
        return net, nodes, bat

    def front_end(self, net, at, v, live):
        if self.kind == "passive":
            net.resistor(at["a"], 0, self.source, v)
            if self.front == "single":
                net.resistor(at["b"], 0, 0.1)
            else:
                net.resistor(at["b"], 0, self.source, v if self.front == "both" else 0)
            return
        if self.kind == "hall":
            net.resistor(at["a"], 0, self.pull[1], self.pull[0] if live else 0)
            net.resistor(at["b"], 0, 0.05)
            net.resistor(at["c"], 0, 3 if live else 2e4, v)
            return
        if not live:
            net.resistor(at["a"], 0, 2e4)
        elif self.front == "high":
            net.resistor(at["a"], 0, self.source, v)
        else:
            net.supply(at["a"], 2.0, v, self.most)
        net.resistor(at["b"], 0, self.source if self.front == "low" else 0.1)

    def sensor(self, net, at, wheel, own, faulty, high, hz):
        wrong = faulty if own and self.element == "sensor" else "none"
        if self.kind == "passive":
            ohm = wheel.ohm * (1 + 0.00393 * (wheel.celsius - 20))
            if wrong in ("sensor-open", "sensor-shorted", "wrong-sensor"):
                ohm = self.ohm
            share = self.output if wrong != "none" else 1
            net.resistor(at["a"], at["b"], ohm, 2 * math.pi * hz * wheel.flux * 1e-3 * share)
            return
        dead = wrong == "sensor-dead"
        if self.kind == "hall":
            net.sink(at["c"], at["b"], lambda u: 0 if dead or u < 3 else min(1, u - 3) * 6e-3)
            if high is False and not dead:
                net.switch(at["a"], at["b"], 30.0, at["c"], 3.5)
            return
        amps = 0 if dead else wheel.high if high else wheel.low
        net.sink(at["a"], at["b"],
                 lambda u: u / wheel.seen + (0 if u < 1.5 or not amps else min(1, (u - 1.5) / 2.5) * amps))

    def node(self, nodes, bat, place, wire):
        if place in (None, "ground"):
            return 0
        if place == "battery":
            return bat
        wire = wire if wire in self.wires else "a"
        if place == "module.pins":
            return nodes["module", 0, wire]
        if place == "module":
            return nodes["module", 1, wire]
        if "@" in place:
            ident, share = place.split("@")
            share = float(share)
            if (ident, 2, wire) not in nodes:
                return nodes[ident, 0 if share < 0.5 else 1, wire]
            broken = 0.33 if self.early else 0.67
            return nodes[ident, 0 if share <= 0 else 2 if share < broken else 1, wire]
        ident, _, side = place.partition(".")
        return nodes[ident, 1 if side == "wheel-side" else 0, wire]

    def across(self, test, shown, high=False, hz=0.0, load=1e7, powered=True, name=None, red=None, black=None):
        name = name or test["circuit"]
        red = red or test.get("red") or {}
        black = black or test.get("black") or {"place": "ground"}
        net, nodes, bat = self.build(name, test, shown, high, hz, powered)
        r, b = (self.node(nodes, bat, p.get("place"), p.get("wire")) for p in (red, black))
        net.resistor(r, b, load)
        v = net.solve()
        return v[r] - v[b]

    def ohms(self, test, shown):
        """A constant current up to so many volts, range by range, as most meters do it."""
        for top, amps in ((600, 1e-3), (6e3, 1e-4), (6e4, 1e-5), (6e5, 1e-6), (6e7, 1e-8)):
            net, nodes, bat = self.build(test["circuit"], test, shown, False, 0.0, False)
            r, b = (self.node(nodes, bat, p.get("place"), p.get("wire")) for p in (test["red"], test["black"]))
            inner = 1.2 / amps
            net.resistor(r, b, inner, 1.2)
            v = net.solve()
            u = v[r] - v[b]
            value = u * inner / (1.2 - u) if u < 1.2 * (1 - 1e-9) else math.inf
            if value < top:
                return max(0.0, value)
        return math.inf

    # --- what the module makes of it

    def hertz(self, kmh):
        return kmh / 3.6 / self.metres * self.teeth

    def speed(self, test):
        state = test.get("state", {})
        wheel = state.get("wheel", "still")
        asked = state.get("speed_kmh") or {"spun": 5, "driven": 30}.get(wheel, 0)
        spread = {"spun": 0.3, "driven": 0.06}.get(wheel, 0)
        return asked * math.exp(self.rng.normal(0, spread)) if spread else 0.0

    def turning(self, name, test):
        """Whether the wheel whose sensor this input hears turns."""
        state = test.get("state", {})
        swap, heard = state.get("swap") or {}, name
        if self.wrong == "circuits-exchanged" and name in (self.suspect, self.other):
            heard = self.other if name == self.suspect else self.suspect
        if swap.get("into") == name:
            heard = swap["sensor_of"]
        if state.get("wheel") == "driven":
            return heard, True
        spun = {test["circuit"]} | ({swap["sensor_of"]} if swap else set())
        return heard, state.get("wheel") == "spun" and heard in spun

    def pins(self, name, test, shown, high, hz=0.0):
        q = dict(test, red={"place": "module.pins", "wire": "a"})
        return [self.across(q, shown, high, hz, 1e7, True, name, {"place": "module.pins", "wire": w}, {"place": "ground"})
                for w in self.wires]

    def static(self, name, test, shown):
        """What it sees at its pins with the wheel still; None where nothing."""
        low = self.pins(name, test, shown, False)
        if max(low) > max(self.volts, self.pull[0] if self.kind == "hall" else 0) + 1:
            return "short-supply"
        if not self.checks:
            return None
        if self.kind == "passive":
            at = (low[0] - low[1]) if self.front == "divider" else low[0]
            if self.front == "both":
                return "short-ground" if min(low) < 0.5 * self.volts else None
            coil = self.wheels[name].ohm
            sound = self.volts * coil / (coil + self.source * (2 if self.front == "divider" else 1))
            full = self.volts
            if at > sound + self.open_at * (full - sound):
                return "open"
            return "short-ground" if at < 2 * self.short_at * sound else None
        if self.kind == "hall":
            return "short-ground" if low[2] < 0.5 * self.volts else None
        amps = (self.volts - low[0]) / self.source if self.front == "high" else low[1] / self.source
        limited = self.front == "low" and low[0] < 0.6 * self.volts
        share = amps / 7e-3
        if limited or share > self.high_at:
            return "short-ground"
        return "open" if share < self.low_at else None

    def counts(self, name, test, shown, hz):
        """Whether pulses arrive."""
        heard, turns = self.turning(name, test)
        if not turns or self.wrong == "module-power":
            return False
        own = heard == self.suspect
        if name == self.suspect and self.wrong == "input-dead" or own and self.deaf:
            return False
        if own and self.wrong == "encoder-reversed":
            return bool(self.rng.random() < 0.08)
        if self.kind == "passive":
            # Through ten kilo-ohms of input, over the bias.
            a = self.pins(name, test, shown, False, hz)
            b = self.pins(name, test, shown, False, 0.0)
            return 2 * abs((a[0] - a[1]) - (b[0] - b[1])) > self.hears
        low, high = self.pins(name, test, shown, False), self.pins(name, test, shown, True)
        if self.kind == "hall":
            fed = self.across(dict(test, red={"place": "module.pins"}), shown, True, 0, 1e7, True, name,
                              {"place": "sensor", "wire": "c"}, {"place": "sensor", "wire": "b"}) > 3.5
            return fed and low[0] < 0.35 * self.pull[0] and high[0] > 0.65 * self.pull[0]
        line = 0 if self.front == "high" else 1
        amps = [(self.volts - p[0]) / self.source if line == 0 else p[1] / self.source for p in (low, high)]
        return amps[0] < 9.5e-3 < amps[1] and amps[0] > 2e-3

    def code_of(self, name, test, shown, driven):
        rng = self.rng
        if self.wrong == "module-power":
            return "open" if rng.random() < 0.5 else "no-signal" if driven else None
        if name == self.suspect and self.wrong == "input-dead":
            return "open" if rng.random() < 0.3 else "no-signal" if driven else None
        if name == self.suspect and (self.wrong == "no-supply" or self.off):
            return str(rng.choice(["open", "short-ground"]))
        code = self.static(name, test, shown)
        if code and code != "short-supply" and rng.random() < self.vague:
            return "open-or-short"
        if code:
            return code
        hz = self.hertz(self.speed(test))
        heard, turns = self.turning(name, test)
        if not driven and not turns:
            return None
        if driven and not self.counts(name, test, shown, hz):
            return "no-signal" if rng.random() < 0.9 else None
        own = heard == self.suspect
        if own and shown and self.wrong in COMES_AND_GOES and turns:
            return "erratic" if rng.random() < 0.8 else None
        if own and turns:
            odd = {"ring-tooth": 0.6, "ring-cracked": 0.6, "ring-runout": 0.4, "ring-wrong-count": 0.7, "wrong-tyre": 0.25}
            name_of = {"ring-wrong-count": "implausible", "wrong-tyre": "implausible"}.get(self.wrong, "erratic")
            if rng.random() < odd.get(self.wrong, 0) * (1 if driven else 0.3):
                return name_of
            if self.kind == "passive" and self.output < 0.4 and driven and rng.random() < 0.5:
                return str(rng.choice(["low-amplitude", "erratic"]))
            if self.misses and rng.random() < (0.8 if driven else 0.3):
                return "erratic"
        return None

    # --- answers

    def answer(self, test):
        if test["kind"] in ("wiggle",):
            return self.wiggle(test)
        state = test.get("state", {})
        if state.get("inject") or self.rng.random() < 0.015:
            return None
        return {"resistance": self.number, "loop": self.number, "dc-voltage": self.number, "ac-voltage": self.number,
                "lamp": self.lamp, "codes": self.codes, "live-speed": self.live, "inspect": self.look,
                "waveform": self.trace, "bench-sensor": self.bench}[test["kind"]](test)

    def powered(self, test):
        state = test.get("state", {})
        usual = "off" if test["kind"] in ("resistance", "loop", "bench-sensor", "inspect") else "on"
        return (state.get("key") or usual) == "on" and (state.get("battery") or "connected") == "connected"

    def number(self, test):
        rng, shown = self.rng, self.shown(test)
        kind = test["kind"]
        if kind in ("resistance", "loop"):
            value = self.ohms(test, shown)
            if self.kind in CURRENT and value > 1e5:
                value *= math.exp(rng.normal(0, 0.4))
                value = math.inf if value > 6e7 else value
        elif kind == "ac-voltage":
            hz = self.hertz(self.speed(test))
            heard, turns = self.turning(test["circuit"], test)
            if self.kind == "passive":
                base = self.across(test, shown, False, 0, 1e7, self.powered(test))
                value = abs(self.across(test, shown, False, hz if turns else 0, 1e7, self.powered(test)) - base) / math.sqrt(2)
            else:
                still = not turns or heard == self.suspect and (self.deaf or self.wrong == "encoder-reversed")
                lo, hi = (self.across(test, shown, h, 0, 1e7, self.powered(test)) for h in (False, True))
                value = 0 if still else abs(hi - lo) / 2
            value = math.hypot(value, rng.uniform(0.001, 0.006))
        else:
            levels = [self.across(test, shown, h, 0, 1e7, self.powered(test)) for h in (False, True)]
            wheel = self.wheels[test["circuit"]]
            turns = test.get("state", {}).get("wheel", "still") != "still"
            value = sum(levels) / 2 if turns else levels[int(wheel.stands_high)]
        if rng.random() < 0.03:  # the tip missed, or the wrong range was read
            value = (math.inf if rng.random() < 0.7 else value / 1000 if math.isfinite(value) else 0.2) \
                if kind in ("resistance", "loop") else 0.0 if rng.random() < 0.7 else value * rng.uniform(0.3, 1)
        unit = "ohm" if kind in ("resistance", "loop") else "volt_rms" if kind == "ac-voltage" else "volt"
        if not math.isfinite(value):
            return {"ohm": "OL"}
        value *= 1 + rng.normal(0, 0.005)
        if unit == "ohm":
            value = max(0.0, value + rng.uniform(0.05, 0.4))
        top = 6000
        digit = 10.0 ** (math.ceil(math.log10(max(abs(value), 0.06) / top * 0.999)))
        digit = max(digit, 0.1 if unit == "ohm" else 0.001)
        shown_value = round(round(value / digit) * digit, 6)
        reading = {unit: shown_value}
        if rng.random() < 0.4 and abs(shown_value) < 6000 and digit < 1:
            reading["digits"] = f"{shown_value:.{max(0, -int(math.floor(math.log10(digit) + 0.5)))}f}"
        if unit == "volt_rms" and rng.random() < 0.7:
            reading["hz"] = round(hz * math.exp(rng.normal(0, 0.03)), 1)
        return reading

    def lamp(self, test):
        """A bulb of 3 W, or a light-emitting diode with its resistor; how little is seen to glow is a matter of the light."""
        shown, powered = self.shown(test), self.powered(test)
        led = "LED" in str(test.get("meter", "")).upper()

        def across(load):
            return abs(self.across(test, shown, False, 0, load, powered))
        if not led:
            v = across(48.0)
            return {"lamp": "dark" if v < 2.5 else "dim" if v < 7 else "lit"}
        low, high = 680.0, 1e7  # what the diode and its 680 ohm are worth at this current
        for _ in range(40):
            load = math.sqrt(low * high)
            v = across(load)
            low, high = (load, high) if v - 680 * v / load < 2.0 else (low, load)
        milliamps = 1e3 * v / load
        return {"lamp": "dark" if milliamps < math.exp(self.rng.normal(math.log(0.25), 0.5)) else "dim" if milliamps < 2.5 else "lit"}

    def codes(self, test):
        shown = self.shown(test)
        driven = test.get("state", {}).get("wheel") == "driven"
        self.off = False  # clearing and a new start give the supply back
        out = []
        for name in self.names:
            code = self.code_of(name, test, shown, driven)
            if self.wrong == "none" and name == self.suspect and test.get("state", {}).get("wheel") == "spun":
                code = code or ("implausible" if self.rng.random() < 0.4 else None)
            if self.rng.random() < 0.005:
                code = "erratic"
            if code:
                out.append({"circuit": name, "type": code})
        return {"codes": out}

    def live(self, test):
        shown = self.shown(test)
        kmh = self.speed(test)
        out = {}
        for name in self.names:
            heard, turns = self.turning(name, test)
            value = 0.0
            if turns and self.counts(name, test, shown, self.hertz(kmh)):
                swapped = (test.get("state", {}).get("swap") or {}).get("sensor_of") == name
                value = 0.0 if swapped else kmh * (1 + self.rng.normal(0, 0.004)) * (self.ratio if heard == self.suspect else 1)
                if heard == self.suspect and self.wrong in COMES_AND_GOES and shown and self.rng.random() < 0.7:
                    value *= self.rng.uniform(0, 0.8)
                if heard == self.suspect:
                    value *= 1 - self.misses
            out[name] = round(round(value / self.step) * self.step, 2)
        return {"kmh": out}

    def look(self, test):
        rng = self.rng
        d = test.get("state", {}).get("disturb") or {}
        ident = test.get("element") or d.get("element")
        kind = {p[0]: p[1] for p in self.path}.get(ident)
        here = ident == self.element and test["circuit"] == self.suspect
        say = lambda finding: {"element": ident, "finding": finding}
        if d.get("kind") == "pull":
            gone = here and (self.wrong == "open" and rng.random() < 0.6 or self.wrong == "intermittent-open" and rng.random() < 0.4)
            return say("broken" if gone else "ok")
        if kind in ("leg", "splice") and rng.random() < 0.3:
            return say("hidden")
        sees = rng.random() < 0.6
        if here and sees:
            found = {"open": ["broken", "corroded", "chafed"], "resistive": ["corroded"], "wires-touching": ["chafed"],
                     "short-to-ground": ["chafed"], "short-to-supply": ["chafed"], "leak": ["corroded", "chafed"],
                     "intermittent-open": ["loose", "chafed"], "intermittent-short": ["chafed"], "debris": ["debris"],
                     "wide-gap": ["not-seated", "ok"], "ring-tooth": ["missing-tooth"], "ring-cracked": ["cracked"],
                     "ring-runout": ["loose", "ok"], "reversed": ["repaired"], "wrong-sensor": ["ok"]}.get(self.wrong, ["ok"])
            found = str(rng.choice(found))
            if kind == "connector" and found in ("chafed", "broken"):
                found = "corroded"
            return say(found)
        if ident == self.element and self.wrong == "wide-gap":
            return say("ok")
        u = rng.random()
        if u < 0.05:
            return say({"leg": "chafed", "splice": "repaired", "connector": "corroded"}.get(kind, "ok"))
        return say("loose" if u < 0.06 and kind == "connector" else "ok")

    def wiggle(self, test):
        rng, shown = self.rng, self.shown(test)
        kind = (test.get("state", {}).get("disturb") or {}).get("kind")
        reacts = False
        comes = self.wrong in COMES_AND_GOES or self.only_wet or self.only_warm
        wet = self.wrong in ("leak", "resistive") and kind == "wet" and not self.only_wet
        if comes and shown:
            reacts = True
            if test.get("red"):
                if self.powered(test):
                    x, y = (self.across(test, s) for s in (True, False))
                    reacts = abs(x - y) > 0.05 + 0.05 * abs(y)
                elif test.get("black"):
                    x, y = (self.ohms(test, s) for s in (True, False))
                    reacts = math.isinf(x) != math.isinf(y) or abs(x - y) > 2 + 0.05 * y if math.isfinite(x) else math.isfinite(y)
        elif wet:
            at = (test["state"]["disturb"]).get("element")
            reacts = rng.random() < (0.5 if at in (None, self.element) else 0.04)
        reacts = bool(reacts or rng.random() < 0.02)
        return {"reacts": reacts, **({"dropouts": int(rng.integers(1, 6))} if reacts and rng.random() < 0.5 else {})}

    def bench(self, test):
        bad = self.element == "sensor" and test["circuit"] == self.suspect
        p = 0.1 if self.kind != "passive" else 0.96
        if bad and self.kind == "passive":
            p = {"sensor-open": 0.02, "sensor-dead": 0.03, "sensor-shorted": 0.4, "sensor-weak": 0.5}.get(self.wrong, 0.95)
        return {"swings": bool(self.rng.random() < p)}

    # --- traces

    def trace(self, test):
        rng, name = self.rng, test["circuit"]
        if not test.get("red"):
            return None
        coded = self.kind in ("active-pwm", "active-ak")
        rate, seconds = (100000, 3.0) if coded else (float(rng.choice([5000, 10000, 20000])), float(rng.uniform(3, 6)))
        heard, turns = self.turning(name, test)
        own = heard == self.suspect
        comes = own and self.wrong in COMES_AND_GOES
        live = self.powered(test)
        kmh = self.speed(test)
        t = np.arange(int(rate * seconds)) / rate
        driven = test.get("state", {}).get("wheel") == "driven"
        v = kmh * (1 + 0.01 * np.sin(2 * np.pi * 0.4 * t) if driven else np.maximum(0, 1 - t / rng.uniform(4, 9)))
        hz = self.hertz(1) * v if turns else 0 * t
        tooth = (rng.random() * self.teeth + np.cumsum(hz) / rate) % self.teeth
        calm = not comes and self.shown(test)
        level = lambda shown, high, h=0.0: self.across(test, shown, high, h, 1e6, live)
        still = own and (self.deaf or self.wrong == "encoder-reversed")
        low, high = level(calm, False), level(calm, True)
        nth = np.cumsum(np.diff(np.floor(tooth), prepend=0) != 0)
        self.heard = rng.random(int(nth[-1]) + 1)[nth] >= self.misses
        if self.kind == "passive":
            x = low + (level(calm, False, 100.0) - low) * self.wave(tooth, hz, own)
        else:
            x = np.where(self.square(tooth, hz, rate, own, still), high, low)
            if self.kind == "active-ak" and not still:
                x = np.where(self.third(tooth, hz, rate, own), low + (high - low) * 3, x)
        if comes:
            off = level(True, False) if self.kind == "passive" else None
            n = rng.poisson((3 if driven else 0.4) if not (test.get("state", {}).get("disturb")) else 6)
            for _ in range(n):
                a = rng.uniform(0, seconds)
                burst = (t >= a) & (t < a + rng.uniform(0.002, 0.1))
                x = np.where(burst, off if off is not None else level(True, False), x)
        noise = rng.uniform(0.002, 0.012)
        x = x + rng.normal(0, noise, len(x))
        step = max(np.ptp(x), 0.5) / 255
        x = np.round(x / step) * step
        self.files += 1
        path = f"{self.folder}/{name}{self.files}.csv"
        np.savetxt(path, np.column_stack([t, x]), fmt="%.7g", delimiter=",", header="Time (s),CH1 (V)", comments="")
        return {"file": path}

    def wave(self, tooth, hz, own):
        """Of a coil, 1 at 100 Hz; rounder than a sine where the teeth stand wide."""
        where = tooth.copy()
        swell = 1.0
        gone = np.zeros(len(tooth), bool)
        if own and self.wrong == "ring-cracked":
            at = self.bad[0]
            wide = 0.5  # of a pitch, taken from the whole turn
            place = (tooth - at) % self.teeth * (self.teeth + wide) / self.teeth
            gone = place < wide
            where = place - wide
        if own and self.wrong == "ring-tooth":
            gone = np.isin(np.floor(tooth).astype(int), self.bad)
        if own and self.wrong == "ring-runout":
            swell = 1 + 0.45 * np.cos(2 * np.pi * tooth / self.teeth)
        shape = np.sin(2 * np.pi * where) + 0.12 * np.sin(4 * np.pi * where)
        return np.where(gone, 0, shape) * swell * hz / 100

    def square(self, tooth, hz, rate, own, still):
        if still or not np.any(hz):
            return np.full(len(tooth), bool(self.rng.random() < 0.5) and self.kind == "active")
        within = tooth - np.floor(tooth)
        width = 0.5
        if self.kind == "active-pwm":
            near = own and self.wrong in ("wide-gap", "debris")
            width = np.maximum((45e-6 if near else 90e-6) * hz, 1.01 * hz / rate)
        elif self.kind == "active-ak":
            width = 0.0
        on = within < width
        if own and self.misses:
            on &= self.heard
        if own and self.wrong == "ring-tooth":
            on &= ~np.isin(np.floor(tooth).astype(int), self.bad)
        if own and self.wrong == "ring-cracked":
            at = self.bad[0]
            place = (tooth - at) % self.teeth * (self.teeth + 0.5) / self.teeth
            on = (place > 0.5) & ((place - 0.5) % 1 < width)
        if self.kind == "active-ak":
            since = within / np.maximum(hz, 1e-3)
            bit = np.floor((since - 50e-6) / 50e-6).astype(int)
            data = 0b010100111
            sent = (bit >= 0) & (bit < 9)
            value = (data >> np.clip(bit, 0, 8)) & 1
            half = ((since - 50e-6) / 50e-6 - bit) < 0.5
            on = sent & (half == (value == 1)) & (self.heard if own else True)
        return on

    def third(self, tooth, hz, rate, own):
        within = tooth - np.floor(tooth)
        on = within / np.maximum(hz, 1e-3) < 50e-6
        if own and self.wrong == "ring-tooth":
            on &= ~np.isin(np.floor(tooth).astype(int), self.bad)
        if own and self.misses:
            on &= self.heard
        return on & (hz > 0)
