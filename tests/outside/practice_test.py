"""Practice cases played from outside, by the lines a script may send.

usage: practice_test.py HAYBALE-CLI [--only TEXT] [--seed N] [--every N] [--tell]

Each case is played four ways: by hints alone; well (the same moves without asking); sloppily (the
same, after six readings nobody needed and a late verdict); parts first. By hints and well must be
right, well above sloppy above parts first. What the trainee is told before the verdict must not hold
the fault. (What is fair is the trainer's judgement: no source.)
"""
import argparse
import json
import os
import subprocess
import sys
from concurrent.futures import ThreadPoolExecutor


class Player:
    def __init__(self, program, ident, seed):
        self.p = subprocess.Popen([program, "practice", "play", ident, "--seed", str(seed)], text=True,
                                  stdin=subprocess.PIPE, stdout=subprocess.PIPE, stderr=subprocess.PIPE)
        self.told = [self.p.stdout.readline()]
        self.case = json.loads(self.told[0])["case"]

    def send(self, line):
        self.p.stdin.write(json.dumps(line) + "\n")
        self.p.stdin.flush()
        text = self.p.stdout.readline()
        if "say" not in line:
            self.told.append(text)
        return json.loads(text)

    def end(self):
        self.p.stdin.close()
        self.p.wait()
        self.p.stdout.close()
        self.p.stderr.close()


def by_hints(program, ident, seed):
    """Plays by hints; gives the score, the moves and what was told."""
    player, moves = Player(program, ident, seed), []
    for _ in range(80):
        line = player.send({"hint": True})["hint"]
        moves.append(line)
        answer = player.send(line)
        if "score" in answer:
            player.end()
            return answer, moves, player
    player.end()
    return {"score": {"right": False, "points": 0}, "truth": {}}, moves, player


def by_moves(program, ident, seed, moves):
    player = Player(program, ident, seed)
    answer = {}
    for line in moves:
        answer = player.send(line)
    player.end()
    return answer, player


def needless(case):
    """Six readings of good wheels that tell little."""
    others = [c["name"] for c in case["circuits"] if c["name"] != case["suspect"]]
    out = []
    for name in (others * 3)[:3]:
        for wire in "ab":
            out.append({"do": {"kind": "dc-voltage", "circuit": name,
                               "red": {"place": "sensor", "wire": wire}, "black": {"place": "ground"}}})
            out.append({"do": {"kind": "inspect", "circuit": name, "element": "ring"}})
    return out[:6]


def leaks(player, truth):
    """Whether what was told before the verdict names the fault: by the word as such, in a member that
    is not a reading anybody could take."""
    text = json.dumps(json.loads(player.told[0]))
    return any(word in text for word in ("truth", "debrief", "lesson", "severity")) or \
        (truth.get("fault") or "?") in text.replace(json.dumps(player.case.get("history", [])), "")


def play(program, ident, seed):
    wrong = []
    hinted, moves, player = by_hints(program, ident, seed)
    truth = hinted["truth"]
    if not hinted["score"]["right"]:
        wrong.append("not right by hints")
    if leaks(player, truth):
        wrong.append("the fault is told")
    well, _ = by_moves(program, ident, seed, moves)
    again, _ = by_moves(program, ident, seed, moves)
    if well != again:
        wrong.append("the same lines give other answers")
    case = player.case
    sloppy, _ = by_moves(program, ident, seed, needless(case) + moves)
    sensor = [e["id"] for e in case["circuits"][0]["path"] if e["kind"] == "sensor"][0]
    first, _ = by_moves(program, ident, seed, [{"fit": sensor}, {"fit": "ring"}, moves[-1]])
    points = [w["score"]["points"] for w in (well, sloppy, first)]
    if not well["score"]["right"]:
        wrong.append("not right when played well")
    if not points[0] > points[1] > points[2]:
        wrong.append(f"points not in order: {points}")
    bad, _ = by_moves(program, ident, seed, [{"say": {"element": "nowhere", "fault": "open"}}])
    if bad["score"]["points"] > 30 or bad["score"]["right"]:
        wrong.append("a wrong verdict has more than 30")
    said = [m["say"] for m in moves if "say" in m]
    return ident, wrong, (f"hints {hinted['score']['points']} of {len(moves)} moves, well/sloppy/parts first {points}, "
                          f"{well['score']['minutes']:.0f} min, best {well['score']['best_minutes']:.0f}; "
                          f"{truth.get('element')} {truth.get('fault')}, said {said}")


def main():
    parser = argparse.ArgumentParser()
    parser.add_argument("program")
    parser.add_argument("--only", default="")
    parser.add_argument("--seed", type=int, default=1)
    parser.add_argument("--every", type=int, default=1)
    parser.add_argument("--tell", action="store_true")
    o = parser.parse_args()
    program = os.path.abspath(o.program)
    cases = json.loads(subprocess.run([program, "practice", "list", "--json"], capture_output=True,
                                      text=True, check=True).stdout)
    ids = [c["id"] for c in cases if o.only in c["id"]][::o.every]
    failed = 0
    with ThreadPoolExecutor(2) as pool:
        for ident, wrong, told in pool.map(lambda i: play(program, i, o.seed), ids):
            failed += bool(wrong)
            if wrong or o.tell:
                print(("WRONG " if wrong else "ok    ") + f"{ident}: {'; '.join(wrong)} [{told}]", flush=True)
    print(f"{len(ids)} cases, {failed} wrong; {len(cases)} on the shelf")
    return 1 if failed or len(cases) < 45 else 0


if __name__ == "__main__":
    sys.exit(main())
