#!/bin/sh
# Writes the archive of loaded classes with which the program starts faster. Takes the project's folder.
set -u
jars="$1/app/target/bathyra-app-0.1.0.jar"
for jar in "$1"/app/target/lib/*.jar; do jars="$jars:$jar"; done
java -XX:ArchiveClassesAtExit="$1/app/target/bathyra.jsa" -Xlog:cds=off -Xlog:cds+dynamic=off -XX:+UseSerialGC -cp "$jars" bathyra.app.WarmUp >/dev/null 2>&1
