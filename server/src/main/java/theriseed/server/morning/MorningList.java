package theriseed.server.morning;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;

/** Somebody's wish to have the day's work sent in the morning, and how that went last. */
@Entity
class MorningList {
    /** Later the day is under way: a list of what to do while it is wet is of no use then. */
    private static final Duration OF_USE = Duration.ofHours(4);

    private static final Duration AGAIN_AFTER = Duration.ofMinutes(15);

    /** Of the person. */
    @Id
    private String name;

    private String address;
    private LocalTime at;
    private String leadsTo;
    private LocalDate sentOn;
    private Instant triedAt;
    private String trouble;

    protected MorningList() {}

    /** @param now none is sent for a morning whose hour is over already */
    MorningList(String name, LocalDateTime now, LocalTime at) {
        this.name = name;
        if (!now.toLocalTime().isBefore(at)) {
            sentOn = now.toLocalDate();
        }
    }

    /** @param leadsTo address of the farm where this person has it open */
    void wish(String address, LocalTime at, String leadsTo) {
        this.address = address;
        this.at = at;
        this.leadsTo = leadsTo;
        this.trouble = null;
    }

    String address() {
        return address;
    }

    String leadsTo() {
        return leadsTo;
    }

    /** Whether it is to be sent at a moment of the farm's clock, {@code instant} on everybody's. */
    boolean due(LocalDateTime now, Instant instant) {
        LocalDateTime wished = now.toLocalDate().atTime(at);
        boolean ofUse = !now.isBefore(wished) && now.isBefore(wished.plus(OF_USE));
        boolean rested = triedAt == null || !instant.isBefore(triedAt.plus(AGAIN_AFTER));
        return ofUse && !now.toLocalDate().equals(sentOn) && rested;
    }

    /** Nothing more is to be done about this morning. */
    void done(LocalDate today) {
        sentOn = today;
        triedAt = null;
        trouble = null;
    }

    void failed(Instant instant, String why) {
        triedAt = instant;
        trouble = why;
    }

    MorningListView.Wish view() {
        return new MorningListView.Wish(address, at, trouble);
    }
}
