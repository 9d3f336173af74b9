<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Exception\TimeoutException;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;
use Tests\Told;

/**
 * Hands that walk a check: a finger on a phone, a keyboard alone, or a page without scripts. A finger must hit what it aims at; keys
 * reach their target by the tabulator only.
 */
trait WalksChecks
{
    private static Hand $hand = Hand::Mouse;

    /** @param array{born?: string, weight: string, height: string, seat: string, made: string, mode: string, place: string} $child */
    private static function arrive(string $family, array $child, ?string $car = null): int
    {
        self::open('/arrive');
        self::fillArrival($family, $child, $car);
        (new WebDriverSelect(self::one('#f-children-0-position')))->selectByVisibleText($child['place']);
        self::press('.actions .press');

        return self::ticketOf($family);
    }

    /**
     * Everything but the place in the car.
     *
     * @param array{born?: string, weight: string, height: string, seat: string, made: string, mode: string, place: string} $child
     */
    private static function fillArrival(string $family, array $child, ?string $car = null): void
    {
        self::waitFor('main.arrive');
        self::one('#f-first_name')->sendKeys($family);
        self::one('#f-vehicle')->sendKeys('Halven Sound');
        self::one('#f-model_year')->sendKeys('2018');
        self::until(static fn(): bool => count(self::all('.car-choices > label')) <= 1);
        self::press($car ?? '.shapes [name="layout"]');
        self::press('[name="consent"]');
        self::$driver->executeScript('document.getElementById("f-children-0-born_on").value = arguments[0];', [$child['born'] ?? '']);
        self::one('#f-children-0-weight')->sendKeys($child['weight']);
        self::one('#f-children-0-height')->sendKeys($child['height']);
        self::chooseSeat(0, $child['seat']);
        self::one('#f-children-0-made_on')->sendKeys($child['made']);
        self::press("[name='children[0][mode]'][value='{$child['mode']}']");
    }

    /** By a few letters of its model number. */
    private static function chooseSeat(int $child, string $title): void
    {
        preg_match('/[A-Z]{1,2}-\d+/', $title, $m);
        self::one("#f-children-{$child}-seat")->sendKeys(strtolower(str_replace('-', '', $m[0] ?? $title)));
        $labels = "#f-children-{$child}-seat ~ .seat-choices label";
        self::until(static fn(): bool => count(self::all($labels)) <= 3);
        foreach (self::all($labels) as $number => $label) {
            if (str_contains($label->getText(), $title)) {
                self::press("{$labels}:nth-of-type(" . ($number + 1) . ')');

                return;
            }
        }
        self::fail("{$title} is not offered");
    }

    private static function ticketOf(string $family): int
    {
        self::waitFor('main.event .notice');
        foreach (self::all('.visit') as $card) {
            if (str_contains($card->getText(), $family)) {
                return (int) $card->getAttribute('data-ticket');
            }
        }
        self::fail("{$family} is not in the event");
    }

    private static function openCheck(int $ticket, string $phase = 'found', string $station = 'label'): void
    {
        self::open('/');
        $href = (string) self::one("[data-ticket='{$ticket}'] .check-link")->getAttribute('href');
        self::$driver->get((string) preg_replace('~/(found|left)/\w+$~', "/{$phase}/{$station}", $href));
        self::waitFor("#check[data-station='{$station}']");
    }

    private static function metric(): void
    {
        self::open('/');
        self::press('.head [value="metric"]');
        self::waitFor('.head [value="metric"].on');
    }

    /**
     * The same as answerFromThePanel by the page's own forms and the real endpoint, but without a hand: for walks whose matter comes after.
     *
     * @param array<string, string|list<string>> $answers
     */
    private static function answerUnseen(array $answers): void
    {
        self::assertNull(self::$driver->executeAsyncScript(<<<'JS'
            const [answers, done] = arguments;
            const asked = {};
            const key = (path) => path.replace(/^vehicle\.positions\.\d+\./, 'place.');
            let page = document;
            (async () => {
                for (;;) {
                    const looks = page.querySelector('.next .looks');
                    const fault = [...(looks?.querySelectorAll('form[data-path]') ?? [])].find((line) => answers[key(line.dataset.path)] !== line.dataset.good);
                    if (looks && !fault) {
                        const rest = looks.querySelector('form.rest');
                        const kept = await fetch(rest.getAttribute('action'), {method: 'POST', body: new URLSearchParams(new FormData(rest)), headers: {'HX-Request': 'true'}});
                        if (!kept.ok) { return `the list: ${kept.status}`; }
                        page = new DOMParser().parseFromString(await kept.text(), 'text/html');
                        continue;
                    }
                    const tested = page.querySelector(`.next [data-strap-test="${answers['setup.harness.tightness.test']}"]`);
                    if (tested) {
                        const body = new FormData(tested);
                        body.set('answer', answers['setup.harness.tightness.passes']);
                        const kept = await fetch(tested.getAttribute('action'), {method: 'POST', body: new URLSearchParams(body), headers: {'HX-Request': 'true'}});
                        if (!kept.ok) { return `the test: ${kept.status}`; }
                        page = new DOMParser().parseFromString(await kept.text(), 'text/html');
                        continue;
                    }
                    const form = fault ?? page.querySelector('.next form[data-path]');
                    const path = form ? key(form.dataset.path) : undefined;
                    if (!form || (answers[path] === 'unknown' && asked[path])) { return null; }
                    const answer = answers[path];
                    asked[path] = (asked[path] ?? 0) + 1;
                    if (answer === undefined || asked[path] > 2) { return `the findings panel asks ${path}`; }
                    const body = new FormData(form);
                    const field = form.querySelector('input[name=amount], input[name=answer]');
                    if (Array.isArray(answer)) {
                        answer.forEach((one) => body.append(form.querySelector(`button[name="answers[]"][value="${one}"]`).name, one));
                    } else if (form.querySelector(`button[name=answer][value="${answer}"]`) || !field) {
                        body.set('answer', answer);
                    } else {
                        body.set(field.name, answer);
                    }
                    const reply = await fetch(form.getAttribute('action'), {method: 'POST', body: new URLSearchParams(body), headers: {'HX-Request': 'true'}});
                    if (!reply.ok) { return `${path}: ${reply.status}`; }
                    page = new DOMParser().parseFromString(await reply.text(), 'text/html');
                }
            })().then(done, (e) => done(String(e)));
            JS, [(object) $answers]));
        self::$driver->navigate()->refresh();
        self::waitFor('.findings-foot');
    }

    /**
     * Answers what the findings panel asks next until it asks no more; what is not in the list fails.
     *
     * @param array<string, string|list<string>> $answers by path, a place's as place.belt; amounts as they are typed
     * @return list<string> the paths that were asked
     */
    private static function answerFromThePanel(array $answers): array
    {
        $asked = [];
        while (self::all('.next form[data-path], .next [data-strap-test]') !== []) {
            if (self::all('.next .looks') !== []) {
                array_push($asked, ...self::answerLooks($answers));
                continue;
            }
            if (self::all('.next [data-strap-test]') !== []) {
                self::assertIsString($answers['setup.harness.tightness.test']);
                self::give(".next [data-strap-test='{$answers['setup.harness.tightness.test']}']", $answers['setup.harness.tightness.passes']);
                continue;
            }
            $path = (string) self::one('.next form[data-path]')->getAttribute('data-path');
            $key = self::key($path);
            self::assertArrayHasKey($key, $answers, "the findings panel asks {$path}");
            if ($answers[$key] === 'unknown' && in_array($path, $asked, true)) {
                return $asked;
            }
            self::assertLessThan(2, count(array_keys($asked, $path, true)), "{$path} is asked again and again");
            self::give('.next form[data-path]', $answers[$key]);
            $asked[] = $path;
        }

        return $asked;
    }

    /**
     * A list of looks: what is not so is pressed, the rest is as listed.
     *
     * @param array<string, string|list<string>> $answers
     * @return list<string> the paths that were listed
     */
    private static function answerLooks(array $answers): array
    {
        $listed = [];
        foreach (self::all('.next .looks form[data-path]') as $line) {
            $path = (string) $line->getAttribute('data-path');
            self::assertArrayHasKey(self::key($path), $answers, "the list asks {$path}");
            $listed[$path] = $line->getAttribute('data-good');
        }
        $faults = array_filter($listed, static fn(?string $good, string $path): bool => $answers[self::key($path)] !== $good, ARRAY_FILTER_USE_BOTH);
        foreach (array_keys($faults) as $path) {
            $form = ".next form[data-path='{$path}']";
            if (self::all('.next .looks') === []) {
                // One line that is left over is asked by itself.
                return array_keys($faults);
            }
            $answer = $answers[self::key($path)];
            self::pressFault($form, is_array($answer) ? '' : $answer);
        }
        self::asListed();

        return array_keys($listed);
    }

    /** A place's facts as place.belt, whichever place it is. */
    private static function key(string $path): string
    {
        return (string) preg_replace('/^vehicle\.positions\.\d+\./', 'place.', $path);
    }

    private static function pressFault(string $line, string $answer): void
    {
        if (self::all("{$line} details:not([open]) > summary") !== []) {
            self::actuate("{$line} summary");
        }
        self::give($line, $answer);
    }

    /** The rest of a list of looks, where there is one, is as it says. */
    private static function asListed(): void
    {
        if (self::all('.next .looks [data-rest]') !== []) {
            $page = self::$driver->executeScript('return performance.timeOrigin;');
            $first = (string) self::one('.next .looks input[name="lines[]"]')->getAttribute('value');
            self::actuate('.next .looks [data-rest]');
            if (self::$hand === Hand::NoScripts) {
                self::until(static fn(): bool => self::$driver->executeScript('return performance.timeOrigin;') !== $page);
            }
            self::until(static fn(): bool => self::all(".next .looks input[value='{$first}']") === []);
        }
    }

    /** @param string|list<string> $answer */
    private static function give(string $form, string|array $answer): void
    {
        $id = self::waitFor("{$form} input[name='id']")->getAttribute('value');
        $page = self::$driver->executeScript('return performance.timeOrigin;');
        if (is_array($answer) && count($answer) === 1) {
            self::actuate("{$form} button[name='answers[]'][value='{$answer[0]}']");
        } elseif ($answer === []) {
            self::actuate("{$form} .keep");
        } elseif (is_array($answer)) {
            self::actuate("{$form} .several > summary");
            array_map(static fn(string $one) => self::actuate("{$form} input[value='{$one}']"), $answer);
            self::actuate("{$form} .several .keep");
        } elseif (self::all("{$form} button[name='answer'][value='{$answer}']") !== []) {
            self::actuate("{$form} button[name='answer'][value='{$answer}']");
        } else {
            $field = "{$form} input[name='amount'], {$form} input[name='answer']";
            if (self::$driver->executeScript('return document.querySelector(arguments[0]).closest("details[data-figure]:not([open])") !== null;', [$field]) === true) {
                self::actuate('details[data-figure] > summary');
            }
            self::one($field)->clear();
            self::one($field)->sendKeys($answer);
            self::actuate("{$form} .keep");
        }
        if (self::$hand === Hand::NoScripts) {
            self::until(static fn(): bool => self::$driver->executeScript('return performance.timeOrigin;') !== $page);
        }
        self::swapped("{$form} input[name='id']", $id);
    }

    /**
     * Answers on one station, which the page leaves by itself once it asks no more there.
     *
     * @param list<array{string, string|list<string>}> $facts
     */
    private static function answerAt(string $station, array $facts): void
    {
        foreach ($facts as $fact) {
            if (self::one('#check')->getAttribute('data-station') !== $station) {
                self::station($station);
            }
            self::answer($fact);
        }
    }

    /**
     * An answer on the station itself.
     *
     * @param array{string, string|list<string>} $fact
     */
    private static function answer(array $fact): void
    {
        [$path, $answer] = $fact;
        $line = ".next .looks form[data-path='{$path}']";
        if (self::all($line) !== []) {
            if (self::one($line)->getAttribute('data-good') !== $answer) {
                self::pressFault($line, is_array($answer) ? '' : $answer);
            }

            return;
        }
        $form = ".station [data-path='{$path}'], .next [data-path='{$path}']";
        if (self::all($form) === []) {
            self::press('.more > summary');
            self::press(".more [data-note='{$path}']");
            self::waitFor($form);
        }
        self::give(self::all(".next [data-path='{$path}']") === [] ? ".station [data-path='{$path}']" : ".next [data-path='{$path}']", $answer);
    }

    /** What the finding offers to enter once it was put right. */
    private static function putRight(string $code, string $path, string $answer): void
    {
        if (self::all(".next [data-mend^='{$code}'] [data-path='{$path}']") !== []) {
            self::give(".next [data-mend^='{$code}'] [data-path='{$path}']", $answer);

            return;
        }
        self::findings(open: true);
        $mend = ".findings-panel [data-code='{$code}'] .mend";
        if (self::all("{$mend}[open]") === []) {
            self::actuate("{$mend} > summary");
        }
        self::give("{$mend} [data-path='{$path}']", $answer);
        self::findings(open: false);
    }

    /** On a phone everything known so far opens upwards from the bar. */
    private static function findings(bool $open): void
    {
        $handle = self::all('[data-findings-handle]')[0] ?? null;
        if ($handle?->isDisplayed() === true && self::one('.findings-more')->isDisplayed() !== $open) {
            self::actuate('[data-findings-handle]');
        }
    }

    private static function station(string $station): void
    {
        self::press(".station-nav a[href$='/{$station}']");
        self::waitFor("#check[data-station='{$station}']");
    }

    private static function measure(string $direction, string $amount, bool $within): void
    {
        $tries = count(self::all("[data-try^='{$direction}-']"));
        self::one('#try-amount')->clear()->sendKeys($amount);
        self::actuate("#new-try button[value='setup.movement.{$direction}']");
        $dot = self::waitFor("[data-try='{$direction}-" . ($tries + 1) . "']");
        self::assertSame($within ? 'yes' : 'no', $dot->getAttribute('data-within'));
    }

    private static function actuate(string $css): void
    {
        match (self::$hand) {
            Hand::Mouse => self::press($css),
            Hand::Finger => self::tap($css),
            Hand::Keys => self::byKeys($css),
            Hand::NoScripts => self::one($css)->sendKeys(self::one($css)->getTagName() === 'input' ? WebDriverKeys::SPACE : WebDriverKeys::ENTER),
        };
    }

    /** Brings it into sight as a person would, and touches its middle: what lies over it is hit instead, and fails. */
    private static function tap(string $css): void
    {
        $at = self::$driver->executeAsyncScript(<<<'JS'
            const [target, done] = arguments;
            const middle = () => { const r = target.getBoundingClientRect(); return [r.x + r.width / 2, r.y + r.height / 2]; };
            const hit = () => document.elementFromPoint(...middle());
            target.scrollIntoView({block: 'center', behavior: 'instant'});
            const panel = document.querySelector('.findings-panel');
            if (!target.contains(hit()) && panel && !panel.contains(target)) { window.scrollBy(0, 260); }
            // A finger waits until the page stands still.
            let before = '';
            let still = 0;
            const look = () => {
                const now = middle().join();
                still = now === before ? still + 1 : 0;
                before = now;
                if (still < 4) { requestAnimationFrame(look); return; }
                done([...middle(), target.contains(hit()) || hit()?.closest('label')?.contains(target) || false, hit()?.outerHTML.slice(0, 120) ?? 'nothing']);
            };
            look();
            JS, [self::one($css)]);
        assert(is_array($at) && is_string($at[3]));
        self::assertTrue($at[2], "a finger on {$css} hits {$at[3]}");
        $tools = new ChromeDevToolsDriver(self::$driver);
        $tools->execute('Input.dispatchTouchEvent', ['type' => 'touchStart', 'touchPoints' => [['x' => $at[0], 'y' => $at[1]]]]);
        $tools->execute('Input.dispatchTouchEvent', ['type' => 'touchEnd', 'touchPoints' => []]);
    }

    private static function byKeys(string $css): void
    {
        $keyboard = self::$driver->getKeyboard();
        for ($i = 0; $i < 200; $i++) {
            if (self::$driver->executeScript('return document.activeElement === document.querySelector(arguments[0]);', [$css]) === true) {
                $tag = self::$driver->switchTo()->activeElement()->getTagName();
                $keyboard->sendKeys($tag === 'input' ? WebDriverKeys::SPACE : WebDriverKeys::ENTER);

                return;
            }
            $keyboard->sendKeys(str_repeat(WebDriverKeys::TAB, $i === 0 ? self::stopsBefore($css) : 1));
        }
        self::fail("the tabulator does not reach {$css}");
    }

    /** So many stops of the tabulator that a few are left to the target, however the page counts those that are hidden; at least one. */
    private static function stopsBefore(string $css): int
    {
        $stops = self::$driver->executeScript(<<<'JS'
            const all = [...document.querySelectorAll('a[href], button, select, input:not([type=hidden]), textarea, summary')].filter((e) => e.checkVisibility() && !e.disabled && e.tabIndex >= 0);
            return all.indexOf(document.querySelector(arguments[0])) - all.indexOf(document.activeElement);
            JS, [$css]);

        return is_int($stops) ? max(1, $stops - 6) : 1;
    }

    /** Waits until the answer has come back: the form has a new id for its next fact, or is gone. */
    private static function swapped(string $css, ?string $before): void
    {
        try {
            self::until(static fn(): bool => self::$driver->executeScript('return document.readyState === "complete" && document.querySelector(".findings-foot") !== null && (document.querySelector(arguments[0])?.value ?? "") !== arguments[1];', [$css, $before]) === true);
        } catch (TimeoutException) {
            self::fail("no answer for {$css}: " . implode(' ', array_map(static fn($e): string => $e->getText(), self::all('.problem, .trouble, .next legend'))));
        }
    }

    private static function assertStationMark(string $station, string $verdict): void
    {
        self::assertSame($verdict, self::one(".station-nav a[href$='/{$station}']")->getAttribute('data-verdict'), $station . ': ' . implode(' | ', array_map(static fn($e): string => $e->getText(), self::$driver->findElements(WebDriverBy::cssSelector('.finding .message, .row-fact.asked legend')))));
    }

    private static function assertVerdict(string $verdict): void
    {
        self::waitFor(".verdict[data-verdict='{$verdict}']");
        self::assertStringContainsString(Told::in((string) self::one('html')->getAttribute('lang'))->word("verdicts.{$verdict}"), self::one('.verdict')->getText());
    }

    /** @return list<string> read in one go, so that an answer that comes meanwhile takes none away */
    private static function codes(): array
    {
        $codes = self::$driver->executeScript('return [...document.querySelectorAll(".findings-panel .finding")].map((finding) => finding.dataset.code);');

        return array_values(array_filter(is_array($codes) ? $codes : [], is_string(...)));
    }

    /** Whoever is still at today's event leaves, with whatever is open. */
    private static function everybodyGoesHome(): void
    {
        $odalys = self::database("SELECT id FROM users WHERE login = 'odalys'");
        foreach (explode("\n", self::database('SELECT id FROM visits WHERE checkup_event_id = 1 AND left_at IS NULL ORDER BY id')) as $visit) {
            self::open("/visits/{$visit}/departure");
            if (self::all('[data-leave="open"]') !== []) {
                self::press('[name="reason"][value="comes_back"]');
                self::press("[name=\"second\"][value=\"{$odalys}\"]");
                self::one('#password')->sendKeys('market-day');
            }
            self::press('[data-leave]');
            self::waitFor('main.sheet');
        }
        self::assertSame('0', self::database('SELECT count(*) FROM visits WHERE checkup_event_id = 1 AND left_at IS NULL'));
    }
}
