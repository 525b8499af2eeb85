package theriseed.server.account;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.Instant;
import org.hibernate.annotations.OptimisticLock;
import theriseed.server.base.Recorded;
import theriseed.server.base.Stamp;
import theriseed.server.words.Reader;
import theriseed.server.words.Units;

/** Someone of the farm: invited, able to sign in, or gone. The name stays, for it stands in the records. */
@Entity
class Account extends Recorded {
    private String name;
    private String foldedName;
    private String passwordHash;

    @Enumerated(EnumType.STRING)
    private Role role;

    // How somebody likes to see things is no change of the person that a grower has open.
    @OptimisticLock(excluded = true)
    @Enumerated(EnumType.STRING)
    private Units units = Units.METRIC;

    @OptimisticLock(excluded = true)
    @Enumerated(EnumType.STRING)
    private Theme theme = Theme.SYSTEM;

    @OptimisticLock(excluded = true)
    private String locale = Reader.ANYBODY.locale().toLanguageTag();

    private Instant endedAt;
    private String endedBy;

    protected Account() {}

    /** Of somebody who has no password yet. */
    Account(String name, Role role, Stamp stamp) {
        super(stamp);
        this.name = name;
        this.foldedName = Names.folded(name);
        this.role = role;
    }

    void choose(String passwordHash) {
        this.passwordHash = passwordHash;
    }

    void become(Role role) {
        this.role = role;
    }

    void end(Stamp stamp) {
        endedAt = stamp.at();
        endedBy = stamp.by();
    }

    void comeBack() {
        endedAt = null;
        endedBy = null;
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

    boolean invited() {
        return passwordHash == null;
    }

    boolean ended() {
        return endedAt != null;
    }

    /** Whether a name and a password let this person in. */
    boolean mayEnter() {
        return !invited() && !ended();
    }

    Instant endedAt() {
        return endedAt;
    }

    String endedBy() {
        return endedBy;
    }

    AccountView view() {
        return new AccountView(name, role, units, theme, locale);
    }
}
