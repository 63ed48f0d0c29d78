"""Captures made by NumPy, independent of the program's own signal code, with what is true of each.

Usage: make_captures.py FOLDER. Writes NAME.csv and truth.json.
"""
import json
import sys
from pathlib import Path

import numpy as np

folder = Path(sys.argv[1])
folder.mkdir(parents=True, exist_ok=True)
rng = np.random.default_rng(20261124)
truth = []


def write(name, columns, heading, separator=",", decimal="."):
    rows = np.column_stack(columns)
    lines = [heading]
    for row in rows:
        cells = [f"{v:.9g}" for v in row]
        if decimal == ",":
            cells = [c.replace(".", ",") for c in cells]
        lines.append(separator.join(cells))
    (folder / f"{name}.csv").write_text("\n".join(lines) + "\n", encoding="utf-8")


def tooth_phase(speed_kmh, teeth, circumference, rate, start=0.25):
    """Teeth passed, by numerical integration of the speed (trapezoid)."""
    hz = speed_kmh / 3.6 * teeth / circumference
    steps = (hz[1:] + hz[:-1]) / 2 / rate
    return start + np.concatenate([[0], np.cumsum(steps)]), hz


def passive(name, teeth, circumference, speed, rate, flux_mwb, noise=0.0, bias=0.0, shape=0.0, **csv):
    t = np.arange(len(speed)) / rate
    phase, hz = tooth_phase(speed, teeth, circumference, rate)
    # The record ends in a falling flank, so that nobody has to argue about half a pulse.
    keep = phase <= np.floor(phase[-1] - 0.6) + 0.6
    t, phase, hz = t[keep], phase[keep], hz[keep]
    # Induced voltage: minus the derivative of the flux; a second harmonic makes real tooth shapes.
    wave = np.sin(2 * np.pi * phase) + shape * np.sin(4 * np.pi * phase)
    volts = bias + flux_mwb * 1e-3 * 2 * np.pi * hz * wave + noise * rng.standard_normal(len(t))
    write(name, [t * csv.pop("time_scale", 1.0), volts], csv.pop("heading", "Time (s),CH1 (V)"), **csv)
    # A pulse is a rise of the noise-free wave through its centre.
    rises = np.flatnonzero((wave[:-1] < 0) & (wave[1:] >= 0))
    grid = np.linspace(0, 1, 20001)
    unit = np.sin(2 * np.pi * grid) + shape * np.sin(4 * np.pi * grid)
    mid = np.interp((rises[:-1] + rises[1:]) / 2, np.arange(len(hz)), hz)
    swing = flux_mwb * 1e-3 * 2 * np.pi * mid * (unit.max() - unit.min())
    truth.append({"file": f"{name}.csv", "kind": "passive", "teeth": teeth, "circumference": circumference,
                  "pulses": int(len(rises)), "frequency": float(np.median(mid)),
                  "peak_to_peak": float(np.median(swing)), "flux_swing_mwb": float(flux_mwb * (unit.max() - unit.min()) / 2)})


def square(name, hz, seconds, rate, low, high, noise, kind, duty=0.5, unit="V"):
    t = np.arange(int(seconds * rate)) / rate
    on = np.mod(hz * t + 0.6, 1.0) < duty
    write(name, [t, np.where(on, high, low) + noise * rng.standard_normal(len(t))], f"Time (s),CH1 ({unit})")
    rises = np.count_nonzero(~on[:-1] & on[1:])
    truth.append({"file": f"{name}.csv", "kind": kind, "pulses": int(rises), "frequency": hz,
                  "peak_to_peak": high - low, "low": low, "high": high})


rate = 10000
seconds = np.arange(3 * rate) / rate
passive("steady", 48, 1.927, np.full(2 * rate, 12.0), rate, 1.5)
passive("noisy", 48, 1.927, np.full(2 * rate, 12.0), rate, 1.5, noise=0.02)
passive("spin-fast", 48, 1.927, 9.0 * np.exp(-seconds / 2.5), rate, 1.5, noise=0.005)
passive("spin-slow", 48, 1.927, 4.0 * np.exp(-seconds / 2.5), rate, 1.5, noise=0.005)
passive("spin-weak", 48, 1.927, 9.0 * np.exp(-seconds / 2.5), rate, 0.45, noise=0.005)
passive("accelerating", 43, 1.85, 5 + 6 * seconds, rate, 1.2, noise=0.01, bias=2.5)
passive("tooth-shape", 60, 2.0, np.full(2 * rate, 8.0), rate, 1.0, noise=0.003, shape=0.2)
passive("heavy", 100, 3.3, np.full(2 * rate, 3.6), rate, 3.2, noise=0.01)
passive("milliseconds", 48, 1.927, np.full(rate, 15.0), rate, 1.0, heading="Time;A\n(ms);(V)", separator=";", decimal=",", time_scale=1e3)
square("active", 80.0, 2.0, 20000, 0.525, 1.05, 0.008, "active")
square("active-current", 45.0, 2.0, 20000, 0.007, 0.014, 0.0001, "active", unit="A")
square("hall", 60.0, 2.0, 20000, 0.2, 5.0, 0.03, "hall", duty=0.4)

(folder / "truth.json").write_text(json.dumps(truth, indent=1))
