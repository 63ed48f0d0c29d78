"""Captures of every sensor kind and fault made by NumPy, independent of the program's own signal code,
with what is true of each.

Usage: make_faulty_captures.py FOLDER. Writes NAME.csv and truth.json. The scenario is made up; levels
and widths are those of docs/physics.md (VDA interface, pulse-width protocol, AK protocol, from memory).
"""
import json
import sys
from pathlib import Path

import numpy as np

folder = Path(sys.argv[1])
folder.mkdir(parents=True, exist_ok=True)
truth = []


class Wheel:
    """Where the ring stands at each sample: teeth passed, and how fast."""

    def __init__(self, seconds, rate, teeth, kmh, start=0.4, circumference=1.95):
        self.rate, self.teeth, self.circumference = rate, teeth, circumference
        self.t = np.arange(int(seconds * rate)) / rate
        speed = kmh(self.t) if callable(kmh) else np.full(len(self.t), float(kmh))
        self.hz = speed / 3.6 * teeth / circumference
        self.phase = start + np.concatenate([[0], np.cumsum((self.hz[1:] + self.hz[:-1]) / 2 / rate)])


def write(name, t, values, unit="V", decimals=6, **facts):
    text = "\n".join(f"{a:.7f},{b:.{decimals}f}" for a, b in zip(t, values))
    (folder / f"{name}.csv").write_text(f"Time (s),CH1 ({unit})\n{text}\n", encoding="utf-8")
    truth.append({"file": f"{name}.csv", **facts})


def typical(hz, at, teeth, wide):
    """Median tooth frequency of single gaps; a wider gap leaves less of the turn for the others."""
    return float(np.median(hz[at])) * (1 + (wide[1] / 100 / teeth if wide else 0))


def dropped(values, t, drops, rng):
    """Overlays dropouts (start, length, level or 'noise')."""
    values = values.copy()
    for start, length, level in drops:
        inside = (t >= start) & (t < start + length)
        values[inside] = level + 0.002 * np.max(np.abs(values)) * rng.standard_normal(inside.sum())
    return values


def passive(name, seed, teeth=48, kmh=12.0, seconds=4.0, rate=8000, flux=1.5, bias=0.0, noise=0.01, missing=(),
            shallow=(), wide=(), runout=0.0, hum=0.0, drops=(), code="healthy", give_teeth=False, shape=0.0):
    rng = np.random.default_rng(seed)
    w = Wheel(seconds, rate, teeth, kmh)
    # A cracked ring: the angle of every tooth is stretched so that one gap is wider, the rest even.
    turn = np.floor(w.phase / teeth)
    within = w.phase - turn * teeth
    if wide:
        tooth, percent = wide
        widths = np.ones(teeth)
        widths[tooth] += percent / 100
        edges = np.concatenate([[0], np.cumsum(widths)])
        within = np.interp(within * edges[-1] / teeth, edges, np.arange(teeth + 1))
    index = np.floor(within).astype(int) % teeth
    gain = np.ones(teeth)
    for m in missing:
        gain[m] = 0
    for tooth, percent in shallow:
        gain[tooth] = 1 - percent / 100
    swell = 1 + runout / 100 * np.sin(2 * np.pi * within / teeth + 1.0)
    x = 2 * np.pi * within
    wave = np.sin(x) + shape * np.sin(2 * x)
    volts = bias + flux * 1e-3 * 2 * np.pi * w.hz * gain[index] * swell * wave
    clean = dropped(volts, w.t, drops, rng)
    clean = clean + noise * rng.standard_normal(len(w.t)) + hum * np.sin(2 * np.pi * 50 * w.t)
    # What is counted: rises of the wave at teeth that are there, outside dropouts.
    rises = np.flatnonzero((wave[:-1] < 0) & (wave[1:] >= 0)) + 1
    outside = np.ones(len(rises), bool)
    for start, length, _ in drops:
        outside &= ~((w.t[rises] > start - 0.25 / w.hz[rises]) & (w.t[rises] < start + length))
    rises = rises[outside & (gain[index[rises]] > 0)]
    first = int(index[np.flatnonzero((wave[:-1] < 0) & (wave[1:] >= 0))[0] + 1])
    facts = dict(kind="passive", code=code, pulses=int(len(rises)), frequency=typical(w.hz, rises, teeth, wide),
                 flux=flux if shape == 0 else 0.0, teeth=teeth, first=first,
                 missing=[(m - first) % teeth for m in missing], shallow=[((s - first) % teeth, p) for s, p in shallow],
                 wide=[((wide[0] - first) % teeth, wide[1])] if wide else [], runout=runout,
                 drops=[(s, s + l) for s, l, _ in drops], give_teeth=give_teeth, shape=shape)
    write(name, w.t, clean, **facts)


def active(name, seed, teeth=48, kmh=15.0, seconds=3.0, rate=10000, low=0.007, high=0.014, unit="A", noise=None, duty=0.5,
           kind="active", missing=(), drops=(), code="healthy", give_teeth=False, wide=()):
    rng = np.random.default_rng(seed)
    w = Wheel(seconds, rate, teeth, kmh)
    within = w.phase % teeth
    if wide:
        tooth, percent = wide
        widths = np.ones(teeth)
        widths[tooth] += percent / 100
        edges = np.concatenate([[0], np.cumsum(widths)])
        within = np.interp(within * edges[-1] / teeth, edges, np.arange(teeth + 1))
    index = np.floor(within).astype(int) % teeth
    on = (within % 1.0) < duty
    for m in missing:
        on &= index != m
    noise = 0.01 * (high - low) if noise is None else noise
    values = dropped(np.where(on, high, low), w.t, drops, rng) + noise * rng.standard_normal(len(w.t))
    starts = np.flatnonzero((~on[:-1]) & on[1:]) + 1
    outside = np.ones(len(starts), bool)
    for start, length, _ in drops:
        outside &= ~((w.t[starts] > start - 1e-9) & (w.t[starts] < start + length))
    good = starts[outside]
    first = int(index[good[0]])
    write(name, w.t, values, unit, 8, kind=kind, code=code, pulses=int(len(good)), frequency=typical(w.hz, good, teeth, wide),
          low=low, high=high, teeth=teeth, first=first, missing=[(m - first) % teeth for m in missing], shallow=[],
          wide=[((wide[0] - first) % teeth, wide[1])] if wide else [], runout=0, drops=[(s, s + l) for s, l, _ in drops],
          give_teeth=give_teeth)


def coded(name, seed, width, teeth=48, kmh=20.0, seconds=0.6, rate=200000, low=0.007, high=0.014, still=False):
    rng = np.random.default_rng(seed)
    w = Wheel(seconds, rate, teeth, kmh)
    edges = np.flatnonzero(np.floor(w.phase[1:]) > np.floor(w.phase[:-1])) + 1
    on = np.zeros(len(w.t), bool)
    times = np.arange(0.05, seconds, 0.74) if still else w.t[edges]
    for start in times:
        on |= (w.t >= start) & (w.t < start + width)
    write(name, w.t, np.where(on, high, low) + 1e-4 * rng.standard_normal(len(w.t)), "A", 6, kind="active-pwm", code="healthy",
          pulses=int(len(times)), frequency=float(np.median(w.hz)), low=low, high=high, teeth=teeth, missing=[], shallow=[],
          wide=[], runout=0, drops=[], give_teeth=False)


def words(name, seed, teeth=48, kmh=18.0, seconds=0.5, rate=400000):
    rng = np.random.default_rng(seed)
    w = Wheel(seconds, rate, teeth, kmh)
    edges = np.flatnonzero(np.floor(w.phase[1:]) > np.floor(w.phase[:-1])) + 1
    edges = edges[w.t[edges] < seconds - 0.001]
    amps = np.full(len(w.t), 0.007)
    bit = int(50e-6 * rate)
    for e in edges:
        data = list(rng.integers(0, 2, 8))
        data.append(sum(data) % 2)
        amps[e:e + bit] = 0.028
        at = e + bit + bit // 2
        for b in data:
            amps[at:at + bit // 2] = 0.007 if b else 0.014
            amps[at + bit // 2:at + bit] = 0.014 if b else 0.007
            at += bit
    write(name, w.t, amps + 1e-4 * rng.standard_normal(len(w.t)), "A", 6, kind="active-ak", code="healthy", pulses=int(len(edges)),
          frequency=float(np.median(w.hz)), low=0.007, high=0.028, teeth=teeth, missing=[], shallow=[], wide=[], runout=0,
          drops=[], give_teeth=False, words=int(len(edges)))


spin = lambda v, tau: lambda t: v * np.exp(-t / tau)
ramp = lambda a, b: lambda t: a + (b - a) * t / t[-1]

# Sound ones: no fault may be reported.
passive("ok-steady", 1)
passive("ok-bias", 2, bias=2.5, flux=1.0)
passive("ok-spin", 3, kmh=spin(11, 3.0), seconds=5, noise=0.004)
passive("ok-spin-fast-decay", 4, kmh=spin(9, 1.6), seconds=3, noise=0.003)
passive("ok-accelerating", 5, kmh=ramp(4, 40))
passive("ok-braking", 6, kmh=ramp(35, 5))
passive("ok-creep", 7, kmh=3.0, seconds=8, noise=0.003)
passive("ok-noisy", 8, noise=0.03)
passive("ok-hum", 9, hum=0.03)
passive("ok-short", 10, seconds=0.35)
passive("ok-shape", 11, shape=0.15)
passive("ok-60", 12, teeth=60, runout=3)
passive("ok-100", 13, teeth=100, kmh=6, flux=3)
passive("ok-29", 14, teeth=29, kmh=20)
passive("ok-small-runout", 15, runout=5, seconds=6)
active("ok-active", 20)
active("ok-active-volts", 21, low=0.525, high=1.05, unit="V")
active("ok-active-feed", 22, low=10.0, high=10.75, unit="V")
active("ok-active-spin", 23, kmh=spin(15, 3.0))
active("ok-active-creep", 24, kmh=2.0, seconds=6)
active("ok-active-ramp", 25, kmh=ramp(6, 50))
active("ok-hall", 26, low=0.2, high=5.0, unit="V", kind="hall", duty=0.45)
active("ok-hall-12", 27, low=0.3, high=11.8, unit="V", kind="hall", duty=0.55)
active("ok-active-noisy", 28, noise=0.0005)
for i, us in enumerate([45, 90, 180, 360]):
    coded(f"ok-coded-{us}", 30 + i, us * 1e-6)
coded("ok-coded-720", 35, 720e-6, kmh=12)
words("ok-words", 36)
words("ok-words-slow", 37, kmh=7)

# The ring.
for i, (teeth, tooth) in enumerate([(48, 13), (30, 0), (43, 42), (60, 31)]):
    passive(f"missing-{teeth}-{tooth}", 40 + i, teeth=teeth, missing=[tooth], code="missing-tooth", seconds=5)
    passive(f"missing-given-{teeth}-{tooth}", 45 + i, teeth=teeth, missing=[tooth], code="missing-tooth", give_teeth=True)
passive("missing-two", 50, missing=[5, 20], code="missing-tooth", seconds=5)
passive("missing-neighbours", 51, missing=[20, 21], code="missing-tooth", seconds=5)
passive("missing-spin", 52, missing=[7], kmh=spin(16, 4.0), seconds=5, code="missing-tooth", noise=0.004)
passive("missing-ramp", 53, missing=[30], kmh=ramp(8, 30), code="missing-tooth")
active("missing-active", 54, missing=[11], code="missing-tooth", seconds=4)
active("missing-hall", 55, missing=[25], code="missing-tooth", low=0.2, high=5, unit="V", kind="hall", seconds=4)
passive("shallow-40", 60, shallow=[(13, 40)], code="damaged-tooth", seconds=5)
passive("shallow-60", 61, teeth=36, shallow=[(22, 60)], code="damaged-tooth", give_teeth=True)
passive("shallow-spin", 62, shallow=[(9, 50)], kmh=spin(16, 4.0), seconds=5, code="damaged-tooth", noise=0.004)
passive("cracked-30", 65, wide=(13, 30), code="cracked-ring", seconds=5)
passive("cracked-spin", 66, wide=(40, 25), kmh=spin(16, 4.0), seconds=5, code="cracked-ring", noise=0.004)
active("cracked-active", 67, wide=(10, 30), code="cracked-ring", seconds=4)
passive("runout-20", 70, runout=20, code="ring-runout", seconds=6)
passive("runout-30-spin", 71, runout=30, kmh=spin(16, 5.0), seconds=6, code="ring-runout", noise=0.004, give_teeth=True)
passive("runout-25-given", 72, teeth=60, runout=25, code="ring-runout", give_teeth=True)

# The line.
passive("drop-flat", 80, drops=[(1.2, 0.2, 0.0)], code="intermittent-open")
passive("drop-flat-three", 81, drops=[(0.7, 0.08, 0.0), (1.9, 0.15, 0.0), (3.1, 0.11, 0.0)], code="intermittent-open")
passive("drop-bias", 82, bias=2.5, flux=0.8, drops=[(1.0, 0.15, 5.0), (2.4, 0.1, 5.0)], code="intermittent-open")
passive("drop-ground", 83, bias=2.5, flux=0.8, drops=[(1.0, 0.15, 0.0), (2.4, 0.1, 0.0)], code="intermittent-short")
passive("drop-given", 84, drops=[(0.9, 0.13, 0.0), (2.33, 0.2, 0.0)], code="intermittent-open", give_teeth=True)
passive("drop-spin", 85, kmh=spin(16, 4.0), seconds=5, drops=[(1.5, 0.2, 0.0)], code="intermittent-open", noise=0.004)
active("drop-active-open", 86, drops=[(0.8, 0.12, 0.0), (1.7, 0.2, 0.0)], code="intermittent-open")
active("drop-active-short", 87, drops=[(0.8, 0.12, 0.05)], code="intermittent-short")
active("drop-feed-open", 88, low=10.0, high=10.75, unit="V", drops=[(0.8, 0.12, 11.5)], code="intermittent-open")
active("drop-feed-ground", 89, low=10.0, high=10.75, unit="V", drops=[(0.8, 0.12, 0.0)], code="intermittent-short")
active("drop-hall-open", 90, low=0.2, high=5, unit="V", kind="hall", drops=[(0.8, 0.15, 5.0)], code="intermittent-open")
active("low-current", 91, low=0.0045, high=0.009, code="low-current-level")
active("high-current", 92, low=0.010, high=0.020, code="high-current-level")

(folder / "truth.json").write_text(json.dumps(truth, indent=1))
