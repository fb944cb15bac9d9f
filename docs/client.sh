#!/bin/sh
# A small client of the open interface, with curl alone: lists plants, writes a line, moves a plant, takes the archive out.
#   TOKEN=ml_… sh docs/client.sh [http://localhost:8080]
# The token is made under Settings, "read and change all records".
set -eu
home=${1:-http://localhost:8080}
call() { curl -sS --fail-with-body -H "Authorization: Bearer $TOKEN" "$@"; }
# The first plant, as JSON; no parser is needed for one number.
plant=$(call "$home/api/v1/plants?size=1" | sed 's/.*"id":\([0-9]*\),"code".*/\1/')
echo "plant $plant"
# The same key makes it once, however often it is sent.
key=$(date +%s)-$$
for again in 1 2; do
  call -H 'Content-Type: application/json' -H "Idempotency-Key: $key" -d '{"line": "looked, nothing new"}' "$home/api/v1/plants/$plant/log"; echo
done
# Moving wants the ETag of the plant as it was read.
etag=$(call -D - -o /dev/null "$home/api/v1/plants/$plant" | tr -d '\r' | sed -n 's/^[Ee][Tt]ag: //p')
place=$(call "$home/api/v1/plants/$plant" | sed 's/.*"placeId":\([0-9]*\).*/\1/')
call -X PATCH -H 'Content-Type: application/json' -H "If-Match: $etag" -d "{\"placeId\": $place}" "$home/api/v1/plants/$plant"; echo
call "$home/api/v1/round" | cut -c1-200; echo
# What was measured where it stands, by the day.
call "$home/api/v1/places/$place/readings?gauge=temperature&by=day" | cut -c1-200; echo
# All of it, and what reading it in again would do.
call -o plants.zip "$home/api/v1/export"
call -H 'Content-Type: application/zip' -T plants.zip -X POST "$home/api/v1/import?preview=true" | cut -c1-200; echo
