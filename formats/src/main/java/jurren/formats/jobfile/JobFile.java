package jurren.formats.jobfile;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import jurren.core.blank.BlankSize;
import jurren.core.job.Job;
import jurren.core.job.Line;
import jurren.core.job.Shop;
import jurren.core.job.SizeEntry;
import jurren.formats.Refusal;
import jurren.formats.Refusal.Reason;
import jurren.formats.files.FileKind;
import jurren.formats.files.SafeFiles;
import jurren.formats.files.WholeFile;

/** Reads and writes {@code .jurren} files. */
public final class JobFile {
    public static final int FORMAT = 4;

    private static final String JOB = "job.json";
    private static final int MOST_BYTES = 256 << 20;
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private JobFile() {}

    public static void write(JobDocument document, Path file) throws IOException {
        SafeFiles.write(file, bytes(document));
    }

    /** The same document gives the same bytes. */
    public static byte[] bytes(JobDocument document) {
        Assets.Writing assets = new Assets.Writing();
        ObjectNode root = (ObjectNode) JobMapper.write(FileEntry.of(document), assets);
        document.unknown().into(root);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            put(zip, JOB, MAPPER.writerWithDefaultPrettyPrinter().writeValueAsBytes(root));
            for (Map.Entry<String, byte[]> asset : assets.all().entrySet()) {
                put(zip, asset.getKey(), asset.getValue());
            }
        } catch (IOException e) {
            throw new IllegalStateException("a byte array took no more bytes", e);
        }
        return out.toByteArray();
    }

    private static void put(ZipOutputStream zip, String name, byte[] content) throws IOException {
        ZipEntry entry = new ZipEntry(name);
        entry.setTime(0);
        zip.putNextEntry(entry);
        zip.write(content);
        zip.closeEntry();
    }

    /** @param shop what the job may refer to */
    public static JobRead read(Path file, Shop shop) {
        String name = file.getFileName().toString();
        try {
            return read(WholeFile.read(file), name, shop);
        } catch (NoSuchFileException _) {
            return refused(Reason.UNREADABLE, name, "there is no such file");
        } catch (IOException e) {
            return refused(Reason.UNREADABLE, name, e.getMessage());
        }
    }

    public static JobRead read(byte[] content, String name, Shop shop) {
        if (content.length == 0) {
            return refused(Reason.EMPTY, name, "");
        }
        try {
            Map<String, byte[]> entries = unzip(content);
            if (!entries.containsKey(JOB)) {
                return FileKind.of(content) == FileKind.PACKED
                        ? refused(Reason.DAMAGED_JOB, name, JOB + " is missing")
                        : refused(Reason.NOT_A_JOB, name, FileKind.of(content).key());
            }
            JsonNode root = MAPPER.readTree(entries.get(JOB));
            int format = root.path("format").asInt(0);
            if (format > FORMAT) {
                return refused(Reason.NEWER_JOB, name, String.valueOf(format));
            }
            return new JobRead.Opened(document(root, new Assets.Reading(entries), shop));
        } catch (Broken e) {
            return refused(e.reason(), name, e.getMessage());
        } catch (JsonProcessingException e) {
            return refused(
                    Reason.DAMAGED_JOB,
                    name,
                    e.getLocation() == null
                            ? JOB
                            : JOB + " line " + e.getLocation().getLineNr());
        } catch (IOException e) {
            return refused(Reason.DAMAGED_JOB, name, e.getMessage());
        }
    }

    private static JobDocument document(JsonNode root, Assets.Reading assets, Shop shop) throws Broken {
        if (!root.path("job").isObject()) {
            throw new Broken(Reason.DAMAGED_JOB, "job is missing");
        }
        JobBounds.check(root.path("job"), "job");
        for (int i = 0; i < root.path("versions").size(); i++) {
            JobBounds.check(root.path("versions").path(i).path("job"), "versions[" + i + "]");
        }
        UnknownFields.Found found = new UnknownFields.Found(root);
        FileEntry file = JobMapper.read(root, FileEntry.class, "", assets, found);
        known(file.job(), shop);
        for (FileEntry.VersionEntry v : file.versions()) {
            known(v.job(), shop);
        }
        return file.document(found.all());
    }

    private static void known(Job job, Shop of) throws Broken {
        Shop shop = of.knowing(job.carried());
        if (job.lines().isEmpty()) {
            throw new Broken(Reason.DAMAGED_JOB, "it has no line");
        }
        for (Line line : job.lines()) {
            var blank = shop.blank(line.blankId())
                    .orElseThrow(() -> new Broken(Reason.UNKNOWN_IN_JOB, "the blank \"" + line.blankId() + "\""));
            for (int place = 0; place < line.places().size(); place++) {
                for (String material : line.at(place).materials()) {
                    if (shop.material(material).isEmpty()) {
                        throw new Broken(
                                Reason.UNKNOWN_IN_JOB, "the material \"" + material + "\" of line " + line.id());
                    }
                }
            }
            for (SizeEntry size : line.sizes()) {
                BlankSize sold = blank.size(size.size())
                        .orElseThrow(
                                () -> new Broken(Reason.UNKNOWN_IN_JOB, "size " + size.size() + " of " + blank.name()));
                for (int place = 0; place < line.places().size(); place++) {
                    measuresCanBe(line.at(place), line.at(place).entry(size.size()), sold);
                }
            }
            if (blank.size(line.drawnFor()).isEmpty()) {
                throw new Broken(Reason.UNKNOWN_IN_JOB, "size " + line.drawnFor() + " of " + blank.name());
            }
        }
    }

    private static void measuresCanBe(Line line, SizeEntry size, BlankSize sold) throws Broken {
        try {
            size.asMeasured(sold.faceOrUsual(line.thing().faceId()));
        } catch (IllegalArgumentException e) {
            throw new Broken(Reason.DAMAGED_JOB, "line " + line.id() + ", size " + size.size() + ": " + e.getMessage());
        }
    }

    private static Map<String, byte[]> unzip(byte[] content) throws IOException {
        Map<String, byte[]> entries = new LinkedHashMap<>();
        int left = MOST_BYTES;
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(content))) {
            for (ZipEntry e = zip.getNextEntry(); e != null; e = zip.getNextEntry()) {
                byte[] bytes = readAtMost(zip, left);
                left -= bytes.length;
                entries.put(e.getName(), bytes);
            }
        } catch (IllegalArgumentException e) {
            throw new ZipException(e.getMessage());
        }
        return entries;
    }

    private static byte[] readAtMost(InputStream in, int most) throws IOException {
        byte[] bytes = in.readNBytes(most + 1);
        if (bytes.length > most) {
            throw new ZipException("it unpacks to more than " + (MOST_BYTES >> 20) + " MB");
        }
        return bytes;
    }

    private static JobRead refused(Reason reason, String name, String detail) {
        return new JobRead.Refused(new Refusal(reason, name, detail));
    }
}
