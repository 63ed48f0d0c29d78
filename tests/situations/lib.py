"""Makes cases as the published format has them, and asks the program about them."""
import copy
import json
import math
import os
import subprocess
import tempfile

CLI = os.environ.get("HAYBALE_CLI", "build/release/src/cli/haybale-cli")
PATIENCE = float(os.environ.get("HAYBALE_PATIENCE", "1"))  # times: a sanitizer's build answers late
CASES = []


def case(harm=False):
    """Registers a situation: a generator of (right, why) pairs."""
    def keep(f):
        CASES.append((f.__name__, f, harm))
        return f
    return keep


WHEELS = {"FL": "front left", "FR": "front right", "RL": "rear left", "RR": "rear right"}


def path(connectors=2, splice=False):
    p = [{"id": "module", "kind": "module", "zone": "engine-bay", "access_min": 4}]
    for i in range(1, connectors + 1):
        last = i == connectors
        p.append({"id": f"L{i}", "kind": "leg", "length_m": 0.8 if last else 2.5, "area_mm2": 0.5,
                  "zone": "flex" if last else "cabin", "access_min": 3 if last else 6})
        if splice and i == connectors:
            p.append({"id": "S1", "kind": "splice", "zone": "wheelhouse", "access_min": 3})
            p.append({"id": "L9", "kind": "leg", "length_m": 0.3, "area_mm2": 0.5, "zone": "flex", "access_min": 3})
        p.append({"id": f"C{i}", "kind": "connector", "zone": "wheelhouse" if last else "underbody",
                  "access_min": 3 if last else 6})
    p.append({"id": "sensor", "kind": "sensor", "zone": "wheelhouse", "access_min": 8})
    p.append({"id": "ring", "kind": "ring", "access_min": 5})
    return p


class Situation:
    def __init__(self, suspect="RR", kind="passive", wheels=WHEELS, connectors=2, splice=False, teeth=48,
                 tools=("multimeter", "scope", "scan-tool", "jumper-leads", "test-lamp"), when=("always",)):
        self.kept = tempfile.TemporaryDirectory()
        self.dir = self.kept.name
        self.case = {
            "format": "haybale-case", "version": 1,
            "job": {"title": "t", "vehicle": "Hay wagon", "circumference_m": 1.95},
            "circuits": [{"name": n, "location": w, "sensor": {"kind": kind, "teeth": teeth},
                          "path": path(connectors, splice)} for n, w in wheels.items()],
            "suspect": suspect, "complaint": {"when": list(when)}, "toolbox": list(tools),
            "allowed": ["unplug", "back-probe"], "evidence": []}
        self.connectors = connectors

    def circuit(self, name):
        return next(c for c in self.case["circuits"] if c["name"] == name)

    def add(self, kind, circuit, reading, red=None, black=None, **state):
        test = {"kind": kind, "circuit": circuit, "state": state}
        for lead, at in (("red", red), ("black", black)):
            if at:
                place, _, wire = at.partition(" ")
                test[lead] = {"place": place}
                if wire:
                    test[lead]["wire"] = wire
        self.case["evidence"].append({"test": test, "reading": reading})
        return self

    def plug(self):
        return f"C{self.connectors}"

    def pair(self, circuit, ohm, **more):
        return self.add("resistance", circuit, {"ohm": ohm, **more}, f"{self.plug()}.wheel-side a",
                        f"{self.plug()}.wheel-side b", key=more.pop("key", "off"), unplugged=[self.plug()])

    def loop(self, circuit, ohm):
        return self.add("resistance", circuit, {"ohm": ohm}, "module a", "module b", key="off", unplugged=["module"])

    def volts(self, circuit, wire, volt, plugged=False, place=None, key="on", **more):
        place = place or f"{self.plug()}.module-side"
        return self.add("dc-voltage", circuit, {"volt": volt, **more}, f"{place} {wire}", "ground", key=key,
                        unplugged=[] if plugged else [self.plug()])

    def codes(self, codes, wheel="still", circuit=None, **state):
        return self.add("codes", circuit or self.case["suspect"],
                        {"codes": [{"circuit": c, "type": t} for c, t in codes]}, wheel=wheel, **state)

    def speeds(self, kmh, wheel="driven", circuit=None, **state):
        return self.add("live-speed", circuit or self.case["suspect"], {"kmh": kmh}, wheel=wheel, **state)

    def look(self, element, finding):
        return self.add("inspect", self.case["suspect"], {"element": element, "finding": finding},
                        disturb=None, key="off")

    def trace(self, circuit, values, rate, wheel="spun", red=None, plugged=True, black=None, unit="V", **state):
        name = os.path.join(self.dir, f"{circuit}{len(self.case['evidence'])}.csv")
        with open(name, "w") as f:
            f.write(f"Time (s),Trace ({unit})\n")
            for i, v in enumerate(values):
                f.write(f"{i / rate:.7g},{v:.5g}\n")
        return self.add("waveform", circuit, {"file": name}, red or f"{self.plug()}.module-side a", black, wheel=wheel,
                        unplugged=[] if plugged else [self.plug()], **state)

    def ask(self):
        name = os.path.join(self.dir, "case.json")
        with open(name, "w") as f:
            json.dump(self.case, f)
        done = subprocess.run([CLI, "diagnose", name, "--json"], capture_output=True, text=True,
                              timeout=60 * PATIENCE)
        if done.returncode != 0:
            raise RuntimeError(done.stderr)
        return Answer(json.loads(done.stdout))


class Answer:
    def __init__(self, out):
        self.out = out
        self.state = out["verdict"]["state"]
        self.verdict = out["verdict"]
        self.tests = out["next_tests"]
        self.options = out["options"]
        self.traps = {t["code"] for t in out["traps"]}

    def p(self, element=None, fault=None, wire=None):
        return sum(s["probability"] for s in self.out["suspects"]
                   if s["element"] != "other" and (element is None or s["element"] == element)
                   and (fault is None or s["fault"] == fault) and (wire is None or s["wire"] == wire))

    def none(self):
        return sum(s["probability"] for s in self.out["suspects"] if s["element"] is None and s["fault"] == "none")

    def wiring(self):
        return sum(s["probability"] for s in self.out["suspects"]
                   if s["element"] and s["element"][0] in "LCS" and s["element"] != "other")

    def first_work(self):
        return next((o for o in self.options if o["kind"] not in ("measure", "stop")), None)

    def cure(self, kind, element=None):
        return sum(o["cures"] for o in self.options if o["kind"] == kind and (element is None or o["element"] == element))

    def told(self, most=6):
        return "; ".join(f"{s['probability']:.2f} {s['element']} {s['wire'] or ''} {s['fault']}"
                         for s in sorted(self.out["suspects"], key=lambda s: -s["probability"])[:most])


def square(low, high, hz, seconds, rate, duty=0.5, noise=0.005, seed=1):
    import random
    r = random.Random(seed)
    return [(high if (i / rate * hz) % 1 < duty else low) + r.gauss(0, noise) for i in range(int(seconds * rate))]


def flat(level, seconds, rate, noise=0.005, seed=1):
    import random
    r = random.Random(seed)
    return [level + r.gauss(0, noise) for _ in range(int(seconds * rate))]


def sine(amplitude, hz, seconds, rate, bias=0, noise=0.003, seed=1):
    import random
    r = random.Random(seed)
    return [bias + amplitude * math.sin(2 * math.pi * hz * i / rate) + r.gauss(0, noise)
            for i in range(int(seconds * rate))]


def telegrams(width, low, high, hz, seconds, rate, noise=0.0, seed=1):
    import random
    r = random.Random(seed)
    return [(high if ((i / rate * hz) % 1) / hz < width else low) + r.gauss(0, noise)
            for i in range(int(seconds * rate))]
