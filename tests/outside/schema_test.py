"""The published schema against case files: the demo, one written by hand, and broken ones it must refuse."""
import copy
import json
import sys
from pathlib import Path

import jsonschema

root = Path(sys.argv[1])
schema = json.loads((root / "docs/formats/case.schema.json").read_text())
jsonschema.Draft7Validator.check_schema(schema)
validator = jsonschema.Draft7Validator(schema)
demo = json.loads((root / "demo/bale-cart-7.haybale.json").read_text())
errors = list(validator.iter_errors(demo))
assert not errors, errors[0]

minimal = {"format": "haybale-case", "version": 1, "circuits": [{"name": "RR"}]}
assert validator.is_valid(minimal)
newer = copy.deepcopy(demo)
newer["of_a_newer_version"] = {"x": 1}
assert validator.is_valid(newer)


def broken(change):
    case = copy.deepcopy(demo)
    change(case)
    return not validator.is_valid(case)


assert broken(lambda c: c.update(format="other"))
assert broken(lambda c: c.pop("circuits"))
assert broken(lambda c: c["circuits"][0]["path"][1].update(zone="attic"))
assert broken(lambda c: c["evidence"][0]["reading"].update(ohm="lots"))
assert broken(lambda c: c["evidence"][0].pop("test"))
assert broken(lambda c: c["intake"]["codes"][0].update(status="asleep"))
assert broken(lambda c: c["intake"]["basics"].update(battery="meh"))
assert broken(lambda c: c.update(closing={"minutes": -1}))

sheets = json.loads((root / "docs/formats/limits.schema.json").read_text())
jsonschema.Draft7Validator.check_schema(sheets)
sheet = {"format": "haybale-limits", "limits": demo["limits"]}
assert jsonschema.Draft7Validator(sheets).is_valid(sheet)
sheet["limits"][0]["quantity"] = "weight"
assert not jsonschema.Draft7Validator(sheets).is_valid(sheet)
practice = json.loads((root / "docs/formats/practice.schema.json").read_text())
jsonschema.Draft7Validator.check_schema(practice)
shelf = sorted((root / "data/practice").glob("*.json"))
assert len(shelf) >= 40
for path in shelf:
    one = json.loads(path.read_text())
    assert jsonschema.Draft7Validator(practice).is_valid(one), path
    assert validator.is_valid(one["case"]), path
one["truth"].pop("fault")
assert not jsonschema.Draft7Validator(practice).is_valid(one)
print("schema ok")
