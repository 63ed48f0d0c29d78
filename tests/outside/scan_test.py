"""The scan side against a control unit written here, from the standards alone and nothing of the program.

usage: scan_test.py HAYBALE-CLI

DoIP frames by ISO 13400-2, services by ISO 14229-1, codes by SAE J2012-DA: from memory. The unit misbehaves in every
way one does: pending, busy, late and foreign answers, split and joined segments, alive checks, wrong lengths, refusals,
a line that is cut.
"""
import json
import os
import socket
import struct
import subprocess
import sys
import tempfile
import threading
import time

CLI = os.path.abspath(sys.argv[1])
KEPT = tempfile.TemporaryDirectory(prefix="haybale_scan_")
FOLDER = KEPT.name
TESTER, ECU = 0x0E00, 0x1010
wrong = 0


def frame(kind, payload):
    return struct.pack(">BBHI", 2, 0xFD, kind, len(payload)) + payload


class Unit:
    """One connection at a time; `behave` names what is done differently."""

    def __init__(self, behave=""):
        self.behave, self.heard, self.busy = behave, [], 0
        self.cleared = False
        self.listener = socket.socket()
        self.listener.bind(("127.0.0.1", 0))
        self.listener.listen(4)
        self.port = self.listener.getsockname()[1]
        threading.Thread(target=self.serve, daemon=True).start()

    def serve(self):
        while True:
            try:
                line, _ = self.listener.accept()
            except OSError:
                return
            try:
                self.talk(line)
            except OSError:
                pass
            line.close()

    def talk(self, line):
        def read(n):
            out = b""
            while len(out) < n:
                got = line.recv(n - len(out))
                if not got:
                    raise OSError
                out += got
            return out

        while True:
            version, inverse, kind, size = struct.unpack(">BBHI", read(8))
            assert version ^ inverse == 0xFF
            payload = read(size)
            if kind == 0x0005:
                if self.behave == "http":
                    line.sendall(b"HTTP/1.0 400 Bad Request\r\n\r\n")
                    return
                code = 0x00 if self.behave == "shut out" else 0x10
                line.sendall(frame(0x0006, payload[:2] + struct.pack(">HB", ECU, code) + bytes(4)))
            elif kind == 0x0008:
                self.heard.append("alive")
            elif kind == 0x8001:
                source, target = struct.unpack(">HH", payload[:4])
                assert source == TESTER
                if target != ECU or self.behave == "unknown target":
                    line.sendall(frame(0x8003, struct.pack(">HHB", target, source, 0x03)))
                    continue
                line.sendall(frame(0x8002, struct.pack(">HHB", target, source, 0)))
                self.heard.append(payload[4:].hex())
                if self.behave == "cut":
                    return
                self.answer(line, payload[4:])

    def say(self, line, message, source=ECU, target=TESTER):
        data = frame(0x8001, struct.pack(">HH", source, target) + message)
        if self.behave == "dripping":
            for i in range(0, len(data), 3):
                line.sendall(data[i:i + 3])
                time.sleep(0.002)
        else:
            line.sendall(data)

    def answer(self, line, request):
        service = request[0]
        if self.behave == "pending":
            for _ in range(3):
                self.say(line, bytes([0x7F, service, 0x78]))
                time.sleep(0.9)
        if self.behave == "busy" and self.busy < 3:
            self.busy += 1
            self.say(line, bytes([0x7F, service, 0x21]))
            return
        if self.behave == "always busy":
            self.say(line, bytes([0x7F, service, 0x21]))
            return
        if self.behave == "foreign":
            self.say(line, bytes([service + 0x40, 1, 2, 3, 4, 5, 6]), source=0x2222)
            self.say(line, bytes([service + 0x40, 1, 2, 3, 4, 5, 6]), target=0x0F00)
            self.say(line, b"\x62\x4a\x01\xff\xff\xff\xff" if service != 0x22 else b"\x54")
            self.say(line, bytes([0x7F, 0x31, 0x22]))
            line.sendall(frame(0x0007, b""))
            line.sendall(frame(0x4001, b"power"))
        if self.behave == "silent":
            return
        self.say(line, self.reply(request))

    def reply(self, q):
        if q[0] == 0x19 and q[1] == 0x02:
            if self.behave == "wrong length":
                return b"\x59\x02\xff\x40\x35\x13"
            if self.behave == "no codes" or self.cleared:
                return b"\x59\x02\xff"
            return b"\x59\x02\xff" + bytes.fromhex("403513" "2f" "404064" "28" "c10087" "08" "01234a" "04")
        if q[0] == 0x19 and q[1] == 0x06 and q[2:5].hex() == "403513":
            return b"\x59\x06" + q[2:5] + b"\x2f\x01\x07"
        if q[0] == 0x19 and q[1] == 0x04 and q[2:5].hex() == "403513":
            return b"\x59\x04" + q[2:5] + b"\x2f\x01\x01\x4a\x01\x01\xf4"
        if q[0] == 0x19:
            return bytes([0x7F, 0x19, 0x31])
        if q[0] == 0x14:
            if self.behave == "will not clear":
                return b"\x7f\x14\x22"
            self.cleared = True
            return b"\x54"
        if q[0] == 0x22 and q[1:3] == b"\x4a\x01":
            if self.behave == "short record":
                return b"\x62\x4a\x01\x01\xf4"
            return b"\x62\x4a\x01" + struct.pack(">HHhB", 500, 1234, -250, 77)
        return bytes([0x7F, q[0], 0x31])


MAP = {"format": "haybale-scan-map", "version": 1, "tester": "0x0E00", "ecu": "0x1010",
       "speeds": [{"circuit": "FL", "did": "0x4A01", "offset": 0, "bytes": 2, "scale": 0.01},
                  {"circuit": "FR", "did": "0x4A01", "offset": 2, "bytes": 2, "scale": 0.01},
                  {"circuit": "RL", "did": "0x4A01", "offset": 4, "bytes": 2, "scale": 0.01, "signed": True},
                  {"circuit": "RR", "did": "0x4A01", "offset": 6, "bytes": 1, "scale": 0.5}],
       "codes": {"C0035": "FL", "C0040-64": "FR"}}


def write(name, thing):
    path = os.path.join(FOLDER, name)
    with open(path, "w") as f:
        f.write(thing if isinstance(thing, str) else json.dumps(thing))
    return path


def scan(where, *words, map=None, state="state"):
    env = {**os.environ, "HAYBALE_STATE_DIR": os.path.join(FOLDER, state)}
    return subprocess.run([CLI, "scan", *where, "--map", map or write("map.json", MAP), *words, "--json"], env=env,
                          capture_output=True, text=True, timeout=60)


def at(unit):
    return ["--doip", f"127.0.0.1:{unit.port}"]


def expect(ok, what, done=None):
    global wrong
    wrong += not ok
    if not ok:
        print("WRONG", what, "" if done is None else (done.returncode, done.stdout[:400], done.stderr[:400]))
    else:
        print("ok   ", what)


def one_line(done):
    return done.stderr.count("\n") == 1 and done.stderr.strip() != ""


def main():
    for behave in ("", "pending", "busy", "foreign", "dripping"):
        unit = Unit(behave)
        done = scan(at(unit), "codes", state="s" + behave)
        got = json.loads(done.stdout or "[]")
        expect(done.returncode == 0 and [c["code"] for c in got] == ["C0035-13", "C0040-64", "U0100-87", "P0123-4A"] and
               [c["circuit"] for c in got] == ["FL", "FR", None, None] and
               [c["type"] for c in got] == ["open", "implausible", None, None] and
               got[0]["status"] == {"active": True, "pending": True, "confirmed": True, "byte": 47} and
               got[1]["status"]["active"] is False and got[0]["occurrences"] == 7 and got[1]["occurrences"] is None and
               got[0]["snapshot"] == {"1": "01 4A 01 01 F4"}, f"codes, {behave or 'well behaved'}", done)
        done = scan(at(unit), "speeds")
        expect(done.returncode == 0 and json.loads(done.stdout or "{}") ==
               {"kmh": {"FL": 5.0, "FR": 12.34, "RL": -2.5, "RR": 38.5}}, f"speeds, {behave or 'well behaved'}", done)
        if behave == "foreign":
            expect("alive" in unit.heard, "an alive check is answered")

    unit = Unit()
    done = scan(at(unit), "clear", state="fresh")
    expect(done.returncode == 1 and one_line(done) and "never read" in done.stderr and "14ffffff" not in unit.heard,
           "clearing is refused before the codes are kept", done)
    scan(at(unit), "codes", state="fresh")
    kept = os.listdir(os.path.join(FOLDER, "fresh", "scan"))
    expect(len(kept) == 1 and "C0035-13" in open(os.path.join(FOLDER, "fresh", "scan", kept[0])).read(),
           "codes that were read are kept in the state folder")
    done = scan(at(unit), "clear", state="fresh")
    expect(done.returncode == 0 and unit.cleared, "then they are cleared", done)
    done = scan(at(unit), "codes", state="fresh")
    expect(done.returncode == 0 and json.loads(done.stdout) == [], "and none is left", done)
    other = Unit()
    done = scan(at(other), "clear", "--anyway", state="other")
    expect(done.returncode == 0 and other.cleared, "--anyway clears what was never read", done)

    done = scan(at(Unit()), "watch", "--seconds", "1")
    rows = done.stdout.splitlines()
    expect(done.returncode == 0 and rows[0] == "time,FL,FR,RL,RR" and len(rows) > 10 and
           rows[-1].split(",")[1:] == ["5.00", "12.34", "-2.50", "38.50"] and
           [float(r.split(",")[0]) for r in rows[1:]] == sorted(float(r.split(",")[0]) for r in rows[1:]),
           "speeds are watched", done)

    for behave, command, word in (("shut out", "codes", "let the tester in"), ("unknown target", "codes", "ecu"),
                                  ("cut", "codes", "closed the connection"), ("wrong length", "codes", "bytes"),
                                  ("short record", "speeds", "4A01"), ("always busy", "speeds", "busy"),
                                  ("silent", "speeds", "in time"), ("http", "codes", "DoIP")):
        begun = time.time()
        done = scan(at(Unit(behave)), command, state="x")
        expect(done.returncode == 1 and one_line(done) and word in done.stderr and time.time() - begun < 20,
               f"{behave}: one sentence", done)
    done = scan(at(Unit("will not clear")), "clear", "--anyway")
    expect(done.returncode == 1 and "conditions not correct (0x22)" in done.stderr, "a refusal is given in words", done)
    refused = socket.socket()
    refused.bind(("127.0.0.1", 0))
    done = scan(["--doip", f"127.0.0.1:{refused.getsockname()[1]}"], "codes")
    expect(done.returncode == 1 and one_line(done), "nobody there", done)
    done = scan(["--can", "no-such-can0"], "codes")
    expect(done.returncode == 1 and one_line(done) and "no-such-can0" in done.stderr, "no such interface", done)

    for name, bad, status in (("no json", "{", 3), ("other format", {"format": "x"}, 3),
                              ("no did", {**MAP, "speeds": [{"circuit": "FL"}]}, 3),
                              ("nine bytes", {**MAP, "speeds": [{"circuit": "FL", "did": 1, "bytes": 9}]}, 3),
                              ("bad address", {**MAP, "ecu": "0x1010x"}, 3), ("too large", {**MAP, "ecu": "0x10000"}, 3),
                              ("no speeds", {**MAP, "speeds": []}, 3)):
        done = scan(at(Unit()), "speeds", map=write("bad.json", bad))
        expect(done.returncode == status and one_line(done), f"map with {name} is refused", done)
    for words in (["--doip", "127.0.0.1:99999"], ["--doip", ""], [], ["--doip", "a", "--can", "b"]):
        done = scan(words, "codes")
        expect(done.returncode == 2 and done.stderr.count("\n") == 1, f"{words}: wrong usage", done)

    # The program's own simulated vehicle serves the same side.
    yard = subprocess.Popen([CLI, "simulate", "--fault", "open", "--element", "L2", "--wire", "a", "--for", "60"],
                            stdout=subprocess.PIPE, text=True)
    about = json.loads(yard.stdout.readline())
    where = ["--doip", f"127.0.0.1:{about['doip']}"]
    done = scan(where, "codes", map=about["scan_map"], state="yard")
    got = json.loads(done.stdout or "[]")
    expect(done.returncode == 0 and any(c["circuit"] == "RR" for c in got) and os.path.exists(about["map"]),
           "the simulated vehicle has a code of its open circuit", done)
    done = scan(where, "speeds", map=about["scan_map"])
    expect(done.returncode == 0 and set(json.loads(done.stdout)["kmh"]) >= {"FL", "RR"}, "and speeds", done)
    yard.terminate()
    yard.wait()
    print("wrong:", wrong)
    return 1 if wrong else 0


if __name__ == "__main__":
    sys.exit(main())
