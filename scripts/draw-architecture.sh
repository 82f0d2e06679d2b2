#!/bin/sh
# Draws docs/architecture.svg from the built classes: every package in its room, each above what it knows. Needs a build and the JDK's jdeps.
set -eu
here=$(CDPATH= cd -- "$(dirname -- "$0")/.." && pwd)
classes=""
for module in core files book app; do
  [ -d "$here/$module/target/classes" ] || { echo "Build first: mvn package" >&2; exit 4; }
  classes="$classes $here/$module/target/classes"
done
libraries=$(find "$here/app/target/lib" -name '*.jar' | tr '\n' ':')
# shellcheck disable=SC2086
jdeps -verbose:class --multi-release base -cp "$libraries" $classes 2>/dev/null | awk '
  function package(name) { sub(/\.[A-Z].*$/, "", name); return name }
  function height(p,   q, most) {
    if (p in level) return level[p]
    most = 0
    for (q in packages) if ((p, q) in knows && height(q) > most) most = height(q)
    return level[p] = most + 1
  }
  $1 ~ /^bathyra\./ && $2 == "->" && $3 ~ /^bathyra\./ {
    a = package($1); b = package($3); packages[a]; packages[b]
    if (a != b) knows[a, b] = 1
  }
  END {
    for (p in packages) { h = height(p); row[h] = row[h] " " p; if (h > top) top = h }
    width = 1180; step = 50; box = 26
    printf "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 %d %d\" font-family=\"sans-serif\" font-size=\"12\">\n", width, top * step + 20
    print "<title>The packages of Bathyra, each above what it knows</title>"
    print "<rect width=\"100%\" height=\"100%\" fill=\"#faf6ec\"/>"
    for (h = 1; h <= top; h++) {
      n = split(row[h], names, " ")
      for (i = 2; i <= n; i++) for (k = i; k > 1 && names[k] < names[k - 1]; k--) { t = names[k]; names[k] = names[k - 1]; names[k - 1] = t }
      for (i = 1; i <= n; i++) { x[names[i]] = width * (i - 0.5) / n; y[names[i]] = (top - h) * step + 30; drawn[++count] = names[i] }
    }
    # A line from a package to what it knows, but not to what it knows through another.
    for (i = 1; i <= count; i++) for (k = 1; k <= count; k++) {
      a = drawn[i]; b = drawn[k]; direct = (a, b) in knows
      for (m = 1; direct && m <= count; m++) { c = drawn[m]; if (c != b && (a, c) in knows && reaches(c, b)) direct = 0 }
      if (direct) printf "<path d=\"M%.0f %.0fC%.0f %.0f %.0f %.0f %.0f %.0f\" fill=\"none\" stroke=\"#8a8170\" stroke-width=\"0.8\"/>\n", x[a], y[a] + box / 2, x[a], y[a] + step / 2 + 8, x[b], y[b] - step / 2 - 8, x[b], y[b] - box / 2
    }
    for (i = 1; i <= count; i++) {
      p = drawn[i]; label = substr(p, 9); w = length(label) * 6.6 + 16
      colour = p ~ /^bathyra\.app/ ? "#f3e3c3" : p ~ /^bathyra\.(files|book)/ ? "#dce9e7" : "#fffdf6"
      printf "<rect x=\"%.0f\" y=\"%.0f\" width=\"%.0f\" height=\"%d\" rx=\"5\" fill=\"%s\" stroke=\"#1f2a30\"/><text x=\"%.0f\" y=\"%.0f\" text-anchor=\"middle\" fill=\"#1f2a30\">%s</text>\n", x[p] - w / 2, y[p] - box / 2, w, box, colour, x[p], y[p] + 4, label
    }
    print "</svg>"
  }
  function reaches(p, q,   c) {
    if ((p, q) in knows) return 1
    if ((p, q) in met) return met[p, q]
    met[p, q] = 0
    for (c in packages) if ((p, c) in knows && reaches(c, q)) { met[p, q] = 1; break }
    return met[p, q]
  }
' >"$here/docs/architecture.svg"
