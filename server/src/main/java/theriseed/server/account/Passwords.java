package theriseed.server.account;

import com.nulabinc.zxcvbn.Zxcvbn;
import java.nio.charset.StandardCharsets;
import java.util.List;
import theriseed.server.base.Refused;

/** Which passwords are taken: long enough, and none that is guessed early. */
public final class Passwords {
    static final int SHORTEST = 10;

    /** The hash looks at no more bytes than that; a letter may take several. */
    static final int MOST_BYTES = 72;

    /** Of 0 to 4: guessed in no less than some hundred million tries. */
    private static final int STRONG_ENOUGH = 3;

    private Passwords() {}

    /** @param known words that whoever guesses would try first: the person's name, the farm's */
    public static void check(String password, List<String> known) {
        int letters = password.codePointCount(0, password.length());
        int bytes = password.getBytes(StandardCharsets.UTF_8).length;
        if (letters < SHORTEST || bytes > MOST_BYTES) {
            throw new Refused(
                    "password",
                    letters + " characters",
                    bytes > MOST_BYTES ? "account.passwordBytes" : "account.password",
                    "shortest",
                    SHORTEST,
                    "bytes",
                    MOST_BYTES,
                    "given",
                    bytes > MOST_BYTES ? bytes : letters);
        }
        if (new Zxcvbn().measure(password, known).getScore() < STRONG_ENOUGH) {
            throw new Refused("password", letters + " characters", "account.passwordGuessed");
        }
    }
}
