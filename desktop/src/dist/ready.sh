#!/bin/sh
# Makes the classes of an image ready for the folder in which it lies, so that it starts soon: they hold only there. register.sh does it again
# for an image that was moved. What the first compiler had compiled it compiles again at once; the second, which would be busy with it for
# seconds, waits for what is really used much.
set -eu
app=$(CDPATH='' cd -- "$(dirname -- "$(readlink -f -- "$0")")" && pwd)
case $(uname) in
  Darwin) java=$app/../runtime/Contents/Home/bin/java ;;
  *) java=$app/../runtime/bin/java ;;
esac
home=$(mktemp -d)
trap 'rm -rf "$home"' EXIT
"$java" -XX:AOTCacheOutput="$app/lectulum.aot" -XX:TieredStopAtLevel=1 -Xlog:aot=off -Xlog:cds=off -XX:+UseSerialGC \
  -Dglass.platform=Headless -Dprism.order=sw -Dlectulum.timeStart=true -Dlectulum.home="$home" \
  --enable-native-access=javafx.graphics --module-path="$app" --module lectulum.desktop/lectulum.app.Main \
  open demo:nightjar > /dev/null
echo "$app" > "$app/lectulum.place"
