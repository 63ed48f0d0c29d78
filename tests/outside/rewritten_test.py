#!/usr/bin/env python3
"""A capture that another program writes to while it is read: an error or a reading, never a crash.

rewritten_test.py CLI [--rounds N]     default 12 of each kind of file
"""
import argparse
import mmap
import random
import struct
import subprocess
import sys
import tempfile
import threading
import time
from pathlib import Path


def wav():
    data = random.Random(3).randbytes(1_500_000)
    return (b"RIFF" + struct.pack("<I", 36 + len(data)) + b"WAVEfmt " + struct.pack("<IHHIIHH", 16, 1, 1, 48000, 96000, 2, 16)
            + b"data" + struct.pack("<I", len(data)) + data)


FILES = {
    "csv": lambda: b"Time (s),CH1 (V)\n" + b"".join(b"%.4f,%.3f\n" % (i * 1e-4, i * 7 % 100 / 50) for i in range(300_000)),
    "vcd": lambda: b"$timescale 1 us $end\n$var wire 1 ! CH1 $end\n$enddefinitions $end\n#0\n0!\n"
    + b"".join(b"#%d\n%d!\n" % (100 * i, i % 2) for i in range(1, 200_000)),
    "wav": wav,
}


def scribble(path, sound, over):
    """Lines of other lengths, digits without an end, and what stood there, here and there."""
    dice, span = random.Random(1), min(200_000, len(sound) // 4)
    with open(path, "r+b") as file, mmap.mmap(file.fileno(), len(sound)) as there:
        while not over.is_set():
            at = dice.randrange(len(sound) - span)
            what = dice.choice([b"1\n" * (span // 2), b"0123456789" * (span // 10), sound[at:at + span], b"1,2\n" * (span // 4)])
            there[at:at + len(what)] = what
            time.sleep(0.0003)


def main():
    args = argparse.ArgumentParser()
    args.add_argument("cli")
    args.add_argument("--rounds", type=int, default=12)
    args = args.parse_args()
    bad = 0
    for kind, make in FILES.items():
        with tempfile.TemporaryDirectory() as folder:
            path, sound, over = Path(folder) / f"written.{kind}", make(), threading.Event()
            path.write_bytes(sound)
            writer = threading.Thread(target=scribble, args=(path, sound, over))
            writer.start()
            codes = [subprocess.run([args.cli, "analyse", path], capture_output=True).returncode for _ in range(args.rounds)]
            over.set()
            writer.join()
        bad += sum(code < 0 for code in codes)
        print(f"{kind}: {args.rounds} readings, ended with {sorted(set(codes))}")
    return bad > 0


if __name__ == "__main__":
    sys.exit(main())
