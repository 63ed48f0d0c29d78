"""The logbook from outside, on SQLite and on a real PostgreSQL 15.

usage: shop_test.py HAYBALE-CLI [--benches N] [--jobs N] [--kills N] [--stops N]

What must hold is common practice of databases, no source: what was acknowledged is there, once; two
that changed one job both keep their state; a second bench finds the same.
"""
import argparse
import json
import os
import random
import socket
import subprocess
import sys
import tempfile
import threading
import time

sys.path.insert(0, os.path.dirname(__file__))
from postgres import Server, free_port  # noqa: E402

FAILED = []


def check(what, ok, detail=""):
    print(("ok    " if ok else "WRONG ") + what + ("" if ok else f": {detail}"), flush=True)
    if not ok:
        FAILED.append(what)


class Cli:
    def __init__(self, program, store, folder):
        self.program, self.store, self.folder = program, store, folder

    def run(self, *arguments, env=None):
        return subprocess.run([self.program, "logbook", "--store", self.store, *arguments],
                              capture_output=True, text=True, cwd=self.folder,
                              env=dict(os.environ, **(env or {})))

    def out(self, *arguments, env=None):
        done = self.run(*arguments, env=env)
        if done.returncode:
            raise RuntimeError(f"{arguments}: {done.returncode} {done.stderr}")
        return done.stdout

    def json(self, *arguments):
        return json.loads(self.out(*arguments))


def case(n, title=None, ident=None, readings=0):
    c = {"format": "haybale-case", "version": 1,
         "job": {"title": title or f"Job number{n}", "vehicle": f"Hay wagon {n % 7}"},
         "circuits": [{"name": "RR"}, {"name": "LR"}], "suspect": "RR",
         "complaint": {"text": "lamp after the wash at Müller's ford"},
         "evidence": [{"test": {"kind": "resistance", "red": {"place": "module", "wire": "a"},
                                "black": {"place": "module", "wire": "b"}},
                       "reading": {"ohm": 1000 + i}} for i in range(readings)]}
    if ident:
        c["id"] = ident
    return c


def write(folder, name, content):
    path = os.path.join(folder, name)
    with open(path, "w") as f:
        json.dump(content, f)
    return path


def basics(cli, name):
    folder = cli.folder
    ids = cli.out("put", *[write(folder, f"{name}{n}.json", case(n)) for n in range(5)]).split()
    check(f"{name}: five ids for five cases", len(set(ids)) == 5, ids)
    found = cli.json("find", "mull", "wash", "--json")
    check(f"{name}: found by beginnings, accents or not", len(found) == 5, found)
    check(f"{name}: latest first", [f["id"] for f in found] == ids[::-1], found)
    check(f"{name}: members", set(found[0]) == {"id", "title", "vehicle", "circuit", "state", "changed"},
          found[0])
    check(f"{name}: one word", [f["id"] for f in cli.json("find", "number3", "--json")] == [ids[3]])
    for odd in ['%', '_', '*', '"', "'", "a' OR '1'='1", "(", ":*", "&", "number3; DROP TABLE jobs", "\\"]:
        got = cli.json("find", odd, "--json")
        check(f"{name}: {odd!r} is no wildcard", len(got) == 0, got)
    got = os.path.join(folder, "got.json")
    cli.out("get", ids[2], "-o", got)
    back = json.load(open(got))
    check(f"{name}: get carries the id", back.get("id") == ids[2], back.get("id"))
    back["job"]["title"] = "Changed title"
    json.dump(back, open(got, "w"))
    again = cli.out("put", got).split()
    check(f"{name}: put with an id is a new revision", again == [ids[2]], again)
    revisions = cli.json("revisions", ids[2], "--json")
    check(f"{name}: two states, newest first", len(revisions) == 2 and revisions[0]["head"] and
          revisions[0]["parent"] == revisions[1]["revision"], revisions)
    check(f"{name}: still five jobs", len(cli.json("find", "--json")) == 5)
    check(f"{name}: the old title is found no more", not cli.json("find", "number2", "--json"))
    closed = case(9, "Closed one")
    closed["closing"] = {"date": "2026-11-20", "circuit": "RR", "element": "sensor", "fault": "sensor-open",
                         "minutes": 12, "proved": True}
    cli.out("put", write(folder, "closed.json", closed))
    state = [f["state"] for f in cli.json("find", "closed", "--json")]
    check(f"{name}: closed is said", state == ["closed"], state)
    tally = cli.json("tally", "--json")
    check(f"{name}: tally", len(tally) == 1 and tally[0]["jobs"] == 1, tally)
    figures = cli.json("figures", "--json")
    check(f"{name}: figures", (figures["jobs"], figures["closed"], figures["proved"]) == (6, 1, 1) and
          [(f["name"], f["jobs"], f["minutes"]) for f in figures["months"]] == [("2026-11", 1, 12)] and
          [f["name"] for f in figures["faults"]] == ["sensor-open"] and
          sum(f["jobs"] for f in figures["benches"]) == 6, figures)
    check(f"{name}: figures as a table", cli.out("figures").startswith("by,name,jobs"))
    check(f"{name}: check is sound", cli.run("check").returncode == 0, cli.run("check").stderr)
    for arguments, exit_, why in [(("get", "nobody", "-o", got), 1, "no such job"),
                                  (("put", "/no/such.json"), 3, "no such file"),
                                  (("put", write(folder, "bad.json", {"format": "x"})), 3, "no case"),
                                  (("frobnicate",), 2, "no such command")]:
        done = cli.run(*arguments)
        check(f"{name}: {why} is exit {exit_} and one line", done.returncode == exit_ and
              done.stderr.count("\n") == 1, (done.returncode, done.stderr))
    hostile = case(1, "x'; DROP TABLE jobs; -- \u0000 \u202e" + "h" * 1_000_000, "in-'quotes")
    done = cli.run("put", write(folder, "hostile.json", hostile))
    check(f"{name}: an id that is no name is refused", done.returncode == 3, done.stderr[:200])
    del hostile["id"]
    hostile["job"]["vehicle"] = "Robert'); DROP TABLE revisions;--\u0000"
    ident = cli.out("put", write(folder, "hostile.json", hostile)).strip()
    cli.out("get", ident, "-o", got)
    check(f"{name}: hostile text comes back as it was", all(json.load(open(got))["job"][k] == hostile["job"][k] for k in ("title", "vehicle")))
    check(f"{name}: and is found", [f["id"] for f in cli.json("find", "robert", "drop", "--json")] == [ident])


def moves(program, pg, folder):
    first = Cli(program, f"sqlite:{folder}/a.sqlite", folder)
    second = Cli(program, f"sqlite:{folder}/b.sqlite", folder)
    shop = Cli(program, pg.url("moves"), folder)
    pg.sql("CREATE DATABASE moves", "postgres")
    ids = first.out("put", *[write(folder, f"m{n}.json", case(n)) for n in range(20)]).split()
    first.out("sync", "--with", shop.store)
    second.out("sync", "--with", shop.store)
    check("sync: twenty jobs on the second bench", len(second.json("find", "--json")) == 20)
    got = os.path.join(folder, "edit.json")
    for cli, title in ((first, "by the first"), (second, "by the second, later")):
        cli.out("get", ids[4], "-o", got)
        changed = json.load(open(got))
        changed["job"]["title"] = title
        json.dump(changed, open(got, "w"))
        cli.out("put", got)
        time.sleep(0.01)
    for cli in (first, second, first):
        said = cli.out("sync", "--with", shop.store)
    for name, cli in (("first", first), ("second", second), ("shop", shop)):
        titles = [f["title"] for f in cli.json("find", "by", "the", "--json")]
        check(f"sync: newest wins on the {name}", titles == ["by the second, later"], titles)
        states = cli.json("revisions", ids[4], "--json")
        check(f"sync: all three states kept on the {name}", len(states) == 3, states)
    check("sync: again moves nothing", '"sent":0' in first.out("sync", "--with", shop.store).replace(" ", ""),
          said)
    out = os.path.join(folder, "all.jsonl")
    shop.out("export", "-o", out)
    third = Cli(program, f"sqlite:{folder}/c.sqlite", folder)
    check("export and import: all jobs", third.out("import", out).strip() == "20")
    check("import: the states come too", len(third.json("revisions", ids[4], "--json")) == 3)
    check("import: again nothing new", third.out("import", out).strip() == "0")
    for cli in (first, second, shop, third):
        check("check is sound", cli.run("check").returncode == 0, cli.run("check").stderr)


def rights(program, pg, folder):
    pg.sql("CREATE DATABASE rights", "postgres")
    shop = Cli(program, pg.url("rights"), folder)
    ident = shop.out("put", write(folder, "r.json", case(1))).strip()
    roles = os.path.join(os.path.dirname(__file__), "..", "..", "data", "shop", "roles.sql")
    pg.sql(open(roles).read(), "rights")
    pg.sql("CREATE ROLE guest LOGIN PASSWORD 'g' IN ROLE haybale_reader; "
           "CREATE ROLE bay2 LOGIN PASSWORD 'b' IN ROLE haybale_bench", "rights")
    guest = Cli(program, pg.url("rights", "guest", "g"), folder)
    check("a reader finds", [f["id"] for f in guest.json("find", "--json")] == [ident])
    done = guest.run("put", write(folder, "r2.json", case(2)))
    check("a reader may not write, in one sentence", done.returncode == 1 and done.stderr.count("\n") == 1 and
          "does not let this user" in done.stderr, done.stderr)
    bench = Cli(program, pg.url("rights", "bay2", "b"), folder)
    check("a bench writes", bench.run("put", write(folder, "r3.json", case(3))).returncode == 0)
    try:
        pg.sql("DELETE FROM revisions", "rights", "bay2", "b")
        check("a bench cannot delete states", pg.sql("SELECT count(*) FROM revisions", "rights") == "2")
    except RuntimeError:
        check("a bench cannot delete states", True)
    wrong = Cli(program, pg.url("rights", "guest", "not-it"), folder).run("find", "--json")
    check("a wrong password is one line and exit 1", wrong.returncode == 1 and wrong.stderr.count("\n") == 1,
          wrong.stderr)
    pg.sql("INSERT INTO schema_version VALUES (99)", "rights")
    newer = shop.run("find", "--json")
    check("a newer schema is refused", newer.returncode == 1 and "newer version" in newer.stderr, newer.stderr)
    nobody = Cli(program, f"postgresql://shop:x@127.0.0.1:{free_port()}/yard", folder).run("put", "r.json")
    check("no server is one line and exit 1", nobody.returncode == 1 and nobody.stderr.count("\n") == 1,
          nobody.stderr)
    env = {"PGPASSWORD": pg.password}
    plain = Cli(program, f"postgresql://shop@127.0.0.1:{pg.port}/yard", folder).run("find", "--json", env=env)
    check("PGPASSWORD is used", plain.returncode == 0, plain.stderr)


def crowd(program, pg, folder, benches, jobs):
    """Many benches keep at once: all is there once."""
    pg.sql("CREATE DATABASE crowd", "postgres")
    cli = Cli(program, pg.url("crowd"), folder)
    cli.out("find", "--json")
    expected, lock, times = set(), threading.Lock(), []

    def bench(b):
        files = [write(folder, f"crowd{b}-{n}.json", case(n, f"Bench{b} job{n}")) for n in range(jobs)]
        process = subprocess.Popen([program, "logbook", "--store", cli.store, "put", *files],
                                   stdout=subprocess.PIPE, text=True)
        last = None
        for line in process.stdout:
            now = time.monotonic()
            with lock:
                expected.add(line.strip())
                if last is not None:
                    times.append(now - last)
            last = now
        process.wait()

    threads = [threading.Thread(target=bench, args=(b,)) for b in range(benches)]
    start = time.monotonic()
    for t in threads:
        t.start()
    for t in threads:
        t.join()
    took = time.monotonic() - start
    found = cli.json("find", "--json")
    check(f"{benches} benches, {jobs} jobs each: all acknowledged are there, once",
          len(found) == benches * jobs and {f["id"] for f in found} == expected,
          (len(found), len(expected)))
    check("titles once", len({f["title"] for f in found}) == benches * jobs)
    times.sort()
    print(f"      {benches * jobs / took:.0f} jobs a second in all; a keep p95 "
          f"{1000 * times[int(0.95 * len(times))]:.1f} ms", flush=True)
    check("check is sound", cli.run("check").returncode == 0, cli.run("check").stderr)


def killed(program, pg, folder, kills, stops):
    """A bench killed at any moment, the server stopped hard: nothing acknowledged lost, none twice."""
    pg.sql("CREATE DATABASE killed", "postgres")
    chance = random.Random(7)
    cli = Cli(program, pg.url("killed"), folder)
    cli.out("find", "--json")
    expected, count = set(), 0

    def some():
        nonlocal count
        files = []
        for _ in range(40):
            count += 1
            files.append(write(folder, f"kill{count}.json", case(count, f"Killed{count}", f"kill-{count}")))
        return subprocess.Popen([program, "logbook", "--store", cli.store, "put", *files],
                                stdout=subprocess.PIPE, stderr=subprocess.DEVNULL, text=True)

    for n in range(kills + stops):
        process = some()
        for _ in range(chance.randrange(1, 12)):
            line = process.stdout.readline()
            if line:
                expected.add(line.strip())
        if n < kills:
            time.sleep(chance.random() * 0.01)
            process.kill()
        else:
            pg.stop("immediate")
        for line in process.stdout:
            if line.endswith("\n"):
                expected.add(line.strip())
        process.wait()
        if n >= kills:
            pg.start()
    found = [f["id"] for f in cli.json("find", "--json")]
    check(f"{kills} benches killed, server stopped hard {stops} times: nothing acknowledged lost",
          expected <= set(found), sorted(expected - set(found))[:5])
    check("nothing twice", len(found) == len(set(found)))
    for ident in found[:50]:
        if len(cli.json("revisions", ident, "--json")) != 1:
            check("one state each", False, ident)
            break
    check("check is sound", cli.run("check").returncode == 0, cli.run("check").stderr)
    print(f"      {len(expected)} acknowledged, {len(found)} there", flush=True)


class Proxy:
    """A wire that can be cut."""

    def __init__(self, port):
        self.target, self.cut, self.pairs = port, False, []
        self.server = socket.create_server(("127.0.0.1", 0))
        self.port = self.server.getsockname()[1]
        threading.Thread(target=self.serve, daemon=True).start()

    def serve(self):
        while True:
            near, _ = self.server.accept()
            if self.cut:
                near.close()
                continue
            far = socket.create_connection(("127.0.0.1", self.target))
            self.pairs += [near, far]
            for a, b in ((near, far), (far, near)):
                threading.Thread(target=self.pump, args=(a, b), daemon=True).start()

    def pump(self, a, b):
        try:
            while data := a.recv(65536):
                b.sendall(data)
        except OSError:
            pass
        for s in (a, b):
            try:
                s.shutdown(socket.SHUT_RDWR)
            except OSError:
                pass

    def set_cut(self, cut):
        self.cut = cut
        if cut:
            for s in self.pairs:
                try:
                    s.shutdown(socket.SHUT_RDWR)
                except OSError:
                    pass
            self.pairs = []


def apart(program, pg, folder):
    """The wire cut for a day, the same thirty jobs changed on both sides."""
    pg.sql("CREATE DATABASE apart", "postgres")
    wire = Proxy(pg.port)
    shop = pg.url("apart", port=wire.port)
    benches = [Cli(program, f"sqlite:{folder}/apart{n}.sqlite", folder) for n in range(2)]
    ids = benches[0].out("put", *[write(folder, f"ap{n}.json", case(n)) for n in range(30)]).split()
    for bench in benches:
        bench.out("sync", "--with", shop)
    wire.set_cut(True)
    done = benches[0].run("sync", "--with", shop)
    check("cut: said in one line, exit 1", done.returncode == 1 and done.stderr.count("\n") == 1, done.stderr)
    got = os.path.join(folder, "apart.json")
    chance = random.Random(3)
    newest = {}
    edits = {ident: 1 for ident in ids}
    for ident in ids:
        for _ in range(4):
            n = chance.randrange(2)
            benches[n].out("get", ident, "-o", got)
            changed = json.load(open(got))
            changed["job"]["title"] = newest[ident] = f"edit {chance.random()}"
            json.dump(changed, open(got, "w"))
            benches[n].out("put", got)
            edits[ident] += 1
    wire.set_cut(False)
    for bench in (benches[0], benches[1], benches[0]):
        bench.out("sync", "--with", shop)
    for where in (*benches, Cli(program, pg.url("apart"), folder)):
        titles = {f["id"]: f["title"] for f in where.json("find", "--json")}
        wrong = [i for i in ids if titles.get(i) != newest[i]]
        check("cut for a day: the newest wins everywhere", not wrong, wrong)
        lost = [i for i in ids if len(where.json("revisions", i, "--json")) != edits[i]]
        check("and every state is still there", not lost, lost)


def main():
    parser = argparse.ArgumentParser()
    parser.add_argument("program")
    parser.add_argument("--benches", type=int, default=8)
    parser.add_argument("--jobs", type=int, default=20)
    parser.add_argument("--kills", type=int, default=10)
    parser.add_argument("--stops", type=int, default=2)
    o = parser.parse_args()
    program = os.path.abspath(o.program)
    with tempfile.TemporaryDirectory(prefix="haybale_shop_") as folder, Server() as pg:
        basics(Cli(program, f"sqlite:{folder}/basics.sqlite", folder), "sqlite")
        basics(Cli(program, pg.url(), folder), "postgresql")
        moves(program, pg, folder)
        rights(program, pg, folder)
        crowd(program, pg, folder, o.benches, o.jobs)
        killed(program, pg, folder, o.kills, o.stops)
        apart(program, pg, folder)
    print(f"{len(FAILED)} wrong")
    return 1 if FAILED else 0


if __name__ == "__main__":
    sys.exit(main())
