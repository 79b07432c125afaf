# shellcheck shell=sh
# Finds what a build needs. Sourced by jugulum and scripts/verify; sets nothing but what it says.

# A heap that begins small, is no larger than a book of ten thousand batches needs, and is given back.
# shellcheck disable=SC2034  # for those who source this
memory="-Xms64m -Xmx1g -XX:MaxNewSize=64m -XX:MinHeapFreeRatio=15 -XX:MaxHeapFreeRatio=30"

# Where JDKs usually are; JUGULUM_JDK_FOLDERS replaces the list.
jdk_folders() {
  if [ -n "${JUGULUM_JDK_FOLDERS:-}" ]; then
    printf '%s\n' "$JUGULUM_JDK_FOLDERS" | tr ':' '\n'
    return
  fi
  printf '%s\n' /usr/lib/jvm /usr/lib64/jvm /usr/java /usr/local/java /opt /opt/java /usr/local /Library/Java/JavaVirtualMachines \
    /opt/homebrew/opt /usr/local/opt "${HOME:-/}/.sdkman/candidates/java" "${HOME:-/}/.jdks" "${HOME:-/}/Library/Java/JavaVirtualMachines"
}

# Whether a folder is a JDK 25 or newer: it has a compiler, and its release file says so.
is_new_jdk() {
  [ -x "$1/bin/javac" ] && [ -x "$1/bin/java" ] && [ -r "$1/release" ] || return 1
  version=$(sed -n 's/^JAVA_VERSION="\{0,1\}\([0-9]*\).*/\1/p' "$1/release")
  [ -n "$version" ] && [ "$version" -ge 25 ]
}

# Prints the home of a JDK 25 or newer: JAVA_HOME, the one on the PATH, then the usual folders.
find_jdk() {
  if [ -n "${JAVA_HOME:-}" ] && is_new_jdk "$JAVA_HOME"; then
    printf '%s\n' "$JAVA_HOME"
    return 0
  fi
  compiler=$(command -v javac || true)
  if [ -n "$compiler" ]; then
    compiler=$(readlink -f "$compiler" 2>/dev/null || printf '%s' "$compiler")
    candidate=$(dirname "$(dirname "$compiler")")
    if is_new_jdk "$candidate"; then
      printf '%s\n' "$candidate"
      return 0
    fi
  fi
  jdk_folders | while read -r folder; do
    for candidate in "$folder"/*/Contents/Home "$folder"/*/libexec/openjdk.jdk/Contents/Home "$folder"/*; do
      if is_new_jdk "$candidate"; then
        printf '%s\n' "$candidate"
        return 0
      fi
    done
  done
}

no_jdk() {
  echo "Jugulum needs a JDK 25 or newer, and there is none in JAVA_HOME, on the PATH or in the system's usual folders." >&2
  echo "Install one and start again. Debian: apt-get install openjdk-25-jdk. Fedora: dnf install java-25-openjdk-devel. macOS: brew install openjdk@25. Windows: winget search openjdk, then winget install." >&2
  exit 3
}

no_maven() {
  echo "Jugulum builds itself with Maven; none is installed, and it could not be fetched either." >&2
  echo "Install it, or connect to the network once, and start again. Debian: apt-get install maven. Fedora: dnf install maven. macOS: brew install maven. Windows: winget search maven, then winget install." >&2
  exit 3
}

# Sets jdk, or says what to install and ends.
need_jdk() {
  jdk=$(find_jdk)
  [ -n "$jdk" ] || no_jdk
  # The build looks at variables of this form, wherever the JDK is.
  export JAVA25_HOME="$jdk"
}

# Sets maven to the Maven to run, fetching one where there is none, or says what to install and ends.
need_maven() {
  home_of_wrapper=$1
  if command -v mvn >/dev/null 2>&1; then
    maven=mvn
    # Maven itself runs on whatever java there is.
    if [ -z "${JAVA_HOME:-}" ] && ! command -v java >/dev/null 2>&1; then
      export JAVA_HOME="$jdk"
    fi
    return
  fi
  maven="$home_of_wrapper/mvnw"
  export JAVA_HOME="$jdk"
  echo "Maven is not installed; fetching it once." >&2
  "$maven" --version >/dev/null 2>&1 || no_maven
}
