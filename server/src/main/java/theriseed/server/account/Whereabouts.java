package theriseed.server.account;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Instant;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.springframework.http.HttpHeaders;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import theriseed.server.base.Digest;
import theriseed.server.base.NotFound;

/** Where people are signed in, by what lasts as long as that does. */
@Service
class Whereabouts {
    /** Of a name longer than that nobody needs the rest. */
    private static final int LONGEST_ADDRESS = 60;

    private static final String DEVICE = "device";
    private static final String ADDRESS = "address";

    private final FindByIndexNameSessionRepository<? extends Session> sessions;
    private final JdbcTemplate database;

    Whereabouts(FindByIndexNameSessionRepository<? extends Session> sessions, JdbcTemplate database) {
        this.sessions = sessions;
        this.database = database;
    }

    /** What somebody holds or sits at, as its browser says. */
    enum Device {
        PHONE,
        TABLET,
        COMPUTER
    }

    /**
     * A place where somebody is signed in.
     *
     * @param id by which it can be left, that lets nobody in
     * @param here whether it is the one that asks
     */
    record SignedInView(String id, boolean here, Device device, String address, Instant since, Instant lastSeen) {}

    /** Where one person is signed in. @param count in how many places */
    record Seen(long count, Instant last) {}

    /** Notes where somebody has just signed in. */
    void note(HttpServletRequest request) {
        String address = request.getRemoteAddr();
        request.getSession().setAttribute(DEVICE, device(request).name());
        request.getSession().setAttribute(ADDRESS, address.substring(0, Math.min(LONGEST_ADDRESS, address.length())));
    }

    /** Where somebody is signed in, this place first, then the one seen last. */
    List<SignedInView> of(String name, HttpServletRequest asking) {
        return sessions.findByPrincipalName(name).values().stream()
                .map(session -> new SignedInView(
                        idOf(session.getId()),
                        isHere(session.getId(), asking),
                        Device.valueOf(session.getAttributeOrDefault(DEVICE, Device.COMPUTER.name())),
                        session.getAttributeOrDefault(ADDRESS, ""),
                        session.getCreationTime(),
                        session.getLastAccessedTime()))
                .sorted(Comparator.comparing(SignedInView::here)
                        .thenComparing(SignedInView::lastSeen)
                        .reversed())
                .toList();
    }

    /** Of all who are signed in somewhere, by name. */
    Map<String, Seen> all() {
        return database
                .query(
                        "select principal_name, count(*), max(last_access_time) from spring_session"
                                + " where principal_name is not null and expiry_time > ? group by principal_name",
                        (row, at) -> Map.entry(
                                row.getString(1), new Seen(row.getLong(2), Instant.ofEpochMilli(row.getLong(3)))),
                        System.currentTimeMillis())
                .stream()
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    }

    /** Signs somebody out in one place. */
    void leave(String name, String id) {
        if (end(name, session -> idOf(session).equals(id)) == 0) {
            throw NotFound.of("place").get();
        }
    }

    /** Signs somebody out everywhere but where this is asked. */
    void leaveOthers(String name, HttpServletRequest asking) {
        end(name, session -> !isHere(session, asking));
    }

    /** Signs somebody out everywhere, once what it is for is certain. */
    void leaveAll(String name) {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                end(name, session -> true);
            }
        });
    }

    private long end(String name, Predicate<String> which) {
        return sessions.findByPrincipalName(name).keySet().stream()
                .filter(which)
                .peek(sessions::deleteById)
                .count();
    }

    private static boolean isHere(String session, HttpServletRequest asking) {
        return asking.getSession(false) != null
                && asking.getSession(false).getId().equals(session);
    }

    private static String idOf(String session) {
        return HexFormat.of().formatHex(Digest.of(session), 0, 16);
    }

    private static Device device(HttpServletRequest request) {
        String browser =
                String.valueOf(request.getHeader(HttpHeaders.USER_AGENT)).toLowerCase(Locale.ROOT);
        if (browser.contains("mobi")) {
            return Device.PHONE;
        }
        return browser.contains("tablet") || browser.contains("android") ? Device.TABLET : Device.COMPUTER;
    }
}
