"""The real program on a real desktop session (Xvfb, D-Bus, the accessibility bus): no control
without a name, and from the start to a right verdict on a made-up car by names alone, counted.

Driven through AT-SPI 2 (python3-pyatspi), as a screen reader does; nothing of the program is linked
or imported. The bar of 25 presses is the shop's own; no source.

Usage: desk_test.py PROGRAM
"""
import os
import shutil
import signal
import subprocess
import sys
import tempfile
import time

MOST_PRESSES = 25
PATIENCE = float(os.environ.get("HAYBALE_PATIENCE", "1"))  # times: a sanitizer's build answers late
CONTROLS = {"push button", "toggle button", "check box", "radio button", "text", "password text",
            "combo box", "spin button", "table", "list", "page tab", "page tab list", "slider",
            "progress bar", "menu item", "entry"}


def inside(program):
    """Runs within the session: AT-SPI and the program are started here."""
    launcher = "/usr/libexec/at-spi-bus-launcher"
    bus = subprocess.Popen([launcher, "--launch-immediately"], stderr=subprocess.DEVNULL)
    state = tempfile.mkdtemp(prefix="haybale-desk-")
    environment = dict(os.environ, HAYBALE_STATE_DIR=state, QT_LINUX_ACCESSIBILITY_ALWAYS_ON="1",
                       QT_QPA_PLATFORM="xcb")
    time.sleep(1)
    app = subprocess.Popen([program], env=environment, stderr=subprocess.DEVNULL)
    try:
        drive()
    finally:
        app.send_signal(signal.SIGKILL)
        app.wait()
        bus.terminate()
        shutil.rmtree(state, ignore_errors=True)


class Desk:
    def __init__(self):
        import pyatspi
        from gi.repository import Atspi
        Atspi.set_timeout(30_000, 60_000)  # milliseconds: a sanitizer's build answers late
        self.at = pyatspi
        self.presses = 0
        self.app = self.wait(self._application, 30, "the program on the bus")

    @staticmethod
    def wait(ask, seconds, what):
        seconds *= PATIENCE
        end = time.monotonic() + seconds
        while time.monotonic() < end:
            found = ask()
            if found:
                return found
            time.sleep(0.05)
        raise AssertionError(f"no {what} within {seconds} s")

    def _application(self):
        for app in self.at.Registry.getDesktop(0):
            if app and app.name == "haybale" and app.childCount:
                return app
        return None

    def nodes(self, node=None, depth=0, seen=False):
        """All of them, or only those below what is seen: pages behind others are not walked."""
        node = node or self.app
        yield node
        if depth < 40 and (not seen or depth < 2 or self.showing(node)):
            for i in range(node.childCount):
                child = node.getChildAtIndex(i)
                if child is not None:
                    yield from self.nodes(child, depth + 1, seen)

    def showing(self, node):
        states = node.getState()
        return states.contains(self.at.STATE_SHOWING) and states.contains(self.at.STATE_ENABLED)

    def find(self, name, role):
        for node in self.nodes(seen=True):
            try:
                if node.name == name and node.getRoleName() == role and self.showing(node):
                    return node
            except Exception:  # a control that went away while the tree was walked
                continue
        return None

    def press(self, name, role="push button"):
        node = self.wait(lambda: self.find(name, role), 30, f"{role} \"{name}\"")
        actions = node.queryAction()
        names = [actions.getName(i) for i in range(actions.nActions)]
        actions.doAction(names.index("Press") if "Press" in names else 0)
        self.presses += 1

    def texts(self):
        out = []
        for node in self.nodes(seen=True):
            try:
                if node.getRoleName() == "label" and self.showing(node) and node.name:
                    out.append(node.name)
            except Exception:
                continue
        return out

    def answer(self, before):
        """What stands there once it is another thing than before and nothing is being worked on."""
        said = self.texts()
        busy = any(text.startswith("working on it") for text in said)
        return None if busy or said == before else said


def drive():
    desk = Desk()
    unnamed = []
    controls = 0
    for node in desk.nodes():
        role = node.getRoleName()
        if role in CONTROLS:
            controls += 1
            if not node.name:
                unnamed.append(f"{role} in {node.parent.getRoleName()} \"{node.parent.name}\"")
    print(f"{controls} controls on the bus, {len(unnamed)} without a name")
    assert controls > 150, "the whole program was to be seen"
    assert not unnamed, unnamed[:20]

    began = time.monotonic()
    desk.press("Practice", "check box")
    desk.press("Start")
    for _ in range(40):
        desk.wait(lambda: desk.find("Hint", "push button"), 30, "the bench")
        before = desk.texts()
        desk.press("Hint")
        said = desk.wait(lambda: desk.answer(before), 30, "hint")
        verdict = any(text.startswith("Say what it is") for text in said)
        desk.press("That is it: end the case" if verdict else "Do it")
        if verdict:
            break
        time.sleep(0.2)
    desk.wait(lambda: any(text.startswith("Right") for text in desk.texts()), 30, "right verdict")
    seconds = time.monotonic() - began
    print(f"a right verdict after {desk.presses} presses, {seconds:.1f} s of the machine")
    assert desk.presses <= MOST_PRESSES, desk.presses


def main():
    if len(sys.argv) == 3 and sys.argv[2] == "--inside":
        inside(sys.argv[1])
        return
    # A screen and a bus of its own, whatever the desktop has.
    subprocess.run(["xvfb-run", "-a", "-s", "-screen 0 1280x800x24", "dbus-run-session", "--",
                    sys.executable, os.path.abspath(__file__), os.path.abspath(sys.argv[1]),
                    "--inside"], check=True)


if __name__ == "__main__":
    main()
