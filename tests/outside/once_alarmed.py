"""Sound made-up records in which the analysis once said a fault, each read again: none must be said now.

Usage: once_alarmed.py HAYBALE_CLI. HAYBALE_ALARMS=all takes those too that lie far behind in their seeds (a minute).
"""
import itertools
import os
from pathlib import Path
import sys
import tempfile
import unittest

import records
import rough_records
from trace_desk import said_of

# Style, seed, number; what was said.
ALARMS = [
    (records, 704, 89),  # pulled once by hand: a square wave between the edges of its rest
    (rough_records, 703, 206),  # a gap a seventh wider by chance, in each turn
    (rough_records, 703, 292),
]
FAR_BEHIND = [
    (records, 703, 1662),  # two and a half slow teeth: a loom that is moved
    (records, 704, 1486),  # a drift through one step of the converter: a step of the bias
    (rough_records, 702, 1384),  # a coarse wave that seems to lie at each level
    (rough_records, 703, 838),
    (rough_records, 707, 1405),  # five samples a cycle: the same tooth lost twice
    (rough_records, 706, 1047),  # the first pulse behind a coupling capacitor: pulled to the supply
]


class OnceAlarmed(unittest.TestCase):
    def test_no_fault_is_said(self):
        with tempfile.TemporaryDirectory() as folder:
            for source, seed, number in ALARMS + (FAR_BEHIND if os.environ.get("HAYBALE_ALARMS") == "all" else []):
                with self.subTest(style=source.__name__, seed=seed, number=number):
                    record = next(itertools.islice(source.records(seed, 2000, False), number, None))
                    path = Path(folder) / "record.wav"
                    record.save(path)
                    said, why = said_of(CLI, path, record)
                    self.assertIsNotNone(said, why)
                    faults = [f for f in said["findings"] if f["severity"] == "fault"]
                    self.assertEqual(faults, [])


if __name__ == "__main__":
    CLI = sys.argv.pop(1)
    unittest.main()
