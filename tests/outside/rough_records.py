"""Made-up captures of wheels as a yard has them, beside the tidy ones of records.py: coils whose wave is no sine, wheels
rocked to and fro, brakes, an engine that runs, instruments with few steps or few samples, couplings that sag, edges that
ring or crawl, current drawn through long leads. Nothing of it comes from the program, and its shapes are not those of
records.py either.

Shapes of a coil's wave (derivative of a bell of flux over each tooth), ignition and alternator, probes: common practice,
no source. records(seed, count, faulty) yields records.Record.
"""
import numpy as np
from scipy.signal import lfilter

from records import CIRCUMFERENCE, Record, bursts, highpassed, quantised


# --- how a wheel is moved: metres per second over time, which may be backwards

def cruise(rng):
    v = rng.uniform(3, 25)
    return dict(name="cruise", seconds=rng.uniform(1, 3), speed=lambda t: v + 0 * t)


def pull_away(rng):
    a, v0 = rng.uniform(1, 4), rng.uniform(0.3, 2)
    return dict(name="pull-away", seconds=rng.uniform(2, 5), speed=lambda t: v0 + a * t)


def brake(rng):
    v, a = rng.uniform(4, 12), rng.uniform(2, 6)
    return dict(name="brake", seconds=v / a + rng.uniform(0.3, 1), speed=lambda t: np.maximum(0, v - a * t))


def rocked(rng):
    """To and fro by hand, from an eighth of a turn to over half a turn each way."""
    f, x = rng.uniform(0.3, 0.8), rng.uniform(0.15, 0.6)
    return dict(name="rocked", seconds=rng.uniform(3, 6), speed=lambda t: x * 2 * np.pi * f * np.sin(2 * np.pi * f * t))


def pushes(rng):
    """Pushed on by hand again and again, slowing between."""
    every, v, tau, push = rng.uniform(0.6, 1.3), rng.uniform(0.8, 2), rng.uniform(0.8, 2.5), rng.uniform(0.12, 0.3)
    left = np.exp(-(every - push) / tau)

    def speed(t):
        s = t % every
        return v * np.where(s < push, left + (1 - left) * s / push, np.exp(-(s - push) / tau))
    return dict(name="pushes", seconds=rng.uniform(3, 6), speed=speed)


def rough_road(rng):
    v = rng.uniform(4, 12)
    parts = [(rng.uniform(2, 15), rng.uniform(0, 0.03), rng.uniform(0, 6)) for _ in range(4)]
    return dict(name="rough-road", seconds=rng.uniform(1.5, 4),
                speed=lambda t: v * (1 + sum(a * np.sin(2 * np.pi * f * t + p) for f, a, p in parts)))


LAWS = [cruise, pull_away, brake, rocked, pushes, rough_road]
STEADY = ("cruise", "rough-road", "pull-away")


class Wheel:
    def __init__(self, rng, law, teeth, rate):
        self.law, self.teeth, self.rate = law, teeth, rate
        self.t = np.arange(int(law["seconds"] * rate)) / rate
        self.hz = law["speed"](self.t) / CIRCUMFERENCE * teeth
        self.angle = rng.uniform(0, teeth) + np.cumsum(self.hz) / rate

    def steady(self):
        return self.law["name"] in STEADY and abs(self.angle[-1] - self.angle[0]) > 12

    def turns(self):
        return abs(self.angle[-1] - self.angle[0]) / self.teeth


def fitting_rate(rng, law, teeth, least):
    """A rate of sampling that gives the fastest cycle at least so many samples."""
    t = np.linspace(0, law["seconds"], 500)
    fastest = np.max(np.abs(law["speed"](t))) / CIRCUMFERENCE * teeth
    rates = [r for r in (1000., 2500., 5000., 10000., 20000., 25000., 50000., 100000., 250000.) if r >= least * fastest]
    return float(rates[int(rng.integers(min(3, len(rates))))]) if rates else 250000.


# --- a coil before teeth: each tooth a bell of flux, the voltage its slope

class Coil:
    def __init__(self, rng, law, teeth=None, places=None, heights=None, swell=None, least=7):
        self.rng = rng
        teeth = teeth or int(rng.choice([29, 36, 43, 46, 48, 50, 58, 60, 80, 100]))
        self.wheel = w = Wheel(rng, law, teeth, fitting_rate(rng, law, teeth, least))
        # Places of the teeth in pitches, and how much flux each brings.
        places = np.arange(teeth) + 0.02 * rng.standard_normal(teeth) if places is None else places(teeth)
        heights = 1 + 0.025 * rng.standard_normal(teeth) if heights is None else heights(teeth)
        width = rng.uniform(0.13, 0.24)
        fine = 64
        grid = np.arange(teeth * fine) / fine
        flux = np.zeros(len(grid))
        for p, h in zip(places, heights):
            d = (grid - p + teeth / 2) % teeth - teeth / 2
            flux += h * np.exp(-0.5 * (d / width) ** 2)
        swell = rng.uniform(0, 0.06) if swell is None else swell
        flux = flux * (1 + swell * np.sin(2 * np.pi * grid / teeth + rng.uniform(0, 6)))
        slope = (np.roll(flux, -1) - np.roll(flux, 1)) * fine / 2
        # 0.1 to 1.5 V of AC from a brisk spin of 48 teeth a second: half a milliweber-turn and more.
        webers = rng.uniform(1, 6) * 1e-3 * 48 / teeth
        self.v = webers * w.hz * np.interp(w.angle % teeth, np.arange(teeth * fine + 1) / fine, np.append(slope, slope[0]))
        # A coil and its cable hold back the fastest.
        corner = rng.uniform(2e3, 2e4)
        k = np.exp(-2 * np.pi * corner / w.rate)
        self.v = lfilter([1 - k], [1, -k], self.v)
        self.amplitude = np.max(np.abs(self.v)) + 1e-9
        self.bias = rng.choice([0.0, rng.uniform(0.4, 2.6)])
        self.unloaded = self.bias * rng.uniform(1.1, 3) + 0.2

    def finish(self, v=None, noise=None):
        v = self.v + self.bias if v is None else v
        noise = self.rng.uniform(0.001, 0.02) if noise is None else noise
        return v + noise * self.amplitude * self.rng.standard_normal(len(v))


def engine(rng, t, size):
    """Ignition: single short spikes of either sign at an even beat."""
    out = np.zeros(len(t))
    beat = rng.uniform(0.02, 0.06)
    at = np.arange(rng.uniform(0, beat), t[-1], beat)
    i = np.minimum((at / (t[1] - t[0])).astype(int), len(t) - 2)
    out[i] += size * rng.uniform(0.5, 1, len(i))
    out[i + 1] -= size * rng.uniform(0.2, 0.6, len(i))
    return out


def alternator(rng, t, size):
    f = rng.uniform(200, 1200)
    return size * (np.abs(np.sin(np.pi * f * t)) - 2 / np.pi) + 0.3 * size * np.sin(2 * np.pi * rng.uniform(0.05, 0.4) * t)


def coarse(rng, v, bits=8):
    """On a range far too large: some ten to forty steps are all that moves."""
    span = max(v.max() - v.min(), 1e-9)
    step = span / rng.uniform(12, 40)
    return np.round(v / step) * step


def sound_coil(rng):
    law = LAWS[rng.integers(len(LAWS))](rng)
    few = rng.random() < 0.25
    c = Coil(rng, law, least=5 if few else 8)
    v, how = c.v + c.bias, "few-samples" if few else "plain"
    which = rng.random()
    if which < 0.15:
        v, how = v + engine(rng, c.wheel.t, rng.uniform(0.05, 0.25) * c.amplitude), "engine"
    elif which < 0.3:
        v, how = v + alternator(rng, c.wheel.t, rng.uniform(0.02, 0.08) * c.amplitude), "alternator"
    elif which < 0.4:
        v, how = highpassed(v, c.wheel.rate, rng.uniform(1, 7)), "sags"
    elif which < 0.5:
        limit = rng.uniform(0.6, 0.9) * c.amplitude
        v, how = np.clip(v, c.bias - limit, c.bias + limit), "clipped"
    v = c.finish(v)
    if which > 0.85:
        v, how = coarse(rng, v), "coarse"
    else:
        v = quantised(rng, v)
    options = ["--teeth", str(c.wheel.teeth)] if rng.random() < 0.4 else []
    if rng.random() < 0.4:
        options += ["--sensor", "passive"]
    return Record(f"coil {law['name']} {how}", c.wheel.rate, v, options=tuple(options), steady=c.wheel.steady())


# --- two levels

class Switch:
    def __init__(self, rng, law, how=None, teeth=None, places=None, missing=(), least=10):
        self.rng = rng
        teeth = teeth or int(rng.choice([43, 48, 48, 58, 60, 86]))
        self.wheel = w = Wheel(rng, law, teeth, fitting_rate(rng, law, teeth, least))
        places = np.arange(teeth) + 0.008 * rng.standard_normal(teeth) if places is None else places(teeth)
        duty = rng.uniform(0.3, 0.7)
        # The magnet sits a little out of true: the share that is on swings once a turn.
        swing = rng.uniform(0, 0.06)
        order = np.argsort(places % teeth)
        starts = (places % teeth)[order]
        phase = w.angle % teeth
        k = np.searchsorted(starts, phase, side="right") - 1
        since = np.where(k < 0, phase - starts[-1] + teeth, phase - starts[k])
        which = order[k]
        on = (since < duty + swing * np.sin(2 * np.pi * which / teeth)) & ~np.isin(which, list(missing))
        self.how = how or rng.choice(["sense", "ampere", "sensed", "feed", "hall"])
        low, high = 0.007 * rng.uniform(0.88, 1.12), 0.014 * rng.uniform(0.88, 1.12)
        self.ohm, self.unit, self.options = rng.choice([33.0, 75.0, 100.0, 180.0]), "V", []
        if self.how == "ampere":
            self.low, self.high, self.unit = low, high, "A"
        elif self.how == "feed":
            self.supply = rng.uniform(9.5, 13.8)
            self.low, self.high = self.supply - low * self.ohm, self.supply - high * self.ohm
        elif self.how == "hall":
            self.low, self.high = rng.choice([4.9, 7.8, 11.8]) * rng.uniform(0.95, 1.03), rng.uniform(0.05, 0.6)
            self.supply = self.low
        else:
            self.low, self.high = low * self.ohm, high * self.ohm
            self.options = ["--sense-resistor", f"{self.ohm:.1f}"] if self.how == "sensed" else []
        self.swing = abs(self.high - self.low)
        self.clean = np.where(on, self.high, self.low)

    def edges(self, v):
        """Long leads: edges that crawl, or ring."""
        rng, rate = self.rng, self.wheel.rate
        if rng.random() < 0.5:
            k = np.exp(-1 / (rate * rng.uniform(5e-6, 8e-5)))
            return lfilter([1 - k], [1, -k], v - v[0]) + v[0]
        f, damping = rng.uniform(2e3, 2e4), rng.uniform(0.25, 0.6)
        if f > rate / 5:
            return v  # over before the next sample
        w = 2 * np.pi * f / rate
        r = np.exp(-damping * w)
        a = [1, -2 * r * np.cos(w * np.sqrt(1 - damping ** 2)), r * r]
        return lfilter([sum(a)], a, v - v[0]) + v[0]

    def finish(self, v, noise=None):
        noise = self.rng.uniform(0.002, 0.025) if noise is None else noise
        return v + noise * self.swing * self.rng.standard_normal(len(v))


def sound_switch(rng):
    law = LAWS[rng.integers(len(LAWS))](rng)
    q = Switch(rng, law)
    v, how, t = q.edges(q.clean), "plain", q.wheel.t
    which = rng.random()
    if which < 0.15:
        v, how = v + engine(rng, t, rng.uniform(0.1, 0.4) * q.swing), "engine"
    elif which < 0.35:
        v, how = v + alternator(rng, t, rng.uniform(0.03, 0.12) * q.swing), "alternator"
    elif which < 0.5 and q.how in ("sense", "feed"):
        v, how = highpassed(v, q.wheel.rate, rng.uniform(0.3, 4)), "sags"
    v = q.finish(v)
    v, how = (coarse(rng, v), how + " coarse") if which > 0.85 else (quantised(rng, v), how)
    options = [*q.options, *(["--teeth", str(q.wheel.teeth)] if rng.random() < 0.4 else [])]
    if rng.random() < 0.4:
        options += ["--sensor", "hall" if q.how == "hall" else "active"]
    return Record(f"{q.how} {law['name']} {how}", q.wheel.rate, v, q.unit, tuple(options), steady=q.wheel.steady() and how != "sags")


def sound(rng):
    return sound_coil(rng) if rng.random() < 0.55 else sound_switch(rng)


# --- with something wrong

def turning(rng, least_turns=0.0):
    law = [cruise, rough_road, pull_away, pushes][rng.integers(4)](rng)
    t = np.linspace(0, law["seconds"], 400)
    while np.mean(np.abs(law["speed"](t))) * t[-1] / CIRCUMFERENCE < least_turns:
        law["seconds"] *= 1.4
        t = np.linspace(0, law["seconds"], 400)
    return law


def spoilt_ring(rng):
    what = rng.choice(["missing", "cracked", "shallow", "runout"])
    law = turning(rng, 2.8)
    options = []
    amount = rng.uniform(0.25, 0.6)

    def places(teeth):
        p = np.arange(teeth) + 0.01 * rng.standard_normal(teeth)
        if what == "cracked":  # it opened: all others sit a little closer
            p[int(rng.integers(teeth)):] += amount
            p *= teeth / (teeth + amount)
        return p

    def heights(teeth):
        h, k = 1 + 0.02 * rng.standard_normal(teeth), int(rng.integers(teeth))
        if what == "missing":
            h[k] = 0.0
        elif what == "shallow":
            h[k] *= rng.uniform(0.3, 0.6)
        return h
    codes = {"missing": ("missing-tooth",), "cracked": ("cracked-ring",), "shallow": ("damaged-tooth",),
             "runout": ("ring-runout",)}[what]
    if what in ("missing", "cracked") and rng.random() < 0.5:
        teeth = int(rng.choice([43, 48, 60]))
        q = Switch(rng, law, how=rng.choice(["sense", "ampere", "feed", "hall"]), teeth=teeth, places=places,
                   missing=(int(rng.integers(teeth)),) if what == "missing" else (), least=16)
        options = [*q.options, *(["--teeth", str(teeth)] if rng.random() < 0.5 else [])]
        return Record(f"ring {what} {q.how} {law['name']}", q.wheel.rate, quantised(rng, q.finish(q.edges(q.clean))), q.unit,
                      tuple(options), False, codes)
    c = Coil(rng, law, places=places, heights=heights, swell=rng.uniform(0.25, 0.5) if what == "runout" else 0.02, least=14)
    if what == "runout" or rng.random() < 0.5:
        options = ["--teeth", str(c.wheel.teeth)]
    return Record(f"ring {what} coil {law['name']}", c.wheel.rate, quantised(rng, c.finish()), options=tuple(options),
                  healthy=False, codes=codes)


def loose_strand(rng):
    """Lets go while it turns: each time a few chatters in a row, back through the filter of the input."""
    law = turning(rng)
    opens = rng.random() < 0.65
    code = ("intermittent-open",) if opens else ("intermittent-short",)
    if rng.random() < 0.5:
        c = Coil(rng, law, least=14)
        c.bias = max(c.bias, 0.5)
        scale = min(1.0, 1.0 / c.amplitude)
        c.v, c.amplitude = c.v * scale, c.amplitude * scale
        level = c.bias + 1.6 * c.amplitude + rng.uniform(0.3, 2) if opens else 0.0
        if not opens:
            c.bias = 1.6 * c.amplitude + rng.uniform(0.3, 1)
        w, v, unit, options, wave = c.wheel, c.v + c.bias, "V", (), c
    else:
        q = Switch(rng, law, how=rng.choice(["sense", "ampere", "feed"]), least=16)
        if q.how == "feed":
            level = q.supply if opens else 0.0
        else:
            level = 0.0 if opens else q.high * rng.uniform(2.2, 5)
        w, v, unit, options, wave = q.wheel, q.clean, q.unit, ("--sensor", "active"), q
    period = 1 / max(1.0, np.median(np.abs(w.hz)))
    drops = []
    for a, b in bursts(rng, law["seconds"], int(rng.integers(1, 5)), max(3 * period, 0.006), 0.3, max(0.05, 5 * period)):
        drops.append((a, b, float(level)))
    for a, b, l in drops:
        v = np.where((w.t >= a) & (w.t < b), l, v)
    return Record(f"strand {'open' if opens else 'short'} {'coil' if isinstance(wave, Coil) else wave.how} {law['name']}",
                  w.rate, quantised(rng, wave.finish(v, noise=rng.uniform(0.002, 0.012))), unit, options, False, code, drops)


def at_rest(rng):
    """Nothing turns though somebody says he spins it: flat at a level, with the yard's hum or a radio's hiss."""
    seconds, rate = rng.uniform(1, 4), float(rng.choice([2000, 10000, 50000]))
    t = np.arange(int(seconds * rate)) / rate
    level = rng.choice([0.0, rng.uniform(0.3, 3), rng.uniform(9, 13.5)])
    hum = rng.choice([0.0, rng.uniform(0.005, 0.05)])
    f = rng.choice([50, 60]) * rng.uniform(0.998, 1.002)
    v = level + hum * (np.sin(2 * np.pi * f * t) + 0.3 * np.sin(4 * np.pi * f * t + 1) + 0.2 * np.sin(10 * np.pi * f * t)) \
        + rng.uniform(0.001, 0.006) * rng.standard_normal(len(t))
    return Record(f"at rest {'hum' if hum else 'flat'}", rate, quantised(rng, v),
                  options=("--sensor", "passive") if level < 4 and rng.random() < 0.6 else (), healthy=False, codes=("no-signal",))


def leaning_bias(rng):
    """The middle goes elsewhere within a tenth of a second, and stays."""
    law = [cruise, rough_road][rng.integers(2)](rng)
    c = Coil(rng, law)
    c.bias = max(c.bias, 1.5 * c.amplitude)
    at, take = rng.uniform(0.3, 0.7) * law["seconds"], rng.uniform(0.005, 0.08)
    step = rng.choice([-1, 1]) * rng.uniform(0.7, 1.4) * c.amplitude
    return Record(f"bias leans {law['name']}", c.wheel.rate,
                  quantised(rng, c.finish(c.v + c.bias + step * np.clip((c.wheel.t - at) / take, 0, 1))),
                  options=("--sensor", "passive") if rng.random() < 0.5 else (), healthy=False, codes=("bias-shift",))


def off_current(rng):
    law = [cruise, rough_road, pushes][rng.integers(3)](rng)
    q = Switch(rng, law, how=rng.choice(["ampere", "sensed"]))
    scale = q.ohm if q.how == "sensed" else 1.0
    low, high = [(0.0035, 0.0105), (0.0105, 0.0175), (0.007, 0.0095), (0.007, 0.021)][rng.integers(4)]
    v = np.where(q.clean == q.high, high * scale, low * scale)
    return Record("off current", q.wheel.rate, quantised(rng, q.finish(q.edges(v), noise=0.01)), q.unit, tuple(q.options), False,
                  ("low-current-level", "high-current-level"))


def another_kind(rng):
    """What was asked for is not what is there."""
    law = [cruise, rough_road, pull_away][rng.integers(3)](rng)
    if rng.random() < 0.5:
        c = Coil(rng, law)
        return Record("another kind coil", c.wheel.rate, quantised(rng, c.finish()), options=("--sensor", "active"),
                      healthy=False, codes=("wrong-protocol",))
    q = Switch(rng, law, how=rng.choice(["sense", "ampere", "feed"]))
    return Record(f"another kind {q.how}", q.wheel.rate, quantised(rng, q.finish(q.edges(q.clean))), q.unit,
                  ("--sensor", rng.choice(["passive", "active-ak"])), False, ("wrong-protocol",))


FAULTS = [(spoilt_ring, 0.36), (loose_strand, 0.3), (at_rest, 0.1), (leaning_bias, 0.07), (off_current, 0.08), (another_kind, 0.09)]


def records(seed, count, faulty):
    weights = np.array([w for _, w in FAULTS])
    for k in range(count):
        rng = np.random.default_rng([seed, k, int(faulty), 77])
        yield FAULTS[rng.choice(len(FAULTS), p=weights / weights.sum())][0](rng) if faulty else sound(rng)
