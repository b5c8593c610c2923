#!/bin/sh
# Makes an image of Lectulum that brings its own Java: image.sh TARGET VERSION, after mvn package. For the system that it runs on.
set -eu
target=$1
version=$2
here=$(CDPATH='' cd -- "$(dirname -- "$0")" && pwd)
# What the program and its libraries ask of the JDK (jdeps), and the charsets that files of others are in.
modules=java.base,java.desktop,java.logging,java.management,java.naming,java.sql,java.xml,jdk.charsets,jdk.unsupported

new_enough() {
  [ -x "$1/bin/jpackage" ] && [ -r "$1/release" ] || return 1
  major=$(sed -n 's/^JAVA_VERSION="\([0-9]*\).*/\1/p' "$1/release")
  [ "${major:-0}" -ge 25 ]
}

jdk=
for home in "${LECTULUM_JAVA_HOME:-}" "${JAVA_HOME:-}" /usr/lib/jvm/* /Library/Java/JavaVirtualMachines/*/Contents/Home; do
  if [ -z "$jdk" ] && [ -n "$home" ] && new_enough "$home"; then
    jdk=$home
  fi
done
[ -n "$jdk" ] || { echo "An image is made by a JDK 25 or newer: set LECTULUM_JAVA_HOME to one." >&2; exit 3; }

rm -rf "$target/image" "$target/image-runtime"
"$jdk/bin/jlink" --add-modules "$modules" --strip-java-debug-attributes --no-header-files --no-man-pages \
  --compress=zip-6 --output "$target/image-runtime"
"$jdk/bin/jpackage" --type app-image --name lectulum --app-version "$version" --vendor Lectulum \
  --dest "$target/image" --input "$target/lectulum/lib" --main-jar "lectulum-desktop-$version.jar" \
  --main-class lectulum.app.Main --runtime-image "$target/image-runtime" --icon "$here/../main/resources/lectulum/theme/lectulum.png"

case $(uname) in
  Darwin) root=$target/image/lectulum.app/Contents app=$root/app ;;
  *) root=$target/image/lectulum app=$root/lib/app ;;
esac

# It starts as modules, as the tests do: by the start script where there is one for the system, else by the launcher.
if [ "$(uname)" = Linux ]; then
  cp "$here/../main/scripts/lectulum" "$root/bin/lectulum"
  chmod 755 "$root/bin/lectulum"
  rm -f "$app/lectulum.cfg" "$app/.jpackage.xml" "$root/lib/libapplauncher.so"
else
  cat > "$app/lectulum.cfg" <<CFG
[Application]
app.modulepath=\$APPDIR
app.mainmodule=lectulum.desktop/lectulum.app.Main

[JavaOptions]
java-options=-XX:AOTCache=\$APPDIR/lectulum.aot
java-options=-XX:AOTMode=auto
java-options=-Xlog:aot=off
java-options=-Xlog:cds=off
java-options=-XX:+UseSerialGC
java-options=-Xms64m
java-options=-Xmx512m
java-options=-XX:MinHeapFreeRatio=15
java-options=-XX:MaxHeapFreeRatio=30
java-options=-Djdk.reflect.useNativeAccessorOnly=true
java-options=--enable-native-access=javafx.graphics
CFG
fi

cp "$here/ready.sh" "$app/"
sh "$app/ready.sh"
rm -rf "$target/image-runtime"

# Licences of its parts, each from its own file.
mkdir -p "$root/licences"
cp "$here/../../../NOTICE" "$here/../../../LICENSE" "$root/licences/"
for jar in "$app"/*.jar; do
  name=$(basename "$jar" .jar)
  for entry in $("$jdk/bin/jar" tf "$jar" | grep -Ei '^(META-INF/)?(LICEN[CS]E|NOTICE|COPYING)[^/]*$' || true); do
    mkdir -p "$root/licences/$name"
    (cd "$root/licences/$name" && "$jdk/bin/jar" xf "$jar" "$entry")
  done
done

if [ "$(uname)" = Linux ]; then
  cp "$here/register.sh" "$here/lectulum.desktop" "$here/lectulum-mime.xml" "$here/lectulum.svg" "$root/"
fi
