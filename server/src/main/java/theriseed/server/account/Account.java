package theriseed.server.account;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;
import theriseed.server.words.Reader;
import theriseed.server.words.Units;

/** Someone who can sign in. */
@Entity
class Account extends Recorded {
    private String name;
    private String foldedName;
    private String passwordHash;

    @Enumerated(EnumType.STRING)
    private Role role;

    @Enumerated(EnumType.STRING)
    private Units units = Units.METRIC;

    @Enumerated(EnumType.STRING)
    private Theme theme = Theme.DAYLIGHT;

    private String locale = Reader.ANYBODY.locale().toLanguageTag();

    protected Account() {}

    Account(String name, String passwordHash, Role role, Stamp stamp) {
        super(stamp);
        this.name = name;
        this.foldedName = Names.folded(name);
        this.passwordHash = passwordHash;
        this.role = role;
    }

    void prefer(Units units, Theme theme, String locale) {
        this.units = units;
        this.theme = theme;
        this.locale = locale;
    }

    String name() {
        return name;
    }

    String passwordHash() {
        return passwordHash;
    }

    Role role() {
        return role;
    }

    AccountView view() {
        return new AccountView(name, role, units, theme, locale);
    }
}
