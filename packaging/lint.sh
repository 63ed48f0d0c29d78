#!/usr/bin/env bash
# Checks the formatting of every source file, and clang-tidy over the sources (needs clang-format-14, clang-tidy-14).
set -euo pipefail
cd "$(dirname "$(readlink -f "$0")")/.."
mapfile -t files < <(git ls-files -co --exclude-standard '*.cpp' '*.h')
clang-format-14 --dry-run -Werror "${files[@]}"
echo "formatting: ${#files[@]} files as .clang-format wants them"
cmake --preset debug -DCMAKE_CXX_COMPILER=clang++-14 -DCMAKE_DISABLE_PRECOMPILE_HEADERS=ON -B build/lint >/dev/null
cmake --build build/lint --target haybale_app_autogen >/dev/null
mapfile -t sources < <(printf '%s\n' "${files[@]}" | grep '^src/.*\.cpp$')
printf '%s\n' "${sources[@]}" | xargs -P "$(nproc)" -n 4 clang-tidy-14 --quiet -p build/lint 2>/dev/null
echo "clang-tidy: ${#sources[@]} sources"
