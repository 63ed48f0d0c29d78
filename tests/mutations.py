#!/usr/bin/env python3
"""Whether the tests of a room notice when its code is wrong: single changes, each built and run alone.

mutations.py BUILD [--each N] [--seed S] [ROOM ...]

In a checkout of its own that is built in BUILD (a preset with tests): takes N places in the sources of
each room where an operator can be turned round (< to >=, && to ||, + to -, * to /), changes one,
builds core_test and runs the tests that lie in tests/core/ROOM. Prints a line for each and the share
that was noticed; exit 1 below 85 %. The tree is put back after every change. A change that does not
compile is not counted. Survivors are read by hand: some change nothing that can be seen.
"""
import argparse
import random
import re
import subprocess
import sys
from pathlib import Path

ROOT = Path(__file__).resolve().parent.parent
ROOMS = ("belief", "plan", "trace", "circuit", "judging", "capture")
TURNED = {"<": ">=", ">": "<=", "<=": ">", ">=": "<", "==": "!=", "!=": "==", "&&": "||", "||": "&&",
          "+": "-", "-": "+", "*": "/", "/": "*"}
PLACE = re.compile(r"(?<=[\w)\]]) (<=|>=|==|!=|&&|\|\||[<>+*/-]) (?=[\w(!-])")
BAR = 0.85


def places(room):
    found = []
    for path in sorted((ROOT / "src/core" / room).glob("*.cpp")):
        for number, line in enumerate(path.read_text(encoding="utf-8").split("\n")):
            code = line.split("//")[0]
            if '"' in code or code.lstrip().startswith(("#", "template", "using", "constexpr", "static_assert")):
                continue
            found += [(path, number, m.start(1), m.group(1)) for m in PLACE.finditer(code)]
    return found


def tests_of(room):
    suites = set()
    for path in (ROOT / "tests/core" / room).glob("*_test.cpp"):
        text = path.read_text(encoding="utf-8")
        suites |= set(re.findall(r"^(?:TEST|TEST_F|TEST_P|HAYBALE_TEST)\((\w+),", text, re.M))
    return ":".join(f"{s}.*:*/{s}.*" for s in sorted(suites))


def run(command, seconds):
    try:
        return subprocess.run(command, capture_output=True, text=True, timeout=seconds, cwd=ROOT, check=False).returncode
    except subprocess.TimeoutExpired:
        return -1


def tried(build, place, tests):
    """None: does not compile; else whether a test failed."""
    path, number, column, operator = place
    before = path.read_text(encoding="utf-8")
    lines = before.split("\n")
    lines[number] = lines[number][:column] + TURNED[operator] + lines[number][column + len(operator):]
    try:
        path.write_text("\n".join(lines), encoding="utf-8")
        if run(["cmake", "--build", build, "--target", "core_test"], 900) != 0:
            return None
        return run([f"{build}/tests/core_test", f"--gtest_filter={tests}"], 240) != 0
    finally:
        path.write_text(before, encoding="utf-8")


def main():
    parser = argparse.ArgumentParser()
    parser.add_argument("build")
    parser.add_argument("--each", type=int, default=10)
    parser.add_argument("--seed", type=int, default=1)
    parser.add_argument("rooms", nargs="*", default=ROOMS)
    args = parser.parse_args()
    chosen = random.Random(args.seed)
    noticed = counted = 0
    for room in args.rooms or ROOMS:
        every = places(room)
        chosen.shuffle(every)
        tests = tests_of(room)
        done = 0
        for place in every:
            if done == args.each:
                break
            seen = tried(args.build, place, tests)
            if seen is None:
                continue
            done += 1
            counted += 1
            noticed += seen
            path, number, _, operator = place
            print(f"{'noticed ' if seen else 'SURVIVED'} {path.relative_to(ROOT)}:{number + 1} {operator} to "
                  f"{TURNED[operator]}: {path.read_text(encoding='utf-8').split(chr(10))[number].strip()}", flush=True)
    print(f"{noticed} of {counted} noticed, {100 * noticed / max(1, counted):.0f} % (bar {100 * BAR:.0f} %)")
    return 0 if counted and noticed >= BAR * counted else 1


if __name__ == "__main__":
    sys.exit(main())
