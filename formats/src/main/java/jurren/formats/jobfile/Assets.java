package jurren.formats.jobfile;

import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The customer's files inside a job file, named by their content, so that each is kept once. */
final class Assets {
    private static final Pattern ENDING = Pattern.compile("\\.[A-Za-z0-9]{1,8}$");

    private Assets() {}

    static final class Writing {
        private final Map<String, byte[]> files = new LinkedHashMap<>();

        /** Keeps the ending of the file's own name, so that it opens when a person unpacks the job. */
        String add(String fileName, byte[] content) {
            Matcher ending = ENDING.matcher(fileName);
            String name = "assets/" + digest(content)
                    + (ending.find() ? ending.group().toLowerCase(Locale.ROOT) : "");
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
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(content))
                    .substring(0, 24);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every JDK has SHA-256", e);
        }
    }
}
