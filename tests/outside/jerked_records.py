"""The fourth hand: wheels that are stopped hard, jerked into motion, turned back and rocked, all within what a hand or a
brake can do (25 m/s^2), written down as other people's recorders do: through a clamp that shows changes only or sits the
wrong way round, clipped, in 8 bits, at a dozen samples a tooth.

Same interface as records.py. Currents: VDA interface, from memory; the rest is common practice, no source.
"""
import numpy as np

from records import CIRCUMFERENCE, Record, drawn

MOST = 25.0  # m/s^2


def stops(t, v):
    end = 0.65 * t[-1]
    return np.where(t < end, v, np.maximum(0, v * (1 - (t - end) / (0.15 * t[-1]))))


def starts(t, v):
    begin = 0.3 * t[-1]
    return np.clip((t - begin) * v / (0.3 * t[-1]), 0, v)


def turns_back(t, v):
    return v * np.cos(np.pi * t / t[-1])


def rocked(t, v):
    return v * np.sin(4 * np.pi * t / t[-1])


def gusts(t, v):
    return v * (1 + 0.35 * np.sin(8 * t) + 0.15 * np.sin(19 * t + 1))


def even(t, v):
    return np.full_like(t, v)


LAWS = [even, gusts, stops, starts, turns_back, rocked]


class Jerked:
    """A wheel's angle in teeth, and how fast they pass."""

    def __init__(self, rng, law):
        self.teeth = int(rng.choice([29, 44, 48, 52, 60, 96]))
        seconds, v = float(rng.choice([2, 4])), float(rng.choice([2, 4, 8, 14]))
        coarse = np.linspace(0, seconds, 4000)
        while np.abs(np.diff(law(coarse, v))).max() / (coarse[1] - coarse[0]) > MOST:
            v *= 0.8
        self.most = v / CIRCUMFERENCE * self.teeth
        self.rate = float(np.ceil(self.most * rng.choice([16, 24, 100]) / 1000) * 1000)
        self.t = np.arange(int(seconds * self.rate)) / self.rate
        self.hz = law(self.t, v) / CIRCUMFERENCE * self.teeth
        angle = np.cumsum(self.hz) / self.rate + rng.uniform(0, 1)
        # A ring's teeth are not placed alike.
        off = np.concatenate([[0], rng.normal(0, rng.choice([0, 0.003, 0.008]), self.teeth - 1), [0]])
        turn = np.floor(angle / self.teeth) * self.teeth
        self.angle = turn + np.interp(angle - turn, np.arange(self.teeth + 1) + off, np.arange(self.teeth + 1))


def line_of(rng, wheel, kind, absent=False):
    """The line at rest and turning, and what its noise is measured by."""
    part = wheel.angle % 1
    there = np.floor(wheel.angle) % wheel.teeth != 7 if absent else np.ones(len(part), bool)
    if kind == "passive":
        v = rng.uniform(0.3, 1.6) * 1e-3 * 2 * np.pi * wheel.hz * np.sin(2 * np.pi * wheel.angle)
        return v * np.where(there, 1, 0.05), np.percentile(np.abs(v), 80) + 1e-3
    low, high = {"active": (0.007, 0.014), "sensed": (0.7, 1.4), "hall": (5.0, 0.2)}[kind]
    return np.where((part < 0.5) & there, high, low), abs(high - low)


def recorded(rng, v, kind, size):
    """As one recorder or another writes it down. What it was taken with, and the samples."""
    how = str(rng.choice(["plain", "8 bits", "clipped", "changes only", "turned"]))
    v = v + rng.choice([0, 0.001, 0.004]) * size * rng.standard_normal(len(v))
    if how == "8 bits":
        step = 1.2 * np.ptp(v) / 256
        v = np.round(v / step) * step
    elif how == "clipped" and kind == "passive":
        v = np.clip(v, -0.6 * v.max(), 0.6 * v.max())
    elif how == "changes only" and kind == "active":
        v = v - np.mean(v)
    elif how == "turned" and kind in ("active", "passive"):
        v = -v
    return how, v


def made(rng, law, kind, absent=False, drops=()):
    wheel = Jerked(rng, law)
    v, size = line_of(rng, wheel, kind, absent)
    true = []
    for from_s, teeth, level in drops:
        a = from_s * wheel.t[-1]
        b = a + teeth / wheel.most
        v[(wheel.t >= a) & (wheel.t < b)] = level
        true.append((a, b, level))
    how, v = recorded(rng, v, kind, size) if not drops else ("plain", v + 0.002 * size * rng.standard_normal(len(v)))
    options = ("--teeth", str(wheel.teeth)) if rng.random() < 0.4 else ()
    asked = "active" if kind == "sensed" else kind
    if kind == "sensed" or rng.random() < 0.4:
        options += ("--sensor", asked)
    turns = float(np.sum(np.abs(wheel.hz)) / wheel.rate / wheel.teeth)
    record = Record(f"{law.__name__} {kind} {how} {wheel.teeth}", wheel.rate, v, "A" if kind == "active" else "V", options,
                    drops=true, steady=law is even, hz=wheel.most if law is even else 0.0)
    return record, turns, wheel.most


def sound(rng):
    """Too few teeth to tell a wheel by are not asked for."""
    while True:
        kind = str(rng.choice(["passive", "active", "sensed", "hall"]))
        record, turns, most = made(rng, LAWS[rng.integers(len(LAWS))], kind)
        if most > 25 and turns > 0.7:
            return record


def faulty(rng):
    while True:
        if rng.random() < 0.5:
            kind = str(rng.choice(["passive", "active", "sensed", "hall"]))
            record, turns, _ = made(rng, [even, gusts, stops, starts][rng.integers(4)], kind, absent=True)
            record.codes = ("missing-tooth",)
            if turns > 2.6:
                return record
            continue
        kind, level, code = [("active", 0.0, "intermittent-open"), ("sensed", 0.0, "intermittent-open"),
                             ("hall", 0.0, "intermittent-short"), ("passive", 0.0, "intermittent-open")][rng.integers(4)]
        count = int(rng.integers(1, 4))
        drops = [((k + rng.uniform(0.2, 0.5)) / count, rng.uniform(6, 16), level) for k in range(count)]
        record, turns, most = made(rng, [even, gusts][rng.integers(2)], kind, drops=drops)
        record.codes = (code,)
        if most > 40 and turns > 2 and all(b < (k + 0.9) / count * len(record.values) / record.rate
                                           for k, (_, b, _) in enumerate(record.drops)):
            return record


def records(seed, count, is_faulty):
    yield from drawn(seed * 2 + int(is_faulty) + 11, count, is_faulty, faulty if is_faulty else sound)
