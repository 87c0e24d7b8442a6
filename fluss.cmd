@echo off
rem Starts Fluss from a checkout on Windows: builds it if it is not built, runs the job. Not tried here; see docs\releasing.md.
setlocal enableextensions
set "home=%~dp0"
if not defined JAVA_HOME (
  echo fluss: set JAVA_HOME to a JDK 25. 1>&2
  exit /b 1
)
findstr /b /c:"JAVA_VERSION=\"25" "%JAVA_HOME%\release" >nul 2>nul
if errorlevel 1 (
  echo fluss: JAVA_HOME is not a JDK 25: %JAVA_HOME% 1>&2
  exit /b 1
)
set "MAVEN_OPTS=--enable-native-access=ALL-UNNAMED --sun-misc-unsafe-memory-access=allow"
if "%~1"=="test" (
  call mvn -B -ntp -f "%home%pom.xml" verify
  exit /b
)
if not exist "%home%app\target\fluss-app.jar" call :build || exit /b 1
if "%~1"=="build" (
  call :build
  exit /b
)
set "java=%JAVA_HOME%\bin\java.exe"
set "natives=--enable-native-access=org.xerial.sqlitejdbc,com.github.luben.zstd_jni"
if "%~1"=="demo" goto window
if "%~1"=="open" goto window
if "%~1"=="" (set "arguments=--help") else (set "arguments=%*")
"%java%" -XX:+UseSerialGC -Xmx3g %natives% -p "%home%cli\target\fluss-cli.jar;%home%cli\target\lib" -m app.fluss.cli/app.fluss.cli.Fluss %arguments%
exit /b

:window
"%java%" -XX:+UseSerialGC -Xmx3g %natives%,javafx.graphics,com.fazecast.jSerialComm --sun-misc-unsafe-memory-access=allow ^
  -p "%home%app\target\fluss-app.jar;%home%app\target\lib" -m app.fluss.app/app.fluss.app.FlussApp %*
exit /b

:build
echo fluss: building (the first time fetches libraries and takes a few minutes) 1>&2
call mvn -B -ntp -q -f "%home%pom.xml" -Dmaven.test.skip=true -Dspotless.check.skip=true -pl core,devices,sim,files,cli,app package
exit /b
