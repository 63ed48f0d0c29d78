"""The third hand: captures as one draws them to teach or to test, with round numbers and nothing left to chance but the
noise: even speeds, ramps, a stop at an even pace, and one thing on top at a time (a drift, a sag, hum, ripple, spikes, a
step of the level). What a bench generator, a drawing or a program gives; a hand and a road give what the other two make.

Same interface as records.py. Levels and widths: VDA interface, pulse-width and AK protocols, from memory; the rest is
common practice, no source.
"""
import numpy as np

from records import CIRCUMFERENCE, Record, drawn

LEVELS = {"active": (0.7, 1.4), "hall": (0.2, 5.0), "active-pwm": (0.75, 1.5), "active-ak": (0.7, 1.4)}


class Drive:
    """An angle over time by a plain law."""

    def __init__(self, rng, kind):
        self.kind = kind
        self.law = str(rng.choice(["even", "ramp", "dies", "stops", "sways"]))
        self.teeth = int(rng.choice([29, 43, 44, 47, 48, 50, 60, 100]))
        self.speed = float(rng.choice([8, 10, 20, 30, 50, 60])) / 3.6
        self.rate = 200_000 if kind in ("active-pwm", "active-ak") else 20_000
        seconds = float(rng.choice([2, 3, 5])) if self.rate < 1e5 else 1.0
        self.t = t = np.arange(int(seconds * self.rate)) / self.rate
        v = self.speed
        law = {"even": np.full_like(t, v), "ramp": np.linspace(0.6, v, len(t)), "dies": v * np.exp(-2 * t / seconds),
               "stops": np.maximum(0, v * (1 - t / (0.8 * seconds))),
               "sways": v * (1 + 0.1 * np.sin(2 * np.pi * 0.7 * t))}[self.law]
        self.hz = law / CIRCUMFERENCE * self.teeth
        self.most = v / CIRCUMFERENCE * self.teeth
        self.turned = float(np.sum(self.hz) / self.rate / self.teeth)
        self.angle = np.cumsum(self.hz) / self.rate + rng.uniform(0, 1)

    def tooth(self):
        return np.floor(self.angle).astype(int) % self.teeth


class Line:
    """What the wave on the line is, and how large."""

    def __init__(self, rng, kind):
        self.kind, self.rng = kind, rng
        while True:
            self.drive = d = Drive(rng, kind)
            if d.turned * d.teeth > 30:
                break
        self.noise = float(rng.choice([0.001, 0.004, 0.008]))
        self.bias = float(rng.choice([0, 1.6, 2.5])) if kind == "passive" else None
        # Volts for each hertz: 0.3 to 2 mWb of flux swing, what sound coils give.
        self.flux = float(rng.choice([0.3, 0.6, 1, 2])) * 1e-3 * 2 * np.pi
        self.swing = 2 * self.flux * d.most if kind == "passive" else np.ptp(LEVELS[kind])
        if self.drive.law in ("ramp", "dies", "stops"):
            self.noise = min(self.noise, 0.01 * self.swing)
        self.options = ("--sensor", kind) if rng.random() < 0.5 else ()
        if rng.random() < 0.5:
            self.options += ("--teeth", str(self.drive.teeth))

    def wave(self, gain=None, absent=None, angle=None):
        d = self.drive
        at = d.angle if angle is None else angle
        part = at % 1
        if self.kind == "passive":
            whole = self.bias + self.flux * d.hz * np.sin(2 * np.pi * part)
            v = np.where(part < 1, whole, self.bias)
            if gain is not None:
                v = self.bias + (v - self.bias) * gain
            return v if absent is None else np.where(absent, self.bias, v)
        low, high = LEVELS[self.kind]
        if self.kind == "active-pwm":
            return self.telegrams(low, high, 90e-6, absent)
        up = part < 0.5
        if absent is not None:
            up &= ~absent
        return np.where(up, high, low)

    def starts(self):
        return np.flatnonzero(np.diff(np.floor(self.drive.angle)) > 0)

    def telegrams(self, low, high, width, absent=None):
        v = np.full_like(self.drive.t, low)
        for at in self.starts():
            if absent is None or not absent[min(at + 1, len(absent) - 1)]:
                v[at:at + int(round(width * self.drive.rate))] = high
        return v

    def record(self, name, v, **more):
        v = v + self.noise * self.rng.standard_normal(len(v))
        return Record(f"{name} {self.kind} {self.drive.law}", self.drive.rate, v, "V", self.options, **more)


def data_words(rng, stands):
    """Words of nine bits behind a speed pulse; of a wheel that stands, every 150 ms, with no more than the middle level."""
    rate, low, middle, high = 200_000, 0.7, 1.4, 2.8
    t = np.arange(rate) / rate
    v = np.full_like(t, low)
    apart = 0.15 if stands else CIRCUMFERENCE / 48 / (float(rng.choice([6, 20, 40])) / 3.6)
    for start in np.arange(0.003, 0.998, apart):
        i = int(start * rate)
        v[i:i + 10] = middle if stands else high
        i += 15
        bits = list(rng.integers(0, 2, 8))
        for bit in bits + [sum(bits) % 2]:
            v[i:i + 5], v[i + 5:i + 10] = (middle, low) if bit else (low, middle)
            i += 10
    v += float(rng.choice([0.001, 0.005])) * rng.standard_normal(len(t))
    options = ("--sensor", "active-ak") if rng.random() < 0.5 else ()
    return Record("words standing" if stands else "words", rate, v, "V", options, steady=True)


def on_top(rng, line, v):
    """One thing that is no fault."""
    d, swing = line.drive, line.swing
    what = str(rng.choice(["nothing", "drift", "sag", "ripple", "hum", "spikes"]))
    if line.drive.law in ("ramp", "dies", "stops") and line.kind == "passive":
        what = "nothing"  # beside a wave that fades hardly anything is small
    if what == "drift":
        v = v + 0.4 * swing * d.t / d.t[-1]
    elif what == "sag":
        v = v - np.mean(v) + 0.5 * swing * np.exp(-d.t / 0.4)
    elif what == "ripple":
        v = v + 0.04 * swing * np.sin(2 * np.pi * 33 * d.t)
    elif what == "hum":
        v = v + 0.03 * swing * np.sin(2 * np.pi * 50 * d.t)
    elif what == "spikes" and line.kind != "passive":
        for s in rng.uniform(0.1, d.t[-1] - 0.1, 4):
            v[int(s * d.rate):int(s * d.rate) + 2] += 3 * swing
    return what, v


def sound(rng):
    if rng.random() < 0.12:
        return data_words(rng, rng.random() < 0.5)
    line = Line(rng, str(rng.choice(["passive", "passive", "active", "active", "hall", "active-pwm", "active-pwm"])))
    what, v = on_top(rng, line, line.wave())
    moving = line.drive.hz[line.drive.hz > 0.05 * line.drive.most]
    hz = float(np.median(moving)) if line.drive.law == "even" else 0.0
    return line.record(what, v, steady=line.drive.law == "even", hz=hz)


def bursts(rng, line, v, level):
    """Three stretches of 30 ms at another level, none in the first or last tenth."""
    d = line.drive
    end = d.t[-1] * (0.6 if d.law == "stops" else 0.9)
    drops = []
    for s in np.sort(rng.uniform(0.1 * d.t[-1], end, 3)):
        if drops and s < drops[-1][1] + 0.1:
            continue
        a, b = int(s * d.rate), int((s + 0.03) * d.rate)
        v[a:b] = level
        drops.append((a / d.rate, b / d.rate, level))
    return v, drops


def marked(rng, kind, what):
    """Something of the ring, over three turns and more."""
    while True:
        line = Line(rng, kind)
        d = line.drive
        if d.turned > 3.2 and d.law != "ramp":
            break
    at = d.tooth() == d.teeth // 3
    if what == "missing":
        return line.record(what, line.wave(absent=at), codes=("missing-tooth",))
    if what == "weak tooth":
        return line.record(what, line.wave(gain=np.where(at, 0.35, 1.0)), codes=("damaged-tooth", "missing-tooth"))
    if what == "swell":
        return line.record(what, line.wave(gain=1 + 0.4 * np.sin(2 * np.pi * d.angle / d.teeth)), codes=("ring-runout",))
    wider = d.teeth + 0.6
    along = (d.angle * wider / d.teeth) % wider
    return line.record(what, line.wave(angle=np.where(along < d.teeth, along, 0.9999 if kind != "passive" else 0.0)),
                       codes=("cracked-ring",))


def lets_go(rng):
    kind = str(rng.choice(["passive", "active", "active-pwm"]))
    line = Line(rng, kind)
    if kind == "passive":
        line.bias = float(rng.choice([1.6, 2.5]))
    # Teeth pass so fast that 30 ms are no single one of them.
    while line.drive.law != "even" or line.drive.most < 90:
        line.drive = Drive(rng, kind)
        line.swing = 2 * line.flux * line.drive.most if kind == "passive" else line.swing
    short = bool(rng.random() < 0.5)
    level = {"passive": 0.0 if short else 5.0, "active": 11.5 if short else 0.0, "active-pwm": 11.5 if short else 0.0}[kind]
    v, drops = bursts(rng, line, line.wave(), level)
    return line.record("short" if short else "open", v, drops=drops,
                       codes=("intermittent-short" if short else "intermittent-open",))


def level_steps(rng):
    line = Line(rng, str(rng.choice(["passive", "active", "active-pwm", "hall"])))
    while line.drive.law != "even":
        line.drive = Drive(rng, line.kind)
        line.swing = 2 * line.flux * line.drive.most if line.kind == "passive" else line.swing
    step = float(rng.choice([0.4, 0.6, 0.8])) * line.swing
    return line.record("level steps", line.wave() + np.where(line.drive.t > 0.55 * line.drive.t[-1], step, 0),
                       codes=("bias-shift",))


def dead(rng):
    line = Line(rng, str(rng.choice(["passive", "active", "hall"])))
    level = line.bias if line.kind == "passive" else float(rng.choice(LEVELS[line.kind]))
    return line.record("dead", np.full_like(line.drive.t, level), codes=("no-signal",))


def faulty(rng):
    kind = rng.random()
    if kind < 0.45:
        what = str(rng.choice(["missing", "weak tooth", "swell", "crack"]))
        kinds = ["passive"] if what in ("weak tooth", "swell") else ["passive", "active", "hall"]
        return marked(rng, str(rng.choice(kinds)), what)
    return lets_go(rng) if kind < 0.75 else level_steps(rng) if kind < 0.93 else dead(rng)


def records(seed, count, is_faulty):
    yield from drawn(seed * 2 + int(is_faulty) + 7, count, is_faulty, faulty if is_faulty else sound)
