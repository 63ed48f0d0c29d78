"""A SCPI instrument written from the standards' text (IEEE 488.2, SCPI-1999; from memory), sharing
nothing with the program: strict about what it is sent, free in what it answers as far as the
standards let it be.

Usage: strict_peer.py MODE. Prints its port, then serves one client after the other until killed.
Modes: plain; formats (numbers in every legal form); fragments (a byte at a time); slow (0.15 s
before each answer); drop (goes away before every 7th answer); half (goes away in the middle of the
9th answer); mute (never answers); rubbish (answers nonsense).
"""
import re
import socket
import struct
import sys
import time

mode = sys.argv[1]

HEADER = re.compile(r"^(\*[A-Za-z]{3}\??|:?[A-Za-z]+\d*(:[A-Za-z]+\d*)*\??)$")
# keyword patterns: capitals are the short form
TREE = {
    "set": [
        "CONFigure:VOLTage:DC", "CONFigure:VOLTage:AC", "CONFigure:RESistance", "CONFigure:CURRent:DC",
        "FORMat", "SENSe:VOLTage:RANGe", "SENSe:SWEep:TIME", "SENSe:SWEep:POINts", "INITiate",
        "SOURce:FUNCtion", "SOURce:FREQuency", "SOURce:VOLTage", "SOURce:VOLTage:OFFSet", "OUTPut",
    ],
    "ask": ["READ", "SYSTem:ERRor", "SENSe:SWEep:TIME", "TRACe:DATA"],
}


def matches(header, pattern):
    words, wanted = header.lstrip(":").split(":"), pattern.split(":")
    if len(words) != len(wanted):
        return False
    for word, want in zip(words, wanted):
        word = word.rstrip("0123456789").upper()
        short = "".join(c for c in want if c.isupper())
        if word not in (short, want.upper()):
            return False
    return True


class Instrument:
    def __init__(self):
        self.readings = 0  # answered wholly
        self.answers = 0
        self.errors = []
        self.time = 2.0
        self.points = 100

    def number(self, value):
        if mode != "formats":
            return "%+.6E" % value
        forms = [
            lambda v: "%+.6E" % v, lambda v: "%.4f" % v, lambda v: " %+.3e" % v, lambda v: "%d." % v,
            lambda v: "%d" % v, lambda v: "%.6fE+00" % v, lambda v: "+0%d" % v, lambda v: "%.3fe-0" % v,
            lambda v: "#H%X" % int(v), lambda v: "#B{:b}".format(int(v)), lambda v: "#Q{:o}".format(int(v)),
        ]
        return forms[self.readings % len(forms)](value)

    def refuse(self, number, text):
        self.errors.append('%d,"%s"' % (number, text))

    def unit(self, text, path):
        """One command; returns (answer or None, path)."""
        if text != text.strip(" "):
            text = text.strip(" ")
        header, _, arguments = text.partition(" ")
        if not HEADER.match(header) or "  " in text:
            self.refuse(-102, "Syntax error")
            return None, path
        if header.upper() == "*ESE" and arguments.isdigit() and int(arguments) < 256:
            self.event_mask = int(arguments)
            return None, path
        if header.startswith("*"):
            known = {"*IDN?": "Hedge Works,Strict One,SN 4,0.9", "*OPC?": "1", "*CLS": None, "*RST": None,
                     "*ESE?": str(getattr(self, "event_mask", 0))}
            if header.upper() not in known:
                self.refuse(-113, "Undefined header")
            if header.upper() == "*CLS":
                self.errors.clear()
            return known.get(header.upper()), path
        full = header[1:] if header.startswith(":") else path + header
        path = full.rpartition(":")[0] + ":" if ":" in full else ""
        asked = full.endswith("?")
        bare = full.rstrip("?")
        if not any(matches(bare, p) for p in TREE["ask" if asked else "set"]):
            self.refuse(-113, "Undefined header")
            return None, path
        if not asked:
            if matches(bare, "SENSe:SWEep:TIME"):
                self.time = float(arguments)
            if matches(bare, "SENSe:SWEep:POINts"):
                self.points = int(arguments)
            if not arguments and not bare.upper().startswith(("CONF", "INIT")):
                self.refuse(-109, "Missing parameter")
            return None, path
        if matches(bare, "SYSTem:ERRor"):
            return (self.errors.pop(0) if self.errors else '+0,"No error"'), path
        if matches(bare, "READ"):
            return self.number(float(self.readings + 1)), path
        if matches(bare, "SENSe:SWEep:TIME"):
            return self.number(self.time) if mode != "formats" else "%.5f" % self.time, path
        # A ramp; its bytes hold line feeds.
        data = struct.pack(">%df" % self.points, *[i * 0.25 for i in range(self.points)])
        head = str(len(data))
        return b"#" + str(len(head)).encode() + head.encode() + data, path


def send(client, data):
    if mode == "fragments":
        for i in range(len(data)):
            client.sendall(data[i:i + 1])
            if i % 16 == 0:
                time.sleep(0.001)
    else:
        client.sendall(data)


def serve(client, it):
    buffer = b""
    while True:
        more = client.recv(4096)
        if not more:
            return
        buffer += more
        while b"\n" in buffer:
            line, buffer = buffer.split(b"\n", 1)
            answers, path = [], ""
            try:
                text = line.decode("ascii")
            except UnicodeDecodeError:
                it.refuse(-101, "Invalid character")
                continue
            reads = False
            for unit in text.split(";"):
                answer, path = it.unit(unit, path)
                reads = reads or unit.strip().upper() == "READ?"
                if answer is not None:
                    answers.append(answer if isinstance(answer, bytes) else answer.encode())
            if not answers:
                continue
            it.answers += 1
            whole = b";".join(answers) + b"\n"
            if mode == "slow":
                time.sleep(0.15)
            if mode == "mute":
                continue
            if mode == "rubbish" and reads:
                whole = b"\x00\xffwhat?\n"
            if mode == "drop" and it.answers % 7 == 0:
                return
            if mode == "half" and it.answers % 9 == 0:
                client.sendall(whole[:3])
                return
            send(client, whole)
            it.readings += 1 if reads else 0


listener = socket.socket()
listener.setsockopt(socket.SOL_SOCKET, socket.SO_REUSEADDR, 1)
listener.bind(("127.0.0.1", 0))
listener.listen(4)
print(listener.getsockname()[1], flush=True)
it = Instrument()
while True:
    client, _ = listener.accept()
    client.setsockopt(socket.IPPROTO_TCP, socket.TCP_NODELAY, 1)
    try:
        serve(client, it)
    except (ConnectionError, OSError):
        pass
    client.close()
