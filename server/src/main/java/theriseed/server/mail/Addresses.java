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
        if (address.length() > LONGEST || !isOne(address)) {
            throw new Refused(field, address, "mail.noAddress");
        }
        return address;
    }

    /** Without a name beside it, and with the part of its server. */
    private static boolean isOne(String address) {
        try {
            return address.contains("@") && address.equals(new InternetAddress(address, true).getAddress());
        } catch (AddressException none) {
            return false;
        }
    }
}
