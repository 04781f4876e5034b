package synopta.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import org.testng.annotations.Test;

/**
 * How long the counter takes from the key of an answer to the frame that shows what follows from it, counted in the browser;
 * no test. {@code mvn -pl e2e test -Dtest=RepaintTimes}, with {@code -Dsynopta.served=http://…} for a server of its own.
 */
public class RepaintTimes extends Browser {
    private static final int ANSWERS = 200;
    private static final List<String> CALLS = List.of(
            "th7820w thumps, no heat, 8 yrs",
            "dryer squeals, electric, 10 yrs",
            "gas oven slow to heat, 6 yrs",
            "dishwasher leaves water standing in the bottom",
            "microwave runs but nothing gets hot");

    @Test
    public void anAnswerIsFollowedByAFrame() {
        address = System.getProperty("synopta.served", address);
        signIn(
                System.getProperty("synopta.account", "manager"),
                System.getProperty("synopta.password", "manager-demo"));
        List<Double> times = new ArrayList<>();
        for (int i = 0; times.size() < ANSWERS; i++) {
            caller(CALLS.get(i % CALLS.size()));
            assertThat(page.getByLabel("Next question")).isVisible();
            page.waitForTimeout(400);
            for (int answer = 0; answer < 4 && page.getByLabel("Next question").count() > 0; answer++) {
                times.add(answered(answer % 2 == 0 ? "2" : "1"));
            }
        }
        Collections.sort(times);
        System.out.printf(
                Locale.ROOT,
                "%d answers: median %.0f ms, 99th percentile %.0f ms, longest %.0f ms%n",
                times.size(),
                times.get(times.size() / 2),
                times.get((int) Math.ceil(0.99 * times.size()) - 1),
                times.get(times.size() - 1));
    }

    /** From the key to the frame after the counter stops saying that it updates. */
    private double answered(String key) {
        page.evaluate("""
                () => {
                  window.repainted = new Promise(done => {
                    let began = null;
                    let updating = false;
                    document.addEventListener('keydown', () => { began ??= performance.now(); }, { capture: true, once: true });
                    const aside = document.querySelector('.masthead .aside');
                    const seen = new MutationObserver(() => {
                      const now = aside.textContent.includes('updating');
                      if (updating && !now) {
                        seen.disconnect();
                        // A message that is sent within a frame arrives when that frame was painted.
                        requestAnimationFrame(() => {
                          const painted = new MessageChannel();
                          painted.port1.onmessage = () => done(performance.now() - began);
                          painted.port2.postMessage(null);
                        });
                      }
                      updating = now;
                    });
                    seen.observe(aside, { childList: true, subtree: true, characterData: true });
                  });
                }""");
        page.keyboard().press(key);
        return ((Number) page.evaluate(
                        "() => Promise.race([window.repainted, new Promise(done => setTimeout(done, 5000, 5000))])"))
                .doubleValue();
    }
}
