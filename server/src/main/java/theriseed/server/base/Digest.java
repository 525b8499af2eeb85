package theriseed.server.base;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;

/** SHA-256 of what must be known again without being kept. */
public final class Digest {
    private Digest() {}

    /** Of these parts, one after the other. */
    public static byte[] of(byte[]... parts) {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            for (byte[] part : parts) {
                digest.update(part);
            }
            return digest.digest();
        } catch (NoSuchAlgorithmException everyMachineHasIt) {
            throw new IllegalStateException(everyMachineHasIt);
        }
    }

    public static byte[] of(String text) {
        return of(text.getBytes(StandardCharsets.UTF_8));
    }
}
