"""Reads what `synth` wrote with NumPy and SciPy alone, and prints what it finds as JSON: samples,
rate, levels, pulse rate and, over the turns, the teeth that are absent or weak.

Usage: read_signal.py FILE.wav|FILE.csv TEETH
"""
import json
import sys

import numpy as np
from scipy.io import wavfile

path, teeth = sys.argv[1], int(sys.argv[2])
if path.endswith(".wav"):
    rate, raw = wavfile.read(path)
    side = json.load(open(path + ".json"))
    full = np.iinfo(raw.dtype).max + 1 if np.issubdtype(raw.dtype, np.integer) else 1
    v = raw.astype(float) / full * side["full_scale"]
else:
    rows = np.genfromtxt(path, delimiter=",", skip_header=1)
    rate = 1 / np.median(np.diff(rows[:, 0]))
    v = rows[:, 1]

low, high = np.percentile(v, [1, 99])
square = np.mean((np.abs(v - low) < 0.1 * (high - low)) | (np.abs(v - high) < 0.1 * (high - low))) > 0.75
if square:
    low, high = np.median(v[v < (low + high) / 2]), np.median(v[v > (low + high) / 2])
# Above the centre, where the line lies while an absent tooth passes.
centre = low + 0.65 * (high - low)
above = v > centre
edges = np.flatnonzero(~above[:-1] & above[1:])
times = (edges + (centre - v[edges]) / (v[edges + 1] - v[edges])) / rate
heights = np.array([v[a:b].max() - v[a:b].min() for a, b in zip(edges[:-1], edges[1:])])
real = heights > 0.25 * np.median(heights)
starts, heights = times[:-1][real], heights[real]
periods = np.diff(starts)
pitch = np.median(periods)
number = np.concatenate([[0], np.cumsum(np.round(periods / pitch).astype(int))])
there = np.zeros(number[-1] + 1)
there[number] = heights
turns = len(there) // teeth
fold = there[:turns * teeth].reshape(turns, teeth)
usual = np.median(fold[fold > 0])
print(json.dumps({
    "rate": float(rate), "samples": len(v), "seconds": len(v) / float(rate), "low": float(low),
    "high": float(high), "hz": float(1 / pitch), "turns": turns,
    "absent": [int(i) for i in np.flatnonzero((fold == 0).all(axis=0))],
    "weak": {str(int(i)): float(1 - np.median(fold[:, i]) / usual)
             for i in np.flatnonzero((fold > 0).all(axis=0) & (np.median(fold, axis=0) < 0.85 * usual))},
}))
