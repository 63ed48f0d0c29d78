"""Twice the input takes at most 2.3 times the time: readers and the diagnosis stay linear.

usage: growth_test.py HAYBALE-CLI

Time is the processor's, of the child. Common practice, no source.
"""
import json
import os
import resource
import subprocess
import sys
import tempfile

KEPT = tempfile.TemporaryDirectory(prefix="haybale_growth_")
FOLDER = KEPT.name


def seconds(program, arguments):
    before = resource.getrusage(resource.RUSAGE_CHILDREN).ru_utime
    done = subprocess.run([program, *arguments], capture_output=True, timeout=120)
    assert done.returncode == 0, done.stderr[:300]
    return resource.getrusage(resource.RUSAGE_CHILDREN).ru_utime - before


def both(program, make, n):
    """Best of several, taken in turn; more of them while they do not agree with the bar: what another
    program on the machine adds to a run is no growth."""
    once = twice = 1e9
    for tries in range(8):
        once = min(once, seconds(program, make(n)))
        twice = min(twice, seconds(program, make(2 * n)))
        if tries >= 1 and twice <= 2.3 * once:
            break
    return once, twice


def write(name, text):
    path = os.path.join(FOLDER, name)
    with open(path, "w") as f:
        f.write(text)
    return path


def case(**more):
    return {"format": "haybale-case", "version": 1, "circuits": [{"name": "RR"}, {"name": "LR"}], "suspect": "RR",
            **more}


def readings(n):
    evidence = [{"test": {"kind": "resistance", "red": {"place": "module", "wire": "a"},
                          "black": {"place": "module", "wire": "b"}, "state": {"unplugged": ["module"]}},
                 "reading": {"ohm": 1000 + i % 7}} for i in range(n)]
    return ["diagnose", write("readings.json", json.dumps(case(evidence=evidence))), "--json"]


def keys(n):
    return ["diagnose", write("keys.json", json.dumps(case(history=[{f"k{i}": i, "element": "sensor"} for i in range(n)]))),
            "--json"]


def circuits(n):
    c = case()
    c["circuits"] = [{"name": f"W{i}"} for i in range(n)]
    c["suspect"] = "W0"
    return ["diagnose", write("circuits.json", json.dumps(c)), "--json"]


def columns(n):
    rows = [",".join(["t"] + [f"c{i}" for i in range(n)])]
    rows += [",".join([str(k * 0.001)] + ["1.5"] * n) for k in range(200)]
    return ["analyse", write("columns.csv", "\n".join(rows) + "\n"), "--json"]


def changes(n):
    lines = ["$timescale 1 us $end"] + [f"$var wire 1 v{i} s{i} $end" for i in range(64)] + ["$enddefinitions $end"]
    for k in range(n):
        lines += [f"#{k * 10}", f"{k % 2}v{k % 64}"]
    return ["analyse", write("changes.vcd", "\n".join(lines) + "\n"), "--json"]


def signals(n):
    lines = ["$timescale 1 us $end"] + [f"$var wire 1 v{i} s{i} $end" for i in range(n)] + ["$enddefinitions $end"]
    for k in range(3000):
        lines += [f"#{k * 10}"] + [f"{k % 2}v{i}" for i in range(n)]
    return ["analyse", write("signals.vcd", "\n".join(lines) + "\n"), "--json"]


def jobs(n):
    line = {"format": "haybale-logbook", "version": 1, "path": "", "folder": "", "headline": "", "changed":
            "2026-11-20T10:00:00Z", "case": case()}
    book = os.path.join(FOLDER, f"book-{n}.sqlite")
    for ending in ("", "-wal", "-shm"):
        if os.path.exists(book + ending):
            os.remove(book + ending)
    return ["logbook", "--store", "sqlite:" + book, "import",
            write("jobs.jsonl", "\n".join(json.dumps({**line, "id": f"job-{i}"}) for i in range(n)) + "\n")]


def main():
    program = os.path.abspath(sys.argv[1])
    wrong = 0
    for make, n in ((readings, 10), (keys, 8000), (circuits, 250), (columns, 1000), (signals, 30), (changes, 40000), (jobs, 1500)):
        once, twice = both(program, make, n)
        ok = twice <= 2.3 * once
        wrong += not ok
        print(("ok    " if ok else "WRONG ") + f"{make.__name__}: {n} in {once:.2f} s, {2 * n} in {twice:.2f} s")
    refused = subprocess.run([program, "diagnose", write("wide.json", json.dumps(case(**{f"k{i}": 1 for i in range(100000)}))),
                              "--json"], capture_output=True, text=True, timeout=20)
    ok = refused.returncode == 3 and "members" in refused.stderr
    wrong += not ok
    print(("ok    " if ok else "WRONG ") + "100,000 unknown keys are refused in one sentence")
    return 1 if wrong else 0


if __name__ == "__main__":
    sys.exit(main())
