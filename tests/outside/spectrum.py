"""References by SciPy: the amplitude of one line of a spectrum, and the crest of a noisy wave.

Usage: spectrum.py FOLDER. Writes samples.f32 and reference.json.
"""
import json
import sys
from pathlib import Path

import numpy as np
from scipy import signal

folder = Path(sys.argv[1])
rate, count = 8000.0, 16000
rng = np.random.default_rng(4)
t = np.arange(count) / rate
wave = 0.9 * np.sin(2 * np.pi * 101.3 * t + 0.4)
v = (1.2 + wave + 0.12 * np.sin(2 * np.pi * 50 * t + 1.1) + 0.02 * rng.standard_normal(count)).astype(np.float32)
v.tofile(folder / "samples.f32")

# scipy.signal.periodogram, scaling "spectrum": the power of a sine, half its amplitude squared. A
# symmetric or periodic Hann window is the caller's choice; "hann" by name is the periodic one.
hz, power = signal.periodogram(v, rate, window="hann", detrend="constant", scaling="spectrum")
lines = {f: float(np.sqrt(2 * power[np.argmin(np.abs(hz - f))])) for f in (50.0, 60.0, 101.5, 200.0)}

# Crests and troughs of whole cycles as parabola fits (scipy.signal.savgol_filter, order 2).
clean = (wave + 0.02 * rng.standard_normal(count)).astype(np.float32)
clean.tofile(folder / "wave.f32")
reach = int(rate / 101.3) // 10
smooth = signal.savgol_filter(clean.astype(float), 2 * reach + 1, 2)
rises = np.flatnonzero((smooth[:-1] < 0) & (smooth[1:] >= 0)) + 1
rises = rises[np.concatenate([[True], np.diff(rises) > 20])]
swing = [float(smooth[a:b].max() - smooth[a:b].min()) for a, b in zip(rises[:-1], rises[1:])]
(folder / "reference.json").write_text(json.dumps(
    {"rate": rate, "lines": {str(k): v for k, v in lines.items()}, "swing": float(np.median(swing)), "cycles": len(swing)}))
