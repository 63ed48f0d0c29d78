"""The same reading of a trace as NumPy and SciPy give it: levels, noise, pulses with hysteresis and
interpolated rises, duty, frequency, teeth folded over the turns of a ring of known size. No kind of sensor recognised, no ring size found, no dropouts.

Usage: reference_analysis.py FILE.f32 RATE passive|active. Prints seconds (best of 2) and pulses.
"""
import sys
import time

import numpy as np
from scipy import ndimage, signal, stats

path, rate, kind = sys.argv[1], float(sys.argv[2]), sys.argv[3]
TEETH = 48
samples = np.fromfile(path, dtype=np.float32)


def analyse(v):
    levels = {"min": v.min(), "max": v.max(), "mean": v.mean()}
    low, high = np.percentile(v, [2, 98])
    noise = stats.median_abs_deviation(np.diff(v[:200000], 3), scale="normal") / np.sqrt(20)
    centre = (low + high) / 2
    band = 0.1 * (high - low)
    # Hysteresis: the state changes beyond the band and is held within it.
    state = np.zeros(len(v), np.int8)
    state[v > centre + band] = 1
    state[v < centre - band] = -1
    at = np.flatnonzero(state)
    turns = at[np.flatnonzero(np.diff(state[at]) != 0) + 1]
    ups = turns[state[turns] == 1]
    above = v >= centre
    edges = np.flatnonzero(above[1:] & ~above[:-1])
    rises = edges[np.searchsorted(edges, ups, side="right") - 1]
    falls = np.flatnonzero(~above[1:] & above[:-1])
    part = (centre - v[rises]) / (v[rises + 1] - v[rises])
    times = (rises + part) / rate
    period = np.diff(times)
    if kind == "passive":
        # Crests as parabola fits over a fifth of a cycle, so that noise does not inflate them. A
        # square wave has its plateaus instead.
        reach = int(np.median(np.diff(rises))) // 10
        smooth = signal.savgol_filter(v, 2 * reach + 1, 2)
        crest = np.maximum.reduceat(smooth, rises)[:-1]
        trough = np.minimum.reduceat(smooth, rises)[:-1]
        mean = np.add.reduceat(v, rises, dtype=np.float64)[:-1] / np.diff(rises)
        levels.update(flux=np.median((crest - trough) / 2 * period / (2 * np.pi)), bias=np.median(mean))
    fall = falls[np.searchsorted(falls, rises[:-1])]
    duty = np.median((fall - rises[:-1]) / np.diff(rises))
    trend = ndimage.median_filter(period, 17)
    pitch = period / trend
    uneven = np.median(np.abs(pitch - 1))
    turns = len(pitch) // TEETH
    fold = np.median(pitch[:turns * TEETH].reshape(turns, TEETH), axis=0)
    levels["worst_tooth"] = int(np.argmax(np.abs(fold - 1)))
    levels["counts"] = np.histogram(v, 4096)[0]
    levels.update(noise=noise, duty=duty, uneven=uneven, hz=np.median(1 / period))
    return len(rises), levels


best = 1e9
for _ in range(2):
    start = time.perf_counter()
    count, _levels = analyse(samples)
    best = min(best, time.perf_counter() - start)
print(best, count)
