package theriseed.server.mail;

import jakarta.mail.internet.AddressException;
import jakarta.mail.internet.InternetAddress;
import theriseed.server.base.Refused;

/** Addresses of mail. */
public final class Addresses {
    private static final int LONGEST = 254;

    private Addresses() {}

    /** One address, without blanks around it. @throws Refused when it is none */
    public static String check(String field, String typed) {
        String address = typed.strip();
        try {
            InternetAddress read = new InternetAddress(address, true);
            if (address.length() <= LONGEST && address.contains("@") && address.equals(read.getAddress())) {
                return address;
            }
        } catch (AddressException none) {
            throw new Refused(field, address, "mail.noAddress");
        }
        throw new Refused(field, address, "mail.noAddress");
    }
}
