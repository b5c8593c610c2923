#!/bin/sh
# Puts Lectulum among the programs of this user and opens *.lectulum.json with it; register.sh --remove takes that back.
# It writes below ~/.local/share and, where the image was moved and may be written to, its classes that are made ready for this folder.
# It needs no rights.
set -eu
root=$(CDPATH='' cd -- "$(dirname -- "$(readlink -f -- "$0")")" && pwd)
share=${XDG_DATA_HOME:-$HOME/.local/share}
entry=$share/applications/lectulum.desktop
mime=$share/mime/packages/lectulum.xml
icon=$share/icons/hicolor/scalable/apps/lectulum.svg

if [ "${1:-}" = --remove ]; then
  rm -f "$entry" "$mime" "$icon"
else
  mkdir -p "$(dirname "$entry")" "$(dirname "$mime")" "$(dirname "$icon")"
  sed "s|@ROOT@|$root|" "$root/lectulum.desktop" > "$entry"
  cp "$root/lectulum-mime.xml" "$mime"
  cp "$root/lectulum.svg" "$icon"
  app=$root/lib/app
  if [ "$(cat "$app/lectulum.place")" != "$app" ]; then
    [ -w "$app" ] && sh "$app/ready.sh" 2> /dev/null \
      || echo "Lectulum was moved, and its folder cannot be written to: it starts some seconds later than it could." >&2
  fi
fi
# Those that are there are told; where one is not, the desktop sees it at the next log-in.
for tell in "update-mime-database $share/mime" "update-desktop-database $share/applications"; do
  if command -v "${tell%% *}" > /dev/null; then
    $tell
  fi
done
