package jurren.formats.jobfile;

import jurren.core.art.DrawingFile;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** The customer's files inside a job file, named by their content, so that each is kept once. */
final class Assets {
    private Assets() {
    }

    static final class Writing {
        private final Map<String, byte[]> files = new LinkedHashMap<>();

        String add(DrawingFile file) {
            byte[] content = file.content();
            String name = "assets/" + digest(content) + ".svg";
            files.put(name, content);
            return name;
        }

        Map<String, byte[]> all() {
            return files;
        }
    }

    record Reading(Map<String, byte[]> files) {
        Optional<byte[]> get(String name) {
            return Optional.ofNullable(files.get(name));
        }
    }

    private static String digest(byte[] content) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(content)).substring(0, 24);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every JDK has SHA-256", e);
        }
    }
}
