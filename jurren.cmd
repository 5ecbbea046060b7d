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
rem two starts at once: the second waits for the first
:lock
mkdir "%here%app\.building.d" 2>nul
if errorlevel 1 (
  if exist "%run%\jurren.aot" goto :run
  timeout /t 1 /nobreak >nul
  goto :lock
)
set "stale="
if not exist "%run%\lib" set "stale=yes"
if exist "%run%\lib" for /f %%S in ('powershell -NoProfile -Command "$b=(Get-Item '%run%\lib').LastWriteTime; $n=Get-ChildItem -Recurse -File '%here%core\src\main','%here%formats\src\main','%here%standins\src\main','%here%app\src\main','%here%pom.xml' ^| Where-Object { $_.LastWriteTime -gt $b } ^| Select-Object -First 1; if ($n) { 'yes' }"') do set "stale=%%S"
if defined stale (
  where mvn >nul 2>nul
  if errorlevel 1 (
    rmdir "%here%app\.building.d" 2>nul
    echo Jurren is not built yet and needs Apache Maven 3.8 or newer for that: install Maven, then start again. 1>&2
    exit /b 2
  )
  echo Building Jurren ^(the first time this fetches its libraries^) ... 1>&2
  pushd "%here%"
  call mvn -B -q -DskipTests -pl app -am package
  if errorlevel 1 (
    popd
    rmdir "%here%app\.building.d" 2>nul
    echo The build failed. 1>&2
    exit /b 2
  )
  popd
  del "%run%\jurren.aot" 2>nul
  copy /b "%run%\lib" +,, >nul 2>nul
)
set app=-XX:+UseSerialGC --module-path "%run%\fx" --add-modules javafx.controls --enable-native-access=javafx.graphics -cp "%run%\lib\*" jurren.app.Main
if not exist "%run%\jurren.aot" (
  echo Preparing quick starts ... 1>&2
  "%jdk%\bin\java" -XX:AOTCacheOutput="%run%\jurren.aot" %app% snap "%TEMP%\jurren-training" >nul 2>nul
)
rmdir "%here%app\.building.d" 2>nul
:run
set app=-XX:+UseSerialGC --module-path "%run%\fx" --add-modules javafx.controls --enable-native-access=javafx.graphics -cp "%run%\lib\*" jurren.app.Main
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
