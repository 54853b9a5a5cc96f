@echo off
rem Nimble Stride's one command, for the command line of Windows. It hands everything to the script beside it, which needs
rem the shell that comes with Git for Windows.
setlocal
for %%S in ("%ProgramFiles%\Git\bin\bash.exe" "%LocalAppData%\Programs\Git\bin\bash.exe") do if exist %%S (
    %%S "%~dp0stride" %*
    exit /b
)
echo stride: Git for Windows is missing. Install it, or build with "mvn package" and see CONTRIBUTING.md. 1>&2
exit /b 1
