@echo off
rem Starts Jurren: builds what is missing, then runs it with a JDK 25 or newer, without Maven.
setlocal enabledelayedexpansion
set "here=%~dp0"
set "run=%here%app\target\run"
set "jdk="
for %%D in ("%JAVA_HOME%") do call :try "%%~D"
for /d %%D in ("%ProgramFiles%\Eclipse Adoptium\*" "%ProgramFiles%\Java\*" "%ProgramFiles%\Microsoft\jdk*" "%ProgramFiles%\Zulu\*" "%ProgramFiles%\Amazon Corretto\*" "%USERPROFILE%\.jdks\*") do call :try "%%~D"
if not defined jdk (
  echo Jurren needs a JDK 25 or newer: install one ^(Eclipse Temurin 25, for example^) or set JAVA_HOME to it. 1>&2
  exit /b 2
)
if not exist "%run%\lib" (
  where mvn >nul 2>nul
  if errorlevel 1 (
    echo Jurren is not built yet and needs Apache Maven 3.8 or newer for that: install Maven, then start again. 1>&2
    exit /b 2
  )
  echo Building Jurren ^(the first time this fetches its libraries^) ... 1>&2
  pushd "%here%"
  call mvn -B -q -DskipTests -pl app -am package
  if errorlevel 1 (
    popd
    echo The build failed. 1>&2
    exit /b 2
  )
  popd
)
set app=-XX:+UseSerialGC --module-path "%run%\fx" --add-modules javafx.controls --enable-native-access=javafx.graphics -cp "%run%\lib\*" jurren.app.Main
if not exist "%run%\jurren.aot" (
  echo Preparing quick starts ... 1>&2
  "%jdk%\bin\java" -XX:AOTCacheOutput="%run%\jurren.aot" %app% snap "%TEMP%\jurren-training" >nul 2>nul
)
set "compiler=-XX:TieredStopAtLevel=1"
if "%~1"=="" set "compiler=-XX:+TieredCompilation"
if "%~1"=="open" set "compiler=-XX:+TieredCompilation"
"%jdk%\bin\java" -XX:AOTCache="%run%\jurren.aot" -Xlog:disable -Xlog:all=off %compiler% %app% %*
exit /b %errorlevel%

:try
if defined jdk goto :eof
if "%~1"=="" goto :eof
if not exist "%~1\bin\java.exe" goto :eof
if not exist "%~1\release" goto :eof
for /f "tokens=2 delims==" %%V in ('findstr /b "JAVA_VERSION=" "%~1\release"') do (
  for /f "tokens=1 delims=." %%M in (%%V) do if %%~M GEQ 25 set "jdk=%~1"
)
goto :eof
