"""Made-up captures of wheel speed sensors, sound and faulty, from a wheel's angle over time: nothing of it comes from
the program. Each record says what is true of it.

Levels and widths: VDA interface (7/14 mA), pulse-width protocol (45/90 us ...), AK protocol (28 mA, 50 us), all from
memory; spins, noise, contact bursts and what lines show while they are moved: common practice, no source.

records(seed, count, faulty) yields Record; Record.save(path) writes a 32-bit float WAV, whose full scale is 1 V or A.
"""
from dataclasses import dataclass, field
import struct

import numpy as np

CIRCUMFERENCE = 1.94


@dataclass
class Record:
    name: str
    rate: float
    values: np.ndarray
    unit: str = "V"
    options: tuple = ()
    healthy: bool = True
    codes: tuple = ()          # any of them as the main finding is right
    drops: list = field(default_factory=list)  # (start, end, level)
    steady: bool = False       # the wheel is judged by pulses: it may be called healthy
    hz: float = 0.0            # true median of the turning part, 0: not asked

    def save(self, path):
        data = np.asarray(self.values, "<f4").tobytes()
        head = struct.pack("<4sI4s4sIHHIIHH4sI", b"RIFF", 36 + len(data), b"WAVE", b"fmt ", 16, 3, 1, int(self.rate),
                           int(self.rate) * 4, 4, 32, b"data", len(data))
        path.write_bytes(head + data)

    def arguments(self):
        return ["--full-scale", "1", "--unit", self.unit, *self.options]


def drawn(seed, count, is_faulty, one):
    """So many of what `one` makes of a random generator."""
    rng = np.random.default_rng(seed)
    for _ in range(count):
        r = one(rng)
        r.healthy = not is_faulty
        yield r


class Spin:
    """Teeth passed at each sample, by a law of speed in m/s."""

    def __init__(self, rng, teeth, rate, law, start=None):
        self.teeth, self.rate = teeth, rate
        self.t = np.arange(int(law["seconds"] * rate)) / rate
        v = np.maximum(0, law["speed"](self.t))
        self.hz = v / CIRCUMFERENCE * teeth
        self.theta = (rng.uniform(0, teeth) if start is None else start) + np.concatenate(
            [[0], np.cumsum((self.hz[1:] + self.hz[:-1]) / 2 / rate)])


def road(rng):
    v, wander = rng.uniform(2.5, 14), rng.uniform(0, 0.03)
    f, p = rng.uniform(0.2, 1.5), rng.uniform(0, 6)
    return dict(name="road", seconds=rng.uniform(1.5, 4), speed=lambda t: v * (1 + wander * np.sin(2 * np.pi * f * t + p)))


def hand(rng):
    """Flicked by hand, coasts to rest on its brake and bearing, and stands."""
    v, at, rise = rng.uniform(0.9, 2.6), rng.uniform(0, 0.6), rng.uniform(0.1, 0.4)
    tau, dry = rng.uniform(0.8, 3), rng.uniform(0.1, 0.5)

    def speed(t):
        s = t - at - rise
        coast = (v + dry * tau) * np.exp(-np.maximum(s, 0) / tau) - dry * tau
        return np.where(t < at, 0, np.where(s < 0, v * (t - at) / rise, coast))
    return dict(name="hand", seconds=rng.uniform(3, 7), speed=speed)


def turned(rng):
    """Turned on by hand, jerkily."""
    v, depth, f, p = rng.uniform(0.5, 1.6), rng.uniform(0.1, 0.45), rng.uniform(0.5, 2), rng.uniform(0, 6)
    return dict(name="turned", seconds=rng.uniform(3, 6), speed=lambda t: v * (1 + depth * np.sin(2 * np.pi * f * t + p)))


def few(rng):
    """Less than two turns, some only a handful of teeth."""
    v, s = rng.uniform(0.15, 0.8), rng.uniform(1, 3)
    return dict(name="few", seconds=s, speed=lambda t: v * (1 + 0.2 * np.sin(2 * np.pi * 0.4 * t)))


def stopgo(rng):
    v, a, b = rng.uniform(1.2, 4), rng.uniform(0.8, 1.4), rng.uniform(0.5, 1.2)

    def speed(t):
        return v * np.clip(np.where(t < a, (a - t) / 0.4, (t - a - b) / 0.4), 0, 1)
    return dict(name="stopgo", seconds=a + b + rng.uniform(0.8, 1.6), speed=speed)


SPINS = [road, road, hand, hand, turned, few, stopgo]


def ring(rng, teeth, scatter=0.004):
    """Edges of the teeth in units of the mean pitch."""
    widths = 1 + scatter * rng.standard_normal(teeth)
    return widths


def seat(spin, widths):
    """Tooth number and place within it (0..1) at each sample, for a ring of uneven gaps."""
    teeth = len(widths)
    edges = np.concatenate([[0], np.cumsum(widths)]) * teeth / np.sum(widths)
    within = np.interp(spin.theta % teeth, edges, np.arange(teeth + 1))
    index = np.minimum(within.astype(int), teeth - 1)
    local = (edges[1:] - edges[:-1])[index]
    return index, within - index, local


def quantised(rng, values):
    """As an instrument of 8 to 12 bits would keep it."""
    bits = rng.choice([8, 10, 12, 12])
    span = np.max(np.abs(values)) * rng.uniform(1.1, 2.2) + 1e-12
    step = 2 * span / 2 ** bits
    return np.round(values / step) * step


def highpassed(values, rate, hz):
    from scipy.signal import butter, sosfilt, sosfilt_zi
    sos = butter(1, hz, "highpass", fs=rate, output="sos")
    out, _ = sosfilt(sos, values, zi=sosfilt_zi(sos) * values[0])
    return out


class Passive:
    def __init__(self, rng, law, teeth=None, widths=None, gain=None, swell=None, noise=None, plugged=None, rate=None):
        self.rng = rng
        teeth = teeth or int(rng.choice([24, 30, 36, 44, 48, 52, 60, 100]))
        rate = rate or float(rng.choice([4000, 8000, 10000, 20000, 50000]))
        self.spin = s = Spin(rng, teeth, rate, law)
        widths = ring(rng, teeth) if widths is None else widths(teeth)
        index, place, local = seat(s, widths)
        gain = np.ones(teeth) * (1 + 0.02 * rng.standard_normal(teeth)) if gain is None else gain(teeth)
        swell = rng.uniform(0, 0.05) if swell is None else swell
        flux = rng.uniform(0.4, 3) * 1e-3 * 48 / teeth
        x = 2 * np.pi * place
        h2 = rng.uniform(0, 0.15)
        wave = np.sin(x) + h2 * np.sin(2 * x)
        self.index = index
        self.amplitude = flux * 2 * np.pi * np.max(s.hz)
        turn = 2 * np.pi * s.theta / teeth + rng.uniform(0, 6)
        self.v = flux * 2 * np.pi * s.hz / local * gain[index] * (1 + swell * np.sin(turn)) * wave
        self.noise = (rng.uniform(0.002, 0.03) if noise is None else noise) * self.amplitude
        plugged = rng.random() < 0.5 if plugged is None else plugged
        self.bias = rng.uniform(0.3, 5) if plugged else 0.0
        self.open = min(8.0, self.bias * rng.uniform(1.05, 1.6) + (0.1 if plugged else 0))

    def finish(self, drops=(), extra=0.0, coupled=None):
        rng, s = self.rng, self.spin
        v = self.v + self.bias + extra
        for a, b, level in drops:
            inside = (s.t >= a) & (s.t < b)
            v = np.where(inside, level, v)
        if coupled:
            v = highpassed(v, s.rate, coupled)
        v = v + self.noise * rng.standard_normal(len(v))
        return quantised(rng, v)


class Square:
    """Two levels: current over a sense resistor, amperes, the feed's volts, or a Hall output."""

    def __init__(self, rng, law, how=None, teeth=None, widths=None, missing=(), duty=None, ratio=2.0):
        self.rng = rng
        teeth = teeth or int(rng.choice([24, 44, 48, 48, 52, 60, 86]))
        self.how = how or rng.choice(["sense", "ampere", "feed", "hall", "sensed"])
        rate = float(rng.choice([5000, 10000, 20000, 50000, 100000]))
        self.spin = s = Spin(rng, teeth, rate, law)
        index, place, local = seat(s, ring(rng, teeth) if widths is None else widths(teeth))
        # A tooth keeps its width; what a crack opens is the gap behind it.
        on = (place * local < (duty or rng.uniform(0.4, 0.6))) & ~np.isin(index, list(missing))
        low = 0.007 * rng.uniform(0.9, 1.1)
        high = low * ratio
        ohm = rng.uniform(10, 120)
        self.ohm, self.options, self.unit = ohm, [], "V"
        if self.how == "ampere":
            self.low, self.high, self.unit = low, high, "A"
        elif self.how in ("sense", "sensed"):
            self.low, self.high = low * ohm, high * ohm
            self.options = ["--sense-resistor", f"{ohm:.4f}"] if self.how == "sensed" else []
        elif self.how == "feed":
            supply, drop = rng.uniform(9, 13.5), rng.uniform(60, 160)
            self.low, self.high = supply - low * drop, supply - high * drop
            self.supply = supply
        else:
            self.low, self.high = rng.choice([5.0, 12.0, 8.0]), rng.uniform(0.1, 0.5)
            self.supply = self.low
        i = np.where(on, self.high, self.low)
        rise = max(1, int(rng.uniform(5e-6, 3e-5) * rate))
        self.v = np.convolve(np.concatenate([np.full(rise, i[0]), i]), np.ones(rise) / rise)[rise:rise + len(i)] \
            if rise > 1 else i
        self.index = index
        self.swing = abs(self.high - self.low)
        self.noise = rng.uniform(0.003, 0.03) * self.swing

    def finish(self, drops=(), extra=0.0):
        rng, s = self.rng, self.spin
        v = self.v + extra
        for a, b, level in drops:
            v = np.where((s.t >= a) & (s.t < b), level, v)
        return quantised(rng, v + self.noise * rng.standard_normal(len(v)))


def truth_hz(spin):
    """Median over pulses, not over time."""
    whole = np.flatnonzero(np.floor(spin.theta[1:]) > np.floor(spin.theta[:-1]))
    return float(np.median(spin.hz[whole])) if len(whole) > 3 else 0.0


def telegrams(rng, law, width, standstill=False, noise=None):
    teeth = int(rng.choice([44, 48, 48, 52, 60]))
    s = Spin(rng, teeth, float(rng.choice([100000, 200000, 400000])), law)
    starts = s.t[np.flatnonzero(np.floor(s.theta[1:]) > np.floor(s.theta[:-1])) + 1]
    pulses = [(a, width) for a in starts]
    if standstill or len(starts) == 0:
        # Every 740 ms without a tooth a standstill telegram of 1.44 ms.
        last, pulses = rng.uniform(-0.7, 0), []
        for a in [*starts, s.t[-1]]:
            while a - last > 0.74:
                last += 0.74
                pulses.append((last, 1.44e-3))
            if a < s.t[-1]:
                pulses.append((a, width))
            last = a
    ohm = rng.uniform(20, 100)
    where = rng.choice(["sense", "ampere", "feed"])
    scale = 1.0 if where == "ampere" else ohm
    v = np.full(len(s.t), 0.007)
    for a, w in pulses:
        v[int(np.ceil(a * s.rate)):int(np.ceil((a + w) * s.rate))] = 0.014
    v = v * scale * rng.uniform(0.93, 1.07)
    swing = 0.007 * scale
    if where == "feed":  # behind a resistor in the feed: the current upside down
        v = rng.uniform(8, 13.5) - v
    v = v + (rng.uniform(0.003, 0.02) if noise is None else noise) * swing * rng.standard_normal(len(v))
    return s, quantised(rng, v), ("A" if where == "ampere" else "V"), len(pulses)


def words(rng, law):
    teeth = int(rng.choice([44, 48, 52]))
    s = Spin(rng, teeth, float(rng.choice([200000, 400000])), law)
    v = np.full(len(s.t), 0.007)
    bit = 50e-6 * s.rate
    for e in np.flatnonzero(np.floor(s.theta[1:]) > np.floor(s.theta[:-1])) + 1:
        bits = list(rng.integers(0, 2, 8))
        bits.append(sum(bits) % 2)
        def put(a, b, level):
            v[int(e + a * bit):int(e + b * bit)] = level
        put(0, 1, 0.028)
        for k, one in enumerate(bits):
            a = 1.5 + k
            put(a + (0.5 if one else 0), a + (1 if one else 0.5), 0.014)
    v = v * rng.uniform(0.94, 1.06)
    return s, quantised(rng, v + rng.uniform(2e-5, 2e-4) * rng.standard_normal(len(v)))


# --- sound records

def sound_passive(rng):
    law = SPINS[rng.integers(len(SPINS))](rng)
    weak = rng.random() < 0.15
    p = Passive(rng, law, noise=rng.uniform(0.04, 0.09) if weak else None)
    t = p.spin.t
    extra = 0.0
    how = "plain"
    if rng.random() < 0.3:
        extra = rng.uniform(0.02, 0.05) * p.amplitude * np.sin(2 * np.pi * rng.choice([50, 60]) * t)
        how = "hum"
    elif rng.random() < 0.3:
        extra = rng.uniform(0.05, 0.3) * p.amplitude * np.sin(2 * np.pi * t / rng.uniform(3, 12) + rng.uniform(0, 6))
        how = "drift"
    coupled = rng.uniform(0.5, 3) if rng.random() < 0.2 else None
    options = ["--teeth", str(p.spin.teeth)] if rng.random() < 0.4 else []
    if rng.random() < 0.3:
        options += ["--sensor", "passive"]
    return Record(f"passive {law['name']}{' weak' if weak else ''} {how}{' ac' if coupled else ''}", p.spin.rate,
                  p.finish(extra=extra, coupled=coupled), options=tuple(options), steady=law["name"] in ("road", "turned"),
                  hz=truth_hz(p.spin) if law["name"] == "road" else 0)


def sound_square(rng):
    law = SPINS[rng.integers(len(SPINS))](rng)
    q = Square(rng, law)
    extra = 0.0
    if rng.random() < 0.3:
        extra = rng.uniform(0.02, 0.12) * q.swing * np.sin(2 * np.pi * rng.uniform(20, 300) * q.spin.t)
    options = [*q.options, *(["--teeth", str(q.spin.teeth)] if rng.random() < 0.4 else [])]
    if rng.random() < 0.3:
        options += ["--sensor", "hall" if q.how == "hall" else "active"]
    return Record(f"{q.how} {law['name']}", q.spin.rate, q.finish(extra=extra), q.unit, tuple(options),
                  steady=law["name"] in ("road", "turned"), hz=truth_hz(q.spin) if law["name"] == "road" else 0)


def sound_coded(rng):
    law = SPINS[rng.integers(len(SPINS))](rng)
    law["seconds"] = min(law["seconds"], 3.0)
    still = rng.random() < 0.15
    if still:
        law = dict(name="still", seconds=3.0, speed=lambda t: 0 * t)
    s, v, unit, _ = telegrams(rng, law, float(rng.choice([90e-6, 180e-6, 360e-6, 720e-6])) if law["name"] != "road" else
                              float(rng.choice([90e-6, 180e-6])), standstill=True)
    options = ["--sensor", "active-pwm"] if rng.random() < 0.4 else []
    return Record(f"coded {law['name']}", s.rate, v, unit, tuple(options), steady=False)


def sound_words(rng):
    law = [road, turned, hand][rng.integers(3)](rng)
    law["seconds"] = min(law["seconds"], 1.5)
    s, v = words(rng, law)
    return Record(f"words {law['name']}", s.rate, v, "A", ())


def sound(rng):
    return [sound_passive, sound_passive, sound_square, sound_square, sound_coded, sound_words][
        rng.choice(6, p=[0.27, 0.25, 0.2, 0.14, 0.1, 0.04])](rng)


# --- faulty records

def steadily(rng):
    return [road, road, turned][rng.integers(3)](rng)


def long_enough(law, teeth, rng):
    """At least two and a half turns."""
    t = np.linspace(0, law["seconds"], 400)
    turns = np.trapezoid(np.maximum(0, law["speed"](t)), t) / CIRCUMFERENCE if hasattr(np, "trapezoid") else \
        np.trapz(np.maximum(0, law["speed"](t)), t) / CIRCUMFERENCE
    if turns < 2.6 and law["name"] in ("road", "turned"):
        law = dict(law, seconds=law["seconds"] * 2.8 / max(turns, 0.05))
    return law


def ring_mark(rng):
    what = rng.choice(["missing", "cracked", "shallow", "runout"])
    law = long_enough(steadily(rng), 0, rng)
    law["seconds"] = min(law["seconds"], 14)
    square = what in ("missing", "cracked") and rng.random() < 0.5
    amount = {"cracked": rng.uniform(0.2, 0.6), "shallow": rng.uniform(0.4, 0.72), "runout": rng.uniform(0.22, 0.5),
              "missing": 0}[what]

    def widths(teeth):
        w = 1 + 0.003 * rng.standard_normal(teeth)
        if what == "cracked":
            w[rng.integers(teeth)] += amount
        return w

    def gain(teeth):
        g = 1 + 0.015 * rng.standard_normal(teeth)
        k = rng.integers(teeth)
        if what == "missing":
            g[np.arange(k, k + rng.choice([1, 1, 1, 2])) % teeth] = 0
        elif what == "shallow":
            g[k] = 1 - amount
        return g
    codes = {"missing": ("missing-tooth",), "cracked": ("cracked-ring",), "shallow": ("damaged-tooth",),
             "runout": ("ring-runout",)}[what]
    if square:
        teeth = int(rng.choice([44, 48, 60]))
        first = int(rng.integers(teeth))
        q = Square(rng, law, how=rng.choice(["sense", "ampere", "hall", "feed"]), teeth=teeth, widths=widths,
                   missing=(first,) if what == "missing" else ())
        options = [*q.options, *(["--teeth", str(teeth)] if rng.random() < 0.5 else [])]
        return Record(f"ring {what} {q.how} {law['name']}", q.spin.rate, q.finish(), q.unit, tuple(options), False, codes)
    p = Passive(rng, law, widths=widths, gain=gain, swell=amount if what == "runout" else 0.02, noise=rng.uniform(0.002, 0.02))
    # Run-out alone needs the size of the ring or several turns.
    options = ["--teeth", str(p.spin.teeth)] if what == "runout" or rng.random() < 0.5 else []
    return Record(f"ring {what} passive {law['name']}", p.spin.rate, p.finish(), options=tuple(options), healthy=False,
                  codes=codes)


def bursts(rng, seconds, count, shortest, longest, least_apart):
    out, at = [], rng.uniform(0.15, 0.4)
    for _ in range(count):
        length = float(np.exp(rng.uniform(np.log(shortest), np.log(max(longest, 1.2 * shortest)))))
        if at + length > seconds - 0.15:
            break
        out.append((at, at + length))
        at += length + least_apart + rng.exponential(max(0.02, (seconds - 0.6) / count * 0.6))
    # A record that is called faulty has its fault, however short it is.
    return out or [(0.3 * seconds, 0.3 * seconds + shortest)]


def turning_dropout(rng):
    law = steadily(rng)
    opens = rng.random() < 0.6
    if rng.random() < 0.55:
        p = Passive(rng, law, plugged=True if not opens else None, noise=rng.uniform(0.002, 0.02))
        period = 1 / np.median(p.spin.hz)
        spans = bursts(rng, law["seconds"], int(rng.integers(1, 8)), max(2.5 * period, 0.004), 0.35, 4 * period)
        if not opens and p.bias < 1.5 * p.amplitude:
            p.bias = 1.5 * p.amplitude + rng.uniform(0.3, 2)
        level = p.open if opens else rng.choice([0.0, 0.0, rng.uniform(11, 14)])
        drops = [(a, b, level) for a, b in spans]
        return Record(f"turning {'open' if opens else 'short'} passive {law['name']}", p.spin.rate, p.finish(drops),
                      healthy=False, codes=("intermittent-open",) if opens else ("intermittent-short",), drops=drops)
    q = Square(rng, law, how=rng.choice(["sense", "ampere", "sensed", "feed"]))
    period = 1 / np.median(q.spin.hz)
    if q.how == "feed":
        level = q.supply if opens else 0.0
    else:
        level = 0.0 if opens else q.high * rng.uniform(2.0, 6)
    spans = bursts(rng, law["seconds"], int(rng.integers(1, 8)), max(2.5 * period, 0.004), 0.35, 4 * period)
    drops = [(a, b, level) for a, b in spans]
    values = q.finish(drops)
    if q.how == "sensed":
        drops = [(a, b, l / q.ohm) for a, b, l in drops]  # said in amperes
    return Record(f"turning {'open' if opens else 'short'} {q.how} {law['name']}", q.spin.rate, values, q.unit,
                  tuple([*q.options, "--sensor", "active"]), False,
                  ("intermittent-open",) if opens else ("intermittent-short",), drops)


def standing_loom(rng):
    """The wheel stands, the loom is moved: the rest level is the test signal."""
    seconds, rate = rng.uniform(2, 6), float(rng.choice([1000, 2000, 5000, 10000, 50000]))
    t = np.arange(int(seconds * rate)) / rate
    opens = rng.random() < 0.6
    kind = rng.choice(["passive", "sense", "ampere", "feed"])
    options, unit = [], "V"
    if kind == "passive":
        rest = rng.uniform(0.4, 5)
        level = min(8.0, rest * rng.uniform(1.12, 1.9)) if opens else rng.choice([0.0, rng.uniform(11, 14)])
        options = ["--sensor", "passive"] if rng.random() < 0.6 or rest < 1.7 else []
    elif kind == "feed":
        supply = rng.uniform(10, 13)
        rest = supply - rng.uniform(0.7, 2.2)
        level = supply if opens else 0.0
        options = ["--sensor", "active"] if rng.random() < 0.6 else []
    else:
        scale = 1.0 if kind == "ampere" else rng.uniform(20, 110)
        rest = rng.choice([0.007, 0.014]) * scale * rng.uniform(0.95, 1.05)
        level = 0.0 if opens else scale * rng.uniform(0.032, 0.08)
        unit = "A" if kind == "ampere" else "V"
        options = ["--sensor", "active"]
    busy = rng.random() < 0.5
    spans = bursts(rng, seconds, int(rng.integers(3, 40)) if busy else int(rng.integers(1, 6)), 6 / rate, 0.25, 10 / rate)
    total, kept = 0.0, []
    for a, b in spans:
        if total + b - a < 0.45 * seconds:
            kept.append((a, b, level))
            total += b - a
    v = np.full(len(t), rest)
    for a, b, l in kept:
        v = np.where((t >= a) & (t < b), l, v)
    v = quantised(rng, v + rng.uniform(0.002, 0.01) * abs(level - rest) * rng.standard_normal(len(t)))
    return Record(f"standing {'open' if opens else 'short'} {kind}{' busy' if busy else ''}", rate, v, unit, tuple(options),
                  False, ("intermittent-open",) if opens else ("intermittent-short",), kept)


def contact_spikes(rng):
    law = [road, turned][rng.integers(2)](rng)
    count = int(rng.integers(1, 7))
    if rng.random() < 0.5:
        p = Passive(rng, law, plugged=True, noise=rng.uniform(0.002, 0.015), rate=float(rng.choice([20000, 50000, 100000])))
        scale = min(1.0, 1.2 / p.amplitude)  # so that the unloaded bias stays below the supply's
        p.v, p.amplitude, p.noise = p.v * scale, p.amplitude * scale, p.noise * scale
        p.bias = max(min(p.bias, 3.0), 1.6 * p.amplitude + 0.3)
        p.open = p.bias + 1.5 * p.amplitude + rng.uniform(0.3, 2)
        opens = rng.random() < 0.5
        level = p.open if opens else 0.0
        spans = bursts(rng, law["seconds"], count, 6 / p.spin.rate, 0.002, 0.05)
        drops = [(a, b, level) for a, b in spans]
        return Record(f"spikes {'open' if opens else 'short'} passive", p.spin.rate, p.finish(drops), healthy=False,
                      codes=("intermittent-open",) if opens else ("intermittent-short",), drops=drops)
    q = Square(rng, law, how=rng.choice(["sense", "ampere"]))
    opens = rng.random() < 0.6
    level = 0.0 if opens else q.high * rng.uniform(2, 5)
    spans = bursts(rng, law["seconds"], count, 6 / q.spin.rate, 0.002, 0.05)
    drops = [(a, b, level) for a, b in spans]
    return Record(f"spikes {'open' if opens else 'short'} {q.how}", q.spin.rate, q.finish(drops), q.unit,
                  ("--sensor", "active"), False, ("intermittent-open",) if opens else ("intermittent-short",), drops)


def bias_step(rng):
    law = [road, turned, hand][rng.integers(3)](rng)
    p = Passive(rng, law, plugged=True, noise=rng.uniform(0.002, 0.02))
    p.bias = max(p.bias, p.amplitude * rng.uniform(0.8, 3))
    at = rng.uniform(0.3, 0.7) * law["seconds"]
    step = rng.choice([-1, 1]) * rng.uniform(0.6, 1.5) * p.amplitude
    return Record(f"bias step passive {law['name']}", p.spin.rate, p.finish(extra=np.where(p.spin.t > at, step, 0.0)),
                  options=("--sensor", "passive") if rng.random() < 0.5 else (), healthy=False, codes=("bias-shift",))


def silent(rng):
    seconds, rate = rng.uniform(1, 4), float(rng.choice([5000, 20000]))
    t = np.arange(int(seconds * rate)) / rate
    hum = rng.uniform(0.02, 0.14) if rng.random() < 0.6 else 0.0
    level = rng.choice([0.0, rng.uniform(0.3, 5)])
    f = rng.choice([50, 60])
    v = level + hum * (np.sin(2 * np.pi * f * t) + rng.uniform(0, 0.3) * np.sin(6 * np.pi * f * t + 1)) + \
        rng.uniform(0.001, 0.01) * rng.standard_normal(len(t))
    return Record(f"silent {'hum' if hum else 'flat'}", rate, quantised(rng, v),
                  options=("--sensor", "passive") if rng.random() < 0.5 else (), healthy=False, codes=("no-signal",))


def wrong_current(rng):
    law = road(rng)
    q = Square(rng, law, how="sensed" if rng.random() < 0.5 else "ampere")
    low_side = rng.random() < 0.5
    scale = q.ohm if q.how == "sensed" else 1.0
    shift = scale * (rng.choice([-1, 1]) * rng.uniform(0.0026, 0.0045))
    v = q.v + shift if low_side else q.low + (q.v - q.low) * rng.choice([0.35, 1.8])
    q.v = v
    return Record("wrong current", q.spin.rate, q.finish(), q.unit, tuple(q.options), False,
                  ("low-current-level", "high-current-level"))


def crackle(rng):
    """Stretches in which only noise is left of a coil's wave."""
    law = road(rng)
    p = Passive(rng, law, plugged=False, noise=rng.uniform(0.002, 0.02))
    s = p.spin
    period = 1 / np.median(s.hz)
    drops = []
    for a, b in bursts(rng, law["seconds"], int(rng.integers(1, 5)), 5 * period, max(0.2, 8 * period), 5 * period):
        inside = (s.t >= a) & (s.t < b)
        p.v = np.where(inside, 0.6 * p.amplitude * rng.standard_normal(len(s.t)), p.v)
        drops.append((a, b, 0.0))
    return Record("crackle", s.rate, p.finish(), healthy=False, codes=("noisy", "intermittent-open"))


FAULTS = [(ring_mark, 0.28), (turning_dropout, 0.22), (standing_loom, 0.2), (contact_spikes, 0.1), (bias_step, 0.06),
          (silent, 0.06), (wrong_current, 0.05), (crackle, 0.03)]


def records(seed, count, faulty):
    for k in range(count):
        rng = np.random.default_rng([seed, k, int(faulty)])
        if not faulty:
            record = sound(rng)
            # A converter so coarse that the whole record is one level shows no wheel: that is no sound record.
            while np.ptp(record.values) == 0:
                record = sound(rng)
            yield record
        else:
            weights = np.array([w for _, w in FAULTS])
            yield FAULTS[rng.choice(len(FAULTS), p=weights / weights.sum())][0](rng)
