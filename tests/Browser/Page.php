<?php

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Exception\ElementClickInterceptedException;
use Facebook\WebDriver\Exception\ElementNotInteractableException;
use Facebook\WebDriver\Exception\JavascriptErrorException;
use Facebook\WebDriver\Exception\NoSuchElementException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\WebDriverException;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Assert;

/** A page of the app in a real browser, as a hand uses it: it waits for what it is to find. */
abstract class Page
{
    private const PATIENCE_SECONDS = 60;

    /** Opens the headings an element is folded away under, the outermost first, as a hand would that looks for it. */
    private const REACH = <<<'JS'
        // What is folded away has no inner text.
        const words = (e) => (e.checkVisibility() ? e.innerText : e.textContent).trim().replace(/\s+/g, ' ')
        const reach = (e) => {
            const more = e?.closest('[data-test=more]')
            if (more && !more.checkVisibility()) document.querySelector('[data-test=show-more]').click()
            for (let fold = e?.parentElement?.closest('details:not([open])'); fold; fold = fold.parentElement.closest('details:not([open])'))
                if (!fold.parentElement.closest('details:not([open])')) { fold.querySelector('summary').click(); return }
        };
        JS;

    public RemoteWebDriver $browser;

    private ?Hand $hand = null;

    /** Where a path of the app is found from this browser. */
    abstract public function address(string $path = ''): string;

    /**
     * A browser of the driver that listens there.
     *
     * @param  list<string>  $arguments  beside what every headless one is started with
     */
    final protected function openBrowser(string $driver, string ...$arguments): void
    {
        // Without the windows and menus of a whole browser a test takes a fifth less time.
        $options = (new ChromeOptions)->setBinary('/usr/bin/chromium-headless-shell')->addArguments([
            '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking',
            '--disable-component-update', '--disable-sync', '--disable-dev-shm-usage', '--force-color-profile=srgb', '--force-prefers-reduced-motion', '--window-size=1280,800', ...$arguments,
        ]);
        $wanted = DesiredCapabilities::chrome();
        $wanted->setCapability(ChromeOptions::CAPABILITY, $options);
        $wanted->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);
        $this->browser = RemoteWebDriver::create($driver, $wanted, 20_000, 60_000);
    }

    /** The screen as so many CSS pixels; a phone's when narrow. */
    public function size(int $wide, int $high): void
    {
        $this->devtools('Emulation.setDeviceMetricsOverride', ['width' => $wide, 'height' => $high, 'deviceScaleFactor' => 1, 'mobile' => $wide < 600]);
    }

    /** @param  array<string, mixed>  $parameters */
    public function devtools(string $command, array $parameters): mixed
    {
        return $this->browser->executeCustomCommand('/session/:sessionId/chromium/send_command_and_get_result', 'POST', ['cmd' => $command, 'params' => $parameters === [] ? new \stdClass : $parameters]);
    }

    public function hand(): Hand
    {
        return $this->hand ??= new Hand($this->devtools(...));
    }

    /**
     * What a script gives back, waited for where it is a promise. Asked of the DevTools, as the hand's: WebDriver's own
     * way takes twice the time.
     *
     * @param  list<mixed>  $arguments  found under this name in the script
     */
    public function script(string $script, array $arguments = []): mixed
    {
        $answer = $this->devtools('Runtime.evaluate', [
            'expression' => "(function () { {$script}\n}).apply(null, ".json_encode($arguments, JSON_THROW_ON_ERROR).')', 'returnByValue' => true, 'awaitPromise' => true,
        ]);
        if (isset($answer['exceptionDetails'])) {
            throw new JavascriptErrorException($answer['exceptionDetails']['exception']['description'] ?? $answer['exceptionDetails']['text'], null);
        }

        return $answer['result']['value'] ?? null;
    }

    /**
     * What a script gives as soon as it gives the same twice: a page that was turned lays itself out anew.
     *
     * @param  int  $apart  milliseconds between the two, beside what every wait takes
     */
    public function still(string $script, mixed $argument = null, int $apart = 0): mixed
    {
        $seen = [];

        return self::until(function () use ($script, $argument, $apart, &$seen): array {
            if ($seen !== []) {
                usleep(1000 * $apart);
            }
            [$was, $seen] = [$seen, [$this->script($script, [$argument])]];

            return $was === $seen ? $seen : [];
        }, 'the page to stand still')[0];
    }

    /** By day ('light') or by lamp ('dark'), as if it had been chosen in another tab. */
    public function light(string $light): static
    {
        $this->script('const chosen = { key: "inch-ladder-scheme", newValue: arguments[0], storageArea: localStorage }; localStorage.setItem(chosen.key, chosen.newValue); dispatchEvent(new StorageEvent("storage", chosen))', [$light]);
        self::until(fn () => $this->script('return document.documentElement.dataset.scheme') === ($light === 'dark' ? 'lamp' : 'day'), "{$light} to be shown");

        return $this;
    }

    public function go(string $path): static
    {
        $this->browser->get($this->address($path));

        return $this;
    }

    public function path(): string
    {
        return (string) parse_url($this->browser->getCurrentURL(), PHP_URL_PATH);
    }

    /** Waits until the address is like this pattern, and gives what its brackets caught. */
    public function arrive(string $pattern): string
    {
        self::until(fn () => preg_match("#^{$pattern}$#", $this->path()) === 1, "the address to become {$pattern}, not {$this->path()}");
        preg_match("#^{$pattern}$#", $this->path(), $found);

        return $found[1] ?? '';
    }

    public function find(string $css): RemoteWebElement
    {
        return self::until(fn () => $this->all($css)[0] ?? null, "“{$css}” to appear");
    }

    /** @return list<RemoteWebElement> */
    public function all(string $css): array
    {
        return $this->browser->findElements(WebDriverBy::cssSelector($css));
    }

    /** The text of an element as it is rendered, fractions as they are typed. */
    public function text(string $css): string
    {
        return trim((string) $this->script('const e = document.querySelector(arguments[0]); return e ? (e.checkVisibility() ? (e.innerText ?? e.textContent) : e.textContent) : ""', [$css]));
    }

    /** @return list<string> the texts of all that match */
    public function texts(string $css): array
    {
        return $this->script('return [...document.querySelectorAll(arguments[0])].map((e) => (e.checkVisibility() ? (e.innerText ?? e.textContent) : e.textContent).trim())', [$css]);
    }

    /** What whoever serves the page wrote down; told where something failed. */
    protected function behind(): string
    {
        return '';
    }

    /** Waits until an element says this. */
    public function see(string $css, string $words): static
    {
        $seen = null;
        // What stands beside the page in Copy is looked up there, and closed again.
        $drawer = (bool) $this->script('const more = document.querySelector("[data-test=more]"); return Boolean(more && !more.checkVisibility() && more.querySelector(arguments[0]))', [$css]);
        try {
            self::until(function () use ($css, $words, &$seen) {
                $seen = $this->script(self::REACH.'const e = document.querySelector(arguments[0]); if (e && !e.checkVisibility()) reach(e); return e && (e.innerText ?? e.textContent).trim()', [$css]);

                return $seen !== null && str_contains($seen, $words);
            }, '');
        } catch (\RuntimeException) {
            // Said below, with what was there instead.
        }
        if ($drawer) {
            $this->script('document.querySelector("[data-test=more] > .button")?.click()');
        }
        Assert::assertNotNull($seen, "There is no {$css} at {$this->path()}: {$this->text('main')}{$this->behind()}");
        Assert::assertTrue(str_contains($seen, $words), "No “{$words}” in {$css} at {$this->path()}: {$seen}");

        return $this;
    }

    public function click(string $css): static
    {
        self::until(fn () => $this->script(self::REACH.'const e = document.querySelector(arguments[0]); if (e && !e.checkVisibility()) reach(e)', [$css]) === null && $this->hit('document.querySelector(name)', $css), "“{$css}” to be clicked");

        return $this;
    }

    /** The shelf down to its oldest drawing, however many other tests have laid upon it. */
    public function wholeShelf(): static
    {
        $this->go('/');
        self::until(fn () => $this->script('const more = document.querySelector(".boards ~ .more, .more"); if (more) more.click(); return document.querySelector(".boards li") && !more'), 'the whole shelf');

        return $this;
    }

    /** Clicks the button, link or radio with this name. */
    public function press(string $words): static
    {
        $named = "[...document.querySelectorAll('button, a, fieldset label, fieldset label > b, label.check')].filter((e) => (words(e) === name || e.ariaLabel === name) && !e.disabled)";
        $reached = self::REACH."const [name] = arguments, all = {$named}; if (all.length > 0 && !all.some((e) => e.checkVisibility())) reach(all.find((e) => e.closest('details, [data-test=more]')) ?? all[0])";
        self::until(function () use ($named, $reached, $words): bool {
            $this->script($reached, [$words]);

            return $this->hit("{$named}.find((e) => e.checkVisibility())", $words);
        }, "“{$words}” to be pressed");

        return $this;
    }

    /** Clicks in the middle of what this finds, once it may be pressed and is to be seen there, with nothing lying over it. */
    private function hit(string $finds, string $argument): bool
    {
        // Where it still is a moment later: what a page lays out anew moves under the hand.
        $place = $this->script(self::REACH.<<<JS

            const [name] = arguments
            const middle = () => {
                const e = {$finds}
                if (!e?.checkVisibility() || e.disabled) return null
                e.scrollIntoView({ block: 'center' })
                const r = e.getBoundingClientRect()
                const within = (from, to, end) => (Math.max(from, 0) + Math.min(to, end)) / 2
                const [x, y] = [within(r.left, r.right, innerWidth), within(r.top, r.bottom, innerHeight)]
                return e.contains(document.elementFromPoint(x, y)) ? [x, y] : null
            }
            const was = middle()
            window.missed = true
            window.addEventListener('click', (event) => { window.missed = !({$finds})?.contains(event.target) }, { once: true, capture: true })
            return was && new Promise((tell) => setTimeout(() => { const now = middle(); tell(now?.every((at, i) => at === was[i]) ? now : null) }, 30))
            JS, [$argument]);
        if ($place === null) {
            return false;
        }
        $this->hand()->click(...$place);

        try {
            // What moved away in that moment was not hit, and is aimed at anew.
            return $this->script('return window.missed !== true');
        } catch (WebDriverException) {
            return true; // The click left the page.
        }
    }

    /** Opens what belongs to the drawing rather than to a step. */
    public function thisDrawing(): static
    {
        return $this->all('[data-test=drawing-menu]') === [] ? $this->click('[data-test=this-drawing]')->see('[data-test=drawing-menu]', '') : $this;
    }

    /** Unfolds a part of the workings, unless it is open already. */
    public function unfold(string $name): static
    {
        $open = self::REACH.<<<'JS'
            const fold = [...document.querySelectorAll('details')].find((e) => words(e.querySelector('summary b')) === arguments[0])
            reach(fold)
            if (fold && !fold.open && fold.querySelector('summary').checkVisibility()) fold.querySelector('summary').click()
            return Boolean(fold?.open && fold.checkVisibility())
            JS;
        self::until(fn () => $this->script($open, [$name]), "“{$name}” to unfold");

        return $this;
    }

    /** Picks from a list that folds away. */
    public function choose(string $label, string $option): static
    {
        $this->field($label);
        // Opens the list, takes the option, and looks that it was taken and the list has folded away again.
        $script = <<<'JS'
            const [label, option] = arguments
            const select = document.getElementById([...document.querySelectorAll('label')].find((e) => e.innerText.trim() === label).htmlFor).closest('.el-select__wrapper')
            const open = [...document.querySelectorAll('.el-select-dropdown')].some((e) => e.getBoundingClientRect().height > 0)
            if (select.dataset.taken === option) return !open && select.querySelector('.el-select__placeholder').innerText.trim().startsWith(option.slice(0, 12))
            if (!open) { select.scrollIntoView({ block: 'center' }); select.click(); return false }
            const item = [...document.querySelectorAll('.el-select-dropdown__item')].find((e) => e.getBoundingClientRect().height > 0 && e.innerText.trim().replace(/\s+/g, ' ').startsWith(option))
            if (item) { item.click(); select.dataset.taken = option }
            return false
            JS;
        self::until(fn () => $this->script($script, [$label, $option]), "“{$option}” to be taken under “{$label}”");
        $this->script('document.querySelectorAll("[data-taken]").forEach((e) => delete e.dataset.taken)');

        return $this;
    }

    /**
     * Draws on a board with the mouse held down, from one place to another.
     *
     * @param  array{float, float}  $from  shares of the element
     * @param  array{float, float}  $to
     */
    public function drawOn(string $css, array $from, array $to): static
    {
        $this->find($css);
        [$left, $top, $width, $height] = $this->still('const r = document.querySelector(arguments[0]).getBoundingClientRect(); return [r.left, r.top, r.width, r.height]', $css);
        $this->hand()->drag(array_map(
            static fn (float $part): array => [$left + ($from[0] + ($to[0] - $from[0]) * $part) * $width, $top + ($from[1] + ($to[1] - $from[1]) * $part) * $height],
            [0.0, 0.5, 1.0],
        ));

        return $this;
    }

    /** Types over what a labelled field holds, and leaves it. */
    public function write(string $label, string $words): static
    {
        $this->open($label);
        // Whatever was redrawn under the hand is written anew.
        $here = 'const e = document.getElementById([...document.querySelectorAll("label")].find((e) => e.innerText.trim() === arguments[0])?.htmlFor);';
        self::until(function () use ($label, $words, $here): bool {
            if (! $this->script("{$here} if (!e?.checkVisibility() || e.disabled) return false; e.scrollIntoView({ block: 'center' }); e.focus(); return true", [$label])) {
                return false;
            }
            $this->hand()->type('a', Hand::CONTROL);
            $this->hand()->type($words === '' ? WebDriverKeys::DELETE : $words);
            if (! $this->script("{$here} return e === document.activeElement && e.value === arguments[1]", [$label, $words])) {
                return false;
            }
            $this->hand()->type(WebDriverKeys::TAB);

            return true;
        }, "“{$words}” to be written under “{$label}”");

        return $this;
    }

    public function field(string $label): RemoteWebElement
    {
        $name = json_encode($label);
        $this->open($label);

        return self::until(fn () => $this->pick("document.getElementById([...document.querySelectorAll('label')].find((e) => e.innerText.trim() === {$name})?.htmlFor)"), "a field called “{$label}”");
    }

    /** Whatever a field with this label is folded away under. */
    private function open(string $label): void
    {
        self::until(fn () => $this->script(self::REACH.'const label = [...document.querySelectorAll("label")].find((e) => words(e) === arguments[0]); reach(label); return label?.checkVisibility() ?? false', [$label]), "a field called “{$label}”");
    }

    /** The element a script finds, brought into view; null when there is none. */
    private function pick(string $script): ?RemoteWebElement
    {
        $found = $this->script("document.querySelector('[data-picked]')?.removeAttribute('data-picked'); const e = {$script}; e?.setAttribute('data-picked', ''); e?.scrollIntoView({ block: 'center' }); return !!e");

        return $found ? $this->browser->findElement(WebDriverBy::cssSelector('[data-picked]')) : null;
    }

    /** What stands beside a labelled field. */
    public function fault(string $label): string
    {
        $id = $this->field($label)->getAttribute('id');

        return self::until(fn () => $this->text("#{$id}-fault"), "a word beside “{$label}”");
    }

    /** Keys at whatever has the focus: letters, or those of WebDriverKeys; with Hand::SHIFT or Hand::CONTROL held. */
    public function key(string $keys, int $held = 0): static
    {
        $this->hand()->type($keys, $held);

        return $this;
    }

    public function kept(): static
    {
        try {
            self::until(fn () => $this->text('[data-test=kept]') === 'saved', 'the drawing to be saved');
        } catch (\RuntimeException $e) {
            $says = $this->script('return [...document.querySelectorAll("[data-test=kept], [data-test=trouble], [data-test=stale], .fault")].map((e) => e.innerText).join(" | ")');
            throw new \RuntimeException("{$e->getMessage()} The page says: {$says}", 0, $e);
        }

        return $this;
    }

    public function choosePhoto(string $path): static
    {
        $this->find('[data-test=photo-file]')->setFileDetector(new LocalFileDetector)->sendKeys($path);

        return $this;
    }

    /** Fails on anything WCAG 2.2 AA finds wrong with the screen, as axe sees it. */
    /** @param  'all'|'colours'|'all but colours'  $asked  colours take half of the time, and are what a light changes alone */
    public function isAccessible(string $screen, string $asked = 'all'): static
    {
        $this->script('return typeof axe') === 'object' || $this->script((string) file_get_contents(base_path('node_modules/axe-core/axe.min.js')));
        $violations = $this->script(<<<'JS'
            const [asked] = arguments
            const colours = 'color-contrast'
            const rules = { runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'], rules: { [colours]: { enabled: asked !== 'all but colours' } } }
            return axe.run({ resultTypes: ['violations'], ...(asked === 'colours' ? { runOnly: { type: 'rule', values: [colours] } } : rules) })
                .then((r) => r.violations.map((v) => `${v.id}: ${v.help} (${v.nodes.map((n) => n.target.join(' ')).slice(0, 3).join(', ')})`))
            JS, [$asked]);
        Assert::assertSame([], $violations, "{$screen} is not accessible");

        return $this;
    }

    /** The same of a state that a page does not open with. What opens with a page is asked in PagesTest; these are asked in a long run, as each takes a second. */
    public function isAccessibleThen(string $screen): static
    {
        return isLong() ? $this->isAccessible($screen) : $this;
    }

    /** Fails on any error the browser's console noted since it was last asked. */
    public function isQuiet(): static
    {
        $errors = array_filter($this->browser->manage()->getLog('browser'), fn (array $line) => $line['level'] === 'SEVERE' && ! preg_match('/the server responded with a status of 4\d\d/', $line['message']));
        Assert::assertSame([], array_column($errors, 'message'));

        return $this;
    }

    /**
     * @template T
     *
     * @param  \Closure(): T  $try
     * @return T the first answer that is not empty
     */
    public static function until(\Closure $try, string $what, float $patience = self::PATIENCE_SECONDS): mixed
    {
        $end = microtime(true) + $patience;
        do {
            try {
                if ($answer = $try()) {
                    return $answer;
                }
            } catch (NoSuchElementException|StaleElementReferenceException|ElementNotInteractableException|ElementClickInterceptedException) {
                // The page redrew itself meanwhile.
            }
            usleep(50_000);
        } while (microtime(true) < $end);
        throw new \RuntimeException("Waited in vain for {$what}.");
    }

    final protected static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        $port = (int) substr(strrchr((string) stream_socket_get_name($socket, false), ':') ?: '', 1);
        fclose($socket);

        return $port;
    }
}
