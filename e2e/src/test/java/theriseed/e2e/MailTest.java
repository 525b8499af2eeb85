package theriseed.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.icegreen.greenmail.util.GreenMail;
import com.icegreen.greenmail.util.ServerSetup;
import java.util.List;
import org.junit.jupiter.api.Test;
import theriseed.server.EmptyFarm;

/** A grower names a mail server, sees that a letter arrives, and has the day's work sent in the morning. */
class MailTest {
    @Test
    void mailIsSetUpTriedAndTheMorningListWished() throws Exception {
        GreenMail post = new GreenMail(new ServerSetup(0, "127.0.0.1", ServerSetup.PROTOCOL_SMTP));
        post.start();
        post.setUser("farm@sand.example", "farm", "eleven wet dykes");
        try (EmptyFarm farm = new EmptyFarm();
                Person grower = Person.atDesk(farm.port()).signedIn("ann", "long enough to keep")) {
            grower.settledAt("/account");
            grower.link("Name a mail server").click();
            grower.type("Mail server", "127.0.0.1");
            grower.choose("Encryption", "none, on this machine");
            assertThat(grower.field("Port")).hasValue("25");
            grower.type("Port", String.valueOf(post.getSmtp().getPort()));
            grower.type("User", "farm");
            grower.type("Password", "eleven wet geese");
            grower.type("Letters come from", "farm");
            grower.act("Save");
            assertThat(grower.alert()).containsText("no address of mail");
            assertThat(grower.field("Password")).hasValue("eleven wet geese");
            grower.type("Letters come from", "farm@sand.example");
            grower.act("Save");
            grower.sees("Saved.");
            grower.type("Send one to", "ann@sand.example");
            grower.act("Send a letter");
            assertThat(grower.alert()).containsText("does not let this user in");
            grower.type("Password", "eleven wet dykes");
            grower.act("Save");
            assertThat(grower.field("Password")).hasValue("");
            grower.act("Send a letter");
            grower.sees("See whether it arrives at ann@sand.example");
            assertThat(List.of(post.getReceivedMessages())).hasSize(1);

            grower.settledAt("/account");
            grower.type("Send it to", "ann@sand.example");
            grower.type("At", "05:30");
            grower.act("Send it to me");
            grower.sees("It comes at 05:30");
            grower.page.getByText("How it would read now").click();
            grower.sees("Test Farm: nothing waits");
            grower.settledAt("/account");
            assertThat(grower.field("At")).hasValue("05:30");
            grower.button("Stop sending it").click();
            grower.sees("The list is no longer sent.");
            assertThat(grower.complaints).isEmpty();
        } finally {
            post.stop();
        }
    }
}
