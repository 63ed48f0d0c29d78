"""What the trace analysis says of captures it shares no code with (records.py, or with --rough rough_records.py): false
alarms, what is missed, class, times and levels of dropouts, and whether a finding's confidence is how often it is true.

Usage: trace_desk.py HAYBALE_CLI [--rough|--plain|--jerked] [--count 200] [--seed 1] [--tell] [--keep FOLDER]
Exit 1 when a bar is missed: no false alarm, recall 98 %, right class 97 %. With --floor the exit tells only whether it
got worse than it was: false alarms 1.5 %, both others 95 %.
"""
import argparse
import collections
from concurrent.futures import ThreadPoolExecutor
import json
from pathlib import Path
import subprocess
import sys
import tempfile

import jerked_records
import plain_records
import records
import rough_records

PARSER = argparse.ArgumentParser()
PARSER.add_argument("cli")
PARSER.add_argument("--count", type=int, default=200)
PARSER.add_argument("--seed", type=int, default=1)
PARSER.add_argument("--rough", action="store_true", help="wheels as a yard has them (rough_records.py)")
PARSER.add_argument("--plain", action="store_true", help="round numbers, one thing at a time")
PARSER.add_argument("--jerked", action="store_true", help="hard stops, and other people's recorders")
PARSER.add_argument("--tell", action="store_true")
PARSER.add_argument("--only", default="")
PARSER.add_argument("--keep")
PARSER.add_argument("--floor", action="store_true", help="judge by what was reached before, not by the bars")


def analyse(cli, folder, number, record, keep):
    path = Path(folder) / f"{number}.wav"
    record.save(path)
    try:
        return said_of(cli, path, record)
    finally:
        if not keep:
            path.unlink()  # thousands of them fill a disk


def said_of(cli, path, record):
    done = subprocess.run([cli, "analyse", str(path), *record.arguments(), "--json"], capture_output=True, text=True,
                          check=False)
    if done.returncode != 0:
        return None, done.stderr
    return json.loads(done.stdout)["channels"][0], ""


def close_in_time(record, said):
    """Every true dropout has one said of it, within 2 ms or a sample at either end, its level within 3 %."""
    span = max(2e-3, 1.01 / record.rate)
    scale = max(abs(l) for _, _, l in record.drops)
    scale = max(scale, max(record.values) - min(record.values))
    missed, off, level = 0, 0, 0
    for a, b, l in record.drops:
        found = [d for d in said if d["start_s"] < b + span and d["end_s"] > a - span]
        if not found:
            missed += 1
            continue
        best = min(found, key=lambda d: abs(d["start_s"] - a) + abs(d["end_s"] - b))
        off += abs(best["start_s"] - a) > span or abs(best["end_s"] - b) > span
        level += abs(best["level"] - l) > 0.03 * scale
    invented = sum(1 for d in said if not any(d["start_s"] < b + span and d["end_s"] > a - span for a, b, _ in record.drops))
    return missed, off, level, invented


def main():
    args = PARSER.parse_args()
    source = (rough_records if args.rough else plain_records if args.plain else jerked_records if args.jerked
              else records)
    passing = tempfile.TemporaryDirectory()
    folder = args.keep or passing.name
    Path(folder).mkdir(exist_ok=True)
    kinds = collections.defaultdict(lambda: [0, 0])
    tenths = collections.defaultdict(lambda: [0, 0, 0.0])
    by_code = collections.defaultdict(lambda: [0, 0])
    wrong = []
    figures = collections.Counter()
    for faulty in (False, True):
        every = [(k, r) for k, r in enumerate(source.records(args.seed, args.count, faulty)) if args.only in r.name]
        with ThreadPoolExecutor(2) as pool:
            said = list(pool.map(lambda kr: analyse(args.cli, folder, f"{'f' if faulty else 's'}{kr[0]}", kr[1],
                                                     bool(args.keep)), every))
        for (k, r), (a, why) in zip(every, said):
            name = f"{'f' if faulty else 's'}{k} {r.name}"
            trouble = []
            if a is None:
                trouble.append(why)
                codes = []
            else:
                codes = [(f["code"], f["severity"], f["confidence"]) for f in a["findings"]]
            alarms = [c for c in codes if c[1] != "note"]
            if not faulty:
                figures["sound"] += 1
                # A wheel that hardly turned may be called too little to judge by, never at fault.
                bad = [c for c in codes if c[1] == "fault"]
                if bad:
                    figures["false alarm"] += 1
                    trouble.append(f"false alarm {bad}")
                elif alarms and r.steady:
                    figures["false suspicion"] += 1
                    trouble.append(f"suspects {alarms}")
                elif r.steady and codes[0][0] not in ("healthy", "coded") and codes[0][2] > 0.3:
                    trouble.append(f"first is {codes[0]}")
                if r.hz and a and a["pulses"]["frequency_hz"] and \
                        abs(a["pulses"]["frequency_hz"]["median"] / r.hz - 1) > 0.01:
                    figures["hertz off"] += 1
                    trouble.append(f"hertz {a['pulses']['frequency_hz']['median']} for {r.hz}")
            else:
                figures["faulty"] += 1
                if not alarms and codes and codes[0][0] == "no-signal" and codes[0][2] <= 0.3:
                    # A few steps of the converter are all that moves: nobody can tell, and it is said.
                    figures["cannot tell"] += 1
                elif not alarms:
                    figures["missed"] += 1
                    trouble.append(f"missed: {codes}")
                elif alarms and alarms[0][0] not in r.codes:
                    figures["wrong class"] += 1
                    trouble.append(f"class {alarms[:2]} for {r.codes}")
                if r.drops and a is not None:
                    missed, off, level, invented = close_in_time(r, a["dropouts"])
                    figures["dropouts"] += len(r.drops)
                    figures["dropouts missed"] += missed
                    figures["dropouts off in time"] += off
                    figures["dropouts off in level"] += level
                    figures["dropouts invented"] += invented
                    if missed or off or level or invented:
                        trouble.append(f"of {len(r.drops)} dropouts: {missed} missed, {off} off in time, {level} in level; "
                                       f"{invented} invented")
            for code, severity, p in codes:
                if severity != "note":
                    tenth = tenths[min(9, int(p * 10))]
                    tenth[0] += 1
                    tenth[1] += faulty and code in r.codes
                    tenth[2] += p
                    one = by_code[(code, round(p, 2))]
                    one[0] += 1
                    one[1] += faulty and code in r.codes
            kind = kinds[r.name]
            kind[0] += 1
            kind[1] += not trouble
            if trouble:
                wrong.append((name, " ".join(r.arguments()[4:]), trouble))
    if args.tell:
        for name, options, trouble in wrong:
            print(name, options, "|", "; ".join(trouble))
    for name, (n, ok) in sorted(kinds.items()):
        if ok < n:
            print(f"  {name}: {ok} of {n}")
    for tenth in sorted(tenths):
        n, hit, p = tenths[tenth]
        print(f"  said {100 * p / n:.0f} %: {n} findings, {100 * hit / n:.0f} % true")
    if args.tell:
        for (code, p), (n, hit) in sorted(by_code.items()):
            print(f"  {code} at {100 * p:.0f} %: {n}, {100 * hit / n:.0f} % true")
    print(dict(figures))
    recall = 1 - figures["missed"] / max(1, figures["faulty"])
    right = 1 - figures["wrong class"] / max(1, figures["faulty"] - figures["missed"])
    print(f"seed {args.seed}: false alarms {figures['false alarm']} of {figures['sound']}, recall {100 * recall:.1f} %, "
          f"right class {100 * right:.1f} %")
    if args.floor:
        return 0 if figures["false alarm"] <= 0.015 * figures["sound"] and recall >= 0.95 and right >= 0.95 else 1
    return 0 if figures["false alarm"] == 0 and recall >= 0.98 and right >= 0.97 else 1


if __name__ == "__main__":
    sys.exit(main())
