#!/bin/sh
# Writes the archive of loaded classes with which the program starts faster, by starting it once. Takes the project's folder.
set -u
. "$1/scripts/setup.sh"
jars="$1/app/target/bathyra-app-0.1.0.jar"
for jar in "$1"/app/target/lib/*.jar; do jars="$jars:$jar"; done
folder=$(mktemp -d)
# The database's own library, laid where it is found as it is: from inside its jar it is written out and compared at each start.
system=$(java -cp "$jars" org.sqlite.util.OSInfo 2>/dev/null)
rm -rf "$1/app/target/native"
mkdir "$1/app/target/native"
(cd "$folder" && jar xf "$1"/app/target/lib/sqlite-jdbc-*.jar "org/sqlite/native/$system" 2>/dev/null && mv "org/sqlite/native/$system"/* "$1/app/target/native/") || rmdir "$1/app/target/native"
# So are the window's: inside their jar they are held against a copy of theirs, each by its check sum, at each start.
rm -f "$1"/app/target/lib/*.so
for jar in "$1"/app/target/lib/javafx-graphics-*-linux*.jar; do
  libraries=$(jar tf "$jar" 2>/dev/null | grep '^[^/]*\.so$') && (cd "$1/app/target/lib" && jar xf "$jar" $libraries)
done
if [ -z "${DISPLAY:-}" ] && command -v Xvfb >/dev/null 2>&1; then
  start_virtual_display 2>/dev/null
fi
java -XX:ArchiveClassesAtExit="$1/app/target/bathyra.jsa" -Xlog:cds=off -Xlog:cds+dynamic=off -XX:+UseSerialGC \
  -Dbathyra.quitWhenDrawn=true -cp "$jars" bathyra.app.WarmUp "$folder" >/dev/null 2>&1
stop_virtual_display 2>/dev/null
rm -rf "$folder"
[ -f "$1/app/target/bathyra.jsa" ]
