"""The logbook from outside, on SQLite and on a real PostgreSQL 15.

usage: shop_test.py HAYBALE-CLI [--benches N] [--jobs N] [--kills N] [--stops N]

What must hold is common practice of databases, no source: what was acknowledged is there, once; two
that changed one job both keep their state; a second bench finds the same.
"""
import argparse
import json
import os
import random
import selectors
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
        check("a bench cannot delete states", pg.sql("SELECT count(*) FROM revisions WHERE length(content) > 0", "rights") == "2")
    except RuntimeError:
        check("a bench cannot delete states", True)
    own = Cli(program, f"sqlite:{folder}/rights.sqlite", folder)
    named = case(8, "For Xanthippe Quillfeather")
    named["job"]["owner"] = "Xanthippe Quillfeather"
    erased = own.out("put", write(folder, "r8.json", named)).strip()
    own.out("sync", "--with", bench.store)
    own.out("erase", erased)
    own.out("put", write(folder, "r9.json", case(9)))
    said = json.loads(own.out("sync", "--with", bench.store))
    check("a bench may not erase in the shop; its work is brought over all the same",
          (said["sent"], said["not_erased"]) == (1, 1), said)
    pg.sql("CREATE ROLE boss LOGIN PASSWORD 'f' IN ROLE haybale_foreman", "rights")
    said = json.loads(own.out("sync", "--with", pg.url("rights", "boss", "f")))
    check("a foreman may", said["not_erased"] == 0 and
          pg.sql("SELECT count(*) FROM revisions WHERE content LIKE '%Quillf%'", "rights") == "0", said)
    wrong = Cli(program, pg.url("rights", "guest", "not-it"), folder).run("find", "--json")
    check("a wrong password is one line and exit 1", wrong.returncode == 1 and wrong.stderr.count("\n") == 1,
          wrong.stderr)
    # Who came before stands in the first line, of another user: the next one does not wait for it.
    holder = subprocess.Popen(["psql", pg.url("rights"), "-qAtX", "-c",
                               "SELECT pg_advisory_lock(72290124, 0)", "-c", "SELECT 'held'", "-c",
                               "SELECT pg_sleep(8)"], stdout=subprocess.PIPE, text=True)
    while holder.stdout.readline().strip() != "held":
        pass
    begun = time.monotonic()
    kept = bench.run("put", write(folder, "line.json", case(3)))
    took = time.monotonic() - begun
    holder.kill()
    holder.wait()
    check("two benches of different users stand in different lines", kept.returncode == 0 and took < 4, took)
    for lines in ("20", "none"):
        pg.sql(f"ALTER DATABASE rights SET haybale.lines = '{lines}'", "rights")
        kept = bench.run("put", write(folder, f"lines{lines}.json", case(3)))
        check(f"lines set to {lines}: kept all the same", kept.returncode == 0, kept.stderr)
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
    files = [[write(folder, f"crowd{b}-{n}.json", case(n, f"Bench{b} job{n}")) for n in range(jobs)]
             for b in range(benches)]
    expected, times = set(), []
    # One loop over all pipes: fifty threads of this script would take the cores it measures.
    pipes = selectors.DefaultSelector()
    start = time.monotonic()
    for mine in files:
        process = subprocess.Popen([program, "logbook", "--store", cli.store, "put", *mine],
                                   stdout=subprocess.PIPE, bufsize=0)
        pipes.register(process.stdout, selectors.EVENT_READ, [process, None, b""])
    while pipes.get_map():
        for key, _ in pipes.select():
            bench = key.data
            got = os.read(key.fd, 65536)
            now = time.monotonic()
            if not got:
                pipes.unregister(key.fileobj)
                bench[0].wait()
                continue
            *lines, bench[2] = (bench[2] + got).split(b"\n")
            for line in lines:
                expected.add(line.decode())
                if bench[1] is not None:
                    times.append(now - bench[1])
                bench[1] = now
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


def same(program, pg, folder):
    """More jobs than the shop's search looks at one by one: both engines find the same, the latest first."""
    pg.sql("CREATE DATABASE same", "postgres")
    chance = random.Random(11)
    words = ["lamp", "gate", "ford", "wash", "rain", "steering", "bump", "brake", "pulses", "hub"]
    files = []
    for n in range(2300):
        one = case(n, f"Job{n} " + " ".join(chance.choice(words) for _ in range(2)))
        one["complaint"]["text"] = "rare thistle" if n in (7, 1100) else chance.choice(words)
        files.append(write(folder, f"same{n}.json", one))
    here = Cli(program, f"sqlite:{folder}/same.sqlite", folder)
    shop = Cli(program, pg.url("same"), folder)
    for cli in (here, shop):
        cli.out("put", *files)
    for looked in (["lamp"], ["la"], ["j"], ["lamp", "gate"], ["thistle"], ["lamp", "thistle"], ["job7"], ["job", "job7"],
                   ["job22", "hay"], ["wagon", "hub", "rain"], ["nothing"], ["lamp", "nothing"], []):
        a, b = ([f["title"] for f in cli.json("find", *looked, "--most", "60", "--json")] for cli in (here, shop))
        check(f"both engines find the same for {looked}", a == b, (len(a), len(b), a[:3], b[:3]))


EARLIER = os.path.join(os.path.dirname(__file__), "earlier", "shop_v4.sql")


def earlier(program, pg, folder):
    """A shop's logbook of an earlier version is brought forward by its owner, after a copy was made."""
    pg.sql("CREATE DATABASE earlier", "postgres")
    pg.sql(open(EARLIER).read(), "earlier")
    pg.sql("CREATE ROLE looker LOGIN PASSWORD 'l'; GRANT SELECT ON ALL TABLES IN SCHEMA public TO looker; "
           "GRANT USAGE ON SCHEMA public TO looker", "earlier")
    looked = Cli(program, pg.url("earlier", "looker", "l"), folder).run("find", "--json")
    check("earlier: who may not bring it forward is told whose work it is", looked.returncode == 1 and
          "may not bring it forward" in looked.stderr and looked.stderr.count("\n") == 1, looked.stderr)
    check("earlier: and nothing was changed", pg.sql("SELECT max(version) FROM schema_version", "earlier") == "4")
    shop = Cli(program, pg.url("earlier"), folder)
    checked = shop.run("check")
    check("earlier: brought forward and sound", checked.returncode == 0, checked.stderr)
    check("earlier: both jobs are found", {f["id"] for f in shop.json("find", "ford", "--json")} ==
          {"first-job", "closed-job"})
    check("earlier: both states are there", len(shop.json("revisions", "first-job", "--json")) == 2)
    check("earlier: what closed jobs taught too", len(shop.json("tally", "--json")) == 1)
    check("earlier: what was known to be good and played lies on the shelf",
          pg.sql("SELECT kind FROM shelf ORDER BY kind", "earlier").split() == ["good", "practice"])
    check("earlier: a copy was made before",
          pg.sql("SELECT count(*) FROM haybale_before_v5.revisions", "earlier") == "3" and
          pg.sql("SELECT count(*) FROM haybale_before_v5.goods", "earlier") == "1")
    ident = shop.out("put", write(folder, "later.json", case(5))).strip()
    check("earlier: work goes on", [f["id"] for f in shop.json("find", "number5", "--json")] == [ident])


def shared(program, pg, folder):
    """One shop, one memory: sheets, files of a job, and what is erased."""
    pg.sql("CREATE DATABASE shared", "postgres")
    shop = Cli(program, pg.url("shared"), folder)
    benches = [Cli(program, f"sqlite:{folder}/shared{n}.sqlite", folder) for n in range(2)]
    sheet = os.path.join(folder, "wagon.csv")
    with open(sheet, "w") as f:
        f.write("quantity,min,max\ncoil-resistance,900,1300\n")
    check("shared: a sheet is put on the shelf", benches[0].out("share", sheet).strip() == "limits")
    named = case(1, "For Xanthippe Quillfeather")
    named["job"].update(owner="Xanthippe Quillfeather", plate="QX 7788")
    ident = benches[0].out("put", write(folder, "named.json", named)).strip()
    for bench in benches:
        bench.out("sync", "--with", shop.store)
    check("shared: it lies on the other bench's shelf",
          [(s["kind"], s["name"]) for s in benches[1].json("shared", "--json")] == [("limits", "wagon.csv")])
    back = os.path.join(folder, "back.csv")
    benches[1].out("take", "wagon.csv", "-o", back)
    check("shared: as it was", open(back).read() == open(sheet).read())
    check("shared: what is not there is said", benches[1].run("take", "none", "-o", back).returncode == 1)
    check("shared: found by the plate", len(benches[1].json("find", "7788", "--json")) == 1)
    capture = os.path.join(folder, "spin.wav")
    with open(capture, "wb") as f:
        f.write(os.urandom(2_500_000))
    shop.out("attach", ident, capture)
    shop.out("attach", ident, capture)
    check("shared: the same bytes lie there once",
          pg.sql("SELECT count(*), sum(length(data)) FROM pieces", "shared") == "3|2500000")
    to = os.path.join(folder, "fetched")
    written = shop.out("fetch", ident, "-o", to).split()
    check("shared: and come back as they were", written == [os.path.join(to, "spin.wav")] and
          open(written[0], "rb").read() == open(capture, "rb").read(), written)
    pg.sql("UPDATE pieces SET data='' WHERE part=1", "shared")
    damaged = shop.run("fetch", ident, "-o", os.path.join(folder, "other"))
    check("shared: damaged bytes are refused in one sentence", damaged.returncode == 1 and
          damaged.stderr.count("\n") == 1 and not os.listdir(os.path.join(folder, "other")), damaged.stderr)
    away = shop.run("attach", ident, os.path.join(folder, "no.wav"))
    check("shared: a file that is not there is said", away.returncode == 1 and away.stderr.count("\n") == 1, away.stderr)
    check("erased: on one bench", benches[0].out("erase", ident).strip() == "1")
    for bench in (benches[0], benches[1], benches[0]):
        bench.out("sync", "--with", shop.store)
    for name, cli in (("first bench", benches[0]), ("second bench", benches[1]), ("shop", shop)):
        cli.out("get", ident, "-o", back)
        check(f"erased: gone on the {name}", "Quillfeather" not in open(back).read() and
              "7788" not in open(back).read() and not cli.json("find", "7788", "--json"))
        check(f"erased: the {name} is sound", cli.run("check").returncode == 0)
    check("erased: in no row of the server",
          pg.sql("SELECT count(*) FROM revisions WHERE content ILIKE '%quillf%'", "shared") == "0")
    check("erased: of nobody is said", benches[0].run("erase", "nobody").returncode == 1)


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
        same(program, pg, folder)
        earlier(program, pg, folder)
        shared(program, pg, folder)
        crowd(program, pg, folder, o.benches, o.jobs)
        killed(program, pg, folder, o.kills, o.stops)
        apart(program, pg, folder)
    print(f"{len(FAILED)} wrong")
    return 1 if FAILED else 0


if __name__ == "__main__":
    sys.exit(main())
