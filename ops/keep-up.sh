#!/bin/sh
# keep-up.sh DIR COMMAND...: runs a program and, once DIR/ready says that it has been ready, starts it
# again when it fails, until it is told to stop or fails within a minute three times in a row.
dir=$1
shift
child= early=0
trap 'trap - TERM INT; [ -z "$child" ] || kill "$child" 2>/dev/null; wait "$child" 2>/dev/null; exit 0' TERM INT
while :; do
  began=$(date +%s)
  "$@" &
  child=$!
  code=0
  wait "$child" || code=$?
  [ "$code" -ne 0 ] && [ -f "$dir/ready" ] || exit "$code"
  if [ $(($(date +%s) - began)) -lt 60 ]; then early=$((early + 1)); else early=0; fi
  [ "$early" -lt 3 ] || exit "$code"
  echo "Mild Lantern ended with code $code; starting it again" >&2
  sleep 1
done
