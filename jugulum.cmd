@echo off
rem Starts Jugulum on Windows, as the script "jugulum" does elsewhere. Written by the same steps; it has not been run on Windows yet.
setlocal EnableDelayedExpansion
set "HOME_DIR=%~dp0"
set "LAUNCHER=%HOME_DIR%desk\target\start\launcher"
if exist "%LAUNCHER%\ready" goto start

set "JDK="
if defined JAVA_HOME call :try "%JAVA_HOME%"
for /f "delims=" %%J in ('where javac 2^>nul') do if not defined JDK for %%D in ("%%~dpJ..") do call :try "%%~fD"
for /d %%D in ("%ProgramFiles%\Java\*" "%ProgramFiles%\*\jdk-*" "%LOCALAPPDATA%\Programs\*\jdk-*" "%USERPROFILE%\.jdks\*") do if not defined JDK call :try "%%~fD"
if not defined JDK (
  echo Jugulum needs a JDK 25 or newer, and there is none in JAVA_HOME, on the PATH or in the usual folders. 1>&2
  echo Install one and start again: winget search openjdk, then winget install. 1>&2
  exit /b 3
)
set "JAVA25_HOME=%JDK%"
set "JAVA_HOME=%JDK%"
set "MAVEN=mvn"
where mvn >nul 2>nul || set "MAVEN=%HOME_DIR%mvnw.cmd"
call "%MAVEN%" --version >nul 2>nul
if errorlevel 1 (
  echo Jugulum builds itself with Maven; none is installed, and it could not be fetched either. 1>&2
  echo Install it, or connect to the network once, and start again: winget search maven, then winget install. 1>&2
  exit /b 3
)
echo Building Jugulum; this happens once. The first time, libraries are fetched as well. 1>&2
pushd "%HOME_DIR%"
call "%MAVEN%" -B -ntp package -Djugulum.start
if errorlevel 1 (
  popd
  exit /b 1
)
popd
set /p JAVA=<"%LAUNCHER%\java"
for /f "usebackq delims=" %%C in ("%LAUNCHER%\classpath") do set "JARS=%%C"
"%JAVA%" --enable-native-access=ALL-UNNAMED -cp "!JARS!;%HOME_DIR%demo\target\start\*" jugulum.demo.MakeDemo demo "%LAUNCHER%\demo.book"
type nul > "%LAUNCHER%\ready"

:start
set /p JAVA=<"%LAUNCHER%\java"
for /f "usebackq delims=" %%C in ("%LAUNCHER%\classpath") do set "JARS=%%C"
"%JAVA%" --enable-native-access=ALL-UNNAMED -XX:+UseSerialGC -Xms64m -Xmx1g -XX:MaxNewSize=64m -XX:MinHeapFreeRatio=15 -XX:MaxHeapFreeRatio=30 %JUGULUM_JAVA_OPTIONS% "-Djugulum.demo=%LAUNCHER%\demo.book" "-Djugulum.docs=%HOME_DIR%demo\target\start\pages" -cp "!JARS!" jugulum.desk.Main %*
exit /b %errorlevel%

:try
if not exist "%~1\bin\javac.exe" exit /b
if not exist "%~1\release" exit /b
for /f "tokens=2 delims==. " %%V in ('findstr /b JAVA_VERSION "%~1\release"') do set "FOUND=%%~V"
set "FOUND=%FOUND:"=%"
if %FOUND% geq 25 set "JDK=%~1"
exit /b
