package jurren.app.window;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javax.print.DocFlavor;
import javax.print.PrintException;
import javax.print.PrintService;
import javax.print.PrintServiceLookup;
import javax.print.SimpleDoc;
import javax.print.attribute.HashPrintRequestAttributeSet;
import javax.print.attribute.standard.Copies;
import javax.print.attribute.standard.JobName;
import jurren.app.theme.Texts;
import jurren.formats.print.PdfPages;

/**
 * Those the operating system knows. Where there is the {@code lp} of POSIX, it takes the PDF as it is, by the options of
 * the Internet Printing Protocol (RFC 8011); elsewhere the pages are handed to Java's own printing.
 */
final class SystemPrinters implements Printers {
    private static final long PATIENCE_S = 30;
    /** Sizes that have a name with every printer, in points. */
    private static final Object[][] NAMED = {{"Letter", 612.0, 792.0}, {"A4", 595.28, 841.89}, {"Legal", 612.0, 1008.0}
    };

    private static final double MM_PER_PT = 25.4 / 72;

    private final Path folder;

    SystemPrinters() {
        this(Path.of("/usr/bin"));
    }

    /** @param folder where {@code lp} and {@code lpstat} lie */
    SystemPrinters(Path folder) {
        this.folder = folder;
    }

    private static boolean isWindows() {
        return System.getProperty("os.name").startsWith("Windows");
    }

    @Override
    public Optional<String> hindrance() {
        return isWindows() || Files.isExecutable(folder.resolve("lp"))
                ? Optional.empty()
                : Optional.of(Texts.of("printer.no-lp", folder.resolve("lp")));
    }

    @Override
    public List<String> names() {
        return isWindows() ? ofJava() : ofLp();
    }

    private List<String> ofLp() {
        try {
            List<String> names = new ArrayList<>(said("lpstat", "-e")
                    .lines()
                    .map(String::strip)
                    .filter(n -> !n.isEmpty())
                    .toList());
            // "system default destination: front-desk"
            String usual = said("lpstat", "-d");
            names.sort((a, b) -> Boolean.compare(
                    usual.strip().endsWith(": " + b), usual.strip().endsWith(": " + a)));
            return names;
        } catch (IOException _) {
            return List.of();
        }
    }

    private static List<String> ofJava() {
        PrintService usual = PrintServiceLookup.lookupDefaultPrintService();
        return Arrays.stream(PrintServiceLookup.lookupPrintServices(null, null))
                .sorted((a, b) -> Boolean.compare(b.equals(usual), a.equals(usual)))
                .map(PrintService::getName)
                .toList();
    }

    @Override
    public void print(String printer, String name, int copies, boolean trueSize, byte[] pdf) throws IOException {
        if (isWindows()) {
            byJava(printer, name, copies, trueSize, pdf);
            return;
        }
        Path file = Files.createTempFile("jurren-", ".pdf");
        try {
            Files.write(file, pdf);
            List<String> command =
                    new ArrayList<>(List.of("lp", "-d", printer, "-n", String.valueOf(copies), "-t", name, "-o"));
            if (trueSize) {
                command.addAll(List.of("print-scaling=none", "-o", "media=" + media(PdfPages.size(pdf))));
            } else {
                command.add("print-scaling=auto-fit");
            }
            command.addAll(List.of("--", file.toString()));
            said(command.toArray(String[]::new));
        } finally {
            Files.deleteIfExists(file);
        }
    }

    /** As CUPS names it: by its name where it has one, otherwise by its measures. */
    private static String media(PdfPages.Size page) {
        for (Object[] named : NAMED) {
            if (Math.abs(page.widthPt() - (double) named[1]) < 2 && Math.abs(page.heightPt() - (double) named[2]) < 2) {
                return (String) named[0];
            }
        }
        return String.format(
                Locale.ROOT, "Custom.%.1fx%.1fmm", page.widthPt() * MM_PER_PT, page.heightPt() * MM_PER_PT);
    }

    /** What a command answered. */
    private String said(String... command) throws IOException {
        String[] whole = command.clone();
        whole[0] = folder.resolve(command[0]).toString();
        ProcessBuilder asked = new ProcessBuilder(whole).redirectErrorStream(true);
        asked.environment().put("LC_ALL", "C.UTF-8");
        Process process = asked.start();
        process.getOutputStream().close();
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        Thread reading = Thread.ofVirtual().start(() -> {
            try {
                process.getInputStream().transferTo(all);
            } catch (IOException _) {
                all.reset(); // it was stopped
            }
        });
        try {
            if (!process.waitFor(PATIENCE_S, TimeUnit.SECONDS)) {
                process.destroyForcibly();
                throw new IOException(Texts.of("printer.silent", PATIENCE_S));
            }
            reading.join();
        } catch (InterruptedException _) {
            process.destroyForcibly();
            Thread.currentThread().interrupt();
            throw new IOException(Texts.of("printer.stopped"));
        }
        String answer = all.toString(Charset.defaultCharset()).strip();
        if (process.exitValue() != 0) {
            throw new IOException(answer.isEmpty() ? command[0] + " " + process.exitValue() : answer);
        }
        return answer;
    }

    private static void byJava(String printer, String name, int copies, boolean trueSize, byte[] pdf)
            throws IOException {
        PrintService service = Arrays.stream(PrintServiceLookup.lookupPrintServices(null, null))
                .filter(s -> s.getName().equals(printer))
                .findFirst()
                .orElseThrow(() -> new IOException(Texts.of("printer.gone", printer)));
        HashPrintRequestAttributeSet wishes = new HashPrintRequestAttributeSet();
        wishes.add(new Copies(copies));
        wishes.add(new JobName(name, Locale.ROOT));
        try {
            PdfPages.printing(
                    pdf,
                    trueSize,
                    pages -> service.createPrintJob()
                            .print(new SimpleDoc(pages, DocFlavor.SERVICE_FORMATTED.PAGEABLE, null), wishes));
        } catch (PrintException e) {
            throw new IOException(e.getMessage(), e);
        }
    }
}
