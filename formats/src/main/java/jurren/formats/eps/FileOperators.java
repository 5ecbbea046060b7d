package jurren.formats.eps;

import java.util.List;

/** Reading the program's own data. Nothing is opened, written or deleted. */
final class FileOperators {
    private final Machine m;

    FileOperators(Machine machine) {
        this.m = machine;
        m.add("currentfile", () -> m.push(m.currentFile()));
        m.add("read", () -> {
            int b = m.file().read();
            if (b >= 0) {
                m.push(b);
            }
            m.push(b >= 0);
        });
        m.add("readstring", () -> readInto(m.string(), m.file()));
        m.add("readhexstring", () -> {
            PsString into = m.string();
            readInto(into, PsFile.hex(m.file()));
        });
        m.add("readline", this::readLine);
        m.add("bytesavailable", () -> {
            m.file();
            m.push(-1);
        });
        m.add("closefile", () -> m.file().close());
        m.add("flushfile", () -> m.file().rest());
        m.add("status", () -> {
            Object o = m.pop();
            m.push(o instanceof PsFile f && f.isOpen());
        });
        m.add("resetfile", m::file);
        m.add("filter", this::filter);
        m.add("run", m::pop);
        m.add("eexec", () -> {
            PsFile plain = PsFile.eexec(m.file());
            m.begin(m.systemDict());
            int open = m.dicts().size();
            m.runFile(plain);
            if (m.dicts().size() >= open) {
                m.dicts().removeLast();
            }
        });
        for (String told : List.of("print", "=", "==", "writehexstring")) {
            m.add(told, m::pop);
        }
        m.add("write", () -> {
            m.pop();
            m.pop();
        });
        m.add("writestring", () -> {
            m.pop();
            m.pop();
        });
        m.add("pstack", () -> {});
        m.add("stack", () -> {});
        m.add("flush", () -> {});
        m.add("prompt", () -> {});
        m.add("echo", m::pop);
        for (String outside : List.of("file", "deletefile", "renamefile", "filenameforall", "setfileposition")) {
            m.add(outside, () -> {
                throw new PostScriptException("invalidfileaccess", "it reaches for files, which no drawing may");
            });
        }
    }

    private void readInto(PsString into, PsFile in) throws PostScriptException {
        int n = 0;
        for (; n < into.length; n++) {
            int b = in.read();
            if (b < 0) {
                break;
            }
            into.put(n, b);
        }
        m.push(into.part(0, n));
        m.push(n == into.length);
    }

    private void readLine() throws PostScriptException {
        PsString into = m.string();
        PsFile in = m.file();
        int n = 0;
        int b = in.read();
        for (; b >= 0 && b != '\n' && b != '\r' && n < into.length; b = in.read()) {
            into.put(n++, b);
        }
        if (b == '\r' && in.peek() == '\n') {
            in.read();
        }
        m.push(into.part(0, n));
        m.push(b >= 0);
    }

    private void filter() throws PostScriptException {
        Object kind = m.pop();
        String name = kind instanceof PsName n ? n.text() : "";
        int count = 0;
        byte[] marker = {};
        if (name.equals("SubFileDecode")) {
            if (m.peek(0) instanceof PsString) {
                marker = m.string().copy();
                count = m.integer();
            } else {
                PsDict d = m.dict();
                count = (int) d.number("EODCount", 0);
                marker = d.get("EODString") instanceof PsString s ? s.copy() : marker;
            }
        } else if (m.peek(0) instanceof PsDict) {
            m.pop();
        }
        Object source = m.pop();
        PsFile in = source instanceof PsArray a
                ? ofProcedure(a)
                : source instanceof PsString s
                        ? PsFile.of(s.bytes, s.from, s.from + s.length)
                        : source instanceof PsFile f ? f : null;
        if (in == null) {
            throw new PostScriptException("typecheck", "a file is missing");
        }
        m.push(
                switch (name) {
                    case "ASCIIHexDecode" -> PsFile.hex(in);
                    case "ASCII85Decode" -> PsFile.ascii85(in);
                    case "RunLengthDecode" -> PsFile.runLength(in);
                    case "FlateDecode" -> PsFile.flate(in);
                    case "LZWDecode" -> PsFile.lzw(in);
                    case "SubFileDecode" -> PsFile.subFile(in, count, marker);
                    // the pixels of a picture are left out
                    case "DCTDecode" -> PsFile.photograph(in);
                    case "CCITTFaxDecode", "ReusableStreamDecode" -> in;
                    default -> throw new PostScriptException("undefined", "the filter \"" + name + "\" is not known");
                });
    }

    /** A procedure gives a string at a time; an empty one is the end. */
    private PsFile ofProcedure(PsArray procedure) {
        PsString[] now = {PsString.of("")};
        int[] at = {0};
        return new PsFile(() -> {
            if (at[0] >= now[0].length) {
                m.call(procedure);
                now[0] = m.string();
                at[0] = 0;
                if (now[0].length == 0) {
                    return PsFile.END;
                }
            }
            return now[0].get(at[0]++);
        });
    }
}
