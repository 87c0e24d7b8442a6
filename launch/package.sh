#!/usr/bin/env bash
# Makes an image of Fluss with a Java of its own, and a Debian package of it: ./fluss package [--to DIR] [--image-only].
# Called by the launcher, which has built the program and set JAVA_HOME.
set -euo pipefail
here=$(cd "$(dirname "${BASH_SOURCE[0]}")" && pwd)
home=$(dirname "$here")
to=$home/target/package
image_only=

say() { printf 'fluss: %s\n' "$*" >&2; }
fail() { say "$*"; exit 2; }

while [ $# -gt 0 ]; do
  case "$1" in
    --to) to=${2:?--to needs a folder}; shift 2 ;;
    --image-only) image_only=yes; shift ;;
    *) fail "unknown option $1. Usage: ./fluss package [--to DIR] [--image-only]" ;;
  esac
done

version=$(sed -n 's:.*<revision>\(.*\)</revision>.*:\1:p' "$home/pom.xml")
image=$to/fluss-$version

# The modules of Java that the program and its libraries require, and how numbers are written in other languages. Libraries
# that are no modules cannot be linked with them, so the program stands beside.
java_modules=java.desktop,java.logging,java.management,java.prefs,java.sql.rowset,jdk.localedata,jdk.unsupported,jdk.zipfs

link_runtime() {
  say "linking a Java of its own"
  "$JAVA_HOME/bin/jlink" --add-modules "$java_modules" --strip-debug --no-header-files --no-man-pages --compress zip-6 \
    --output "$image/runtime"
}

# The folders of natives, in jars that carry those of many systems, that this system uses.
own_natives() {
  case "$(uname -m)" in
    x86_64) printf '%s' '^\./(org/sqlite/native/Linux/x86_64|linux/amd64|com/sun/jna/linux-x86-64|Linux/x86_64)/' ;;
    aarch64) printf '%s' '^\./(org/sqlite/native/Linux/aarch64|linux/aarch64|com/sun/jna/linux-aarch64|Linux/armv8_64)/' ;;
    *) printf '%s' '.' ;;
  esac
}

# Leaves out the natives of other systems.
trim() {
  local jar=$1 open
  open=$(mktemp -d)
  (
    cd "$open"
    "$JAVA_HOME/bin/jar" xf "$jar"
    find . -type f \( -name '*.so' -o -name '*.a' -o -name '*.dll' -o -name '*.dylib' -o -name '*.jnilib' \) |
      { grep -vE "$(own_natives)" || true; } | xargs -r rm
    find . -type d -empty -delete
    "$JAVA_HOME/bin/jar" cfM "$jar" .
  )
  rm -rf "$open"
}

gather_program() {
  say "gathering the program"
  mkdir -p "$image"/{bin,launch,lib}
  # Most libraries are in both folders.
  cp "$home"/cli/target/{fluss-cli.jar,lib/*.jar} "$image/lib"
  cp "$home"/app/target/{fluss-app.jar,lib/*.jar} "$image/lib"
  local jar
  for jar in "$image"/lib/{sqlite-jdbc,zstd-jni,jna-jpms,jSerialComm}-*.jar; do trim "$jar"; done
  cp "$here/start.sh" "$image/launch/"
  cp "$here/installed" "$image/bin/fluss"
  chmod 755 "$image/bin/fluss"
  printf '%s\n' "$version" >"$image/version"
  cp "$home"/{LICENSE,NOTICE,CHANGELOG.md} "$image/"
}

# What belongs to the desktop and the shell.
gather_share() {
  local share=$image/share
  mkdir -p "$share"/{applications,mime/packages,man/man1,bash-completion/completions,icons/hicolor/scalable/apps,icons/hicolor/scalable/mimetypes}
  cp "$here/fluss.desktop" "$share/applications/"
  cp "$here/fluss-study.xml" "$share/mime/packages/"
  cp "$here/fluss.svg" "$share/icons/hicolor/scalable/apps/"
  cp "$here/fluss.svg" "$share/icons/hicolor/scalable/mimetypes/application-x-fluss-study.svg"
  gzip -9nc "$here/fluss.1" >"$share/man/man1/fluss.1.gz"
  XDG_CACHE_HOME=$to/cache "$image/bin/fluss" generate-completion >"$share/bash-completion/completions/fluss"
}

# The image under /usr/lib/fluss, what belongs to the desktop under /usr/share, the start in /usr/bin.
make_deb() {
  command -v dpkg-deb >/dev/null || { say "dpkg-deb is missing, so there is no Debian package"; return 0; }
  say "making the Debian package"
  local root architecture
  root=$(mktemp -d)
  architecture=$(dpkg --print-architecture)
  mkdir -p "$root"/{DEBIAN,usr/bin,usr/lib,usr/share/doc/fluss}
  cp -a "$image" "$root/usr/lib/fluss"
  mv "$root"/usr/lib/fluss/share/* "$root/usr/share/"
  rmdir "$root/usr/lib/fluss/share"
  mv "$root/usr/lib/fluss/LICENSE" "$root/usr/share/doc/fluss/copyright"
  mv "$root"/usr/lib/fluss/NOTICE "$root/usr/share/doc/fluss/"
  gzip -9nc "$root/usr/lib/fluss/CHANGELOG.md" >"$root/usr/share/doc/fluss/changelog.gz"
  rm "$root/usr/lib/fluss/CHANGELOG.md"
  ln -s ../lib/fluss/bin/fluss "$root/usr/bin/fluss"
  sed -e "s/@version@/$version/" -e "s/@architecture@/$architecture/" -e "s/@size@/$(du -sk "$root/usr" | cut -f1)/" \
    "$here/control" >"$root/DEBIAN/control"
  chmod -R u=rwX,go=rX "$root"
  dpkg-deb --root-owner-group -Zxz -z1 --build "$root" "$to/fluss_${version}_$architecture.deb" >/dev/null
  rm -rf "$root"
}

rm -rf "$image"
mkdir -p "$to"
to=$(cd "$to" && pwd)
image=$to/fluss-$version
gather_program
link_runtime
gather_share
rm -rf "$to/cache"
[ -n "$image_only" ] || make_deb
du -sh "$to"/* >&2
