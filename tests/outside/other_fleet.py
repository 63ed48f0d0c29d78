"""A fleet of other_cars.py, each diagnosed by the program's own questions: how often it is right, how often a sound part
is condemned, whether what it says with confidence is so, and how long it takes.

Usage: other_fleet.py HAYBALE_CLI [--count 100] [--from 0] [--tell] [--only FAULT]
Exit 1 below the bars: right 95 %, condemned 1 %, verdicts of 95 % and more within 3 points. With --floor the exit tells
only whether it got worse than it was.
"""
import argparse
import collections
from concurrent.futures import ProcessPoolExecutor
import functools
import json
from pathlib import Path
import shutil
import subprocess
import sys
import tempfile

import other_cars

PARTS = ("sensor", "ring", "module")


def is_right(car, verdict):
    fault, element = verdict.get("fault"), verdict.get("element")
    if car.wrong == "wrong-tyre":
        return fault == "wrong-tyre"
    if car.wrong == "circuits-exchanged":
        return fault == "circuits-exchanged"
    if car.wrong in ("latched-off", "none"):
        return fault in ("latched-off", "none") or car.wrong == "none" and verdict.get("state") == "open"
    if car.wrong in ("wide-gap", "debris"):
        return element == "sensor" or element == "ring" and fault in ("wide-gap", "debris")
    return element == car.element


def drive(cli, number, tell, keep):
    told = ""
    with tempfile.TemporaryDirectory() as folder:
        car = other_cars.Car(number, folder)
        path = Path(folder) / "case.json"
        path.write_text(json.dumps(car.case))
        run = subprocess.Popen([str(Path(cli).resolve()), "session", str(path), "--max-tests", "45",
                                "--record", str(Path(folder) / "kept.json")], stdin=subprocess.PIPE,
                               stdout=subprocess.PIPE, text=True, cwd=folder)
        story, minutes, verdict = [], 0.0, None
        for line in run.stdout:
            said = json.loads(line)
            if "verdict" in said:
                verdict = said["verdict"]
                break
            asked = said["ask"]
            reading = car.answer(asked["test"])
            minutes += asked["minutes"]
            story.append(f"   {asked['minutes']:4.1f} {short(asked['test'])} -> {json.dumps(reading)[:150]}")
            run.stdin.write(json.dumps({"reading": reading} if reading else {"cannot": "it will not come apart"}) + "\n")
            run.stdin.flush()
        run.stdin.close()
        run.wait()
        right = is_right(car, verdict)
        if keep and not right:
            shutil.copytree(folder, Path(keep) / str(number), dirs_exist_ok=True)
    if tell and not right:
        told = (f"{number}: {car.kind} {car.front} {car.case['suspect']} {car.wrong} {car.element} {car.wire} "
              f"{car.ohm:.3g} x{car.output:.2f} told {car.case['complaint']} {car.case.get('history', '')}\n"
              f"   known {car.case['circuits'][0]['sensor']} tools {car.case['toolbox']} {car.case['allowed']}\n"
              + "\n".join(story)
              + f"\n   said {verdict['state']} {verdict['element']} {verdict.get('wire')} {verdict['fault']} {verdict['confidence']:.2f}")
    return car.wrong, car.kind, verdict, minutes, right, told


def short(test):
    def lead(p):
        return f"{p.get('place')}{' ' + p['wire'] if p.get('wire') else ''}"
    state = {k: v for k, v in test.get("state", {}).items() if v}
    return " ".join([test["kind"], test["circuit"], test.get("element", "") or ""]
                    + [lead(test[l]) for l in ("red", "black") if test.get(l)] + [json.dumps(state)])


def main():
    parser = argparse.ArgumentParser()
    parser.add_argument("cli")
    parser.add_argument("--count", type=int, default=100)
    parser.add_argument("--from", dest="start", type=int, default=0)
    parser.add_argument("--jobs", type=int, default=2)
    parser.add_argument("--tell", action="store_true")
    parser.add_argument("--only", default="")
    parser.add_argument("--keep", help="a folder for the jobs gone wrong")
    parser.add_argument("--floor", action="store_true")
    args = parser.parse_args()
    n = right = condemned = sure = sure_right = 0
    said = minutes = 0.0
    by_fault, by_kind = collections.defaultdict(lambda: [0, 0]), collections.defaultdict(lambda: [0, 0])
    tenths = collections.defaultdict(lambda: [0, 0, 0.0])
    numbers, number = [], args.start
    while len(numbers) < args.count:
        if not args.only or other_cars.Car(number, "").wrong in args.only.split(","):
            numbers.append(number)
        number += 1
    with ProcessPoolExecutor(args.jobs) as pool:
        done = list(pool.map(functools.partial(drive, args.cli, tell=args.tell, keep=args.keep), numbers))
    for wrong, kind, verdict, took, ok, told in done:
        if told:
            print(told)
        n += 1
        share = verdict["confidence"]
        right += ok
        minutes += took
        condemned += not ok and verdict["element"] in PARTS and share > 0.5
        if share >= 0.95:
            sure, sure_right, said = sure + 1, sure_right + ok, said + share
        for table, key in ((by_fault, wrong), (by_kind, kind)):
            table[key][0] += ok
            table[key][1] += 1
        tenth = tenths[min(9, int(10 * share))]
        tenth[0] += ok
        tenth[1] += 1
        tenth[2] += share
    print(f"{n} cars from {args.start}: right {100 * right / n:.1f} %, sound part condemned {100 * condemned / n:.1f} %, of 95 % "
          f"and more {sure}: said {100 * said / max(1, sure):.1f}, right {100 * sure_right / max(1, sure):.1f}; {minutes / n:.1f} minutes")
    for key, (ok, of, share) in sorted(tenths.items()):
        print(f"   said {10 * key} %: {100 * share / of:.0f} said, {100 * ok / of:.0f} right of {of}")
    for table in (by_kind, by_fault):
        print("   " + ", ".join(f"{k} {ok}/{of}" for k, (ok, of) in sorted(table.items())))
    good = (right >= 0.95 * n and condemned <= 0.01 * n and 100 * abs(said - sure_right) <= 3 * max(1, sure))
    if args.floor:
        good = right >= 0.7 * n and condemned <= 0.1 * n
    sys.exit(0 if good else 1)


main()
