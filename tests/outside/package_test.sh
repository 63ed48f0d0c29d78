#!/usr/bin/env bash
# The Debian package as a machine has it: built from what was built, looked into, installed into a root
# of its own, run from there, a job recognised by its MIME type, and removed without rest.
# Usage: package_test.sh BUILD_FOLDER SOURCE_FOLDER
set -euo pipefail
build=$1
source=$2
here=$(mktemp -d)
trap 'rm -rf "$here"' EXIT
root=$here/root

fail() {
  # The source archive is the same bytes every time; a tree without its history has none.
if git -C "$source" rev-parse --verify -q HEAD > /dev/null 2>&1; then
  mkdir "$here/one" "$here/other"
  one=$("$source/packaging/make-source" HEAD "$here/one")
  sleep 1
  other=$(TZ=Asia/Tokyo LC_ALL=C "$source/packaging/make-source" HEAD "$here/other")
  cmp "$one" "$other" || fail "two source archives of one commit differ"
  tar -tzf "$one" | grep -q '/CMakeLists.txt$' || fail "the source archive lacks the build"
fi
echo "package: $*" >&2
  exit 1
}

(cd "$build" && cpack -G DEB -B "$here/out" > "$here/cpack.log" 2>&1) || fail "$(cat "$here/cpack.log")"
deb=$(echo "$here"/out/haybale_*.deb)
dpkg-deb -c "$deb" > "$here/list"
for file in usr/bin/haybale usr/bin/haybale-cli usr/share/applications/haybale.desktop \
  usr/share/metainfo/haybale.metainfo.xml usr/share/mime/packages/haybale.xml \
  usr/share/icons/hicolor/scalable/apps/haybale.svg usr/share/man/man1/haybale.1.gz \
  usr/share/bash-completion/completions/haybale-cli usr/share/haybale/priors.json \
  usr/share/haybale/practice/ usr/share/haybale/sheets/ usr/share/doc/haybale/copyright; do
  grep -q " \./$file" "$here/list" || fail "$file is missing"
done
lintian --fail-on error "$deb" > "$here/lintian.log" 2>&1 || fail "$(cat "$here/lintian.log")"
desktop-file-validate "$source/packaging/desktop/haybale.desktop" || fail "the desktop file"

# A root of its own, so that nothing of this machine is touched.
mkdir -p "$root/var/lib/dpkg/info" "$root/var/lib/dpkg/updates" "$root/var/log"
: > "$root/var/lib/dpkg/status"
own() { dpkg --root="$root" --log="$here/dpkg.log" --force-not-root --force-depends --force-script-chrootless "$@"; }
own -i "$deb" > "$here/install.log" 2>&1 || fail "$(cat "$here/install.log")"
[ "$("$root/usr/bin/haybale" --version)" = "haybale $("$root/usr/bin/haybale-cli" --version | grep -oE '[0-9.]+' | head -1)" ] ||
  fail "the two programs are of different versions"
"$root/usr/bin/haybale-cli" practice list --json > /dev/null || fail "no practice cases"

# A double click on a job finds the program.
update-mime-database "$root/usr/share/mime" > /dev/null 2>&1 || true
type=$(XDG_DATA_DIRS="$root/usr/share:/usr/share" gio info -a standard::content-type \
  "$source/demo/bale-cart-7.haybale.json" | grep -o 'application/x-haybale-case') || fail "a job is not recognised"
grep -q "$type" "$root/usr/share/applications/haybale.desktop" || fail "nobody opens $type"

own -r haybale > "$here/remove.log" 2>&1 || fail "$(cat "$here/remove.log")"
own -P haybale > /dev/null 2>&1 || true
# What a machine's trigger does after it; there the folder is never empty.
mkdir -p "$root/usr/share/mime/packages"
update-mime-database "$root/usr/share/mime" > /dev/null 2>&1 || true
rest=$(find "$root" -name '*haybale*' -not -path '*/var/lib/dpkg/*')
[ -z "$rest" ] || fail "left behind: $rest"
echo "package: $(wc -l < "$here/list") entries, installed, run, recognised, removed"
